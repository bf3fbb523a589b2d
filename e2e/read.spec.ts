import { expect, test, type Page } from '@playwright/test';
import { accessible, answer, openClient, openDemo, station } from './helpers';

/** Opens Read of a demo client with one of its folds open. */
async function read(page: Page, client: string, fold: string): Promise<void> {
	await openDemo(page);
	await openClient(page, client);
	await station(page, 'Read');
	await page.getByText(fold, { exact: true }).click();
}

interface Shot {
	/** Light on the scene, per channel. */
	light: [number, number, number];
	/** JPEG with this EXIF orientation; PNG without. */
	orientation?: number;
}

/**
 * A generated picture, 1200 × 800: a grey card at the left, hair of one colour with glints, shadow and
 * noise at the right.
 */
async function picture(page: Page, hex: string, { light, orientation }: Shot): Promise<Buffer> {
	const base64 = await page.evaluate(
		({ hex, light, jpeg }) => {
			const linear = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
			const encoded = (x: number) => {
				const c = Math.min(1, Math.max(0, x));
				return 255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055);
			};
			const hair = [1, 3, 5].map((i) => linear(Number.parseInt(hex.slice(i, i + 2), 16) / 255));
			const canvas = document.createElement('canvas');
			canvas.width = 1200;
			canvas.height = 800;
			const context = canvas.getContext('2d')!;
			const image = context.createImageData(1200, 800);
			let seed = 7;
			const next = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
			for (let i = 0; i < 1200 * 800; i++) {
				const card = i % 1200 < 400;
				const u = next();
				const shade = card ? 1 : u < 0.06 ? 1.8 : u < 0.22 ? 0.4 : 0.93 + 0.14 * next();
				for (let c = 0; c < 3; c++) {
					const colour = card ? 0.184 : hair[c]!;
					image.data[4 * i + c] = encoded(colour * light[c]! * shade * (1 + 0.05 * (next() - 0.5)));
				}
				image.data[4 * i + 3] = 255;
			}
			context.putImageData(image, 0, 0);
			return canvas.toDataURL(jpeg ? 'image/jpeg' : 'image/png', 0.98).split(',')[1]!;
		},
		{ hex, light, jpeg: orientation !== undefined }
	);
	const file = Buffer.from(base64, 'base64');
	if (orientation === undefined) return file;
	// An APP1 segment with one EXIF entry, the orientation, right after the start of the image.
	const exif = Buffer.from(
		'ffe10022457869660000' +
			'4d4d002a00000008' +
			'0001' +
			'0112000300000001' +
			'00000000' +
			'00000000',
		'hex'
	);
	exif.writeUInt16BE(orientation, 28);
	return Buffer.concat([file.subarray(0, 2), exif, file.subarray(2)]);
}

const open = (page: Page, buffer: Buffer, name = 'hair.png') =>
	page.getByLabel('Open a picture').setInputFiles({
		name,
		mimeType: name.endsWith('png') ? 'image/png' : 'image/jpeg',
		buffer
	});

/** Points at the picture, by shares of its size. */
async function point(page: Page, at: string, x: number, y: number): Promise<void> {
	await page.getByRole('radio', { name: at, exact: true }).click();
	const frame = page.getByRole('button', { name: /^Picture: point at/ });
	const box = (await frame.boundingBox())!;
	await frame.click({ position: { x: x * box.width, y: y * box.height } });
}
const result = (page: Page) => page.getByRole('status').filter({ hasText: 'Hue' });

test('a history tells a strand, shows where it differs from the eye, and fills the zones', async ({
	page
}) => {
	await read(page, 'Hesper Oake', 'History');
	await expect(page.getByText('Nothing told yet.', { exact: false })).toBeVisible();
	await page.getByRole('combobox', { name: 'What was done' }).selectOption('lightening');
	await page.getByRole('button', { name: 'Add to the history' }).click();
	await expect(
		page.getByRole('status').filter({ hasText: 'History and eye differ' })
	).toContainText('ends: told 9, read 5');
	const range = page.locator('.range');
	await expect(range).toContainText('lengths 5');
	await page.getByRole('button', { name: 'Take zones from the history' }).click();
	await expect(range).toContainText('root 5 · lengths 9');
	await expect(page.getByText('The history agrees with what was read.')).toBeVisible();
	await accessible(page);
	await page.getByRole('button', { name: 'Remove', exact: true }).click();
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await expect(range).toContainText('lengths 5');
});

test('hair is read from a picture in three lights, corrected by a grey card', async ({ page }) => {
	await read(page, 'Anneke Rill', 'From a picture');
	// Hair lifted from 3 to level 8.0, as the model draws it.
	for (const light of [
		[1, 1, 1],
		[1.1, 0.9, 0.62],
		[0.45, 0.5, 0.58]
	] as const) {
		await open(page, await picture(page, '#c3934e', { light: [...light] }));
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

test('a small copy of a picture is kept only when the person says so', async ({ page }) => {
	await read(page, 'Hesper Oake', 'From a picture');
	await open(page, await picture(page, '#60452e', { light: [1, 1, 1] }));
	await point(page, 'grey card', 0.15, 0.5);
	await point(page, 'hair', 0.7, 0.5);
	await page.getByRole('button', { name: 'Read this for the lengths' }).click();
	const copy = page.getByRole('img', { name: 'The hair that was read' });
	await expect(page.getByText(/^The lengths now stand/)).toBeVisible();
	await expect(copy).toHaveCount(0);
	await page.getByRole('checkbox', { name: 'Keep a small copy in the record' }).click();
	await page.getByRole('button', { name: 'Read this for the lengths' }).click();
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
	const turned = await picture(page, '#c3934e', { light: [1, 1, 1], orientation: 6 });
	await open(page, turned, 'hair.jpg');
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
	await open(page, await picture(page, '#c3934e', { light: [1, 1, 1] }));
	await point(page, 'hair', 0.7, 0.5);
	const before = await result(page).locator('.level').innerText();
	const whole = await picture(page, '#c3934e', { light: [1, 1, 1] });
	for (const broken of [
		Buffer.from('not a picture'),
		Buffer.alloc(0),
		whole.subarray(0, 40),
		Buffer.concat([whole.subarray(0, 16), Buffer.alloc(200, 7)])
	]) {
		await open(page, broken, 'broken.png');
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
	const whole = await picture(page, '#c3934e', { light: [1, 1, 1], orientation: 6 });
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
		await open(page, damaged, 'damaged.jpg');
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
	await openDemo(page);
	await openClient(page, 'Hesper Oake');
	await station(page, 'Lift');
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
