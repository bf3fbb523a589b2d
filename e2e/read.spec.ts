import { expect, test, type Page } from './shared';
import { accessible, answer, choose, openStation, saved, station } from './helpers';
import { openPicture, picture, point } from './picture';

/** Beside hair of one colour a grey card. */
const withCard = (hex: string) => [0.184, hex, hex];

/** Opens Read of a demo client with one of its folds open. */
async function read(page: Page, client: string, fold: string): Promise<void> {
	await openStation(page, client, 'Read');
	await page.getByText(fold, { exact: true }).click();
}

const result = (page: Page) => page.getByRole('status').filter({ hasText: 'Hue' });

test('a history tells a strand, shows where it differs from the eye, and fills the zones', async ({
	page
}) => {
	await read(page, 'Hesper Oake', 'History');
	await expect(page.getByText('Nothing told yet.', { exact: false })).toBeVisible();
	await page.getByRole('button', { name: 'Tell what was done' }).click();
	const form = page.getByRole('form', { name: 'Tell what was done' });
	await choose(form.getByRole('combobox', { name: 'What was done' }), 'lightening');
	// What it would do is drawn before it is kept.
	await expect(page.getByText('not kept yet')).toBeVisible();
	await expect(
		page.getByRole('status').filter({ hasText: 'History and eye differ' })
	).toContainText('ends: told 9, read 5');
	const range = page.locator('.range');
	await expect(range).toContainText('lengths 5');
	await form.getByRole('button', { name: 'Put it into the history' }).click();
	await expect(form).toBeHidden();
	await page.getByRole('button', { name: 'Take zones from the history' }).click();
	await expect(range).toContainText('root 5 · lengths 9');
	await expect(page.getByText('The history agrees with what was read.')).toBeVisible();
	await accessible(page);
	await page.getByRole('button', { name: /^1 lightened to 9/ }).click();
	await page.getByRole('button', { name: 'Remove', exact: true }).click();
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await expect(range).toContainText('lengths 5');
});

test('a day is typed part by part; one that lies ahead says so, and the last good one is kept', async ({
	page
}) => {
	await read(page, 'Hesper Oake', 'History');
	await page.getByRole('button', { name: 'Tell what was done' }).click();
	const when = page.getByRole('group', { name: 'When' });
	const part = (name: RegExp) => when.getByRole('spinbutton', { name });
	await part(/^month/).click();
	await page.keyboard.type('3');
	await part(/^day/).click();
	await page.keyboard.type('14');
	await part(/^year/).click();
	await page.keyboard.type('2019');
	await expect(page.getByText(/[\d.]+ years ago/).first()).toBeVisible();
	await part(/^day/).click();
	await part(/^year/).click();
	await page.keyboard.type('2999');
	await expect(
		page.getByRole('alert').filter({ hasText: 'The last good day is kept.' })
	).toBeVisible();
	await accessible(page);
	// Whoever leaves finds what was typed when they come back, and sends it then.
	await station(page, 'Aim');
	await station(page, 'Read');
	await page.getByText('History', { exact: true }).click();
	await page.getByRole('button', { name: 'Tell what was done' }).click();
	await expect(part(/^year/)).toHaveText('2019');
	await page.getByRole('button', { name: 'Put it into the history' }).click();
	await saved(page);
	await page.reload();
	await expect(
		page
			.getByRole('main')
			.getByText(/[\d.]+ years ago/)
			.first()
	).toBeAttached();
});

test('hair is read from a picture in three lights, corrected by a grey card', async ({ page }) => {
	await read(page, 'Anneke Rill', 'From a picture');
	// Hair lifted from 3 to level 8.0, as the model draws it.
	for (const light of [
		[1, 1, 1],
		[1.1, 0.9, 0.62],
		[0.45, 0.5, 0.58]
	] as const) {
		await openPicture(page, await picture(page, withCard('#c3934e'), { light: [...light] }));
		await point(page, 'grey card', 0.15, 0.5);
		await point(page, 'hair', 0.7, 0.3);
		await point(page, 'hair', 0.8, 0.7);
		await expect(result(page)).toBeVisible();
		const level = Number(await result(page).locator('.level').innerText());
		expect(Math.abs(level - 8)).toBeLessThan(0.3);
	}
	await accessible(page);
	await page.getByRole('button', { name: 'Read this for the lengths' }).click();
	await expect(page.locator('.range')).toContainText(/lengths (7\.[789]|8(\.[123])?) /);
	// Taken back, its words go with it.
	const told = page.getByText(/^The lengths now stand/);
	await expect(told).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(told).toHaveCount(0);
	await page
		.getByRole('button', { name: /^Remove hair/ })
		.first()
		.click();
	await page
		.getByRole('button', { name: /^Remove hair/ })
		.first()
		.click();
	await expect(result(page)).toHaveCount(0);
});

