import type { Page } from '@playwright/test';
import { choose, openDemo, saved, station } from './helpers';
import { expect, test } from './shared';

const main = (page: Page) => page.getByRole('main');

test('a number that stands in a field is kept, and nothing says saved before', async ({ page }) => {
	await openDemo(page, '/visit/hesper-oake-today/read');
	const length = main(page).getByLabel('Length', { exact: true });
	await length.click();
	await length.press('ControlOrMeta+a');
	await length.pressSequentially('3');
	await expect(page.getByText(/not saved yet$/)).toBeVisible();
	await length.pressSequentially('7');
	// Nobody leaves the field: it is taken all the same.
	await saved(page);
	await page.reload();
	await expect(length).toHaveValue('37');
	// Half a number is none, and the page does not say that it is kept.
	await length.click();
	await length.press('End');
	await length.pressSequentially(',');
	await expect(page.getByText(/not saved yet$/)).toBeVisible();
	await length.pressSequentially('5');
	await station(page, 'Aim');
	await saved(page);
	await station(page, 'Read');
	await expect(length).toHaveValue('37.5');
});

test('a form that waits to be sent is told on every page, outlives its window and is offered again', async ({
	page,
	context
}) => {
	await openDemo(page, '/shelf/salon');
	const name = main(page).getByLabel('Lightener’s name');
	await name.fill('Saltmarsh white');
	const told = page.getByRole('link', { name: 'Not sent: how this salon works' });
	await expect(told.first()).toBeVisible();
	await page.goto('/visit/hesper-oake-today/lift');
	await expect(told.first()).toBeVisible();
	// The tab is closed; another one knows it.
	await page.close();
	const next = await context.newPage();
	await next.goto('/demo?to=/clients');
	await next.waitForURL('/clients');
	await next.getByRole('link', { name: 'Not sent: how this salon works' }).first().click();
	await expect(next.getByLabel('Lightener’s name')).toHaveValue('Saltmarsh white');
	await next.getByRole('button', { name: 'Keep it so' }).click();
	await expect(next.getByRole('link', { name: /^Not sent/ })).toHaveCount(0);
	await next.reload();
	await expect(next.getByLabel('Lightener’s name')).toHaveValue('Saltmarsh white');
	await next.close();
});

test('who keeps a form keeps what was touched, and is asked where that was changed elsewhere', async ({
	page,
	context
}) => {
	await openDemo(page, '/shelf/salon');
	const other = await context.newPage();
	await other.goto('/demo?to=/shelf/salon');
	await other.waitForURL('/shelf/salon');
	const scalp = (at: Page) => main(at).getByLabel('Lightener on the scalp', { exact: true });
	const name = (at: Page) => main(at).getByLabel('Lightener’s name');
	const keep = (at: Page) => at.getByRole('button', { name: 'Keep it so' });
	const set = async (at: Page, value: string) => {
		await scalp(at).fill(value);
		await scalp(at).press('Tab');
	};
	// One types a name; the other lowers the ceiling and keeps it.
	await name(page).fill('Saltmarsh white');
	await set(other, '10');
	await keep(other).click();
	await expect(scalp(page)).toHaveValue('10');
	await expect(name(page)).toHaveValue('Saltmarsh white');
	await keep(page).click();
	await saved(page);
	await other.reload();
	await expect(scalp(other)).toHaveValue('10');
	await expect(name(other)).toHaveValue('Saltmarsh white');
	// Both change the same: the one who comes second is asked, and nothing is sent before.
	await set(page, '15');
	await set(other, '7.5');
	await keep(other).click();
	const asked = page.getByRole('alert', { name: 'Changed elsewhere' });
	await expect(asked).toContainText('Lightener on the scalp');
	await expect(scalp(page)).toHaveValue('15');
	await keep(page).click();
	await expect(asked).toBeVisible();
	await expect(page.getByRole('link', { name: /^Not sent/ }).first()).toBeVisible();
	await asked.getByRole('button', { name: '7.5, as there' }).click();
	await expect(scalp(page)).toHaveValue('7.5');
	// It is as it is kept: nothing is left to send.
	await expect(keep(page)).toBeDisabled();
	await expect(page.getByRole('link', { name: /^Not sent/ })).toHaveCount(0);
	await other.reload();
	await expect(scalp(other)).toHaveValue('7.5');
	// As it was is as it is kept now, and what was typed can be had back.
	await name(page).fill('Saltmarsh grey');
	await page.getByRole('button', { name: 'As it was' }).click();
	await expect(name(page)).toHaveValue('Saltmarsh white');
	await expect(keep(page)).toBeDisabled();
	await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
	await expect(name(page)).toHaveValue('Saltmarsh grey');
	await expect(keep(page)).toBeEnabled();
	await other.close();
});

