import { existsSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

const FOLDERS =
	/^(?:src|app|bench|charts|compute|core|devices|docs|e2e|model|places|routes|schema|scripts|server|state|stations|store|ui|widgets|wording)\//;

/** Every file or folder that a text names, as it stands in it. */
const pathsIn = (text: string): string[] =>
	[...text.matchAll(/`([\w./()[\]-]+)`/g)].flatMap(([, path]) =>
		path !== undefined && FOLDERS.test(path) ? [path] : []
	);

const isThere = (path: string): boolean => existsSync(path) || existsSync(`src/${path}`);

it.each([
	'README.md',
	'docs/architecture.md',
	'docs/model.md',
	'docs/cautions.md',
	'docs/a-day.md'
])('%s names no file that is not there', (name) => {
	const paths = pathsIn(readFileSync(name, 'utf8'));
	expect(paths.filter((path) => !isThere(path))).toEqual([]);
});

it('what is not there is noticed', () => {
	expect(pathsIn('in `model/day/acts.ts` and `core/nowhere.ts` (`actsOf`)')).toEqual([
		'model/day/acts.ts',
		'core/nowhere.ts'
	]);
	expect(isThere('core/nowhere.ts')).toBe(false);
	expect(pathsIn(readFileSync('docs/architecture.md', 'utf8')).length).toBeGreaterThan(60);
});
