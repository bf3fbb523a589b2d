import { naturalPigment } from '../../core/hair';
import type { TONE_TECHNIQUES } from '../../core/vocabulary';
import { rootShadowLevel, USUAL_WARMTH, type Reaching } from '../../core/tone';
import type { Aim, PlacedToner, Reading, TonePlan, TonerMix } from '../../schema/records';
import type { Fibre } from '../../core/lift';

/** Where a toner goes that is mixed for some of the hair alone. */
export type TonerPlace = PlacedToner['place'];

/** What its bowl and its clock go by. */
export const placedBowlId = (id: string): string => `placed:${id}`;

/** The stretch of the strand that a toner goes on; nothing where it goes on other hair, or over all of it. */
export const reachOf = ({ place, cm }: Pick<PlacedToner, 'place' | 'cm'>): Reaching | undefined =>
	cm === undefined ? undefined : { from: place === 'ends' ? 'tips' : 'scalp', cm };

/** The toner that is looked at: one for some of the hair, or else the one for the rest. */
export const tonerIn = (tone: TonePlan, id: string | undefined): TonerMix =>
	tone.placed?.find((placed) => placed.id === id) ?? tone;

/** Hair of this head as it grows. */
export const naturalFibre = ({ naturalLevel, warmth }: Reading): Fibre => ({
	...naturalPigment(naturalLevel, warmth),
	layers: []
});

export type ToneTechnique = (typeof TONE_TECHNIQUES)[number];

/** A toner on some of the hair before it is mixed. */
export type Placing = Pick<PlacedToner, 'place' | 'cm' | 'aim' | 'start'>;

/** How far a root shadow reaches unless the aim says so, cm. */
const SHADOW_CM = 3;
/** Share of the length that a melt takes at the root: of two toners, and the second of three. */
const MELT_REACH = { ofTwo: 1 / 3, second: 0.5 } as const;
/** How far tips are tipped, cm. */
const TIPS_CM = 5;
/** Tips are a level deeper, a face frame half a level lighter than the rest, unless somebody says otherwise. */
const TIPS_DEEPER = 1;
const FRAME_LIGHTER = 0.5;
/** Added hair is bought pale. */
export const ADDED_HAIR = { level: 10, undertone: 'pale yellow' } as const;

const half = (value: number): number => Math.round(2 * value) / 2;

/** What a technique puts where, and what it aims at there, from what the head is and where it goes. */
export function placingsOf(
	technique: ToneTechnique,
	reading: Pick<Reading, 'naturalLevel' | 'lengthCm' | 'endsCm'>,
	aim: Aim
): Placing[] {
	const { level, direction, keepWarmth, rootDepth } = aim;
	const own = { level, direction, keepWarmth };
	const shadow = rootDepth?.level ?? half(rootShadowLevel(reading.naturalLevel));
	const between = { ...own, level: half((shadow + level) / 2) };
	const cm = (value: number) => Math.max(1, half(Math.min(value, reading.lengthCm)));
	const root: Placing = {
		place: 'root',
		cm: cm(rootDepth?.cm ?? SHADOW_CM),
		aim: { level: shadow, direction: 'neutral', keepWarmth: USUAL_WARMTH }
	};
	switch (technique) {
		case 'rootShadow':
			return [root];
		case 'meltOfTwo':
			return [{ place: 'root', cm: cm(MELT_REACH.ofTwo * reading.lengthCm), aim: between }];
		case 'meltOfThree':
			return [
				root,
				{ place: 'middle', cm: cm(MELT_REACH.second * reading.lengthCm), aim: between }
			];
		case 'tippedEnds':
			return [
				{ place: 'ends', cm: cm(TIPS_CM), aim: { ...own, level: Math.max(1, level - TIPS_DEEPER) } }
			];
		case 'faceFrame':
			return [{ place: 'faceFrame', aim: { ...own, level: Math.min(12, level + FRAME_LIGHTER) } }];
		case 'dropouts':
			return [
				{
					place: 'dropouts',
					aim: { level: reading.naturalLevel, direction: 'neutral', keepWarmth: USUAL_WARMTH }
				}
			];
		case 'addedHair':
			return [{ place: 'addedHair', aim: own, start: ADDED_HAIR }];
		case 'panel':
		case 'whiteHair':
		case 'glaze':
			return [{ place: technique, aim: own }];
	}
}
