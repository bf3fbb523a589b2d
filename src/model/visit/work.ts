import {
	DENSITY_GRAMS,
	mixtureGrams,
	planBowls,
	totalOf,
	workMinutes,
	type Bowl,
	type BowlPlan
} from '../../core/mix';
import { DEFAULT_LIMIT_MINUTES } from '../../core/lift';
import { AREAS, isFoil } from '../../core/vocabulary';
import { servicePrice } from '../../core/plan';
import {
	asideStay,
	chairMinutes,
	finishMinutes,
	lastRinse,
	tonerMinutes,
	type BowlId,
	type ClockAside,
	type SectionId,
	type Staging,
	type StrandPart
} from '../../core/work';
import type { LiftPlan, PlacedToner, Shelf, Visit } from '../../schema/records';
import { placedPass } from './tonerNeed';
import { daySteps, MAIN_STEP, type DayStep, type LiftDay } from '../day/steps';
import { hairShare, isWorked, loadsOf, meanCoveredCm, sectionedHead } from './headWork';
import { workedAreas } from './kept';

/** A bowl of the day, with what it is for. */
export interface WorkBowl extends Bowl {
	readonly id: BowlId;
	/** The sections it serves; none where a step is not worked in sections. */
	readonly sections: readonly SectionId[];
	/** The part of the strand it goes on, where several are worked apart. */
	readonly part?: StrandPart | undefined;
}

/** Bowls of one application, with their sums. */
export interface WorkBowls extends BowlPlan {
	readonly bowls: readonly WorkBowl[];
}

/** What one application of the day takes. */
export interface StepWork {
	readonly step: DayStep;
	readonly bowls: WorkBowls;
	/** Minute of its last rinse, from its first brush stroke. */
	readonly rinseMinute: number;
}

/** What a day takes: bowls, hours, and money where the salon has said what they cost. */
export interface DayWork {
	readonly steps: readonly StepWork[];
	/** Bowls of the main application. */
	readonly main: WorkBowls;
	/** How many bowls are mixed. */
	readonly bowls: number;
	readonly grams: number;
	readonly chairMinutes: number;
	readonly price: number | undefined;
}

/** The head a day is worked on, and how. */
export interface WorkedHead extends Pick<Visit, 'reading' | 'aim' | 'bowls' | 'tone'> {
	/** Minutes of these hands beside usual ones; 1 unless said. */
	readonly handPace?: number | undefined;
}

/** The main application as it was staged; left out, it is reckoned with its one strength. */
export interface StagedMain {
	readonly staging: Staging;
	readonly workMinutes: number;
	/** What earlier leftovers taught, 1 for typical. */
	readonly usage: number;
}

/** A day on which nothing is put on has no bowl. */
const NO_BOWLS: WorkBowls = { bowls: [], totalGrams: 0, reserveGrams: 0, workMinutes: 0 };

const limitOf = (plan: LiftPlan, shelf: Shelf | undefined): number =>
	shelf?.limits[plan.product] ?? shelf?.limitMinutes ?? DEFAULT_LIMIT_MINUTES;

/** The staged bowls as they are weighed. */
function stagedBowls({ staging, workMinutes }: StagedMain): WorkBowls {
	const bowls = staging.bowls.map(({ mixAtMinute, ...bowl }): WorkBowl => ({
		...bowl,
		mixAtMinute: Math.round(mixAtMinute)
	}));
	return { ...totalOf(bowls, workMinutes), bowls };
}

/** Bowls of a step that is not worked in sections go by their number in it. */
const numbered = (plan: BowlPlan, step: string): WorkBowls => ({
	...plan,
	bowls: plan.bowls.map((bowl) => ({ ...bowl, id: `${step}:${bowl.number}`, sections: [] }))
});

/** Grams and minutes of one application: the main one by its sections, a further one as its place asks. */
function needOf(
	step: DayStep,
	{ reading, aim, bowls, handPace = 1 }: WorkedHead,
	usage: number
): { readonly grams: number; readonly minutes: readonly number[] } {
	const { plan, kind } = step;
	const source = { reading, aim, bowls, plan, usage, handPace };
	if (step.id === MAIN_STEP) {
		const loads = loadsOf(source);
		return {
			grams: loads.reduce((sum, load) => sum + (load?.grams ?? 0), 0),
			minutes: loads.flatMap((load) => (load ? [load.minutes] : []))
		};
	}
	const areas = workedAreas(step, reading, aim);
	const share = hairShare(areas, plan.part);
	const head = { ...sectionedHead(source), coveredCm: meanCoveredCm(source, areas, kind) };
	const foils = Math.max(1, Math.round(bowls.foils * share));
	const coverage = isFoil(plan.placement)
		? ({ ...head, technique: 'foils', foils } as const)
		: ({ ...head, technique: 'open' } as const);
	// Open work over some areas takes their part of the hair.
	const part = coverage.technique === 'open' ? share : 1;
	return {
		grams: mixtureGrams(coverage) * usage * part,
		minutes: [(workMinutes(coverage) * part * handPace) / bowls.hands]
	};
}

