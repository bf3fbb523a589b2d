import { within, type Steps } from '../../steps';
import { HEAD_PARTS, HEAD_VOLUMES } from '../../vocabulary';
import { bestRunSteps, everyToner, type BestRun } from './best';
import { hiddenHead, worked, type HiddenHead, type Part, type Stretch } from './hidden';
import { mixtureNeeded } from './needs';
import { outcomeOf, type Outcome } from './outcome';
import { replay, type Act, type Topic } from './run';

/** From where a better decision could have been known. */
export type Knowable =
	/** From what was told and seen, before anything went on. */
	| 'before'
	/** Somebody would have said so. */
	| 'byAsking'
	/** A test strand would have shown it. */
	| 'byTest'
	/** A look while it lay would have shown it. */
	| 'byLooking'
	/** It was shown, and not acted on. */
	| 'wasShown'
	/** By nobody. */
	| 'no';

/** What else could have been done. */
export type Other =
	| { readonly decision: 'volume'; readonly was: number; readonly volume: number }
	| { readonly decision: 'longer' | 'shorter'; readonly minutes: number }
	| { readonly decision: 'wiped'; readonly part: Part; readonly minute: number }
	| { readonly decision: 'order'; readonly order: readonly Part[] }
	| { readonly decision: 'left' | 'added'; readonly stretch: Stretch }
	| { readonly decision: 'rootLater'; readonly minutes: number }
	| {
			readonly decision: 'toner';
			readonly level: number;
			readonly tone: string;
			readonly minutes: number;
	  }
	| { readonly decision: 'noToner' }
	/** No decision: what a call took. */
	| { readonly decision: 'call'; readonly minutes: number }
	| { readonly decision: 'without'; readonly act: Act['act'] }
	| { readonly decision: 'asked'; readonly topic: Topic };

/** A decision that could have been better, with what it cost. */
export interface ReviewItem {
	readonly other: Other;
	readonly knowable: Knowable;
	/** Points that the other way brings. */
	readonly points: number;
	/** What came the other way, with everything else as it was. */
	readonly outcome: Outcome;
}

/** A decision costs something from this many points on. */
const WORTH = 0.5;
/** A head this near to typical could be planned as the engine plans any. */
const TYPICAL = 0.1;
const SHIFTS = [-25, -20, -15, -10, -5, 5, 10, 15, 20, 25] as const;

type Way = { readonly other: Other; readonly acts: readonly Act[] };

const permutations = <T>(items: readonly T[]): T[][] =>
	items.length <= 1
		? [[...items]]
		: items.flatMap((item, i) =>
				permutations(items.filter((_, k) => k !== i)).map((rest) => [item, ...rest])
			);

/** Where the mixture was left to work: the last wait before it came off, or where one would stand. */
function lastWait(
	acts: readonly Act[]
): { readonly at: number; readonly minutes: number } | undefined {
	const off = acts.findIndex(({ act }) => act === 'rinse');
	if (off < 0) return undefined;
	for (let i = off - 1; i >= 0; i--) {
		const act = acts[i]!;
		if (act.act === 'wait') return { at: i, minutes: act.minutes };
		if (act.act === 'apply') break;
	}
	return { at: off, minutes: 0 };
}

function volumes(acts: readonly Act[]): Way[] {
	const used = new Set(acts.flatMap((act) => (act.act === 'mix' ? [act.volume] : [])));
	return [...used].flatMap((was) =>
		HEAD_VOLUMES.filter((volume) => volume !== was).map((volume) => ({
			other: { decision: 'volume' as const, was, volume },
			acts: acts.map((act) => (act.act === 'mix' && act.volume === was ? { ...act, volume } : act))
		}))
	);
}

function times(acts: readonly Act[]): Way[] {
	const wait = lastWait(acts);
	if (!wait) return [];
	return SHIFTS.flatMap((shift) => {
		const minutes = wait.minutes + shift;
		if (minutes < 0) return [];
		const waited: Act = { act: 'wait', minutes };
		const rest = acts.slice(wait.minutes > 0 ? wait.at + 1 : wait.at);
		return [
			{
				other: {
					decision: shift > 0 ? ('longer' as const) : ('shorter' as const),
					minutes: Math.abs(shift)
				},
				acts: [...acts.slice(0, wait.at), waited, ...rest]
			}
		];
	});
}

