import { alone, expect, test, type Locator, type Page } from './shared';
import {
	accessible,
	answer,
	choose,
	comeBack,
	openClient,
	openDemo,
	openStation,
	saved,
	station
} from './helpers';
import { openPicture, picture, point } from './picture';

test('bowls mix what Lift says; staging is an offer with its gain, and never stronger unasked', async ({
	page
}) => {
	await openStation(page, 'Casimir Bly', 'Bowls');
	const bowls = page.getByRole('main').locator('.bowls li');
	const strengths = async () =>
		(await bowls.allTextContents()).flatMap((text) =>
			text.includes('toner') ? [] : [Number(/([\d.]+) vol, /.exec(text)![1])]
		);
	await expect(bowls.first()).toContainText('vol');
	const stage = page.getByRole('switch', { name: 'Stage the strengths' });
	await expect(page.getByText(/20 vol throughout: \d\.\d apart/)).toBeVisible();
	await expect(page.getByText(/Staged [\d.]+ to 20 vol: \d\.\d apart/)).toBeVisible();
	await stage.click();
	await expect(stage).not.toBeChecked();
	await expect.poll(async () => new Set(await strengths())).toEqual(new Set([20]));
	await stage.click();
	await expect.poll(async () => Math.max(...(await strengths()))).toBe(20);
	// Stronger ones are had only by asking, with what they would bring.
	const above = page.getByRole('switch', { name: 'Stronger than 20 vol too' });
	await expect(above).not.toBeChecked();
	await above.click();
	await expect.poll(async () => Math.max(...(await strengths()))).toBeGreaterThan(20);
	await expect(page.getByText('more than was chosen in Lift')).toBeVisible();
});

test('a strength between the stocked ones is typed, blended and mixed; beyond the shelf there is none', async ({
	page
}) => {
	await openStation(page, 'Hesper Oake', 'Lift');
	const volumes = page.getByLabel('Developer, volumes');
	await volumes.fill('41');
	await volumes.press('Enter');
	await expect(page.getByRole('main').getByRole('alert')).toContainText('5 to 40 vol');
	await volumes.fill('7');
	await volumes.press('Enter');
	await station(page, 'Bowls');
	await page.getByRole('switch', { name: 'Stage the strengths' }).click();
	const first = page.getByRole('main').locator('.bowls li').first();
	await expect(first).toContainText('7 vol');
	await expect(first).toContainText('5 vol');
	await expect(first).toContainText('10 vol');
	// Off the shelf, off the dial.
	await page.goto('/shelf');
	await page.getByRole('button', { name: 'Take 40 vol off the shelf' }).click();
	await page.goto('/visit/hesper-oake-today/lift');
	await page.getByRole('slider', { name: 'Developer' }).focus();
	await page.keyboard.press('End');
	await expect(volumes).toHaveValue('30');
});

test('a new head is worked with the one strength of its lift', async ({ page }) => {
	await openDemo(page);
	await page.getByRole('button', { name: 'New visit' }).first().click();
	await page.getByLabel('Name').fill('Orla Finch');
	await page.getByRole('button', { name: 'New client, read the hair' }).click();
	await station(page, 'Bowls');
	await expect(page.getByRole('switch', { name: 'Stage the strengths' })).not.toBeChecked();
	const bowls = page.getByRole('main').locator('.bowls li').filter({ hasNotText: 'toner' });
	await expect(bowls.first()).toContainText('20 vol');
	for (const text of await bowls.allTextContents()) expect(text).toContain('20 vol');
});

test('a stop never holds a clock that has begun, and stands above it', async ({ page }) => {
	await openStation(page, 'Hesper Oake', 'Chair');
	await page.getByRole('button', { name: 'Start' }).click();
	await page.getByRole('button', { name: 'Hold' }).click();
	await station(page, 'Read');
	await page.getByText('Skin, water and sensitivities').click();
	await page.getByRole('radio', { name: 'broken' }).click();
	await station(page, 'Chair');
	await expect(page.getByText('The clock goes on: the lightener lies on the hair.')).toBeVisible();
	await page.getByRole('button', { name: 'Go on' }).click();
	await expect(page.getByRole('button', { name: 'Hold' })).toBeVisible();
	// On dry hair the same stop holds it back.
	await openStation(page, 'Anneke Rill', 'Read');
	await page.getByText('Skin, water and sensitivities').click();
	await page.getByRole('radio', { name: 'broken' }).click();
	await station(page, 'Chair');
	await expect(page.getByRole('button', { name: 'Start' })).toBeDisabled();
});

