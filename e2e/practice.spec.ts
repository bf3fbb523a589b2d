import { expect, test, type Page } from './shared';
import {
	accessible,
	exportAll,
	importFile,
	noSidewaysScroll,
	openClient,
	openDemo,
	saved,
	station
} from './helpers';

const open = async (page: Page, path = '') => {
	await page.goto(`/practice${path}`);
};

test('a lesson is asked, answered by keys, explained on the strand, and kept for its day', async ({
	page
}) => {
	await openDemo(page);
	await page.getByRole('link', { name: /^Practice/ }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('come again');
	await expect(page.getByRole('heading', { name: 'Your eye for levels' })).toBeVisible();
	await accessible(page);
	await page.getByRole('link', { name: /^What stands against it/ }).click();
	const question = page.getByRole('heading', { level: 1 });
	await expect(question).toContainText('What stands against');
	await expect(page.getByRole('img', { name: 'the strand', exact: true })).toBeVisible();
	const verdict = page.getByRole('status').filter({ hasText: /Right\.|No:/ });
	for (let i = 1; i <= 4; i++) {
		await expect(page.getByRole('button', { name: 'Next' })).toHaveCount(0);
		await page.keyboard.press('1');
		await expect(verdict).toContainText('stands');
		await expect(page.getByText(new RegExp(`of ${i} right`))).toBeVisible();
		if (i === 1) await accessible(page);
		await page.keyboard.press('Enter');
	}
	await saved(page);
	await page.reload();
	await open(page);
	// Four more than the demo's sixteen.
	await expect(page.getByRole('link', { name: /^What stands against it/ })).toContainText('20');
});

test('a toner that was chosen is shown beside what the other three would do', async ({ page }) => {
	await openDemo(page, '/practice/lesson/toner');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Which toner');
	await page.keyboard.press('2');
	const outcomes = page.getByRole('list', { name: 'The answers as hair' });
	await expect(outcomes.getByRole('listitem')).toHaveCount(5);
	await expect(outcomes).toContainText('wished');
	await expect(page.getByRole('button', { name: /right$/ })).toHaveCount(1);
});

test('a level is named on the dial, a sum is typed, and colours can be drawn as other eyes see them', async ({
	page
}) => {
	await openDemo(page, '/practice/lesson/level');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Which level is it?');
	await page.getByRole('combobox', { name: 'Colours drawn' }).click();
	await page.getByRole('option', { name: 'without green cones' }).click();
	await page.getByRole('slider', { name: 'Level' }).press('ArrowRight');
	await page.getByRole('button', { name: 'It is this' }).click();
	await expect(page.getByText(/^It is [\d.]+, /)).toBeVisible();
	await open(page, '/lesson/sums');
	const field = page.getByRole('textbox');
	await expect(field).toBeFocused();
	await field.fill('3');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('status').filter({ hasText: /Right\.|No:/ })).toBeVisible();
});

test('a set is made, saved, taken in by another and answered to its end; a broken one is refused', async ({
	page
}) => {
	await openDemo(page, '/practice');
	await page.getByRole('button', { name: 'Make a set' }).click();
	const sheet = page.getByRole('dialog');
	await sheet.getByLabel('Name').fill('Monday');
	await sheet.getByLabel('Questions').fill('2');
	await sheet.getByLabel('Questions').press('Tab');
	const downloading = page.waitForEvent('download');
	await sheet.getByRole('button', { name: 'Save the file' }).click();
	const download = await downloading;
	expect(download.suggestedFilename()).toMatch(/^monday-.*\.practice\.json$/);
	const stream = await download.createReadStream();
	let text = '';
	for await (const chunk of stream) text += String(chunk);
	const file = (body: string) => ({
		name: 'monday.practice.json',
		mimeType: 'application/json',
		buffer: Buffer.from(body)
	});
	await page.getByLabel('Set to take in').setInputFiles(file(text.slice(0, 80)));
	await expect(page.getByRole('alert')).toContainText('damaged');
	await page.getByLabel('Set to take in').setInputFiles(file(text));
	await expect(page.getByText('0 of 2 answered')).toBeVisible();
	for (let i = 0; i < 2; i++) {
		const given = page.getByRole('button', { name: 'It is this' });
		if (await given.count()) await given.click();
		else await page.keyboard.press('1');
		await page.getByRole('button', { name: 'Next' }).click();
	}
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('All of it is answered');
	await open(page);
	await expect(page.getByRole('listitem').filter({ hasText: 'Monday' })).toContainText('done');
});

