import { RESULT_KIND_NAMES } from '../core/vocabulary';
import { formatLevel } from '../core/hair';
import { type ResultKind } from '../core/plan';
import type { Aim } from '../schema/records';

const KIND_LABELS: Readonly<Record<ResultKind, string>> = {
	solid: 'solid',
	dimensional: 'dimensional',
	livedIn: 'lived-in',
	rootMelt: 'root melt',
	panel: 'panel',
	pastel: 'pastel',
	freshen: 'freshen'
};

export const KIND_OPTIONS = RESULT_KIND_NAMES.map((value) => ({
	value,
	label: KIND_LABELS[value]
}));

export const WORN_OPTIONS = [
	{ value: 'down', label: 'down' },
	{ value: 'halfUp', label: 'half up' },
	{ value: 'up', label: 'up' }
] as const;

/** Contrast and depth in a line. */
export function contrastWords({ lightShare, lowlights, rootDepth }: Aim): string {
	return [
		lightShare < 1 ? `${Math.round(lightShare * 100)} % light` : 'all of it light',
		lowlights &&
			`lowlights ${Math.round(lowlights.share * 100)} % at ${formatLevel(lowlights.level)}`,
		rootDepth && `root ${formatLevel(rootDepth.level)} for ${rootDepth.cm} cm`
	]
		.filter(Boolean)
		.join(', ');
}

/** How a hidden panel is seen, in a line. */
export function panelWords(
	{ panel }: Aim,
	shows: { readonly showsCm: number; readonly hangsCm: number } | undefined
): string {
	if (!panel || !shows) return 'none';
	const { showsCm, hangsCm } = shows;
	if (showsCm < 0.5) return 'out of sight';
	if (showsCm > hangsCm - 0.5) return `all ${Math.round(hangsCm)} cm of it show`;
	return `the last ${Math.round(showsCm)} of ${Math.round(hangsCm)} cm show`;
}
