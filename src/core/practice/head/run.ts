import { mixtureNeeded } from './needs';
import { levelOf, undertoneOf, type Lab, type UndertoneName } from '../../colour';
import { chanceOf } from '../../numeric';
import {
	dyesOf,
	labOfFibre,
	predictLift,
	type Application,
	type Fibre,
	type Product
} from '../../lift';
import { previewTone } from '../../tone';
import { HEAD_PARTS, type HEAD_TOPICS } from '../../vocabulary';
import { hiddenHead, startFibre, worked, type HiddenHead, type Part, type Stretch } from './hidden';

/** What may be asked before. */
export type Topic = (typeof HEAD_TOPICS)[number];

/** What a player does. */
export type Act =
	| { readonly act: 'ask'; readonly topic: Topic }
	| { readonly act: 'read'; readonly stretch: Stretch; readonly level: number }
	| { readonly act: 'test' }
	| {
			readonly act: 'mix';
			readonly product: Product;
			readonly volume: number;
			readonly grams: number;
	  }
	| { readonly act: 'apply'; readonly part: Part; readonly on: readonly Stretch[] }
	| { readonly act: 'wait'; readonly minutes: number }
	| { readonly act: 'check' | 'measure'; readonly part: Part }
	| { readonly act: 'wipe'; readonly part: Part }
	| { readonly act: 'rinse' }
	| {
			readonly act: 'tone';
			readonly level: number;
			readonly tone: string;
			readonly minutes: number;
	  }
	| { readonly act: 'finish' };

/** Minutes that acts take. */
export const ACT_MINUTES = {
	ask: 1,
	read: 1,
	test: 30,
	mix: 3,
	/** To put a mixture on one stretch of one part. */
	apply: { root: 4, lengths: 5, ends: 2 },
	check: 1,
	measure: 2,
	wipe: 2,
	rinse: 10,
	/** To put a toner on, and to rinse it. */
	tone: 8
} as const;
/** Longest that a mixture may lie, minutes. */
export const HEAD_LIMIT_MINUTES = 50;
/** Mixtures are thick enough to brush on. */
const RATIO = 2;
const TESTED_MINUTES = 35;
const TESTED_VOLUME = 20;
/** Distance from the scalp of each stretch, cm. */
const AT_CM: Readonly<Record<Stretch, number>> = { root: 0.8, lengths: 12, ends: 26 };
/** Share of a part's hair. */
export const SHARE: Readonly<Record<Stretch, number>> = { root: 0.2, lengths: 0.55, ends: 0.25 };
/** A reader's own error, levels. */
const READER_SD = 0.12;

/** What somebody is told as it happens. */
export type Told =
	| { readonly told: 'answer'; readonly topic: Topic; readonly minute: number }
	| {
			readonly told: 'tested';
			readonly minute: number;
			readonly level: number;
			readonly hot: boolean;
	  }
	| { readonly told: 'seen'; readonly part: Part; readonly minute: number }
	| {
			readonly told: 'measured';
			readonly part: Part;
			readonly minute: number;
			readonly on: Stretch;
			readonly level: number;
			readonly undertone: UndertoneName;
	  }
	| { readonly told: 'call'; readonly minute: number; readonly minutes: number }
	| { readonly told: 'stings' | 'boils' | 'overTime'; readonly minute: number };

/** One stretch of one part, and what lay on it. */
export interface Piece {
	readonly part: Part;
	readonly stretch: Stretch;
	readonly share: number;
	readonly laid: readonly Laid[];
}
interface Laid {
	readonly product: Product;
	readonly volume: number;
	readonly bowlAgeMinutes: number;
	readonly from: number;
	/** Nothing while it lies. */
	readonly to: number | undefined;
}

