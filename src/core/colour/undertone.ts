import { UNDERTONE_HUES, UNDERTONE_MIN_CHROMA } from './constants';
import { chromaOf, hueOf, type Lab } from './lab';

/** What lightening exposes, and what lies opposite it on the wheel. */
export interface Undertone {
	/** `none` where too little chroma is left to name. */
	readonly name: UndertoneName;
	/** Hue angle, degrees 0-360. */
	readonly hue: number;
	/** Chroma C*, ≥ 0. */
	readonly chroma: number;
	/** Hue that neutralises it; `none` where there is nothing to neutralise. */
	readonly neutraliser: Neutraliser;
}

export type UndertoneName = (typeof UNDERTONE_HUES)[number]['name'] | 'green' | 'none';
export type Neutraliser =
	| 'green'
	| 'blue-green'
	| 'blue'
	| 'blue-violet'
	| 'violet'
	| 'red'
	| 'none';

/** Opposites on the wheel, as the trade teaches them. */
export const NEUTRALISERS: Readonly<Record<UndertoneName, Neutraliser>> = {
	red: 'green',
	'red-orange': 'blue-green',
	orange: 'blue',
	'yellow-orange': 'blue-violet',
	yellow: 'violet',
	'pale yellow': 'violet',
	green: 'red',
	none: 'none'
};

/** Hues between which an undertone goes by a name, degrees; nothing for what is no warmth. */
export function undertoneSpan(
	name: UndertoneName
): { readonly from: number; readonly to: number } | undefined {
	const at = UNDERTONE_HUES.findIndex((band) => band.name === name);
	if (at < 0) return undefined;
	return { from: UNDERTONE_HUES[at - 1]?.below ?? 30, to: UNDERTONE_HUES[at]!.below };
}

/** Names the warmth that lightened hair shows. For untouched or toned hair see `hair/describe`. */
export function undertoneOf(lab: Lab): Undertone {
	const hue = hueOf(lab);
	const chroma = chromaOf(lab);
	const name: UndertoneName =
		chroma < UNDERTONE_MIN_CHROMA
			? 'none'
			: hue >= 345
				? 'red'
				: (UNDERTONE_HUES.find((band) => hue < band.below)?.name ?? 'green');
	return { name, hue, chroma, neutraliser: NEUTRALISERS[name] };
}
