import { levelOf, undertoneOf } from '../../core/colour';
import {
	findBands,
	headAt,
	labOfFibre,
	readyHead,
	type AreaName,
	type Band,
	type Fibre,
	type HeadArea
} from '../../core/lift';
import { findToner } from '../../core/plan';
import { rawLab } from '../../core/tone';
import type { ComputeClient } from '../../compute/client';
import { aimOf, aimOn, readingOf } from '../../records/areas';
import type { Aim, LiftPlan, Reading, ShelfLine, Visit } from '../../schema/records';
import { coloursOf, eventsOf, mainZone, pointsOf, seenFibre, tonedColours, zonesOf } from './hair';
import {
	courseAnswer,
	liftAnswer,
	liftTarget,
	sessionsAnswer,
	subjectOf,
	type Learned
} from './lift';
import {
	aimLab,
	conditionsOf,
	dyesAfter,
	fadedLab,
	previewChoice,
	rawOf,
	recordParts,
	toneQuestion,
	type ToneStart
} from './tone';
import { ToneFinder, type ToneSearch } from './toneFinder.svelte';

/** Weeks of the fourth strand: how the colour looks when the toner has mostly gone. */
export const FADE_WEEKS = 6;

/** What a view of the hair rests on, whichever area it shows. */
export interface HairSource {
	readonly visit: Visit;
	readonly line: ShelfLine | undefined;
	/** Longest one application may stay, minutes. */
	readonly limit: number;
	readonly washesPerWeek: number;
	/** What past visits taught of this head; none while it is looked at as a typical one. */
	readonly learned: Learned | undefined;
}

/**
 * Everything the core says of one strand: the rest of the head, or an area that differs from it. Each
 * answer is worked out when it is asked for, and again only when what it rests on has changed.
 */
export class HairView {
	readonly #source: HairSource;
	readonly #compute: ComputeClient | undefined;
	readonly #area: () => AreaName | undefined;

	/**
	 * @param area the area that is shown; none for the rest of the head
	 * @param compute the door to the worker; left out, everything is worked out in place
	 */
	constructor(
		source: HairSource,
		area: () => AreaName | undefined,
		lane: string,
		compute?: ComputeClient
	) {
		this.#source = source;
		this.#area = area;
		this.#compute = compute;
		this.tonerFinder = new ToneFinder(compute, lane);
	}

