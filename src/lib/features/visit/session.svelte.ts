import { levelOf, undertoneOf } from '../../core/colour';
import { headAt, labOfFibre, readyHead, type Fibre, type HeadArea } from '../../core/lift';
import { planBowls, type BowlPlan } from '../../core/mix';
import type { ComputeClient } from '../../compute/client';
import { chairMinutes, findToner } from '../../core/plan';
import { rawLab } from '../../core/tone';
import { History } from '../../records/history.svelte';
import type { Library } from '../../records/library.svelte';
import { revise } from '../../records/revise';
import type { Client, LiftPlan, Shelf, ShelfLine, Station, Visit } from '../../schema/records';
import { openStops, visitCautions } from './cautions';
import { currentGesture } from './gesture.svelte';
import { labelIn, PRODUCT_OPTIONS } from './words';
import { coloursOf, eventsOf, mainZone, pointsOf, seenFibre, tonedColours, zonesOf } from './hair';
import { courseAnswer, headOf, liftAnswer, liftTarget, sessionsAnswer } from './lift';
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

/**
 * One visit being worked on: the document, its undo, and everything the core says of it. Stations
 * read answers from here and change the document through {@link change}, nothing else.
 */
export class VisitSession {
	readonly #library: Library;
	readonly #history = new History<Visit>();
	readonly #now: () => Date;
	readonly #compute: ComputeClient | undefined;
	readonly id: string;

	/** @param compute the door to the worker; left out, everything is worked out in place */
	constructor(
		library: Library,
		id: string,
		now: () => Date = () => new Date(),
		compute?: ComputeClient
	) {
		this.#library = library;
		this.id = id;
		this.#now = now;
		this.#compute = compute;
		this.tonerFinder = new ToneFinder(compute, `toner ${id}`);
	}

