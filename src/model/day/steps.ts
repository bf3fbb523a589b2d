import { SCALP, STARTS_AT, type LiftEvent, type Mixture, type AreaName } from '../../core/lift';
import type { StepKind } from '../../core/plan';
import { factsOf } from '../../core/vocabulary';
import type { LiftPlan, LiftStep, Visit, ZoneName } from '../../schema/records';
import type { ZoneStart } from '../head/hair';
import { corePart } from './parts';

/** The lightening of one day as the record keeps it. */
export type LiftDay = Pick<Visit, 'before' | 'lift' | 'after' | 'noLift'>;

/** The main application goes by this name among the steps of a day. */
export const MAIN_STEP = 'main';

/** A plan as it works on one hair. */
export interface WorkedPlan extends LiftPlan {
	/** Zones that it is not even drawn through. */
	readonly barred?: readonly ZoneName[] | undefined;
	/** Zones whose old light pieces the foils go round. */
	readonly roundLights?: readonly ZoneName[] | undefined;
	/** Where the product of the day begins that goes nearest to the skin, mm; left out, where this one does. */
	readonly dayStartsAtMm?: number | undefined;
}

/** One application of the day. */
export interface DayStep {
	readonly id: string;
	readonly kind: 'main' | StepKind;
	readonly plan: WorkedPlan;
	/** Only on these areas; left out, on all. */
	readonly areas?: readonly AreaName[] | undefined;
}

/** The applications of a day in their order; each is rinsed before the next. */
export const daySteps = (day: LiftDay): DayStep[] => {
	const main: DayStep = { id: MAIN_STEP, kind: 'main', plan: mainPlan(day) };
	return day.noLift ? [main] : [...day.before.map(stepOf), main, ...day.after.map(stepOf)];
};

/** The main application; it goes on nothing where nothing is lightened today. */
export const mainPlan = ({ lift, noLift }: Pick<LiftDay, 'lift' | 'noLift'>): LiftPlan =>
	noLift ? onNothing(lift) : lift;

/** A plan that puts nothing on. */
export const onNothing = (plan: LiftPlan): LiftPlan => ({
	...plan,
	covers: { root: false, lengths: false, ends: false },
	drawThroughMinutes: 0
});

const stepOf = (step: LiftStep): DayStep => ({
	id: step.id,
	kind: step.kind,
	plan: step,
	...(step.areas ? { areas: step.areas } : {})
});

/** The plan of a step in a day that is being changed; nothing when the step is gone. */
export const planIn = ({ before, lift, after }: LiftDay, id: string): LiftPlan | undefined =>
	id === MAIN_STEP ? lift : [...before, ...after].find((step) => step.id === id);

/** Whether a plan goes on anything at all. */
export const goesOn = ({ covers }: Pick<LiftPlan, 'covers'>): boolean =>
	Object.values(covers).includes(true);

/** Whether a mixture reaches a zone at all. */
export const reaches = (plan: WorkedPlan, zone: ZoneName): boolean =>
	plan.covers[zone] ||
	(plan.drawThroughMinutes > 0 && !plan.barred?.includes(zone) && goesOn(plan));

/** Where a plan's product begins on a zone, cm from the scalp. */
export const beginCm = (
	{ startsAtMm }: Pick<LiftPlan, 'startsAtMm'>,
	{ fromCm }: Pick<ZoneStart, 'fromCm'>
): number => Math.max(fromCm, startsAtMm / 10);

/**
 * The place of a zone that the figures speak of, cm from the scalp: the middle of what the day's product lies
 * on, the same for all its applications.
 */
export const middleOf = (
	{ startsAtMm, dayStartsAtMm = startsAtMm }: Pick<WorkedPlan, 'startsAtMm' | 'dayStartsAtMm'>,
	{ fromCm, toCm }: Pick<ZoneStart, 'fromCm' | 'toCm'>
): number => (Math.min(Math.max(fromCm, dayStartsAtMm / 10), toCm) + toCm) / 2;