test('figures of colour stand behind the words, for whoever wants them', async ({ page }) => {
	await openDemo(page);
	await openClient(page, 'Hesper Oake');
	const told = page.getByRole('main');
	for (const name of ['Aim', 'Lift', 'Bowls', 'Chair', 'Tone']) {
		await station(page, name);
		await expect(answer(page)).toBeVisible();
		await expect(told).not.toContainText(/ΔE|#[0-9a-f]{6}/);
	}
	await expect(told).toContainText('very close');
	await page.goto('/records');
	await page.getByRole('switch', { name: 'Colours in figures too' }).click();
	await page.goto('/visit/hesper-oake-today/tone');
	await expect(told).toContainText(/#[0-9a-f]{6}/);
	await expect(told).toContainText(/ΔE \d/);
});

alone(
	'what nobody saw is not recorded as seen, and the next visit says so until it is read',
	async ({ page }) => {
		await openStation(page, 'Hesper Oake', 'Send-off');
		await expect(answer(page)).toContainText('8.5');
		await page.getByRole('button', { name: 'Record the visit' }).click();
		await expect(page.getByText('Recorded as expected; nobody looked.')).toBeVisible();
		await expect(page.getByLabel('Level seen').first()).toHaveValue('');
		await expect(answer(page)).toContainText('expected');
		await comeBack(page, 'Hesper Oake');
		const guess = page.getByText('Where the last visit ended was expected and not looked at');
		await expect(guess).toBeVisible();
		// Foils picked up some of it: that is what nobody looked at.
		await expect(page.locator('.range')).toContainText('lengths 5 with 75 % at 9');
		await page.getByLabel('Their level').fill('8');
		await page.getByLabel('Their level').press('Tab');
		await expect(page.locator('.range')).toContainText('lengths 5 with 75 % at 8');
		await expect(guess).toBeHidden();
		// What lies between them stays as it is, and is not called light.
		await station(page, 'Lift');
		await expect(page.getByText('Left as it is:')).toBeVisible();
		await expect(page.getByText('Kept out, light already:')).toBeHidden();
	}
);

test('old blonde is kept out until somebody says why; then it gets a weak bowl of its own', async ({
	page
}) => {
	await openStation(page, 'Dorrit Vane', 'Aim');
	await page
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^10 / })
		.click();
	await station(page, 'Lift');
	await page.getByRole('main').getByText('Product and place').click();
	await page.getByLabel('Developer, volumes').fill('20');
	await page.getByLabel('Developer, volumes').press('Enter');
	await page.getByLabel('On the ends').click();
	await expect(page.getByRole('main').getByText('light already, kept out')).toBeVisible();
	await station(page, 'Bowls');
	const bowls = page.getByRole('main').locator('.bowls li').filter({ hasNotText: 'toner' });
	await page.getByRole('switch', { name: 'Stage the strengths' }).click();
	await expect(bowls.filter({ hasText: '10 vol' })).toHaveCount(0);
	await station(page, 'Lift');
	await page.getByRole('button', { name: 'Take it along…' }).click();
	const take = page.getByRole('button', { name: 'Take it along', exact: true });
	await expect(take).toBeDisabled();
	await expect(page.getByText('With a bowl of its own')).toContainText(
		/of 10\s+vol: ends 9\.5, condition \d+ to \d+/
	);
	await page.getByLabel('Why it is lightened again').fill('dull and uneven');
	await take.click();
	await expect(page.getByRole('main').getByText('“dull and uneven”')).toBeVisible();
	await station(page, 'Bowls');
	await expect(bowls.filter({ hasText: '10 vol' }).first()).toBeVisible();
	await expect(bowls.filter({ hasText: '20 vol' }).first()).toBeVisible();
	// The sheet that is handed over says the same.
	const sheet = page.locator('article.printed');
	await page.emulateMedia({ media: 'print' });
	await expect(sheet).toContainText('taken along with 10 vol (“dull and uneven”)');
	await expect(sheet).toContainText('12 mm off the skin');
	await page.emulateMedia({ media: 'screen' });
	await station(page, 'Lift');
	await page.getByRole('button', { name: 'Keep it out' }).click();
	await expect(page.getByRole('button', { name: 'Take it along…' })).toBeVisible();
});

