import { dequal as equal } from 'dequal/lite';
import { PACES } from '../core/vocabulary';
import type { TrackMoment } from './stepView.svelte';
import { hexOf, type StrandColours } from '../core/colour';
import { volumeCeiling } from '../core/caution';
import { headAt, labOfFibre, levelOfFibre, pointAt, readyHead, type HeadArea } from '../core/lift';
import { paceVolume, type Pace } from '../core/plan';
import { newId } from '../model/identity';
import type { LiftPlan, LiftWay } from '../schema/records';
import {
	daySteps,
	eventsUpTo,
	goesOn,
	middleOf,
	stepBegins,
	workedZones,
	type LiftDay
} from '../model/day/steps';
import { coloursOf, pointsOf } from '../model/head/hair';
import { stepsOn } from '../model/visit/kept';
import type { HairView } from './hairView.svelte';
import { applicationOn, liftAnswer, type LiftAnswer } from '../model/visit/lift';
import type { VisitState } from './visitState.svelte';
import { dayWork, type DayWork } from '../model/visit/work';

/** As many ways beside the planned one as can still be told apart. */
export const MOST_OTHERS = 3;

/** The plan of a day, as a way among others. */
export const dayOf = ({ before, lift, after }: LiftDay): LiftDay => ({ before, lift, after });

/** What a way does, on the same zone as the one that is planned. */
export interface WayAnswer {
	readonly day: LiftDay;
	readonly lift: LiftAnswer;
	/** Name of what the lift exposes; empty where nothing is lifted. */
	readonly undertone: string;
	readonly colours: StrandColours;
	readonly work: DayWork;
	/** Its course over all the day’s minutes. */
	readonly moments: readonly TrackMoment[];
}

const isPlanned = (day: LiftDay, { visit }: VisitState): boolean => equal(dayOf(day), dayOf(visit));

const STEP_MINUTES = 2;

/** Works a way through on the hair that is looked at. */
export function wayAnswer(view: HairView, day: LiftDay, session: VisitState): WayAnswer {
	const { zone, zones, reading, subject, place } = view;
	const steps = stepsOn(daySteps(day), place, reading, view.strandAim);
	const applications = steps.map(({ plan }) => applicationOn(plan, zone));
	const last = steps.at(-1)!;
	const lift = liftAnswer(subject, last.plan, zone, applications.slice(0, -1));
	const strand: HeadArea = {
		name: place,
		whiteShare: reading.whiteShare,
		points: pointsOf(
			zones,
			reading,
			workedZones(steps),
			Math.min(...steps.map(({ plan }) => plan.startsAtMm)) / 10
		)
	};
	const { events } = eventsUpTo(steps, zones);
	const head = readyHead([strand], events, subject.factors);
	const end = stepBegins(steps).at(-1)! + last.plan.minutes;
	const fibres = headAt(head, end)[0]!.points.map(({ fibre }) => fibre);
	const bare = !steps.some(({ plan }) => goesOn(plan)) || lift.undertone.name === 'none';
	return {
		day,
		lift,
		undertone: bare ? '' : lift.tone,
		colours: coloursOf(fibres, reading.whiteShare),
		// The planned day is told as its bowls were staged; another, as it is reckoned before any staging.
		work: isPlanned(day, session)
			? session.work
			: dayWork(day, session.workedHead, session.shelf, undefined, session.lowlights.aside),
		moments: courseOf(view, steps, end)
	};
}

/** The middle of the zone over the minutes of the day; flat where nothing is put on. */
function courseOf(
	{ zone, zones, reading, subject, place, points }: HairView,
	steps: ReturnType<typeof daySteps>,
	end: number
): readonly TrackMoment[] {
	const { events } = eventsUpTo(steps, zones);
	const distanceCm = middleOf(steps.at(-1)!.plan, zone);
	const point = { ...points[0]!, fibre: zone.fibre, porosity: zone.porosity, distanceCm };
	const strand = { name: place, whiteShare: reading.whiteShare, points: [point] };
	const ready = readyHead([strand], events, subject.factors).areas[0]!.points[0]!;
	const moments: TrackMoment[] = [];
	for (let minute = 0; minute <= end + 1e-9; minute += Math.min(STEP_MINUTES, end - minute || 1)) {
		const { fibre } = pointAt(ready, minute);
		const hex = hexOf(labOfFibre(fibre, reading.whiteShare));
		moments.push({ minute, level: levelOfFibre(fibre), hex });
	}
	return moments;
}

/** A way of a plan alone, without further applications. */
const alone = (lift: LiftPlan): LiftWay => ({ id: newId(), before: [], lift, after: [] });

/** The other two paces of the same work: stronger and shorter, or milder and longer, to the same level. */
export function paceWays(session: VisitState): LiftWay[] {
	const { view, plan, shelf } = session;
	const level = view.main.lift.level;
	const ceiling = volumeCeiling(plan.product, plan.placement, shelf?.ceilings, view.onScalp);
	const own = nearestPace(plan, ceiling);
	const volumes = new Set(
		PACES.filter((pace) => pace !== own).map((pace) => paceVolume(pace, ceiling))
	);
	volumes.delete(plan.volume);
	return [...volumes].map((volume) =>
		alone(minutesFor(view, { ...plan, volume }, level, session.limitOf(plan.product)))
	);
}

function nearestPace(plan: LiftPlan, ceiling: number): Pace {
	return [...PACES].sort(
		(p, q) =>
			Math.abs(paceVolume(p, ceiling) - plan.volume) -
			Math.abs(paceVolume(q, ceiling) - plan.volume)
	)[0]!;
}

/** The plan with as many minutes as it needs to the level, within its limit. */
function minutesFor(view: HairView, plan: LiftPlan, level: number, limit: number): LiftPlan {
	const reaches = (minutes: number) =>
		liftAnswer(view.subject, { ...plan, minutes }, view.zone).level >= level - 0.02;
	let minutes = 1;
	while (minutes < limit && !reaches(minutes)) minutes++;
	return { ...plan, minutes };
}

/** Other kinds of product for the same hair, and leaving it as it is. */
export function productWays(session: VisitState): LiftWay[] {
	const { plan } = session;
	const kinds = [
		{ product: 'highLift', volume: 40, ratio: 2, minutes: 45 },
		{ product: 'permanent', volume: 20, ratio: 1, minutes: 35 }
	] as const;
	return [
		...kinds
			.filter(({ product }) => product !== plan.product)
			.map((kind) => alone({ ...plan, ...kind, damp: false })),
		alone({ ...plan, covers: { root: false, lengths: false, ends: false }, drawThroughMinutes: 0 })
	];
}

const LETTERS = ['A', 'B', 'C', 'D'] as const;

/** A way with what it does, and the letter by which it goes. */
export interface Way {
	readonly letter: string;
	/** Of the record; the planned one has none. */
	readonly id: string | undefined;
	readonly answer: WayAnswer;
}

/** The planned way and those beside it, on the hair that is looked at. */
export const waysOf = (session: VisitState): Way[] =>
	[dayOf(session.visit), ...session.visit.ways].map((day, i) => ({
		letter: LETTERS[i]!,
		id: i === 0 ? undefined : session.visit.ways[i - 1]!.id,
		answer: wayAnswer(session.view, day, session)
	}));
