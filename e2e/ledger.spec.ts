import { expect, test } from '@playwright/test';
import { accessible, answer, noSidewaysScroll, openDemo, saved, station } from './helpers';

test('what was mixed is found by a few keys, and mixed again for somebody else', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/visit/hesper-oake-today/chair');
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await saved(page);
	await station(page, 'Tone');
	const said = page.getByLabel('A formula, as you say it');
	await said.fill('9V 20 + clear 10');
	await said.press('Enter');
	await expect(answer(page)).toContainText('9V 20 g + clear 10 g');
	await saved(page);
	await page.getByRole('link', { name: 'Ledger' }).click();
	const table = page.getByRole('table', { name: 'Ledger' });
	await expect(table).toContainText('9V 20 g + clear 10 g');
	const find = page.getByLabel('A shade, a strength, a level, a word, a name, a month');
	await find.fill('9v hesper');
	await expect(table.getByRole('row')).toHaveCount(2);
	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export as CSV' }).click();
	expect((await downloading).suggestedFilename()).toMatch(/^ledger.*\.csv$/);
	await find.fill('level 3 coarse');
	await expect(table).toContainText('Teodor Vask');
	await find.fill('no such thing');
	await expect(page.getByText('Nothing here matches “no such thing”.')).toBeVisible();
	await find.fill('violet');
	await accessible(page);
	await table.getByRole('button', { name: /^Mix again: 9V/ }).click();
	const sheet = page.getByRole('dialog', { name: 'For whom?' });
	await expect(sheet).toContainText('in the way of Lantern demi');
	await sheet.getByRole('button', { name: 'Anneke Rill' }).click();
	await expect(page).toHaveURL(/anneke-rill-today\/tone$/);
	await expect(answer(page)).toContainText(/9V \d+ g \+ clear \d+ g/);
	await page.goto('/ledger');
	await page.setViewportSize({ width: 390, height: 844 });
	await noSidewaysScroll(page);
});
