import { expect, test, type Page } from './shared';
import { accessible, answer, choose, follow, openDemo, openStation, station } from './helpers';

/** Opens a station of a demo client. */
async function at(page: Page, client: string, name: string): Promise<void> {
	await openStation(page, client, name);
	await expect(page.getByRole('heading', { level: 1 })).toContainText(QUESTIONS[name]!);
}
const QUESTIONS: Record<string, string> = {
	Read: 'What is there now?',
	Aim: 'Where should it end?',
	Lift: 'Where will it get to'
};

/** What is on the screen; the printed sheet beside it says much of it again. */
const screen = (page: Page) => page.getByRole('main');

const range = (page: Page) => page.locator('.range');

/** Presses an area on the drawing of the back of the head. */
const pointAtArea = (page: Page, area: string) =>
	page.locator(`figure:has-text("back") [data-area="${area}"]`).click();

test('the same everywhere except where it differs: pointed at on the head, and taken back', async ({
	page
}) => {
	await at(page, 'Hesper Oake', 'Read');
	await pointAtArea(page, 'crown');
	await expect(page.getByRole('button', { name: 'crown' })).toHaveAttribute('aria-pressed', 'true');
	await expect(page.getByText('What you set now holds here only.')).toBeVisible();
	await page.getByRole('radio', { name: /^6 / }).click();
	await expect(answer(page)).toContainText('6');
	await expect(
		screen(page).getByText('The same everywhere except crown (natural 6).')
	).toBeVisible();
	// The rail and the rest of the head stay as they were.
	await expect(page.getByRole('link', { name: /Read/ })).toContainText('5 neutral');
	await page.getByRole('button', { name: 'Whole head' }).click();
	await expect(answer(page)).toContainText('5');

	// Lift shows either, with the sums of its own hair.
	await station(page, 'Lift');
	const rest = await answer(page).innerText();
	await screen(page)
		.getByRole('button', { name: /^crown/ })
		.click();
	await expect(answer(page)).not.toHaveText(rest);

	await station(page, 'Read');
	await page.getByRole('button', { name: 'Like the rest again' }).click();
	await expect(answer(page)).toContainText('5');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(answer(page)).toContainText('6');
	await accessible(page);
});

test('several areas at once, by keys; white hair and length of their own', async ({ page }) => {
	await at(page, 'Dorrit Vane', 'Read');
	for (const name of ['fringe', 'hairline']) {
		await page.getByRole('button', { name, exact: true }).focus();
		await page.keyboard.press('Space');
	}
	await page.getByRole('slider', { name: 'White hair' }).focus();
	await page.keyboard.press('End');
	await page.getByLabel('Length', { exact: true }).fill('16');
	await page.keyboard.press('Tab');
	await expect(
		screen(page).getByText('The same everywhere except fringe and hairline (100 % white, 16 cm).')
	).toBeVisible();
	await page.reload();
	await expect(screen(page).getByText(/except fringe and hairline/)).toBeVisible();
});

test('a zone is chosen by pointing at the strand, its borders dragged by keys', async ({
	page
}) => {
	await at(page, 'Yusra Halden', 'Read');
	await page.locator('[data-zone="ends"]').click();
	await expect(page.getByRole('radio', { name: 'Ends', exact: true })).toBeChecked();
	await expect(page.getByText(/And under it/)).toBeVisible();
	const border = page.getByRole('slider', { name: 'Root ends at' });
	await border.focus();
	for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
	await expect(page.getByText('root to 3.5 cm')).toBeVisible();
});

test('skin, water and cut are asked for, and what is not borne is said at once', async ({
	page
}) => {
	await at(page, 'Hesper Oake', 'Read');
	await page.getByText('Skin, water and sensitivities').click();
	await page.getByRole('button', { name: 'lightener', exact: true }).click();
	await expect(page.getByText('Known reaction to lightener.')).toBeVisible();
	await page.getByRole('button', { name: 'lightener', exact: true }).click();
	await page.getByRole('radio', { name: 'broken skin' }).click();
	await expect(page.getByText('Irritated or broken skin.')).toBeVisible();
	await page.getByRole('radio', { name: 'calm' }).click();
	await page.getByText('Cut and curl', { exact: true }).click();
	await page.getByRole('radio', { name: 'curly', exact: true }).click();
	await page
		.getByRole('group', { name: 'Undercut at' })
		.getByRole('button', { name: 'nape' })
		.click();
	await expect(page.getByText('curly, one length, undercut at the nape')).toBeVisible();
	await accessible(page);
});

