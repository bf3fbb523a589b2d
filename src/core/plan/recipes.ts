import type { Rates } from './price';
import type { ClockToner } from '../work';
import { volumeCeiling, type Ceilings } from '../caution';
import {
	DEFAULT_LIMIT_MINUTES,
	doseToLevel,
	isDarkColour,
	levelOfFibre,
	minutesForDose,
	predictLift,
	WHITE_FIBRE,
	type Application,
	type Fibre,
	type HeadFactors,
	type LiftResult,
	type Placement,
	type Product,
	type Remembered,
	type Spread
} from '../lift';
import { factsOf, type STOPPED_BY } from '../vocabulary';
import { PLAN, SEARCH, TARGET_TOLERANCE } from './constants';
import { removalStep } from './day';

/** How fast one likes to work: which strengths are considered. */
export type Pace = keyof typeof SEARCH.volumes;

/** The strength at which a pace usually works, volumes, no higher than a ceiling. */
export const paceVolume = (pace: Pace, ceiling: number): number =>
	Math.min(ceiling, SEARCH.volumes[pace][1]);

/** The head a plan is made for. */
export interface PlanHead {
	readonly fibre: Fibre;
	readonly white?: Fibre | undefined;
	/** Share of white fibres, 0-1. */
	readonly whiteShare?: number | undefined;
	readonly factors: HeadFactors;
	/** Condition index before the first visit, 0-100. */
	readonly condition: number;
	/** Where on the strand it lies and how porous it is there; left out, past the scalp's warmth and normal. */
	readonly at?: Pick<Application, 'distanceCm' | 'porosity'> | undefined;
	readonly remembered?: Remembered | undefined;
	readonly spread?: Spread | undefined;
}

/** What the plan must keep to; everything has a usual value. */
export interface PlanConstraints {
	readonly pace?: Pace | undefined;
	/** Whether the mixture touches the scalp. */
	readonly scalp?: boolean | undefined;
	readonly maxVolume?: number | undefined;
	/** Ceilings of the salon, where they are not the usual ones. */
	readonly ceilings?: Ceilings | undefined;
	readonly maxVisits?: number | undefined;
	readonly restWeeks?: number | undefined;
	readonly minCondition?: number | undefined;
	/** Longest one application may stay, minutes. */
	readonly limitMinutes?: number | undefined;
	/** Minutes to put one application on. */
	readonly workMinutes?: number | undefined;
	/** Whether a tint may lift: not where some of the hair holds old tint. */
	readonly tints?: boolean | undefined;
	/** Whether the head bears persulfates; without them nothing but a tint is left, on natural hair. */
	readonly persulfates?: boolean | undefined;
	/** Minutes to finish this head: the usual unless said. */
	readonly finishMinutes?: number | undefined;
	/** The toner that follows each visit's lightening. */
	readonly toner?: ClockToner | undefined;
	/** Money an hour and for the materials of one application, in any currency. */
	readonly rates?: Rates | undefined;
	/** Foils and grams of one application, where those are priced too. */
	readonly materials?: { readonly foils: number; readonly grams: number } | undefined;
}

/** What stops the nearest that can be had. */
export type Stopped = (typeof STOPPED_BY)[number];

/** One way of working, repeated visit after visit. */
export interface Recipe {
	readonly application: Application;
	readonly perVisit: number;
	/** A bleach wash that takes old colour out before the first lightening. */
	readonly removal?: Application | undefined;
}

/** A recipe carried through. */
export interface Course {
	readonly visits: readonly (readonly Application[])[];
	readonly results: readonly LiftResult[];
	readonly level: number;
	readonly condition: number;
	readonly minutes: number;
	readonly stoppedBy?: Stopped;
}

const PLACES: readonly { product: Product; placement: Placement; scalp: boolean }[] = [
	{ product: 'cream', placement: 'onScalp', scalp: true },
	{ product: 'oil', placement: 'onScalp', scalp: true },
	{ product: 'powder', placement: 'foil', scalp: false },
	{ product: 'cream', placement: 'foil', scalp: false },
	{ product: 'clay', placement: 'openAir', scalp: false }
];

