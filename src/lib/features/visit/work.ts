import { AREA_SHARE, planBowls, type BowlPlan } from '../../core/mix';
import { chairMinutes, servicePrice } from '../../core/plan';
import type { LiftPlan, Reading, Shelf, Visit } from '../../schema/records';
import { daySteps, MAIN_STEP, reaches, type DayStep, type LiftDay } from './day';
import { zonesOf } from './hair';

/** What one application of the day takes. */
export interface StepWork {
	readonly step: DayStep;
	readonly bowls: BowlPlan;
}

/** What a day takes: bowls, hours, and money where the salon has said what they cost. */
export interface DayWork {
	readonly steps: readonly StepWork[];
	/** How many bowls are mixed. */
	readonly bowls: number;
	readonly grams: number;
	readonly chairMinutes: number;
	readonly price: number | undefined;
}

const isFoil = (placement: LiftPlan['placement']): boolean => placement.startsWith('foil');

/** Bowls of one application. The main one is worked as Bowls says; a further one as its place asks. */
function bowlsOf(
	{ id, plan, areas }: DayStep,
	reading: Reading,
	bowls: Visit['bowls'],
	stock: readonly number[]
): BowlPlan {
	const coveredCm = zonesOf(reading)
		.filter(({ name }) => reaches(plan, name))
		.reduce((sum, zone) => sum + zone.toCm - zone.fromCm, 0);
	const common = {
		density: reading.density,
		section: plan.section,
		coveredCm: Math.max(0.5, coveredCm),
		...reading.haircut
	};
	const share = areas ? areas.reduce((sum, area) => sum + AREA_SHARE[area], 0) : 1;
	const inFoils = id === MAIN_STEP ? bowls.technique === 'foils' : isFoil(plan.placement);
	const foils = Math.max(1, Math.round(bowls.foils * share));
	return planBowls(
		inFoils ? { ...common, technique: 'foils', foils } : { ...common, technique: 'open' },
		plan.ratio,
		plan.volume,
		stock
	);
}

/** What a day of work takes on this head. A day on which nothing is put on takes no bowl. */
export function dayWork(
	day: LiftDay,
	reading: Reading,
	bowls: Visit['bowls'],
	shelf: Shelf | undefined
): DayWork {
	const steps = daySteps(day)
		.filter(({ plan }) => Object.values(plan.covers).includes(true))
		.map((step): StepWork => ({
			step,
			bowls: bowlsOf(step, reading, bowls, shelf?.developers ?? [])
		}));
	const sum = (of: (work: StepWork) => number) =>
		steps.reduce((total, work) => total + of(work), 0);
	const minutes = chairMinutes(
		sum((work) => work.bowls.workMinutes),
		sum((work) => work.step.plan.minutes),
		steps.length
	);
	return {
		steps,
		bowls: sum((work) => work.bowls.bowls.length),
		grams: sum((work) => work.bowls.totalGrams),
		chairMinutes: minutes,
		price: shelf?.rates && servicePrice(minutes, steps.length, shelf.rates)
	};
}

/** The strength as it is weighed: one developer, or two in parts. */
export function blendWords(bowls: BowlPlan, volume: number): string {
	const parts = bowls.bowls[0]?.blend?.parts;
	if (!parts) return `${volume} vol cannot be mixed from the shelf`;
	if (parts.length === 1) return `${volume} vol`;
	const [one, other] = parts as [(typeof parts)[number], (typeof parts)[number]];
	return `${one.grams} g ${one.volume} vol + ${other.grams} g ${other.volume} vol`;
}

/** What is weighed into one bowl. */
export function bowlWords(
	{ lightenerGrams, developerGrams, blend }: BowlPlan['bowls'][number],
	volume: number,
	weigh: (grams: number) => string = (grams) => `${grams} g`
): string {
	const developer = blend
		? blend.parts.map((part) => `${weigh(part.grams)} of ${part.volume} vol`).join(' + ')
		: `${weigh(developerGrams)} of ${volume} vol (not in stock)`;
	return `${weigh(lightenerGrams)} with ${developer}`;
}
