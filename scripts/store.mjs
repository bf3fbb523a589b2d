// npm run store: holds the records against what kills, races and full disks do to them, in a real browser.
//   npm run store -- --kills 200 --rounds 200
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
	CHROMIUM_ARGS,
	checkNode,
	choosePort,
	ensureBuilt,
	ensureChromium,
	ensureInstalled,
	scratch,
	serve,
	stop
} from './lib.mjs';

checkNode();
ensureInstalled();
const executablePath = ensureChromium();
if (ensureBuilt() !== 0) stop('The build failed; the lines above say where.');
const { chromium } = await import('@playwright/test');
const port = await choosePort(4471);
const server = await serve(port);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(1));
const base = `http://localhost:${port}`;
const asked = (name, usual) => {
	const at = process.argv.indexOf(`--${name}`);
	return at < 0 ? usual : Number(process.argv[at + 1]);
};
const profile = mkdtempSync(join(tmpdir(), 'zelvant-store-'));
const CLIENT = 'anneke-rill';
const VISIT = 'hesper-oake-today';
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** Numbers that come again with the same seed. */
let seed = 20260302;
const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;

/** A browser of its own process, so that it can be killed as a machine loses power. */
async function start(debug) {
	// A killed browser leaves its lock on the profile.
	for (const name of ['SingletonLock', 'SingletonCookie', 'SingletonSocket'])
		rmSync(join(profile, name), { force: true });
	const child = spawn(
		executablePath,
		[
			'--headless=new',
			`--remote-debugging-port=${debug}`,
			`--user-data-dir=${profile}`,
			...CHROMIUM_ARGS,
			'about:blank'
		],
		// A group of its own: what is started may only be a shell around the browser.
		{ stdio: 'ignore', detached: true }
	);
	for (let i = 0; i < 100; i++) {
		try {
			const browser = await chromium.connectOverCDP(`http://localhost:${debug}`);
			const [context] = browser.contexts();
			return { child, browser, context };
		} catch {
			await sleep(100);
		}
	}
	throw new Error(`the browser did not start (exit ${child.exitCode})`);
}
async function kill({ child, browser }) {
	const gone = new Promise((resolve) => child.once('exit', resolve));
	process.kill(-child.pid, 'SIGKILL');
	await gone;
	await browser.close().catch(() => undefined);
}

/** Opens the demo in a page. */
async function openDemo(page) {
	await page.goto(`${base}/demo`);
	await page.waitForURL(`${base}/`);
	await page.getByRole('heading', { level: 1 }).waitFor();
}
const savedLine = (page) => page.getByRole('status').filter({ hasText: /· saved$/ });

/** Every stored document by its key. */
const stored = (page) =>
	page.evaluate(
		() =>
			new Promise((resolve, reject) => {
				const opening = indexedDB.open('zelvant-demo');
				opening.onerror = () => reject(new Error('no database'));
				opening.onsuccess = () => {
					const database = opening.result;
					const store = database.transaction('documents').objectStore('documents');
					const [keys, values] = [store.getAllKeys(), store.getAll()];
					values.onsuccess = () => {
						database.close();
						resolve(Object.fromEntries(keys.result.map((key, i) => [key, values.result[i]])));
					};
				};
			})
	);

/** A file of many clients with a visit each, as an import takes it. */
function manyClients(documents, round) {
	const [client, visit] = [documents[`client:${CLIENT}`], documents[`visit:${CLIENT}-today`]];
	const made = Array.from({ length: 150 }, (_, i) => {
		const id = `import-${round}-${i}`;
		return [
			{ ...client, id, name: `Import ${round} ${i}` },
			{ ...visit, id: `${id}-visit`, clientId: id }
		];
	}).flat();
	const path = join(profile, `import-${round}.zelvant.json`);
	writeFileSync(
		path,
		JSON.stringify({
			format: 'zelvant-records',
			version: 1,
			exportedAt: new Date().toISOString(),
			documents: made
		})
	);
	return path;
}

/**
 * What is done until the browser dies. Each tells, while it works, what it has done and when; and afterwards
 * whether what is stored is no older than a second, and whole.
 */
