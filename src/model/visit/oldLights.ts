import { levelOfFibre, predictLift, type Fibre } from '../../core/lift';
import type { Aim, BowlsPlan, ZoneName } from '../../schema/records';
import type { DayStep } from '../day/steps';
import { lightsAim } from '../head/exceptions';
import { conditionOf, lightsZone, zonesOf, type ZoneStart } from '../head/hair';
import { stepOnLights } from './kept';
import { applicationOn, type LiftSubject } from './lift';

/** Old light pieces of one zone, before a day and after it. */
export interface LightsResult {
	readonly zone: ZoneName;
	/** Part of the zone's hair, 0-1. */
	readonly share: number;
	readonly before: Fibre;
	readonly after: Fibre;
	readonly level: number;
	/** Condition index after the day, 0-100. */
	readonly condition: number;
	/** Whether anything of the day goes on them. */
	readonly worked: boolean;
	/** Level that they are to end at. */
	readonly aim: Aim;
}

/** What the old light pieces of a hair rest on. */
export interface LightsSource {
	/** The applications that go on this area, as they were planned. */
	readonly steps: readonly DayStep[];
	readonly subject: Pick<LiftSubject, 'reading' | 'factors'>;
	readonly aim: Aim;
	readonly technique: BowlsPlan['technique'];
	/** The hair's zones, where they are worked out already. */
	readonly zones?: readonly ZoneStart[] | undefined;
}

/** Old light pieces zone by zone, as the applications leave them; empty where a hair has none. */
export function lightsAfter({
	steps,
	subject: { reading, factors },
	aim,
	technique,
	zones = zonesOf(reading)
}: LightsSource): LightsResult[] {
	return zones.flatMap((zone): LightsResult[] => {
		const { name, oldLights } = zone;
		if (!oldLights) return [];
		const pieces = lightsZone(zone);
		const plans = steps.map((step) => stepOnLights(step, reading, aim, technique).plan);
		const result = predictLift(
			pieces.fibre,
			plans.map((plan) => applicationOn(plan, pieces)),
			factors,
			conditionOf(reading)
		).at(-1);
		const after = result?.fibre ?? pieces.fibre;
		return [
			{
				zone: name,
				share: oldLights.share,
				before: pieces.fibre,
				after,
				level: levelOfFibre(after),
				condition: result?.condition ?? conditionOf(reading),
				worked: plans.some(({ covers }) => covers[name]),
				aim: lightsAim(aim, name)
			}
		];
	});
}
