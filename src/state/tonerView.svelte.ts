import type { Lab } from '../core/colour';
import type { Porosity } from '../core/hair';
import type { Fibre } from '../core/lift';
import {
	bowlFaults,
	contributions,
	fadeByWeek,
	faultsOf,
	harshness,
	overToned,
	rawLab,
	toneCourse,
	type BowlFault,
	type Contribution,
	type DyeAmounts,
	type FadedWeek,
	type RawHair,
	type ToneMoment,
	type ToneWarning,
	type WashHabit
} from '../core/tone';
import type { TonerAnswer } from '../core/toner';
import type { Aim, ChosenPart, Reading, ShelfLine, TonePlan, TonerMix } from '../schema/records';
import { corePart } from '../model/day/parts';
import {
	aimLab,
	conditionsOf,
	dyesAfter,
	filledHair,
	mixedFrom,
	previewChoice,
	rawOf,
	recordParts,
	toneQuestion,
	type ToneSearchQuestion
} from '../model/visit/tone';
import { Search } from './search.svelte';
import type { Searches } from './searches';

/** How long a toner is watched as it ages, weeks. */
export const AGES_FOR_WEEKS = 12;
/** A toner that stays above this is not too deep, levels under the aim. */
export const DEEPER_THAN_AIM = 0.3;
/** How far past its time a toner is watched, minutes. */
export const LEFT_LONGER_MINUTES = 15;

/** The moment from which a toner goes too far for an aim, with what it overdoes; nothing where it never does. */
export function pastItsTime(course: readonly ToneMoment[], { level }: Aim): ToneMoment | undefined {
	const wanted = level - DEEPER_THAN_AIM;
	const moment = overToned(course, wanted);
	return moment && { ...moment, warnings: faultsOf(moment, wanted) };
}

/** How a formula is mixed and left, where that is not as it is set. */
interface MixedAs {
	readonly ratio?: number | undefined;
	readonly minutes?: number | undefined;
}

/** The hair that a toner goes on, as the day leaves it. */
export interface HairToTone {
	readonly raw: RawHair;
	/** Its pigmented fibres: where more lift would start from. */
	readonly fibre: Fibre;
	readonly porosity: Porosity;
	readonly reading: Reading;
	readonly aim: Aim;
	readonly condition: number;
	readonly doseToday: number;
	/** Some of it is porous. */
	readonly porous: boolean;
}

/** What a view of one toner rests on. */
export interface TonerSource {
	/** What is mixed, and how it is left. */
	readonly mix: TonerMix;
	/** What goes on before it. */
	readonly filler: TonePlan['filler'];
	/** On damp hair. */
	readonly damp: boolean;
	readonly line: ShelfLine | undefined;
	/** All lines of colour on the shelf. */
	readonly lines: readonly ShelfLine[];
	readonly hair: HairToTone;
	readonly habit: WashHabit;
}

/**
 * Everything the core says of one toner on the hair that it goes on. Each answer is worked out when it is asked
 * for, and again only when what it rests on has changed.
 */
export class TonerView {
	readonly #source: TonerSource;
	/**
	 * The search is the one answer too slow for every frame of a drag: its last formulas are previewed on the
	 * hair as it is now.
	 */
	readonly search: Search<'findToner', ToneSearchQuestion>;

	/** The same on a line that asks less of the hair. */
	readonly softerSearch: Search<'findToner', ToneSearchQuestion>;

