import { expect, test } from './shared';
import { accessible, answer, openStation } from './helpers';

test('why it gets there, in levels that add up, and what each dial alone would have to be', async ({
	page
}) => {
	await openStation(page, 'Yusra Halden', 'Lift');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Where will it get to');
	const level = Number(/[\d.]+/.exec(await answer(page).innerText())![0]);
	await page.getByText(/^Why \d/).click();
	const plain = /to ([\d.]+)\./.exec(
		await page.getByText(/would bring this natural hair to/).innerText()
	)![1]!;
	const gains = await page.locator('dl dd .bar + b').allInnerTexts();
	const sum = gains.reduce((total, text) => total + Number(text.replace('−', '-')), Number(plain));
	// Each figure is rounded to a tenth, and causes under half a tenth are left out.
	expect(Math.abs(sum - level)).toBeLessThan(0.35);

	await page.getByText(/^To reach \d/).click();
	await page.getByRole('slider', { name: 'Level asked for' }).focus();
	await page.keyboard.press('End');
	await expect(page.getByText('None is enough alone')).toBeVisible();
	await page.keyboard.press('Home');
	await expect(page.getByText('It gets there as it is planned.')).toBeVisible();
	await accessible(page);
});

test('a dial turned to what it would take gets there', async ({ page }) => {
	await openStation(page, 'Hesper Oake', 'Lift');
	const clock = page.getByRole('slider', { name: 'Minutes on the hair' });
	await clock.focus();
	await page.keyboard.press('Home');
	for (let i = 0; i < 19; i++) await page.keyboard.press('ArrowRight');
	await expect(page.getByText(/expected at 20 min/)).toBeVisible();
	await page.getByText(/^To reach 9/).click();
	const minutes = Number(
		/(\d+) min/.exec(
			await page
				.getByRole('listitem')
				.filter({ hasText: /^\d+ min$/ })
				.innerText()
		)![1]
	);
	await clock.focus();
	for (let i = 20; i < minutes; i++) await page.keyboard.press('ArrowRight');
	await expect(page.getByText('It gets there as it is planned.')).toBeVisible();
});

test('what a head taught is said, and predictions are shown with it and without', async ({
	page
}) => {
	await openStation(page, 'Teodor Vask', 'Lift');
	await page.getByText('What this head taught', { exact: true }).click();
	await expect(page.getByText(/slower than typical, from 1 visit/)).toBeVisible();
	const told = await page.getByText(/^With it \d/).innerText();
	const [withIt, typical] = [/With it ([\d.]+)/, /typical head ([\d.]+)/].map(
		(figure) => figure.exec(told)![1]!
	);
	await expect(answer(page)).toContainText(withIt!);
	await page.getByRole('switch', { name: 'Predict with it' }).click();
	await expect(answer(page)).toContainText(typical!);
	expect(Number(withIt)).toBeLessThan(Number(typical));
	await accessible(page);
});

test('if it stops short: the next round, and a toner of the shelf', async ({ page }) => {
	await openStation(page, 'Lisbet Quill', 'Lift');
	await page.getByText('If it stops short', { exact: true }).click();
	await expect(page.getByText(/fresh round|No further round/).first()).toBeVisible();
	await expect(page.getByText(/^Or (tone to|leave it)/).first()).toBeVisible();
	await accessible(page);
});
