// npm run scale: a hundred times the demo in a browser: import, opening, search, memory, export.
import { readFileSync, statSync } from 'node:fs';
import { writeManyVisits } from '../bench/manyVisits.mjs';
import {
	checkNode,
	choosePort,
	ensureBuilt,
	ensureChromium,
	ensureInstalled,
	launchChromium,
	scratch,
	serve,
	stop
} from './lib.mjs';

checkNode();
ensureInstalled();
const executablePath = ensureChromium();
if (ensureBuilt() !== 0) stop('The build failed; the lines above say where.');
const port = await choosePort(4392);
const server = await serve(port);
const base = `http://localhost:${port}`;
const browser = await launchChromium(executablePath);
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
let page = await context.newPage();
const devtools = () => context.newCDPSession(page);

await page.goto(`${base}/demo`);
await page.waitForURL(`${base}/`);
await page.getByRole('heading', { level: 1 }).waitFor();
await page.goto(`${base}/records`);
const demo = JSON.parse(readFileSync(await exported(), 'utf8')).documents;
const big = scratch('many.zelvant.json');
const SIZE = { clients: 4000, visits: 20_000 };
const today = new Date().toISOString().slice(0, 10);
writeManyVisits(big, demo, { ...SIZE, today });
// A window of its own opens on one's own records.
await page.close();
page = await context.newPage();
await page.goto(`${base}/records`);
await page.getByRole('heading', { level: 1 }).waitFor();
console.log(
	`${SIZE.clients} clients, ${SIZE.visits} visits more: ${(statSync(big).size / 1e6).toFixed(0)} MB as a file`
);

let begun = performance.now();
await page.getByLabel('File to import').setInputFiles(big);
await page.getByRole('region', { name: /would do/ }).waitFor({ timeout: 600_000 });
told('the file gone through', performance.now() - begun);
begun = performance.now();
await page.getByRole('button', { name: 'Import these' }).click();
await page.getByText(/added, \d+ changed/).waitFor({ timeout: 600_000 });
told('brought in', performance.now() - begun);

const opening = [];
for (let i = 0; i < 5; i++) {
	await page.close();
	page = await context.newPage();
	begun = performance.now();
	await page.goto(`${base}/`);
	await page.getByRole('heading', { name: /in the chair/ }).waitFor();
	await page.locator('canvas').first().waitFor();
	opening.push(performance.now() - begun);
}
told('opened to a Day with hair on it', median(opening), 2000);
await page.waitForTimeout(2000);
await tellMemory('after opening', 300);

await page.goto(`${base}/clients`);
await page.getByRole('row').nth(2).waitFor();
await page.waitForTimeout(1500);
await page.getByLabel('Part of a name or a note').focus();
told('Clients: a key to painted frame', await typed('dornor'), 50);

begun = performance.now();
await page.goto(`${base}/ledger`);
await page.getByRole('row').nth(2).waitFor();
told('Ledger: first rows', performance.now() - begun);
await page.getByText('Going through the records…').waitFor({ state: 'detached', timeout: 60_000 });
told('Ledger: all of it', performance.now() - begun);
await page.waitForTimeout(4000);
await page.getByLabel(/A shade, a strength/).focus();
told('Ledger: a key to painted frame', await typed('9v violet 2024'), 50);
await tellMemory('with the ledger read', 300);
await page.keyboard.press('Control+k');
await page.getByPlaceholder(/A client, a visit/).waitFor();
await page.waitForTimeout(4000);
told('Finder: a key to painted frame', await typed('level 3 coarse 30'), 50);
await page.keyboard.press('Escape');

begun = performance.now();
await page.goto(`${base}/clients/many-7`);
await page.getByRole('heading', { level: 1 }).waitFor();
told('a client opened', performance.now() - begun);

await page.goto(`${base}/records`);
await page.waitForTimeout(1000);
begun = performance.now();
const file = await exported();
told('exported', performance.now() - begun);
console.log(`the file: ${(statSync(file).size / 1e6).toFixed(0)} MB`);
await tellMemory('after the export', 300);

await browser.close();
server.kill();
process.exit(0);

async function exported() {
	const downloading = page.waitForEvent('download', { timeout: 600_000 });
	await page.getByRole('button', { name: 'Export everything' }).click();
	return (await downloading).path();
}
function median(times) {
	return times.sort((p, q) => p - q)[Math.floor(times.length / 2)];
}
function told(name, ms, goal) {
	console.log(
		`${name.padEnd(40)} ${ms.toFixed(0).padStart(8)} ms${goal ? `   goal ${goal} ms` : ''}`
	);
}
async function tellMemory(when, goal) {
	const session = await devtools();
	await session.send('HeapProfiler.collectGarbage');
	await session.send('Performance.enable');
	const { metrics } = await session.send('Performance.getMetrics');
	const mb = metrics.find(({ name }) => name === 'JSHeapUsedSize').value / 1e6;
	console.log(`${`memory ${when}`.padEnd(40)} ${mb.toFixed(0).padStart(8)} MB   goal ${goal} MB`);
}
/** Types into the field that has the focus; the median of its keys, from the key to the next painted frame. */
async function typed(text) {
	return page.evaluate(async (text) => {
		const field = document.activeElement;
		const times = [];
		for (const letter of text) {
			await new Promise((resolve) => requestAnimationFrame(resolve));
			const begun = performance.now();
			field.value += letter;
			field.dispatchEvent(new InputEvent('input', { bubbles: true }));
			await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
			times.push(performance.now() - begun);
			await new Promise((resolve) => setTimeout(resolve, 60));
		}
		console.log(times.map((t) => Math.round(t)).join(' '));
		times.sort((p, q) => p - q);
		return times[Math.floor(times.length / 2)];
	}, text);
}