test('hair that goes darker leaves the lift by itself, and so do its foils and grams', async ({
	page
}) => {
	await openStation(page, 'Hesper Oake', 'Aim');
	await page.getByRole('button', { name: 'nape', exact: true }).click();
	await page
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^4.5 / })
		.click();
	await station(page, 'Lift');
	await expect(page.getByText('No lightener:')).toBeVisible();
	await expect(page.getByRole('main').getByText(/nape root 5; nape lengths 5/)).toBeVisible();
	await station(page, 'Bowls');
	await page.getByRole('tab', { name: 'Sections' }).click();
	const nape = page.getByRole('listitem').filter({ hasText: 'nape' }).first();
	await expect(nape).toContainText('stays or goes deeper: no lightener');
});

test('a service without a lift walks from Aim to Tone; going far down is filled first, with a bowl and a clock', async ({
	page
}) => {
	await openStation(page, 'Odile Ferrant', 'Aim');
	await page.getByRole('button', { name: 'No lift today' }).click();
	await expect(page).toHaveURL(/tone$/);
	await expect(page.getByRole('link', { name: /Bowls ?, not today/ })).toBeVisible();
	await station(page, 'Lift');
	await expect(answer(page)).toContainText('Nothing is lightened today');
	await page.getByRole('button', { name: 'Lighten after all' }).click();
	await expect(answer(page)).not.toContainText('Nothing');
	await station(page, 'Aim');
	await page.getByRole('radio', { name: 'lengths' }).click();
	await page.getByRole('radio', { name: 'Whole strand' }).click();
	await page
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^6 / })
		.click();
	// Nothing lies below its aim any more: the lightening goes by itself.
	await expect(page.getByText('nothing lies below its aim')).toBeVisible();
	await page.getByRole('button', { name: 'Choose the toner' }).click();
	await page.getByLabel('Line').click();
	await page.getByRole('option').nth(1).click();
	await expect(page.getByText('Fill first.')).toBeVisible();
	await page.getByRole('button', { name: /^Fill with / }).click();
	await expect(page.getByText('First the filler:')).toBeVisible();
	await page.getByRole('button', { name: 'Start the filler' }).click();
	await expect(page.getByRole('timer', { name: 'The filler on the hair' })).toHaveText(
		/^00:0[2-9]$/
	);
	await page.goto('/visit/odile-ferrant-today/mix');
	await expect(page.getByText(/filler/).first()).toBeVisible();
});

test('under five millimetres it lies on the scalp, whatever covers it', async ({ page }) => {
	await openStation(page, 'Hesper Oake', 'Lift');
	const volumes = page.getByLabel('Developer, volumes');
	await volumes.fill('30');
	await volumes.press('Enter');
	await page.getByRole('main').getByText('Product and place').click();
	const begins = page.getByRole('slider', { name: 'Begins, from the skin' });
	await expect(page.getByText('Off the scalp; under 5 mm it lies on it.')).toBeVisible();
	const stop = page.getByText(/30 vol on the scalp/);
	await expect(stop).toHaveCount(0);
	await begins.focus();
	for (let mm = 12; mm > 4; mm--) await page.keyboard.press('ArrowLeft');
	await expect(page.getByText('On the scalp, whatever covers it: at most 20 vol.')).toBeVisible();
	await expect(
		page
			.getByRole('main')
			.getByText(/on the scalp/i)
			.first()
	).toBeVisible();
	await expect(page.locator('footer')).toContainText(/scalp/);
});

