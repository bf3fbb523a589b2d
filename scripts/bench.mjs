// npm run bench: medians of predict, redraw and solve, and of a drag on the built page; text, and JSON beside it.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { gzipSync } from 'node:zlib';
import {
	ROOT,
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
const chromiumPath = ensureChromium();
if (ensureBuilt() !== 0) stop('The build failed; the lines above say where.');
const { build } = await import('vite');

console.log('Measuring; nothing else should run on this machine.');
// Bundled as the application is: run module by module, the code is two to four times slower.
const core = scratch('bench-core.mjs');
writeFileSync(core, await bundleOf('bench/core.ts', 'es'));
const { coreTimings, plainComparison } = await import(pathToFileURL(core).href);
const timings = coreTimings();
const comparison = plainComparison();

const code = await bundleOf('bench/page.ts', 'iife');
const browser = await launchChromium(chromiumPath);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.setContent('<body></body>');
await page.addScriptTag({ content: code });
timings.push(...(await page.evaluate(() => globalThis.redrawTimings())));

// On the built application: from an arrow key on a dial to the next painted frame.
const port = await choosePort(4390);
const server = await serve(port);
const open = async (station) => {
	await page.goto(`http://localhost:${port}/visit/hesper-oake-today/${station}`);
	await page.getByRole('heading', { level: 1 }).waitFor();
	// A drag begins on a page at rest: strands woven, the first toner found.
	await page.waitForTimeout(1500);
};
await page.goto(`http://localhost:${port}/demo`);
await page.waitForURL(`http://localhost:${port}/`);
await open('lift');
await page.getByRole('slider', { name: 'Minutes on the hair' }).focus();
timings.push(await stepsOfDial('Lift: a step of the clock to painted frame'));
await differAreas();
await open('lift');
await page.getByRole('slider', { name: 'Minutes on the hair' }).focus();
timings.push(await stepsOfDial('Lift: the same with eight areas that all differ'));
await open('aim');
await page.getByRole('slider', { name: 'Warmth kept' }).focus();
timings.push(await stepsOfDial('Aim: a step of warmth to painted frame'));
await open('tone');
await page.getByRole('button', { name: 'Choose', exact: true }).first().click();
await page
	.getByRole('slider', { name: /^Grams of/ })
	.first()
	.focus();
timings.push(await stepsOfDial('Tone: a step of a gram to painted frame'));
await page.getByRole('slider', { name: 'The aim on the wheel' }).focus();
timings.push(
	await stepsOfDial('Tone: a step of the aim on the wheel to painted frame', 'ArrowUp', 'ArrowDown')
);

// A phone's picture of 24 megapixels: from the file to the picture that can be pointed at.
await open('read');
await page.getByText('From a picture', { exact: true }).click();
timings.push(
	await page.evaluate(async () => {
		const canvas = document.createElement('canvas');
		canvas.width = 6000;
		canvas.height = 4000;
		const context = canvas.getContext('2d');
		for (let i = 0; i < 60_000; i++) {
			context.fillStyle = `rgb(${(i * 37) % 255} ${(i * 91) % 200} ${(i * 53) % 120})`;
			context.fillRect((i * 7919) % 6000, (i * 104_729) % 4000, 60, 30);
		}
		const blob = await new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.92));
		const files = new DataTransfer();
		files.items.add(new File([blob], 'phone.jpg', { type: 'image/jpeg' }));
		const input = document.querySelector('input[type=file]');
		const times = [];
		for (let i = 0; i < 7; i++) {
			const begun = performance.now();
			input.files = files.files;
			input.dispatchEvent(new Event('change', { bubbles: true }));
			const opening = () => document.body.textContent.includes('Opening the picture');
			while (!opening()) await new Promise((resolve) => setTimeout(resolve));
			while (opening()) await new Promise((resolve) => requestAnimationFrame(resolve));
			times.push(performance.now() - begun);
		}
		times.sort((p, q) => p - q);
		return {
			name: 'Read: a picture of 24 megapixels opened',
			median: times[3],
			p95: times[6],
			goal: 1500
		};
	})
);
const sizes = [
	await scriptOf('own', '/', /How far will it lift/, 'First minute: script, gzipped', 180),
	await scriptOf('demo', '/', /in the chair/, 'Day: script, gzipped', 180),
	await scriptOf(
		'demo',
		'/visit/hesper-oake-today/lift',
		/Where will it get to/,
		'Lift: script, gzipped',
		210
	)
];
await browser.close();
server.kill();

