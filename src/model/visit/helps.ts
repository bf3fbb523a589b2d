import type { AimJudgement, ServicePlan } from '../../core/plan';
import { STAGING, type Staging, type StagingAdvice } from '../../core/work';
import type { Visit } from '../../schema/records';
import { againOnBehind, aimInReach, type AgainOnBehind, type HelpfulWay } from './behindHelp';
import { takesAgain } from './onceMore';
import type { StagedWork } from './sectionEnds';

/** Something that would help where some of a head stays behind. */
export type Help =
	/** A lever of the bowls, or another way of working the head, with what it leaves. */
	| { readonly kind: 'lever'; readonly lever: StagingAdvice }
	| { readonly kind: 'way'; readonly way: HelpfulWay }
	/** Another application of the same mixture on what lags. */
	| { readonly kind: 'again'; readonly again: AgainOnBehind }
	/** The day as Aim’s plan has it, with the lowest condition that it leaves on the head, 0-100. */
	| { readonly kind: 'plan'; readonly plan: ServicePlan; readonly condition: number }
	/** A deeper aim, level. */
	| { readonly kind: 'aim'; readonly level: number }
	| { readonly kind: 'visits'; readonly visits: number; readonly weeks: number };

/** Levels that a head is apart and short with some help; nothing where help is not in how it is worked. */
export const missedWith = (help: Help): number | undefined =>
	help.kind === 'lever'
		? missedBy(help.lever)
		: help.kind === 'way'
			? missedBy(help.way)
			: undefined;

const missedBy = ({ spread, shortfall }: Pick<Staging, 'spread' | 'shortfall'>): number =>
	spread + shortfall;

/** Whether working the head so leaves nothing to ask for. */
export const isEnough = (help: Help): boolean =>
	(missedWith(help) ?? Infinity) <= 2 * STAGING.nearEnough;

/** Whether working the head so is the first to be named: nothing is left to ask for, or it is as much as shows as a stripe. */
export const isFirst = (help: Help, before: Pick<Staging, 'spread' | 'shortfall'>): boolean =>
	isEnough(help) || (missedWith(help) ?? Infinity) <= missedBy(before) - STAGING.stripe.from;

/** Other ways of working the same head with the same mixture, the best first. */
export const workedOtherwise = (
	levers: readonly StagingAdvice[],
	ways: readonly HelpfulWay[]
): Help[] =>
	[
		...levers.map((lever): Help => ({ kind: 'lever', lever })),
		...ways.map((way): Help => ({ kind: 'way', way }))
	].sort((p, q) => missedWith(p)! - missedWith(q)!);

/** What the help for a day rests on. */
export interface HelpGrounds {
	readonly work: StagedWork;
	readonly staging: Pick<Staging, 'finish' | 'shortfall'>;
	readonly visit: Pick<Visit, 'after' | 'run'>;
	/** The plain verdict on the aim; nothing before it is found. */
	readonly judged:
		| Pick<AimJudgement, 'verdict' | 'visits' | 'weeks' | 'darkColour' | 'condition'>
		| undefined;
	/** Aim’s plan, where the day is worked otherwise. */
	readonly plan?: ServicePlan | undefined;
}

/**
 * What is left to do where working the head otherwise is not enough, the nearest first. Old dark colour is never promised
 * to go in one day.
 */
export function beyondWork({ work, staging, visit, judged, plan }: HelpGrounds): Help[] {
	const isPlanned = visit.after.some(({ kind }) => kind === 'again');
	const again =
		isPlanned || !takesAgain(visit) || judged?.darkColour
			? undefined
			: againOnBehind(work, staging);
	const level = aimInReach(work, staging);
	return [
		...(plan
			? [{ kind: 'plan', plan, condition: judged?.condition ?? plan.condition } as const]
			: []),
		...(again ? [{ kind: 'again', again } as const] : []),
		...(level === undefined ? [] : [{ kind: 'aim', level } as const]),
		...(judged?.verdict === 'visits'
			? [{ kind: 'visits', visits: judged.visits, weeks: judged.weeks } as const]
			: [])
	];
}
