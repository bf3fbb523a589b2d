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
const { ACTS } = await import('./storeActs.mjs');
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
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** Numbers that come again with the same seed. */
let seed = 20260302;
const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;

let started = 0;
/** A browser of its own process, so that all of it can be killed at once. */
async function start() {
	const debug = 9600 + (started++ % 400);
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
async function openDemo(page, path = '/') {
	await page.goto(`${base}/demo?to=${path}`);
	await page.waitForURL(`${base}${path}`);
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

/**
 * Put into every page: looks, many times a second, at what the page shows of an act and at once at whether it says that
 * this is kept, and tells both as soon as either is another. What is judged is this, and not what was done when.
 */
const WATCH = ([shown, claim]) => {
	const ask = (text) => (text ? new Function(`return (${text})()`) : undefined);
	const [asked, claimed] = [ask(shown), ask(claim)];
	const lineSays = () =>
		[...document.querySelectorAll('[role=status]')].some((it) =>
			/^(Demo · )?saved$/.test(it.textContent.trim())
		);
	globalThis.stepsDone = undefined;
	let last = '';
	const look = () => {
		const value = asked ? asked() : globalThis.stepsDone;
		if (value === undefined || Number.isNaN(value)) return;
		const said = lineSays() && (!claimed || claimed());
		const now = `${value} ${said}`;
		if (now === last) return;
		last = now;
		globalThis.tell({ value, said, at: Date.now() });
	};
	new MutationObserver(look).observe(document, {
		subtree: true,
		childList: true,
		characterData: true,
		attributes: true
	});
	setInterval(look, 10);
	globalThis.lookAgain = () => {
		last = '';
		look();
	};
};

/** Whether a value is at least as late as another one; what is there in part is never. */
const isAsLate = (value, other) => value !== 'half' && value >= other;

async function kills(count) {
	const only = process.argv.indexOf('--act');
	const names = only < 0 ? Object.keys(ACTS) : [process.argv[only + 1]];
	const tally = Object.fromEntries(
		names.map((name) => [name, { kills: 0, 'saved later': 0, lost: 0, half: 0, 'oldest, ms': 0 }])
	);
	for (let round = 0; round < count; round++) {
		const name = names[round % names.length];
		const act = ACTS[name];
		const row = tally[name];
		let room = await start();
		let page = await room.context.newPage();
		await page.setViewportSize({ width: 1280, height: 800 });
		await openDemo(page);
		await page.goto(`${base}${act.path}`);
		await savedLine(page).waitFor();
		const before = await stored(page);
		await act.before?.(page);
		const told = [];
		await page.exposeFunction('tell', (one) => told.push(one));
		const watch = [WATCH, [act.shown?.toString(), act.claim?.toString()]];
		await page.addInitScript(...watch);
		await page.evaluate(...watch);
		const step = (n) => page.evaluate((n) => void (globalThis.stepsDone = n), n);
		if (!act.shown) await step(0);
		while (told.length === 0) {
			await page.evaluate(() => globalThis.lookAgain());
			await sleep(50);
		}
		let failed;
		const work = act.work(page, step, before, round).catch((error) => (failed = error));
		const begun = told.length;
		while (told.length === begun && !failed) await sleep(5);
		const [least, most] = act.within ?? [700, 2500];
		await sleep(least + (most - least) * random());
		if (failed) throw failed;
		const died = Date.now();
		await kill(room);
		await Promise.race([work, sleep(200)]);
		room = await start();
		page = await room.context.newPage();
		await openDemo(page, act.readPage ? act.path : '/');
		await savedLine(page).waitFor();
		const value = act.readPage
			? await act.readPage(page)
			: act.read(await stored(page), { before, round });
		// What was changed much goes again, or every round would open another salon.
		if (act.afresh) {
			await page.goto(`${base}/records`);
			await page.getByRole('button', { name: 'Load the demo afresh' }).click();
			await page.getByText('The demo is as it was.').waitFor();
		}
		await kill(room);
		row.kills++;
		// Nothing that the page called kept may be gone, however short a time before the end it said so.
		const kept = told.findLast(({ said }) => said);
		if (value === 'half') row.half++;
		else if (kept && !isAsLate(value, kept.value)) row.lost++;
		if (value === 'half' || (kept && !isAsLate(value, kept.value))) {
			const trail = told.slice(-8);
			const words = trail.map(
				(it) => `${it.value}${it.said ? ' (saved)' : ''} ${died - it.at} ms before`
			);
			console.log(`  lost: ${name}, stored ${value}; shown ${words.join(', ')}`);
		}
		if (kept && isAsLate(value, kept.value + 1)) row['saved later']++;
		// How old what is stored was at the end: since when something later was shown.
		const later = told.find((one) => !isAsLate(value, one.value));
		if (later) row['oldest, ms'] = Math.max(row['oldest, ms'], died - later.at);
		if (round % 20 === 19) console.log(`  ${round + 1} kills`);
	}
	console.table(tally);
	return tally;
}

/** Two windows write to two fields of one client at once: what each calls saved is stored, and comes to the other. */
async function twoWindows(rounds) {
	const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
	const context = await browser.newContext();
	const [one, other] = [await context.newPage(), await context.newPage()];
	for (const page of [one, other]) {
		await openDemo(page);
		await page.goto(`${base}/clients/${CLIENT}`);
		await page.getByLabel('Note').waitFor();
	}
	const written = (page, label, name, text) =>
		page
			.getByLabel(label)
			.fill(text)
			.then(() => savedLine(page).waitFor())
			.then(() => stored(page))
			.then((documents) => documents[`client:${CLIENT}`][name] === text);
	/** Whether a field shows a text within five seconds. */
	const comes = async (page, label, text) => {
		for (let i = 0; i < 100; i++) {
			if ((await page.getByLabel(label).inputValue()) === text) return true;
			await sleep(50);
		}
		return false;
	};
	let lost = 0;
	for (let round = 0; round < rounds; round++) {
		const [note, contact] = [`note ${round}`, `call ${round}`];
		const kept = await Promise.all([
			written(one, 'Note', 'note', note),
			sleep(250 * random()).then(() => written(other, 'Contact', 'contact', contact))
		]);
		const came = await Promise.all([comes(one, 'Contact', contact), comes(other, 'Note', note)]);
		await Promise.all([savedLine(one).waitFor(), savedLine(other).waitFor()]);
		const { note: n, contact: c } = (await stored(one))[`client:${CLIENT}`];
		if ([...kept, ...came, n === note, c === contact].includes(false)) {
			lost++;
			console.log(`  lost: round ${round}, stored as said ${kept}, came over ${came}; ${n}, ${c}`);
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