test('a whole simulated visit in fast time is worked, looked back at and kept', async ({
	page
}) => {
	await openDemo(page, '/practice/heads');
	await page.getByRole('link', { name: /^1 / }).click();
	await expect(page.getByText('Its clock')).toBeVisible();
	await page.getByRole('button', { name: 'The patch test?' }).click();
	await expect(page.getByRole('status').filter({ hasText: 'Behind the ear' })).toBeVisible();
	await page.getByLabel('lengths: you read').fill('6');
	await page.getByLabel('lengths: you read').press('Tab');
	await expect(page.getByRole('button', { name: 'On: back' })).toBeDisabled();
	await page.getByRole('button', { name: /^Mix/ }).click();
	for (const part of ['back', 'crown', 'sides'])
		await page.getByRole('button', { name: `On: ${part}` }).click();
	await page
		.getByRole('radio', { name: '60 times' })
		.or(page.getByText('60 times'))
		.first()
		.click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(/3[5-9] min/);
	await page.getByText('stands', { exact: true }).click();
	await page.getByRole('button', { name: 'Reader: back' }).click();
	await expect(page.getByRole('status').filter({ hasText: 'by the reader' })).toBeVisible();
	await accessible(page);
	// A page that is closed in the midst of it goes on where it was.
	const minute = await page.getByRole('heading', { level: 1 }).innerText();
	await page.waitForTimeout(1200);
	await saved(page);
	await page.reload();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(minute);
	await page.getByRole('button', { name: 'Rinse all of it' }).click();
	await page.getByRole('button', { name: 'Tone', exact: true }).click();
	await page.getByRole('button', { name: 'Send off' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^\d+ of 100$/);
	await expect(page.getByText('You read the lengths as 6', { exact: false })).toBeVisible();
	await expect(page.getByRole('heading', { name: 'What would have been better' })).toBeVisible();
	await accessible(page);
	const score = await page.getByRole('heading', { level: 1 }).innerText();
	await page.getByRole('link', { name: 'Another head' }).click();
	const own = page.getByRole('link', { name: /^1 / });
	await expect(own).toContainText(`best ${score}`);
	await saved(page);
	// It goes into the file with the rest of what the salon has.
	expect(JSON.parse(await exportAll(page))).toMatchObject({
		documents: expect.arrayContaining([
			expect.objectContaining({ kind: 'learner', heads: [expect.objectContaining({ seed: 1 })] })
		])
	});
});

test('an empty salon begins with a name; practice fits a phone', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await open(page);
	await page.getByLabel('Name').fill('Nell');
	await page.getByRole('button', { name: 'Begin' }).click();
	await expect(page.getByText('Nell practises')).toBeVisible();
	await noSidewaysScroll(page);
	await page.getByRole('link', { name: /^Practise$/ }).click();
	await noSidewaysScroll(page);
	await open(page, '/head/9');
	await expect(page.getByText('Its clock')).toBeVisible();
	await noSidewaysScroll(page);
	await accessible(page);
	await open(page, '/head/none');
	await expect(page.getByText('There is no head of that number')).toBeVisible();
});

test('eyes are read beside a reader, told by hue, and offered as a correction in a visit', async ({
	page
}) => {
	// The simulated reader loses its connection by chance: here by none.
	await page.addInitScript(() => (Math.random = () => 0.5));
	await page.goto('/practice/eyes');
	await page.getByLabel('Name').fill('Nell Orrin');
	await page.getByRole('button', { name: 'Begin' }).click();
	await expect(page.getByText('Name it first', { exact: false })).toBeVisible();
	const level = page.getByLabel('You read: level');
	for (let i = 0; i < 3; i++) {
		await level.fill('8');
		await level.press('Tab');
		await page.getByRole('button', { name: 'Connect' }).click();
		await page.getByRole('button', { name: /^Calibrate/ }).click();
		for (let n = 1; n <= 3; n++)
			await page.getByRole('button', { name: `Reading ${n} of 3` }).click();
		await page.getByRole('button', { name: 'Take this reading' }).first().click();
		await page.getByRole('button', { name: 'Keep this look' }).click();
		await expect(level).toHaveValue('');
	}
	await expect(page.getByRole('img', { name: /^Levels read too light/ })).toBeVisible();
	await expect(page.getByText('so far 3', { exact: false })).toBeVisible();
	await accessible(page);
	await page.getByRole('button', { name: 'Take the last look back' }).click();
	await expect(page.getByText('so far 2', { exact: false })).toBeVisible();
	await page.getByRole('combobox', { name: 'Colours drawn' }).click();
	await page.getByRole('option', { name: 'without green cones' }).click();
	await expect(page.getByText('red-orange and yellow', { exact: true })).toBeVisible();
});

test('an eye that is known to read light is corrected in a visit, once, if its owner wants it', async ({
	page
}) => {
	await openDemo(page);
	interface Stored {
		kind: string;
		name?: string;
		colourist?: string;
		looks?: unknown[];
		corrects?: true;
	}
	const file = JSON.parse(await exportAll(page)) as { documents: Stored[] };
	const learner = file.documents.find(({ kind }) => kind === 'learner')!;
	const at = new Date().toISOString();
	learner.looks = Array.from({ length: 24 }, () => ({
		at,
		level: 5.6,
		ring: 5,
		undertone: 'orange'
	}));
	learner.corrects = true;
	for (const document of file.documents)
		if (document.kind === 'visit') document.colourist = learner.name!;
	await importFile(page, JSON.stringify(file));
	await page.getByRole('button', { name: 'Import these' }).click();
	await expect(page.getByText(/^0 added, \d+ changed/)).toBeVisible();
	await saved(page);
	await page.goto('/');
	await openClient(page, 'Hesper Oake');
	await station(page, 'Read');
	const told = page.getByText(/Pia Dorn’s eye reads this 0\.\d too light, from 24 looks/);
	await expect(told).toBeVisible();
	await page.getByRole('button', { name: /^Take 4\.\d/ }).click();
	await expect(page.getByText('Corrected from 5 by what', { exact: false })).toBeVisible();
	await expect(told).toHaveCount(0);
	await expect(page.locator('.range')).toContainText(/lengths 4\.\d/);
	await page.keyboard.press('Control+z');
	await expect(page.locator('.range')).toContainText('lengths 5');
});
