import { describeTone } from '../core/hair';
import type { WashHabit } from '../core/tone';
import { layMinutes, strandHair } from '../model/bench/strands';
import { plainAim } from '../model/commands/newVisit';
import { uniform } from '../model/head/hair';
import type { Aim, BenchStrand, Shelf, ShelfLine, Trial } from '../schema/records';
import type { Searches } from './searches';
import { TonerView, type HairToTone, type TonerSource } from './tonerView.svelte';

/** What a strand on the bench rests on. */
export interface BenchSource {
	readonly trial: Trial;
	readonly shelf: Shelf | undefined;
}

/** Loose hair is washed as its owner would; a strand is thrown away before that matters. */
const HABIT: WashHabit = { washesPerWeek: 2, water: 'soft' };

/** One strand on the bench: what it is, what its bowl makes of it, and how far that has got. */
export class BenchStrandView implements TonerSource {
	readonly #source: BenchSource;
	readonly #first: BenchStrand;
	readonly toner: TonerView;

	/** @param first as it stands in the record; it is shown as it was last while it is taken away */
	constructor(source: BenchSource, first: BenchStrand, lane: string, searches: Searches) {
		this.#source = source;
		this.#first = first;
		this.toner = new TonerView(this, lane, searches);
	}

	get id(): string {
		return this.#first.id;
	}
	strand: BenchStrand = $derived.by(
		() => this.#source.trial.strands.find(({ id }) => id === this.id) ?? this.#first
	);
	get mix() {
		return this.strand.mix;
	}
	readonly filler = undefined;
	readonly damp = false;
	readonly habit = HABIT;
	get lines(): readonly ShelfLine[] {
		return this.#source.shelf?.lines ?? [];
	}
	line: ShelfLine | undefined = $derived.by(
		() => this.lines.find(({ id }) => id === this.mix.lineId) ?? this.lines[0]
	);
	#aim: Aim = $derived.by(() => ({ ...plainAim(), ...this.#source.trial.aim }));
	hair: HairToTone = $derived.by(() => {
		const { porosity } = this.strand;
		return {
			...strandHair(this.strand),
			porosity,
			aim: this.#aim,
			porous: porosity === 'high'
		};
	});
	/** Something is mixed for it. */
	get isMixed(): boolean {
		return this.mix.parts.length > 0;
	}
	/** How long it lies: once it is off, as long as it did. */
	minutes: number = $derived.by(() => layMinutes(this.strand));
	/** What it will be once its time is over. */
	expected = $derived.by(() => {
		const { toner, minutes } = this;
		const { lab, level } =
			minutes === this.mix.minutes ? toner.toned : toner.with(toner.parts, { minutes });
		return { lab, level, word: describeTone(lab, 'toned') };
	});
	/** As it is drawn: before, and once its time is over. */
	startColours = $derived.by(() => uniform(this.toner.bareLab));
	endColours = $derived.by(() => uniform(this.expected.lab));
	/** As it should be after some minutes on it. */
	coloursAt(minutes: number) {
		const { course } = this.toner;
		const moment = course.findLast((each) => each.minute <= minutes) ?? course[0];
		return moment ? uniform(moment.lab) : this.startColours;
	}
}
