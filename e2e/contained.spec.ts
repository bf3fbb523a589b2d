import { openDemo } from './helpers';
import { expect, test, type Page } from './shared';

/** What each station is made of, beside what all of them have: each may break, and nothing else does. */
const PARTS: Readonly<Record<string, readonly string[]>> = {
	read: ['strand', 'light pieces', 'history', 'second opinion'],
	aim: ['aim'],
	lift: ['strands on one clock', 'course', 'why'],
	bowls: ['evenness', 'bowls'],
	chair: ['head now'],
	tone: ['wheel', 'watch', 'formulas', 'mixing bench', 'cures', 'ageing'],
	'send-off': ['places', 'time and grams', 'pictures', 'when to come back', 'sections done']
};
const COMMON = ['strands', 'picture', 'dials', 'foot'];

/** From the next page on these parts of a page break. */
const breakThere = (page: Page, parts: readonly string[]) =>
	page.addInitScript((names) => {
		document.addEventListener('readystatechange', () => {
			document.documentElement.dataset['breaks'] = names;
		});
	}, parts.join('|'));
const broken = (page: Page, name: string) =>
	page.getByRole('alert').filter({ hasText: `could not be drawn (${name})` });
const stations = (page: Page) => page.getByRole('navigation', { name: 'Stations of the visit' });

for (const [station, parts] of Object.entries(PARTS)) {
	test(`${station}: what breaks says so in its place, and the rest works`, async ({ page }) => {
		await openDemo(page, '/card');
		await breakThere(page, parts);
		await page.goto(`/visit/hesper-oake-today/${station}`);
		for (const name of parts) await expect(broken(page, name).first(), name).toBeVisible();
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
		await expect(page.getByRole('main').locator('footer')).toBeVisible();
		// Whoever goes on finds the next station whole.
		await stations(page)
			.getByRole('link', { name: /Aim|Read/ })
			.last()
			.click();
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
	});
}

test('a part that holds much breaks alone; it is told in Records with an export', async ({
	page
}) => {
	await openDemo(page, '/card');
	await breakThere(page, COMMON);
	await page.goto('/visit/hesper-oake-today/lift');
	for (const name of COMMON) await expect(broken(page, name), name).toBeVisible();
	await expect(
		page.getByRole('heading', { name: 'Where will it get to, and when?' })
	).toBeVisible();
	await expect(stations(page)).toBeVisible();
	await page.goto('/records');
	const told = page.getByRole('region', { name: 'What could not be drawn' });
	await expect(told).toContainText('picture at /visit/hesper-oake-today/lift');
	const download = page.waitForEvent('download');
	await told.getByRole('button', { name: 'Export everything' }).click();
	expect((await download).suggestedFilename()).toMatch(/zelvant\.json$/);
	await told.getByRole('button', { name: 'I have seen them' }).click();
	await expect(told).toHaveCount(0);
});

test('a station, a place and an address that fail say so and lead back', async ({ page }) => {
	await openDemo(page, '/card');
	await breakThere(page, ['station Tone', 'page']);
	await page.goto('/visit/hesper-oake-today/read');
	await stations(page).getByRole('link', { name: /Tone/ }).click();
	await expect(page.getByRole('heading', { name: 'This page could not be shown' })).toBeVisible();
	await stations(page).getByRole('link', { name: /Lift/ }).click();
	await expect(
		page.getByRole('heading', { name: 'Where will it get to, and when?' })
	).toBeVisible();
	await page.goto('/ledger');
	await expect(page.getByRole('heading', { name: 'This page could not be shown' })).toBeVisible();
	await page.goto('/nowhere');
	await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'Go to the day' })).toBeVisible();
});

test('old light pieces in lengths and ends have a place each on the wheel', async ({ page }) => {
	const faults: string[] = [];
	page.on('pageerror', (error) => faults.push(error.message));
	await openDemo(page, '/visit/dorrit-vane-today/read');
	const main = page.getByRole('main');
	for (const zone of ['Lengths', 'Ends']) {
		await main.getByRole('radio', { name: zone, exact: true }).click();
		await main.getByRole('checkbox', { name: 'Old light pieces among it' }).click();
	}
	await stations(page).getByRole('link', { name: /Tone/ }).click();
	await expect(page.getByRole('slider', { name: 'The aim on the wheel' })).toBeVisible();
	await page.reload();
	await expect(page.getByRole('slider', { name: 'The aim on the wheel' })).toBeVisible();
	expect(faults).toEqual([]);
});