	reading: Reading = $derived.by(() => readingOf(this.#source.visit.reading, this.#area()));
	/** The aim of this area, with what its zones ask for beside it. */
	strandAim: Aim = $derived.by(() => aimOf(this.#source.visit.aim, this.#area()));
	/** This hair as predictions take it. */
	subject = $derived.by(() => subjectOf(this.reading, this.#source.learned));
	plan: LiftPlan = $derived.by(() => this.#source.visit.lift);
	#notes = $derived.by(() => this.#source.visit.run.notes);
	#tone = $derived.by(() => this.#source.visit.tone);
	line: ShelfLine | undefined = $derived.by(() => this.#source.line);
	// Parts of the document keep their identity while they do not change, so what is derived from one
	// part is not worked out again when another is touched.
	#courseKey = $derived(JSON.stringify({ ...this.plan, minutes: 0, rootDelayMinutes: 0 }));
	/** The plan without what the course does not depend on, so that a dragged minute leaves it alone. */
	#coursePlan = $derived(JSON.parse(this.#courseKey) as LiftPlan);
	#workKey = $derived(JSON.stringify({ ...this.plan, minutes: 0 }));
	/** The plan without its minutes: the strand is made ready once and then asked for any minute. */
	#workPlan = $derived(JSON.parse(this.#workKey) as LiftPlan);
	zones = $derived(zonesOf(this.reading));
	zone = $derived(mainZone(this.zones, this.plan.covers));
	/** The aim of the zone that the figures speak of. */
	aim: Aim = $derived(aimOn(this.strandAim, this.zone.name));
	now = $derived(
		this.zones.map(({ fibre }) => levelOf(labOfFibre(fibre, this.reading.whiteShare).l))
	);
	/**
	 * Levels as the eye reads them, white hair included; the lift itself speaks of the pigmented hair.
	 */
	nowLevel = $derived(levelOf(labOfFibre(this.zone.fibre, this.reading.whiteShare).l));
	liftedLevel = $derived.by(() => levelOf(this.lift.lab.l));
	rawLevel = $derived.by(() => levelOf(this.rawLab.l));
	points = $derived(pointsOf(this.zones, this.reading, this.plan.covers));
	nowColours = $derived(
		coloursOf(
			this.points.map(({ fibre }) => fibre),
			this.reading.whiteShare
		)
	);

	target = $derived(liftTarget(this.aim));
	lift = $derived(liftAnswer(this.subject, this.plan, this.zone));
	course = $derived.by(() =>
		courseAnswer(this.subject, this.aim, this.#coursePlan, this.zone, this.#source.limit)
	);
	sessions = $derived(sessionsAnswer(this.subject, this.aim, this.plan, this.zone));

	#strand: HeadArea = $derived.by(() => ({
		name: this.#area() ?? 'back',
		whiteShare: this.reading.whiteShare,
		points: this.points
	}));
	#ready = $derived.by(() =>
		readyHead([this.#strand], eventsOf(this.#workPlan, this.zones), this.subject.factors)
	);
	#headNow = $derived.by(() => headAt(this.#ready, this.plan.minutes)[0]!);
	/** Stretches that come out apart from the rest of what was worked on, with the reason. */
	bands: Band[] = $derived.by(() => {
		const covered = new Map(this.points.map(({ distanceCm, covered }) => [distanceCm, covered]));
		return findBands(this.#strand, this.#headNow.points, (cm) => covered.get(cm) === true);
	});
	/** The strand at a minute of the service. */
	liftedAt(minute: number): Fibre[] {
		return headAt(this.#ready, minute)[0]!.points.map(({ fibre }) => fibre);
	}
	lifted: Fibre[] = $derived.by(() => this.#headNow.points.map(({ fibre }) => fibre));
	liftedColours = $derived(coloursOf(this.lifted, this.reading.whiteShare));

	/** The last level seen at the chair on the zone the figures speak of, or on any zone. */
	seen = $derived.by(() => {
		const notes = this.#notes;
		return notes.findLast(({ zone }) => zone === this.zone.name) ?? notes.at(-1);
	});
	/** What the toner starts from: what is there replaces what was expected. */
	toneStart: ToneStart = $derived.by(() => {
		const { seen } = this;
		return seen
			? { fibre: seenFibre(this.reading, seen.level), seen: true, minute: seen.minute }
			: { fibre: this.lift.fibre, seen: false, minute: this.plan.minutes };
	});
	raw = $derived(rawOf(this.toneStart, this.reading));
	rawLab = $derived(rawLab(this.raw));
	rawUndertone = $derived(undertoneOf(this.rawLab));
	/** The strand before toning: shifted as a whole when a level was seen. */
	rawFibres: Fibre[] = $derived.by(() => {
		const { toneStart, points, lifted } = this;
		if (!toneStart.seen) return lifted;
		return points.map((point, i) => (point.covered ? toneStart.fibre : lifted[i]!));
	});
	rawColours = $derived(coloursOf(this.rawFibres, this.reading.whiteShare));

	toneConditions = $derived(
		conditionsOf(
			{ ...this.#tone, vehicle: this.line?.vehicle ?? this.#tone.vehicle },
			this.reading,
			this.zone.porosity,
			this.lift.condition
		)
	);
	toneTarget = $derived(aimLab(this.aim, this.raw));
	#toneQuestion = $derived.by(() => {
		const { line, aim, raw, toneStart, toneConditions } = this;
		const { totalGrams } = this.#tone;
		return line && toneQuestion(line, aim, raw, toneStart.fibre, toneConditions, totalGrams);
	});
	/**
	 * The search is the one answer too slow for every frame of a drag: it runs beside the page, and its
	 * last formulas are previewed on the hair as it is now. Without a worker it is worked out in place.
	 */
	readonly tonerFinder: ToneFinder;
	#tonerInPlace = $derived.by(() => {
		const question = this.#toneQuestion;
		return question && { ...findToner(question), lineId: question.lineId };
	});
	toneSearch: ToneSearch | undefined = $derived.by(() =>
		this.#compute ? this.tonerFinder.found(this.line?.id) : this.#tonerInPlace
	);
	/** Asks for a toner for the hair and the aim as they are; call it from an effect. */
	findToner(): void {
		if (this.#compute) void this.tonerFinder.ask(this.#toneQuestion);
	}
	/** The parts on which the toned strands stand: the choice, or the best formula while it is open. */
	toneParts = $derived.by(() => {
		const tone = this.#tone;
		if (tone.choice === 'none') return [];
		if (tone.choice === 'formula') return tone.parts;
		const best = this.toneSearch?.formulas[0];
		return best && this.line ? recordParts(best, this.line) : [];
	});
	/** Whether going without a toner is the choice, or the suggestion. */
	noToner = $derived.by(() => {
		const { choice } = this.#tone;
		if (choice !== 'open') return choice === 'none';
		const best = this.toneSearch?.formulas[0];
		return best !== undefined && best.parts.length === 0;
	});
	toned = $derived(previewChoice(this.toneParts, this.raw, this.toneConditions, this.toneTarget));
	tonedColours = $derived.by(() => this.#afterWashes(0));
	fadedColours = $derived.by(() => this.#afterWashes(FADE_WEEKS * this.#source.washesPerWeek));
	faded = $derived.by(() => {
		const washes = FADE_WEEKS * this.#source.washesPerWeek;
		const lab = fadedLab(this.toneParts, this.raw, this.toneConditions, washes);
		return { level: levelOf(lab.l), lab };
	});

	#afterWashes(washes: number) {
		// A toner goes only where the mixture went: untouched hair keeps its own colour.
		const dyes = dyesAfter(this.toneParts, this.toneConditions, washes);
		const { points, rawFibres } = this;
		const toned = tonedColours(rawFibres, dyes, this.reading.whiteShare);
		const bare = this.rawColours;
		return {
			...toned,
			hair: toned.hair.map((rgb, i) => (points[i]!.covered ? rgb : bare.hair[i]!))
		};
	}
}
