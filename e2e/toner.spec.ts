import { expect, test, type Page } from './shared';
import { accessible, answer, choose, noSidewaysScroll, openDemo, saved, station } from './helpers';

const main = (page: Page) => page.getByRole('main');
const wheel = (page: Page) => main(page).getByRole('slider', { name: 'The aim on the wheel' });
const places = (page: Page) => main(page).getByRole('region', { name: 'Where each toner goes' });
const formulas = (page: Page) =>
	main(page).getByRole('list', { name: 'Formulas that come closest' }).getByRole('listitem');

async function openTone(page: Page, visit: string) {
	await openDemo(page, `/visit/${visit}/tone`);
	await expect(formulas(page).first()).toBeVisible();
}
async function addToner(page: Page, technique: RegExp) {
	await places(page).getByRole('button', { name: 'Another toner for some of it' }).click();
	await page.getByRole('menuitem', { name: technique }).click();
}

// Six heads of the demo, each to a toner that is weighed and told on the sheet that goes with it.
for (const [visit, line] of [
	['hesper-oake-today', undefined],
	['lisbet-quill-today', undefined],
	['dorrit-vane-today', undefined],
	['yusra-halden-today', undefined],
	['casimir-bly-today', undefined],
	['odile-ferrant-today', /Brine direct/]
] as const) {
	test(`${visit.replace('-today', '')} gets a toner that is chosen, weighed and told`, async ({
		page
	}) => {
		await openTone(page, visit);
		if (line) {
			await choose(main(page).getByLabel('Line', { exact: true }), line);
			await expect(main(page).getByText(/^Searching/)).toHaveCount(0);
		}
		// Hair that is deeper than its aim says so first; what serves until then stands below.
		const row = formulas(page).filter({ hasNotText: 'No toner' }).first();
		const said = (await row.locator('.figure').first().innerText()).trim();
		expect(said).toMatch(/\d+ g/);
		await row.getByRole('button', { name: 'Choose' }).click();
		await expect(answer(page)).toContainText(said);
		await saved(page);
		await station(page, 'Bowls');
		const bowls = main(page).locator('.bowls');
		await expect(bowls).toContainText('toner');
		await page.goto(`/visit/${visit}/send-off`);
		await expect(main(page).getByText(`Toned with ${said}`, { exact: false })).toBeVisible();
	});
}

test('a melt of three runs without a line, each with its bowl and its clock', async ({ page }) => {
	await openTone(page, 'casimir-bly-today');
	await expect(places(page)).toContainText('The aim has a root of');
	await addToner(page, /^Melt of three/);
	await expect(places(page).getByRole('heading')).toHaveText('3 toners');
	await expect(page.getByText('What goes on the root?')).toBeVisible();
	await expect(answer(page)).toContainText(/\d+N/);
	await expect(main(page).getByText(/^(Regrowth shows|The scalp stays)/)).toBeVisible();
	await accessible(page);
	// How far it reaches is felt by what it takes.
	const reach = main(page).getByRole('slider', { name: /Reaches from the scalp/ });
	const before = await main(page).getByLabel('Colour in the bowl').inputValue();
	await reach.focus();
	for (let i = 0; i < 10; i++) await page.keyboard.press('ArrowRight');
	await expect
		.poll(async () => Number(await main(page).getByLabel('Colour in the bowl').inputValue()))
		.toBeGreaterThan(Number(before));
	await places(page)
		.getByRole('button', { name: /^middle/ })
		.click();
	await expect(page.getByText('What goes on the middle?')).toBeVisible();
	await main(page).getByRole('button', { name: 'Start the toner on the middle' }).click();
	await expect(main(page).getByRole('button', { name: 'It is off' })).toBeVisible();
	await places(page).getByRole('button', { name: 'the rest' }).click();
	await expect(page.getByText('What neutralises what is there?')).toBeVisible();
	await saved(page);
	await station(page, 'Bowls');
	const bowls = main(page).locator('.bowls');
	await expect(bowls).toContainText('toner, root');
	await expect(bowls).toContainText('toner, middle');
	// It is taken out, and taken back.
	await page.goto('/visit/casimir-bly-today/tone');
	await places(page).getByRole('button', { name: /^root/ }).click();
	await main(page).getByRole('button', { name: 'Take this toner out' }).click();
	await expect(places(page).getByRole('heading')).toHaveText('2 toners');
	await page.keyboard.press('Control+z');
	await expect(places(page).getByRole('heading')).toHaveText('3 toners');
});

