import { alone, expect, test } from './shared';
import { accessible, answer, choose, openDemo, saved, station } from './helpers';

test('the toner is seen minute by minute and week by week', async ({ page }) => {
	await openDemo(page, '/visit/hesper-oake-today/tone');
	await expect(answer(page)).toContainText('8V');
	const main = page.getByRole('main');
	await expect(main.getByRole('img', { name: /^on the hair/ })).toBeVisible();
	await expect(main.getByText('20 min', { exact: true }).last()).toBeVisible();
	await expect(main.getByRole('img', { name: /^with weeks: 8\.\d after 6 weeks/ })).toBeVisible();
	await expect(main.getByText('12 weeks')).toBeVisible();
	// The blend as the trade would name it stands beside what the hair makes of it.
	await expect(main.getByText(/by the tubes/).first()).toBeVisible();
	await accessible(page);
});

test('two toners are offered where they come nearer, and are weighed and timed one after the other', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/aim');
	await page
		.getByRole('radiogroup', { name: 'Direction of the aim' })
		.getByRole('radio', { name: 'silver' })
		.click();
	await saved(page);
	await station(page, 'Tone');
	const main = page.getByRole('main');
	await expect(main.getByText('Two toners come nearer than one:')).toBeVisible();
	await main.getByRole('button', { name: 'Tone in two steps' }).click();
	await expect(main.getByText('First toner:')).toBeVisible();
	await expect(main.getByRole('button', { name: 'Start the first toner' })).toBeVisible();
	await main.getByRole('button', { name: 'Start the first toner' }).click();
	await expect(main.getByText(/After the first toner is rinsed/)).toBeVisible();
	await saved(page);
	await station(page, 'Bowls');
	await expect(main.locator('.bowls')).toContainText('first toner');
});

test('a toned swatch says how strong a shade is, and formulas count with it', async ({ page }) => {
	await openDemo(page, '/visit/hesper-oake-today/tone');
	await expect(answer(page)).toContainText('8V');
	const usual = await answer(page).innerText();
	await page.goto('/shelf');
	const line = page.getByRole('region', { name: 'Lantern demi' });
	await line.getByText('How strong its shades are').click();
	await choose(line.getByRole('combobox', { name: 'Shade' }), '8V');
	await line.getByRole('radio', { name: 'measured L*a*b*' }).click();
	const measured = async (l: string, a: string, b: string) => {
		await line.getByLabel('L*', { exact: true }).fill(l);
		await line.getByLabel('a*').fill(a);
		await line.getByLabel('b*').fill(b);
		await line.getByLabel('b*').press('Tab');
		await line.getByRole('button', { name: 'This is 8V' }).click();
	};
	await measured('45', '45', '40');
	await expect(line.getByRole('status')).toContainText('That does not look like 8V');
	await measured('48', '5', '9');
	await expect(line.getByRole('status')).toContainText(/8V is \d+.% stronger than usual/);
	await saved(page);
	await page.goto('/visit/hesper-oake-today/tone');
	await expect(answer(page)).not.toContainText('searching');
	await expect.poll(() => answer(page).innerText()).not.toBe(usual);
});

test('a tint carries its shade: it lays its tone while it lifts, in strand, bowls and print', async ({
	page
}) => {
	await openDemo(page, '/visit/lisbet-quill-today/lift');
	const main = page.getByRole('main');
	await main.getByText('Product and place').click();
	await choose(main.getByLabel('Product', { exact: true }), 'high-lift');
	await main.getByText('Shade', { exact: true }).click();
	const found = main.getByRole('list', { name: 'Shades that hold the warmth it exposes' });
	await expect(found.getByRole('listitem').first()).toBeVisible();
	await found.getByRole('button').first().click();
	await expect(main.getByText(/^Comes out .* under it\.$/)).toBeVisible();
	await expect(main.getByRole('img', { name: /^comes out/ })).toBeVisible();
	// A second shade by hand, its parts typed.
	await main.getByLabel('Add a shade').fill('10.0');
	await expect(page.getByRole('option').first()).toHaveAttribute('data-highlighted', '');
	await page.keyboard.press('Enter');
	await main.getByLabel('10.0', { exact: true }).fill('10');
	await main.getByLabel('10.0', { exact: true }).press('Tab');
	await saved(page);
	await page.goto('/visit/lisbet-quill-today/mix');
	await expect(page.getByText('10.0', { exact: true }).first()).toBeVisible();
	await accessible(page);
});

