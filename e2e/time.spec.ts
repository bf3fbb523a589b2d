import { expect, test } from '@playwright/test';
import { openStation, saved, recordOf } from './helpers';

for (const [zone, evening, day] of [
	['America/Halifax', '2026-03-03T03:30:00Z', '2 March'],
	['Pacific/Auckland', '2026-03-02T10:30:00Z', '2 March']
] as const) {
	test.describe(zone, () => {
		test.use({ timezoneId: zone, locale: 'en-GB' });
		test('a visit begun at half past eleven at night is of that evening, and the open Day turns over', async ({
			page
		}) => {
			await page.clock.install({ time: new Date(evening) });
			await page.goto('/');
			await page.getByRole('button', { name: 'New visit' }).first().click();
			await page.getByLabel('Name').fill('Late Comer');
			await page.getByRole('button', { name: 'New client, read the hair' }).click();
			await expect(page.getByRole('navigation', { name: 'Stations of the visit' })).toBeVisible();
			await page.goto('/clients');
			await page.getByRole('link', { name: /Late Comer/ }).click();
			await expect(page.getByText('2 Mar 2026', { exact: true })).toBeVisible();
			await page.goto('/');
			await expect(page.getByText(day).first()).toBeVisible();
			await page.clock.runFor('40:00');
			await expect(page.getByText('3 March').first()).toBeVisible();
		});
	});
}

test('a running timer goes on counting when the clock is put back an hour, and holds what it showed', async ({
	page
}) => {
	await openStation(page, 'Hesper Oake', 'Chair');
	await page.getByRole('button', { name: 'Start' }).click();
	await expect(page.getByText(/^00:0[2-9]$/).first()).toBeVisible();
	// The clock on the wall is set; the one that only goes forward is not.
	await page.evaluate(() => {
		const Real = Date;
		const back = 3_600_000;
		globalThis.Date = class extends Real {
			constructor(...args: ConstructorParameters<typeof Real> | []) {
				super(...((args.length === 0 ? [Real.now() - back] : args) as [number]));
			}
			static override now() {
				return Real.now() - back;
			}
		} as DateConstructor;
	});
	await expect(page.getByText(/^00:0[5-9]$/).first()).toBeVisible();
	await saved(page);
	await page.getByRole('button', { name: 'Hold' }).click();
	const held = await page
		.getByText(/^00:\d\d$/)
		.first()
		.innerText();
	expect(Number(held.slice(3))).toBeGreaterThan(3);
	await saved(page);
	await page.reload();
	await expect(page.getByText(held).first()).toBeVisible();
});

test('a clock that is set back, and right again after a reload, is asked about, and both are kept', async ({
	page
}) => {
	await page.addInitScript(() => {
		const Real = Date;
		const off = () => Number(sessionStorage.getItem('clock off') ?? 0);
		globalThis.Date = class extends Real {
			constructor(...args: ConstructorParameters<typeof Real> | []) {
				super(...((args.length === 0 ? [Real.now() + off()] : args) as [number]));
			}
			static override now() {
				return Real.now() + off();
			}
		} as DateConstructor;
	});
	const setClock = (ms: number) =>
		page.evaluate((off) => sessionStorage.setItem('clock off', String(off)), ms);
	await openStation(page, 'Hesper Oake', 'Chair');
	await page.getByRole('button', { name: 'Start' }).click();
	const timer = page.getByRole('timer', { name: 'Time on the hair' });
	await expect(timer).toHaveText(/^00:0[2-9]$/);
	const asked = page.getByRole('alert', { name: 'Which clock is right?' });
	await setClock(-3_600_000);
	await expect(asked).toContainText('went 60 min back');
	await asked.getByRole('button', { name: '0 min: the clock was set' }).click();
	await expect(asked).toHaveCount(0);
	await expect(timer).toHaveText(/^00:/);
	await saved(page);
	await page.reload();
	await expect(timer).toHaveText(/^00:/);
	await setClock(0);
	await expect(asked).toContainText('went 60 min ahead');
	// Until somebody says which, the clock that calls earlier counts.
	await expect(timer).toHaveText(/^60:/);
	await asked.getByRole('button', { name: '0 min: the clock was set' }).click();
	await expect(timer).toHaveText(/^00:/);
	await saved(page);
	const jumps = (
		JSON.parse(await recordOf(page, 'hesper-oake-today')) as {
			run: { clockJumps: { byMinutes: number; took: string }[] };
		}
	).run.clockJumps;
	expect(jumps.map(({ byMinutes, took }) => [Math.round(byMinutes), took])).toEqual([
		[-60, 'steady'],
		[60, 'steady']
	]);
});