/** Minutes to finish this head: long hair takes longer, teased sections are combed out first. */
export const finishOf = ({ reading, bowls }: Pick<WorkedHead, 'reading' | 'bowls'>): number =>
	finishMinutes(reading.lengthCm, bowls.technique === 'foils' && bowls.picking === 'teased');

/** Minutes to work a toner through the hair that was worked. */
export const tonerPass = (reading: Visit['reading'], part: LiftPlan['part']): number =>
	Math.ceil(
		tonerMinutes(reading.lengthCm, DENSITY_GRAMS[reading.density]) * hairShare(AREAS, part)
	);

/** The toner as the chair's time has it; none where that is the choice. */
export function tonerOf({
	tone,
	reading,
	aim,
	lift
}: Pick<WorkedHead, 'tone' | 'reading' | 'aim'> & Pick<Visit, 'lift'>):
	| { readonly minutes: number; readonly applyMinutes: number }
	| undefined {
	const placed = (tone.placed ?? []).filter(({ choice }) => choice !== 'none');
	const beside = placed.filter(({ place }) => place !== 'glaze');
	const over = placed.filter(({ place }) => place === 'glaze');
	const main = tone.choice === 'none' ? [] : [tone];
	if (main.length + placed.length === 0) return undefined;
	const pass = (one: PlacedToner) => placedPass({ reading, aim, lift }, one);
	const sum = (some: readonly number[]) => some.reduce((total, each) => total + each, 0);
	const all = tonerPass(reading, lift.part);
	return {
		// They are begun so that all end together.
		minutes: Math.max(0, ...[...main, ...beside].map(({ minutes }) => minutes)),
		// What goes on before or over it lies its time and takes hands too.
		applyMinutes:
			main.length * all +
			(tone.filler ? all + tone.filler.minutes : 0) +
			sum(beside.map(pass)) +
			sum(over.map((one) => pass(one) + one.minutes))
	};
}

/**
 * What a day of work takes on this head. A day on which nothing is put on takes no bowl.
 * @param main the main application as it was staged
 * @param aside colour that goes on beside it: lowlights
 */
export function dayWork(
	day: LiftDay,
	head: WorkedHead,
	shelf: Shelf | undefined,
	main?: StagedMain,
	aside?: ClockAside
): DayWork {
	const stock = shelf?.developers ?? [];
	const steps = daySteps(day)
		.filter((step) => isWorked(step, head.reading, head.aim))
		.map((step): StepWork => {
			const { plan } = step;
			const { grams, minutes } = needOf(step, head, main?.usage ?? 1);
			if (step.id === MAIN_STEP && main) {
				const ends = main.staging.finish.map(({ rinseMinute }) => rinseMinute);
				return { step, bowls: stagedBowls(main), rinseMinute: Math.round(Math.max(0, ...ends)) };
			}
			return {
				step,
				bowls: numbered(
					planBowls({
						grams,
						minutes: minutes.reduce((sum, each) => sum + each, 0),
						ratio: plan.ratio,
						volume: plan.volume,
						stock,
						step: shelf?.scaleStep
					}),
					step.id
				),
				rinseMinute: lastRinse(
					minutes,
					plan.minutes,
					limitOf(plan, shelf),
					step.id === MAIN_STEP ? head.bowls.rinse.mode : 'together',
					head.bowls.rinse.blocks
				)
			};
		});
	const sum = (of: (work: StepWork) => number) =>
		steps.reduce((total, work) => total + of(work), 0);
	const minutes = chairMinutes(
		steps.map((work) => work.rinseMinute),
		tonerOf({ ...head, lift: day.lift }),
		asideOf(steps, aside),
		finishOf(head)
	);
	const grams = sum((work) => work.bowls.totalGrams);
	return {
		steps,
		main: steps.find(({ step }) => step.id === MAIN_STEP)?.bowls ?? NO_BOWLS,
		bowls: sum((work) => work.bowls.bowls.length),
		grams,
		chairMinutes: minutes,
		price:
			shelf?.rates &&
			servicePrice(
				{
					chairMinutes: minutes,
					applications: steps.length,
					foils: steps.some(({ step }) => step.id === MAIN_STEP && isFoil(step.plan.placement))
						? head.bowls.foils
						: 0,
					grams
				},
				shelf.rates
			)
	};
}

function asideOf(steps: readonly StepWork[], aside: ClockAside | undefined): number {
	const main = steps.find(({ step }) => step.id === MAIN_STEP);
	return main && aside ? asideStay(aside, main.bowls.workMinutes, main.rinseMinute) : 0;
}