/** How far a run is. */
export interface RunState {
	readonly head: HiddenHead;
	readonly minute: number;
	readonly pieces: readonly Piece[];
	readonly bowl:
		| {
				readonly product: Product;
				readonly volume: number;
				readonly gramsLeft: number;
				readonly mixedAt: number;
		  }
		| undefined;
	readonly gramsMixed: number;
	readonly asked: readonly Topic[];
	readonly tested: boolean;
	readonly told: readonly Told[];
	/** Parts whose hair was looked at, with the minute. */
	readonly seenAt: Readonly<Partial<Record<Part, number>>>;
	readonly rinsedAt: number | undefined;
	readonly toner: Extract<Act, { act: 'tone' }> | undefined;
	readonly finished: boolean;
}

/** A run before its first act. */
export const runStart = (head: HiddenHead): RunState => ({
	head,
	minute: 0,
	pieces: HEAD_PARTS.flatMap((part) =>
		worked(head).map((stretch) => ({
			part,
			stretch,
			share: SHARE[stretch] / HEAD_PARTS.length,
			laid: []
		}))
	),
	bowl: undefined,
	gramsMixed: 0,
	asked: [],
	tested: false,
	told: [],
	seenAt: {},
	rinsedAt: undefined,
	toner: undefined,
	finished: false
});

/** Hair of a piece at a minute. */
export interface PieceNow {
	readonly fibre: Fibre;
	readonly lab: Lab;
	readonly level: number;
	/** Condition index, 0-100. */
	readonly condition: number;
	/** Dose of the day, ≥ 0. */
	readonly dose: number;
}

const starts = new WeakMap<HiddenHead, Map<Stretch, Fibre>>();
function startOf(head: HiddenHead, stretch: Stretch): Fibre {
	const known = starts.get(head) ?? new Map<Stretch, Fibre>();
	starts.set(head, known);
	const fibre = known.get(stretch) ?? startFibre(head, stretch);
	known.set(stretch, fibre);
	return fibre;
}

const applicationOf = (laid: Laid, stretch: Stretch, minute: number): Application => ({
	product: laid.product,
	volume: laid.volume,
	ratio: RATIO,
	minutes: Math.max(0, Math.min(laid.to ?? minute, minute) - laid.from),
	bowlAgeMinutes: laid.bowlAgeMinutes,
	placement: stretch === 'root' ? 'onScalp' : 'foil',
	distanceCm: AT_CM[stretch]
});

/** What salts leave of the condition where peroxide meets them. */
const BOILED = 0.35;
const PORES_COST = 10;

/** A piece of a head at a minute of its run: what the engine makes of all that lay on it. */
export function pieceAt(head: HiddenHead, piece: Piece, minute: number): PieceNow {
	const { stretch, part } = piece;
	const fibre = startOf(head, stretch);
	const condition = head.condition - (stretch === 'ends' && head.porousEnds ? PORES_COST : 0);
	const laid = piece.laid.filter(({ from }) => from < minute);
	if (laid.length === 0) {
		const lab = labOfFibre(fibre);
		return { fibre, lab, level: levelOf(lab), condition, dose: 0 };
	}
	const results = predictLift(
		fibre,
		laid.map((one) => applicationOf(one, stretch, minute)),
		{
			naturalLevel: head.naturalLevel,
			texture: head.texture,
			personal: head.rate * head.areas[part]
		},
		condition
	);
	const last = results.at(-1)!;
	const boiled = head.salts && head.old?.on.includes(stretch) ? BOILED : 1;
	return {
		fibre: last.fibre,
		lab: last.lab,
		level: last.level,
		condition: last.condition * boiled,
		dose: results.reduce((sum, { dose }) => sum + dose, 0)
	};
}

const lies = (piece: Piece): boolean => piece.laid.some(({ to }) => to === undefined);
/** Whether a mixture lies anywhere. */
export const isLying = ({ pieces }: Pick<RunState, 'pieces'>): boolean => pieces.some(lies);

