import { SCALP } from '../lift';
import type { TONE_FAULTS } from '../vocabulary';

/** What somebody sees that should not be there. */
export type ToneFault = (typeof TONE_FAULTS)[number];

/** Why it came about, as far as the record can tell. */
export type FaultCause =
	| 'rootTooEarly'
	| 'longRegrowth'
	| 'overlap'
	| 'missed'
	| 'coolEnds'
	| 'oldColour'
	| 'tooPale'
	| 'tooLong'
	| 'coldOnYellow'
	| 'porous'
	| 'tooDeepShade'
	| 'spent'
	| 'holdsLittle'
	| 'evenness';

/** What of the record tells causes apart. */
export interface FaultFacts {
	readonly regrowthCm: number;
	/** Old artificial colour where the fault is. */
	readonly oldColour: boolean;
	readonly porous: boolean;
	/** Level of the hair before it was toned. */
	readonly bareLevel: number;
	/** Share of a toner that this hair holds today, 0-1. */
	readonly holds: number;
	/** Natural red or coarse hair, which takes little. */
	readonly takesLittle: boolean;
}

/** Hair as pale as this has little yellow left to take violet up. */
const PALE_FROM = 9.5;

/** The likeliest cause of a fault on this head. */
export function causeOf(fault: ToneFault, facts: FaultFacts): FaultCause {
	switch (fault) {
		case 'hotRoot':
			return 'rootTooEarly';
		case 'band':
			// Regrowth longer than the warmth of the scalp reaches bands.
			return facts.regrowthCm > SCALP.heatZoneCm ? 'longRegrowth' : 'overlap';
		case 'spot':
			return 'missed';
		case 'warmEnds':
			return facts.oldColour ? 'oldColour' : 'coolEnds';
		case 'overViolet':
			return facts.bareLevel >= PALE_FROM ? 'tooPale' : facts.porous ? 'porous' : 'tooLong';
		case 'overAsh':
			return facts.porous ? 'porous' : 'tooLong';
		case 'overGreen':
			return 'coldOnYellow';
		case 'tooDark':
			return facts.porous ? 'porous' : 'tooDeepShade';
		case 'slidOff':
			return facts.holds < 1 ? 'spent' : facts.takesLittle ? 'holdsLittle' : 'porous';
		case 'patchy':
			return facts.porous ? 'porous' : 'evenness';
	}
}
