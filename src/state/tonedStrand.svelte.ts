import type { StrandColours } from '../core/colour';
import type { Fibre } from '../core/lift';
import {
	addDyes,
	laidAtHome,
	meltShares,
	weeksWorn,
	type RawHair,
	type Reaching,
	type WashHabit
} from '../core/tone';
import { tonedColours, zoneAt, type StrandPoint, type ZoneStart } from '../model/head/hair';
import { FADE_WEEKS } from '../model/visit/aimStrands';
import type { LightsResult } from '../model/visit/oldLights';
import type { LiftPlan, Reading } from '../schema/records';
import type { TonerView } from './tonerView.svelte';

/** A toner that goes on a stretch of the strand alone, from one end of it. */
export interface StretchToner {
	readonly reach: Reaching;
	readonly toner: TonerView;
}

/** The strand that colour is laid over. */
interface BareStrand {
	readonly reading: Reading;
	readonly zones: readonly ZoneStart[];
	readonly points: readonly StrandPoint[];
	/** Zones that the service takes in. */
	readonly taken: LiftPlan['covers'];
	readonly rawFibres: readonly Fibre[];
	readonly rawColours: StrandColours;
	/** Its white fibres, where a tint of the day lies on them. */
	readonly whites: readonly Fibre[] | undefined;
	readonly lights: readonly LightsResult[];
	/** The toner for the hair that no other is mixed for. */
	readonly toner: TonerView;
	withOldLights(
		colours: StrandColours,
		dyesOn: (pigment: Fibre | RawHair['pigment'], point: number) => ReturnType<typeof addDyes>,
		lights: readonly LightsResult[]
	): StrandColours;
}

/** What lies on it beside that toner, and how it is lived with at home. */
interface Worn {
	readonly habit: WashHabit;
	readonly stretches: readonly StretchToner[];
	/** What goes over all of it at the end. */
	readonly glazes: readonly TonerView[];
}

/** A strand under its toners, week by week. */
export class TonedStrand {
	readonly #hair: BareStrand;
	readonly #worn: () => Worn;

	constructor(hair: BareStrand, worn: () => Worn) {
		this.#hair = hair;
		this.#worn = worn;
	}

	/** With its filler alone. */
	filled: StrandColours = $derived.by(() => {
		const { rawFibres, toner, reading, whites } = this.#hair;
		return tonedColours(rawFibres, toner.fillerDyes, reading.whiteShare, whites);
	});
	toned: StrandColours = $derived.by(() => this.after(0));
	/** When the toner has mostly gone. */
	faded: StrandColours = $derived.by(() => this.after(FADE_WEEKS));

	/** What was mixed for a place of the strand, each with its share of it; the toner for the rest last. */
	#tonersAt = $derived.by(() => {
		const { stretches } = this.#worn();
		const { reading, toner: rest } = this.#hair;
		const toners = [...stretches.map(({ toner }) => toner), rest];
		const reaches = stretches.map(({ reach }) => reach);
		return (cm: number) =>
			meltShares(cm, reading.lengthCm, reaches).flatMap((share, i) =>
				share > 0 ? [{ share, toner: toners[i]! }] : []
			);
	});
	/** Whether most of a zone gets a toner of its own. */
	isTonedApart({ fromCm, toCm }: ZoneStart): boolean {
		const rest = this.#tonersAt((fromCm + toCm) / 2).find(
			({ toner }) => toner === this.#hair.toner
		);
		return (rest?.share ?? 0) < 0.5;
	}

	/** Some weeks after the visit, at this client's washes; what has grown since is not on it. */
	after(weeks: number): StrandColours {
		const { toner: rest, points, zones, rawFibres, taken, reading, whites, lights } = this.#hair;
		const { habit, glazes, stretches } = this.#worn();
		const washes = weeksWorn(habit, weeks) * habit.washesPerWeek;
		const home = laidAtHome(habit, weeks, rest.conditions.porosity);
		const filler = rest.fillerDyes;
		const over = glazes.map((glaze) => glaze.dyesAfter(washes));
		const dyesOf = new Map(
			[rest, ...stretches.map(({ toner }) => toner)].map(
				(toner) => [toner, toner.dyesAfter(washes)] as const
			)
		);
		const at = points.map(({ distanceCm }) => ({
			zone: zoneAt(zones, distanceCm).name,
			toners: this.#tonersAt(distanceCm)
		}));
		const dyes = (pigment: Fibre | RawHair['pigment'], point: number) => {
			const laid = at[point]!.toners.reduce(
				(sum, { share, toner }) => addDyes(sum, dyesOf.get(toner)!(pigment), share),
				addDyes(filler(pigment), home)
			);
			return over.reduce((sum, glaze) => addDyes(sum, glaze(pigment)), laid);
		};
		const toned = tonedColours(rawFibres, dyes, reading.whiteShare, whites);
		const bare = this.#hair.rawColours;
		// A toner goes only where the service goes: hair that is left out keeps its own colour.
		const isTaken = (point: number) => taken[at[point]!.zone];
		return this.#hair.withOldLights(
			{ ...toned, hair: toned.hair.map((rgb, i) => (isTaken(i) ? rgb : bare.hair[i]!)) },
			(pigment, point) => (isTaken(point) ? dyes(pigment, point) : {}),
			lights
		);
	}
}
