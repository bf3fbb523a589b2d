import { expect, test, type Page } from './shared';
import { accessible, answer, noSidewaysScroll, openDemo, saved } from './helpers';

const main = (page: Page) => page.getByRole('main');
const bench = (page: Page) => main(page).getByRole('region', { name: 'Mix your own' });

test('a formula is typed as it is said, seen before it is mixed, changed by the gram, kept by a name', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/tone');
	const said = bench(page).getByLabel('A formula, as you say it');
	await said.fill('9X 20');
	await expect(bench(page).getByText(/“9X 20” is no shade that .* could have/)).toBeVisible();
	await expect(bench(page).getByRole('button', { name: 'Mix it' })).toBeDisabled();
	await said.fill('9V 20 + clear 10, 1:1.5, 12 min, 13 vol');
	await expect(
		bench(page).getByText(/Heard: 9V 20 g \+ clear 10 g, 1 : 1\.5, 13 vol, 12 min/)
	).toBeVisible();
	await accessible(page);
	// Enter mixes it: by keys alone.
	await said.press('Enter');
	await expect(answer(page)).toContainText('9V 20 g + clear 10 g');
	await expect(main(page).getByText('developer, 13 vol')).toBeVisible();
	const bowl = bench(page).getByRole('list', { name: 'What is in the bowl' });
	await expect(bowl.getByRole('listitem')).toHaveCount(2);
	await expect(bowl).toContainText(/100 % of what is laid down: violet/);
	await expect(bowl).toContainText('thins the rest');
	// A gram more by the keys of its dial: the strand is another at once.
	await bowl.getByRole('slider').first().focus();
	await page.keyboard.press('ArrowRight');
	await expect(answer(page)).toContainText('9V 21 g');
	await bowl.getByRole('button', { name: 'Without clear' }).click();
	await expect(answer(page)).toHaveText(/^9V 21 g/);
	// It is weighed with the developer that was said.
	await bench(page)
		.getByRole('button', { name: /House formulas/ })
		.click();
	await bench(page).getByLabel('Keep what is in the bowl as').fill('Oat milk');
	await bench(page).getByRole('button', { name: 'Keep it', exact: true }).click();
	await said.fill('8V');
	await said.press('Enter');
	await expect(answer(page)).toContainText('8V');
	await bench(page).getByRole('button', { name: 'Mix Oat milk' }).click();
	await expect(answer(page)).toContainText('9V 21 g');
	await saved(page);
	await page.reload();
	await expect(answer(page)).toContainText('9V 21 g');
	await page.setViewportSize({ width: 390, height: 844 });
	await noSidewaysScroll(page);
});
