import { FADE_WEEKS } from '../model/visit/aimStrands';
import { levelOf, undertoneOf, type StrandColours } from '../core/colour';
import {
	AREAS,
	labOfFibre,
	predictLift,
	type AreaName,
	type Band,
	type Fibre,
	type LiftResult
} from '../core/lift';
import { rawLab } from '../core/tone';
import type { ComputeClient } from '../compute/client';
import { onTheSpot, workerOf, type InPlace, type Searches } from './searches';
import { aimOf, aimOn, readingOf } from '../model/visit/exceptions';
import type { Aim, LiftPlan, Reading, ShelfLine, Visit, ZoneName } from '../schema/records';
import { HAND_RESTS_MS } from './finder.svelte';
import { daySteps, MAIN_STEP, stepsOn, workedZones, type DayStep } from '../model/visit/day';
import {
	coloursOf,
	conditionOf,
	pointsOf,
	seenFibre,
	tonedColours,
	zonesOf,
	type ZoneStart
} from '../model/visit/hair';
import {
	applicationOn,
	liftAnswer,
	sessionsAnswer,
	subjectOf,
	type CourseAnswer,
	type Learned,
	type LiftAnswer
} from '../model/visit/lift';
import { StepView, type DayStrand } from './stepView.svelte';
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
} from '../model/visit/tone';
import { ToneFinder, type ToneSearch } from './toneFinder.svelte';

/** What a view of the hair rests on, whichever area it shows. */
export interface HairSource {
	readonly visit: Visit;
	readonly line: ShelfLine | undefined;
	/** The application of the day that is looked at. */
	readonly stepId: string;
	/** Longest an application of a product may stay, minutes. */
	limitOf(product: LiftPlan['product']): number;
	readonly washesPerWeek: number;
	/** What past visits taught of this head; none while it is looked at as a typical one. */
	readonly learned: Learned | undefined;
}

/**
 * Everything the core says of one strand: the rest of the head, or an area that differs from it. Each
 * answer is worked out when it is asked for, and again only when what it rests on has changed.
 */
export class HairView implements DayStrand {
	readonly #source: HairSource;
	readonly #compute: ComputeClient | undefined;
	readonly #inPlace: InPlace | undefined;
	readonly #area: () => AreaName | undefined;

