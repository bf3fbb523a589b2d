import { factsOf, type SEVERITIES } from '../vocabulary';
import { SCALP, sparesDye, type Placement, type Product } from '../lift';
import type { Facts, Sensitivity } from './facts';
import { CAUTION_LIMITS, USUAL_CEILINGS, type Ceilings } from './limits';

/** note: good to know. ask: think, then go on. stop: a written reason is needed to go on. */
export type Severity = (typeof SEVERITIES)[number];

/** Where in the work the decision is made. */
export type CautionStation = 'read' | 'lift' | 'bowls' | 'chair' | 'tone';

/** A caution as data; what is said of it stands in `wording/cautions.ts`. */
export interface CautionRule {
	readonly code: string;
	readonly severity: Severity;
	readonly station: CautionStation;
	readonly when: (facts: Facts) => boolean;
}

/** Whether what goes on in a place touches the skin, as far as the place alone tells. */
export const liesOnScalp = (placement: Placement): boolean =>
	placement === 'onScalp' || placement === 'film';

/**
 * Strongest developer, in volumes, that a salon uses for a product where it goes on. A bleach wash on the
 * scalp is lightener on the scalp; off it shampoo and water dilute what is strong in it.
 * @param onScalp whether it touches the skin; left out, what the place alone tells
 */
export function volumeCeiling(
	product: Product,
	placement: Placement,
	ceilings: Ceilings = USUAL_CEILINGS,
	onScalp: boolean = liesOnScalp(placement)
): number {
	if (sparesDye(product)) return ceilings.tint;
	const isWash = factsOf(product).kind === 'wash';
	const offScalp = isWash ? ceilings.bleachWash : ceilings.offScalp;
	if (!onScalp) return offScalp;
	return isWash ? Math.min(ceilings.onScalp, offScalp) : ceilings.onScalp;
}

const ceilingOf = ({ product, placement, ceilings, onScalp }: Facts): number =>
	volumeCeiling(product, placement, ceilings, onScalp);

const lightener = ({ product }: Pick<Facts, 'product'>) => factsOf(product).persulfate;
const untested = ({ strandTest }: Facts) => strandTest.standing !== 'clean';
const sensitiveTo = ({ sensitivities }: Facts, what: Sensitivity) => sensitivities.includes(what);

