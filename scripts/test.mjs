// npm test: installs what is missing, then lint, types, unit tests, build, browser tests.
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { ROOT, bin, checkNode, ensureChromium, ensureInstalled, node, scratch } from './lib.mjs';

checkNode();
ensureInstalled();
const chromium = ensureChromium();

let passed = 0;
let failed = 0;

function step(name, work) {
	console.log(`\n── ${name}`);
	const begun = Date.now();
	const code = work();
	console.log(`${code === 0 ? 'ok' : 'FAILED'} · ${((Date.now() - begun) / 1000).toFixed(0)} s`);
	return code;
}
/** A check that runs beside another one: what it says is kept until it is done. @returns whether it passed */
async function check(name, args) {
	const begun = Date.now();
	const said = [];
	const code = await new Promise((resolve) => {
		const child = spawn(process.execPath, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
		child.stdout.on('data', (text) => said.push(text));
		child.stderr.on('data', (text) => said.push(text));
		child.on('close', (code) => resolve(code ?? 1));
		child.on('error', (error) => {
			said.push(Buffer.from(`${error.message}\n`));
			resolve(1);
		});
	});
	console.log(`\n── ${name}`);
	process.stdout.write(Buffer.concat(said));
	console.log(`${code === 0 ? 'ok' : 'FAILED'} · ${((Date.now() - begun) / 1000).toFixed(0)} s`);
	// A check without tests of its own counts as one.
	if (code === 0) passed++;
	else failed++;
	return code === 0;
}
/** Checks one after the other. @returns whether the last one passed */
async function inTurn(checks) {
	let isLastOk = true;
	for (const [name, ...args] of checks) isLastOk = await check(name, args);
	return isLastOk;
}
/** A run of tests counts each; a run that left no report counts as one failure. */
function counted(name, report, work, read) {
	rmSync(report, { force: true });
	const code = step(name, work);
	const counts = existsSync(report)
		? read(JSON.parse(readFileSync(report, 'utf8')))
		: { passed: 0, failed: 1 };
	passed += counts.passed;
	failed += code !== 0 && counts.failed === 0 ? 1 : counts.failed;
}

node([bin('@sveltejs/kit/svelte-kit.js'), 'sync']);
// None of these can use two cores for long: they go in two rows of about the same length.
const [, built] = await Promise.all([
	inTurn([
		['lint', bin('eslint/bin/eslint.js'), '.'],
		[
			'format of markup',
			bin('prettier/bin/prettier.cjs'),
			'--check',
			'--log-level',
			'warn',
			'**/*.svelte'
		],
		[
			'layers',
			bin('dependency-cruiser/bin/dependency-cruise.mjs'),
			'--config',
			'.dependency-cruiser.cjs',
			'src'
		],
		['unused', bin('knip/bin/knip.js'), '--no-progress']
	]),
	inTurn([
		['format', bin('oxfmt/bin/oxfmt'), '--check'],
		['lint with types', bin('oxlint/bin/oxlint'), '--type-aware'],
		[
			'types',
			bin('svelte-check/bin/svelte-check'),
			'--tsconfig',
			'./tsconfig.json',
			'--fail-on-warnings'
		],
		[
			'types of the service worker',
			bin('typescript/bin/tsc'),
			'-p',
			'src/service-worker/tsconfig.json'
		],
		['build', fileURLToPath(new URL('build.mjs', import.meta.url))]
	])
]);

const unitReport = scratch('unit.json');
counted(
	'unit tests',
	unitReport,
	() =>
		node([
			bin('vitest/vitest.mjs'),
			'run',
			'--reporter=dot',
			'--reporter=json',
			`--outputFile.json=${unitReport}`
		]),
	(report) => ({ passed: report.numPassedTests, failed: report.numFailedTests })
);

if (built) {
	const browserReport = scratch('browser.json');
	counted(
		'browser tests',
		browserReport,
		() =>
			node([bin('@playwright/test/cli.js'), 'test', '--reporter=list,json'], {
				env: { ...process.env, CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport }
			}),
		({ stats }) => ({ passed: stats.expected, failed: stats.unexpected + stats.flaky })
	);
} else failed++;

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
