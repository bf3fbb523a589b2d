import { expect, test } from './shared';
import { openDemo } from './helpers';

const formulas = 'Formulas that come closest';

test('the toner is searched beside the page, and newer questions replace older ones', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/tone');
	const list = page.getByRole('list', { name: formulas });
	await expect(list.getByRole('listitem').first()).toBeVisible();
	const scripts = await page.evaluate(() =>
		performance.getEntriesByType('resource').map(({ name }) => name)
	);
	expect(scripts.some((name) => name.includes('entry.worker'))).toBe(true);
	const before = await list.innerText();
	const minutes = page.getByRole('slider', { name: /minutes/i }).first();
	await minutes.focus();
	for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowLeft');
	await expect.poll(() => list.innerText()).not.toBe(before);
});

test('where the worker cannot start, the same formulas are found in place', async ({ page }) => {
	await openDemo(page, '/visit/hesper-oake-today/tone');
	const list = page.getByRole('list', { name: formulas });
	// The softest line is searched for apart, and comes last.
	await expect(list).toContainText('softest on the hair');
	const usual = await list.innerText();
	let refused = 0;
	await page.route('**/entry.worker*', (route) => {
		refused++;
		return route.abort();
	});
	await page.reload();
	await expect(list.getByRole('listitem').first()).toBeVisible();
	await expect.poll(() => list.innerText()).toBe(usual);
	expect(refused).toBe(1);
});

test('what the demo is made of does not come: that is said, and asked for once more it is all there', async ({
	page
}) => {
	await openDemo(page, '/records');
	await page.getByRole('button', { name: 'Clear the demo' }).click();
	await expect(page.getByText('The demo is cleared.')).toBeVisible();
	await page.route('**/demo/past.json', (route) => route.abort());
	await page.getByRole('button', { name: 'Load the demo afresh' }).click();
	await expect(page.getByText('The demo did not come, and nothing was changed.')).toBeVisible();
	await page.unroute('**/demo/past.json');
	await page.getByRole('button', { name: 'Load the demo afresh' }).click();
	await expect(page.getByText('The demo is as it was.')).toBeVisible();
	await page.goto('/clients');
	await expect(page.getByRole('heading', { name: '51 clients' })).toBeVisible();
});
