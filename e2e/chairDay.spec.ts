import { expect, test, type Page } from '@playwright/test';
import { answer, noSidewaysScroll, openDemo, saved } from './helpers';

const main = (page: Page) => page.getByRole('main');
const locks = (page: Page) => main(page).getByRole('list', { name: 'Every section now' });
const OFF = 'off';

test('a whole service by keys alone, with a page that is killed for nine minutes in the middle', async ({
	page
}) => {
	test.slow();
	await page.clock.install();
	await openDemo(page, '/visit/hesper-oake-today/chair');
	await expect(main(page).getByRole('button', { name: 'Start', exact: true })).toBeVisible();
	// A pedal or a presenter: Space begins, Enter says that what is asked for is done.
	await page.keyboard.press('Space');
	await expect(locks(page).getByRole('listitem')).toHaveCount(11);
	for (let i = 0; i < 11; i++) {
		// The third takes thirteen minutes, where six were planned: what comes after is told so.
		await page.clock.fastForward(i === 2 ? '13:00' : '03:30');
		await page.keyboard.press('Enter');
		if (i === 2)
			await expect(main(page).getByRole('region', { name: 'Putting on' })).toContainText(
				/\d min later than planned/
			);
	}
	await expect(main(page).getByRole('region', { name: 'Putting on' })).toBeHidden();
	// One look, by a key: it lags, and the rest of the head is expected later.
	await expect(answer(page)).toContainText(/Check/);
	await page.keyboard.press('l');
	const says = main(page).getByRole('region', { name: 'What the checks say' });
	await expect(says).toContainText(/% slower than expected/);
	await says.getByRole('button', { name: 'Take it' }).focus();
	await page.keyboard.press('Enter');
	await expect(says.getByRole('button', { name: 'Take it' })).toBeHidden();
	await saved(page);
	const lain = async () =>
		Number.parseInt(
			await locks(page)
				.getByRole('button', { name: /hairline/ })
				.innerText(),
			10
		);
	const before = await lain();
	// The page dies; nine minutes later it is right again at once, and says what was missed.
	const { url, now } = { url: page.url(), now: await page.evaluate(() => Date.now()) };
	await page.goto('about:blank');
	await page.clock.setFixedTime(now + 9 * 60_000);
	await page.clock.resume();
	await page.goto(url);
	await expect.poll(lain).toBeGreaterThanOrEqual(before + 9);
	await expect(page.getByText(/Hesper Oake, missed meanwhile: .* due \d+ min ago/)).toBeVisible();
	// What may lie no longer comes first; then each rinse, step by step.
	for (let i = 0; i < 60 && (await locks(page).getByText(OFF, { exact: true }).count()) < 11; i++) {
		const asked = await answer(page).innerText();
		if (/^(Take|Rinse|Open).*\bnow\b/s.test(asked)) await page.keyboard.press('Enter');
		else if (/^(Check|Look).*\bnow\b/s.test(asked)) await page.keyboard.press('a');
		else await page.clock.fastForward('02:00');
		// The look is told: back to what comes next.
		const told = main(page).getByRole('button', { name: 'That is all' });
		if (await told.isVisible()) {
			await told.focus();
			await page.keyboard.press('Enter');
		}
	}
	await expect(locks(page).getByText(OFF, { exact: true })).toHaveCount(11);
	await expect(main(page).getByRole('region', { name: 'At the basin' })).toBeVisible();
	await expect(main(page).getByRole('region', { name: 'Read it again, dry' })).toBeVisible();
	await noSidewaysScroll(page);
});