/** Time goes on: with a call in it, where one comes, and what a scalp says. */
function after(state: RunState, minutes: number): RunState {
	const { head, told } = state;
	let minute = state.minute + minutes;
	const news: Told[] = [];
	const has = (what: Told['told']) => [...told, ...news].some((each) => each.told === what);
	const { call } = head;
	if (call && minute >= call.at && isLying(state) && !has('call')) {
		news.push({ told: 'call', minute: state.minute, minutes: call.minutes });
		minute += call.minutes;
	}
	const lain = (piece: Piece) =>
		Math.max(0, ...piece.laid.map(({ from, to }) => (to ?? minute) - from));
	const open = state.pieces.filter(lies);
	const { stingsAfter } = head;
	if (
		stingsAfter !== undefined &&
		!has('stings') &&
		open.some((piece) => piece.stretch === 'root' && lain(piece) >= stingsAfter)
	)
		news.push({ told: 'stings', minute });
	if (!has('overTime') && open.some((piece) => lain(piece) > HEAD_LIMIT_MINUTES))
		news.push({ told: 'overTime', minute });
	return { ...state, minute, told: [...told, ...news] };
}

/** Ends what lies on some pieces. */
const ended = (state: RunState, which: (piece: Piece) => boolean): RunState => ({
	...state,
	pieces: state.pieces.map((piece) =>
		which(piece)
			? { ...piece, laid: piece.laid.map((one) => ({ ...one, to: one.to ?? state.minute })) }
			: piece
	)
});

/** Why an act cannot be done now. */
export type Refusal =
	| 'finished'
	| 'noBowl'
	| 'bowlTooSmall'
	| 'notLying'
	| 'stillLying'
	| 'rinsed'
	| 'notRinsed'
	| 'toned'
	| 'alreadyAsked'
	| 'nothingOn';

/** Why an act cannot be done now; nothing where it can. */
export function refusal(state: RunState, act: Act): Refusal | undefined {
	if (state.finished) return 'finished';
	const lying = isLying(state);
	switch (act.act) {
		case 'ask':
			return state.asked.includes(act.topic) ? 'alreadyAsked' : undefined;
		case 'test':
			return state.tested ? 'alreadyAsked' : lying ? 'stillLying' : undefined;
		case 'mix':
			return state.rinsedAt === undefined ? undefined : 'rinsed';
		case 'apply': {
			if (state.rinsedAt !== undefined) return 'rinsed';
			if (act.on.length === 0) return 'nothingOn';
			if (!state.bowl) return 'noBowl';
			const needed = mixtureNeeded(state.head, act.on);
			return state.bowl.gramsLeft + 0.5 < needed ? 'bowlTooSmall' : undefined;
		}
		case 'wipe':
			return state.pieces.some((piece) => piece.part === act.part && lies(piece))
				? undefined
				: 'notLying';
		case 'rinse':
			return lying ||
				(state.rinsedAt === undefined && state.pieces.some(({ laid }) => laid.length > 0))
				? undefined
				: 'notLying';
		case 'tone':
			if (lying) return 'stillLying';
			if (state.rinsedAt === undefined && state.pieces.some(({ laid }) => laid.length > 0))
				return 'notRinsed';
			return state.toner ? 'toned' : undefined;
		case 'finish':
			return lying ? 'stillLying' : undefined;
		default:
			return undefined;
	}
}

/**
 * A run after one more act; an act that cannot be done leaves it as it is.
 */
