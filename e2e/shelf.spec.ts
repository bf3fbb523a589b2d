import { expect, test } from '@playwright/test';
import { openDemo, saved, station } from './helpers';

test('a line of one’s own: its key, its shades by their codes, and Tone searches among them', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/shelf');
	await page.getByRole('button', { name: 'Add a line' }).click();
	await page.getByText('New line').click();
	const line = page.locator('details[open]');
	await line.getByLabel('Name', { exact: true }).fill('Quay toner');
	for (const [sign, meaning] of [
		['2', 'V'],
		['0', 'N']
	] as const) {
		await line.getByLabel('Sign in the key').fill(sign);
		await line.getByLabel(/What it means/).fill(meaning);
		await line.getByRole('button', { name: 'Add to the key' }).click();
	}
	await expect(line.getByText('2 violet')).toBeVisible();
	for (const code of ['9/2', '9/0', '10/22']) {
		await line.getByLabel('Code on the tube').fill(code);
		await expect(line.getByRole('status')).toContainText(`${code} reads as level`);
		await line.getByRole('button', { name: 'Add shade' }).click();
	}
	// A sign the key does not know is named.
	await line.getByLabel('Code on the tube').fill('9/7');
	await expect(line.getByRole('status')).toContainText('“7” in 9/7 is not in this line’s key');
	await expect(line.getByRole('button', { name: 'Take 10/22 off the shelf' })).toBeVisible();
	await page.goto('/visit/hesper-oake-today/lift');
	await station(page, 'Tone');
	await page.getByLabel('Line').selectOption({ label: 'Quay toner, demi-permanent' });
	await expect(page.locator('.answer')).toContainText(/(9|10)\/2/);
	await saved(page);
});

test('a removed line and a removed visit come back on undo', async ({ page }) => {
	await openDemo(page);
	await page.goto('/shelf');
	await page.getByText('Brine direct').click();
	await page.locator('details[open]').getByRole('button', { name: 'Remove line' }).click();
	await expect(page.getByText('Brine direct removed.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Brine direct', { exact: true })).toBeVisible();
	await page.goto('/visit/dorrit-vane-today/send-off');
	await page.getByRole('button', { name: 'Remove visit' }).click();
	await expect(page.getByText('No visit yet.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('No visit yet.')).toBeHidden();
});
