import { afterOverPour, pourState, type PourState } from '../core/mix';
import { SCALE_WORDS, type Scale, type ScaleReading } from '../devices/scale';
import type { MixedBowl } from '../schema/records';
import { keepWeighed, pourAway } from '../model/commands/sections';
import type { BowlPart, MixBowl } from '../model/visit/dayBowls';
import type { VisitState } from './visitState.svelte';

/** One part of the bowl on the scale: what it is to weigh, and what was poured of it. */
export interface Weighing {
	readonly part: BowlPart;
	readonly target: number;
	readonly poured: number;
	readonly state: PourState;
}

/**
 * One bowl being weighed, part after part. Every amount that is taken is written down at once, so that a
 * closed tab or a lost scale loses nothing of the bowl.
 */
export class Mixing {
	readonly #session: VisitState;
	readonly bowl: MixBowl;
	readonly scale: Scale;
	state: 'off' | 'connecting' | 'on' = $state('off');
	/** Waits for a steady reading to write down. */
	settling = $state(false);
	/** What went wrong with the scale, in words. */
	problem: string | undefined = $state();
	reading: ScaleReading = $state.raw({ grams: 0, steady: true });
	/**
	 * What lay on the pan, not taken yet, when the scale was lost: it is in the bowl, though a scale that is switched
	 * on again shows nothing for it, g.
	 */
	carried = $state(0);
	/** The part that was chosen by hand; otherwise the first that is wanting. */
	#chosen: number | undefined = $state();
	readonly #stops: (() => void)[];

	readonly #nameOf: (part: BowlPart) => string;

