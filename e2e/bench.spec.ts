import { alone, expect, test } from './shared';
import { accessible, answer, noSidewaysScroll, openDemo, saved } from './helpers';

test('a morning at the bench: strands, bowls, clocks, a verdict, and the right one on a head', async ({
	page
}) => {
	await openDemo(page);
	await page.getByRole('link', { name: /^Bench/ }).click();
	await page.getByLabel('What is looked for').fill('Dusty rose');
	await page.getByRole('button', { name: 'Lay strands down' }).click();
	await expect(page.getByRole('heading', { name: 'Dusty rose' })).toBeVisible();
	await page.getByRole('button', { name: 'Lay a strand down' }).click();
	const sheet = page.getByRole('dialog', { name: 'Strand 1' });
	await sheet.getByLabel('Line').click();
	await page.getByRole('option', { name: 'Brine direct' }).click();
	const said = sheet.getByLabel('A formula, as you say it');
	await said.fill('R Rose 2 + clear 8');
	await expect(sheet).toContainText('Heard: R Rose 2 g + clear 8 g');
	await said.press('Enter');
	await expect(sheet).toContainText('In the bowl: R Rose 2 g + clear 8 g.');
	await page.keyboard.press('Escape');

	const table = page.getByRole('list', { name: 'Strands on the bench' });
	const strand = (index: number) => table.getByRole('listitem').nth(index);
	await expect(strand(0)).toContainText('R Rose 2 g + clear 8 g');
	await strand(0).getByRole('button', { name: 'On', exact: true }).click();
	await expect(strand(0).getByRole('button', { name: /^Off: \d+:\d\d left/ })).toBeVisible();
	await strand(0).getByRole('button', { name: /^Off/ }).click();
	await expect(strand(0)).toContainText('Once more');
	await strand(0).getByRole('radio', { name: '3' }).click();

	const act = async (index: number, name: string) => {
		await page.getByRole('button', { name: `Strand ${index + 1}: more` }).click();
		await page.getByRole('menuitem', { name }).click();
	};
	await act(0, 'Next: softer: with clear');
	await expect(strand(1)).toContainText('clear');
	await act(0, 'Next: between 1 and 2');
	await expect(table.getByRole('listitem')).toHaveCount(3);
	await strand(1).getByRole('radio', { name: '5' }).click();
	await accessible(page);
	await saved(page);

	// It is all there the next time, in the ledger too.
	await page.goto('/bench');
	await expect(page.getByRole('link', { name: /Dusty rose/ })).toContainText(
		'3 strands, 1 of them right'
	);
	await page.getByRole('link', { name: /Dusty rose/ }).click();
	await act(1, 'Use it for a visit');
	await page
		.getByRole('dialog', { name: 'For whom?' })
		.getByRole('button', { name: 'Odile Ferrant' })
		.click();
	await expect(page).toHaveURL(/odile-ferrant-today\/tone$/);
	await expect(answer(page)).toContainText(/R Rose \d+(\.\d+)? g \+ clear \d+(\.\d+)? g/);
	await page.goto('/ledger');
	await page.getByRole('radio', { name: 'bench' }).click();
	await page.getByLabel('A shade, a strength, a level, a word, a name, a month').fill('dusty rose');
	await expect(page.getByRole('table', { name: 'Ledger' })).toContainText('rated 5');
});

test('a strand that is taken away and a morning that is removed come back on undo; it fits a phone', async ({
	page
}) => {
	await openDemo(page, '/bench/sea-glass');
	const strands = page.getByRole('list', { name: 'Strands on the bench' }).getByRole('listitem');
	await expect(strands).toHaveCount(5);
	await page.getByRole('button', { name: 'Strand 1: more' }).click();
	await page.getByRole('menuitem', { name: 'Take it away' }).click();
	await expect(strands).toHaveCount(4);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(strands).toHaveCount(5);
	await page.setViewportSize({ width: 390, height: 844 });
	await noSidewaysScroll(page);
	await page.getByRole('button', { name: 'More', exact: true }).click();
	await page.getByRole('menuitem', { name: 'Remove this morning' }).click();
	await expect(page.getByRole('heading', { name: 'Try it on a strand first' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).last().click();
	await expect(page.getByRole('link', { name: /Sea glass/ })).toBeVisible();
});

alone(
	'a strand is tried before the service: looked at minute by minute, it teaches what the head does',
	async ({ page }) => {
		await page.clock.install({ time: new Date('2026-03-03T10:00:00') });
		await openDemo(page, '/bench');
		await page
			.getByRole('region', { name: 'A strand before the service, today' })
			.getByRole('link', { name: 'Hesper Oake' })
			.click();
		await page.getByRole('button', { name: 'Strand test', exact: true }).click();
		await page.getByRole('button', { name: 'On, in foil' }).click();
		await page.clock.fastForward('20:00');
		await expect(page.getByRole('button', { name: /^Hold: 20:/ })).toBeVisible();
		const seen = page.getByLabel('Wiped: level');
		await seen.fill('7.2');
		await seen.press('Tab');
		await page.getByRole('button', { name: 'Note the look' }).click();
		const looks = page.getByRole('list', { name: /^Looks at the strand/ });
		await expect(looks.getByRole('listitem')).toHaveText(/20 min: 7\.2 expected [\d.]+/);
		await expect(page.getByText('teach how fast this head lifts', { exact: false })).toBeVisible();
		await accessible(page);
		await page.goto(page.url().replace(/\/read.*/, '/lift'));
		await expect(page.getByText(/from a test strand \(± \d+ %\)/)).toBeVisible();
	}
);

test('at the bench what was done is taken back by keys', async ({ page }) => {
	await openDemo(page, '/bench/sea-glass');
	const strands = page.getByRole('list', { name: 'Strands on the bench' }).getByRole('heading');
	await expect(strands).toHaveCount(5);
	await page.getByRole('button', { name: 'Strand 1: more' }).click();
	await page.getByRole('menuitem', { name: 'Take it away' }).click();
	await expect(strands).toHaveCount(4);
	await page.keyboard.press('Control+z');
	await expect(strands).toHaveCount(5);
	await page.keyboard.press('Control+Shift+z');
	await expect(strands).toHaveCount(4);
});
