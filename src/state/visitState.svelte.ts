import type { Clock } from './clock.svelte';
import { untrack } from 'svelte';
import { DEFAULT_LIMIT_MINUTES, type AreaName } from '../core/lift';
import type { Searches } from './searches';
import { dropCheck } from '../model/commands/picture';
import { areaGroups, changeAim, changeReading } from '../model/head/exceptions';
import type { Label } from '../store/history.svelte';
import type { Workspace } from '../store/workspace.svelte';
import type {
	Aim,
	Client,
	LiftPlan,
	Reading,
	Shelf,
	ShelfLine,
	Station,
	TonerMix,
	Visit
} from '../schema/records';
import { BowlsView, type BowlsSource } from './bowlsView.svelte';
import {
	openStops,
	stopsOf,
	stopsOfCure,
	visitCautions,
	type CautionGrounds,
	type StandingCaution
} from '../model/visit/cautions';
import { daySteps, MAIN_STEP, onNothing, type DayStep } from '../model/day/steps';
import { isWorked } from '../model/visit/headWork';
import { liftDone, minutesBy, toneDone } from '../model/day/done';
import { HairView, type DayDone, type HairSource } from './hairView.svelte';
import type { StretchToner } from './tonedStrand.svelte';
import { tonerIn } from '../model/day/placed';
import { PlacedTonerView } from './placedToner.svelte';
import type { TonerView } from './tonerView.svelte';
import type { Learned } from '../model/visit/lift';
import { Lowlights, type LowlightSource } from './lowlights.svelte';
import { handPaceFrom, type HandPace } from '../model/visit/handPace';
import { mixedFrom } from '../model/visit/tone';
import type { PlanHead } from '../model/visit/planWork';
import type { Usage } from '../model/visit/usage';
import { isBegun } from '../model/day/clocks';
import { changeStep, setMinutes } from '../model/commands/acts';
import { closeWhenOff, plannedOf } from '../model/commands/result';
import { dayWork, type DayWork, type WorkBowls, type WorkedHead } from '../model/visit/work';
import { HeadLearning } from './headLearning.svelte';
import { Search } from './search.svelte';
import { VerdictView, type VerdictSource } from './verdictView.svelte';
import { undertoneOf, type Undertone } from '../core/colour';
import type { WashHabit } from '../core/tone';
import { steady } from './steady';
import { aimProblem } from '../model/visit/aimProblem';

/** What a visit asks of the clock. */
export type VisitClock = Pick<Clock, 'now' | 'moment'>;

/**
 * One visit being worked on: the document, its undo, and what holds for the whole head. Stations read
 * answers from here and from the views of its hair, and change the document through {@link change} and
 * its like, nothing else.
 */
export class VisitState implements HairSource, BowlsSource, VerdictSource, LowlightSource {
	readonly #workspace: Workspace;
	readonly #clock: VisitClock;
	readonly id: string;

	/**
	 * @param searches the door to the worker, or whoever answers on the spot
	 * @param lane what its questions go by there: of one lane only the last is answered
	 */
	constructor(
		workspace: Workspace,
		id: string,
		clock: VisitClock,
		searches: Searches,
		private readonly lane: string = id
	) {
		this.#workspace = workspace;
		this.id = id;
		this.#clock = clock;
		this.head = new HairView(this, () => undefined, `toner ${lane}`, searches);
		this.#searches = searches;
		this.bowls = new BowlsView(this, `bowls ${lane}`, searches);
		this.lowlights = new Lowlights(this, `lowlights ${lane}`, searches);
		this.judging = new Search(searches, 'judgeAim', `aim ${lane}`, () => aimProblem(this));
		this.aimVerdict = new VerdictView(this, 'plan', lane, searches);
		this.verdict = new VerdictView(this, 'day', lane, searches);
	}