const wide = Math.max(...timings.map(({ name }) => name.length));
for (const { name, median, p95, goal } of timings) {
	console.log(
		`${name.padEnd(wide)}  median ${median.toFixed(2).padStart(8)} ms   95 % ${p95.toFixed(2).padStart(8)} ms${goal ? `   goal ${goal} ms` : ''}`
	);
}
for (const { name, kib, goal } of sizes) {
	console.log(
		`${name.padEnd(wide)}         ${kib.toFixed(1).padStart(8)} KiB                          goal ${goal} KiB`
	);
}
const { fastMs, plainMs, ratio, worstErrorLevels } = comparison;
console.log(
	`\n${comparison.name}:\n  ${fastMs.toFixed(3)} ms against ${plainMs.toFixed(1)} ms, ${ratio.toFixed(0)} times faster; largest difference ${worstErrorLevels.toExponential(1)} level`
);
const file = scratch('bench.json');
writeFileSync(
	file,
	JSON.stringify({ node: process.version, timings, sizes, comparison }, null, '\t')
);
console.log(`\nJSON: ${file}`);
process.exit(0);

/** Sixty steps of the dial that has the focus, there and back. */
async function stepsOfDial(name, more = 'ArrowRight', less = 'ArrowLeft') {
	return page.evaluate(
		async ([name, more, less]) => {
			const dial = document.activeElement;
			const times = [];
			for (let i = 0; i < 60; i++) {
				const key = i % 20 < 10 ? more : less;
				await new Promise((resolve) => requestAnimationFrame(resolve));
				const begun = performance.now();
				dial.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
				await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
				times.push(performance.now() - begun);
			}
			times.sort((p, q) => p - q);
			return { name, median: times[30], p95: times[57], goal: 50 };
		},
		[name, more, less]
	);
}

/** What an address loads of script, by itself, in a browser that has seen nothing else of it. */
async function scriptOf(salon, path, heading, name, goal) {
	const context = await browser.newContext({ serviceWorkers: 'block' });
	const first = await context.newPage();
	await first.goto(`http://localhost:${port}/demo`);
	await first.waitForURL(`http://localhost:${port}/`);
	await first.getByRole('heading', { level: 1 }).waitFor();
	await first.close();
	const page = await context.newPage();
	// A window is opened on the person's own salon unless it was led to the demo.
	await page.addInitScript((chosen) => sessionStorage.setItem('zelvant.salon', chosen), salon);
	const files = new Set();
	page.on('request', (request) => {
		const { pathname } = new URL(request.url());
		if (pathname.endsWith('.js') && !pathname.includes('worker')) files.add(pathname);
	});
	await page.goto(`http://localhost:${port}${path}`);
	await page.getByRole('heading', { level: 1, name: heading }).waitFor();
	await page.waitForTimeout(1500);
	const bytes = [...files].map((file) => gzipSync(readFileSync(join(ROOT, 'build/client', file))));
	await context.close();
	return { name, kib: bytes.reduce((sum, { length }) => sum + length, 0) / 1024, goal };
}

/** Gives the client in the chair a head on which every area is read apart, by exporting and importing. */
async function differAreas() {
	await page.goto(`http://localhost:${port}/records`);
	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export everything' }).click();
	const file = JSON.parse(readFileSync(await (await downloading).path(), 'utf8'));
	const visit = file.documents.find(({ id }) => id === 'hesper-oake-today');
	['back', 'crown', 'top', 'leftSide', 'rightSide', 'fringe', 'hairline'].forEach((area, i) => {
		visit.reading.areas[area] = { naturalLevel: 4 + i * 0.4 };
	});
	visit.updatedAt = new Date(Date.now() + 60_000).toISOString();
	await page.getByLabel('File to import').setInputFiles({
		name: 'records.zelvant.json',
		mimeType: 'application/json',
		buffer: Buffer.from(JSON.stringify(file))
	});
	const take = page.getByRole('button', { name: 'Import these' });
	await take.click();
	await take.waitFor({ state: 'detached' });
}

/** One of our benches with all it imports, as one script. */
async function bundleOf(entry, format) {
	const bundle = await build({
		configFile: false,
		root: ROOT,
		logLevel: 'error',
		build: { write: false, lib: { entry: join(ROOT, entry), formats: [format], name: 'bench' } }
	});
	return [bundle].flat()[0].output[0].code;
}
