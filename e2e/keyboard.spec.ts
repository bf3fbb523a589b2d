import { expect, test, type Page } from '@playwright/test';
import { answer, openDemo } from './helpers';

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
	await expect(page.getByRole('button', { name: 'Back to the day' })).toBeVisible();
});

test('the key sheet opens on ? and the search on /', async ({ page }) => {
	await openDemo(page);
	await page.keyboard.press('?');
	await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
	await page.keyboard.press('Escape');
	await page.keyboard.press('/');
	await expect(page.getByLabel('Search by name or note')).toBeFocused();
	await page.keyboard.type('copper pipes');
	await expect(page.getByRole('link', { name: /Yusra Halden/ })).toBeVisible();
	await expect(page.getByRole('link', { name: /Hesper Oake/ })).toBeHidden();
});
