import type { Steps } from '../../steps';
import {
	HEAD_PARTS,
	HEAD_TONE_LEVELS,
	HEAD_TONE_MINUTES,
	HEAD_TONES,
	HEAD_TOPICS
} from '../../vocabulary';
import type { HiddenHead, Part, Stretch } from './hidden';
import { mixtureNeeded } from './needs';
import { outcomeOf, type Outcome } from './outcome';
import { doAct, HEAD_LIMIT_MINUTES, isLying, runStart, type Act, type RunState } from './run';

/** A way to work a head, in figures that can be searched over. */
interface Policy {
	readonly order: readonly Part[];
	readonly volume: Readonly<Record<Part, number>>;
	/** Minutes for which the lengths of each part lie. */
	readonly lies: Readonly<Record<Part, number>>;
	readonly ends: 'with' | 'later' | 'never';
	readonly lengths: 'with' | 'never';
	/** The root follows after all lengths are on, by these minutes; nothing where it is left out. */
	readonly rootAfter: number | undefined;
	readonly toner: Extract<Act, { act: 'tone' }> | undefined;
}

/** Bowls are mixed anew when they are this old, minutes. */
const FRESH_MINUTES = 18;
const ROOT_VOLUME = 20;

/** Acts that a way comes to on a head. */
function actsOf(head: HiddenHead, policy: Policy): { acts: Act[]; state: RunState } {
	const acts: Act[] = [];
	let state = runStart(head);
	const go = (act: Act) => {
		acts.push(act);
		state = doAct(state, act);
	};
	for (const topic of HEAD_TOPICS) go({ act: 'ask', topic });
	const put = (part: Part, on: readonly Stretch[], volume: number, rest: number) => {
		const needed = mixtureNeeded(head, on);
		const { bowl } = state;
		if (
			bowl?.volume !== volume ||
			bowl.gramsLeft + 0.5 < needed ||
			state.minute - bowl.mixedAt > FRESH_MINUTES
		)
			go({ act: 'mix', product: 'powder', volume, grams: Math.max(needed, Math.min(rest, 110)) });
		go({ act: 'apply', part, on });
	};
	const own: readonly Stretch[] = [
		...(policy.lengths === 'with' ? (['lengths'] as const) : []),
		...(policy.ends === 'with' ? (['ends'] as const) : [])
	];
	const restOf = (parts: readonly Part[], volume: number) =>
		parts.filter((part) => policy.volume[part] === volume).length * mixtureNeeded(head, own);
	for (const [i, part] of policy.order.entries()) {
		if (own.length === 0) continue;
		put(part, own, policy.volume[part], restOf(policy.order.slice(i), policy.volume[part]));
	}
	if (policy.ends === 'later')
		for (const part of policy.order) put(part, ['ends'], policy.volume[part], 0);
	const { rootAfter } = policy;
	if (rootAfter !== undefined && policy.lengths === 'with') {
		if (rootAfter > 0) go({ act: 'wait', minutes: rootAfter });
		for (const [i, part] of policy.order.entries()) {
			const rest = (policy.order.length - i) * mixtureNeeded(head, ['root']);
			put(part, ['root'], ROOT_VOLUME, rest);
		}
	}
	const begun = (part: Part) =>
		Math.min(
			...state.pieces
				.filter((piece) => piece.part === part && piece.laid.length > 0)
				.map((piece) => piece.laid[0]!.from)
		);
	const due = HEAD_PARTS.map((part) => ({ part, at: begun(part) + policy.lies[part] }))
		.filter(({ at }) => Number.isFinite(at))
		.sort((p, q) => p.at - q.at);
	for (const [i, { part, at }] of due.entries()) {
		const wait = at - state.minute;
		if (wait > 0) go({ act: 'wait', minutes: Math.round(wait) });
		if (i < due.length - 1 && due.at(-1)!.at - at > 3) go({ act: 'wipe', part });
		else if (i === due.length - 1) go({ act: 'rinse' });
	}
	if (isLying(state)) go({ act: 'rinse' });
	if (policy.toner) go(policy.toner);
	go({ act: 'finish' });
	return { acts, state };
}

const valued = (head: HiddenHead, policy: Policy): Outcome => {
	const { acts, state } = actsOf(head, policy);
	return outcomeOf(state, acts);
};

/** Every toner there is, with how long it lies. */
export const everyToner = (): Extract<Act, { act: 'tone' }>[] =>
	HEAD_TONES.flatMap((tone) =>
		HEAD_TONE_LEVELS.flatMap((level) =>
			HEAD_TONE_MINUTES.map((minutes) => ({ act: 'tone' as const, level, tone, minutes }))
		)
	);

const LIES = [15, 20, 25, 30, 35, 40, 44, 48] as const;
const ROUNDS = 2;

/** A run of a head as the engine would have it, who knows all that it hides. */
export interface BestRun {
	readonly acts: readonly Act[];
	readonly outcome: Outcome;
}

/**
 * The best run that the engine finds on a head: by turns over order, strengths, minutes, ends, root and toner,
 * each as good as it can be while the others stay (coordinate descent on the score). It knows what the head
 * hides: what nobody could know, it does not beat.
 */
export function* bestRunSteps(head: HiddenHead): Steps<BestRun> {
	const slowest = [...HEAD_PARTS].sort((p, q) => head.areas[p] - head.areas[q]);
	let best: Policy = {
		order: slowest,
		volume: { back: 20, crown: 20, sides: 20 },
		lies: { back: 35, crown: 35, sides: 35 },
		ends: 'with',
		lengths: 'with',
		rootAfter: head.solid ? 8 : undefined,
		toner: undefined
	};
	let score = valued(head, best).score;
	const attempt = (policy: Policy) => {
		const own = valued(head, policy).score;
		if (own > score + 1e-9) [best, score] = [policy, own];
	};
	for (let round = 0; round < ROUNDS; round++) {
		for (const volume of [10, 20, 30])
			for (const lies of LIES)
				attempt({
					...best,
					volume: { back: volume, crown: volume, sides: volume },
					lies: { back: lies, crown: lies, sides: lies }
				});
		yield (round + 0.2) / ROUNDS;
		for (const ends of ['with', 'later', 'never'] as const) attempt({ ...best, ends });
		attempt({ ...best, lengths: 'never' });
		attempt({ ...best, lengths: 'never', ends: 'never' });
		if (head.solid)
			for (const rootAfter of [0, 4, 8, 12, 18, 24, undefined]) attempt({ ...best, rootAfter });
		for (const part of HEAD_PARTS) {
			for (const volume of [10, 20, 30])
				for (const lies of LIES)
					attempt({
						...best,
						volume: { ...best.volume, [part]: volume },
						lies: { ...best.lies, [part]: lies }
					});
			yield (round + 0.3 + 0.1 * HEAD_PARTS.indexOf(part)) / ROUNDS;
		}
		for (const order of [best.order.toReversed(), HEAD_PARTS]) attempt({ ...best, order });
		attempt({ ...best, toner: undefined });
		for (const toner of everyToner()) attempt({ ...best, toner });
		yield (round + 1) / ROUNDS;
	}
	// To the minute.
	for (const part of HEAD_PARTS)
		for (const by of [-3, -2, -1, 1, 2, 3])
			attempt({
				...best,
				lies: { ...best.lies, [part]: Math.min(HEAD_LIMIT_MINUTES - 2, best.lies[part] + by) }
			});
	const { acts, state } = actsOf(head, best);
	return { acts, outcome: outcomeOf(state, acts) };
}
