import { alone, expect, type Page } from './shared';
import {
	accessible,
	answer,
	openDemo,
	saved,
	startTwoApplications,
	station,
	wasIt
} from './helpers';

const main = (page: Page) => page.locator('main');

alone(
	'what was done replaces what was planned, at every station and in the books',
	async ({ page }) => {
		await page.clock.install({ time: new Date('2026-03-03T10:40:00Z') });
		await startTwoApplications(page);
		await page.clock.fastForward('20:00');
		await main(page).getByRole('button', { name: 'All on' }).click();
		await page.clock.fastForward('45:00');
		await main(page)
			.locator('footer')
			.getByRole('button', { name: /^Rinsed/ })
			.click();

		// Chair, Lift and the rail name the same minutes, which are those that it lay.
		const lay = main(page).getByRole('textbox', { name: 'It lay' });
		await expect(lay).toHaveValue('55');
		await expect(main(page).getByText('38 were planned')).toBeVisible();
		const rail = page.getByRole('navigation', { name: 'Stations of the visit' });
		await expect(rail.getByRole('link', { name: /Chair/ })).toContainText('lay 55 min');
		const expected = (await main(page)
			.getByText(/^lengths/)
			.first()
			.locator('..')
			.textContent())!;
		const level = /(\d+(?:\.\d)?) was expected/.exec(expected)![1]!;
		await station(page, 'Lift');
		await expect(answer(page).locator('.big')).toHaveText(level);
		await expect(
			main(page)
				.getByText(/lay 55 min/)
				.first()
		).toBeVisible();

		// What waits is told where it is reckoned with; left out at the end, it is gone from everything.
		await station(page, 'Tone');
		await expect(
			main(page).getByText(/after 2 applications, 1 of them still to go on/)
		).toBeVisible();
		await station(page, 'Send-off');
		await main(page).getByRole('button', { name: 'Record the visit' }).click();
		await accessible(page);
		await wasIt(page, 'left out');
		await expect(
			main(page)
				.getByText(/^Recorded /)
				.first()
		).toBeVisible();
		await expect(answer(page).locator('.big')).toHaveText(level);
		await expect(main(page).getByText('Lightening lay 55 min; 38 were planned.')).toBeVisible();
		await expect(main(page).getByText(/^Left out: Another application, 38 min/)).toBeVisible();
		await expect(main(page).getByText(/^Left out: Toner, /)).toBeVisible();
		await saved(page);
		await page.goto('/ledger');
		const rows = main(page)
			.getByRole('row')
			.filter({ hasText: 'Hesper Oake' })
			.filter({ hasText: 'Mar 3, 2026' });
		await expect(rows.filter({ hasText: 'powder' })).toHaveCount(1);
		await expect(rows.filter({ hasText: 'powder' })).toContainText('55');
	}
);

alone(
	'minutes that were not so are set right where they stand, and all that follows moves',
	async ({ page }) => {
		await page.clock.install({ time: new Date('2026-03-03T10:40:00Z') });
		await openDemo(page, '/visit/hesper-oake-today/chair');
		await main(page).getByRole('button', { name: 'Start', exact: true }).click();
		await page.clock.fastForward('02:00');
		await main(page).getByRole('button', { name: 'All on' }).click();
		await main(page).getByRole('button', { name: 'Rinsed, go to Tone' }).click();
		// Rinsed at once, next to nothing was lifted: the toner starts from that, and the rail says the same.
		await expect(
			main(page).getByText(/^Expected 5(?:\.1)? .* after \d+ min, 38 planned/)
		).toBeVisible();
		await expect(
			page
				.getByRole('navigation', { name: 'Stations of the visit' })
				.getByRole('link', { name: /Lift/ })
		).toContainText(/ after \d min/);
		await station(page, 'Chair');
		const lay = main(page).getByRole('textbox', { name: 'It lay' });
		await lay.fill('38');
		await lay.press('Tab');
		await expect(main(page).getByText('as was planned')).toBeVisible();
		await station(page, 'Tone');
		await expect(main(page).getByText(/^Expected 9 yellow after 38 min:/)).toBeVisible();
	}
);
