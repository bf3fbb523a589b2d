import type { Band, BandCause } from '../core/lift';

const WORDS: Readonly<Record<BandCause, string>> = {
	'scalp heat': 'the scalp’s warmth ran ahead',
	missed: 'the mixture did not reach it',
	'old colour': 'old colour holds the lift back',
	'lighter before': 'it was lighter to begin with',
	'deeper before': 'it was deeper to begin with',
	'less time': 'it had less of the mixture’s time',
	'more time': 'it had more of the mixture’s time'
};
const NAMES: Readonly<Record<Band['kind'], string>> = {
	hotRoot: 'Hot root',
	darkRoot: 'Dark root',
	band: 'Band',
	ends: 'Ends apart',
	line: 'Line between two colours'
};

/** A band in words: “Hot root, 0-2 cm, 0.7 level lighter: the scalp’s warmth ran ahead”. */
export function bandWords({ kind, fromCm, toCm, levels, cause }: Band): string {
	const cm = (value: number) => (Math.round(value * 2) / 2).toString();
	const how = `${Math.abs(levels).toFixed(1)} level ${levels > 0 ? 'lighter' : 'deeper'}`;
	const reason =
		kind === 'hotRoot' || cause !== 'old colour' || levels < 0
			? WORDS[cause]
			: 'the rest holds old colour';
	return `${NAMES[kind]}, ${cm(fromCm)}-${cm(toCm)} cm, ${how}: ${reason}`;
}
