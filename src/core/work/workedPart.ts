import type { AreaName } from '../lift';
import type { WORKED_PARTS } from '../vocabulary';

export type WorkedPartName = (typeof WORKED_PARTS)[number];

/** A part of the head that is worked alone. Edges count from where its kind is measured from, cm. */
export interface WorkedPart {
	readonly name: WorkedPartName;
	readonly fromCm: number;
	readonly toCm: number;
}

type Span = readonly [fromCm: number, toCm: number];

/**
 * Where each area lies on a head of 56 cm round: cm under the parting, along the head, and cm behind the
 * front hairline (reasoned; the ears lie at 14, as for hair worn half up).
 */
const UNDER_PARTING: Readonly<Record<AreaName, Span>> = {
	top: [0, 6],
	fringe: [0, 6],
	crown: [0, 9],
	hairline: [0, 16],
	leftSide: [6, 18],
	rightSide: [6, 18],
	back: [9, 20],
	nape: [20, 28]
};
const BEHIND_HAIRLINE: Readonly<Record<AreaName, Span>> = {
	hairline: [0, 2],
	fringe: [2, 8],
	leftSide: [2, 14],
	rightSide: [2, 14],
	top: [8, 18],
	crown: [18, 28],
	back: [18, 28],
	nape: [20, 28]
};
/** The lowest hair, cm under the parting. */
const LOWEST_CM = 28;

/** From where the edges of a part are measured. */
export type PartMeasure = 'parting' | 'hairline' | 'tips';

interface PartKind {
	readonly measure: PartMeasure;
	/** Edges that somebody sets; the other lies where the kind has it. */
	readonly edges: readonly ('fromCm' | 'toCm')[];
	/** As it is usually taken, cm. */
	readonly usual: { readonly fromCm: number; readonly toCm: number };
	/** Hair under this is not part of it, cm under the parting. */
	readonly deepestCm?: number;
	/** Left out whatever the edges: what hides it, or hangs elsewhere. */
	readonly without: readonly AreaName[];
}

/** What each part is: its measure, its usual edges and what is never in it. */
export const PART_KINDS: Readonly<Record<WorkedPartName, PartKind>> = {
	top: { measure: 'parting', edges: ['toCm'], usual: { fromCm: 0, toCm: 8 }, without: [] },
	faceFrame: {
		measure: 'hairline',
		edges: ['toCm'],
		usual: { fromCm: 0, toCm: 4 },
		deepestCm: 18,
		without: []
	},
	moneyPiece: {
		measure: 'hairline',
		edges: ['toCm'],
		usual: { fromCm: 0, toCm: 3 },
		deepestCm: 8,
		without: []
	},
	halo: {
		measure: 'parting',
		edges: ['fromCm', 'toCm'],
		usual: { fromCm: 6, toCm: 9 },
		without: []
	},
	panel: {
		measure: 'parting',
		edges: ['fromCm', 'toCm'],
		usual: { fromCm: 18, toCm: 24 },
		// The hairline stays: it covers the panel's edge.
		without: ['hairline']
	},
	underlight: {
		measure: 'parting',
		edges: ['fromCm'],
		usual: { fromCm: 16, toCm: LOWEST_CM },
		without: ['hairline']
	},
	tips: { measure: 'tips', edges: ['toCm'], usual: { fromCm: 0, toCm: 5 }, without: [] }
};

/** A part with its usual edges. */
export const usualPart = (name: WorkedPartName): WorkedPart => ({
	name,
	...PART_KINDS[name].usual
});

const overlap = ([a, b]: Span, [from, to]: Span): Span | undefined => {
	const [low, high] = [Math.max(a, from), Math.min(b, to)];
	return low < high ? [low, high] : undefined;
};

/** The stretch of an area that a part takes, as shares of it from its first edge; nothing where it takes none. */
export function partSpan(part: WorkedPart | undefined, area: AreaName): Span | undefined {
	if (!part) return [0, 1];
	const { measure, without } = PART_KINDS[part.name];
	if (without.includes(area)) return undefined;
	if (measure === 'tips') return [0, 1];
	const span = (measure === 'parting' ? UNDER_PARTING : BEHIND_HAIRLINE)[area];
	const taken = overlap(span, [part.fromCm, part.toCm]);
	const length = span[1] - span[0];
	return taken && [(taken[0] - span[0]) / length, (taken[1] - span[0]) / length];
}

/** Share of an area's hair that a part takes, 0-1; without a part, all of it. */
export function partShare(part: WorkedPart | undefined, area: AreaName): number {
	const span = partSpan(part, area);
	if (!span) return 0;
	const deepestCm = part && PART_KINDS[part.name].deepestCm;
	const [from, to] = UNDER_PARTING[area];
	const above =
		deepestCm === undefined ? 1 : Math.max(0, Math.min(to, deepestCm) - from) / (to - from);
	return (span[1] - span[0]) * above;
}

/** Where a part begins on a strand, mm from the scalp: tipped ends only far down. */
export const partStartsAtMm = (part: WorkedPart | undefined, lengthCm: number): number =>
	part && PART_KINDS[part.name].measure === 'tips' ? Math.max(0, lengthCm - part.toCm) * 10 : 0;
