import type { Fibre } from '../core/lift';
import { seenFibre, zoneAt, type ZoneStart } from '../model/head/hair';
import type { LevelSeen } from '../model/day/seen';
import type { ZoneName } from '../schema/records';
import type { DayStrand, StepView } from './stepView.svelte';

/** A zone as it is found in the middle of the day. */
export const restarted = (zone: ZoneStart, fibre: Fibre): ZoneStart => ({
	...zone,
	fibre,
	before: zone.fibre,
	remembered: undefined
});

/**
 * A strand from where it was read again, dry, on: with what was seen of it, what is expected of the rest, and the
 * applications that follow. Nothing where none follow, or nobody read it.
 * @param toMain how many applications of the day there are up to the main one
 * @param dry what was read when that was off, zone by zone
 */
export function strandSinceDry(
	hair: DayStrand & { readonly main: StepView },
	toMain: number,
	dry: ReadonlyMap<ZoneName, LevelSeen>
): DayStrand | undefined {
	const steps = hair.steps.slice(toMain);
	if (steps.length === 0 || dry.size === 0) return undefined;
	const { main } = hair;
	const { condition } = main.lift;
	const left = main.lifted;
	const zones = hair.zones.map((zone) => {
		const seen = dry.get(zone.name);
		const fibre = seen ? seenFibre(hair.reading, seen.level) : main.zoneWith(zone, {});
		return restarted(zone, fibre);
	});
	const points = hair.points.map((point, i) => {
		const zone = zoneAt(zones, point.distanceCm);
		const fibre = point.covered && dry.has(zone.name) ? zone.fibre : left[i]!;
		return { ...point, fibre, remembered: undefined, condition };
	});
	return {
		reading: hair.reading,
		subject: { ...hair.subject, condition },
		zones,
		points,
		place: hair.place,
		steps,
		taken: hair.taken,
		aimOf: (zone) => hair.aimOf(zone),
		limitOf: (plan) => hair.limitOf(plan),
		withOldLights: (colours, dyesOn, lights) => hair.withOldLights(colours, dyesOn, lights),
		lightsAfter: (applications) => hair.lightsAfter(toMain + applications)
	};
}
