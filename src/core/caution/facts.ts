import type { SENSITIVITIES } from '../vocabulary';
import type { PatchStanding, StrandStanding } from './tests';
import type { Placement, Product } from '../lift';
import type { Ceilings } from './limits';

/** What a person is known not to bear. */
export type Sensitivity = (typeof SENSITIVITIES)[number];

/** Where minerals in hair come from: lime, iron or copper from the tap, copper salts from the pool. */
export type Minerals = 'hard' | 'iron' | 'copper' | 'pool';

/** Everything the rules may look at. Anything unknown is left out, and counts as unknown. */
export interface Facts {
	/** Where this client stands with patch tests, and this hair with strand tests. */
	readonly patchTest: PatchStanding;
	readonly strandTest: StrandStanding;
	readonly sensitivities: readonly Sensitivity[];
	readonly henna: boolean;
	readonly metallicSalts: boolean;
	readonly oldColour: boolean;
	/** Levels that old colour moved on a test strand, where somebody tried long enough. */
	readonly oldColourMoved?: number | undefined;
	/** What the water has left in the hair; left out, nothing is known. */
	readonly minerals?: Minerals | undefined;
	readonly scalpIrritated: boolean;
	/** Weeks since a relaxer or perm on this hair. */
	readonly relaxerWeeksAgo?: number | undefined;
	readonly underSixteen: boolean;
	readonly product: Product;
	readonly placement: Placement;
	readonly volume: number;
	/** Where the salon's ceilings are not the usual ones. */
	readonly ceilings?: Ceilings | undefined;
	readonly minutes: number;
	readonly limitMinutes: number;
	readonly onScalp: boolean;
	/** Strongest that goes over hair that is already lightened, volumes; left out, nothing does. */
	readonly overlapVolume?: number | undefined;
	/** Regrowth in cm where only the regrowth is covered and the lengths are already light. */
	readonly retouchCm?: number | undefined;
	/** How much lighter the scalp end is expected to come out than the lengths, levels. */
	readonly hotRootLevels: number;
	/** Condition index before and expected after, 0-100. */
	readonly conditionBefore: number;
	readonly conditionAfter: number;
	/** Condition index of the ends before, where the mixture is meant to go on them. */
	readonly coveredEndsCondition?: number | undefined;
	/** Strength of the developer in the toner, when there is a toner with developer. */
	readonly tonerVolume?: number | undefined;
	readonly usesOxidative: boolean;
}