test('tests have a date, a result and a validity, and the day says what is due', async ({
	page
}) => {
	await openDemo(page);
	const due = page.locator('section').filter({ hasText: 'Tests due' });
	await expect(due.getByRole('link', { name: /Hesper Oake/ })).toContainText(
		'patch test due again'
	);
	await expect(due.getByRole('link', { name: /Ruta Semmel/ })).toContainText(
		'strand test pending, nothing before it'
	);
	await due.getByRole('link', { name: /Ruta Semmel/ }).click();
	await expect(page.getByText('Henna, no clean strand test.')).toBeVisible();
	await page.getByText('Tests', { exact: true }).click();
	await page
		.getByRole('group', { name: /Result of/ })
		.getByRole('radio', { name: 'clean' })
		.click();
	await page.getByLabel('Reached level').fill('8');
	await page.keyboard.press('Tab');
	await expect(page.getByText(/The strand reached 8/)).toBeVisible();
	await expect(page.getByText('Henna, no clean strand test.')).toHaveCount(0);
	await accessible(page);
	await page.getByRole('link', { name: 'Day' }).click();
	await expect(due).toBeVisible();
	await expect(due.getByRole('link', { name: /Ruta Semmel/ })).toHaveCount(0);
});

test('a colour reader is connected, calibrated, put on three times; lost, it keeps what it read', async ({
	page
}) => {
	// The simulated instrument draws its noise and its losses from here.
	await page.addInitScript(() => {
		const chance = { value: 0.5 };
		Object.assign(window, { chance });
		Math.random = () => chance.value;
	});
	await at(page, 'Hesper Oake', 'Read');
	await page.getByText('With a colour reader', { exact: true }).click();
	await page.getByRole('button', { name: 'Connect' }).click();
	await expect(page.getByText('to be calibrated')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Reading 1 of 3' })).toBeDisabled();
	await page.getByRole('button', { name: 'Calibrate on the white tile' }).click();
	await page.getByRole('button', { name: 'Reading 1 of 3' }).click();
	await page.getByRole('button', { name: 'Reading 2 of 3' }).click();
	await expect(page.getByRole('button', { name: 'Reading 3 of 3' })).toBeEnabled();
	await page.evaluate('chance.value = 0');
	await page.getByRole('button', { name: 'Reading 3 of 3' }).click();
	await expect(page.getByRole('alert')).toContainText('What it read before is kept');
	await expect(page.getByRole('img', { name: /^reading 2/ })).toBeVisible();
	await page.evaluate('chance.value = 0.5');
	await page.getByRole('button', { name: 'Connect' }).click();
	await page.getByRole('button', { name: 'Reading 3 of 3' }).click();
	await expect(page.getByText('median of three')).toBeVisible();
	await accessible(page);
	await page.getByRole('button', { name: 'Read this for all untouched hair' }).click();
	// The noise of this world makes every reading a little too dark.
	await expect(answer(page)).toContainText(/^4\.[6-9]/);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(answer(page)).toContainText(/^5\b/);
});

test('kinds of result fill the aim in; zones and areas have aims of their own', async ({
	page
}) => {
	await at(page, 'Hesper Oake', 'Aim');
	await expect(range(page)).toContainText('likely');
	await page.getByRole('radio', { name: 'root melt' }).click();
	await expect(screen(page).getByText(/80 % light, root 6 for 10 cm/)).toBeVisible();
	await page.getByRole('radio', { name: 'pastel' }).click();
	await expect(answer(page)).toHaveText(/9\.5.*rose/s);
	await expect(page.getByText(/In three to five weeks/)).toBeVisible();
	await page.getByRole('radio', { name: 'solid' }).click();
	await page.getByRole('radio', { name: 'ends', exact: true }).click();
	await page
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^10 / })
		.click();
	await expect(page.getByText(/Except ends 10/)).toBeVisible();
	await page.getByRole('radio', { name: 'Whole strand' }).click();
	await pointAtArea(page, 'nape');
	await page
		.getByRole('radiogroup', { name: 'Direction of the aim' })
		.getByRole('radio', { name: /^copper/ })
		.click();
	await expect(
		screen(page).getByText(/The same everywhere except nape \(\d.* copper\)/)
	).toBeVisible();
	await expect(page.getByRole('link', { name: /Aim/ })).toContainText('rose');
	await accessible(page);
});

test('warmth, contrast, depth and a hidden panel are dials that change the strands', async ({
	page
}) => {
	await at(page, 'Hesper Oake', 'Aim');
	const toned = page.getByRole('img', { name: /^toned/ });
	const before = await toned.getAttribute('aria-label');
	await page.getByRole('slider', { name: 'Warmth kept' }).focus();
	await page.keyboard.press('End');
	await expect(toned).not.toHaveAttribute('aria-label', before!);
	await page.getByText('Contrast and depth', { exact: true }).click();
	await page.getByRole('switch', { name: 'Depth at the root' }).click();
	await expect(page.getByRole('slider', { name: 'Runs down' })).toBeVisible();
	await page.getByRole('button', { name: 'Leave it out' }).click();
	await expect(page.getByText('The lift still takes the root in.')).toHaveCount(0);
	await page.getByRole('switch', { name: 'Lowlights' }).click();
	await expect(page.getByText('Lowlights in permanent colour')).toHaveCount(0);
	await page.getByText('Part of the head', { exact: true }).click();
	await choose(page.getByLabel('Worked today'), 'hidden panel');
	await expect(page.getByText('out of sight')).toBeVisible();
	await page.getByRole('radio', { name: 'up', exact: true }).click();
	await expect(page.getByText('all 34 cm of it show')).toBeVisible();
	await accessible(page);
});