/** Every caution the program can give, in the order of the work. */
export const CAUTION_RULES = [
	{
		code: 'patchReaction',
		severity: 'stop',
		station: 'read',
		when: (f) => f.patchTest.standing === 'reacted'
	},
	{
		code: 'colourAllergy',
		severity: 'stop',
		station: 'read',
		when: (f) => f.usesOxidative && sensitiveTo(f, 'colourAllergy')
	},
	{
		code: 'persulfateAllergy',
		severity: 'stop',
		station: 'read',
		when: (f) => lightener(f) && sensitiveTo(f, 'persulfateAllergy')
	},
	{
		code: 'asthma',
		severity: 'ask',
		station: 'read',
		when: (f) => lightener(f) && sensitiveTo(f, 'asthma')
	},
	{
		code: 'blackHenna',
		severity: 'ask',
		station: 'read',
		when: (f) => f.usesOxidative && sensitiveTo(f, 'blackHenna')
	},
	{
		code: 'medicine',
		severity: 'note',
		station: 'read',
		when: (f) => sensitiveTo(f, 'medicine')
	},
	{
		code: 'patchMissing',
		severity: 'ask',
		station: 'read',
		when: (f) => f.usesOxidative && f.patchTest.standing === 'none'
	},
	{
		code: 'patchOld',
		severity: 'ask',
		station: 'read',
		when: (f) => f.patchTest.standing === 'due'
	},
	{
		code: 'patchTooFresh',
		severity: 'ask',
		station: 'read',
		when: (f) => f.patchTest.standing === 'waiting'
	},
	{
		code: 'metallicSalts',
		severity: 'stop',
		station: 'read',
		when: (f) => f.metallicSalts && untested(f)
	},
	{
		code: 'henna',
		severity: 'stop',
		station: 'read',
		when: (f) => f.henna && untested(f)
	},
	{
		code: 'strandReacted',
		severity: 'stop',
		station: 'read',
		when: (f) => f.strandTest.standing === 'reacted'
	},
	{
		code: 'strandOutdated',
		severity: 'ask',
		station: 'read',
		when: (f) => f.strandTest.standing === 'outdated' || f.strandTest.standing === 'due'
	},
	{
		code: 'scalpIrritated',
		severity: 'stop',
		station: 'read',
		when: (f) => f.scalpIrritated
	},
	{
		code: 'cutEnds',
		severity: 'ask',
		station: 'read',
		when: (f) =>
			f.coveredEndsCondition !== undefined && f.coveredEndsCondition < CAUTION_LIMITS.leastCondition
	},
	{
		code: 'freshRelaxer',
		severity: 'stop',
		station: 'read',
		when: (f) => (f.relaxerWeeksAgo ?? Infinity) < CAUTION_LIMITS.relaxerWeeks
	},
	{
		code: 'underSixteen',
		severity: 'ask',
		station: 'read',
		when: (f) => f.underSixteen
	},
	{
		code: 'oldColour',
		severity: 'note',
		station: 'read',
		when: (f) => f.oldColour && f.strandTest.standing === 'none' && !f.henna && !f.metallicSalts
	},
	{
		code: 'oldColourStays',
		severity: 'ask',
		station: 'read',
		when: (f) => (f.oldColourMoved ?? Infinity) < CAUTION_LIMITS.oldColourMoves
	},
	{
		code: 'minerals',
		severity: 'note',
		station: 'read',
		when: (f) => f.minerals !== undefined
	},
	{
		code: 'onScalpStrength',
		severity: 'stop',
		station: 'lift',
		when: (f) => lightener(f) && f.onScalp && f.volume > ceilingOf(f)
	},
	{
		code: 'fortyVolume',
		severity: 'ask',
		station: 'lift',
		// In a bleach wash it is ordinary off the scalp.
		when: (f) =>
			factsOf(f.product).kind === 'lightener' && f.volume >= 40 && f.volume <= ceilingOf(f)
	},
	{
		code: 'overCeiling',
		severity: 'stop',
		station: 'lift',
		when: (f) => f.volume > ceilingOf(f) && !(lightener(f) && f.onScalp)
	},
	{
		code: 'overTime',
		severity: 'stop',
		station: 'lift',
		when: (f) => f.minutes > f.limitMinutes
	},
	{
		code: 'conditionStop',
		severity: 'stop',
		station: 'lift',
		when: (f) => f.conditionAfter < CAUTION_LIMITS.stopCondition
	},
	{
		code: 'conditionFragile',
		severity: 'ask',
		station: 'lift',
		when: (f) =>
			f.conditionAfter >= CAUTION_LIMITS.stopCondition &&
			f.conditionAfter < CAUTION_LIMITS.leastCondition
	},
	{
		code: 'overlap',
		severity: 'ask',
		station: 'lift',
		when: (f) => lightener(f) && (f.overlapVolume ?? 0) > CAUTION_LIMITS.overlapVolume
	},
	{
		code: 'band',
		severity: 'ask',
		station: 'lift',
		when: (f) => (f.retouchCm ?? 0) > SCALP.heatZoneCm
	},
	{
		code: 'hotRoots',
		severity: 'note',
		station: 'lift',
		when: (f) => f.hotRootLevels > CAUTION_LIMITS.hotRootLevels
	},
	{
		code: 'tonerStrength',
		severity: 'note',
		station: 'tone',
		when: (f) => (f.tonerVolume ?? 0) >= CAUTION_LIMITS.tonerVolume
	}
] as const satisfies readonly CautionRule[];

export type CautionCode = (typeof CAUTION_RULES)[number]['code'];
