import { gzipSync } from 'node:zlib';
import { expect, test, type Locator, type Page } from './shared';
import { accessible, follow, noSidewaysScroll, openDemo } from './helpers';

const VISIT = ['read', 'aim', 'lift', 'bowls', 'chair', 'tone', 'send-off'];
const OTHERS = [
	'/',
	'/clients',
	'/clients/dorrit-vane',
	'/shelf',
	'/shelf/ring',
	'/clients/anneke-rill',
	'/ledger',
	'/bench/sea-glass',
	'/ledger/learned',
	'/shelf/salon',
	'/shelf/stock',
	'/card',
	'/parts',
	'/records',
	'/visit/hesper-oake-today/upkeep',
	'/visit/nobody/read',
	'/visit/casimir-bly-today/lift'
];
const STATIONS = [
	...VISIT.map((station) => `/visit/hesper-oake-today/${station}`),
	'/visit/hesper-oake-today/mix',
	'/visit/yusra-halden-today/read',
	'/visit/casimir-bly-today/aim'
];
const SIZES = [
	{ width: 1280, height: 800 },
	{ width: 1024, height: 768 },
	{ width: 390, height: 844 }
];

/** Tables that are wider than what shows of them: an act at their end would lie out of sight. */
const cutOff = (page: Page) =>
	page.getByRole('table').evaluateAll((tables) =>
		tables.flatMap((table) => {
			const { parentElement: frame } = table;
			const isCut = frame !== null && frame.scrollWidth > frame.clientWidth + 1;
			return isCut ? [table.getAttribute('aria-label')] : [];
		})
	);

/** A few screens each, so that all that look find some: what opening the demo costs is paid once for them. */
const someOf = (screens: readonly string[], size = 5): string[][] =>
	Array.from({ length: Math.ceil(screens.length / size) }, (_, i) =>
		screens.slice(i * size, (i + 1) * size)
	);
for (const screens of [...someOf(STATIONS), ...someOf(OTHERS)]) {
	test(`${screens.join(', ')} at every size, light and dark: no sideways scroll, axe finds nothing`, async ({
		page
	}) => {
		const faults: string[] = [];
		page.on('pageerror', (error) => faults.push(error.message));
		page.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
		await openDemo(page, '/card');
		for (const screen of screens) {
			await page.emulateMedia({ colorScheme: 'light' });
			await follow(page, screen);
			for (const size of SIZES) {
				await page.setViewportSize(size);
				await noSidewaysScroll(page);
				if (size.width >= 1024) await expect.poll(() => cutOff(page), screen).toEqual([]);
				await accessible(page);
			}
			await page.emulateMedia({ colorScheme: 'dark' });
			await expect(page.locator('html')).toHaveClass(/dark/);
			for (const size of SIZES) {
				await page.setViewportSize(size);
				await noSidewaysScroll(page);
				// One theme differs from the other by its colours alone.
				await accessible(page, { only: 'colours' });
			}
			// At 200 % zoom, in a window of half a desk, on the smallest phone.
			for (const width of [820, 640, 320]) {
				await page.setViewportSize({ width, height: 640 });
				await noSidewaysScroll(page);
			}
		}
		expect(faults).toEqual([]);
	});
}

test('only what is our own runs and is drawn: no style or script in the markup is let in', async ({
	page
}) => {
	const response = await page.goto('/');
	const policy = response?.headers()['content-security-policy'] ?? '';
	expect(policy).toContain("default-src 'self'");
	expect(policy).not.toContain('unsafe-inline');
	expect(policy).not.toContain('unsafe-eval');
});

test('nothing needed at arm’s length is below the fold of a tablet beside the chair', async ({
	page
}) => {
	await page.setViewportSize({ width: 1024, height: 768 });
	await openDemo(page, '/card');
	const main = page.getByRole('main');
	const seen = async (place: string, needed: Locator) => {
		await expect(needed, place).toBeVisible();
		const box = (await needed.boundingBox())!;
		const foot = await main.locator('footer').boundingBox();
		expect(box.y, place).toBeGreaterThanOrEqual(0);
		expect(box.y + box.height, place).toBeLessThanOrEqual(foot?.y ?? 768);
	};
	await follow(page, '/visit/hesper-oake-today/lift');
	await seen('course', main.getByRole('slider', { name: 'Minutes on the hair' }));
	await seen('minutes', main.getByRole('textbox', { name: 'Minutes' }));
	await seen('developer', main.getByRole('slider', { name: 'Developer' }));
	await follow(page, '/visit/hesper-oake-today/bowls');
	await seen('every section', main.getByRole('list', { name: 'Every section when it is rinsed' }));
	const bowl = main.locator('.bowls > li');
	await expect(main.getByText(/^All \d+ ways$/)).toBeVisible();
	await seen('first bowl', bowl.first());
	await seen('the one after it', bowl.nth(1));
	await follow(page, '/visit/hesper-oake-today/chair');
	await seen('clock', main.getByRole('timer'));
	await seen('start', main.getByRole('button', { name: 'Start' }));
	await seen('check', main.getByRole('button', { name: 'Note a check' }));
	await follow(page, '/visit/hesper-oake-today/mix');
	await seen('grams', page.locator('.reading'));
	await seen('take it', page.getByRole('button', { name: 'Take it' }));
});

