import { expect, test, type Page } from './shared';
import { accessible, answer, openDemo } from './helpers';

/** Tabs until the focused element's name matches. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
	for (let i = 0; i < 120; i++) {
		await page.keyboard.press('Tab');
		const here = await page.evaluate(() => {
			const focused = document.activeElement;
			return `${focused?.getAttribute('aria-label') ?? ''} ${focused?.textContent ?? ''}`.trim();
		});
		if (name.test(here)) return;
	}
	throw new Error(`Tab never reached ${String(name)}`);
}

test('the whole visit by keys alone', async ({ page }) => {
	await openDemo(page);
	await tabTo(page, /Hesper Oake/);
	await page.keyboard.press('Enter');
	await expect(answer(page)).toContainText('yellow');

	// The clock by its own keys from anywhere.
	await page.keyboard.press('.');
	await expect(page.locator('.range')).toContainText('39 min');
	await page.keyboard.press('Shift+,');
	await expect(page.locator('.range')).toContainText('34 min');

	await page.keyboard.press('1');
	await expect(page.getByRole('heading', { name: 'What is there now?' })).toBeVisible();
	await tabTo(page, /^5 light brown/);
	await page.keyboard.press('ArrowLeft');
	await expect(answer(page)).toContainText('4');
	await page.keyboard.press('2');
	await tabTo(page, /^beige/);
	await page.keyboard.press('ArrowRight');
	await expect(answer(page)).toContainText('ash');

	await page.keyboard.press('5');
	await expect(page.getByRole('heading', { name: 'Is it ready?' })).toBeVisible();
	await page.keyboard.press('Space');
	await expect(page.getByRole('button', { name: 'Hold' })).toBeVisible();
	await page.keyboard.press('k');
	await expect(page.getByRole('dialog')).toBeVisible();
	await tabTo(page, /^Keep what I saw/);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('dialog')).toBeHidden();

	await page.keyboard.press('6');
	await expect(page.locator('.range', { hasText: /^Seen/ })).toBeVisible();
	await tabTo(page, /^Choose$/);
	await page.keyboard.press('Enter');
	await tabTo(page, /^Send off$/);
	await page.keyboard.press('Enter');
	await tabTo(page, /^Record the visit$/);
	await page.keyboard.press('Enter');
	// The clock runs still: what lies on the head is asked for.
	await expect(page.getByRole('alertdialog', { name: 'Colour lies on this head' })).toBeVisible();
	await tabTo(page, /^All is off, record it$/);
	await page.keyboard.press('Enter');
	// Then what nobody started: a tab goes from one of it to the next.
	const asked = page.getByRole('alertdialog', { name: 'Was it put on?' });
	await expect(asked).toBeVisible();
	const groups = await asked.getByRole('radio', { name: 'left out' }).count();
	for (let i = 0; i < groups; i++) {
		await tabTo(page, /^it was put on$/);
		await page.keyboard.press('Space');
	}
	await tabTo(page, /^Record the visit$/);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('button', { name: 'Back to the day' })).toBeVisible();
});

test('what is typed into a list or a time is not the visit’s; an act without words is named with its key', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/lift');
	await page.getByRole('main').getByText('Product and place').click();
	const product = page.getByRole('main').getByRole('combobox', { name: 'Product', exact: true });
	await product.focus();
	await expect(product).toHaveAttribute('data-state', 'closed');
	await page.keyboard.press('c');
	await expect(product).toHaveText('cream');
	await page.keyboard.press('5');
	await expect(page).toHaveURL(/\/lift$/);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('listbox')).toBeVisible();
	await accessible(page, { listOpen: true });
	await page.keyboard.press('End');
	await page.keyboard.press('Escape');
	await expect(product).toHaveText('cream');
	// The arrows walk a row of acts; each says what it is.
	await page.getByRole('button', { name: 'Undo' }).focus();
	await expect(page.getByText('Undo · Ctrl Z')).toBeVisible();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('button', { name: 'Find' })).toBeFocused();
	await expect(page.getByText('Find · / or Ctrl K')).toBeVisible();
});

test('the key sheet opens on ?, the one search on / and Ctrl K, even while something is typed', async ({
	page
}) => {
	await openDemo(page);
	await page.keyboard.press('?');
	const keys = page.getByRole('dialog', { name: 'Keys' });
	await expect(keys).toBeVisible();
	await expect(keys).toContainText('start or hold the timer');
	await page.keyboard.press('Escape');
	await page.keyboard.press('/');
	const found = page.getByRole('dialog', { name: 'Find' });
	const box = found.getByRole('combobox', { name: 'Find' });
	await expect(box).toBeFocused();
	await page.keyboard.type('copper pipes');
	await expect(found.getByRole('option')).toHaveCount(1);
	await accessible(page);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: 'Yusra Halden' })).toBeVisible();
	// A station of the visit that is open, an act, a formula; and what nobody has says so.
	await page.goto('/visit/hesper-oake-today/lift');
	await page.getByRole('main').getByRole('textbox', { name: 'Minutes' }).focus();
	await page.keyboard.press('Control+k');
	await expect(box).toBeFocused();
	await page.keyboard.type('bow');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/\/bowls$/);
	await page.keyboard.press('Control+k');
	await expect(box).toBeFocused();
	await page.keyboard.type('dark th');
	await page.keyboard.press('Enter');
	await expect(page.locator('html')).toHaveClass(/dark/);
	await page.keyboard.press('Control+k');
	await expect(box).toBeFocused();
	await page.keyboard.type('zzz');
	await expect(found.getByRole('status')).toContainText('Nothing holds all of “zzz”');
	await page.keyboard.press('Control+a');
	await page.keyboard.type('vask vol');
	await expect(found.getByRole('group', { name: 'Formulas' })).toContainText(/Teodor Vask/);
	await page.keyboard.press('Escape');
	await expect(found).toBeHidden();
});