function wipes(head: HiddenHead, acts: readonly Act[]): Way[] {
	const wait = lastWait(acts);
	if (!wait || wait.minutes < 4) return [];
	return HEAD_PARTS.filter(
		(part) =>
			acts.some((act) => act.act === 'apply' && act.part === part) &&
			!acts.some((act) => act.act === 'wipe' && act.part === part)
	).flatMap((part) =>
		[0.2, 0.4, 0.6, 0.8].map((share): Way => {
			const first = Math.round(wait.minutes * share);
			const before: Act[] = [...acts.slice(0, wait.at), { act: 'wait', minutes: first }];
			return {
				other: { decision: 'wiped', part, minute: Math.round(replay(head, before).minute) },
				acts: [
					...before,
					{ act: 'wipe', part },
					{ act: 'wait', minutes: Math.max(0, wait.minutes - first - 2) },
					...acts.slice(wait.at + 1)
				]
			};
		})
	);
}

function orders(acts: readonly Act[]): Way[] {
	const order = [...new Set(acts.flatMap((act) => (act.act === 'apply' ? [act.part] : [])))];
	return permutations(order)
		.filter((other) => other.join() !== order.join())
		.map((other) => {
			const turned = new Map(order.map((part, i) => [part, other[i]!]));
			return {
				other: { decision: 'order' as const, order: other },
				acts: acts.map((act) =>
					act.act === 'apply' || act.act === 'wipe'
						? { ...act, part: turned.get(act.part) ?? act.part }
						: act
				)
			};
		});
}

function leftOut(head: HiddenHead, acts: readonly Act[]): Way[] {
	const on = new Set(acts.flatMap((act) => (act.act === 'apply' ? act.on : [])));
	const without = (stretch: Stretch): Act[] =>
		acts.flatMap((act): Act[] => {
			if (act.act !== 'apply') return [act];
			const rest = act.on.filter((each) => each !== stretch);
			return rest.length > 0 ? [{ ...act, on: rest }] : [];
		});
	const ways: Way[] = (['root', 'ends'] as const)
		.filter((stretch) => on.has(stretch))
		.map((stretch) => ({ other: { decision: 'left', stretch }, acts: without(stretch) }));
	const parts = [...new Set(acts.flatMap((act) => (act.act === 'apply' ? [act.part] : [])))];
	/** What else goes on after all that went on. */
	const added = (to: readonly Act[], stretch: Stretch, minutes: number): Act[] => {
		const last = to.findLastIndex(({ act }) => act === 'apply');
		const grams = parts.length * mixtureNeeded(head, [stretch]);
		return [
			...to.slice(0, last + 1),
			...(minutes > 0 ? [{ act: 'wait', minutes } as const] : []),
			{ act: 'mix', product: 'powder', volume: 20, grams },
			...parts.map((part): Act => ({ act: 'apply', part, on: [stretch] })),
			...to.slice(last + 1)
		];
	};
	if (parts.length === 0) return ways;
	for (const stretch of worked(head))
		if (!on.has(stretch))
			ways.push({ other: { decision: 'added', stretch }, acts: added(acts, stretch, 0) });
	if (on.has('root'))
		for (const minutes of [0, 8, 16])
			ways.push({
				other: { decision: 'rootLater', minutes },
				acts: added(without('root'), 'root', minutes)
			});
	return ways;
}

function toners(acts: readonly Act[]): Way[] {
	const at = acts.findIndex(({ act }) => act === 'tone');
	const place = at >= 0 ? at : acts.findIndex(({ act }) => act === 'finish');
	const before = place >= 0 ? acts.slice(0, place) : acts;
	const behind = place >= 0 ? acts.slice(at >= 0 ? place + 1 : place) : [];
	return [
		...everyToner().map((toner): Way => ({
			other: { decision: 'toner', level: toner.level, tone: toner.tone, minutes: toner.minutes },
			acts: [...before, toner, ...behind]
		})),
		...(at >= 0 ? [{ other: { decision: 'noToner' as const }, acts: [...before, ...behind] }] : [])
	];
}

function withouts(acts: readonly Act[]): Way[] {
	return acts.flatMap((act, i): Way[] =>
		act.act === 'wipe' || act.act === 'test'
			? [{ other: { decision: 'without', act: act.act }, acts: acts.filter((_, k) => k !== i) }]
			: []
	);
}

