import { formatLevel } from '../core/hair';
import type { Cause, DialAnswer } from '../core/lift';
import { formatRatio, labelIn, PLACEMENT_OPTIONS, SECTION_OPTIONS } from './words';

export const CAUSE_NAMES: Readonly<Record<Cause['name'], string>> = {
	product: 'product',
	volume: 'developer',
	ratio: 'ratio',
	minutes: 'minutes',
	heat: 'warmth of the place',
	thickness: 'sections',
	damp: 'damp hair',
	additive: 'bond additive',
	texture: 'texture',
	personal: 'this head',
	'artificial colour': 'old colour'
};

/** A dial's answer in words: “32 min”, or how far its end gets. */
export function dialWords(answer: DialAnswer): string {
	const setting = settingWords(answer);
	return answer.enough ? setting : `${setting}: only ${formatLevel(answer.level)}`;
}

function settingWords(answer: DialAnswer): string {
	switch (answer.dial) {
		case 'minutes':
			return `${answer.to} min`;
		case 'volume':
			return `${answer.to} vol`;
		case 'ratio':
			return formatRatio(answer.to);
		case 'section':
			return `${labelIn(SECTION_OPTIONS, answer.to)} sections`;
		case 'placement':
			return labelIn(PLACEMENT_OPTIONS, answer.to);
	}
}
