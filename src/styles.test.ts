import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
	.map((path) => `src/${path.replaceAll('\\', '/')}`)
	.filter((path) => path.endsWith('.svelte'));
const textOf = (path: string) => readFileSync(path, 'utf8');
const without = (text: string) => text.replace(/<style[^>]*>[\s\S]*<\/style>/, '');

/** Where an SVG is drawn, what a class cannot say of it is said in a style of its own. */
const isDrawn = (path: string) =>
	path.startsWith('src/charts/') || path === 'src/stations/bowls/BowlFigure.svelte';

/** What is named, and no other size, colour or space: utilities that take a token. */
const TOKENS =
	/(?<![\w-])-?(?:text|font|leading|tracking|bg|border(?:-[trblxy])?|fill|stroke|outline|accent|decoration|rounded|p[trblxy]?|m[trblxy]?|gap(?:-[xy])?|space-[xy]|inset(?:-[xy])?|top|right|bottom|left)-\[(?!linear-gradient\(var|var\()/g;
/** Steps of the grid: whole, or the half and one and a half that stand between two lines of text. */
const STEPS =
	/(?<![\w-])-?(?:p[trblxy]?|m[trblxy]?|gap(?:-[xy])?|top|right|bottom|left|inset)-(\d+\.\d+)(?![\w.])/g;

/** Faults of one file against the tokens, as somebody would look for them. */
function faultsOf(path: string, text: string): string[] {
	const markup = without(text);
	const style = /<style[^>]*>([\s\S]*)<\/style>/.exec(text)?.[1] ?? '';
	const sizes = [...style.matchAll(/font-size:\s*([\d.]+)px/g)].map(([, size]) => Number(size));
	return [
		...(style && !isDrawn(path) ? ['a scoped style where nothing is drawn'] : []),
		...[...markup.matchAll(TOKENS)].map(([utility]) => `${utility}…] is no token`),
		...[...markup.matchAll(STEPS)]
			.filter(([, step]) => !['0.5', '1.5'].includes(step!))
			.map(([utility]) => `${utility} is off the grid`),
		...[...markup.matchAll(/style="[^"{]*(?:#[0-9a-f]{3,8}|\d(?:px|em|rem))/gi)].map(
			([rule]) => `${rule} is no token`
		),
		...[...style.matchAll(/(?:color|background|fill|stroke):\s*(#[0-9a-f]{3,8}|rgb[^;]*)/gi)].map(
			([rule]) => `${rule} is no token`
		),
		...sizes
			.filter((size) => ![13, 14, 15, 18, 22, 28, 40, 60].includes(size))
			.map((size) => `${size} px is no step of type`)
	];
}

describe('the look', () => {
	it.each(files)('%s is built of the tokens alone', (path) => {
		expect(faultsOf(path, textOf(path))).toEqual([]);
	});
	it('a size, a colour, a space or a style of its own is noticed', () => {
		const of = (text: string) => faultsOf('src/stations/x/X.svelte', text);
		expect(of('<p class="text-[17px]">')).toEqual(['text-[…] is no token']);
		expect(of("<p class={[a && 'max-tablet:bg-[#ff0000]']}>")).toEqual(['bg-[…] is no token']);
		expect(of('<p class="-mt-[3px] p-2.25">')).toEqual([
			'-mt-[…] is no token',
			'p-2.25 is off the grid'
		]);
		expect(of('<p style="color: #123456">')).toHaveLength(1);
		expect(of('<p>a</p><style>p { margin: 0 }</style>')).toHaveLength(1);
		expect(
			faultsOf('src/charts/x.svelte', '<style>p { color: #fff; font-size: 17px; }</style>')
		).toHaveLength(2);
		expect(of('<p class="grid grid-cols-[1fr_auto] gap-x-1.5 text-15 text-ink-soft">')).toEqual([]);
	});
	it('the usual scales are gone: what is not named cannot be written', () => {
		const css = textOf('src/app.css');
		expect(css).toMatch(/@theme \{\s*--\*: initial;/);
	});
	it('paper is white in the dark theme too: its greys stand outside of any layer', () => {
		const css = textOf('src/app.css');
		expect(css).toMatch(/^@media print \{\s*:root,\s*:root\.dark \{\s*--room: #ffffff;/m);
	});
});
