import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { accessible, answer, openDemo, saved, station } from './helpers';
import { openPicture, picture, point } from './picture';

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

test('the salon’s own ring: read, kept, followed by every level, undone, exported', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/visit/hesper-oake-today/lift');
	const usual = await answer(page).innerText();
	await page.goto('/shelf');
	await page.getByRole('link', { name: 'Swatch ring: the usual levels' }).click();
	const keep = page.getByRole('button', { name: 'Keep this ladder' });
	await expect(keep).toBeDisabled();
	const swatch = (level: number) =>
		page.getByRole('radio', { name: new RegExp(`^Level ${level}:`) });
	// Two by eye, half a level lighter than usual.
	for (const level of [3, 9]) {
		await swatch(level).click();
		await page.getByRole('radio', { name: 'by eye' }).click();
		await page.getByLabel('On the usual ladder it lies at').fill(String(level + 0.5));
		await page.keyboard.press('Enter');
		await expect(swatch(level)).toHaveAccessibleName(/: read, 0\.5 lighter/);
	}
	await expect(page.getByText('Two swatches are read.')).toBeVisible();
	// The third from a picture: what the ring calls 6 is the usual 6.5.
	await swatch(6).click();
	await page.getByRole('radio', { name: 'from a picture' }).click();
	const hair = '#7d5d3d';
	await openPicture(
		page,
		await picture(page, [0.84, 0.2, 0.045, hair, hair], { light: [0.8, 0.8, 0.8] })
	);
	for (const [at, x] of [
		['its white', 0.1],
		['its grey', 0.3],
		['its black', 0.5],
		['swatch', 0.8]
	] as const) {
		if (at === 'its white') await point(page, 'printed card', x, 0.5);
		else await point(page, at, x, 0.5);
	}
	await accessible(page);
	await page.getByRole('button', { name: 'This is the ring’s 6' }).click();
	await expect(swatch(6)).toHaveAccessibleName(/read, 0\.[3-7] lighter/);
	await expect(swatch(7)).toHaveAccessibleName(/not read, 0\.[3-7] lighter by its neighbours/);
	await keep.click();
	await expect(page.getByText('This ladder is in use.')).toBeVisible();
	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export the ladder' }).click();
	const csv = await readFile(await (await downloading).path(), 'utf8');
	expect(csv.split('\n')[3]).toMatch(/^3,[\d.]+,22\.6,3\.50,eye,/);
	await saved(page);
	// What was a 7 by the usual ladder is a 6½ by this one: the same hair has another number everywhere.
	await page.goto('/visit/hesper-oake-today/lift');
	await expect(answer(page)).not.toHaveText(usual);
	const own = Number((await answer(page).innerText()).replace(/[^\d.]/g, ''));
	await page.goto('/shelf/ring');
	await expect(page.getByText('This ladder is in use.')).toBeVisible();
	await page.getByRole('button', { name: 'Back to the usual levels' }).click();
	await expect(page.getByText('The usual levels are in use.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).last().click();
	await expect(page.getByText('This ladder is in use.')).toBeVisible();
	await page.getByRole('button', { name: 'Back to the usual levels' }).click();
	await saved(page);
	await page.goto('/visit/hesper-oake-today/lift');
	await expect(answer(page)).toHaveText(usual);
	expect(own).toBeGreaterThan(0);
});
