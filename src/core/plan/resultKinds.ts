import type { RESULT_KIND_NAMES } from '../vocabulary';
import type { Picking } from '../mix';
import { rootShadowLevel, turnedTo, warmthKept, type Direction } from '../tone';

/** Kinds of result that clients ask for by name. */
export type ResultKind = (typeof RESULT_KIND_NAMES)[number];

/** What a kind of result fills in. */
export interface KindOfAim {
	readonly level: number;
	readonly direction: Direction;
	readonly keepWarmth: number;
	readonly liftPast: number;
	readonly lightShare: number;
	readonly lowlights?: {
		readonly share: number;
		readonly level: number;
		readonly direction: Direction;
	};
	readonly rootDepth?: { readonly level: number; readonly cm: number };
	readonly panel?: { readonly topEdgeCm: number; readonly worn: 'down' };
}

/** How hair is picked up for a kind of result: soft edges where it is lived in, fine stitches to freshen. */
export const KIND_PICKING: Readonly<Record<ResultKind, Picking>> = {
	solid: 'slice',
	dimensional: 'weave',
	livedIn: 'teased',
	rootMelt: 'teased',
	panel: 'slice',
	pastel: 'slice',
	freshen: 'babylight'
};

/** The hair and the wish that a kind is fitted to. */
export interface KindProblem {
	readonly naturalLevel: number;
	readonly presentLevel: number;
	readonly lengthCm: number;
	readonly level: number;
	readonly direction: Direction;
}

/** Pastels need hair this pale, or they come out dusty. */
const PASTEL_LEVEL = 9.5;
const PASTEL_DIRECTIONS: readonly Direction[] = ['violet', 'rose', 'silver', 'pearl'];
/** Lowlights stand this many levels under the light strands, never under the natural hair. */
const LOWLIGHT_DEEPER = 2;

const half = (value: number) => Math.round(value * 2) / 2;

/** Level of depth that is left or put back at the scalp, in halves: a little lighter than the hair grows. */
export const usualRootLevel = (naturalLevel: number): number => half(rootShadowLevel(naturalLevel));

/** Depth at the root a little lighter than the hair grows, over a share of the length. */
const depth = ({ naturalLevel, lengthCm }: KindProblem, share: number, most: number) => ({
	level: usualRootLevel(naturalLevel),
	cm: half(Math.max(1, Math.min(most, lengthCm * share)))
});

/**
 * Fills an aim in for a kind of result; the wish keeps its level and direction where the kind allows.
 */
export function kindOfAim(kind: ResultKind, problem: KindProblem): KindOfAim {
	const { level, direction, naturalLevel, presentLevel } = problem;
	const plain = {
		level,
		direction,
		keepWarmth: warmthKept(direction),
		liftPast: 0.5,
		lightShare: 1
	};
	switch (kind) {
		case 'solid':
			return plain;
		case 'dimensional': {
			const deeper = Math.max(naturalLevel, level - LOWLIGHT_DEEPER);
			return {
				...plain,
				lightShare: 0.6,
				lowlights: { share: 0.1, level: half(deeper), direction: 'neutral' }
			};
		}
		case 'livedIn':
			return {
				...plain,
				// Lived-in blonde keeps more warmth, unless the tone would be hidden by it.
				...turnedTo({ direction: 'neutral', keepWarmth: 0.45 }, direction),
				lightShare: 0.4,
				rootDepth: depth(problem, 0.25, 8)
			};
		case 'rootMelt':
			return { ...plain, lightShare: 0.8, rootDepth: depth(problem, 0.33, 10) };
		case 'panel':
			return { ...plain, liftPast: 1, panel: { topEdgeCm: 18, worn: 'down' } };
		case 'pastel':
			return {
				...plain,
				level: Math.max(level, PASTEL_LEVEL),
				direction: PASTEL_DIRECTIONS.includes(direction) ? direction : 'rose',
				keepWarmth: 0.1,
				liftPast: 0.5
			};
		case 'freshen':
			return { ...plain, level: half(presentLevel), liftPast: 0 };
	}
}
