import { weeksBetween, type Day } from '../time';
import { nextReading } from './nextReading';
import { hairAt } from './headWork';
import { mainZone } from '../head/hair';
import { planAt } from './kept';
import type { Visit } from '../../schema/records';

/** One visit of a plan: what was promised of it, and what it came to. */
export interface PlanStep {
	readonly visit: Visit;
	/** Level that it was to leave; nothing where it was planned before promises were kept. */
	readonly promised: number | undefined;
	/** Level that it left, bare: as it was seen, or else as it is expected. Nothing where it is still to come. */
	readonly left: number | undefined;
	/** Somebody looked. */
	readonly seen: boolean;
}

/** Where a plan of several visits stands. */
export interface PlanStanding {
	readonly steps: readonly PlanStep[];
	/** The last that is recorded; nothing where the plan only begins. */
	readonly last: PlanStep | undefined;
	/** The next that is open; nothing where all is done. */
	readonly next: PlanStep | undefined;
	/** Levels that the last came out lighter than was promised; negative where it fell short. */
	readonly gap: number | undefined;
	/** What the next starts from, on its day: regrowth at the scalp, and weeks since the last. */
	readonly start: { readonly weeks: number; readonly regrowthCm: number } | undefined;
}

/** Level that a recorded visit left on the hair that its figures speak of, on a later day. */
function leftBy(visit: Visit, day: Day): Pick<PlanStep, 'left' | 'seen'> {
	const { reading, aim, lift } = visit;
	const zone = mainZone(hairAt(reading).zones, planAt(lift, reading, aim, undefined).covers).name;
	const next = nextReading(visit, day, 'pieces');
	// A root that was lifted hangs below what has grown by then.
	const { presentLevel } = next.zones[zone === 'root' ? 'lengths' : zone];
	return { left: presentLevel, seen: next.unseen !== true };
}

/**
 * Where a plan stands on a day.
 * @param series its visits in their order; none for a visit that stands alone
 */
export function planStanding(series: readonly Visit[], today: Day): PlanStanding | undefined {
	if (series.length < 2) return undefined;
	const steps = series.map((visit): PlanStep => {
		const promised = visit.series?.promise?.level;
		const done = visit.result.recordedAt !== undefined;
		return {
			visit,
			promised,
			...(done
				? leftBy(visit, today > visit.date ? today : visit.date)
				: { left: undefined, seen: false })
		};
	});
	const last = steps.findLast(({ left }) => left !== undefined);
	const next = steps.find(({ visit }) => visit.result.recordedAt === undefined);
	return {
		steps,
		last,
		next,
		gap:
			last?.left === undefined || last.promised === undefined
				? undefined
				: last.left - last.promised,
		start:
			last && next
				? {
						weeks: weeksBetween(last.visit.date, next.visit.date),
						regrowthCm: next.visit.reading.regrowthCm
					}
				: undefined
	};
}
