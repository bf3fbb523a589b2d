import { describeTone, LEAST_SEEN_STEP } from '../core/hair';
import { levelOfFibre, type AreaName } from '../core/lift';
import {
	aftercareOf,
	freshenWeek,
	regrowthShows,
	whenBack,
	type Aftercare,
	type WhenBack
} from '../core/plan';
import type { SurpriseAnswer } from '../core/learn';
import {
	plannedOf,
	seenAt,
	type EndPlace,
	type ExpectedEnd,
	type ExpectedPlaces,
	type Foreseen,
	type PlannedDay,
	type SeenPlace
} from '../model/commands/result';
import { goesOn } from '../model/day/steps';
import { levelsSeen } from '../model/day/seen';
import { visitSurprise } from '../model/visit/surprise';
import { backDates, type BackDate } from '../model/visit/backDates';
import type { Day } from '../model/time';
import type { ZoneName } from '../schema/records';
import type { HairView } from './hairView.svelte';
import type { TonerView } from './tonerView.svelte';
import { isSearching } from './allFound.svelte';
import { endExpected } from './endExpected';
import { steady } from './steady';
import type { VisitState } from './visitState.svelte';

/** Some of the hair as it goes home: what was expected of it, and what was seen. */
export interface EndRow {
	readonly key: string;
	readonly place: EndPlace;
	readonly zone?: ZoneName;
	readonly areas?: readonly AreaName[];
	/** It is the hair that the figures speak of. */
	readonly isMain: boolean;
	readonly expected: ExpectedEnd & { readonly word: string };
	/** Bare level that somebody saw, at a check or off and dry. */
	readonly bare: number | undefined;
	/** Nothing where nobody looked at the end. */
	readonly seen: SeenPlace | undefined;
	/** Minutes that were planned for it; nothing where nothing went on it. */
	readonly minutes: number | undefined;
}

/** The end of a visit: what came of it place by place, why, and when to come back. */
export class SendOffView {
	readonly #session: VisitState;

	constructor(session: VisitState) {
		this.#session = session;
	}

	#levels = $derived.by(() => levelsSeen(this.#session.visit.run));

	/** Zones of the head, scalp first, then areas that are not as the rest. */
	rows: readonly EndRow[] = $derived.by(() => {
		const { head, groups } = this.#session;
		const zones = head.zones.filter(({ name }) => head.taken[name]);
		const apart = groups.flatMap(({ area, areas }) =>
			area === undefined ? [] : [{ area, areas }]
		);
		return [
			...zones.map(({ name }) => this.#zoneRow(head, name)),
			...apart.map(({ area, areas }) => this.#areaRow(area, areas))
		];
	});

	/** What is expected is still being found out, and no record holds it: nothing can be told from it yet. */
	get awaited(): boolean {
		return this.#session.visit.result.expected === undefined && isSearching(this.#session);
	}

	/** What was expected of the hair that the figures speak of. */
	get end(): ExpectedEnd {
		return endExpected(this.#session);
	}

	#zoneRow(head: HairView, zone: ZoneName): EndRow {
		const { result } = this.#session.visit;
		const { plan } = head;
		const delay = plan.delays[zone];
		const isMain = zone === head.zone.name;
		const row: EndRow = {
			key: zone,
			place: { zone },
			zone,
			isMain,
			expected: {
				...this.#expectedOf(head, zone),
				...(isMain ? this.end : result.expected?.zones?.[zone])
			},
			bare: this.#levels.findLast((seen) => seen.zone === zone)?.level,
			seen: seenAt(result, { zone }),
			minutes: plan.covers[zone] && goesOn(plan) ? plan.minutes - delay : undefined
		};
		// What is known of the head's own figure is known of the hair that it speaks of.
		const { level, tone, unsure } = result;
		if (!isMain || row.seen?.level !== undefined || level === undefined || unsure) return row;
		return { ...row, seen: { ...row.seen, level, ...(tone ? { tone } : {}) } };
	}

	#expectedOf(hair: HairView, name: ZoneName): EndRow['expected'] {
		const zone = hair.zones.find((each) => each.name === name)!;
		if (name === hair.zone.name) {
			const { level, lab } = hair.finished;
			return { toned: level, lifted: hair.rawLevel, word: describeTone(lab, 'toned') };
		}
		const left = hair.leftOn(zone);
		const toned = this.#tonerOn(hair, name).withoutWhite(left);
		return {
			lifted: levelOfFibre(left),
			toned: toned.level,
			word: describeTone(toned.lab, 'toned')
		};
	}

	/** The toner that ends up on a zone: one of its own place, or else the one for the rest. */
	#tonerOn(hair: HairView, zone: ZoneName): TonerView {
		const own = this.#session.placed.find(
			({ mix: { place, choice } }) => place === PLACE_OF[zone] && choice !== 'none'
		);
		return (hair === this.#session.head && own?.toner) || hair.toner;
	}