const ACTS = {
	async typing(page, round, told) {
		await page.goto(`${base}/clients/${CLIENT}`);
		const note = page.getByLabel('Note');
		await note.fill('');
		for (let n = 0; ; n++) {
			await note.pressSequentially('x', { delay: 10 });
			told.push({ at: Date.now(), value: n + 1 });
		}
	},
	async dragging(page, round, told) {
		await page.goto(`${base}/visit/${VISIT}/lift`);
		await page.locator('.answer').waitFor();
		let value = told.start.lift.minutes;
		for (let step = value < 30 ? 1 : -1; ;) {
			await page.keyboard.press(step > 0 ? '.' : ',');
			value += step;
			told.push({ at: Date.now(), value });
			if (value >= 45 || value <= 15) step = -step;
			await sleep(15);
		}
	},
	async undoing(page, round, told) {
		await page.goto(`${base}/visit/${VISIT}/lift`);
		await page.locator('.answer').waitFor();
		const begun = told.start.lift.minutes;
		for (;;) {
			await page.keyboard.press(begun < 45 ? '.' : ',');
			told.push({ at: Date.now(), value: begun < 45 ? begun + 1 : begun - 1 });
			await sleep(120 + 300 * random());
			await page.keyboard.press('Control+z');
			told.push({ at: Date.now(), value: begun });
			await sleep(120 + 300 * random());
		}
	},
	async weighing(page, round, told) {
		await page.goto(`${base}/visit/${VISIT}/mix?bowl=1`);
		await page.getByRole('button', { name: 'Pull the plug' }).waitFor();
		for (;;) {
			const again = page.getByRole('button', { name: 'Weigh it again' });
			if (await again.isVisible()) {
				await again.click();
				told.push({ at: Date.now(), value: 0 });
			}
			await page.getByRole('button', { name: '+20 g' }).click();
			// Taken, it may be written down before the screen is read again.
			told.underway = (told.at(-1)?.value ?? 0) + 1;
			await page.getByRole('button', { name: 'Take it' }).click();
			await page.getByRole('button', { name: 'Take it' }).or(again).first().waitFor();
			await sleep(350);
			const parts = await page.locator('main ol .state').allInnerTexts();
			told.push({ at: Date.now(), value: parts.filter((text) => /\d/.test(text)).length });
		}
	},
	async importing(page, round, told) {
		await page.goto(`${base}/records`);
		await page.getByLabel('File to import').setInputFiles(told.file);
		await page.getByRole('button', { name: 'Import these' }).click();
		told.push({ at: Date.now(), value: 300 });
		// Until the browser dies.
		for (;;) await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 50)));
	}
};
const READ = {
	typing: (documents) => documents[`client:${CLIENT}`].note.length,
	dragging: (documents) => documents[`visit:${VISIT}`].lift.minutes,
	undoing: (documents) => documents[`visit:${VISIT}`].lift.minutes,
	weighing: (documents) =>
		(
			documents[`visit:${VISIT}`].bowls.mixed.find(({ number }) => number === 1)?.parts ?? []
		).filter(({ grams }) => grams > 0).length,
	importing: (documents, round) =>
		Object.keys(documents).filter((key) => key.includes(`import-${round}-`)).length
};

async function kills(count) {
	const only = process.argv.indexOf('--act');
	const names = only < 0 ? Object.keys(ACTS) : [process.argv[only + 1]];
	const tally = Object.fromEntries(
		names.map((name) => [name, { kills: 0, lost: 0, half: 0, newest: 0 }])
	);
	for (let round = 0; round < count; round++) {
		const name = names[round % names.length];
		let room = await start(9600 + (round % 200));
		let page = await room.context.newPage();
		await openDemo(page);
		const before = await stored(page);
		const told = [];
		told.start = before[`visit:${VISIT}`];
		if (name === 'importing') told.file = manyClients(before, round);
		let failed;
		const work = ACTS[name](page, round, told).catch((error) => (failed = error));
		while (told.length === 0) {
			if (failed) throw failed;
			await sleep(5);
		}
		// An import is over soon: it is killed at any moment of it.
		await sleep(name === 'importing' ? 900 * random() : 700 + 1800 * random());
		const died = Date.now();
		await kill(room);
		await work;
		room = await start(9800 + (round % 200));
		page = await room.context.newPage();
		await openDemo(page);
		const value = READ[name](await stored(page), round);
		// What was imported goes again, or every round would open a larger salon.
		if (name === 'importing') {
			await page.goto(`${base}/records`);
			await page.getByRole('button', { name: 'Load the demo afresh' }).click();
			await savedLine(page).waitFor();
		}
		await kill(room);
		const row = tally[name];
		row.kills++;
		if (name === 'importing') {
			if (value !== 0 && value !== 300) row.half++;
			if (value === 0 && died - told[0].at > 1000) row.lost++;
		} else {
			// What was true a second before the end, or anything done since.
			const old = told.findLast(({ at }) => at <= died - 1000);
			const allowed = told.filter(({ at }) => at > died - 1000).map((one) => one.value);
			if (told.underway !== undefined) allowed.push(told.underway);
			if (old && value !== old.value && !allowed.includes(value)) {
				row.lost++;
				const trail = told.map((one) => `${one.value} ${died - one.at} ms before`);
				console.log(`  lost: ${name}, stored ${value}; told ${trail.slice(-8).join(', ')}`);
			}
			if (value === told.at(-1)?.value) row.newest++;
		}
		if (round % 20 === 19) console.log(`  ${round + 1} kills`);
	}
	console.table(tally);
	return tally;
}

