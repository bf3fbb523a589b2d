import {
	doAct,
	hiddenHead,
	isLying,
	pieceAt,
	refusal,
	replay,
	type Act,
	type Part,
	type Piece,
	type RunState
} from '../core/practice';
import { MOST_ACTS } from '../core/vocabulary';
import { rgbOf, type Lab, type StrandColours } from '../core/colour';
import { Search } from './search.svelte';
import type { Searches } from './searches';

/** A stretch of waiting longer than this is an act of its own, minutes. */
const JOINED_MINUTES = 60;

/** One simulated head that is being worked, and looked back at when it is done. */
export class HeadRun {
	readonly seed: number;
	acts: readonly Act[] = $state.raw([]);
	/** Looks back once the run is finished. */
	readonly reviewing: Search<'reviewRun'>;

	/** @param acts of a run that was worked before; none of one that begins */
	constructor(seed: number, searches: Searches, acts: readonly Act[] = []) {
		this.seed = seed;
		this.acts = acts;
		this.reviewing = new Search(searches, 'reviewRun', `head ${seed}`, () =>
			this.state.finished ? { seed: this.seed, acts: this.acts } : undefined
		);
	}

	readonly head = $derived.by(() => hiddenHead(this.seed));
	state = $derived.by(() => replay(this.head, this.acts));
	lying = $derived.by(() => isLying(this.state));

	can = (act: Act): boolean => refusal(this.state, act) === undefined;

	/** Does an act, where it can be done. Waiting goes on with waiting, so that a running clock leaves one act. */
	do(act: Act): void {
		if (!this.can(act) || this.acts.length >= MOST_ACTS) return;
		const last = this.acts.at(-1);
		// A call in between belongs to the minute in which it came.
		const quiet = doAct(this.state, act).told.length === this.state.told.length;
		if (
			act.act === 'wait' &&
			last?.act === 'wait' &&
			quiet &&
			last.minutes + act.minutes <= JOINED_MINUTES
		) {
			this.acts = [...this.acts.slice(0, -1), { act: 'wait', minutes: last.minutes + act.minutes }];
			return;
		}
		this.acts = [...this.acts, act];
	}

	/** Minute as which a piece is shown: now where nothing hides it, else when somebody looked last. */
	shownAt(piece: Piece): number {
		const { minute, seenAt } = this.state;
		const lies = piece.laid.some(({ to }) => to === undefined);
		return lies ? (seenAt[piece.part] ?? 0) : minute;
	}
	/**
	 * Colours of a part's strand as it can be seen, scalp first.
	 * @param eye what an eye makes of a colour; left out, of usual eyes
	 */
	coloursOf(part: Part, eye: (lab: Lab) => Lab = (lab) => lab) {
		return coloursAlong(this.state, part, (piece) =>
			eye(pieceAt(this.head, piece, this.shownAt(piece)).lab)
		);
	}
	/** What lies on a part: its strength and since when; nothing where nothing does. */
	lyingOn(part: Part): { readonly volume: number; readonly minutes: number } | undefined {
		const laid = this.state.pieces
			.filter((piece) => piece.part === part)
			.flatMap((piece) => piece.laid.filter(({ to }) => to === undefined));
		if (laid.length === 0) return undefined;
		const first = Math.min(...laid.map(({ from }) => from));
		return { volume: laid.at(-1)!.volume, minutes: this.state.minute - first };
	}
}

/** Points along a drawn strand for each stretch of it. */
const POINTS = { root: 2, lengths: 6, ends: 2 } as const;

/** Colours along the strand of a part, scalp first. */
export const coloursAlong = (
	{ pieces }: Pick<RunState, 'pieces'>,
	part: Part,
	labOf: (piece: Piece) => Lab
): StrandColours => ({
	hair: pieces
		.filter((piece) => piece.part === part)
		.flatMap((piece) => {
			const rgb = rgbOf(labOf(piece));
			return Array.from({ length: POINTS[piece.stretch] }, () => rgb);
		})
});
