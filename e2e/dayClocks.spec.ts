import { expect, test, type Page } from '@playwright/test';
import { accessible, answer, exportAll, openDemo, saved } from './helpers';
import { picture } from './picture';

const main = (page: Page) => page.getByRole('main');
const button = (page: Page, name: string | RegExp) => main(page).getByRole('button', { name });
const timer = (page: Page, name: string) => page.getByRole('timer', { name });
const locks = (page: Page) => main(page).getByRole('list', { name: 'Every section now' });

/** Old colour comes out first, then the head is lightened. */
async function twoApplications(page: Page): Promise<void> {
	await page.clock.install();
	await openDemo(page, '/visit/yusra-halden-today/lift');
	await button(page, 'More than one application').click();
	await button(page, 'First: old colour out').click();
	await saved(page);
	await page.goto('/visit/yusra-halden-today/chair');
}

test('what goes before the main application comes first, with a clock that calls wherever one is', async ({
	page
}) => {
	await twoApplications(page);
	await expect(answer(page)).toContainText('Put on: old colour out');
	await button(page, 'Start: old colour out').click();
	const lies = timer(page, 'The old colour out on the hair');
	await page.clock.fastForward('05:00');
	await expect(lies).toHaveText(/^05:0\d$/);
	// It had lain five minutes already when it was started.
	await button(page, 'Began earlier').click();
	await page.getByRole('button', { name: '5 minutes earlier', exact: true }).click();
	await expect(lies).toHaveText(/^10:0\d$/);
	await expect(answer(page)).toContainText('Check: old colour out');
	await accessible(page);
	await button(page, 'Looked, leave it').click();
	await saved(page);
	// Closed for nine minutes it is right again at once; the day shows it beside everything else.
	await page.goto('/');
	await page.clock.fastForward('09:00');
	await page.reload();
	const calls = page.getByRole('region', { name: 'What calls' });
	await expect(calls).toContainText(/Yusra Halden.*Look, then rinse: old colour out.*in 1 min/);
	await page.clock.fastForward('02:00');
	await expect(calls).toContainText(/Look, then rinse: old colour out.*now/);
	await expect(page).toHaveTitle(/^00:00 Look, then rinse/);
	expect(await page.locator('link[rel="icon"]').getAttribute('href')).toMatch(/^data:image\/svg/);
	await calls.getByRole('link', { name: /Yusra/ }).click();
	await button(page, 'It is off').click();
	await expect(button(page, 'It is not off')).toBeVisible();
	await expect(main(page).getByText(/Off after \d+ min; 20 were planned/)).toBeVisible();
	// Then the lightening of the day, begun ten minutes ago.
	await main(page).getByRole('button', { name: 'Start', exact: true }).click();
	await button(page, 'It began earlier').click();
	await page.getByRole('button', { name: '10 minutes earlier' }).click();
	await expect(timer(page, 'Time on the hair')).toHaveText(/^10:0\d$/);
});

test('lowlights and toners count for themselves; the toner calls on every page', async ({
	page
}) => {
	await page.clock.install();
	await openDemo(page, '/visit/hesper-oake-today/chair');
	await expect(main(page).getByText(/To come: Lowlights, \d+ min/)).toBeVisible();
	await main(page).getByRole('button', { name: 'Start', exact: true }).click();
	await button(page, 'Start the lowlights').click();
	await page.clock.fastForward('03:00');
	await expect(timer(page, 'The lowlights on the hair')).toHaveText(/^03:0\d$/);
	await expect(timer(page, 'Time on the hair')).toHaveText(/^03:0\d$/);
	// Tapped by mistake it was never on; that is taken back too.
	await button(page, 'It is off').last().click();
	await button(page, 'It is not off').click();
	await expect(timer(page, 'The lowlights on the hair')).toHaveText(/^03:0\d$/);
	await page.goto('/visit/hesper-oake-today/tone');
	await expect(button(page, 'Start the toner')).toBeVisible();
	await button(page, 'Start the toner').click();
	await page.goto('/clients');
	await page.clock.fastForward('21:00');
	// What goes on taking stands before a section of which nobody said that it is on, late by more.
	await expect(page.getByRole('region', { name: 'What calls' })).toContainText(
		/Wipe and look: lowlights.*then Wipe and look: toner/
	);
});