	/** The rest of the head: what holds wherever no area differs. Bowls, chair and record stand on it. */
	readonly head: HairView;
	/** Sections, bowls and clock of the main application. */
	readonly bowls: BowlsView;
	/** Depth put back between the light strands. */
	readonly lowlights: Lowlights;
	/** What the aim takes at its best, each piece of hair by itself. */
	readonly judging: Search<'judgeAim'>;
	/** The answer to the aim: of the day as Aim’s plan has it until somebody sets it, and of the day as it stands. */
	readonly aimVerdict: VerdictView;
	readonly verdict: VerdictView;
	readonly #searches: Searches;
	readonly #ofAreas = new Map<AreaName, HairView>();
	/** What the core says of the hair of an area, or of the rest of the head. */
	hairOf(area: AreaName | undefined): HairView {
		if (area === undefined) return this.head;
		let view = this.#ofAreas.get(area);
		if (!view) {
			// Under a root of its own: it may be asked for within something that does not last.
			$effect.root(() => {
				view = new HairView(this, () => area, `toner ${this.lane} ${area}`, this.#searches);
			});
			this.#ofAreas.set(area, view!);
		}
		return view!;
	}

	isIn(section: string, area: AreaName): boolean {
		const alike = this.groups.find((group) => group.area === area)?.areas ?? [area];
		const worked = this.bowls.sections.find((one) => one.section.id === section);
		return worked?.section.areas.some((each) => alike.includes(each)) ?? false;
	}

	readonly #placedViews = new Map<string, PlacedTonerView>();
	#placed = $derived.by(steady(() => (this.visit.tone.placed ?? []).map(({ id }) => id)));
	/** Toners of their own on some of the hair. */
	placed: readonly PlacedTonerView[] = $derived.by(() =>
		this.#placed.map((id) => {
			let view = this.#placedViews.get(id);
			if (!view) {
				const first = untrack(() => this.visit.tone.placed!.find((one) => one.id === id)!);
				$effect.root(() => {
					view = new PlacedTonerView(this, first, `toner ${this.lane} ${id}`, this.#searches);
				});
				this.#placedViews.set(id, view!);
			}
			return view!;
		})
	);
	stretches: readonly StretchToner[] = $derived(
		this.placed.flatMap(({ stretch }) => stretch ?? [])
	);
	glazes: readonly TonerView[] = $derived(
		this.placed.flatMap(({ mix, toner }) => (mix.place === 'glaze' ? [toner] : []))
	);
	/** The toners as they are suggested: for the rest of the hair, and for some of it. */
	get suggested(): [
		TonerView,
		{ id: string; parts: TonerView['parts']; line: TonerView['line'] }[]
	] {
		return [
			this.head.toner,
			this.placed.map(({ id, toner: { parts, line } }) => ({ id, parts, line }))
		];
	}
	/** Which toner is looked at; none is the one for the rest of the hair. */
	tonerId: string | undefined = $state();
	/** The toner on some of the hair that is looked at. */
	get placedToner(): PlacedTonerView | undefined {
		return this.placed.find(({ id }) => id === this.tonerId);
	}
	/** The toner that Tone works on. */
	get toner(): TonerView {
		return this.placedToner?.toner ?? this.head.toner;
	}
	/** The warmth that it finds: as a person named it, or else as the model does. */
	get tonerUndertone(): Undertone {
		return this.placedToner ? undertoneOf(this.toner.bareLab) : this.head.rawUndertone;
	}
	/** Changes the toner that is looked at. */
	changeToner(label: string, recipe: (draft: TonerMix) => unknown): void {
		const { tonerId } = this;
		this.change(this.placedToner ? `${label}, ${this.placedToner.mix.place}` : label, (draft) =>
			recipe(tonerIn(draft.tone, tonerId))
		);
	}

	/** Areas being looked at and changed together; none means the rest of the head. */
	areas: readonly AreaName[] = $state.raw([]);
	/** What Read, Aim and Lift show: the areas looked at, or the rest of the head. */
	get view(): HairView {
		return this.hairOf(this.areas[0]);
	}
	/** Looks at an area too, or no longer. */
	toggleArea(area: AreaName): void {
		this.areas = this.areas.includes(area)
			? this.areas.filter((other) => other !== area)
			: [...this.areas, area];
	}