export function doAct(state: RunState, act: Act): RunState {
	if (refusal(state, act)) return state;
	const { head } = state;
	switch (act.act) {
		case 'ask':
			return after(
				{
					...state,
					asked: [...state.asked, act.topic],
					told: [...state.told, { told: 'answer', topic: act.topic, minute: state.minute }]
				},
				ACT_MINUTES.ask
			);
		case 'read':
			return after(state, ACT_MINUTES.read);
		case 'test': {
			const piece: Piece = {
				part: 'crown',
				stretch: 'ends',
				share: 0,
				laid: [
					{
						product: 'powder',
						volume: TESTED_VOLUME,
						bowlAgeMinutes: 0,
						from: 0,
						to: TESTED_MINUTES
					}
				]
			};
			const { level } = pieceAt(head, piece, TESTED_MINUTES);
			return after(
				{
					...state,
					tested: true,
					told: [...state.told, { told: 'tested', minute: state.minute, level, hot: head.salts }]
				},
				ACT_MINUTES.test
			);
		}
		case 'mix': {
			const mixed = after(state, ACT_MINUTES.mix);
			const { product, volume, grams } = act;
			return {
				...mixed,
				bowl: { product, volume, gramsLeft: grams, mixedAt: mixed.minute },
				gramsMixed: mixed.gramsMixed + grams
			};
		}
		case 'apply': {
			let next: RunState = state;
			for (const stretch of act.on) {
				const of = (piece: Piece) => piece.part === act.part && piece.stretch === stretch;
				const bowl = next.bowl!;
				next = ended(next, of);
				const laid: Laid = {
					product: bowl.product,
					volume: bowl.volume,
					bowlAgeMinutes: Math.max(0, next.minute - bowl.mixedAt),
					from: next.minute,
					to: undefined
				};
				const boils = head.salts && head.old?.on.includes(stretch);
				const { minute } = next;
				next = {
					...next,
					pieces: next.pieces.map((piece) =>
						of(piece) ? { ...piece, laid: [...piece.laid, laid] } : piece
					),
					bowl: { ...bowl, gramsLeft: bowl.gramsLeft - mixtureNeeded(head, [stretch]) },
					told:
						boils && !next.told.some(({ told }) => told === 'boils')
							? [...next.told, { told: 'boils', minute }]
							: next.told
				};
				next = after(next, ACT_MINUTES.apply[stretch]);
			}
			return next;
		}
		case 'wait':
			return after(state, act.minutes);
		case 'check': {
			const looked = after(state, ACT_MINUTES.check);
			return {
				...looked,
				seenAt: { ...looked.seenAt, [act.part]: looked.minute },
				told: [...looked.told, { told: 'seen', part: act.part, minute: looked.minute }]
			};
		}
		case 'measure': {
			const looked = after(state, ACT_MINUTES.measure);
			const { minute } = looked;
			const noise = chanceOf(head.seed * 131 + Math.round(minute * 10));
			const measured = looked.pieces
				.filter(({ part }) => part === act.part)
				.map((piece): Told => {
					const now = pieceAt(head, piece, minute);
					return {
						told: 'measured',
						part: act.part,
						minute,
						on: piece.stretch,
						level: now.level + noise.normal(READER_SD),
						undertone: undertoneOf(now.lab).name
					};
				});
			return {
				...looked,
				seenAt: { ...looked.seenAt, [act.part]: minute },
				told: [...looked.told, ...measured]
			};
		}
		case 'wipe':
			return after(
				ended(state, (piece) => piece.part === act.part),
				ACT_MINUTES.wipe
			);
		case 'rinse': {
			const rinsed = ended(state, () => true);
			return after({ ...rinsed, bowl: undefined, rinsedAt: state.minute }, ACT_MINUTES.rinse);
		}
		case 'tone':
			return after({ ...state, toner: act }, ACT_MINUTES.tone + act.minutes);
		case 'finish':
			return { ...state, finished: true };
	}
}

/** A whole run. @param seed of the head */
export const replay = (head: HiddenHead | number, acts: readonly Act[]): RunState =>
	acts.reduce(doAct, runStart(typeof head === 'number' ? hiddenHead(head) : head));

/** A piece as it ends: rinsed, and toned where a toner went on. */
export function endOfPiece(state: RunState, piece: Piece): PieceNow & { readonly bare: number } {
	const now = pieceAt(state.head, piece, state.minute);
	const { toner, head } = state;
	if (!toner) return { ...now, bare: now.level };
	const toned = previewTone(
		{ pigment: now.fibre, dye: dyesOf(now.fibre) },
		[{ level: toner.level, tone: toner.tone, grams: 30 }],
		{
			vehicle: 'demi',
			ratio: 2,
			minutes: toner.minutes,
			texture: head.texture,
			porosity: piece.stretch === 'ends' && head.porousEnds ? 'high' : 'normal',
			condition: now.condition,
			doseToday: now.dose
		}
	);
	return { ...now, lab: toned.lab, level: toned.level, bare: now.level };
}
