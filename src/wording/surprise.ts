import type { Surprise, SurpriseAnswer, SurpriseCause } from '../core/learn';
import { AREA_NAMES } from './words';

export const CAUSE_OPTIONS: readonly { readonly value: SurpriseCause; readonly label: string }[] = [
	{ value: 'head', label: 'this head' },
	{ value: 'heat', label: 'warmth of the scalp' },
	{ value: 'thickness', label: 'thickness of sections' },
	{ value: 'bowlAge', label: 'age of the bowl' },
	{ value: 'oldColour', label: 'old colour' },
	{ value: 'reading', label: 'the reading' }
];

const percent = (factor: number): string => `${Math.round(100 * Math.abs(factor - 1))} %`;

/** A cause as far as it would account for what was seen: “this head lifts 18 % slower”. */
export function causeWords({ cause, area, size }: Surprise): string {
	switch (cause) {
		case 'head':
			return `this head lifts ${percent(size)} ${size < 1 ? 'slower' : 'faster'} than it was taken to`;
		case 'heat':
			return `the scalp is ${Math.max(1, Math.round(Math.abs(size)))} °C ${size < 0 ? 'cooler' : 'warmer'} than usual`;
		case 'thickness':
			return `${area ? AREA_NAMES[area] : 'a place'} worked ${percent(size)} ${size < 1 ? 'slower: thicker or cooler there' : 'faster: thinner or warmer there'}`;
		case 'bowlAge':
			return size > 1
				? 'bowls grew old faster than reckoned'
				: 'bowls kept their strength longer than reckoned';
		case 'oldColour':
			return `the hair held ${percent(size)} ${size > 1 ? 'more' : 'less'} old colour than was told`;
		case 'reading':
			return `it was read ${Math.abs(size).toFixed(1)} level too ${size < 0 ? 'light' : 'deep'} at the start`;
	}
}

/** How likely something is, in a word. */
export const likelyWord = (share: number): string =>
	share > 0.6 ? 'most likely' : share > 0.3 ? 'likely' : 'perhaps';

/** Not told: there is nothing to it. */
const LEAST_LIKELY = 0.1;

/** What surprised, in a line: how far off it was, and whether that is more than an eye errs. */
export function surpriseWords({ gap, nothing }: SurpriseAnswer): string {
	const size = Math.abs(gap).toFixed(1);
	const off =
		Math.abs(gap) < 0.1
			? 'On the mean as expected'
			: `On the mean ${size} level ${gap < 0 ? 'short' : 'past'}`;
	return nothing > 0.5 ? `${off}: no more than an eye errs.` : `${off}: more than an eye errs.`;
}

/** Causes worth telling, the likeliest first; none where nothing surprised. */
export const toldCauses = ({ causes, nothing }: SurpriseAnswer): readonly Surprise[] =>
	nothing > 0.5 ? [] : causes.filter(({ likely }) => likely > LEAST_LIKELY).slice(0, 3);