	/** @throws {Error} when the visit was removed while it was open */
	visit: Visit = $derived.by(() => {
		const visit = this.#library.visits.get(this.id);
		if (!visit) throw new Error('this visit is no longer in the records');
		return visit;
	});
	client: Client | undefined = $derived.by(() => this.#library.clients.get(this.visit.clientId));
	shelf: Shelf | undefined = $derived.by(() => this.#library.shelf);

	get canUndo(): boolean {
		return this.#history.canUndo;
	}
	get canRedo(): boolean {
		return this.#history.canRedo;
	}

	/** While another person reads the hair, nothing on the screen says what the first one read. */
	blind = $state(false);

	/** Changes the visit. Quick changes under one label are undone together. */
	change(label: string, recipe: (draft: Visit) => unknown): void {
		const before = this.visit;
		const after = revise(before, recipe, this.#now());
		if (after === before) return;
		this.#history.record(before, label, currentGesture());
		this.#library.put(after);
	}

	/** Takes the last change back and says what it was. */
	undo(): string | undefined {
		const step = this.#history.undo(this.visit);
		if (step) this.#put(step.value);
		return step?.label;
	}

	redo(): string | undefined {
		const step = this.#history.redo(this.visit);
		if (step) this.#put(step.value);
		return step?.label;
	}

	#put(visit: Visit): void {
		this.#library.put({ ...visit, updatedAt: this.#now().toISOString() });
	}

	/** Who is worked on sits in the chair: from the first thing that is done. */
	seat(draft: Visit): void {
		if (draft.status !== 'waiting') return;
		draft.status = 'inChair';
		draft.chairSince = this.#now().toISOString();
	}

	/** Says a station is done. */
	settle(station: Station): void {
		this.change(`settled ${station}`, (draft) => {
			this.seat(draft);
			if (!draft.settled.includes(station)) draft.settled.push(station);
		});
	}

	/** Changes the client's own document; not part of the visit's undo. */
	changeClient(recipe: (draft: Client) => unknown): void {
		const client = this.client;
		if (client) this.#library.put(revise(client, recipe, this.#now()));
	}

	// Parts of the document keep their identity while they do not change, so what is derived from one
	// part is not worked out again when another is touched.
	reading = $derived(this.visit.reading);
	aim = $derived(this.visit.aim);
	plan = $derived(this.visit.lift);
	#courseKey = $derived(JSON.stringify({ ...this.plan, minutes: 0, rootDelayMinutes: 0 }));
	/** The plan without what the course does not depend on, so that a dragged minute leaves it alone. */
	#coursePlan = $derived(JSON.parse(this.#courseKey) as LiftPlan);
	#workKey = $derived(JSON.stringify({ ...this.plan, minutes: 0 }));
	/** The plan without its minutes: the strand is made ready once and then asked for any minute. */
	#workPlan = $derived(JSON.parse(this.#workKey) as LiftPlan);
	limit = $derived(this.shelf?.limitMinutes ?? 50);

	zones = $derived(zonesOf(this.reading));
	zone = $derived(mainZone(this.zones, this.plan.covers));
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
	lift = $derived(liftAnswer(this.reading, this.plan, this.zone));
	course = $derived(courseAnswer(this.reading, this.aim, this.#coursePlan, this.zone, this.limit));
	sessions = $derived(sessionsAnswer(this.reading, this.aim, this.plan, this.zone));

	#ready = $derived.by(() => {
		const area: HeadArea = {
			name: 'back',
			whiteShare: this.reading.whiteShare,
			points: this.points
		};
		return readyHead([area], eventsOf(this.#workPlan, this.zones), headOf(this.reading));
	});
	/** The strand at a minute of the service. */
	liftedAt(minute: number): Fibre[] {
		return headAt(this.#ready, minute)[0]!.points.map(({ fibre }) => fibre);
	}
	lifted = $derived(this.liftedAt(this.plan.minutes));
	liftedColours = $derived(coloursOf(this.lifted, this.reading.whiteShare));

	/** The product as the salon calls it: the house lightener by its name, tints by their kind. */
	productName = $derived.by(() => {
		const { product } = this.plan;
		const kind = labelIn(PRODUCT_OPTIONS, product);
		const tint = product === 'highLift' || product === 'permanent';
		const name = this.shelf?.lightenerName.trim() ?? '';
		return tint || name === '' || name === 'lightener' ? kind : `${name} ${kind}`;
	});

	bowlPlan: BowlPlan = $derived.by(() => {
		const { visit, reading, plan } = this;
		const covered = this.zones.filter(({ name }) => plan.covers[name]);
		const coveredCm = Math.max(
			0.5,
			covered.reduce((sum, z) => sum + z.toCm - z.fromCm, 0)
		);
		const common = { density: reading.density, section: plan.section, coveredCm };
		return planBowls(
			visit.bowls.technique === 'foils'
				? { ...common, technique: 'foils', foils: visit.bowls.foils }
				: { ...common, technique: 'open' },
			plan.ratio,
			plan.volume,
			this.shelf?.developers ?? []
		);
	});
	chairMinutes = $derived(chairMinutes(this.bowlPlan.workMinutes, this.plan.minutes));

	/** The last level seen at the chair on the zone the figures speak of, or on any zone. */
	seen = $derived.by(() => {
		const notes = this.visit.run.notes;
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

	line: ShelfLine | undefined = $derived.by(() => {
		const lines = this.shelf?.lines ?? [];
		return lines.find(({ id }) => id === this.visit.tone.lineId) ?? lines[0];
	});
	toneConditions = $derived(
		conditionsOf(
			{ ...this.visit.tone, vehicle: this.line?.vehicle ?? this.visit.tone.vehicle },
			this.reading,
			this.lift.condition
		)
	);
	toneTarget = $derived(aimLab(this.aim, this.raw));
	#toneQuestion = $derived.by(() => {
		const { line, aim, raw, toneStart, toneConditions } = this;
		const { totalGrams } = this.visit.tone;
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
		const { tone } = this.visit;
		if (tone.choice === 'none') return [];
		if (tone.choice === 'formula') return tone.parts;
		const best = this.toneSearch?.formulas[0];
		return best && this.line ? recordParts(best, this.line) : [];
	});
	/** Whether going without a toner is the choice, or the suggestion. */
	noToner = $derived.by(() => {
		const { choice } = this.visit.tone;
		if (choice !== 'open') return choice === 'none';
		const best = this.toneSearch?.formulas[0];
		return best !== undefined && best.parts.length === 0;
	});
	toned = $derived(previewChoice(this.toneParts, this.raw, this.toneConditions, this.toneTarget));
	tonedColours = $derived(this.#afterWashes(0));
	fadedColours = $derived(this.#afterWashes(FADE_WEEKS * (this.client?.washesPerWeek ?? 2)));
	faded = $derived.by(() => {
		const washes = FADE_WEEKS * (this.client?.washesPerWeek ?? 2);
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

	cautions = $derived.by(() =>
		visitCautions(
			this.visit,
			this.client,
			this.zones,
			this.lift,
			this.limit,
			this.visit.tone.choice === 'none' ? undefined : this.line?.developerVolume,
			this.#now()
		)
	);
	stops = $derived(openStops(this.cautions));

	/** Passes a caution with the reason that was written; it stays in the record. */
	pass(code: string, reason: string): void {
		this.change(`passed ${code}`, (draft) => {
			draft.passed = draft.passed.filter((entry) => entry.code !== code);
			draft.passed.push({ code, reason, at: this.#now().toISOString() });
		});
	}
}
