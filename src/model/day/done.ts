import type { LiftStep, TonePlan, TonerMix, Visit } from '../../schema/records';
import { clockOf, type Run } from './clocks';
import { placedBowlId } from './placed';
import type { LiftDay } from './steps';

/** What was done to a head, as far as its clocks tell. */
type Done = Run & Pick<Visit['run'], 'lain'>;

/** Whole minutes that something lay by its clock; nothing before it is off. */
export function minutesBy(run: Run, of: string): number | undefined {
	const clock = clockOf(run, of);
	return clock?.offAt === undefined ? undefined : Math.round(clock.elapsedSeconds / 60);
}

const withMinutes = <T extends { readonly minutes: number }>(
	plan: T,
	minutes: number | undefined
): T => (minutes === undefined || minutes === plan.minutes ? plan : { ...plan, minutes });

/**
 * The lightening of a day with the minutes that each application really lay, once it is off, and its strength where it
 * was mixed otherwise; what lies or is to come keeps those that are planned. What is not otherwise is the very same.
 */
export function liftDone({ lift, before, after, noLift }: LiftDay, run: Done): LiftDay {
	const stepDone = (step: LiftStep): LiftStep => withMinutes(step, minutesBy(run, step.id));
	return {
		lift: mainDone(lift, run),
		before: before.map(stepDone),
		after: after.map(stepDone),
		...(noLift ? { noLift } : {})
	};
}

function mainDone(lift: LiftDay['lift'], { lain }: Done): LiftDay['lift'] {
	if (!lain) return lift;
	const { minutes, root, volume = lift.volume } = lain;
	const late = root === undefined ? lift.delays.root : Math.max(0, minutes - root);
	const timed = withMinutes(lift, minutes);
	const done = volume === lift.volume ? timed : { ...timed, volume };
	return late === lift.delays.root ? done : { ...done, delays: { ...lift.delays, root: late } };
}

/** The toners of a day with the minutes that each really lay, once it is off. One that nobody chose is still open. */
export function toneDone(tone: TonePlan, run: Run): TonePlan {
	const mixDone = <M extends TonerMix>(mix: M, of: string): M =>
		mix.choice === 'formula' ? withMinutes(mix, minutesBy(run, of)) : mix;
	const done = mixDone(tone, 'toner');
	const filler = tone.filler && withMinutes(tone.filler, minutesBy(run, 'filler'));
	const placed = tone.placed?.map((one) => mixDone(one, placedBowlId(one.id)));
	return {
		...done,
		...(filler ? { filler } : {}),
		...(placed ? { placed } : {})
	};
}

/** A visit with its day as it was done. */
export const visitDone = <V extends LiftDay & Pick<Visit, 'run' | 'tone'>>(visit: V): V => ({
	...visit,
	...liftDone(visit, visit.run),
	tone: toneDone(visit.tone, visit.run)
});