test('open sheets are accessible too', async ({ page }) => {
	await openDemo(page);
	await page.getByRole('button', { name: 'New visit' }).click();
	await accessible(page);
	await page.goto('/visit/hesper-oake-today/chair');
	await page.getByRole('button', { name: 'Note a check' }).click();
	await accessible(page);
});

test('one text among many alike that does not stand out is found', async ({ page }) => {
	await openDemo(page, '/clients');
	await accessible(page);
	const row = page.getByRole('main').getByRole('link').nth(7);
	for (const [name, value] of [
		['color', '#cfcfcf'],
		['opacity', '0.3']
	] as const) {
		const set = (to: string) =>
			row.evaluate((it, [name, to]) => it.style.setProperty(name, to), [name, to] as const);
		await set(value);
		await expect(accessible(page), name).rejects.toThrow('color-contrast');
		await set('');
	}
	await accessible(page);
});

test('targets on the phone are large enough for a glove', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page, '/card');
	for (const screen of ['chair', 'bowls', 'lift', 'read', 'aim']) {
		await follow(page, `/visit/hesper-oake-today/${screen}`);
		const small = await page
			.getByRole('main')
			.getByRole('button')
			.evaluateAll((buttons) =>
				buttons
					.map((button) => ({ box: button.getBoundingClientRect(), name: button.textContent }))
					.filter(({ box }) => box.width > 0 && (box.height < 43.5 || box.width < 43.5))
					.map(({ name }) => name)
			);
		expect(small, screen).toEqual([]);
	}
});

test('on the phone the foot takes 96 px at most, and the rail of stations fits', async ({
	page
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page, '/card');
	for (const client of ['hesper-oake', 'yusra-halden']) {
		for (const screen of VISIT) {
			await follow(page, `/visit/${client}-today/${screen}`);
			const foot = await page.getByRole('main').locator('footer').boundingBox();
			expect(foot?.height ?? 0, `${client} ${screen}`).toBeLessThanOrEqual(96);
			const rail = page.getByRole('navigation', { name: 'Stations of the visit' }).locator('ol');
			const { width, over } = await rail.evaluate((list) => ({
				width: list.clientWidth,
				over: list.scrollWidth
			}));
			expect(over, `rail of ${screen}`).toBeLessThanOrEqual(width);
		}
	}
});

test('with colours of the person’s own, what is chosen is still drawn apart', async ({ page }) => {
	await page.emulateMedia({ forcedColors: 'active' });
	await openDemo(page, '/visit/hesper-oake-today/lift');
	const lines = (role: 'tab' | 'radio') =>
		page
			.getByRole('main')
			.getByRole(role)
			.evaluateAll((items) =>
				items.map((item) => ({
					chosen: ['on', 'active', 'checked'].includes(item.getAttribute('data-state') ?? ''),
					line: getComputedStyle(item).borderBottomColor
				}))
			);
	const check = async (role: 'tab' | 'radio') => {
		await expect(page.getByRole('main').getByRole(role).first()).toBeVisible();
		const all = await lines(role);
		const chosen = new Set(all.filter((one) => one.chosen).map(({ line }) => line));
		const others = new Set(all.filter((one) => !one.chosen).map(({ line }) => line));
		expect(chosen.size).toBe(1);
		expect(others.size).toBe(1);
		expect([...chosen][0]).not.toBe([...others][0]);
	};
	await check('tab');
	await page.goto('/visit/hesper-oake-today/aim');
	await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
	await check('radio');
});

test('long names and a salon with many clients hold', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page, '/clients/hesper-oake');
	await page
		.getByLabel('Name')
		.fill('Maximiliana-Theodosia van den Oosterhoutkwartier of the Harbour');
	await page.goto('/visit/hesper-oake-today/lift');
	await expect(page.getByText(/Oosterhoutkwartier/).first()).toBeVisible();
	await noSidewaysScroll(page);
	await page.goto('/');
	await noSidewaysScroll(page);
});

test('the first view loads 25 KiB of style at most', async ({ page }) => {
	// The demo is opened by an address of its own first: a sheet that comes again is the same sheet.
	const sheets = new Set<string>();
	page.on('response', (response) => {
		if (response.request().resourceType() === 'stylesheet') sheets.add(response.url());
	});
	await openDemo(page, '/records');
	const bodies = await Promise.all(
		[...sheets].map(async (url) => (await page.request.get(url)).body())
	);
	expect(bodies.length).toBeGreaterThan(0);
	const bytes = bodies.reduce((sum, body) => sum + gzipSync(body).length, 0);
	expect(bytes / 1024).toBeLessThanOrEqual(25);
});
