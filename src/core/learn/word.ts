import { SPREAD } from '../lift';
import { normalShare } from '../numeric';
import type { CHECK_WORDS } from '../vocabulary';

/** A word names a difference that is nearer to half a level than to none, levels: finer nobody tells in passing. */
export const WORD_APART = 0.25;

/** A word that somebody said of hair that they looked at, and what it speaks of. */
export interface Spoken {
	readonly word?: (typeof CHECK_WORDS)[number] | undefined;
	/** Level that was expected of it then. */
	readonly expected: number;
}

/**
 * How likely it is that an eye says a word of hair: the share of its error that lies nearer to half a level behind, to
 * what was expected, or to the target.
 * @param level of the hair
 * @param target level at which it is ready
 * @returns 0-1
 */
function wordShare({ word, expected }: Spoken, target: number, level: number): number {
	const eye = SPREAD.reader;
	const share = (from: number, to: number) => normalShare(to / eye) - normalShare(from / eye);
	switch (word) {
		case 'lags':
			return share(-Infinity, expected - WORD_APART - level);
		case 'ready':
			return share(target - WORD_APART - level, Infinity);
		default:
			return share(expected - WORD_APART - level, expected + WORD_APART - level);
	}
}

/** Nothing that was said is taken to be quite impossible. */
const LEAST_LIKELY = 1e-12;

/** A level that somebody named, or a word, with the level at which the hair was to be ready. */
type Told =
	| { readonly seen: number }
	| (Spoken & { readonly seen?: undefined; readonly target: number });

/** Log of how likely it is that an eye tells so much of hair of a level; a word that was not said says nothing. */
export function logLikelihood(told: Told, level: number): number {
	if (told.seen !== undefined) return -(((told.seen - level) / SPREAD.reader) ** 2) / 2;
	if (told.word === undefined) return 0;
	return Math.log(Math.max(LEAST_LIKELY, wordShare(told, told.target, level)));
}
