import { addDyes, type WashHabit } from '../core/tone';
import { namedHair } from '../model/head/hair';
import { ADDED_HAIR, reachOf } from '../model/day/placed';
import { rawOf } from '../model/visit/tone';
import type { Aim, PlacedToner, ShelfLine, TonePlan } from '../schema/records';
import { WHITE_FIBRE, type AreaName, type Fibre } from '../core/lift';
import type { HairView } from './hairView.svelte';
import type { StretchToner } from './tonedStrand.svelte';
import type { Searches } from './searches';
import { TonerView, type HairToTone, type TonerSource } from './tonerView.svelte';

/** What a toner on some of the hair rests on. */
export interface PlacedSource {
	readonly visit: { readonly tone: TonePlan };
	/** Toners that are off, with the minutes that they lay. */
	readonly day: { readonly tone: TonePlan };
	readonly lines: readonly ShelfLine[];
	readonly habit: WashHabit;
	readonly head: HairView;
	hairOf(area: AreaName | undefined): HairView;
}

/** Areas whose hair stands for a place across the head. */
const AREA_OF = { faceFrame: 'hairline', panel: 'nape' } as const;

/** One toner on some of the hair: what it finds there, and everything that is told of a toner. */
export class PlacedTonerView implements TonerSource {
	readonly #source: PlacedSource;
	readonly #first: PlacedToner;
	readonly toner: TonerView;

	/** @param first as it stands in the record; it is shown as it was last while it is taken away */
	constructor(source: PlacedSource, first: PlacedToner, lane: string, searches: Searches) {
		this.#source = source;
		this.#first = first;
		this.toner = new TonerView(this, lane, searches);
	}

	get id(): string {
		return this.#first.id;
	}
	mix: PlacedToner = $derived.by(
		() => this.#source.day.tone.placed?.find(({ id }) => id === this.id) ?? this.#first
	);
	get filler(): TonePlan['filler'] {
		// It went on the lengths alone.
		return this.reach ? this.#source.day.tone.filler : undefined;
	}
	get lines(): readonly ShelfLine[] {
		return this.#source.lines;
	}
	get damp(): boolean {
		return this.#source.visit.tone.damp === true;
	}
	get habit(): WashHabit {
		return this.#source.habit;
	}
	line: ShelfLine | undefined = $derived.by(() => {
		const { lines } = this.#source;
		return lines.find(({ id }) => id === this.mix.lineId) ?? lines[0];
	});
	/** Where along the strand it goes, if it does. */
	reach = $derived.by(() => reachOf(this.mix));
	#aim: Aim = $derived.by(() => ({ ...this.#source.head.strandAim, ...this.mix.aim }));
	hair: HairToTone = $derived.by(() => this.#found());

	#found(): HairToTone {
		const { head } = this.#source;
		const { place, start } = this.mix;
		const { reading } = head;
		const aim = this.#aim;
		const bare = (fibre: Fibre): HairToTone => ({
			raw: rawOf({ fibre }, { whiteShare: 0 }),
			fibre,
			porosity: head.porosityToTone(head.zone),
			reading,
			aim,
			condition: head.conditionBefore,
			doseToday: 0,
			porous: false
		});
		switch (place) {
			case 'root':
			case 'middle':
			case 'ends':
				return { ...head.hair, ...(this.reach ? head.lightestOf(this.reach) : {}), aim };
			case 'faceFrame':
			case 'panel':
				return { ...this.#source.hairOf(AREA_OF[place]).hair, aim };
			case 'dropouts':
				return { ...bare(head.leftOut), raw: rawOf({ fibre: head.leftOut }, reading) };
			case 'whiteHair':
				return bare(WHITE_FIBRE);
			case 'addedHair': {
				const { level, undertone } = start ?? ADDED_HAIR;
				const { fibre, named } = namedHair(reading, level, undertone);
				return {
					...bare(fibre),
					raw: rawOf({ fibre, named }, { whiteShare: 0 }),
					// It was lightened to the end, and takes in at once.
					porosity: 'high',
					porous: true
				};
			}
			case 'glaze': {
				const { toner, hair } = head;
				const { dyes, dyesOnWhite } = toner.toned;
				const { filled } = toner;
				return {
					...hair,
					aim,
					raw: {
						...filled,
						dye: addDyes(filled.dye ?? {}, dyes),
						dyeOnWhite: addDyes(filled.dyeOnWhite ?? filled.dye ?? {}, dyesOnWhite)
					}
				};
			}
		}
	}

	/** As the strand is drawn with it. */
	get stretch(): StretchToner | undefined {
		const { reach, toner } = this;
		return reach && { reach, toner };
	}
}
