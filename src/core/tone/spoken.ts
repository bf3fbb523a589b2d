import { BOUNDS } from '../vocabulary';
import { readCode, type CodeKey } from './code';
import type { ShadeForm } from './tube';

/** A shade as a line keeps it. */
export interface CodedShade {
	readonly code: string;
	readonly level: number;
	readonly tone: string;
	readonly form?: ShadeForm | undefined;
}

/** A line of colour, as far as its codes are read. */
export interface CodedLine<S extends CodedShade> {
	readonly key: CodeKey;
	readonly shades: readonly S[];
}

/** One part of a formula that was said. */
export interface SpokenPart<S> {
	/** Nothing for clear. */
	readonly shade: S | undefined;
	readonly grams: number;
}

/** A formula as it was said, with what was said of how it is mixed. */
export interface SpokenFormula<S> {
	readonly ok: true;
	readonly parts: readonly SpokenPart<S>[];
	/** Parts of developer to one of colour. */
	readonly ratio?: number | undefined;
	readonly developerVolume?: number | undefined;
	readonly minutes?: number | undefined;
}

/** Why a formula was not understood, with the words that stood in the way. */
export interface UnspokenFormula {
	readonly ok: false;
	/**
	 * `empty`: nothing was said; `code`: no shade code of this line; `notHere`: a code that the line could have and
	 * has not; `grams`: too much or too little of it; `twice`: said twice.
	 */
	readonly problem: 'empty' | 'code' | 'notHere' | 'grams' | 'twice';
	readonly part: string;
}

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
const VOLUME = new RegExp(String.raw`(?:\bwith\s+)?\b(${NUMBER})\s*(?:vol(?:ume)?s?)\b\.?`, 'iu');
const MINUTES = new RegExp(String.raw`(?:\bfor\s+)?\b(${NUMBER})\s*min(?:ute)?s?\b\.?`, 'iu');
const RATIO = new RegExp(String.raw`\b1\s*:\s*(${NUMBER})`, 'u');
const EQUAL_PARTS = /\bequal\s+parts(?:\s+of)?\b/iu;
const TOTAL = new RegExp(
	String.raw`\b(${NUMBER})\s*g(?:rams?)?\s+(?:in\s+all|altogether|total)\b`,
	'iu'
);
/** Between one shade and the next: never the comma within a code. */
const BETWEEN = /\s*(?:\+|;|\n|,\s+|,$|\band\b|\bplus\b|\bwith\b|&)\s*/iu;
const GRAMS_AFTER = new RegExp(String.raw`^(.*?)[\s:×x]*\b(${NUMBER})\s*g(?:rams?)?$`, 'iu');
const GRAMS_BEFORE = new RegExp(String.raw`^(${NUMBER})\s*g(?:rams?)?\s+(?:of\s+)?(.+)$`, 'iu');
const PARTS_BEFORE = new RegExp(String.raw`^(${NUMBER})\s+parts?\s+(?:of\s+)?(.+)$`, 'iu');
const BARE_AFTER = new RegExp(String.raw`^(.+?)\s+(${NUMBER})$`, 'u');
const BARE_OF = new RegExp(String.raw`^(${NUMBER})\s+of\s+(.+)$`, 'iu');
const CLEAR = /^(?:clear|diluter|0{1,2}[./]0{1,2})$/iu;

const numberOf = (text: string): number => Number(text.replace(',', '.'));
/** A code without what lines write between its signs: `10/51` is `10.51` is `10-51`. */
const bare = (code: string): string =>
	code
		.toUpperCase()
		.replace(/½/gu, '.5')
		.replace(/[\s./\-–,_]/gu, '');

/** What was said of one part: a shade, and how much of it in grams or in parts. */
interface Said {
	readonly code: string;
	readonly grams?: number;
	readonly share?: number;
}

/**
 * Reads a formula as it is said at the bench: `6NB 10 + 5NA 10`, `equal parts 10.51 and 10.19, 6 vol`, `20 g 9V with
 * clear 10 g, 1:2, 15 min`, `1 part 9V, 2 parts clear`. Codes in the line's own spelling, whatever stands between
 * their signs; clear by its name. What has no grams shares what is left of the bowl.
 * @param totalGrams of colour in the bowl, where it is not said
 * @param step finest step of the scale, g
 */