test('what lags gets a second application, which begins from what was read dry', async ({
	page
}) => {
	test.slow();
	await page.clock.install();
	await openDemo(page, '/visit/hesper-oake-today/chair');
	await main(page).getByRole('button', { name: 'Start', exact: true }).click();
	await main(page).getByRole('switch', { name: 'Follow the plan untapped' }).click();
	await page.clock.fastForward('58:00');
	// What would it be to stop, or to give one section more: its toner, its minutes, its grams.
	const looked = main(page).getByRole('region', { name: 'The section that is looked at' });
	await locks(page)
		.getByRole('button', { name: /right side/ })
		.click();
	await looked.getByRole('button', { name: /Stop here, or once more/ }).click();
	await expect(looked.getByText(/Or tone to|where it was to be/)).toBeVisible();
	const once = looked.getByRole('button', { name: /Second application after the rinse/ });
	await expect(once).toHaveText(/20 vol, \d+ min, \d+ g|vol, \d+ min, \d+ g/);
	await looked.getByRole('button', { name: 'Stop: rinse all of it now' }).click();
	await expect(locks(page).getByText('off', { exact: true })).toHaveCount(11);
	const basin = main(page).getByRole('region', { name: 'At the basin' });
	await expect(basin.getByRole('timer')).toHaveText(/^0[45]:\d\d$/);
	await basin.getByRole('button', { name: 'Next: shampoo' }).click();
	await basin.getByRole('button', { name: 'Leave the rest out' }).click();
	await expect(basin).toBeHidden();
	// Read again, dry: all alike, and one section apart.
	const dry = main(page).getByRole('region', { name: 'Read it again, dry' });
	for (const zone of ['root', 'lengths', 'ends']) {
		const ladder = dry.getByRole('radiogroup', { name: `Level seen on the ${zone}` });
		if (await ladder.isVisible()) await ladder.getByRole('radio', { name: /^8 / }).click();
	}
	await locks(page).getByRole('button', { name: /nape/ }).click();
	await expect(dry.getByText('as the lengths')).toBeVisible();
	await dry
		.getByRole('radiogroup', { name: 'Level seen on the nape' })
		.getByRole('radio', { name: /^9 / })
		.click();
	await expect(dry.getByRole('button', { name: 'As the rest' })).toBeVisible();
	await dry.getByRole('button', { name: 'Once more on what lags' }).click();
	await expect(answer(page)).toContainText('Put on: again on what lags');
	await expect(dry.getByText(/Next on it: again on what lags/)).toBeVisible();
	await accessible(page);
	await saved(page);
	// Lift works it from the reading, and Tone starts from what it comes to.
	await page.goto('/visit/hesper-oake-today/lift');
	const steps = main(page).getByRole('list', { name: 'Applications of the day' });
	await steps.getByRole('button', { name: /again on what lags/ }).click();
	const reached = Number.parseFloat(await answer(page).innerText());
	expect(reached).toBeGreaterThan(8);
	await page.goto('/visit/hesper-oake-today/chair');
	await button(page, 'Start: again on what lags').click();
	await page.clock.fastForward('12:00');
	await button(page, 'It is off').last().click();
	await expect(dry.getByText('not read yet').first()).toBeVisible();
	await dry
		.getByRole('radiogroup', { name: 'Level seen on the lengths' })
		.getByRole('radio', { name: /^9 / })
		.click();
	await expect(answer(page)).toHaveText(/^9\s+seen, dry$/);
	await dry.getByRole('button', { name: 'Tone it from here' }).click();
	await expect(page.getByText(/[Ss]een 9/).first()).toBeVisible();
});

test('the assistant’s window follows live: what is next, which bowl, which section', async ({
	page,
	context
}) => {
	await page.clock.install();
	await openDemo(page, '/visit/hesper-oake-today/chair');
	const opening = context.waitForEvent('page');
	await main(page).getByRole('link', { name: 'A window for the assistant' }).click();
	const other = await opening;
	const bowls = other.getByRole('list', { name: 'Bowls' });
	await expect(bowls.getByRole('listitem')).toHaveCount(5);
	await main(page).getByRole('button', { name: 'Start', exact: true }).click();
	await expect(other.getByRole('heading', { level: 1 })).toContainText('Putting on nape');
	await button(page, 'nape is on').click();
	await expect(other.getByRole('heading', { level: 1 })).toHaveText(/back 1|Mix bowl 2/);
	await expect(locks(other).getByRole('button', { name: /nape/ })).toContainText('on');
	await expect(
		bowls.getByRole('img', { name: /Bowl 1, fresh for \d+ min|Bowl 1, used up/ })
	).toBeVisible();
	await expect(bowls).toContainText(/mix it in \d+ min/);
	await accessible(other);
});

