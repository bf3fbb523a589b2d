import { volumeCeiling } from '../../caution';
import { deltaE } from '../../colour';
import { targetLab, warmthKept } from '../../tone';
import { endOfPiece, pieceAt, type Act, type RunState } from './run';

/** What should not have been done, whatever came of it. */
export type Breach =
	| 'salts'
	| 'stung'
	| 'overCeiling'
	| 'overTime'
	| 'scalpNotAsked'
	| 'patchNotAsked';

/** What came of a run. */
export interface Outcome {
	/** Mean distance from the level that was wished, levels. */
	readonly levelOff: number;
	/** Mean distance from the colour that was wished, ΔE. */
	readonly toneOff: number;
	/** How far the pieces lie apart (sd), levels. */
	readonly uneven: number;
	/** Lowest condition index of any piece, 0-100. */
	readonly condition: number;
	readonly minutes: number;
	/** Cost of time and mixture, in the demo's currency. */
	readonly money: number;
	readonly breaches: readonly Breach[];
	/** All of it as one figure, 0-100. */
	readonly score: number;
}

/** An hour of the chair, and a gram of mixture, as the demo salon reckons them. */
const PER_MINUTE = 1;
const PER_GRAM = 0.08;
/** Minutes that a quiet day takes; what is over costs. */
const QUIET_MINUTES = 130;

/**
 * What each shortcoming costs of a hundred (reasoned): a level off is worse than anything but harm; what no
 * client sees is free.
 */
const COSTS = {
	level: { free: 0.2, each: 22, most: 60 },
	tone: { free: 4, each: 1.2, most: 18 },
	uneven: { free: 0.15, each: 20, most: 25 },
	condition: { free: 60, each: 1, most: 30 },
	money: { free: QUIET_MINUTES * PER_MINUTE + 15, each: 0.12, most: 10 }
} as const;
const BREACH_COSTS: Readonly<Record<Breach, number>> = {
	salts: 45,
	stung: 25,
	overCeiling: 15,
	overTime: 12,
	scalpNotAsked: 5,
	patchNotAsked: 5
};
/** Minutes within which a sting is answered. */
const STING_MINUTES = 3;

const cost = (of: { free: number; each: number; most: number }, over: number): number =>
	Math.min(of.most, Math.max(0, over) * of.each);

function breachesOf(state: RunState, acts: readonly Act[]): Breach[] {
	const { head, told, asked, pieces, minute } = state;
	const found = new Set<Breach>();
	if (told.some((each) => each.told === 'boils')) found.add('salts');
	if (told.some((each) => each.told === 'overTime')) found.add('overTime');
	const sting = told.find((each) => each.told === 'stings');
	const laid = pieces.filter((piece) => piece.laid.length > 0);
	if (
		sting &&
		laid.some(
			(piece) =>
				piece.stretch === 'root' &&
				piece.laid.some(({ to }) => (to ?? minute) > sting.minute + STING_MINUTES)
		)
	)
		found.add('stung');
	for (const piece of laid)
		for (const { product, volume } of piece.laid) {
			const onScalp = piece.stretch === 'root';
			const placement = onScalp ? 'onScalp' : 'foil';
			if (volume > volumeCeiling(product, placement, undefined, onScalp)) found.add('overCeiling');
		}
	const before = (topic: 'scalp' | 'patch') => {
		const at = acts.findIndex((act) => act.act === 'ask' && act.topic === topic);
		const begun = acts.findIndex((act) => act.act === 'apply');
		return asked.includes(topic) && (begun < 0 || at < begun);
	};
	if (laid.length > 0) {
		if (head.solid && !before('scalp')) found.add('scalpNotAsked');
		if (!before('patch')) found.add('patchNotAsked');
	}
	return [...found];
}

/** What came of a run, were it finished now. */
export function outcomeOf(state: RunState, acts: readonly Act[]): Outcome {
	const { head, pieces, minute, gramsMixed } = state;
	const { wish } = head;
	const keepWarmth = warmthKept(wish.direction);
	const ends = pieces.map((piece) => {
		const end = endOfPiece(state, piece);
		const bare = pieceAt(head, piece, minute).lab;
		const target = targetLab({ ...wish, keepWarmth }, bare);
		return { ...end, share: piece.share, toneOff: deltaE(end.lab, target) };
	});
	const all = ends.reduce((sum, { share }) => sum + share, 0);
	const mean = (of: (end: (typeof ends)[number]) => number) =>
		ends.reduce((sum, end) => sum + end.share * of(end), 0) / all;
	const level = mean((end) => end.level);
	const levelOff = mean((end) => Math.abs(end.level - wish.level));
	const toneOff = mean((end) => end.toneOff);
	const uneven = Math.sqrt(mean((end) => (end.level - level) ** 2));
	const condition = Math.min(...ends.map((end) => end.condition));
	const money = minute * PER_MINUTE + gramsMixed * PER_GRAM;
	const breaches = breachesOf(state, acts);
	const lost =
		cost(COSTS.level, levelOff - COSTS.level.free) +
		cost(COSTS.tone, toneOff - COSTS.tone.free) +
		cost(COSTS.uneven, uneven - COSTS.uneven.free) +
		cost(COSTS.condition, COSTS.condition.free - condition) +
		cost(COSTS.money, money - COSTS.money.free) +
		breaches.reduce((sum, breach) => sum + BREACH_COSTS[breach], 0);
	return {
		levelOff,
		toneOff,
		uneven,
		condition,
		minutes: minute,
		money,
		breaches,
		score: Math.max(0, 100 - lost)
	};
}