export function readSpoken<S extends CodedShade>(
	said: string,
	line: CodedLine<S>,
	totalGrams: number,
	step = 1
): SpokenFormula<S> | UnspokenFormula {
	let rest = ` ${said.trim()} `;
	/** Takes a phrase out of what was said. */
	const take = (phrase: RegExp): number | undefined => {
		const found = phrase.exec(rest);
		if (!found) return undefined;
		rest = `${rest.slice(0, found.index)} , ${rest.slice(found.index + found[0].length)}`;
		return numberOf(found[1] ?? '1');
	};
	const developerVolume = take(VOLUME);
	const minutes = take(MINUTES);
	const ratio = take(RATIO);
	const total = take(TOTAL) ?? totalGrams;
	const isEqual = take(EQUAL_PARTS) !== undefined;
	const chunks = rest
		.split(BETWEEN)
		.map((chunk) => chunk.trim().replace(/^of\s+/iu, ''))
		.filter((chunk) => /[\p{L}\d]/u.test(chunk));
	if (chunks.length === 0) return { ok: false, problem: 'empty', part: said.trim() };

	const parts: { said: Said; shade: S | undefined; text: string }[] = [];
	for (const text of chunks) {
		const read = readPart(text, line);
		if ('problem' in read) return { ok: false, problem: read.problem, part: text };
		if (parts.some(({ shade }) => shade === read.shade))
			return { ok: false, problem: 'twice', part: text };
		parts.push({ ...read, text });
	}
	const weighed = parts.reduce((sum, { said: { grams = 0 } }) => sum + grams, 0);
	const open = parts.filter(({ said: { grams } }) => grams === undefined);
	const shares = open.reduce((sum, { said: { share = 1 } }) => sum + share, 0);
	const left = Math.max(0, total - weighed);
	const toStep = (grams: number) => Math.round(Math.round(grams / step) * step * 100) / 100;
	const gramsOf = ({ grams, share = 1 }: Said): number =>
		toStep(isEqual ? total / parts.length : (grams ?? (left * share) / shares));
	const { min, max } = BOUNDS.partGrams;
	const bad = parts.find(({ said: of }) => {
		const grams = gramsOf(of);
		return !(grams > 0) || grams < min || grams > max;
	});
	if (bad) return { ok: false, problem: 'grams', part: bad.text };
	return {
		ok: true,
		parts: parts.map(({ said: of, shade }) => ({ shade, grams: gramsOf(of) })),
		...(ratio === undefined ? {} : { ratio }),
		...(developerVolume === undefined ? {} : { developerVolume }),
		...(minutes === undefined ? {} : { minutes })
	};
}

/** One shade with how much of it; the first way to split them that names a shade of the line. */
function readPart<S extends CodedShade>(
	text: string,
	line: CodedLine<S>
): { said: Said; shade: S | undefined } | { problem: 'code' | 'notHere' } {
	let problem: 'code' | 'notHere' = 'code';
	for (const said of waysToSplit(text)) {
		if (CLEAR.test(said.code)) return { said, shade: undefined };
		const shade = findShade(said.code, line);
		if (shade) return { said, shade };
		if (readCode(said.code, line.key).ok) problem = 'notHere';
	}
	return { problem };
}

function waysToSplit(text: string): Said[] {
	const ways: Said[] = [];
	const after = GRAMS_AFTER.exec(text);
	if (after) ways.push({ code: after[1]!.trim(), grams: numberOf(after[2]!) });
	const before = GRAMS_BEFORE.exec(text) ?? BARE_OF.exec(text);
	if (before) ways.push({ code: before[2]!.trim(), grams: numberOf(before[1]!) });
	const parts = PARTS_BEFORE.exec(text);
	if (parts) ways.push({ code: parts[2]!.trim(), share: numberOf(parts[1]!) });
	// `8 1` may be a code, `8V 10` is one with its grams.
	ways.push({ code: text });
	const bareAfter = BARE_AFTER.exec(text);
	if (bareAfter) ways.push({ code: bareAfter[1]!.trim(), grams: numberOf(bareAfter[2]!) });
	return ways;
}

function findShade<S extends CodedShade>(
	code: string,
	{ key, shades }: CodedLine<S>
): S | undefined {
	const own = shades.find((shade) => bare(shade.code) === bare(code));
	if (own) return own;
	const read = readCode(code, key);
	return read.ok
		? shades.find(
				({ level, tone, form = 'based' }) =>
					level === read.level && tone === read.tone && form === read.form
			)
		: undefined;
}