test('a colour is picked from a picture, and becomes an aim in words', async ({ page }) => {
	await at(page, 'Hesper Oake', 'Aim');
	await page.getByText('From a picture', { exact: true }).click();
	const base64 = await page.evaluate(() => {
		const canvas = document.createElement('canvas');
		canvas.width = 900;
		canvas.height = 600;
		const context = canvas.getContext('2d')!;
		context.fillStyle = '#777777';
		context.fillRect(0, 0, 300, 600);
		context.fillStyle = '#d9a35c';
		context.fillRect(300, 0, 600, 600);
		return canvas.toDataURL('image/png').split(',')[1]!;
	});
	await page.getByLabel('Open a picture').setInputFiles({
		name: 'wish.png',
		mimeType: 'image/png',
		buffer: Buffer.from(base64, 'base64')
	});
	const frame = page.getByRole('button', { name: /^Picture: point at/ });
	const point = async (kind: string, x: number) => {
		await page.getByRole('radio', { name: kind, exact: true }).click();
		const box = (await frame.boundingBox())!;
		await frame.click({ position: { x: x * box.width, y: 0.5 * box.height } });
	};
	await point('grey card', 0.15);
	await point('hair', 0.7);
	await page.getByRole('button', { name: 'Aim for this' }).click();
	await expect(page.getByText(/^Aimed for \d.* warmth: /)).toBeVisible();
	await expect(answer(page)).toHaveText(/gold|neutral|beige|copper/);
});

test('every demo head gets a plain verdict, and a way out where it cannot be had today', async ({
	page
}) => {
	await openDemo(page, '/card');
	const heads = ['hesper-oake', 'teodor-vask', 'lisbet-quill', 'anneke-rill', 'dorrit-vane'];
	heads.push('yusra-halden', 'casimir-bly', 'odile-ferrant', 'ruta-semmel');
	for (const head of heads) {
		await follow(page, `/visit/${head}-today/aim`);
		await expect(range(page)).toContainText(
			/Can be done today|visits over|cannot be had|tone only/
		);
		const facts = await page.locator('dl').innerText();
		const notToday = /visits|not so/.test(facts);
		await expect(page.getByRole('heading', { name: 'Instead' })).toHaveCount(notToday ? 1 : 0);
	}
});

test('what stays behind is said at Aim, with what helps; done there, it is how Bowls works it', async ({
	page
}) => {
	await at(page, 'Hesper Oake', 'Aim');
	await expect(range(page)).toContainText(/all but the crown 1.* stays 0\.8 below/);
	const help = page.getByRole('region', { name: 'What would help most' });
	await expect(help).toContainText('Rinsed each foil when ready');
	await help.getByRole('button', { name: /Do it/ }).click();
	await expect(help).toHaveCount(0);
	await expect(range(page)).not.toContainText('below');
	await station(page, 'Bowls');
	await expect(page.getByRole('radio', { name: /each foil when ready/ })).toBeChecked();
	await page.getByRole('button', { name: /^Undo/ }).click();
	await expect(page.getByRole('region', { name: 'What would help' })).toContainText(
		'stays 0.8 below the aim'
	);
});

test('what cannot be had says what can', async ({ page }) => {
	await at(page, 'Teodor Vask', 'Read');
	await page.getByText('Check the hair', { exact: true }).click();
	await page.getByRole('radio', { name: 'stays limp' }).click();
	await page.getByRole('radio', { name: 'gummy' }).click();
	await station(page, 'Aim');
	await page
		.getByRole('radiogroup', { name: 'Level of the aim' })
		.getByRole('radio', { name: /^10 / })
		.click();
	await expect(range(page)).toContainText('It cannot be had with this hair.');
	await expect(page.getByText('Added hair in the shade')).toBeVisible();
});

test('upkeep is a page to hand over, and its numbers are those of the aim', async ({ page }) => {
	await at(page, 'Yusra Halden', 'Aim');
	await expect(range(page)).toContainText('likely');
	const verdict = await range(page).innerText();
	const sixWeeks = await page.getByRole('img', { name: /^six weeks/ }).getAttribute('aria-label');
	await page.getByRole('link', { name: 'Upkeep, to hand over' }).click();
	await expect(page.getByText(verdict)).toBeVisible();
	const level = /six weeks: ([\d.]+)/.exec(sixWeeks!)![1]!;
	const week6 = page.locator('.told').nth(3);
	await expect(week6).toContainText(level);
	await expect(page.getByText(/€\d+ to €\d+ in all/)).toBeVisible();
	await accessible(page);
	await page.emulateMedia({ media: 'print' });
	await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
	await expect(page.getByRole('heading', { name: 'Come back' })).toBeVisible();
	await page.emulateMedia({ media: 'screen' });
	await page.getByRole('link', { name: 'Back to the aim' }).click();
	await expect(answer(page)).toContainText('7');
});
