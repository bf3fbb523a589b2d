import type { OrderName, RinseMode } from '../core/work';
import type { BowlsPlan } from '../schema/records';

export const ORDER_LABELS: Readonly<Record<OrderName, string>> = {
	napeUp: 'nape up',
	crownFirst: 'crown first',
	partingFirst: 'parting first',
	darkestFirst: 'darkest first',
	hairlineLast: 'hairline last'
};

export const RINSE_LABELS: Readonly<Record<RinseMode, string>> = {
	together: 'all at once',
	backFirst: 'back first',
	eachReady: 'each packet when ready'
};

export const STRAND_LABELS: Readonly<Record<BowlsPlan['strand'], string>> = {
	together: 'whole strand at once',
	rootLater: 'mids and ends, then root',
	twoStrengths: 'two strengths on one strand'
};
export const STRAND_REASONS: Readonly<Record<BowlsPlan['strand'], string>> = {
	together: 'One bowl from the root to the tips.',
	rootLater: 'The warm root follows with a fresh bowl once the lengths are on.',
	twoStrengths: 'The stronger on what has further to go, the weaker beside it in the same packet.'
};

export const PICKING_OPTIONS = [
	{ value: 'weave', label: 'weave' },
	{ value: 'slice', label: 'slice' },
	{ value: 'babylight', label: 'babylight' },
	{ value: 'teased', label: 'teased' }
] as const;

export const ANGLE_OPTIONS = [
	{ value: 'horizontal', label: 'level' },
	{ value: 'diagonal', label: 'diagonal' },
	{ value: 'vertical', label: 'upright' }
] as const;

/** Levels apart, as they are told. */
export const formatSpread = (levels: number): string => levels.toFixed(1);