	/** @param nameOf what a part is called on the tube or the tub, as the record is to tell it */
	constructor(
		session: VisitState,
		bowl: MixBowl,
		scale: Scale,
		nameOf: (part: BowlPart) => string
	) {
		this.#session = session;
		this.#nameOf = nameOf;
		this.bowl = bowl;
		this.scale = scale;
		this.#stops = [
			scale.onReading((reading) => {
				this.reading = reading;
				if (this.settling && reading.steady) this.#takeNow();
			}),
			scale.onLost(() => {
				// What was being taken is taken as it was last seen.
				if (this.settling) this.#takeNow();
				else if (this.state === 'on') this.carried += this.reading.grams;
				this.reading = { grams: 0, steady: true };
				this.state = 'off';
				this.problem = SCALE_WORDS.lost;
			})
		];
	}

	get step(): number {
		return this.#session.shelf?.scaleStep ?? 1;
	}
	/** What was written down of this bowl. */
	mixed: MixedBowl | undefined = $derived.by(() =>
		this.#session.visit.bowls.mixed.find(({ id }) => id === this.bowl.id)
	);
	weighings: readonly Weighing[] = $derived.by(() => {
		return this.bowl.parts.map((part): Weighing => {
			const written = this.mixed?.parts.find(({ key }) => key === part.key);
			const target = written?.target ?? part.amount;
			const poured = written?.grams ?? 0;
			return { part, target, poured, state: pourState({ target, poured }, this.step) };
		});
	});
	/** The part that is weighed now; nothing once all are in. */
	index: number | undefined = $derived.by(() => {
		if (this.#chosen !== undefined) return this.#chosen;
		const wanting = this.weighings.findIndex(({ state }) => state !== 'within' && state !== 'over');
		return wanting < 0 ? undefined : wanting;
	});
	now: Weighing | undefined = $derived.by(() =>
		this.index === undefined ? undefined : this.weighings[this.index]
	);
	/** Of the part that is weighed now, with what stands on the scale. */
	poured = $derived.by(() =>
		this.now ? this.now.poured + this.carried + (this.state === 'on' ? this.reading.grams : 0) : 0
	);
	pouring: PourState = $derived.by(() =>
		this.now ? pourState({ target: this.now.target, poured: this.poured }, this.step) : 'within'
	);
	/** What the parts would have to weigh so that the ratio holds again; nothing while nothing is over. */
	mended: readonly number[] | undefined = $derived.by(() => {
		const parts = this.weighings.map(({ target, poured, part }) => ({
			target,
			poured: part.kind === 'additive' ? 0 : poured
		}));
		if (!parts.some((part) => pourState(part, this.step) === 'over')) return undefined;
		return afterOverPour(parts, this.step);
	});
	total = $derived.by(() =>
		this.weighings.reduce(
			(sum, { poured, part }) => sum + (part.kind === 'additive' ? 0 : poured),
			0
		)
	);

	choose(index: number): void {
		this.carried = 0;
		this.#chosen = index;
	}

	async connect(): Promise<void> {
		this.problem = undefined;
		this.state = 'connecting';
		const answer = await this.scale.connect();
		this.state = answer.ok ? 'on' : 'off';
		if (!answer.ok && answer.problem !== 'uncalibrated') this.problem = SCALE_WORDS[answer.problem];
		this.reading = { grams: 0, steady: true };
	}

	/** Counts what stands on the scale as nothing. */
	tare(): void {
		const answer = this.scale.tare();
		if (!answer.ok) return;
		this.reading = { grams: 0, steady: true };
		this.carried = 0;
	}

	/**
	 * Writes down what was poured of the part that is weighed now, and goes on to the next: the reading that
	 * follows, once it is steady, because the one on the screen may be older than the last drop.
	 */
	take(): void {
		if (this.index !== undefined) this.settling = true;
	}

	#takeNow(): void {
		this.settling = false;
		const { index, poured } = this;
		if (index === undefined) return;
		this.#write(index, Math.max(0, poured));
		this.#chosen = undefined;
		this.carried = 0;
		if (this.state === 'on') this.tare();
	}

	/** Writes down what a scale without a plug says, or an additive that was counted out. */
	takeAmount(amount: number): void {
		const { index } = this;
		if (index === undefined) return;
		this.#write(index, amount);
		this.#chosen = undefined;
		this.carried = 0;
	}

	/** Brings the ratio back: the other parts follow the one that is over. */
	mend(): void {
		const { mended } = this;
		if (!mended) return;
		this.#put('mended the ratio', (_, i) => ({ target: mended[i]! }));
	}

	/** Leaves the bowl as it lies: what is in it counts as what it was to be. */
	keepAsItIs(): void {
		this.#put('kept the ratio', ({ poured, state, target }) => ({
			target: state === 'over' ? poured : target
		}));
	}

	/** Begins this bowl again. */
	empty(): void {
		this.#session.change('bowl weighed again', (draft) => pourAway(draft.bowls, this.bowl.id));
		this.carried = 0;
		this.#chosen = undefined;
		if (this.state === 'on') this.tare();
	}

	#write(index: number, grams: number): void {
		const name = this.#nameOf(this.weighings[index]!.part);
		this.#put(`weighed ${name}`, (_, i) =>
			i === index ? { poured: Math.round(grams * 100) / 100 } : {}
		);
	}

	#put(
		label: string,
		change: (weighing: Weighing, index: number) => { target?: number; poured?: number }
	): void {
		const parts = this.weighings.map((weighing, i) => {
			const { target = weighing.target, poured = weighing.poured } = change(weighing, i);
			const { part } = weighing;
			return { key: part.key, name: this.#nameOf(part), grams: poured, target };
		});
		const { id, kind, step, number, volume, ratio, sections, part, place } = this.bowl;
		const done = parts.every(({ grams, target }) =>
			['within', 'over'].includes(pourState({ target, poured: grams }, this.step))
		);
		const mixed: MixedBowl = {
			id,
			kind,
			...(step ? { step: step.id } : {}),
			number,
			at: this.#session.now().toISOString(),
			volume,
			ratio,
			sections: [...sections],
			...(part === undefined ? {} : { part }),
			...(place === undefined ? {} : { place }),
			parts,
			done
		};
		const planned = this.#session.bowls.sections.map(({ section }) => section);
		this.#session.change(label, (draft) => keepWeighed(draft.bowls, planned, mixed));
	}

	async close(): Promise<void> {
		for (const stop of this.#stops) stop();
		await this.scale.disconnect();
	}
}