	/** @throws {Error} when the visit was removed while it was open */
	visit: Visit = $derived.by(() => {
		const visit = this.#workspace.visits.get(this.id);
		if (!visit) throw new Error('this visit is no longer in the records');
		return visit;
	});
	client: Client | undefined = $derived.by(() => this.#workspace.clients.get(this.visit.clientId));
	shelf: Shelf | undefined = $derived.by(() => this.#workspace.shelf);

	/** Documents whose steps are taken back here: this visit and its client. */
	get #own(): readonly string[] {
		return [`visit:${this.id}`, `client:${this.visit.clientId}`];
	}
	get canUndo(): boolean {
		return this.#workspace.canUndo(this.#own);
	}
	get canRedo(): boolean {
		return this.#workspace.canRedo(this.#own);
	}

	/** While another person reads the hair, nothing on the screen says what the first one read. */
	blind = $state(false);

	/** Changes the visit. Quick changes under one label are undone together. */
	change(label: Label, recipe: (draft: Visit) => unknown): void {
		this.#workspace.transact(label, (draft) => {
			const visit = draft.visit(this.id);
			recipe(visit);
			// Recorded while something lay: it is closed when that is off.
			closeWhenOff(visit);
		});
	}

	/** Takes a look at the chair back, with the picture that was kept of it. */
	dropCheck(id: string): void {
		this.#workspace.transact('removed a check', (draft) => dropCheck(draft, this.id, id));
	}

	/** Changes what was read of the areas looked at. */
	changeReading(label: string, recipe: (draft: Reading) => void): void {
		this.change(this.#onAreas(label), (draft) => changeReading(draft.reading, this.areas, recipe));
	}

	/** Changes what holds for the whole head, whichever areas are looked at. */
	changeHead(label: string, recipe: (draft: Reading) => void): void {
		this.change(label, (draft) => recipe(draft.reading));
	}

	/** Changes what the aim asks of the whole head. */
	changeWholeAim(label: string, recipe: (draft: Aim) => void): void {
		this.change(label, (draft) => recipe(draft.aim));
	}

	/** Changes the aim of the areas looked at. */
	changeAim(label: string, recipe: (draft: Aim) => void): void {
		this.change(this.#onAreas(label), (draft) => changeAim(draft.aim, this.areas, recipe));
	}

	/** Steps of one dial on different areas are undone apart. */
	#onAreas = (what: string): Label =>
		this.areas.length === 0 ? what : { what, areas: this.areas };

	/** Takes the last change of this visit back and says what it was. */
	undo(): Label | undefined {
		return this.#workspace.undo(this.#own);
	}
	redo(): Label | undefined {
		return this.#workspace.redo(this.#own);
	}

	/** The time, as this window has it. */
	now = (): Date => this.#clock.now();

	/** Who is worked on sits in the chair: from the first thing that is done. */
	seat(draft: Visit): void {
		if (draft.status !== 'waiting') return;
		draft.status = 'inChair';
		draft.chairSince = this.#clock.now().toISOString();
	}

	/** Something goes on: of what the day is to take, the plan is kept by which it begins. */
	begin(draft: Visit): void {
		this.seat(draft);
		if (!isBegun(draft)) draft.result.planned = plannedOf(this.work);
	}

	/** Says a station is done. */
	settle(station: Station): void {
		this.change(`settled ${station}`, (draft) => {
			this.seat(draft);
			// Whoever goes on from it has looked.
			if (station === 'read') delete draft.reading.guess;
			if (station === 'aim') delete draft.aim.guess;
			if (!draft.settled.includes(station)) draft.settled.push(station);
		});
	}

	/** Changes the client's own document. */
	changeClient(label: Label, recipe: (draft: Client) => unknown): void {
		const { client } = this;
		if (client) this.#workspace.transact(label, (draft) => recipe(draft.client(client.id)));
	}

	// Parts of the document keep their identity while they do not change, so what is derived from one
	// part is not worked out again when another is touched.
	#lift = $derived(this.visit.lift);
	#noLift = $derived(this.visit.noLift);
	/** The main application as it is planned; what of it goes on which hair is told by the views of the hair. */
	plan = $derived(this.#noLift ? onNothing(this.#lift) : this.#lift);
	/** Longest an application of a product may stay, minutes. */
	limitOf(product: LiftPlan['product']): number {
		return this.shelf?.limits[product] ?? this.shelf?.limitMinutes ?? DEFAULT_LIMIT_MINUTES;
	}
	/** The day as it was done so far: what is off lay as long as it did, the rest as long as is planned. */
	day: DayDone = $derived.by(() => ({ ...this.#lightened, tone: this.#toned }));
	#lightened = $derived.by(steady(() => liftDone(this.visit, this.visit.run)));
	#toned = $derived.by(steady(() => toneDone(this.visit.tone, this.visit.run)));
	/** Its applications as they are planned. */
	steps: readonly DayStep[] = $derived.by(() => daySteps(this.visit));
	/** The application of the day that Lift works on. */
	stepId: string = $state(MAIN_STEP);
	/** Whether an application of the day is off, and how long it lay is known. */
	isOff = (of: string): boolean =>
		of === MAIN_STEP
			? this.visit.run.lain !== undefined
			: minutesBy(this.visit.run, of) !== undefined;
	/** Changes how long the application that Lift works on lies; once it is off, how long it lay. */
	changeMinutes(minutes: number): void {
		const further = this.stepId === MAIN_STEP ? '' : ', further application';
		this.change(`minute${further}`, (draft) => setMinutes(draft, this.stepId, minutes));
	}
	/** Changes the application that Lift works on. */
	changePlan(label: string, recipe: (draft: LiftPlan) => void): void {
		this.change(this.stepId === MAIN_STEP ? label : `${label}, further application`, (draft) => {
			changeStep(draft, this.stepId, recipe);
		});
	}
	/** How the colour is lived with at home. */
	habit: WashHabit = $derived.by(() => ({
		washesPerWeek: this.client?.washesPerWeek ?? 2,
		violetPerWeek: this.client?.violetPerWeek,
		bluePerWeek: this.client?.bluePerWeek,
		glossWeeks: this.client?.glossWeeks,
		water: this.#reading.water
	}));
	/** What its past and what is seen today teach. */
	readonly learning: HeadLearning = new HeadLearning(this);
	/** All visits of its client. */
	get visits(): readonly Visit[] {
		return this.#workspace.visitsOf(this.visit.clientId);
	}
	get learned(): Learned | undefined {
		return this.learning.learned;
	}
	get learnedToday(): Learned | undefined {
		return this.learning.today;
	}
	get usage(): Usage {
		return this.learning.usage;
	}
	/** How fast whoever works on this head puts colour on. */
	handPace: HandPace = $derived.by(
		steady(() =>
			handPaceFrom(this.#workspace.cards.values(), this.visit.colourist, this.visit, this.shelf)
		)
	);
	/** The head as its hours are reckoned. */
	get workedHead(): WorkedHead {
		return { ...this.visit, handPace: this.handPace.factor };
	}
	/** Areas that share reading and aim; the rest of the head first. */
	#reading = $derived(this.visit.reading);
	#aim = $derived(this.visit.aim);
	groups = $derived(areaGroups(this.#reading, this.#aim));

	/** What the day takes: bowls, hours and price. */
	work: DayWork = $derived.by(() =>
		dayWork(this.visit, this.workedHead, this.shelf, this.bowls.main, this.lowlights.aside)
	);
	/** What plans of several visits are reckoned on. */
	get planHead(): PlanHead {
		return {
			visit: this.visit,
			head: this.workedHead,
			shelf: this.shelf,
			aside: this.lowlights.aside,
			today: this.work
		};
	}
	/** Bowls of the main application. */
	get bowlPlan(): WorkBowls {
		return this.work.main;
	}
	chairMinutes = $derived(this.work.chairMinutes);
	/** Whether anything at all is lightened today; otherwise the hair is toned or coloured as it is. */
	lightens = $derived.by(() => this.steps.some((step) => isWorked(step, this.#reading, this.#aim)));

	lines: readonly ShelfLine[] = $derived.by(() => this.shelf?.lines ?? []);
	line: ShelfLine | undefined = $derived.by(() => {
		const { lines } = this;
		return lines.find(({ id }) => id === this.visit.tone.lineId) ?? lines[0];
	});
	/** Developer that the toner is mixed with, volumes; 0 where nothing develops it. */
	tonerVolume: number | undefined = $derived.by(
		() => this.line && mixedFrom(this.line, this.visit.tone).developerVolume
	);
	/** The strongest developer of all toners of the day; nothing where there is none. */
	#strongestToner: number | undefined = $derived.by(() => {
		const volumes = [
			...(this.visit.tone.choice === 'none' ? [] : [this.tonerVolume ?? 0]),
			...this.placed.flatMap(({ mix, toner }) => (mix.choice === 'none' ? [] : [toner.volume ?? 0]))
		];
		return volumes.length === 0 ? undefined : Math.max(...volumes);
	});
	#grounds: CautionGrounds = $derived.by(() => ({
		client: this.client,
		groups: this.groups,
		lift: this.head.lift,
		ceilings: this.shelf?.ceilings,
		limitOf: (product) => this.limitOf(product),
		bowls: this.bowls.poured,
		tonerVolume: this.#strongestToner,
		today: this.#clock.moment().day
	}));
	cautions = $derived.by(() => visitCautions(this.visit, this.#grounds));
	stops = $derived(openStops(this.cautions));
	/** What stands against putting one thing on: an application by its id, or colour that deposits. */
	stopsOf(of?: string): readonly StandingCaution[] {
		return stopsOf(this.visit, this.#grounds, of);
	}
	/** What stands against a cure by bleach wash. */
	get stopsOfCure(): readonly StandingCaution[] {
		return stopsOfCure(this.visit, this.#grounds);
	}

	/** Passes a caution with the reason that was written; it stays in the record. */
	pass(code: string, reason: string): void {
		this.change(`passed ${code}`, (draft) => {
			draft.passed = draft.passed.filter((entry) => entry.code !== code);
			draft.passed.push({ code, reason, at: this.#clock.now().toISOString() });
		});
	}
}
