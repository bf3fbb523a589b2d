// npm run shots: one current picture of each main view, from the demo data, in docs/screenshots/.
import { join } from 'node:path';
import {
	ROOT,
	checkNode,
	choosePort,
	ensureBuilt,
	ensureChromium,
	ensureInstalled,
	launchChromium,
	serve,
	stop
} from './lib.mjs';

checkNode();
ensureInstalled();
const executablePath = ensureChromium();
if (ensureBuilt() !== 0) stop('The build failed; the lines above say where.');

const HESPER = '/visit/hesper-oake-today';
const DESK = { width: 1280, height: 800 };
const HOUR = new Date('2026-03-03T10:40:00Z');
const SHOTS = [
	['day', '/', DESK, 'light'],
	['read', '/visit/anneke-rill-today/read', DESK, 'light'],
	['aim', '/visit/casimir-bly-today/aim', DESK, 'light'],
	['lift', `${HESPER}/lift`, DESK, 'light'],
	['bowls', `${HESPER}/bowls`, DESK, 'light'],
	['chair', `${HESPER}/chair`, DESK, 'dark'],
	['tone', `${HESPER}/tone`, DESK, 'light'],
	['send-off', '/visit/anneke-rill-past-15/send-off', { width: 1280, height: 1240 }, 'light'],
	['client', '/clients/anneke-rill', { width: 1280, height: 900 }, 'light'],
	['ledger', '/ledger', DESK, 'dark'],
	['bench', '/bench/sea-glass', { width: 1280, height: 900 }, 'light'],
	['practice', '/practice', DESK, 'light'],
	['practice-level', '/practice/lesson/level', DESK, 'light'],
	['practice-toner', '/practice/lesson/toner', { width: 1280, height: 900 }, 'light'],
	['practice-faults', '/practice/lesson/faults', DESK, 'dark'],
	['head', '/practice/head/4', { width: 1280, height: 900 }, 'light'],
	['head-review', '/practice/head/4', { width: 1280, height: 960 }, 'light'],
	['clients', '/clients', DESK, 'light'],
	['shelf', '/shelf', DESK, 'light']
];

/** Pictures of a service that runs. */
const RUNS = ['chair'];

const port = await choosePort(4391);
const server = await serve(port);
const base = `http://localhost:${port}`;
const browser = await launchChromium(executablePath);
for (const [name, path, viewport, colorScheme, fold] of SHOTS) {
	const page = await browser.newPage({
		viewport,
		colorScheme,
		locale: 'en-GB',
		timezoneId: 'Europe/London'
	});
	// A working hour of a fixed day: pictures do not show when they were taken.
	if (RUNS.includes(name)) await page.clock.install({ time: HOUR });
	else await page.clock.setFixedTime(HOUR);
	// The simulated scale trembles by chance: here by none.
	await page.addInitScript(() => (Math.random = () => 0.5));
	await page.goto(`${base}/demo`);
	await page.waitForURL(`${base}/`);
	if (RUNS.includes(name)) await runChair(page);
	await page.goto(base + path);
	await page.getByRole('heading', { level: 1 }).waitFor();
	if (name.startsWith('bowls')) await page.locator('.locks li').first().waitFor();
	if (name.startsWith('tone')) await tone(page);
	if (name === 'ledger') {
		await page.getByRole('radio', { name: 'toners' }).click();
		for (const row of [0, 2])
			await page
				.getByRole('button', { name: /^Lay beside/ })
				.nth(row)
				.click();
		await page.evaluate(() => scrollTo(0, 0));
	}
	if (name === 'practice-toner' || name === 'practice-faults') await answer(page);
	if (name.startsWith('head')) await workHead(page, name === 'head-review');
	if (fold) {
		await page.getByText(fold, { exact: true }).click();
		await page.getByText(fold, { exact: true }).evaluate((title) => title.scrollIntoView());
	}
	// A picture shows the answer, not the waiting for it.
	await page.getByText('Working it out…').first().waitFor({ state: 'detached' });
	await page.getByText('being staged').first().waitFor({ state: 'detached' });
	await page.getByText('Looking for what would help…').first().waitFor({ state: 'detached' });
	await page.waitForTimeout(600);
	await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
	await page.close();
	console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
server.kill();
process.exit(0);

/** A toner as it is found. */
async function tone(page) {
	await page.getByRole('button', { name: 'Choose', exact: true }).first().waitFor();
	await page.waitForTimeout(1500);
}

/** A question as it is explained. */
async function answer(page) {
	await page.locator('ol button').first().click();
	await page.getByRole('button', { name: 'Next' }).waitFor();
}

/** A simulated head while it lies, or looked back at. */
async function workHead(page, toTheEnd) {
	const press = (name) => page.getByRole('button', { name, exact: true }).click();
	await press('The patch test?');
	await page.getByLabel('lengths: you read').fill('6.5');
	await page.getByRole('button', { name: /^Mix/ }).click();
	for (const part of ['back', 'crown', 'sides']) await press(`On: ${part}`);
	await press('5 min');
	await press('Reader: back');
	if (!toTheEnd) return;
	await press('Rinse all of it');
	await press('Tone');
	await press('Send off');
	await page.getByText('What it hid').waitFor();
}

/** The chair is shown at work: 42 minutes in, one section late, one look that shows a slow head. */
async function runChair(page) {
	await page.goto(`${base}${HESPER}/chair`);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	for (const each of ['06:10', '05:30', '07:50', '05:20', '04:40', '06:10']) {
		await page.clock.fastForward(each);
		await page.getByRole('button', { name: / is on$/ }).click();
	}
	await page.clock.fastForward('03:30');
	await page.getByRole('button', { name: 'lags', exact: true }).click();
	await page.getByRole('button', { name: 'That is all' }).click();
	// The messages that tell of it are another picture.
	await page.clock.fastForward('00:20');
}
