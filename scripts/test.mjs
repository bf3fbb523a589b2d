// npm test: installs what is missing, then lint, types, unit tests, build, browser tests.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import {
	bin,
	checkNode,
	ensureBuilt,
	ensureChromium,
	ensureInstalled,
	node,
	scratch
} from './lib.mjs';

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
/** A check that runs beside the others; what it says is kept until it is waited for. */
function begin(args) {
	const begun = Date.now();
	const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'pipe'] });
	const said = [];
	child.stdout.on('data', (text) => said.push(text));
	child.stderr.on('data', (text) => said.push(text));
	return new Promise((resolve) => {
		const end = (code) => resolve({ code: code ?? 1, said, seconds: (Date.now() - begun) / 1000 });
		child.on('close', end);
		child.on('error', (error) => {
			said.push(Buffer.from(`${error.message}\n`));
			end(1);
		});
	});
}
async function finished(name, running) {
	const { code, said, seconds } = await running;
	console.log(`\n── ${name}`);
	process.stdout.write(Buffer.concat(said));
	console.log(`${code === 0 ? 'ok' : 'FAILED'} · ${seconds.toFixed(0)} s, beside the others`);
	if (code === 0) passed++;
	else failed++;
}
/** A check without tests of its own counts as one. */
function check(name, args) {
	if (step(name, () => node(args)) === 0) passed++;
	else failed++;
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
// Lint takes one core while the other checks take the second, so nothing waits for it.
const lint = begin([bin('eslint/bin/eslint.js'), '.']);
check('lint with types', [bin('oxlint/bin/oxlint'), '--type-aware']);
check('format', [bin('oxfmt/bin/oxfmt'), '--check']);
check('format of markup', [
	bin('prettier/bin/prettier.cjs'),
	'--check',
	'--log-level',
	'warn',
	'**/*.svelte'
]);
check('layers', [
	bin('dependency-cruiser/bin/dependency-cruise.mjs'),
	'--config',
	'.dependency-cruiser.cjs',
	'src'
]);
check('unused', [bin('knip/bin/knip.js'), '--no-progress']);
check('types', [
	bin('svelte-check/bin/svelte-check'),
	'--tsconfig',
	'./tsconfig.json',
	'--fail-on-warnings'
]);
check('types of the service worker', [
	bin('typescript/bin/tsc'),
	'-p',
	'src/service-worker/tsconfig.json'
]);
const built = step('build', ensureBuilt) === 0;

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

// Browser tests wait for what they see: they have the machine to themselves.
await finished('lint', lint);

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