test('beside two swatches of the ring, lamp and camera fall out', async ({ page }) => {
	await read(page, 'Anneke Rill', 'From a picture');
	// A warm lamp and a camera that lifts shadows; swatches 6 and 9, and hair lifted to 8.0 between them.
	const scene = { light: [1.05, 0.82, 0.55], curve: 0.85 } as const;
	await openPicture(page, await picture(page, ['#725337', '#c3934e', '#b69b77'], scene));
	await point(page, 'hair', 0.5, 0.5);
	await expect(result(page)).toContainText('a guess');
	await point(page, 'swatch of the ring', 0.15, 0.5);
	await page.getByLabel('Level of the swatch').fill('9');
	await page.keyboard.press('Enter');
	await point(page, 'swatch of the ring', 0.85, 0.5);
	await expect(page.getByRole('button', { name: 'Remove swatch 9' })).toBeVisible();
	await expect(result(page)).toContainText('to be trusted');
	const level = Number(await result(page).locator('.level').innerText());
	expect(Math.abs(level - 8)).toBeLessThan(0.25);
	await expect(result(page)).toContainText(/Hue 7[2-9]° ± 5°/);
	await expect(result(page)).toContainText('yellow-orange');
	await accessible(page);
});

test('a printed card is pointed at step by step, and tells the camera’s curve', async ({
	page
}) => {
	await read(page, 'Anneke Rill', 'From a picture');
	await page.getByLabel('Open a picture').waitFor();
	const columns = [0.84, 0.2, 0.045, '#443227', '#443227', '#443227'];
	await openPicture(page, await picture(page, columns, { light: [0.8, 0.8, 0.8], curve: 0.8 }));
	await point(page, 'printed card', 0.08, 0.5);
	// The next step is asked for by itself.
	const frame = page.getByRole('button', { name: /^Picture: point at/ });
	const box = (await frame.boundingBox())!;
	await expect(page.getByRole('radio', { name: 'its grey' })).toBeChecked();
	await frame.click({ position: { x: 0.25 * box.width, y: 0.5 * box.height } });
	await frame.click({ position: { x: 0.41 * box.width, y: 0.5 * box.height } });
	await expect(page.getByRole('radio', { name: 'hair', exact: true })).toBeChecked();
	await frame.click({ position: { x: 0.7 * box.width, y: 0.5 * box.height } });
	const level = async () => Number(await result(page).locator('.level').innerText());
	await expect.poll(async () => Math.abs((await level()) - 3)).toBeLessThan(0.6);
	const withCard = Math.abs((await level()) - 3);
	for (const step of ['black', 'white']) {
		await page.getByRole('button', { name: `Remove ${step} of the printed card` }).click();
	}
	await expect.poll(async () => Math.abs((await level()) - 3)).toBeGreaterThan(withCard);
	await expect(result(page)).toContainText('far from what is known');
	const card = page.waitForEvent('popup');
	await page
		.getByRole('button', { name: /^Remove hair/ })
		.first()
		.click();
	await page.getByRole('link', { name: 'a card that you print' }).click();
	const opened = await card;
	await expect(opened.getByRole('button', { name: 'Print the card' })).toBeVisible();
	await expect(opened.getByRole('img', { name: /white, a grey and a black step/ })).toBeVisible();
	await accessible(opened);
});

test('what is no hair is refused, and what is too unsure is looked at and not taken', async ({
	page
}) => {
	await read(page, 'Hesper Oake', 'From a picture');
	await openPicture(page, await picture(page, withCard('#00c800'), { light: [1, 1, 1] }));
	await point(page, 'hair', 0.7, 0.5);
	await expect(page.getByText(/^That is no hair/)).toBeVisible();
	await expect(result(page)).toHaveCount(0);
	await openPicture(page, await picture(page, withCard('#60452e'), { light: [1, 1, 1] }));
	await point(page, 'hair', 0.7, 0.5);
	await expect(page.getByText(/^Too unsure to be taken/)).toBeVisible();
	await expect(page.getByRole('button', { name: /^Read this for/ })).toHaveCount(0);
});

test('a small copy of a picture is kept only when the person says so', async ({ page }) => {
	await read(page, 'Hesper Oake', 'From a picture');
	await openPicture(page, await picture(page, withCard('#60452e'), { light: [1, 1, 1] }));
	await point(page, 'grey card', 0.15, 0.5);
	await point(page, 'hair', 0.7, 0.5);
	await page.getByRole('button', { name: 'Read this for all untouched hair' }).click();
	const copy = page.getByRole('img', { name: 'The hair that was read' });
	await expect(page.getByText(/^All untouched hair now stands/)).toBeVisible();
	await expect(copy).toHaveCount(0);
	await page.getByRole('checkbox', { name: 'Keep a small copy in the record' }).click();
	await page.getByRole('button', { name: 'Read this for all untouched hair' }).click();
	await expect(copy).toBeVisible();
	await page.reload();
	await page.getByText('From a picture', { exact: true }).click();
	await expect(copy).toBeVisible();
	await page.getByRole('button', { name: 'Remove the copy' }).click();
	await expect(copy).toHaveCount(0);
});