	/**
	 * @param area the area that is shown; none for the rest of the head
	 * @param searches the door to the worker, or whoever answers on the spot
	 */
	constructor(
		source: HairSource,
		area: () => AreaName | undefined,
		lane: string,
		searches: Searches
	) {
		this.#source = source;
		this.#area = area;
		this.#compute = workerOf(searches);
		this.#inPlace = onTheSpot(searches);
		this.tonerFinder = new ToneFinder(this.#compute, lane);
	}

	// Parts of the document keep their identity while they do not change, so what is derived from one
	// part is not worked out again when another is touched.
	#headReading = $derived.by(() => this.#source.visit.reading);
	#headAim = $derived.by(() => this.#source.visit.aim);
	reading: Reading = $derived.by(() => readingOf(this.#headReading, this.#area()));
	/** The aim of this area, with what its zones ask for beside it. */
	strandAim: Aim = $derived.by(() => aimOf(this.#headAim, this.#area()));
	/** This hair as predictions take it. */
	subject = $derived.by(() => subjectOf(this.reading, this.#source.learned));
	/** An area that has this hair, by which the steps of the day are told that leave some out. */
	place: AreaName = $derived.by(
		() =>
			this.#area() ??
			AREAS.find((area) => !this.#headReading.areas[area] && !this.#headAim.areas[area]) ??
			'back'
	);
	#before = $derived.by(() => this.#source.visit.before);
	#lift = $derived.by(() => this.#source.visit.lift);
	#after = $derived.by(() => this.#source.visit.after);
	/** The applications of the day as this hair has them. */
	steps: readonly DayStep[] = $derived.by(() =>
		stepsOn(daySteps({ before: this.#before, lift: this.#lift, after: this.#after }), this.place)
	);
	/** The main application. */
	readonly main: StepView = new StepView(this, () => MAIN_STEP);
	readonly #last: StepView = new StepView(this, () => this.steps.at(-1)!.id);
	readonly #looked: StepView = new StepView(this, () => this.#source.stepId);
	/** The application that is looked at; the main one, until another is chosen. */
	get shown(): StepView {
		const { stepId } = this.#source;
		if (stepId === MAIN_STEP) return this.main;
		return this.steps.at(-1)!.id === stepId ? this.final : this.#looked;
	}
	/** The last application of the day. */
	get final(): StepView {
		return this.steps.length === 1 ? this.main : this.#last;
	}
	get plan(): LiftPlan {
		return this.main.plan;
	}
	/** The zone that the figures speak of. */
	get zone(): ZoneStart {
		return this.main.zone;
	}
	/** The aim of that zone. */
	get aim(): Aim {
		return this.main.aim;
	}
	get target(): number {
		return this.main.target;
	}
	#notes = $derived.by(() => this.#source.visit.run.notes);
	#tone = $derived.by(() => this.#source.visit.tone);
	line: ShelfLine | undefined = $derived.by(() => this.#source.line);
	zones = $derived(zonesOf(this.reading));
	aimOf(zone: ZoneName): Aim {
		return aimOn(this.strandAim, zone);
	}
	limitOf(plan: LiftPlan): number {
		return this.#source.limitOf(plan.product);
	}
	now = $derived(
		this.zones.map(({ fibre }) => levelOf(labOfFibre(fibre, this.reading.whiteShare).l))
	);
	/**
	 * Levels as the eye reads them, white hair included; the lift itself speaks of the pigmented hair.
	 */
	nowLevel = $derived.by(() => levelOf(labOfFibre(this.zone.fibre, this.reading.whiteShare).l));
	liftedLevel = $derived.by(() => this.levelSeen(this.lift.fibre));
	/** The level that the eye reads of a fibre among this head's white hair. */
	levelSeen(fibre: Fibre): number {
		return levelOf(labOfFibre(fibre, this.reading.whiteShare).l);
	}
	rawLevel = $derived.by(() => levelOf(this.rawLab.l));
	#worked = $derived.by(() => JSON.stringify(workedZones(this.steps)));
	points = $derived.by(() =>
		pointsOf(this.zones, this.reading, JSON.parse(this.#worked) as LiftPlan['covers'])
	);
	nowColours = $derived(
		coloursOf(
			this.points.map(({ fibre }) => fibre),
			this.reading.whiteShare
		)
	);

	conditionBefore = $derived.by(() => conditionOf(this.reading));
	/** What each application of the day does on the zone that the figures speak of. */
	#day = $derived.by(() => this.steps.map(({ plan }) => applicationOn(plan, this.zone)));
	/** What each application leaves of that zone. */
	results: readonly LiftResult[] = $derived.by(() =>
		predictLift(this.zone.fibre, this.#day, this.subject.factors, this.conditionBefore)
	);
	/** Where the day leaves that zone. */
	lift: LiftAnswer = $derived.by(() => {
		if (this.steps.length === 1) return this.main.lift;
		const last = this.steps.at(-1)!;
		const { rootLead } = this.main.lift;
		return { ...liftAnswer(this.subject, last.plan, this.zone, this.#day.slice(0, -1)), rootLead };
	});
	get course(): CourseAnswer {
		return this.main.course;
	}
	sessions = $derived.by(() => sessionsAnswer(this.subject, this.aim, this.#day, this.zone));
	/** The strand as the day leaves it. */
	get lifted(): Fibre[] {
		return this.final.lifted;
	}
	get liftedColours(): StrandColours {
		return this.final.liftedColours;
	}
	get bands(): Band[] {
		return this.final.bands;
	}
	/** The strand at a minute of the main application. */
	liftedAt(minute: number): Fibre[] {
		return this.main.liftedAt(minute);
	}

	/** The last level seen at the chair on the zone the figures speak of, or on any zone. */
	seen = $derived.by(() => {
		const notes = this.#notes;
		return notes.findLast(({ zone }) => zone === this.zone.name) ?? notes.at(-1);
	});
	/** What the toner starts from: what is there replaces what was expected. */
	toneStart: ToneStart = $derived.by(() => {
		const { seen } = this;
		return seen
			? { fibre: this.#afterSeen(seen), seen: true, minute: seen.minute }
			: { fibre: this.lift.fibre, seen: false, minute: this.plan.minutes };
	});
	/** Hair seen during the main application still has the later ones of the day before it. */
	#afterSeen({ level, minute }: { readonly level: number; readonly minute: number }): Fibre {
		const fibre = seenFibre(this.reading, level);
		const main = this.steps.findIndex(({ id }) => id === MAIN_STEP);
		const later = minute > this.plan.minutes ? [] : this.#day.slice(main + 1);
		return predictLift(fibre, later, this.subject.factors).at(-1)?.fibre ?? fibre;
	}
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
		if (!question || !this.#inPlace) return undefined;
		return { ...this.#inPlace.findToner(question), lineId: question.lineId };
	});
	toneSearch: ToneSearch | undefined = $derived.by(() =>
		this.#compute ? this.tonerFinder.found(this.line?.id) : this.#tonerInPlace
	);
	/**
	 * Asks for a toner for the hair and the aim as they are, once the hand that moves them rests: a search
	 * at every frame of a drag would be thrown away, and takes its time from the drawing. Call it from an
	 * effect, which takes back what has not been asked yet.
	 */
	findToner(): (() => void) | undefined {
		if (!this.#compute) return undefined;
		const question = this.#toneQuestion;
		const ask = () => void this.tonerFinder.ask(question);
		if (!this.tonerFinder.hasAsked) {
			ask();
			return undefined;
		}
		const timer = setTimeout(ask, HAND_RESTS_MS);
		return () => clearTimeout(timer);
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