test('a chain of four applications: each with its own product, strength, hair and areas', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/lift');
	const main = page.getByRole('main');
	await main.getByText('More than one application').click();
	const steps = main.getByRole('list', { name: 'Applications of the day' }).getByRole('listitem');
	for (const n of [2, 3, 4]) {
		await main.getByRole('button', { name: 'Then: another application' }).click();
		await expect(steps).toHaveCount(n);
	}
	// The last one: a weak bowl on the nape's ends alone.
	await steps.nth(3).getByRole('button').click();
	await main
		.getByRole('group', { name: 'This one goes on' })
		.getByRole('button', { name: 'nape' })
		.click();
	await main.getByLabel('Developer, volumes').fill('7');
	await main.getByLabel('Developer, volumes').press('Tab');
	await expect(steps.nth(3)).toContainText('7 vol');
	await expect(steps.nth(3)).toContainText('nape');
	await saved(page);
	await station(page, 'Bowls');
	await expect(main.locator('.bowls')).toContainText('7 vol');
});

alone(
	'the toner is told zone by zone from what was read dry, by kind, and as it ages at home',
	async ({ page }) => {
		await page.clock.install();
		await openDemo(page, '/visit/hesper-oake-today/tone');
		const formulas = page.getByRole('list', { name: 'Formulas that come closest' });
		await expect(formulas.getByText(/takes the warmth, keeps the level/)).toBeVisible();
		await expect(page.getByText(/root, .*alike|lengths, .*alike|ends, .*alike/)).toBeVisible();
		// The root is read behind the rest: it decides, and is begun first.
		await page.goto('/visit/hesper-oake-today/chair');
		await page.getByRole('button', { name: 'Start', exact: true }).click();
		await page.getByRole('switch', { name: 'Follow the plan untapped' }).click();
		await page.clock.fastForward('58:00');
		await page.getByRole('button', { name: /Stop here, or once more/ }).click();
		await page.getByRole('button', { name: 'Stop: rinse all of it now' }).click();
		const read = (zone: string, level: string) =>
			page
				.getByRole('radiogroup', { name: `Level seen on the ${zone}` })
				.getByRole('radio', { name: new RegExp(`^${level} `) })
				.click();
		const wasExpected = page.getByText(/\d was expected/).nth(1);
		const before = await wasExpected.textContent();
		await read('root', '8');
		// A root that lags says that the head does: nobody has seen the lengths, and no station calls them seen.
		await expect(wasExpected).not.toHaveText(before!);
		await page.getByRole('button', { name: 'Tone it from here' }).click();
		const start = page.getByText(/^Expected \d.* by what was seen elsewhere/);
		await expect(start).toBeVisible();
		await expect(page.getByText('partly seen')).toBeVisible();
		const [level] = /\d(\.\d)?/.exec((await start.textContent())!)!;
		await station(page, 'Lift');
		await expect(answer(page).locator('.big')).toHaveText(level);
		await station(page, 'Chair');
		await read('lengths', '9');
		await page.getByRole('button', { name: 'Tone it from here' }).click();
		const zones = page.getByRole('region', { name: 'Zone by zone' });
		await expect(zones).toContainText('Deepest: the root');
		await expect(zones).toContainText('seen 8');
		await expect(zones).toContainText('seen 9');
		// Each zone is begun and rinsed by its own clock, which calls like any other.
		await expect(zones).toContainText(/Begin with the \w+, .* min later/);
		await zones.getByRole('button', { name: 'Start the toner on the lengths' }).click();
		await page.clock.fastForward('02:00');
		await expect(
			page.getByRole('timer', { name: 'The toner on the lengths on the hair' })
		).toHaveText(/^02:0\d$/);
		await expect(page.getByRole('timer', { name: 'The toner on the root on the hair' })).toHaveText(
			'00:00'
		);
		await accessible(page);
		// Violet shampoo at home keeps it longer, and the client is asked once.
		await page.getByRole('button', { name: /How it ages/ }).click();
		const weeks = page.getByRole('list', { name: 'The colour week by week' });
		await expect(weeks.getByRole('listitem')).toHaveCount(6);
		const without = await weeks.innerText();
		await page.getByRole('slider', { name: 'Violet shampoo a week' }).focus();
		await page.keyboard.press('End');
		await expect(page.getByText(/at 2 washes a week and violet shampoo 7 times/)).toBeVisible();
		await expect(weeks).not.toHaveText(without);
	}
);
