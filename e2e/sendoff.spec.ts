import { readFile } from 'node:fs/promises';
import { expect, test } from './shared';
import { accessible, answer, noSidewaysScroll, openDemo, saved } from './helpers';
import { picture } from './picture';

test('a visit is sent off in a few taps, place by place, and the next starts from there', async ({
	page
}) => {
	await openDemo(page, '/visit/casimir-bly-today/send-off');
	const rows = page.getByRole('region', { name: 'Place by place, dry and straight' });
	await expect(rows.getByRole('listitem')).toHaveCount(3);
	await expect(rows.getByText('Not looked at.')).toHaveCount(3);
	await expect(answer(page)).toContainText('expected');
	await page.getByRole('button', { name: 'All as expected' }).click();
	await expect(rows.getByText('Not looked at.')).toHaveCount(0);
	await expect(answer(page)).toContainText('seen');
	// The ends came out half a level deeper: a tap mends it.
	await rows.getByRole('radio', { name: '½ deeper' }).nth(1).click();
	await expect(rows.getByRole('radio', { name: '½ deeper' }).nth(1)).toBeChecked();
	await page.getByLabel('At the chair').fill('170');
	await page.getByLabel('Asked for it').fill('210');
	await page.getByLabel('Offered, and not wanted').fill('a lighter fringe');
	await saved(page);
	await accessible(page);
	await page.getByRole('button', { name: 'Record the visit' }).click();
	await expect(page.getByText('The next visit starts from this.')).toBeVisible();
	await saved(page);
	await page.reload();
	await expect(page.getByLabel('Asked for it')).toHaveValue('210');
	await page.setViewportSize({ width: 390, height: 844 });
	await noSidewaysScroll(page);
});

test('nothing is told or recorded against what was expected before that is worked out', async ({
	page
}) => {
	await openDemo(page, '/card');
	const held: (() => void)[] = [];
	await page.route('**/entry.worker*', async (route) => {
		await new Promise<void>((resolve) => held.push(resolve));
		await route.continue();
	});
	await page.goto('/visit/casimir-bly-today/send-off');
	const rows = page.getByRole('region', { name: 'Place by place, dry and straight' });
	const acts = [
		rows.getByRole('button', { name: 'All as expected' }),
		rows.getByRole('radio', { name: 'as expected' }).first(),
		page.getByRole('button', { name: 'Record the visit' })
	];
	await expect(answer(page)).toContainText('being worked out');
	await expect(rows.getByText('expected: being worked out')).toHaveCount(3);
	for (const act of acts) await expect(act).toBeDisabled();
	expect(held.length).toBeGreaterThan(0);
	for (const go of held) go();
	await expect(answer(page)).toContainText('expected');
	for (const act of acts) await expect(act).toBeEnabled();
	await acts[0]!.click();
	await expect(rows.getByRole('radio', { name: 'as expected' }).first()).toBeChecked();
	await expect(page.getByText('As expected.', { exact: true })).toBeVisible();
});

test('what surprised is weighed against what was seen, and named by the colourist', async ({
	page
}) => {
	await openDemo(page, '/visit/teodor-vask-before/send-off');
	const why = page.getByRole('region', { name: 'What surprised' });
	await expect(why).toContainText('more than an eye errs');
	await expect(why.getByRole('listitem').first()).toContainText('%');
	await why.getByRole('button', { name: 'this head' }).click();
	await saved(page);
	await page.reload();
	await expect(why.getByRole('button', { name: 'this head' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
});

test('when to come back is one answer: here, on the sheet, in a calendar and in the code for the phone', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/send-off');
	const back = page.getByRole('region', { name: /^Come back in/ });
	const days = await back.getByText('Come back', { exact: true }).locator('xpath=..').innerText();
	const downloading = page.waitForEvent('download');
	await back.getByRole('button', { name: 'Dates as a calendar file' }).click();
	const file = await readFile(await (await downloading).path(), 'utf8');
	expect(file).toContain('BEGIN:VCALENDAR');
	expect(file.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThanOrEqual(2);
	expect(file).toMatch(/SUMMARY:Hesper Oake: patch test\\?, 48 hours before/);
	await back.getByRole('link', { name: /code for the phone/ }).click();
	const code = page.getByRole('img', { name: 'Code that holds the dates and the aftercare' });
	await expect(code).toBeInViewport({ ratio: 1 });
	await expect(page.getByText(days.split('\n').at(-1)!).first()).toBeVisible();
	await expect(page.getByText('Two days before the first wash.')).toBeVisible();
	await accessible(page);
});

test('the sheet of a visit that is done tells of the hair as it goes home, in the figures of Send-off', async ({
	page
}) => {
	await openDemo(page, '/visit/anneke-rill-past-15/send-off');
	const strand = page.getByRole('img', { name: /^six weeks/ });
	const told = /six weeks: ([\d.]+)/.exec((await strand.getAttribute('aria-label'))!)![1]!;
	await page.getByRole('link', { name: /^Sheet for the client/ }).click();
	await expect(page.locator('.told').nth(3)).toContainText(told);
	await expect(page.getByText(/^As it goes home/)).toBeVisible();
	await expect(page.getByText(/€\d+, as it came\./)).toBeVisible();
	await expect(page.getByRole('heading', { name: 'Getting there' })).toHaveCount(0);
	await accessible(page);
	await page.getByRole('link', { name: 'Back to Send-off' }).click();
	await expect(strand).toBeVisible();
});

test('a picture of the end stands beside the last one, by its grey card', async ({ page }) => {
	await openDemo(page, '/visit/bertil-oxley-past-9/send-off');
	const pictures = page.getByRole('region', { name: 'Same light, same place' });
	// A grey card in the middle, hair on either side, under a warm lamp.
	const buffer = await picture(page, ['#8a5b2e', 0.18, '#c3934e'], { light: [1, 0.75, 0.45] });
	const card = { name: 'end.png', mimeType: 'image/png', buffer };
	await pictures.getByLabel('Take a picture').setInputFiles(card);
	await pictures.getByRole('button', { name: /point at the grey card/ }).click();
	await expect(pictures).toContainText('Today, by its grey card');
	const middle = () =>
		pictures
			.locator('canvas')
			.last()
			.evaluate((canvas: HTMLCanvasElement) => {
				const { data } = canvas
					.getContext('2d')!
					.getImageData(canvas.width / 2, canvas.height / 2, 1, 1);
				return [...data.slice(0, 3)];
			});
	await expect
		.poll(async () => Math.max(...(await middle())) - Math.min(...(await middle())))
		.toBeLessThan(8);
	await saved(page);
	await page.goto('/visit/bertil-oxley-past-10/send-off');
	await expect(pictures.locator('canvas')).toHaveCount(1);
	await expect(pictures).toContainText('by its grey card');
	await pictures.getByLabel('Take a picture').setInputFiles({
		name: 'no.png',
		mimeType: 'image/png',
		buffer: Buffer.from('no picture')
	});
	await expect(pictures.getByRole('alert')).toContainText('nothing was changed');
});
