import { volumeCeiling } from '../../core/caution';
import { causeOf, type CureProblem, type FaultCause, type ToneFault } from '../../core/cure';
import type { Fibre, HeadFactors } from '../../core/lift';
import {
	addDyes,
	holds,
	type DepositConditions,
	type DyeAmounts,
	type RawHair,
	type WashHabit
} from '../../core/tone';
import type { Lab } from '../../core/colour';
import type { LiftPlan, Reading, Shelf, ShelfLine, Visit, ZoneName } from '../../schema/records';
import { touchesScalp } from '../day/steps';
import { namedHair, type ZoneStart } from '../head/hair';

/** The hair on which something went wrong, and what was put on it. */
export interface FaultyHair {
	readonly reading: Reading;
	readonly zones: readonly ZoneStart[];
	readonly zone: ZoneStart;
	readonly plan: LiftPlan;
	readonly subject: { readonly factors: HeadFactors };
	readonly lift: { readonly condition: number };
	readonly toneStart: { readonly fibre: Fibre };
	readonly rawLevel: number;
	readonly toner: {
		readonly line: ShelfLine | undefined;
		readonly filled: RawHair;
		readonly toned: { readonly lab: Lab; readonly level: number; readonly dyes: DyeAmounts };
		readonly target: Lab;
		readonly conditions: DepositConditions;
		readonly mix: { readonly totalGrams: number };
	};
}

/** What somebody sees where it went wrong. */
export interface SeenFault {
	readonly fault: ToneFault;
	readonly level: number;
	/** Its warmth, of a fault that is bare. */
	readonly undertone?: Visit['run']['notes'][number]['undertone'];
}

/** Faults of the lift: they are matched to the hair beside them; the others to the aim. */
const OF_THE_LIFT: readonly ToneFault[] = ['hotRoot', 'band', 'spot', 'warmEnds'];
export const isOfTheLift = (fault: ToneFault): boolean => OF_THE_LIFT.includes(fault);

/** Where a fault sits, if it has a place of its own. */
const ZONE_OF: Readonly<Partial<Record<ToneFault, ZoneName>>> = {
	hotRoot: 'root',
	warmEnds: 'ends'
};

const zoneOf = ({ zones, zone }: FaultyHair, fault: ToneFault): ZoneStart =>
	zones.find(({ name }) => name === ZONE_OF[fault]) ?? zone;

/** Part of the bowl that does for a spot, for a band, and for root or ends. */
const SHARE: Readonly<Partial<Record<ToneFault, number>>> = {
	spot: 0.15,
	band: 0.3,
	hotRoot: 0.35,
	warmEnds: 0.35
};
const LEAST_GRAMS = 8;

/**
 * What is asked of the core about a fault; nothing while there is no colour on the shelf.
 * @param stopped something forbids lightening this head: nothing stronger than a toner is asked for
 */
export function cureProblem(
	hair: FaultyHair,
	{ fault, level, undertone }: SeenFault,
	habit: WashHabit,
	shelf: Pick<Shelf, 'ceilings'> | undefined,
	stopped: boolean
): CureProblem | undefined {
	const { reading, toner, plan, zones } = hair;
	const { line } = toner;
	if (!line) return undefined;
	const zone = zoneOf(hair, fault);
	const bare = isOfTheLift(fault);
	const seen = bare ? namedHair(reading, level, undertone ?? 'orange') : undefined;
	const fibre = seen?.fibre ?? hair.toneStart.fibre;
	const lies = seen
		? seen.named.dye
		: fault === 'slidOff'
			? (toner.filled.dye ?? {})
			: addDyes(toner.filled.dye ?? {}, toner.toned.dyes);
	const { placement } = plan;
	const onScalp = touchesScalp({ ...plan, covers: { ...plan.covers, [zone.name]: true } }, zones);
	return {
		fault,
		fibre,
		whiteShare: reading.whiteShare,
		dye: lies,
		seenLevel: level,
		target: bare ? toner.toned.lab : toner.target,
		shelf: line.shades.map((shade) => ({ ...shade, vehicle: line.vehicle })),
		conditions: { ...toner.conditions, porosity: zone.porosity },
		totalGrams: Math.max(LEAST_GRAMS, Math.round(toner.mix.totalGrams * (SHARE[fault] ?? 1))),
		habit,
		head: hair.subject.factors,
		condition: hair.lift.condition,
		placement,
		mostVolume: stopped ? 0 : volumeCeiling('bleachWash', placement, shelf?.ceilings, onScalp)
	};
}

/** The likeliest cause on this head. */
export function faultCause(hair: FaultyHair, fault: ToneFault): FaultCause {
	const zone = zoneOf(hair, fault);
	const { reading, toner } = hair;
	return causeOf(fault, {
		regrowthCm: reading.regrowthCm,
		oldColour: zone.fibre.layers.length > 0,
		porous: zone.porosity === 'high',
		bareLevel: hair.rawLevel,
		holds: holds(toner.conditions),
		takesLittle: reading.warmth === 'red' || reading.texture === 'coarse'
	});
}
