import { expect, test } from './shared';
import { readFile } from 'node:fs/promises';
import { accessible, answer, choose, openDemo, saved, station } from './helpers';
import { openPicture, picture, point } from './picture';

test('a line of one’s own: its key, its shades by their codes, and Tone searches among them', async ({
	page
}) => {
	await openDemo(page, '/shelf');
	await page.getByRole('button', { name: 'Add a line' }).click();
	const sheet = page.getByRole('dialog', { name: 'A line of colour' });
	// What is missing is said at its field, and what was typed is there again when the sheet is.
	await sheet.getByRole('button', { name: 'Put it on the shelf' }).click();
	const name = sheet.getByLabel('Name of the line');
	await expect(sheet.getByRole('alert')).toHaveText('Something has to stand here.');
	await expect(name).toHaveAttribute('aria-invalid', 'true');
	await accessible(page);
	await name.fill('Quay toner');
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Add a line' }).click();
	await expect(name).toHaveValue('Quay toner');
	await sheet.getByRole('button', { name: 'Put it on the shelf' }).click();
	await expect(sheet).toBeHidden();
	const line = page.getByRole('region', { name: 'Quay toner' });
	await line.getByText('Key of this line').click();
	for (const [sign, meaning] of [
		['2', 'V, violet'],
		['0', 'N, natural']
	] as const) {
		await line.getByLabel('Sign in the key').fill(sign);
		await choose(line.getByLabel('What it means'), meaning);
		await line.getByRole('button', { name: 'Add to the key' }).click();
		await expect(line.getByLabel('Sign in the key')).toHaveValue('');
	}
	await expect(line.getByText('2 violet')).toBeVisible();
	await line.getByText('Add a shade', { exact: true }).click();
	await line.getByRole('button', { name: 'Add shade' }).click();
	await expect(line.getByRole('alert')).toHaveText('Something has to stand here.');
	for (const code of ['9/2', '9/0', '10/22']) {
		await line.getByLabel('Code on the tube').fill(code);
		await expect(line.getByRole('status')).toContainText(`${code} reads as level`);
		await line.getByRole('button', { name: 'Add shade' }).click();
		await expect(line.getByLabel('Code on the tube')).toHaveValue('');
	}
	// A sign the key does not know is named.
	await line.getByLabel('Code on the tube').fill('9/7');
	await expect(line.getByRole('status')).toContainText('“7” in 9/7 is not in this line’s key');
	// They hang by level and tone; one is taken off, and put back.
	const lock = line.getByRole('button', { name: '10/22: level 10 strong violet' });
	await lock.click();
	await page.getByRole('button', { name: 'Take off the shelf' }).click();
	await expect(lock).toBeHidden();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(lock).toBeVisible();
	await page.goto('/visit/hesper-oake-today/lift');
	await station(page, 'Tone');
	await choose(page.getByLabel('Line'), 'Quay toner, demi-permanent');
	await expect(page.locator('.answer')).toContainText(/(9|10)\/2/);
	await saved(page);
});

test('shades and visits as tables: sorted, found, led on from', async ({ page }) => {
	await openDemo(page, '/shelf');
	await page.getByRole('tab', { name: 'as a table' }).click();
	const shades = page.getByRole('table', { name: 'Shades' });
	const codes = shades.getByRole('row').locator('b');
	await expect(codes.first()).toHaveText(/^4/);
	await shades.getByRole('button', { name: 'Level' }).click();
	await expect(codes.first()).toHaveText(/^1[0-2]/);
	await page.getByLabel('Code, tone, line or kind').fill('copper direct');
	await expect(shades.getByRole('row').nth(1)).toContainText('Brine direct');
	await accessible(page);
	await page.getByLabel('Code, tone, line or kind').fill('no such thing');
	await expect(page.getByText('Nothing here matches “no such thing”.')).toBeVisible();
	await page.goto('/records');
	const visits = page.getByRole('table', { name: 'Visits' });
	await page.getByLabel('Client, day, colourist or note').fill('vask');
	await expect(visits.getByRole('link')).toHaveCount(2);
	// What is missing comes last, whichever way it is sorted.
	const seen = visits.getByRole('columnheader', { name: 'Seen at the end' });
	for (const way of ['descending', 'ascending']) {
		await seen.getByRole('button').click();
		await expect(seen).toHaveAttribute('aria-sort', way);
		await expect(visits.getByRole('row').nth(1)).toContainText('done');
	}
	await visits.getByRole('link').first().click();
	await expect(page).toHaveURL(/send-off$/);
});

test('a removed line and a removed visit come back on undo', async ({ page }) => {
	await openDemo(page, '/shelf');
	await page.getByRole('button', { name: 'More of Brine direct' }).click();
	await page.getByRole('menuitem', { name: 'Remove the line' }).click();
	await expect(page.getByText('Brine direct removed.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('heading', { name: 'Brine direct' })).toBeVisible();
	await page.goto('/visit/dorrit-vane-today/send-off');
	await page.getByRole('button', { name: 'More', exact: true }).click();
	await page.getByRole('menuitem', { name: 'Remove visit' }).click();
	await expect(page.getByText('No visit yet.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('No visit yet.')).toBeHidden();
});

test('the salon’s own ring: read, kept, followed by every level, undone, exported', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/lift');
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

test('heads are told apart, sorted, found, walked by the arrows, and their columns put away', async ({
	page
}) => {
	await openDemo(page, '/clients');
	const table = page.getByRole('table', { name: 'Clients' });
	const names = () => table.getByRole('link').allInnerTexts();
	await expect(table.getByRole('row')).toHaveCount(52);
	await expect(table.getByRole('img')).toHaveCount(38);
	const byName = await names();
	expect(byName).toEqual(byName.toSorted());
	const head = (name: string) => table.getByRole('columnheader', { name });
	await head('Head').getByRole('button').click();
	await expect(head('Head')).toHaveAttribute('aria-sort', 'descending');
	expect(await names()).toEqual(byName.toReversed());
	await head('Visits').getByRole('button').click();
	await expect(table.getByRole('link').first()).toHaveText('Anneke Rill');
	// A column that is not wanted is put away, and comes back.
	await page.getByRole('button', { name: 'Columns' }).click();
	await page.getByRole('menuitemcheckbox', { name: 'Note' }).click();
	await page.keyboard.press('Escape');
	await expect(head('Note')).toBeHidden();
	await expect(page.getByRole('button', { name: 'Columns' })).toBeFocused();
	await table.getByRole('link').first().focus();
	await page.keyboard.press('End');
	await expect(table.getByRole('link').last()).toBeFocused();
	await page.keyboard.press('ArrowUp');
	await expect(table.getByRole('link').nth(49)).toBeFocused();
	await page.getByLabel('Part of a name or a note').fill('copper pipes');
	await expect(table.getByRole('link')).toHaveText(['Yusra Halden']);
	await page.getByLabel('Part of a name or a note').fill('nobody of the kind');
	await expect(page.getByRole('status').filter({ hasText: 'Nothing here matches' })).toBeVisible();
	await page.getByLabel('Part of a name or a note').fill('');
	await table.getByRole('link', { name: 'Dorrit Vane' }).click();
	await expect(page.getByRole('heading', { name: 'Dorrit Vane' })).toBeVisible();
});
