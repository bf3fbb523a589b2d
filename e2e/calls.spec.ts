import { expect, test, type Page } from '@playwright/test';
import { accessible, openDemo, saved } from './helpers';

/** Counts the notes that would sound, with their pitch, in place of a loudspeaker. */
async function listen(page: Page): Promise<() => Promise<number[]>> {
	await page.addInitScript(() => {
		const notes: number[] = [];
		Object.assign(globalThis, { notes });
		const param = () => ({
			value: 0,
			setValueAtTime: () => undefined,
			linearRampToValueAtTime: () => undefined,
			exponentialRampToValueAtTime: () => undefined
		});
		class Loudspeaker {
			state = 'running';
			currentTime = 0;
			destination = {};
			createGain = () => ({ gain: param(), connect: () => undefined });
			createOscillator = () => {
				const frequency = param();
				return {
					frequency,
					connect: (to: unknown) => to,
					start: () => notes.push(Math.round(frequency.value)),
					stop: () => undefined
				};
			};
		}
		Object.assign(globalThis, { AudioContext: Loudspeaker });
	});
	return () => page.evaluate(() => [...(globalThis as unknown as { notes: number[] }).notes]);
}

const main = (page: Page) => page.getByRole('main');

/** The service of a client runs, and all of it is on as planned. */
async function run(page: Page, client: string): Promise<void> {
	await page.goto(`/visit/${client}-today/chair`);
	await main(page).getByRole('button', { name: 'Start', exact: true }).click();
	await main(page).getByRole('switch', { name: 'Follow the plan untapped' }).click();
	await saved(page);
}

test('two heads at once: each calls by its own pitch on every page, and Day shows both side by side', async ({
	page
}) => {
	const heard = await listen(page);
	await page.clock.install();
	await openDemo(page);
	await run(page, 'hesper-oake');
	await run(page, 'teodor-vask');
	await page.goto('/clients');
	const calls = page.getByRole('region', { name: 'What calls' });
	await expect(calls).toBeAttached();
	await page.keyboard.press('Shift');
	await page.clock.fastForward('30:00');
	// Something is to be looked at on either head: one note each.
	await expect(calls.getByRole('link', { name: /Hesper Oake/ })).toContainText(/Check .* now/);
	await expect(calls.getByRole('link', { name: /Teodor Vask/ })).toContainText(/Check .* now/);
	await expect.poll(async () => new Set(await heard()).size).toBe(2);
	await expect.poll(() => page.title()).toMatch(/^\d\d:\d\d \w+ .* \| Clients/);
	await accessible(page);
	await page.goto('/');
	await expect(calls.getByRole('link')).toHaveCount(2);
	await page.clock.fastForward('25:00');
	// What may lie no longer calls again and again until somebody comes.
	await page.keyboard.press('Shift');
	await expect(calls.getByRole('link', { name: /Teodor Vask/ })).toContainText(/now/);
	const before = (await heard()).length;
	await page.clock.fastForward('00:31');
	await expect.poll(async () => (await heard()).length).toBeGreaterThanOrEqual(before + 3);
	await calls.getByRole('link', { name: /Hesper Oake/ }).click();
	await expect(page).toHaveURL(/hesper-oake-today\/chair/);
	await expect(calls.getByRole('link', { name: /Hesper Oake/ })).toBeHidden();
});

test('sound is off where it was turned off, and stays so; nothing calls where nobody is worked on', async ({
	page
}) => {
	const heard = await listen(page);
	await page.clock.install();
	await openDemo(page);
	await expect(page.getByRole('region', { name: 'What calls' })).toBeHidden();
	await run(page, 'hesper-oake');
	await main(page)
		.getByRole('button', { name: /How it calls you/ })
		.click();
	await main(page).getByRole('button', { name: 'Test it' }).click();
	expect(await heard()).toHaveLength(2);
	await main(page).getByRole('radio', { name: 'off' }).click();
	await accessible(page);
	await page.reload();
	await expect(page.getByRole('region', { name: 'What calls' })).toBeAttached();
	await page.keyboard.press('Shift');
	await page.clock.fastForward('45:00');
	await expect(page.locator('.answer')).toContainText(/now/);
	expect(await heard()).toEqual([]);
	await main(page).getByRole('button', { name: 'Rinsed, go to Tone' }).click();
	await page.goto('/');
	await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
	await expect(page.getByRole('region', { name: 'What calls' })).toBeHidden();
	expect(await page.title()).not.toContain('|');
});
