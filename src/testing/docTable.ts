import { readFileSync, writeFileSync } from 'node:fs';

/** Cells without the padding that a formatter adds. */
const plain = (table: string): string =>
	table
		.split('\n')
		.map((line) => line.replace(/\s*\|\s*/g, '|').replace(/-+/g, '-'))
		.filter(Boolean)
		.join('\n');

/** The mark after which a page's table begins, and the one that ends it. */
const marks = (name: string) => ({
	begin: `<!-- ${name}: written by UPDATE_DOCS=1 npx vitest run ${name} -->`,
	end: `<!-- end of ${name} -->`
});

/**
 * Holds a table of a page against what the code says today. For tests: with `UPDATE_DOCS` set it writes
 * the table into the page instead.
 * @returns both as they compare, without padding
 */
export function docTable(
	file: string,
	name: string,
	table: string
): { readonly shown: string; readonly computed: string } {
	const { begin, end } = marks(name);
	const text = readFileSync(file, 'utf8');
	const from = text.indexOf(begin);
	const to = text.indexOf(end);
	if (from < 0 || to < from) throw new Error(`${file} has no place for the table “${name}”`);
	if (process.env.UPDATE_DOCS) {
		writeFileSync(file, `${text.slice(0, from)}${begin}\n\n${table}\n\n${text.slice(to)}`);
		return { shown: plain(table), computed: plain(table) };
	}
	return { shown: plain(text.slice(from + begin.length, to)), computed: plain(table) };
}