test('a root is retouched by brush from partings, without foils, in orders of its own', async ({
	page
}) => {
	await openStation(page, 'Anneke Rill', 'Bowls');
	await page.getByRole('tab', { name: 'Sections' }).click();
	await page.getByRole('radio', { name: 'root by brush' }).click();
	await expect(page.getByText('parting', { exact: true })).toBeVisible();
	const first = page.getByLabel('Sections in the order of the work').getByRole('listitem').first();
	await expect(first).toContainText(/crown/);
	await expect(first).toContainText(/\d+ cm/);
	await expect(page.getByText('Foils', { exact: true })).toHaveCount(0);
	await page.getByText('back first', { exact: true }).click();
	await expect(first).toContainText(/back/);
	// Blocks of partings rinse together, those that went on first before the others.
	await page.getByRole('tab', { name: 'Bowls' }).click();
	await page.getByText('block by block', { exact: true }).click();
	await page
		.getByRole('group', { name: 'Blocks that rinse together' })
		.getByText('4', { exact: true })
		.click();
	await page.getByRole('tab', { name: 'Sections' }).click();
	const rows = page.getByLabel('Sections in the order of the work').getByRole('listitem');
	await expect(rows.first()).toContainText(/rinsed at \d+ min/);
	const minutes = async () =>
		(await rows.allTextContents()).flatMap((text) => /rinsed at (\d+) min/.exec(text)?.[1] ?? []);
	await expect.poll(async () => new Set(await minutes()).size).toBe(4);
	const told = (await minutes()).map(Number);
	expect(told).toEqual([...told].sort((p, q) => p - q));
});

test('what nobody has read looks like a guess, and a shelf of nobody says so', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'New visit' }).first().click();
	await page.getByLabel('Name').fill('Orla Finch');
	await page.getByRole('button', { name: 'New client, read the hair' }).click();
	await expect(answer(page)).toContainText('not read yet');
	await expect(page.getByRole('link', { name: /^1? ?Read/ })).toContainText('not read yet');
	await station(page, 'Aim');
	await expect(answer(page)).toContainText('not agreed yet');
	await station(page, 'Lift');
	await expect(page.getByText(/the hair is not read yet/)).toBeVisible();
	await station(page, 'Tone');
	await expect(page.getByText('These are not your tubes.')).toBeVisible();
	await station(page, 'Read');
	// Naming even the level that stood there is reading it.
	await page.getByRole('radio', { name: /^5 / }).click();
	await expect(answer(page)).toContainText('light brown');
	await station(page, 'Aim');
	await page
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^9 / })
		.click();
	await expect(answer(page)).not.toContainText('not agreed yet');
});

test('Aim and Lift answer in one voice: its plan is the plan, and another one says what it changes', async ({
	page
}) => {
	await openDemo(page);
	await page.getByRole('button', { name: 'New visit' }).first().click();
	await page.getByLabel('Name').fill('Orla Finch');
	await page.getByRole('button', { name: 'New client, read the hair' }).click();
	await page.getByRole('radio', { name: /^6 / }).click();
	await page.getByRole('button', { name: 'Set the aim' }).click();
	const fact = (label: RegExp) => page.locator('dl > div').filter({ hasText: label });
	await expect(fact(/in one visit/)).toContainText('today');
	await page.getByRole('button', { name: 'Choose the lift' }).click();
	await expect(fact(/in one visit/)).toContainText('today');
	// The clock, its bracket and Chair name the same minutes.
	const ready = (await fact(/all of it inside the aim/)
		.locator('dd')
		.textContent())!;
	const from = /(\d+)/.exec(ready)![1]!;
	await station(page, 'Chair');
	await expect(page.locator('.range')).toContainText(`from ${from} min`);
	await station(page, 'Lift');
	await page.getByRole('textbox', { name: 'Minutes' }).fill('8');
	await page.getByRole('textbox', { name: 'Minutes' }).press('Enter');
	await expect(page.getByText('Aim’s plan: today')).toBeVisible();
	await page.getByRole('button', { name: 'Work it so' }).click();
	await expect(page.getByText('Aim’s plan: today')).toBeHidden();
	// Bowls and the page that is handed over tell the same hours of it.
	await station(page, 'Bowls');
	await expect(page.locator('ol.bowls li').first()).toBeVisible();
	const told = await fact(/at the chair/)
		.locator('dd')
		.innerText();
	await page.goto(page.url().replace('bowls', 'upkeep'));
	await expect(page.getByText(told, { exact: true })).toBeVisible();
});

