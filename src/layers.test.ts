import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { expect, it } from 'vitest';

/** Runs the project's own layer check on a small tree of files. */
function check(files: Record<string, string>): string {
	const root = mkdtempSync(join(tmpdir(), 'zelvant-layers-'));
	try {
		cpSync('.dependency-cruiser.cjs', join(root, '.dependency-cruiser.cjs'));
		writeFileSync(join(root, 'tsconfig.json'), '{}');
		writeFileSync(join(root, 'package.json'), '{"type":"module"}');
		symlinkSync(join(process.cwd(), 'node_modules'), join(root, 'node_modules'));
		for (const [path, text] of Object.entries(files)) {
			mkdirSync(dirname(join(root, path)), { recursive: true });
			writeFileSync(join(root, path), text);
		}
		const cruise = join(process.cwd(), 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
		const args = [cruise, '--config', '.dependency-cruiser.cjs', 'src'];
		const { stdout, stderr } = spawnSync(process.execPath, args, { cwd: root, encoding: 'utf8' });
		return stdout + stderr;
	} finally {
		rmSync(root, { recursive: true, force: true });
	}
}

it('an import that points up, round, across, or past a front door fails the lint', () => {
	const report = check({
		'src/core/hair/index.ts': "export * from './natural';",
		'src/core/hair/natural.ts': 'export const n = 1;',
		'src/core/lift/index.ts': "import { r } from '../../store/store';\nexport const x = r;",
		'src/core/tone/index.ts': "import { n } from '../hair/natural';\nexport const y = n;",
		'src/store/store.ts': "import { z } from './round';\nexport const r = 1 + z;",
		'src/store/round.ts': "import { r } from './store';\nexport const z = r;",
		'src/schema/a.ts': "import { n } from '../core/hair';\nexport const ok = n;",
		'src/model/visit/hair.ts': "import { w } from '../../wording/words';\nexport const h = w;",
		'src/model/api/answer.ts': "import { w } from '../../wording/words';\nexport const a = w;",
		'src/wording/words.ts': "export const w = 'word';",
		'src/stations/read/read.ts': "import { l } from '../lift/lift';\nexport const q = l;",
		'src/stations/lift/lift.ts': 'export const l = 1;',
		'src/state/visit.ts': "import { l } from '../stations/lift/lift';\nexport const v = l;"
	});
	expect(report).toContain('layer-core: src/core/lift/index.ts → src/store/store.ts');
	expect(report).toContain('core-by-its-front-door: src/core/tone/index.ts');
	expect(report).toContain('no-circular');
	expect(report).toContain('layer-model: src/model/visit/hair.ts → src/wording/words.ts');
	expect(report).toContain('stations-apart: src/stations/read/read.ts');
	expect(report).toContain('layer-state: src/state/visit.ts → src/stations/lift/lift.ts');
	expect(report).not.toContain('src/schema/a.ts');
	expect(report).not.toContain('src/model/api/answer.ts');
});

it('questions never import commands, and a folder of the model without arrows is refused', () => {
	const report = check({
		'src/model/commands/change.ts': "import { q } from '../visit/ask';\nexport const c = q;",
		'src/model/visit/ask.ts': "import { h } from '../head/pieces';\nexport const q = h;",
		'src/model/visit/wrong.ts': "import { c } from '../commands/change';\nexport const w = c;",
		'src/model/head/pieces.ts': 'export const h = 1;',
		'src/model/head/upward.ts': "import { q } from '../visit/ask';\nexport const u = q;",
		'src/model/kitchen/tea.ts': "import { h } from '../head/pieces';\nexport const t = h;"
	});
	expect(report).toContain('model-visit: src/model/visit/wrong.ts → src/model/commands/change.ts');
	expect(report).toContain('model-head: src/model/head/upward.ts → src/model/visit/ask.ts');
	expect(report).toContain('no-such-model-folder: src/model/kitchen/tea.ts');
	expect(report).not.toContain('change.ts →');
	expect(report).not.toContain('ask.ts → src/model/head');
});

it('a package is imported by its owner alone, and what cannot be found is a fault', () => {
	const report = check({
		'src/ui/box.ts': "import { Dialog } from 'bits-ui';\nexport const d = Dialog;",
		'src/stations/read/box.ts': "import { Dialog } from 'bits-ui';\nexport const d = Dialog;",
		'src/state/keep.ts': "import keep from 'localforage';\nexport const k = keep;",
		'src/store/keep.ts': "import keep from 'localforage';\nexport const k = keep;",
		'src/store/try.ts': "import { it } from 'vitest';\nexport const i = it;",
		'src/state/lost.ts': "import { l } from 'a-package-that-is-nowhere';\nexport const x = l;",
		'src/state/page.ts': "import { page } from '$app/state';\nexport const p = page;",
		'src/core/lift/index.ts':
			"import { writable } from 'svelte/store';\nexport const w = writable;",
		'src/kitchen/tea.ts': "import { k } from '../store/keep';\nexport const t = k;"
	});
	expect(report).toContain('owned-bits-ui: src/stations/read/box.ts');
	expect(report).toContain('owned-localforage: src/state/keep.ts');
	expect(report).toContain('no-owner: src/store/try.ts');
	expect(report).toContain('not-found: src/state/lost.ts');
	expect(report).toContain('pure-layers: src/core/lift/index.ts');
	expect(report).toContain('no-such-layer: src/kitchen/tea.ts');
	for (const right of ['src/ui/box.ts', 'src/store/keep.ts →', 'src/state/page.ts'])
		expect(report).not.toContain(right);
});