export function recipesFor(head: PlanHead, target: number, constraints: PlanConstraints): Recipe[] {
	const { pace = 'gentle', scalp = false, maxVolume = Infinity, ceilings } = constraints;
	const limit = constraints.limitMinutes ?? DEFAULT_LIMIT_MINUTES;
	const coloured = head.fibre.layers.length > 0;
	const gap = target - levelOfFibre(head.fibre);
	const bears = (product: Product) =>
		constraints.persulfates !== false || !factsOf(product).persulfate;
	const places = PLACES.filter(({ product, scalp: on }) => on === scalp && bears(product));
	// A tint lifts natural hair alone, and not far.
	if (!coloured && constraints.tints !== false && gap <= SEARCH.highLiftLevels) {
		places.push({ product: 'highLift', placement: scalp ? 'onScalp' : 'cap', scalp });
	}
	const wash = removalStep(scalp, ceilings);
	const removals =
		coloured && bears(wash.product)
			? [undefined, { ...wash, ...head.at, volume: Math.min(wash.volume, maxVolume) }]
			: [undefined];
	// How much old dark colour holds shows only as it goes: one round a visit, and then a look.
	const rounds = isDarkColour(head.fibre) ? SEARCH.perVisitOnDarkColour : SEARCH.perVisit;
	const minutes = SEARCH.minutes.filter((value) => value < limit);
	return places.flatMap(({ product, placement }) =>
		volumesFor(pace, product, placement, maxVolume, ceilings).flatMap((volume) =>
			SEARCH.ratios[product].flatMap((ratio) =>
				[...minutes, limit].flatMap((minutes) =>
					rounds.flatMap((perVisit) =>
						removals.map((removal): Recipe => ({
							application: { product, placement, volume, ratio, minutes, ...head.at },
							perVisit,
							removal
						}))
					)
				)
			)
		)
	);
}

function volumesFor(
	pace: Pace,
	product: Product,
	placement: Placement,
	most: number,
	ceilings: Ceilings | undefined
): number[] {
	const ceiling = Math.min(most, volumeCeiling(product, placement, ceilings));
	const usual: readonly number[] =
		product === 'highLift' ? SEARCH.highLiftVolumes : SEARCH.volumes[pace];
	const allowed = usual.filter((volume) => volume <= ceiling);
	// A ceiling between two steps is itself a strength that can be mixed.
	return allowed.length > 0 || ceiling < PLAN.leastVolume ? [...allowed] : [ceiling];
}

/** Carries a recipe through until the aim is met, the hair forbids more, or nothing more is gained. */
export function follow(recipe: Recipe, head: PlanHead, target: number, limits: Limits): Course {
	const visits: Application[][] = [];
	const results: LiftResult[] = [];
	let state = {
		fibre: head.fibre,
		white: head.white ?? WHITE_FIBRE,
		condition: head.condition,
		level: levelOfFibre(head.fibre)
	};
	const ended = (stoppedBy?: Stopped): Course => ({
		visits,
		results,
		level: state.level,
		condition: state.condition,
		minutes: visits.flat().reduce((sum, { minutes }) => sum + minutes, 0),
		...(stoppedBy ? { stoppedBy } : {})
	});
	while (visits.length < limits.visits) {
		const visit: Application[] = [];
		const before = { state, results: results.length };
		const steps = Array<Application>(recipe.perVisit).fill(recipe.application);
		if (recipe.removal && visits.length === 0) steps.unshift(recipe.removal);
		for (const step of steps) {
			const application = shortened(step, state.fibre, head.factors, target);
			const [result] = predictLift(
				state.fibre,
				[application],
				head.factors,
				state.condition,
				head.whiteShare,
				state.white
			);
			// A second round is left out when the hair would not bear it; the first of a visit decides.
			if (result!.condition < limits.condition) {
				if (visit.length === 0) return ended('condition');
				break;
			}
			if (visit.length > 0 && result!.level - state.level < SEARCH.leastGain) break;
			state = result!;
			visit.push(application);
			results.push(result!);
			if (state.level >= target - TARGET_TOLERANCE) break;
		}
		visits.push(visit);
		if (state.level >= target - TARGET_TOLERANCE) return ended();
		if (state.level - before.state.level < SEARCH.leastGain) {
			visits.pop();
			results.length = before.results;
			state = before.state;
			return ended('spent');
		}
	}
	return ended('visits');
}

/** An application cut short at the minute at which it meets the aim. */
function shortened(
	application: Application,
	fibre: Fibre,
	factors: HeadFactors,
	target: number
): Application {
	if (fibre.layers.length > 0 && application.product === 'highLift') return application;
	const exact = minutesForDose(application, factors, doseToLevel(fibre, target));
	if (exact === undefined || exact >= application.minutes) return application;
	return { ...application, minutes: Math.max(SEARCH.leastMinutes, Math.ceil(exact)) };
}

export interface Limits {
	readonly visits: number;
	readonly condition: number;
}