	/** @param searches the door to the worker, or whoever answers on the spot */
	constructor(source: TonerSource, lane: string, searches: Searches) {
		this.#source = source;
		this.search = new Search(searches, 'findToner', lane, () => this.#question);
		this.softerSearch = new Search(
			searches,
			'findToner',
			`${lane} softer`,
			() => this.#softerQuestion
		);
	}

	mix: TonerMix = $derived.by(() => this.#source.mix);
	get line(): ShelfLine | undefined {
		return this.#source.line;
	}
	/** Developer that it is mixed with, volumes; 0 where nothing develops it. */
	volume: number | undefined = $derived.by(
		() => this.line && mixedFrom(this.line, this.mix).developerVolume
	);
	get hair(): HairToTone {
		return this.#source.hair;
	}
	get aim(): Aim {
		return this.hair.aim;
	}
	#filler = $derived.by(() => this.#source.filler);
	conditions = $derived.by(() => {
		const { reading, porosity, condition, doseToday } = this.hair;
		const vehicle = this.line?.vehicle ?? this.mix.vehicle;
		const { damp } = this.#source;
		return {
			...conditionsOf({ ...this.mix, vehicle, developerVolume: this.volume }, reading, porosity, {
				condition,
				doseToday
			}),
			...(damp ? { damp } : {})
		};
	});
	/** The hair as it finds it: with its filler on, where it gets one. */
	filled = $derived.by(() => filledHair(this.hair.raw, this.#filler, this.conditions));
	/** The colour that it finds. */
	bareLab: Lab = $derived.by(() => rawLab(this.filled));
	target: Lab = $derived.by(() => aimLab(this.aim, this.filled));
	#question = $derived.by(() => {
		const { line, aim, filled, conditions } = this;
		const { fibre, reading } = this.hair;
		const { totalGrams } = this.mix;
		return line && toneQuestion(line, aim, filled, fibre, conditions, totalGrams, reading);
	});
	/** The line that asks least of the hair, direct colour last: it is for tones that are to be seen as such. */
	#softerLine: ShelfLine | undefined = $derived.by(() => {
		const own = harshness(this.line?.vehicle ?? this.mix.vehicle);
		const softer = this.#source.lines.filter(({ vehicle }) => harshness(vehicle) < own);
		const order = softer.toSorted((p, q) => harshness(p.vehicle) - harshness(q.vehicle));
		return order.find(({ vehicle }) => vehicle !== 'direct') ?? order[0];
	});
	#softerQuestion = $derived.by(() => {
		const line = this.#softerLine;
		const { aim, filled, conditions } = this;
		const { fibre, reading } = this.hair;
		if (!line) return undefined;
		const { vehicle, ratio, minutes, developerVolume } = line;
		const as = { ...conditions, vehicle, ratio, minutes, developerVolume };
		return toneQuestion(line, aim, filled, fibre, as, this.mix.totalGrams, reading);
	});
	/** The best formula of a line that asks less of the hair. */
	softer = $derived.by(() => {
		const line = this.#softerLine;
		const { finding } = this.softerSearch;
		const formula = finding?.answer.formulas.find(({ parts }) => parts.length > 0);
		return line && formula && finding?.question.lineId === line.id ? { line, formula } : undefined;
	});
	/** What was found on the line in use; what was found on another is no answer. */
	found: TonerAnswer | undefined = $derived.by(() => {
		const { finding } = this.search;
		return finding?.question.lineId === this.line?.id ? finding?.answer : undefined;
	});
	/** The parts on which the toned strands stand: the choice, or the best formula while it is open. */
	parts: readonly ChosenPart[] = $derived.by(() => {
		const { choice, parts } = this.mix;
		if (choice === 'none') return [];
		if (choice === 'formula') return parts;
		const best = this.found?.formulas[0];
		return best && this.line ? recordParts(best, this.line) : [];
	});
	/** Whether going without it is the choice, or the suggestion. */
	none: boolean = $derived.by(() => {
		const { choice } = this.mix;
		if (choice !== 'open') return choice === 'none';
		const best = this.found?.formulas[0];
		return best !== undefined && best.parts.length === 0;
	});
	/** What it makes of the hair: the colour as the eye mixes it, the level of the pigmented hair. */
	toned = $derived.by(() => this.with(this.parts));
	/** The same with another formula, in its own ratio and minutes where it has some. */
	with(parts: readonly ChosenPart[], mixed: MixedAs = {}) {
		const { filled, target, conditions: set } = this;
		const { ratio, minutes } = set;
		const conditions = {
			...set,
			minutes: mixed.minutes ?? minutes,
			ratio: set.vehicle === 'direct' ? ratio : (mixed.ratio ?? ratio)
		};
		const preview = (hair: RawHair) => previewChoice(parts, hair, conditions, target);
		return { ...preview(filled), level: preview({ ...filled, whiteShare: 0 }).level };
	}
	/** What each of its parts lays down on this hair. */
	contributions: readonly Contribution[] = $derived.by(() =>
		contributions(this.parts.map(corePart), this.filled.pigment, this.conditions)
	);
	/** Other hair of this head under it, as it would be if it were toned now. */
	on(fibre: Fibre, condition: number): { readonly level: number; readonly lab: Lab } {
		const conditions = { ...this.conditions, condition };
		const raw = filledHair(rawOf({ fibre }, this.hair.reading), this.#filler, conditions);
		const preview = (hair: RawHair) => previewChoice(this.parts, hair, conditions, this.target);
		return { lab: preview(raw).lab, level: preview({ ...raw, whiteShare: 0 }).level };
	}
	/** The same without what is white among it. */
	withoutWhite(fibre: Fibre): { readonly level: number; readonly lab: Lab } {
		const raw = filledHair(rawOf({ fibre }, { whiteShare: 0 }), this.#filler, this.conditions);
		return previewChoice(this.parts, raw, this.conditions, this.target);
	}
	/** The hair week by week at this client's washes, the day itself first. */
	weeks: readonly FadedWeek[] = $derived.by(() => {
		const { filled, conditions } = this;
		const { habit } = this.#source;
		const parts = this.parts.map(corePart);
		const of = (hair: RawHair) => fadeByWeek(hair, parts, conditions, habit, AGES_FOR_WEEKS);
		const pigmented = of({ ...filled, whiteShare: 0 });
		return of(filled).map((week, i) => ({ ...week, level: pigmented[i]!.level }));
	});
	/** Level of other hair of this head under it, some weeks on; of what is pigmented of it. */
	levelAfter(weeks: number, fibre: Fibre): number {
		const { conditions, parts } = this;
		const { habit } = this.#source;
		const hair = filledHair(rawOf({ fibre }, { whiteShare: 0 }), this.#filler, conditions);
		return fadeByWeek(hair, parts.map(corePart), conditions, habit, weeks).at(-1)!.level;
	}
	/** Minute by minute, past its time too. */
	course: readonly ToneMoment[] = $derived.by(() =>
		toneCourse(
			this.filled,
			this.parts.map(corePart),
			this.conditions,
			this.mix.minutes + LEFT_LONGER_MINUTES
		)
	);
	/** The moment from which it goes too far, where it does; a depth that is asked for does not. */
	get tooLate(): ToneMoment | undefined {
		return pastItsTime(this.course, this.aim);
	}
	/** What is wrong with the mixture for this head, before it shows on the hair. */
	bowlFaults: readonly BowlFault[] = $derived.by(() => {
		const { raw, porous } = this.hair;
		return bowlFaults(this.parts.map(corePart), this.conditions, { raw, porous });
	});
	/** What it overdoes in its own time. */
	get faults(): readonly ToneWarning[] {
		return faultsOf(this.toned, this.aim.level - DEEPER_THAN_AIM);
	}
	/** The dye that it leaves on pigment, after a number of washes. */
	dyesAfter = (washes: number) => dyesAfter(this.parts, this.conditions, washes);
	/** The dye that its filler leaves on pigment. */
	fillerDyes = (pigment: RawHair['pigment']): DyeAmounts => {
		const filler = this.#filler;
		if (!filler) return {};
		const conditions = { ...this.conditions, minutes: filler.minutes };
		return dyesAfter(filler.parts, conditions, 0)(pigment);
	};
}
