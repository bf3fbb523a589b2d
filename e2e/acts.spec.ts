import { alone, expect, test, type Locator, type Page } from './shared';
import { openDemo, openStation, saved, startTwoApplications, station } from './helpers';

const SIZES = [
	{ width: 1280, height: 800 },
	{ width: 1024, height: 768 },
	{ width: 390, height: 844 }
];
const main = (page: Page) => page.getByRole('main');
/** All of something lies in the window. */
const whole = async (page: Page, it: Locator, what: string) => {
	await it.evaluate((element) => element.scrollIntoView({ block: 'center' }));
	await expect(it, what).toBeInViewport({ ratio: 0.99 });
};
/** Two things on the page share no point. */
const apart = async (one: Locator, other: Locator, what: string) => {
	const [p, q] = [(await one.boundingBox())!, (await other.boundingBox())!];
	const over =
		p.x < q.x + q.width - 1 &&
		q.x < p.x + p.width - 1 &&
		p.y < q.y + q.height - 1 &&
		q.y < p.y + p.height - 1;
	expect(over, what).toBe(false);
};

test('a check on black hair is kept, and what keeps it is in sight at every size', async ({
	page
}) => {
	await openDemo(page, '/visit/hesper-oake-today/read');
	await main(page)
		.getByRole('button', { name: /^1 black/ })
		.or(main(page).getByRole('radio', { name: /^1 black/ }))
		.first()
		.click();
	await station(page, 'Chair');
	await main(page).getByRole('button', { name: 'Start' }).click();
	for (const size of SIZES) {
		await page.setViewportSize(size);
		await page.keyboard.press('k');
		const sheet = page.getByRole('dialog', { name: 'What do you see?' });
		await whole(page, sheet.getByRole('button', { name: 'Keep what I saw' }), `${size.width}`);
		await sheet.getByRole('button', { name: 'Keep what I saw' }).click();
		await expect(sheet).toHaveCount(0);
	}
	await saved(page);
	await expect(page.getByText(/^Seen 1 at/).first()).toBeVisible();
});

alone(
	'with a call above, the bar, the foot and the rail are whole, and messages cover neither answer nor acts',
	async ({ page }) => {
		await page.clock.install();
		await openStation(page, 'Hesper Oake', 'Chair');
		await main(page).getByRole('button', { name: 'Start' }).click();
		await saved(page);
		await page.clock.fastForward('30:00');
		// Somebody else is in the chair too: what the first head asks for stands over every page of theirs.
		await page.goto('/visit/casimir-bly-today/chair');
		await main(page).getByRole('button', { name: 'Start' }).click();
		const calls = page.getByRole('region', { name: 'What calls' });
		await expect(calls.getByRole('link')).toBeVisible();
		for (const size of SIZES) {
			await page.setViewportSize(size);
			const what = `${size.width}`;
			const on = main(page)
				.getByRole('button', { name: /is on$/ })
				.first();
			await whole(page, on, what);
			await apart(on, main(page).locator('footer'), what);
			await apart(on, calls, what);
			await whole(
				page,
				page
					.getByRole('navigation', { name: 'Stations of the visit' })
					.getByRole('link', { name: /Send-off/ }),
				what
			);
		}
		await page.setViewportSize(SIZES[0]!);
		await page.keyboard.press('ControlOrMeta+z');
		const said = page.getByText(/^Undone: /);
		await expect(said).toBeVisible();
		for (const over of ['h1 + .answer', 'header dl', 'footer'])
			await apart(said, main(page).locator(over).first(), over);
	}
);

alone('what was seen ready is not seen otherwise by a second tap', async ({ page }) => {
	await page.clock.install();
	await openStation(page, 'Hesper Oake', 'Chair');
	await main(page).getByRole('button', { name: 'Start' }).click();
	await main(page).getByRole('button', { name: 'All on' }).click();
	await page.clock.fastForward('30:00');
	const pads = main(page).getByRole('group', { name: /^What .* does$/ });
	const name = (await pads.getAttribute('aria-label'))!.replace(/^What (.*) does$/, '$1');
	await pads.getByRole('button', { name: 'ready' }).click();
	await main(page).getByRole('button', { name: 'That is all' }).click();
	const section = main(page).getByRole('region', { name: 'The section that is looked at' });
	const heading = section.getByRole('heading').first();
	await heading.waitFor();
	// Back at the very section: no pad lies under the thumb before somebody wants to look again.
	for (let i = 0; i < 12 && !(await heading.innerText()).startsWith(name); i++)
		await page.keyboard.press('ArrowRight');
	await expect(section.getByText(/^Ready, seen/)).toBeVisible();
	await expect(pads).toHaveCount(0);
	await section.getByRole('button', { name: 'Look again' }).click();
	await expect(pads).toBeVisible();
});

test('a second application that waits is not leapt over; left out, it is gone from the day', async ({
	page
}) => {
	await startTwoApplications(page);
	const foot = main(page).locator('footer');
	await foot.getByRole('button', { name: 'Rinsed', exact: true }).click();
	await expect(page).toHaveURL(/\/chair$/);
	await foot.getByRole('button', { name: /^Go to Tone without/ }).click();
	const asked = page.getByRole('alertdialog', { name: 'Leave it out today?' });
	await asked.getByRole('button', { name: 'Close' }).click();
	await expect(page).toHaveURL(/\/chair$/);
	await foot.getByRole('button', { name: /^Go to Tone without/ }).click();
	await asked.getByRole('button', { name: 'Leave it out, go to Tone' }).click();
	await expect(page).toHaveURL(/\/tone$/);
	await station(page, 'Chair');
	await expect(foot.getByRole('button', { name: 'Enough, go to Tone' })).toBeVisible();
});

test('a visit with colour on the head is recorded with a reason, and stays in the chair until it is off', async ({
	page
}) => {
	await openStation(page, 'Hesper Oake', 'Chair');
	await main(page).getByRole('button', { name: 'Start' }).click();
	await station(page, 'Send-off');
	await main(page).getByRole('button', { name: 'Record the visit' }).click();
	const asked = page.getByRole('alertdialog', { name: 'Colour lies on this head' });
	await expect(asked.getByRole('button', { name: 'Record it while it lies' })).toBeDisabled();
	await asked.getByRole('textbox').fill('her colleague rinses it');
	await asked.getByRole('button', { name: 'Record it while it lies' }).click();
	await expect(
		main(page)
			.getByText(/^Recorded /)
			.first()
	).toBeVisible();
	await page.goto('/');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('1 in the chair');
	await page.goto('/visit/hesper-oake-today/chair');
	await main(page)
		.locator('footer')
		.getByRole('button', { name: /^Rinsed/ })
		.click();
	await page.goto('/');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(
		'Nobody in the chair, 8 waiting'
	);
});