test('the aim is dragged on the wheel, and stepped by keys: formula and strand follow', async ({
	page
}) => {
	await openTone(page, 'hesper-oake-today');
	await expect(answer(page)).toContainText('V');
	const before = await answer(page).innerText();
	const box = (await wheel(page).boundingBox())!;
	await expect(wheel(page)).toHaveAttribute('aria-valuetext', /^8.5 beige, 45 %.*violet/);
	// To the warm side: gold or copper, nothing that stands against the yellow.
	await page.mouse.move(box.x + box.width * 0.5, box.y + box.height * 0.5);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width * 0.66, box.y + box.height * 0.2, { steps: 6 });
	await page.mouse.up();
	await expect(wheel(page)).toHaveAttribute('aria-valuetext', /^8.5 (gold|copper)/);
	await expect.poll(() => answer(page).innerText()).not.toBe(before);
	await saved(page);
	await station(page, 'Aim');
	await expect(answer(page)).toContainText(/gold|copper/);
	await page.goBack();
	await wheel(page).focus();
	const warmth = Number(await wheel(page).getAttribute('aria-valuenow'));
	await page.keyboard.press('ArrowDown');
	await expect(wheel(page)).toHaveAttribute('aria-valuenow', String(Math.max(0, warmth - 5)));
	await page.keyboard.press('ArrowRight');
	await expect(wheel(page)).toHaveAttribute('aria-valuetext', /^8.5 (copper|rose)/);
});

test('what went wrong: why, what helps, the gentlest first, and what was done is noted', async ({
	page
}) => {
	await openTone(page, 'hesper-oake-today');
	await main(page).getByText('Something is not right').click();
	const acts = main(page).getByRole('list', { name: 'What can be done, the gentlest first' });
	await expect(main(page).getByText(/lay on the warm first centimetres/)).toBeVisible();
	await expect(acts).toContainText(/Tone it alone: .* g, \d+ min/);
	await choose(main(page).getByLabel('What do you see?'), 'too dark');
	const level = main(page).getByRole('slider', { name: 'It looks like level' });
	await level.focus();
	for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
	await expect(acts.getByRole('listitem')).toHaveCount(3);
	await expect(acts.getByRole('listitem').first()).toContainText('Clarify');
	await expect(acts.getByRole('listitem').last()).toContainText(/Bleach wash.*10 vol, \d+ min/s);
	await accessible(page);
	await acts.getByRole('button', { name: 'This was done' }).first().click();
	const done = main(page).getByRole('list', { name: 'What was done about it' });
	await expect(done).toContainText(/too dark at 7.*: clarified, expected \d/);
	await saved(page);
	await page.reload();
	await expect(done).toContainText('clarified');
	await station(page, 'Send-off');
	await expect(main(page).getByText(/too dark at 7.*clarified/)).toBeVisible();
	await page.goBack();
	await done.getByRole('button', { name: 'It was not' }).click();
	await expect(done).toHaveCount(0);
});

test('it ages at the washes, the shampoos and the water of this client', async ({ page }) => {
	await openTone(page, 'yusra-halden-today');
	await main(page)
		.getByRole('listitem')
		.filter({ hasNotText: 'No toner' })
		.getByRole('button', { name: 'Choose' })
		.first()
		.click();
	await main(page).getByText('How it ages').click();
	await expect(main(page).getByText(/^Copper in the water at home/)).toBeVisible();
	const chart = main(page).getByRole('img', { name: 'What is left of each dye, by weeks' });
	await expect(chart).toBeVisible();
	await main(page).getByRole('button', { name: 'Table', exact: true }).click();
	await expect(main(page).getByRole('table', { name: 'What is left of each dye' })).toContainText(
		'Week 12'
	);
	await main(page).getByRole('radio', { name: 'every 6 weeks' }).click();
	await expect(main(page).getByText(/a gloss every 6 weeks/)).toBeVisible();
	await accessible(page);
	await saved(page);
	await page.goto('/visit/yusra-halden-today/upkeep');
	await expect(page.getByText(/a gloss every 6 weeks/)).toBeVisible();
});

test('at the width of a phone, by fingers: a root shadow, its formula, its minutes', async ({
	page
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openTone(page, 'anneke-rill-today');
	await addToner(page, /^Root shadow/);
	await expect(page.getByText('What goes on the root?')).toBeVisible();
	await formulas(page)
		.filter({ hasNotText: 'No toner' })
		.first()
		.getByRole('button', { name: 'Choose' })
		.click();
	await expect(formulas(page).getByRole('button', { name: 'Chosen' })).toBeVisible();
	await noSidewaysScroll(page);
	await accessible(page, { only: 'colours' });
});

test('an open tube is said on the shelf, and a formula takes nothing else', async ({ page }) => {
	await openDemo(page, '/shelf');
	const line = page.getByRole('region', { name: 'Lantern demi' });
	for (const code of ['9V', '8N']) {
		await line.getByRole('button', { name: new RegExp(`^${code}: level`) }).click();
		await page.getByRole('checkbox', { name: 'A tube is open' }).click();
		await page.keyboard.press('Escape');
	}
	await expect(line.getByRole('button', { name: /^9V: .*, open$/ })).toBeVisible();
	await saved(page);
	await page.goto('/visit/hesper-oake-today/tone');
	const row = formulas(page).filter({ hasText: 'from open tubes' });
	await expect(row).toContainText(/9V \d+ g|8N \d+ g/);
	await expect(formulas(page).filter({ hasText: 'softest on the hair' })).toContainText(
		'Kelpline gloss'
	);
});
