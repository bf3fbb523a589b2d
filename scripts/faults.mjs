// npm run faults: plants one fault after the other in a copy of the code, and says which of them no test noticed.
//   npm run faults -- [folder] [--draw N] [--seed S] [--whole]
// A folder takes the faults of its files alone; --draw takes so many of them by the seed; --whole asks every test that
// concerns a file before a fault counts as not noticed (minutes each), where otherwise those of its layer are asked.
import {
	cpSync,
	mkdirSync,
	readdirSync,
	readFileSync,
	rmSync,
	symlinkSync,
	writeFileSync
} from 'node:fs';
import { spawnSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import ts from 'typescript';
import { ROOT, checkNode, ensureInstalled, scratch, stop } from './lib.mjs';
import { RULES, UNHELD } from './faultList.mjs';

checkNode();
ensureInstalled();
const { values, positionals } = parseArgs({
	allowPositionals: true,
	options: {
		draw: { type: 'string' },
		seed: { type: 'string', default: '1' },
		whole: { type: 'boolean', default: false }
	}
});
const [folder = 'src'] = positionals;

/** Every constant of core, moved by a third: numbers that stand in tables of constants. */
function constants() {
	const files = readdirSync(join(ROOT, 'src/core'), { recursive: true })
		.map((name) => join('src/core', String(name)))
		.filter((name) => /\/(constants|limits)\.ts$/.test(name));
	return files.flatMap((file) => {
		const text = readFileSync(join(ROOT, file), 'utf8');
		const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
		const found = [];
		const nameOf = (node) => {
			const names = [];
			for (let at = node; at && !ts.isSourceFile(at); at = at.parent)
				if ((ts.isPropertyAssignment(at) || ts.isVariableDeclaration(at)) && at.name)
					names.unshift(at.name.getText(source));
			return names.join('.');
		};
		const visit = (node) => {
			if (ts.isNumericLiteral(node) && Number(node.text) !== 0) {
				const value = Number(node.text);
				const moved =
					Number.isInteger(value) && value > 2 ? Math.round((value * 4) / 3) : (value * 4) / 3;
				const name = nameOf(node);
				found.push({
					file,
					at: node.getStart(source),
					end: node.getEnd(),
					to: String(moved),
					name: `${name} ${node.text} is ${Number(moved.toPrecision(4))}`,
					why: UNHELD[`${file} ${name}`]
				});
			}
			ts.forEachChild(node, visit);
		};
		visit(source);
		return found;
	});
}

/** The rules of the list, where they stand. */
const rules = () =>
	RULES.map(({ file, from, to, why }) => {
		const text = readFileSync(join(ROOT, file), 'utf8');
		const at = text.indexOf(from);
		if (at < 0 || text.includes(from, at + 1))
			stop(`scripts/faultList.mjs: not once in ${file}: ${from}`);
		const line = text.slice(0, at).split('\n').length;
		return {
			file,
			at,
			end: at + from.length,
			to,
			why,
			name: `line ${line}: ${from} → ${to || 'nothing'}`
		};
	});

/** So many of them by a seed: the same for the same seed. */
function drawn(faults, count, seed) {
	let state = seed >>> 0 || 1;
	const next = () => {
		state ^= state << 13;
		state ^= state >>> 17;
		state ^= state << 5;
		return (state >>> 0) / 2 ** 32;
	};
	return faults
		.map((fault) => ({ fault, order: next() }))
		.sort((p, q) => p.order - q.order)
		.slice(0, count)
		.map(({ fault }) => fault);
}

const all = [...rules(), ...constants()].filter(({ file }) => file.startsWith(folder));
const faults = values.draw ? drawn(all, Number(values.draw), Number(values.seed)) : all;
if (faults.length === 0) stop(`There is no fault to plant in ${folder}.`);

// In a copy: whoever stops this half way has nothing to mend.
const copy = scratch('faults');
rmSync(copy, { recursive: true, force: true });
mkdirSync(copy, { recursive: true });
for (const name of [
	'src',
	'tests',
	'static',
	'docs',
	'e2e',
	'scripts',
	'.svelte-kit',
	'README.md',
	'package.json',
	'tsconfig.json',
	'vite.config.ts',
	'svelte.config.js',
	'.dependency-cruiser.cjs'
])
	cpSync(join(ROOT, name), join(copy, name), { recursive: true });
symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));

/** @returns whether all tests that are asked pass */
function passes(args) {
	const { status } = spawnSync(
		process.execPath,
		[
			join('node_modules', 'vitest/vitest.mjs'),
			...args,
			'--run',
			'--bail=1',
			'--reporter=dot',
			'--passWithNoTests'
		],
		{ cwd: copy, stdio: 'ignore' }
	);
	return status === 0;
}
/** Where the tests of a layer stand; a rule of the model is held by what asks it too. */
const TESTS_OF = { 'src/model': ['src/model/', 'src/state/'] };
/** The tests of its own folder, of its layer, and where it is wished all that it concerns: the nearest notice first. */
const isMissed = ({ file }) => {
	const layer = file.split('/').slice(0, 2).join('/');
	const asked = [`${dirname(file)}/`, ...(TESTS_OF[layer] ?? [`${layer}/`])];
	return asked.every((place) => passes([place])) && (!values.whole || passes(['related', file]));
};

console.log(
	`${faults.length} faults${values.draw ? ` of ${all.length}, seed ${values.seed}` : ''}`
);
const missed = [];
for (const [i, fault] of faults.entries()) {
	const path = join(copy, fault.file);
	const text = readFileSync(join(ROOT, fault.file), 'utf8');
	writeFileSync(path, text.slice(0, fault.at) + fault.to + text.slice(fault.end));
	const unnoticed = isMissed(fault);
	writeFileSync(path, text);
	if (unnoticed) missed.push(fault);
	const said = unnoticed ? (fault.why ? `not noticed: ${fault.why}` : 'NOT NOTICED') : 'noticed';
	console.log(
		`${i + 1}/${faults.length} ${said}  ${fault.file} ${fault.name.replaceAll('\n', ' ')}`
	);
}
rmSync(copy, { recursive: true, force: true });

const open = missed.filter(({ why }) => !why);
console.log(`\n${faults.length - missed.length} of ${faults.length} noticed`);
if (missed.length > open.length)
	console.log(`${missed.length - open.length} that no test can notice, each with its reason`);
if (open.length > 0) {
	console.log('\nNot noticed:');
	for (const { file, name } of open) console.log(`  ${file}: ${name.replaceAll('\n', ' ')}`);
}
process.exit(faults.length - open.length >= 0.9 * faults.length ? 0 : 1);