test('a phone’s picture is turned as it was held, and can be pointed at by keys', async ({
	page
}) => {
	await read(page, 'Anneke Rill', 'From a picture');
	const turned = await picture(page, withCard('#c3934e'), { light: [1, 1, 1], orientation: 6 });
	await openPicture(page, turned, 'hair.jpg');
	const frame = page.getByRole('button', { name: /^Picture: point at/ });
	await expect(frame).toBeVisible();
	const box = (await frame.boundingBox())!;
	expect(box.height).toBeGreaterThan(box.width);
	await frame.focus();
	// Turned by a quarter, the card lies at the top and the hair below.
	for (let i = 0; i < 10; i++) await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(result(page)).toContainText('a guess');
	await page.getByRole('radio', { name: 'grey card', exact: true }).click();
	await frame.focus();
	for (let i = 0; i < 25; i++) await page.keyboard.press('ArrowUp');
	await page.keyboard.press('Enter');
	await expect(result(page)).toContainText('to be trusted');
});

test('what is not a picture says so, and nothing that was read is lost', async ({ page }) => {
	await read(page, 'Anneke Rill', 'From a picture');
	await openPicture(page, await picture(page, withCard('#c3934e'), { light: [1, 1, 1] }));
	await point(page, 'hair', 0.7, 0.5);
	const before = await result(page).locator('.level').innerText();
	const whole = await picture(page, withCard('#c3934e'), { light: [1, 1, 1] });
	for (const broken of [
		Buffer.from('not a picture'),
		Buffer.alloc(0),
		whole.subarray(0, 40),
		Buffer.concat([whole.subarray(0, 16), Buffer.alloc(200, 7)])
	]) {
		await openPicture(page, broken, 'broken.png');
		await expect(page.getByRole('alert')).toContainText('What was read before is kept');
		await expect(result(page).locator('.level')).toHaveText(before);
	}
	await expect(answer(page)).toBeVisible();
});

test('pictures damaged anywhere open or are refused, and never break the page', async ({
	page
}) => {
	const faults: string[] = [];
	page.on('pageerror', (error) => faults.push(error.message));
	await read(page, 'Hesper Oake', 'From a picture');
	const whole = await picture(page, withCard('#c3934e'), { light: [1, 1, 1], orientation: 6 });
	let seed = 20_261_123;
	const next = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;
	const picker = page.getByRole('alert').or(page.getByRole('button', { name: /^Picture/ }));
	for (let i = 0; i < 12; i++) {
		const damaged = Buffer.from(whole.subarray(0, Math.ceil(whole.length * (0.2 + 0.8 * next()))));
		for (let k = 0; k < 60; k++) {
			// Half of the damage falls on the head of the file, where its sizes and tables stand.
			const reach = k % 2 === 0 ? 600 : damaged.length;
			damaged[Math.floor(next() * reach)] = Math.floor(next() * 256);
		}
		await openPicture(page, damaged, 'damaged.jpg');
		await expect(picker.first()).toBeVisible();
		await expect(page.getByText('Opening the picture')).toHaveCount(0);
	}
	expect(faults).toEqual([]);
	await expect(answer(page)).toContainText('5');
});

test('the checks set the condition and say why; ends past saving are to be cut', async ({
	page
}) => {
	await read(page, 'Hesper Oake', 'Check the hair');
	await expect(page.getByText('100 sound')).toBeVisible();
	await page.getByRole('radio', { name: 'slow', exact: true }).click();
	await page.getByRole('radio', { name: 'rough', exact: true }).click();
	const status = page.getByRole('status').filter({ hasText: 'Condition' });
	await expect(status).toContainText('Condition 74, watch. stretch −16, feel −10.');
	await expect(page.getByText('74 watch')).toBeVisible();
	await page.getByRole('radio', { name: 'splitting', exact: true }).click();
	await expect(status).toContainText('cut these first');
	await page
		.getByRole('button', { name: /more|What to do/ })
		.first()
		.click();
	await expect(page.getByText('Cut these ends first.').first()).toBeVisible();
	await page.keyboard.press('Escape');
	await page.getByRole('radio', { name: 'soaks in at once', exact: true }).click();
	await expect(page.getByRole('radio', { name: 'porous', exact: true })).toBeChecked();
});

test('a second opinion is read blind, shown beside the first, and moves the interval', async ({
	page
}) => {
	await openStation(page, 'Hesper Oake', 'Lift');
	const range = page.locator('.range');
	const width = async () => {
		const text = await range.innerText();
		const [low, high] = /likely ([\d.]+) to ([\d.]+)/.exec(text)!.slice(1).map(Number);
		return high! - low!;
	};
	await expect(range).toContainText('likely');
	const before = await width();
	await station(page, 'Read');
	await page.getByRole('button', { name: 'Ask for a second opinion' }).click();
	await expect(answer(page)).toHaveText('?');
	await expect(page.getByText('light brown')).toHaveCount(0);
	await expect(page.getByRole('link', { name: /Read/ })).toContainText('being read again');
	await accessible(page);
	await page
		.getByRole('radiogroup', { name: 'Level of the lengths, second opinion' })
		.getByRole('radio', { name: /^6 / })
		.click();
	await expect(page.getByText('You 5, second opinion 6.')).toBeVisible();
	await station(page, 'Lift');
	await expect(range).toContainText('likely');
	expect(await width()).toBeGreaterThan(before);
});