async function twoWindows(rounds) {
	const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
	const context = await browser.newContext();
	const [one, other] = [await context.newPage(), await context.newPage()];
	for (const page of [one, other]) {
		await openDemo(page);
		await page.goto(`${base}/clients/${CLIENT}`);
		await page.getByLabel('Note').waitFor();
	}
	let lost = 0;
	for (let round = 0; round < rounds; round++) {
		const [note, contact] = [`note ${round}`, `call ${round}`];
		await Promise.all([
			one.getByLabel('Note').fill(note),
			sleep(250 * random()).then(() => other.getByLabel('Contact').fill(contact))
		]);
		await sleep(350);
		await Promise.all([savedLine(one).waitFor(), savedLine(other).waitFor()]);
		await sleep(50);
		const kept = (await stored(one))[`client:${CLIENT}`];
		const shown = [
			await one.getByLabel('Contact').inputValue(),
			await other.getByLabel('Note').inputValue()
		];
		if (
			kept.note !== note ||
			kept.contact !== contact ||
			shown[0] !== contact ||
			shown[1] !== note
		) {
			lost++;
			console.log(`  lost: round ${round}`, kept.note, kept.contact, shown);
		}
	}
	await browser.close();
	console.log(`two windows: ${rounds} rounds, ${lost} lost`);
	return { rounds, lost };
}

async function refusals() {
	const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
	const context = await browser.newContext();
	await context.addInitScript(() => {
		const state = { write: 0, bad: 0 };
		globalThis.refusal = state;
		const { put } = IDBObjectStore.prototype;
		IDBObjectStore.prototype.put = function (...args) {
			if (++state.write === state.bad) throw new DOMException('no room', 'QuotaExceededError');
			return put.apply(this, args);
		};
	});
	const page = await context.newPage();
	await openDemo(page);
	await page.goto(`${base}/records`);
	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export everything' }).click();
	const file = join(profile, 'demo.zelvant.json');
	await (await downloading).saveAs(file);
	const wanted = Object.keys(await stored(page)).length;
	let [tried, told, lost] = [0, 0, 0];
	for (let bad = 1; ; bad++) {
		await page.getByRole('button', { name: 'Clear the demo' }).click();
		await page.getByRole('heading', { name: 'All visits' }).waitFor({ state: 'detached' });
		await savedLine(page).waitFor();
		await page.getByLabel('File to import').setInputFiles(file);
		await page.getByRole('button', { name: 'Import these' }).waitFor();
		await page.evaluate((at) => Object.assign(globalThis.refusal, { write: 0, bad: at }), bad);
		await page.getByRole('button', { name: 'Import these' }).click();
		const alert = page.getByRole('alert').filter({ hasText: 'storage is full' });
		await Promise.race([alert.waitFor({ timeout: 5000 }).then(() => told++), sleep(1500)]).catch(
			() => undefined
		);
		await savedLine(page).waitFor({ timeout: 20_000 });
		const writes = await page.evaluate(() => globalThis.refusal.write);
		if (writes < bad) break;
		tried++;
		if (Object.keys(await stored(page)).length !== wanted) lost++;
	}
	await browser.close();
	console.log(`refused at each of ${tried} writes of an import: told ${told}, lost ${lost}`);
	return { tried, told, lost };
}

const result = {
	kills: await kills(asked('kills', 40)),
	twoWindows: await twoWindows(asked('rounds', 40)),
	refusals: await refusals()
};
writeFileSync(scratch('store.json'), JSON.stringify(result, null, '\t'));
rmSync(profile, { recursive: true, force: true });
server.kill();
const bad =
	Object.values(result.kills).some(({ lost, half }) => lost + half > 0) ||
	result.twoWindows.lost > 0 ||
	result.refusals.lost > 0 ||
	result.refusals.told < result.refusals.tried;
process.exit(bad ? 1 : 0);
