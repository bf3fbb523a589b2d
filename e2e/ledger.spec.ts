import { readFile } from 'node:fs/promises';
import { expect, test } from './shared';
import { csvParse } from 'd3-dsv';
import { accessible, answer, noSidewaysScroll, openDemo, saved, station } from './helpers';

test('what was mixed is found by a few keys, and mixed again for somebody else', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/chair');
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await saved(page);
	await station(page, 'Tone');
	const said = page.getByLabel('A formula, as you say it');
	await said.fill('9V 20 + clear 10');
	await said.press('Enter');
	await expect(answer(page)).toContainText('9V 20 g + clear 10 g');
	// What is only mixed and never put on is no row.
	await page.getByRole('button', { name: 'Start the toner' }).click();
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
	await find.fill('violet hesper');
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

test('two rows lie side by side; a file of rows is read back, and one of its formulas is mixed', async ({
	page
}) => {
	await openDemo(page, '/ledger');
	const table = page.getByRole('table', { name: 'Ledger' });
	const find = page.getByLabel('A shade, a strength, a level, a word, a name, a month');
	await page.getByRole('radio', { name: 'toners' }).click();
	await find.fill('anneke');
	await table
		.getByRole('button', { name: /^Lay beside/ })
		.first()
		.click();
	const beside = page.getByRole('dialog', { name: 'Side by side' });
	await expect(table.getByText('Laid', { exact: true })).toHaveCount(1);
	await find.fill('sunniva');
	await table
		.getByRole('button', { name: /^Lay beside/ })
		.first()
		.click();
	await expect(beside).toContainText('Anneke Rill');
	await expect(beside).toContainText('Sunniva Tarrow');
	await expect(beside.getByRole('img', { name: /^toned/ })).toHaveCount(2);
	await accessible(page);
	await noSidewaysScroll(page);
	await beside.getByRole('button', { name: 'Close' }).click();
	await expect(beside).toBeHidden();
	// The one that was laid first stays laid, for another beside it.
	await expect(table.getByText('Laid', { exact: true })).toHaveCount(0);
	await find.fill('anneke');
	await table.getByRole('button', { name: /^Lay beside/, pressed: true }).click();
	await expect(table.getByText('Laid', { exact: true })).toHaveCount(0);

	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export as CSV' }).click();
	const path = await (await downloading).path();
	const text = await readFile(path, 'utf8');
	// A table as any reader has it: a line a row, none of its cells a formula.
	const lines = csvParse(text);
	expect(lines.length).toBeGreaterThan(30);
	for (const line of lines)
		for (const cell of Object.values(line)) expect(cell).not.toMatch(/^[=+\-@]/);
	const mended = text.replaceAll('Sunniva Tarrow', 'Sunniva of Elsewhere');
	const csv = (name: string, content: string) => ({
		name,
		mimeType: 'text/csv',
		buffer: Buffer.from(content)
	});
	await page.getByLabel('Read a CSV').setInputFiles(csv('other.csv', `${mended}\nno,row`));
	await expect(page.getByText(/From other\.csv: \d+ rows; lines \d+ are no rows/)).toBeVisible();
	await find.fill('elsewhere');
	await table
		.getByRole('button', { name: /^Mix again: 9V/ })
		.first()
		.click();
	await page
		.getByRole('dialog', { name: 'For whom?' })
		.getByRole('button', { name: 'Dorrit Vane' })
		.click();
	await expect(page).toHaveURL(/dorrit-vane-today\/tone$/);
	await page.goto('/ledger');
	await page.getByLabel('Read a CSV').setInputFiles(csv('none.csv', 'a,b'));
	await expect(
		page.getByText('none.csv is no table of a ledger. Nothing was changed.')
	).toBeVisible();
	await page.getByRole('button', { name: 'Back to your own' }).click();
	await expect(table).toContainText('Magnus Ferrow');
});

test('any formula ever mixed is found from anywhere, in a few keys', async ({ page }) => {
	await openDemo(page);
	await page.keyboard.press('/');
	await page.getByPlaceholder(/A client, a visit, a formula/).fill('violet sunniva');
	const hit = page.getByRole('option', { name: /9V 30 g.*Sunniva Tarrow/ }).last();
	await hit.click();
	await expect(page).toHaveURL(/sunniva-tarrow-past-\d+\/send-off$/);
});