	#areaRow(area: AreaName, areas: readonly AreaName[]): EndRow {
		const hair = this.#session.hairOf(area);
		const { result } = this.#session.visit;
		const { plan } = hair;
		return {
			key: area,
			place: { area },
			areas,
			isMain: false,
			expected: { ...this.#expectedOf(hair, hair.zone.name), ...result.expected?.areas?.[area] },
			bare: undefined,
			seen: seenAt(result, { area }),
			minutes: goesOn(plan) ? plan.minutes : undefined
		};
	}

	/** What the visit was to take: as it was planned when it began, and until then as it is planned now. */
	get planned(): PlannedDay {
		return this.#session.visit.result.planned ?? plannedOf(this.#session.work);
	}

	/** What is expected of the head, of each zone and of areas apart, and what it is to take, as the record keeps it. */
	get foreseen(): Foreseen {
		const { head } = this.#session;
		const { finished, rawLevel, zone } = head;
		return {
			expected: {
				toned: finished.level,
				lifted: rawLevel,
				...(this.#session.lightens ? { predicted: head.foreseenOn(zone) } : {}),
				...this.#expectedPlaces
			},
			planned: this.planned
		};
	}
	get #expectedPlaces(): ExpectedPlaces {
		return {
			zones: Object.fromEntries(
				this.rows.flatMap(({ zone, expected }) => (zone ? [[zone, expected]] : []))
			),
			areas: Object.fromEntries(
				this.rows.flatMap(({ areas, key, expected }) => (areas ? [[key, expected]] : []))
			)
		};
	}

	/** Why it went otherwise than expected; nothing where nobody looked. */
	surprise: SurpriseAnswer | undefined = $derived.by(
		steady(() => visitSurprise(this.#session.visit, this.#session.learned))
	);

	/** Week in which half of the toner is gone; nothing where it lasts longer than anybody waits. */
	fadesBy: number | undefined = $derived.by(() => {
		const { toner } = this.#session.head;
		if (toner.none || toner.parts.length === 0) return undefined;
		return freshenWeek(toner.weeks);
	});

	/** When to come back, by technique, growth and fade together. */
	back = $derived.by(() => {
		const { head, visit } = this.#session;
		const { naturalLevel, growthCmPerMonth } = head.reading;
		const scalp = head.rawFibres[0]!;
		const step = levelOfFibre(scalp) - naturalLevel;
		const shadow = this.#session.placed.find(({ mix }) => mix.place === 'root');
		const toner = shadow?.toner ?? head.toner;
		return whenBack({
			kind: visit.aim.kind,
			growthCmPerMonth,
			showsFrom:
				step < LEAST_SEEN_STEP
					? undefined
					: regrowthShows((week) => toner.levelAfter(week, scalp) - naturalLevel, growthCmPerMonth),
			fadesBy: this.fadesBy,
			fromTheSkin: head.onScalp
		});
	});

	/** What was agreed with the person; until then what is right for this hair. */
	get agreed(): WhenBack {
		const { returnWeeks } = this.#session.visit.result;
		return returnWeeks === undefined
			? this.back
			: { ...this.back, from: returnWeeks, to: returnWeeks };
	}

	/** The days of it: a gloss, a patch test, the next visit. @param counted the day from which weeks are counted */
	dates(counted: Day = this.#session.visit.date): BackDate[] {
		return backDates(this.agreed, counted, this.#session.client);
	}

	/** What the client is told, for exactly this hair. */
	aftercare: readonly Aftercare[] = $derived.by(
		steady(() => {
			const { head, visit, habit, placed } = this.#session;
			const toned = head.toner.none ? placed[0]?.mix.vehicle : visit.tone.vehicle;
			return aftercareOf({
				heatHabit: head.reading.strain.heatHabit,
				swims: head.reading.history.some(({ kind }) => kind === 'swimming'),
				undertone: head.rawUndertone.name,
				rawLevel: head.rawLevel,
				condition: head.lift.condition,
				toned,
				habit,
				onScalp: head.onScalp
			});
		})
	);
}

/** Where a toner of its own goes that is laid on a zone. */
const PLACE_OF = { root: 'root', lengths: 'middle', ends: 'ends' } as const;
