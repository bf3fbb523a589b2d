import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { expect, it } from 'vitest';

/** Runs the project's own layer check on a small tree of files. */
function check(files: Record<string, string>): string {
	const root = mkdtempSync(join(tmpdir(), 'zelvant-layers-'));
	try {
		for (const name of ['.dependency-cruiser.cjs', '.dependency-cruiser-alias.cjs']) {
			cpSync(name, join(root, name));
		}
		writeFileSync(join(root, 'tsconfig.json'), '{}');
		writeFileSync(join(root, 'package.json'), '{"type":"module"}');
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

it(
	'an import that points up, round, or past a front door fails the lint',
	{ timeout: 60_000 },
	() => {
		const report = check({
			'src/lib/core/hair/index.ts': "export * from './natural';",
			'src/lib/core/hair/natural.ts': 'export const n = 1;',
			'src/lib/core/lift/index.ts': "import { r } from '../../records/store';\nexport const x = r;",
			'src/lib/core/tone/index.ts': "import { n } from '../hair/natural';\nexport const y = n;",
			'src/lib/records/store.ts': "import { z } from './round';\nexport const r = 1 + z;",
			'src/lib/records/round.ts': "import { r } from './store';\nexport const z = r;",
			'src/lib/schema/a.ts': "import { n } from '../core/hair';\nexport const ok = n;"
		});
		expect(report).toContain('layer-core: src/lib/core/lift/index.ts → src/lib/records/store.ts');
		expect(report).toContain('core-by-its-front-door: src/lib/core/tone/index.ts');
		expect(report).toContain('no-circular');
		expect(report).not.toContain('src/lib/schema/a.ts');
	}
);
