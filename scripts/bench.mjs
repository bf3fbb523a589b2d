// npm run bench: medians of predict, redraw and solve, and of a drag on the built page; text, and JSON beside it.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
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

// A drag on the built application: from an arrow key on the clock to the next painted frame.
const port = await choosePort(4390);
const server = await serve(port);
await page.goto(`http://localhost:${port}/demo`);
await page.waitForURL(`http://localhost:${port}/`);
await page.goto(`http://localhost:${port}/visit/hesper-oake-today/lift`);
await page.getByRole('slider', { name: 'Minutes on the hair' }).focus();
timings.push(
	await page.evaluate(async () => {
		const clock = document.activeElement;
		const times = [];
		for (let i = 0; i < 60; i++) {
			const key = i % 40 < 20 ? 'ArrowRight' : 'ArrowLeft';
			await new Promise((resolve) => requestAnimationFrame(resolve));
			const begun = performance.now();
			clock.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
			await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
			times.push(performance.now() - begun);
		}
		times.sort((p, q) => p - q);
		return {
			name: 'Lift: a step of the clock to painted frame',
			median: times[30],
			p95: times[57],
			goal: 50
		};
	})
);
await browser.close();
server.kill();

const wide = Math.max(...timings.map(({ name }) => name.length));
for (const { name, median, p95, goal } of timings) {
	console.log(
		`${name.padEnd(wide)}  median ${median.toFixed(2).padStart(8)} ms   95 % ${p95.toFixed(2).padStart(8)} ms${goal ? `   goal ${goal} ms` : ''}`
	);
}
const { fastMs, plainMs, ratio, worstErrorLevels } = comparison;
console.log(
	`\n${comparison.name}:\n  ${fastMs.toFixed(3)} ms against ${plainMs.toFixed(1)} ms, ${ratio.toFixed(0)} times faster; largest difference ${worstErrorLevels.toExponential(1)} level`
);
const file = scratch('bench.json');
writeFileSync(file, JSON.stringify({ node: process.version, timings, comparison }, null, '\t'));
console.log(`\nJSON: ${file}`);
process.exit(0);

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
