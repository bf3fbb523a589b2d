import type { UndertoneName } from '../colour';
import { conditionBand } from '../hair';
import type { Vehicle, WashHabit } from '../tone';

/** Something that a client is told for the weeks after, in the order in which it matters. */
export type Aftercare =
	| 'calmScalp'
	| 'firstWash'
	| 'mild'
	| 'fewerWashes'
	| 'violet'
	| 'blue'
	| 'noViolet'
	| 'directColour'
	| 'heat'
	| 'heatHabit'
	| 'swimming'
	| 'swims'
	| 'hardWater'
	| 'ironWater'
	| 'copperWater'
	| 'mask'
	| 'noHeat'
	| 'call';

/** The hair as it goes home. */
export interface HairGoingHome {
	/** Hot tools are used often. */
	readonly heatHabit: boolean;
	/** Goes into pool or sea. */
	readonly swims: boolean;
	/** Bare, as it will come back as the toner fades. */
	readonly undertone: UndertoneName;
	readonly rawLevel: number;
	/** Condition index, 0-100. */
	readonly condition: number;
	readonly toned: Vehicle | undefined;
	readonly habit: WashHabit;
	/** Lightener lay on the skin today. */
	readonly onScalp: boolean;
}

/** At so many washes a week a tone lives half as long as it is told. */
const MANY_WASHES = 4;
/** Paler hair shows its yellow. */
const PALE = 8.5;

/** What a client is told, for exactly this hair: by what was done, what it is, and how it is lived with. */
export function aftercareOf(hair: HairGoingHome): Aftercare[] {
	const { heatHabit, swims, undertone, rawLevel, condition, toned, habit, onScalp } = hair;
	const { water } = habit;
	const band = conditionBand(condition);
	const yellow = (undertone === 'yellow' || undertone === 'pale yellow') && rawLevel >= PALE;
	const orange = /orange|red/u.test(undertone);
	const usesViolet = (habit.violetPerWeek ?? 0) > 0;
	const told: readonly (readonly [Aftercare, boolean])[] = [
		['calmScalp', onScalp],
		['firstWash', true],
		['mild', true],
		['fewerWashes', toned !== undefined && habit.washesPerWeek >= MANY_WASHES],
		['violet', yellow],
		['blue', orange],
		['noViolet', orange && usesViolet],
		['directColour', toned === 'direct'],
		['noHeat', band === 'fragile' || band === 'stop'],
		['heatHabit', heatHabit && (band === 'sound' || band === 'watch')],
		['heat', !heatHabit && (band === 'sound' || band === 'watch')],
		['mask', band !== 'sound'],
		['swims', swims],
		['swimming', !swims],
		['hardWater', water === 'hard'],
		['ironWater', water === 'iron'],
		['copperWater', water === 'copper'],
		['call', true]
	];
	return told.flatMap(([what, isSaid]) => (isSaid ? [what] : []));
}