/** Whether a zone reaches further down than the product begins. */
const isBelowStart = (
	plan: Pick<LiftPlan, 'startsAtMm'>,
	zone: Pick<ZoneStart, 'fromCm' | 'toCm'>
): boolean => beginCm(plan, zone) < zone.toCm;

/** Whether product touches the skin, whatever covers it and whatever the place is called. */
export const touchesScalp = (plan: WorkedPlan, zones: readonly ZoneStart[]): boolean => {
	const on = zones
		.filter(({ name }) => plan.covers[name])
		.filter((zone) => isBelowStart(plan, zone));
	return (
		on.length > 0 &&
		(plan.placement === 'onScalp' ||
			on.some((zone) => beginCm(plan, zone) * 10 < STARTS_AT.touchesUnder - 1e-9))
	);
};

/** A border belongs to the zone nearer the scalp: the next begins so much past it, cm. */
export const PAST_CM = 1e-6;

/** Strength that goes on a zone, volumes: hair that is lightened already gets the weak bowl. */
export const volumeOn = (
	{ volume, overlap }: LiftPlan,
	{ state }: Pick<ZoneStart, 'state'>
): number => (state === 'lightened' && overlap ? Math.min(volume, overlap.volume) : volume);

/** What a plan's tint lays down; nothing where it is no tint, or has no shade yet. */
export const tintOf = ({ product, tint }: Pick<LiftPlan, 'product' | 'tint'>) =>
	tint && factsOf(product).kind === 'tint' ? tint.parts.map(corePart) : undefined;

/** A plan that lifts alone: its tint lays nothing down. */
export function lifting(plan: WorkedPlan): WorkedPlan {
	if (!plan.tint) return plan;
	const bare = { ...plan };
	delete bare.tint;
	return bare;
}

/** Zones that any step of the day reaches. */
export const workedZones = (steps: readonly DayStep[]): LiftPlan['covers'] => {
	const worked = (zone: ZoneName) => steps.some(({ plan }) => reaches(plan, zone));
	return { root: worked('root'), lengths: worked('lengths'), ends: worked('ends') };
};

/** Minutes by which a place is begun later: what the scalp warms follows with the root. */
export const delayAt = (
	plan: WorkedPlan,
	zone: Pick<ZoneStart, 'name' | 'fromCm' | 'toCm'>
): number => {
	const { delays } = plan;
	if (middleOf(plan, zone) <= SCALP.heatZoneCm) return delays.root;
	return zone.name === 'root' ? 0 : delays[zone.name];
};

/**
 * What an application does to a strand. The centimetres that the scalp warms may follow later, and so
 * may lengths and ends; near the finish the spent mixture may be drawn over what was kept out.
 * @param from minute of the day at which its first brush stroke falls
 * @param rinsed whether it is rinsed at its minutes; otherwise it is left on
 */
export function eventsOf(
	plan: WorkedPlan,
	zones: readonly ZoneStart[],
	from = 0,
	rinsed = false
): LiftEvent[] {
	const { product, second, ratio, placement, section, damp, bondAdditive, delays } = plan;
	const mixtureOn = (zone: ZoneStart): Mixture => ({
		product,
		second,
		// What is drawn through at the finish is the bowl that the rest had.
		volume: plan.covers[zone.name] ? volumeOn(plan, zone) : plan.volume,
		ratio,
		placement,
		section,
		damp,
		bondAdditive,
		formula: tintOf(plan)
	});
	return zones
		.filter(({ name }) => reaches(plan, name))
		.flatMap((zone): LiftEvent[] => {
			const { name, toCm } = zone;
			const mixture = mixtureOn(zone);
			const begin = beginCm(plan, zone);
			const begins = begin > 0 ? begin + PAST_CM : 0;
			if (!plan.covers[name]) {
				const minute = from + Math.max(0, plan.minutes - plan.drawThroughMinutes);
				return begins <= toCm
					? [{ kind: 'apply', minute, mixedMinute: from, mixture, fromCm: begins, toCm }]
					: [];
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
				fromCm: Math.max(begins, SCALP.heatZoneCm + PAST_CM),
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
