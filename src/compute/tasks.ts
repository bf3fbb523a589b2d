import { curesSteps } from '../core/cure';
import { judgeSalonSteps } from '../core/learn';
import {
	headInterval,
	readyHead,
	readyInterval,
	type HeadArea,
	type HeadFactors,
	type LiftEvent,
	type Range,
	type ReadyZone,
	type Spread
} from '../core/lift';
import { compareHeadsSteps, stageBowlsSteps, stageHeadSteps } from '../core/work';
import {
	judgeAimSteps,
	searchPlansSteps,
	type PlanAnswer,
	type PlanConstraints,
	type PlanHead
} from '../core/plan';
import { findTonerSteps, solveTintSteps, stallPointsSteps, type TintProblem } from '../core/toner';
import { readPicture, type PictureAnswer, type PictureQuestion } from '../core/picture';
import { runReviewSteps } from '../core/practice';
import type { Steps } from '../core/steps';

/** A search for plans, as one message. */
export interface PlanQuestion {
	readonly head: PlanHead;
	readonly target: number;
	readonly constraints?: PlanConstraints | undefined;
}

/** The interval of a whole head at a minute, as one message. */
export interface IntervalQuestion {
	readonly areas: readonly HeadArea[];
	readonly events: readonly LiftEvent[];
	readonly factors: HeadFactors;
	readonly minute: number;
	readonly spread?: Spread | undefined;
}

function* intervalSteps(question: IntervalQuestion): Steps<Range[][]> {
	const { areas, events, factors, minute, spread } = question;
	const ranges = headInterval(readyHead(areas, events, factors), minute, spread);
	yield 1;
	return ranges;
}

/** A search for the shades of a tint on one line; its answer holds for that line alone. */
export interface TintQuestion extends TintProblem {
	readonly lineId: string;
}

/** When a zone is first inside its aim, for all that is not known of the head, as one message. */
export interface ReadyQuestion {
	readonly area: HeadArea;
	readonly events: readonly LiftEvent[];
	readonly factors: HeadFactors;
	readonly zone: ReadyZone;
	readonly targetLow: number;
	readonly limitMinute: number;
	readonly spread: Spread;
}

function* readySteps(question: ReadyQuestion): Steps<Range> {
	const { area, events, factors, zone, targetLow, limitMinute, spread } = question;
	const head = readyHead([area], events, factors);
	const range = readyInterval(head, zone, targetLow, limitMinute, spread);
	yield 1;
	return range;
}

const planSearch = ({ head, target, constraints }: PlanQuestion): Steps<PlanAnswer> =>
	searchPlansSteps(head, target, constraints);

function* pictureSteps(question: PictureQuestion): Steps<PictureAnswer> {
	const answer = readPicture(question);
	yield 1;
	return answer;
}

/** What is too slow for a frame: each takes one plain message and works in steps. */
export const TASKS = {
	findToner: findTonerSteps,
	searchPlans: planSearch,
	judgeAim: judgeAimSteps,
	solveTint: solveTintSteps,
	stageBowls: stageBowlsSteps,
	stageHead: stageHeadSteps,
	compareHeads: compareHeadsSteps,
	stallPoints: stallPointsSteps,
	headInterval: intervalSteps,
	readyInterval: readySteps,
	readPicture: pictureSteps,
	findCures: curesSteps,
	judgeSalon: judgeSalonSteps,
	reviewRun: runReviewSteps
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<N extends TaskName> = Parameters<(typeof TASKS)[N]>[0];
export type TaskResult<N extends TaskName> =
	ReturnType<(typeof TASKS)[N]> extends Steps<infer R> ? R : never;
