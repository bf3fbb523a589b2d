import { SCALP, type AreaName, type LiftEvent, type Mixture } from '../../core/lift';
import type { StepKind } from '../../core/plan';
import type { LiftPlan, LiftStep, Visit, ZoneName } from '../../schema/records';
import type { ZoneStart } from './hair';

/** The lightening of one day as the record keeps it. */
export type LiftDay = Pick<Visit, 'before' | 'lift' | 'after'>;

/** The main application goes by this name among the steps of a day. */
export const MAIN_STEP = 'main';

/** One application of the day. */
export interface DayStep {
	readonly id: string;
	readonly kind: 'main' | StepKind;
	readonly plan: LiftPlan;
	/** Only on these areas; left out, on all. */
	readonly areas?: readonly AreaName[] | undefined;
}

/** The applications of a day in their order; each is rinsed before the next. */
export const daySteps = ({ before, lift, after }: LiftDay): DayStep[] => [
	...before.map(stepOf),
	{ id: MAIN_STEP, kind: 'main', plan: lift },
	...after.map(stepOf)
];

const stepOf = (step: LiftStep): DayStep => ({
	id: step.id,
	kind: step.kind,
	plan: step,
	...(step.areas ? { areas: step.areas } : {})
});

/** The plan of a step in a day that is being changed; nothing when the step is gone. */
export const planIn = ({ before, lift, after }: LiftDay, id: string): LiftPlan | undefined =>
	id === MAIN_STEP ? lift : [...before, ...after].find((step) => step.id === id);

/** A day as one area has it: a step that leaves the area out goes on nothing there. */
export const stepsOn = (steps: readonly DayStep[], area: AreaName): DayStep[] =>
	steps.map((step) =>
		step.areas && !step.areas.includes(area)
			? { ...step, plan: { ...step.plan, covers: NOTHING, drawThroughMinutes: 0 } }
			: step
	);

const NOTHING = { root: false, lengths: false, ends: false } as const;

/** Whether a mixture reaches a zone at all. */
export const reaches = ({ covers, drawThroughMinutes }: LiftPlan, zone: ZoneName): boolean =>
	covers[zone] || (drawThroughMinutes > 0 && Object.values(covers).includes(true));

/** Zones that any step of the day reaches. */
export const workedZones = (steps: readonly DayStep[]): LiftPlan['covers'] => {
	const worked = (zone: ZoneName) => steps.some(({ plan }) => reaches(plan, zone));
	return { root: worked('root'), lengths: worked('lengths'), ends: worked('ends') };
};

/** Minutes by which a place is begun later: what the scalp warms follows with the root. */
export const delayAt = (
	{ delays }: LiftPlan,
	{ name, fromCm, toCm }: Pick<ZoneStart, 'name' | 'fromCm' | 'toCm'>
): number =>
	(fromCm + toCm) / 2 <= SCALP.heatZoneCm ? delays.root : name === 'root' ? 0 : delays[name];

/**
 * What an application does to a strand. The centimetres that the scalp warms may follow later, and so
 * may lengths and ends; near the finish the spent mixture may be drawn over what was kept out.
 * @param from minute of the day at which its first brush stroke falls
 * @param rinsed whether it is rinsed at its minutes; otherwise it is left on
 */
export function eventsOf(
	plan: LiftPlan,
	zones: readonly ZoneStart[],
	from = 0,
	rinsed = false
): LiftEvent[] {
	const { product, second, volume, ratio, placement, section, damp, bondAdditive, delays } = plan;
	const mixture: Mixture = {
		product,
		second,
		volume,
		ratio,
		placement,
		section,
		damp,
		bondAdditive
	};
	// A border belongs to the zone nearer the scalp.
	const past = 1e-6;
	return zones
		.filter(({ name }) => reaches(plan, name))
		.flatMap(({ name, fromCm, toCm }): LiftEvent[] => {
			const begins = fromCm > 0 ? fromCm + past : 0;
			if (!plan.covers[name]) {
				const minute = from + Math.max(0, plan.minutes - plan.drawThroughMinutes);
				return [{ kind: 'apply', minute, mixedMinute: from, mixture, fromCm: begins, toCm }];
			}
			const near: LiftEvent = {
				kind: 'apply',
				minute: from + delays.root,
				mixture,
				fromCm: begins,
				toCm: Math.min(toCm, SCALP.heatZoneCm)
			};
			const far: LiftEvent = {
				kind: 'apply',
				minute: from + (name === 'root' ? 0 : delays[name]),
				mixture,
				fromCm: Math.max(begins, SCALP.heatZoneCm + past),
				toCm
			};
			// What would follow only after the rinse is left out.
			const rinse = rinsed ? from + plan.minutes : Infinity;
			return [near, far].filter((event) => event.fromCm! <= event.toCm! && event.minute < rinse);
		});
}

/** Minute of the day at which each step begins, were nothing done between them. */
export const stepBegins = (steps: readonly DayStep[]): number[] => {
	let minute = 0;
	return steps.map(({ plan }) => {
		const begins = minute;
		minute += plan.minutes;
		return begins;
	});
};

/** Everything that is done up to a step: those before it are rinsed, it is left on. */
export function eventsUpTo(
	steps: readonly DayStep[],
	zones: readonly ZoneStart[]
): { readonly events: LiftEvent[]; readonly from: number } {
	const begins = stepBegins(steps);
	const last = steps.length - 1;
	return {
		from: begins[last] ?? 0,
		events: steps.flatMap(({ plan }, i) => [
			...eventsOf(plan, zones, begins[i], i < last),
			...(i < last ? [{ kind: 'rinse', minute: begins[i]! + plan.minutes } as const] : [])
		])
	};
}
