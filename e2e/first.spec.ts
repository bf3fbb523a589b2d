import { expect, test } from './shared';
import { accessible, answer, noSidewaysScroll, saved } from './helpers';

test('a first useful prediction takes half a minute and six acts at most', async ({ page }) => {
	const begun = Date.now();
	await page.goto('/');
	const main = page.getByRole('main');
	await expect(main.getByRole('heading', { level: 1 })).toHaveText('How far will it lift?');
	await main
		.getByRole('radiogroup', { name: 'Level now' })
		.getByRole('radio', { name: /^3 / })
		.click();
	await main.getByRole('radio', { name: 'coloured' }).click();
	await main
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^8 / })
		.click();
	await expect(main.getByText(/\d visits over/)).toBeVisible();
	expect(Date.now() - begun).toBeLessThan(30_000);
	// The clock comes to rest where the plan says, and moves by hand.
	const clock = main.getByRole('slider', { name: 'Minutes on the hair' });
	await expect(main.getByText('is taken for granted')).toBeVisible();
	await clock.press('Home');
	await expect(clock).toHaveAttribute('aria-valuenow', '1');
	await clock.press('End');
	const lifted = await main.getByRole('img', { name: /^lifted/ }).getAttribute('aria-label');
	// It is nobody's record yet; with a name it is, and Lift says what was said here.
	await main.getByRole('button', { name: 'Plan this head' }).click();
	await page.getByRole('dialog').getByLabel('Name').fill('Somebody New');
	await page.getByRole('button', { name: /plan the lift/ }).click();
	await expect(page).toHaveURL(/\/lift$/);
	const level = /lifted: ([\d.]+)/.exec(lifted ?? '')![1]!;
	await expect(answer(page)).toContainText(level);
	await saved(page);
	await page.goto('/');
	await expect(page.getByRole('main')).toContainText('Somebody New');
});

test('the first minute holds at every size and theme, and its demo lies beside it', async ({
	page
}) => {
	for (const colorScheme of ['light', 'dark'] as const) {
		await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
		await page.goto('/');
		await expect(page.getByRole('main').getByText('in one visit')).toBeVisible();
		for (const [width, height] of [
			[1280, 800],
			[1024, 768],
			[390, 844],
			[320, 640]
		] as const) {
			await page.setViewportSize({ width, height });
			await noSidewaysScroll(page);
			await accessible(page);
		}
	}
	await page.getByRole('button', { name: 'Look at the demo salon' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('in the chair');
	await page.goto('/records');
	await page.getByRole('button', { name: 'Open my own records' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('How far will it lift?');
});