test('a line that is changed in two windows keeps what each touched', async ({ page, context }) => {
	await openDemo(page, '/shelf');
	const other = await context.newPage();
	await other.goto('/demo?to=/shelf');
	await other.waitForURL('/shelf');
	const title = await main(page)
		.getByRole('region')
		.filter({ has: page.getByRole('button', { name: /^More of / }) })
		.first()
		.getAttribute('aria-label');
	const change = async (at: Page) => {
		await at.getByRole('button', { name: `More of ${title}` }).click();
		await at.getByRole('menuitem', { name: 'Change the line' }).click();
		return at.getByRole('dialog', { name: title! });
	};
	const [mine, theirs] = [await change(page), await change(other)];
	await mine.getByLabel('Name of the line').fill('Saltmarsh');
	await theirs.getByLabel('Minutes').fill('17');
	await theirs.getByLabel('Minutes').press('Tab');
	await theirs.getByRole('button', { name: 'Keep it so' }).click();
	await expect(theirs).toBeHidden();
	await saved(other);
	await mine.getByRole('button', { name: 'Keep it so' }).click();
	await expect(page.getByRole('region', { name: 'Saltmarsh' })).toContainText(/, 17 min/);
	await expect(other.getByRole('region', { name: 'Saltmarsh' })).toContainText(/, 17 min/);
	// Both change one thing: who comes second is asked.
	const again = async (at: Page, minutes: string) => {
		await at.getByRole('button', { name: 'More of Saltmarsh' }).click();
		await at.getByRole('menuitem', { name: 'Change the line' }).click();
		const sheet = at.getByRole('dialog', { name: 'Saltmarsh' });
		await sheet.getByLabel('Minutes').fill(minutes);
		await sheet.getByLabel('Minutes').press('Tab');
		return sheet;
	};
	const [first, second] = [await again(other, '11'), await again(page, '13')];
	await first.getByRole('button', { name: 'Keep it so' }).click();
	await expect(first).toBeHidden();
	await saved(other);
	await second.getByRole('button', { name: 'Keep it so' }).click();
	const asked = second.getByRole('alert', { name: 'Changed elsewhere' });
	await expect(asked).toContainText('Minutes');
	await asked.getByRole('button', { name: '13, as typed here' }).click();
	await second.getByRole('button', { name: 'Keep it so' }).click();
	await expect(other.getByRole('region', { name: 'Saltmarsh' })).toContainText(/, 13 min/);
	await other.close();
});

test('what was done to hair, changed in two windows, keeps what each touched', async ({
	page,
	context
}) => {
	await openDemo(page, '/visit/hesper-oake-today/read');
	await page.getByText('History', { exact: true }).click();
	await page.getByRole('button', { name: 'Tell what was done' }).click();
	const fresh = page.getByRole('form', { name: 'Tell what was done' });
	await choose(fresh.getByRole('combobox', { name: 'What was done' }), 'lightening');
	await fresh.getByRole('button', { name: 'Put it into the history' }).click();
	await saved(page);
	const other = await context.newPage();
	await other.goto('/demo?to=/visit/hesper-oake-today/read');
	await other.waitForURL('/visit/hesper-oake-today/read');
	await other.getByText('History', { exact: true }).click();
	const change = async (at: Page) => {
		await at.getByRole('button', { name: /^1 lightened to/ }).click();
		return at.getByRole('form', { name: 'Change what was done' });
	};
	const [mine, theirs] = [await change(page), await change(other)];
	await choose(mine.getByRole('combobox', { name: 'Went on' }), /ends/);
	await theirs.getByLabel('Reached level').fill('7.5');
	await theirs.getByLabel('Reached level').press('Tab');
	await theirs.getByRole('button', { name: 'Keep it so' }).click();
	await saved(other);
	await mine.getByRole('button', { name: 'Keep it so' }).click();
	await saved(page);
	const told = (at: Page) => at.getByRole('button', { name: /^1 lightened to 7\.5.*ends/ });
	await expect(told(page)).toBeVisible();
	await expect(told(other)).toBeVisible();
	// It is removed there while it is changed here: what was typed can be let go.
	const last = await change(page);
	await last.getByLabel('Reached level').fill('6');
	await last.getByLabel('Reached level').press('Tab');
	const waits = page.getByRole('link', { name: 'Not sent: what was done to hair' }).first();
	await expect(waits).toBeVisible();
	await told(other).click();
	await other.getByRole('button', { name: 'Remove', exact: true }).click();
	await expect(last).toBeHidden();
	await page.getByRole('button', { name: 'Discard what was done to hair' }).first().click();
	await expect(waits).toBeHidden();
	const letGo = page.getByRole('listitem').filter({ hasText: 'Let go what was typed' });
	await letGo.getByRole('button', { name: 'Undo' }).click();
	await expect(waits).toBeVisible();
	await other.close();
});

test('a new client’s name is typed at once: no key of it presses a button', async ({ page }) => {
	await openDemo(page);
	await page.route(/NewClientForm|chunks/, async (route) => {
		await new Promise((resolve) => setTimeout(resolve, 300));
		await route.continue();
	});
	await page.getByRole('button', { name: 'New visit' }).first().click();
	const sheet = page.getByRole('dialog', { name: 'Who sits down?' });
	await expect(sheet).toBeVisible();
	await page.keyboard.press('Space');
	await expect(sheet).toBeVisible();
	await expect(sheet.getByLabel('Name')).toBeFocused();
	await page.keyboard.type('Mara Lind');
	await expect(sheet.getByLabel('Name')).toHaveValue(/Mara Lind/);
});