function asks(acts: readonly Act[]): Way[] {
	return (['patch', 'scalp'] as const)
		.filter((topic) => !acts.some((act) => act.act === 'ask' && act.topic === topic))
		.map((topic) => ({
			other: { decision: 'asked', topic },
			acts: [{ act: 'ask', topic }, ...acts]
		}));
}

/** From where it could have been known. */
function knowableOf(head: HiddenHead, acts: readonly Act[], other: Other): Knowable {
	const did = (what: Act['act']) => acts.some(({ act }) => act === what);
	const looked = did('check') || did('measure');
	switch (other.decision) {
		case 'asked':
			return 'byAsking';
		case 'call':
			return 'no';
		case 'toner':
		case 'noToner':
			return 'wasShown';
		case 'wiped':
		case 'order':
			return looked ? 'wasShown' : 'byLooking';
		case 'left':
			if (other.stretch === 'ends' && head.old?.on.includes('ends')) return 'byAsking';
			return other.stretch === 'root' && head.stingsAfter !== undefined ? 'byAsking' : 'before';
		case 'added':
		case 'rootLater':
		case 'without':
			return 'before';
		default:
			if (looked && other.decision !== 'volume') return 'wasShown';
			if (Math.abs(Math.log(head.rate)) < TYPICAL && !head.old) return 'before';
			return did('test') ? 'wasShown' : 'byTest';
	}
}

/**
 * Every decision of a run: the same run with that one made otherwise, as well as it could be, and everything else
 * as it was. What costs nothing is left out; the dearest first.
 */
export function* reviewSteps(head: HiddenHead, acts: readonly Act[]): Steps<ReviewItem[]> {
	const { score } = outcomeOf(replay(head, acts), acts);
	const kinds: readonly (() => Way[])[] = [
		() => asks(acts),
		() => volumes(acts),
		() => times(acts),
		() => wipes(head, acts),
		() => orders(acts),
		() => leftOut(head, acts),
		() => withouts(acts),
		() => toners(acts)
	];
	const items: ReviewItem[] = [];
	if (head.call) {
		const outcome = outcomeOf(replay({ ...head, call: undefined }, acts), acts);
		const points = outcome.score - score;
		const other: Other = { decision: 'call', minutes: head.call.minutes };
		if (points >= WORTH) items.push({ other, knowable: 'no', points, outcome });
	}
	for (const [k, kind] of kinds.entries()) {
		const found = new Map<string, ReviewItem>();
		for (const { other, acts: changed } of kind()) {
			const outcome = outcomeOf(replay(head, changed), changed);
			const points = outcome.score - score;
			if (points < WORTH) continue;
			// Of the ways to decide one thing otherwise, the best.
			const about = aboutOf(other);
			if ((found.get(about)?.points ?? 0) >= points) continue;
			found.set(about, { other, knowable: knowableOf(head, acts, other), points, outcome });
		}
		items.push(...found.values());
		yield (k + 1) / kinds.length;
	}
	return items.sort((p, q) => q.points - p.points);
}

/** What a decision is about: of those about one thing the best is told. */
function aboutOf(other: Other): string {
	switch (other.decision) {
		case 'longer':
		case 'shorter':
			return 'time';
		case 'toner':
		case 'noToner':
			return 'toner';
		case 'asked':
			return `asked ${other.topic}`;
		case 'left':
		case 'added':
			return `${other.decision} ${other.stretch}`;
		case 'wiped':
			return `wiped ${other.part}`;
		case 'without':
			return `without ${other.act}`;
		default:
			return other.decision;
	}
}

/** A run looked back at: each decision, and what an even better run of the same head would have been. */
export interface RunReview {
	readonly outcome: Outcome;
	readonly items: readonly ReviewItem[];
	readonly best: BestRun;
}

/** Looks back at a run. @param seed of the head */
export function* runReviewSteps({
	seed,
	acts
}: {
	readonly seed: number;
	readonly acts: readonly Act[];
}): Steps<RunReview> {
	const head = hiddenHead(seed);
	const items = yield* within(reviewSteps(head, acts), 0, 0.5);
	const best = yield* within(bestRunSteps(head), 0.5, 1);
	return { outcome: outcomeOf(replay(head, acts), acts), items, best };
}