test('a part of the head is all that is sectioned, foiled, weighed and charged, drawn with its edges', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/aim');
	const main = page.getByRole('main');
	await main.getByText('Part of the head', { exact: true }).click();
	await choose(main.getByLabel('Worked today'), 'hidden panel');
	await expect(
		main.getByRole('img', { name: /worked: hidden panel, 18 to 24 cm under the parting/ })
	).toBeVisible();
	await expect(main.getByText('18 cm', { exact: true }).first()).toBeVisible();
	const edge = main.getByRole('slider', { name: 'Top edge under the parting' });
	await edge.focus();
	await page.keyboard.press('ArrowLeft');
	await expect(main.getByText('17.5 cm', { exact: true }).first()).toBeVisible();
	await saved(page);
	await accessible(page);
	await station(page, 'Bowls');
	await main.getByRole('tab', { name: 'Sections' }).click();
	await expect(main.getByText(/of them in the hidden panel/)).toBeVisible();
	await expect(main.locator('.bowls, .sections').getByText(/crown|fringe|hairline/)).toHaveCount(0);
	await main.getByRole('tab', { name: 'Bowls' }).click();
	await expect(answer(page)).toHaveText(/^[1-4]?\d g/);
});

alone(
	'minutes to put it on follow the hands: a preset, corrected by what Chair logs',
	async ({ page }) => {
		await page.clock.install();
		await openDemo(page, '/visit/hesper-oake-today/bowls');
		await expect(page.getByText('to put it on', { exact: true })).toBeVisible();
		await page.goto('/shelf/salon');
		const hands = page.getByRole('group', { name: 'In this salon' });
		await hands.getByRole('radio', { name: 'unhurried' }).click();
		await page.getByRole('button', { name: 'Keep it so' }).click();
		await saved(page);
		await page.goto('/visit/hesper-oake-today/bowls');
		await expect(page.getByText('to put it on, 30 % slower than usual')).toBeVisible();
		// Twenty minutes into the service all of it is on.
		await page.goto('/visit/hesper-oake-today/chair');
		const main = page.getByRole('main');
		await main.getByRole('button', { name: 'Start', exact: true }).click();
		await page.clock.fastForward('20:00');
		await main.getByRole('button', { name: 'All on' }).click();
		await expect(main.getByText(/All on at 20(\.\d)? min; \d+ were planned/)).toBeVisible();
		await saved(page);
		await page.goto('/shelf/salon');
		await expect(page.getByText(/than usual, from one service/)).toBeVisible();
	}
);

/** Hesper Oake with old light pieces at 9 among her lengths. */
async function readOldLights(page: Page): Promise<Locator> {
	await openDemo(page, '/visit/hesper-oake-today/read');
	const main = page.getByRole('main');
	await main.getByRole('checkbox', { name: 'Old light pieces among it' }).click();
	await main.getByLabel('Their level').fill('9');
	await main.getByLabel('Their level').press('Tab');
	return main;
}

test('old light pieces among darker hair are read, drawn, kept out and picked up between', async ({
	page
}) => {
	const main = await readOldLights(page);
	await expect(main.getByRole('slider', { name: 'Part of the hair' })).toBeVisible();
	await accessible(page);
	await saved(page);
	await station(page, 'Lift');
	await expect(main.getByText('Pick up between them:')).toBeVisible();
	await expect(main.getByText(/30.% at 9/).first()).toBeVisible();
	await accessible(page);
});

