import { levelOfFibre, type Fibre } from '../core/lift';
import { mixtureGrams, workMinutes, type Coverage } from '../core/mix';
import { warmthKept } from '../core/tone';
import type { ClockAside } from '../core/work';
import type { Searches } from './searches';
import type { ChosenPart, Shelf, ShelfLine, Visit } from '../schema/records';
import { Search } from './search.svelte';
import type { HairView } from './hairView.svelte';
import {
	developerGramsOf,
	conditionsOf,
	rawOf,
	recordParts,
	toneQuestion
} from '../model/visit/tone';

/** What the lowlights of a visit rest on. */
export interface LowlightSource {
	readonly visit: Visit;
	readonly shelf: Shelf | undefined;
	readonly head: HairView;
}

/** The bowl for the lowlights. */
export interface LowlightBowl {
	readonly line: ShelfLine;
	readonly foils: number;
	readonly parts: readonly ChosenPart[];
	readonly developerGrams: number;
	readonly aside: ClockAside;
}

/** Shades are looked for on lines that deposit without lifting, the longest lasting first. */
const LINES = ['demi', 'gloss', 'permanent'] as const;

/** Depth put back between the light strands: how many foils, which formula, how long. */
export class Lowlights {
	readonly #source: LowlightSource;
	readonly #search: Search<'findToner'>;

	/** @param searches the door to the worker, or whoever answers on the spot */
	constructor(source: LowlightSource, lane: string, searches: Searches) {
		this.#source = source;
		this.#search = new Search(searches, 'findToner', lane, () => this.#question);
	}

	#aim = $derived.by(() => this.#source.visit.aim.lowlights);
	#bowls = $derived.by(() => this.#source.visit.bowls);
	line: ShelfLine | undefined = $derived.by(() => {
		const lines = this.#source.shelf?.lines ?? [];
		for (const vehicle of LINES) {
			const line = lines.find((each) => each.vehicle === vehicle);
			if (line) return line;
		}
		return undefined;
	});
	/**
	 * The hair they go on: colour only darkens, so what is lighter than the lowlights already, or else what
	 * the lift makes so.
	 */
	#onto: Fibre | undefined = $derived.by(() => {
		const { head } = this.#source;
		if (!this.#aim) return undefined;
		const present = head.zone.fibre;
		return levelOfFibre(present) > this.#aim.level + LIGHTER ? present : head.lift.fibre;
	});
	#coverage: Coverage | undefined = $derived.by(() => {
		const { head, visit } = this.#source;
		if (!this.#aim || this.#aim.share <= 0) return undefined;
		const { density, texture, lengthCm, haircut } = head.reading;
		return {
			technique: 'foils',
			foils: Math.max(1, Math.round(this.#bowls.foils * this.#aim.share)),
			density,
			texture,
			section: visit.lift.section,
			coveredCm: lengthCm,
			layers: haircut.layers,
			picking: this.#bowls.picking
		};
	});
	#question = $derived.by(() => {
		const { line } = this;
		const { head } = this.#source;
		const aim = this.#aim;
		if (!line || !aim || !this.#onto || !this.#coverage) return undefined;
		const raw = rawOf({ fibre: this.#onto }, head.reading);
		const conditions = conditionsOf(
			{ vehicle: line.vehicle, ratio: line.ratio, minutes: line.minutes },
			head.reading,
			head.zone.porosity,
			// Lowlights go on hair that was kept out of the lightener.
			{ condition: head.conditionBefore }
		);
		const grams = Math.max(1, Math.ceil(mixtureGrams(this.#coverage) / (1 + line.ratio)));
		const wish = {
			...head.aim,
			level: aim.level,
			direction: aim.direction,
			keepWarmth: warmthKept(aim.direction)
		};
		const { problem, fibre } = toneQuestion(
			line,
			wish,
			raw,
			this.#onto,
			conditions,
			grams,
			head.reading
		);
		return { problem, fibre };
	});
	/** Minutes they take at the chair; nothing where none are asked for. */
	aside: ClockAside | undefined = $derived.by(() =>
		this.#coverage && this.line
			? {
					applyMinutes: workMinutes(this.#coverage) / this.#bowls.hands,
					minutes: this.line.minutes
				}
			: undefined
	);
	/** Whether its formula is still on its way. */
	get searching(): boolean {
		return this.#search.searching;
	}
	/** The bowl, once its formula is found. */
	bowl: LowlightBowl | undefined = $derived.by(() => {
		const { line, aside } = this;
		const formula = this.#search.found?.formulas[0];
		if (!line || !aside || !formula || !this.#coverage || this.#coverage.technique !== 'foils') {
			return undefined;
		}
		const parts = recordParts(formula, line);
		return {
			line,
			aside,
			parts,
			foils: this.#coverage.foils,
			developerGrams: developerGramsOf(parts, line, line.ratio, this.#source.shelf?.scaleStep)
		};
	});
}

/** Nearer than this the hair is dark enough already, levels. */
const LIGHTER = 0.25;