test('a check is read from a picture beside a grey card, kept on request, and goes with its check', async ({
	page
}) => {
	await page.clock.install();
	await openDemo(page, '/visit/hesper-oake-today/chair');
	await main(page).getByRole('button', { name: 'Start', exact: true }).click();
	await main(page).getByRole('switch', { name: 'Follow the plan untapped' }).click();
	await page.clock.fastForward('40:00');
	const looked = main(page).getByRole('region', { name: 'The section that is looked at' });
	await looked.getByRole('button', { name: 'lags' }).click();
	await looked.getByRole('button', { name: /Read it by camera/ }).click();
	// Where no camera may be used that is said, and a picture or the eye stand in.
	await looked.getByRole('button', { name: 'Camera', exact: true }).click();
	await expect(looked.getByRole('alert')).toContainText('No camera can be used here');
	await looked.getByRole('button', { name: 'Without the camera' }).click();
	const file = await picture(page, [0.18, '#a8713a'], { light: [1, 1, 1] });
	await looked
		.getByRole('group', { name: 'Picture' })
		.locator('input[type=file]')
		.first()
		.setInputFiles({ name: 'strand.png', mimeType: 'image/png', buffer: file });
	const canvas = looked.getByLabel(/^Picture: point/);
	const box = (await canvas.boundingBox())!;
	await looked.getByRole('radio', { name: 'grey card' }).click();
	await canvas.click({ position: { x: box.width / 4, y: 40 } });
	await looked.getByRole('radio', { name: 'hair' }).click();
	await canvas.click({ position: { x: (3 * box.width) / 4, y: 40 } });
	await looked.getByText('Keep a small copy in the record').click();
	await looked.getByRole('button', { name: /^Take this for/ }).click();
	await expect(
		looked.getByText(/^[a-z0-9 ]+: [\d.]+ [a-z-]+, (ready in about \d+ min|not expected|ready)/)
	).toBeVisible();
	await expect(main(page).getByRole('img', { name: /The strand at \d+ min/ })).toBeVisible();
	await saved(page);
	const kept = JSON.parse(await exportAll(page)) as {
		documents: { kind: string; run?: { notes: { picture?: string }[] }; id: string }[];
	};
	const picked = kept.documents.flatMap(
		({ run }) => run?.notes.flatMap((n) => n.picture ?? []) ?? []
	);
	expect(picked).toHaveLength(1);
	expect(
		kept.documents.filter(({ kind, id }) => kind === 'picture' && id === picked[0])
	).toHaveLength(1);
	// It goes with the check.
	await page.goto('/visit/hesper-oake-today/chair');
	await button(page, /^Remove the check/).click();
	await saved(page);
	const after = JSON.parse(await exportAll(page)) as { documents: { kind: string }[] };
	expect(after.documents.filter(({ kind }) => kind === 'picture')).toHaveLength(0);
});

test('near the finish what is spent is drawn over ends that were kept out, seen before it is done', async ({
	page
}) => {
	await page.clock.install();
	await openDemo(page, '/visit/hesper-oake-today/lift');
	await main(page)
		.getByRole('button', { name: /^Product and place/ })
		.click();
	await page.getByLabel('On the ends').click();
	await saved(page);
	await page.goto('/visit/hesper-oake-today/chair');
	await main(page).getByRole('button', { name: 'Start', exact: true }).click();
	await main(page).getByRole('switch', { name: 'Follow the plan untapped' }).click();
	await page.clock.fastForward('30:00');
	await button(page, /Draw it over the ends/).click();
	const choices = main(page).getByRole('list', { name: 'What drawing it over the ends leads to' });
	const levels = (await choices.locator('b').allInnerTexts()).map(Number);
	expect(levels.length).toBeGreaterThan(1);
	expect(levels).toEqual([...levels].sort((p, q) => p - q));
	await choices.getByRole('button', { name: /For the last 5 min/ }).click();
	await expect(button(page, /Draw it over the ends/)).toContainText('for the last 5 min');
	await button(page, 'It was not drawn').click();
	await expect(button(page, /Draw it over the ends/)).toContainText('the spent mixture');
});