test('old light pieces are aimed at, taken along with a weak bowl of their own, and told apart to the end', async ({
	page
}) => {
	const main = await readOldLights(page);
	await station(page, 'Aim');
	await main
		.getByRole('group', { name: 'Where on the strand' })
		.getByText('old light pieces', { exact: true })
		.click();
	await expect(main.getByText(/the toner is to bring them down to 8/)).toBeVisible();
	await main
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^10 / })
		.click();
	await expect(main.getByText(/To reach 10 they are taken along in Lift/)).toBeVisible();
	await accessible(page);
	await station(page, 'Lift');
	await main.getByRole('button', { name: 'Take it along…' }).click();
	await main.getByLabel(/Why it is lightened again/).fill('They look yellow beside the new ones.');
	await main.getByRole('button', { name: 'Take it along', exact: true }).click();
	await expect(main.getByText('Old light pieces taken along:')).toBeVisible();
	await expect(main.getByLabel('Its own bowl')).toHaveValue('10');
	await accessible(page);
	await station(page, 'Bowls');
	await expect(main.getByText(/: old light pieces/).first()).toBeVisible();
	await accessible(page);
	await station(page, 'Tone');
	await expect(main.getByText('Old light pieces, lengths:')).toBeVisible();
	await saved(page);
	await page.goto('/visit/hesper-oake-today/aim');
	await expect(main.getByText(/their own 10 vol brings them to/)).toBeVisible();
});

test('a picture of two kinds of hair proposes the old light pieces with their part and level', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/read');
	const main = page.getByRole('main');
	await main.getByText('From a picture', { exact: true }).click();
	await main.getByLabel('Open a picture').waitFor();
	await openPicture(
		page,
		await picture(page, [['#60452e', '#c3934e'], 0.184], { light: [1, 1, 1] })
	);
	await point(page, 'grey card', 0.75, 0.5);
	await point(page, 'hair', 0.25, 0.5);
	await expect(main.getByText(/2\d.% at 7\.9/)).toBeVisible();
	await main.getByRole('button', { name: 'Read it as two kinds' }).click();
	await expect(main.getByRole('checkbox', { name: 'Old light pieces among it' })).toBeChecked();
	await expect(main.getByRole('slider', { name: 'Part of the hair' })).toHaveAttribute(
		'aria-valuenow',
		'25'
	);
	await expect(main.getByLabel('Their level')).toHaveValue('8');
	await accessible(page);
});

test('the printed sheet, weighing, Lift and HTTP name the same strengths', async ({
	page,
	request
}) => {
	await openDemo(page, '/visit/hesper-oake-today/lift');
	const main = page.getByRole('main');
	await main.getByLabel('Developer, volumes').fill('12.5');
	await main.getByLabel('Developer, volumes').press('Tab');
	await station(page, 'Bowls');
	await main.getByRole('switch', { name: 'Stage the strengths' }).click();
	await expect(main.getByRole('switch', { name: 'Stage the strengths' })).not.toBeChecked();
	const strengthsIn = (text: string) => [
		...new Set([...text.matchAll(/· ([\d.]+) vol/g)].map((found) => Number(found[1])))
	];
	const list = main.locator('ol.bowls');
	await expect.poll(async () => strengthsIn(await list.innerText())).toEqual([12.5]);
	await saved(page);
	await page.emulateMedia({ media: 'print' });
	const sheet = page.locator('.printed');
	await expect(sheet).toContainText(', 12.5 vol,');
	// Read once it is painted for paper.
	await expect.poll(async () => strengthsIn(await sheet.innerText())).toEqual([12.5]);
	await page.emulateMedia({ media: 'screen' });
	await page.goto('/visit/hesper-oake-today/mix');
	await expect(page.getByText(/12\.5 vol/).first()).toBeVisible();
	const answer = await request.post('/api/bowls', {
		data: {
			sections: [{ name: 'all', foils: 12, minutesToApply: 15, placement: 'foil' }],
			hair: { naturalLevel: 5, warmth: 'neutral', texture: 'fine' },
			product: 'powder',
			ratio: 2,
			volumes: [10, 20, 30],
			ceiling: 12.5,
			rinseAfterMinutes: 45,
			staged: false
		}
	});
	const { bowls } = (await answer.json()) as { bowls: { volume: number }[] };
	for (const { volume } of bowls) expect(volume).toBeLessThanOrEqual(12.5);
});
