import { AREAS } from '../core/vocabulary';
import { partShare } from '../core/work';
import { FADE_WEEKS } from '../model/visit/aimStrands';
import {
	levelOf,
	NEUTRALISERS,
	undertoneOf,
	type StrandColours,
	type Undertone
} from '../core/colour';
import { describeLift, describeTone, isLifted, undertoneWord } from '../core/hair';
import {
	labOfFibre,
	levelOfFibre,
	predictLift,
	type AreaName,
	type Band,
	type Fibre,
	type LiftResult
} from '../core/lift';
import { rawLab, reachShare, type FadedWeek, type WashHabit, type Reaching } from '../core/tone';
import type { TintQuestion } from '../compute/tasks';
import type { Searches } from './searches';
import { aimOf, aimOn, readingOf } from '../model/head/exceptions';
import type {
	Aim,
	LiftPlan,
	Reading,
	ShelfLine,
	TonePlan,
	TonerMix,
	Visit,
	ZoneName,
	ZoneReading
} from '../schema/records';
import {
	daySteps,
	goesOn,
	MAIN_STEP,
	reaches,
	tintOf,
	touchesScalp,
	workedZones,
	type DayStep,
	type LiftDay
} from '../model/day/steps';
import { stepsAt, stepsOn } from '../model/visit/kept';
import { lightsAfter, type LightsResult } from '../model/visit/oldLights';
import {
	coloursOf,
	conditionOf,
	namedHair,
	withOldLights,
	oldColourOnWhite,
	pointsOf,
	seenFibre,
	zoneAt,
	zonesOf,
	type ZoneStart
} from '../model/head/hair';
import {
	applicationOn,
	liftAnswer,
	liftedFrom,
	sessionsAnswer,
	subjectOf,
	type CourseAnswer,
	type Learned,
	type LiftAnswer
} from '../model/visit/lift';
import { seenApart } from './seenApart';
import { restarted, strandSinceDry } from './sinceDry';
import { TonedStrand, type StretchToner } from './tonedStrand.svelte';
import { StepView, type DayStrand } from './stepView.svelte';
import { TonerView, type HairToTone, type TonerSource } from './tonerView.svelte';
import { rawOf, type ToneStart } from '../model/visit/tone';
import { naturalFibre } from '../model/day/placed';
import { standingSeen } from '../model/visit/standing';
import { levelsSeen, sectionsRead, type LevelSeen } from '../model/day/seen';
import { Search } from './search.svelte';
import { steady } from './steady';

/** What goes on the hair on a day: each with the minutes that it lay, or is to lie. */
export type DayDone = LiftDay & Pick<Visit, 'tone'>;

/** What a view of the hair rests on, whichever area it shows. */
export interface HairSource {
	readonly visit: Visit;
	/** Its day as it was done so far: the same for as long as none of it changes. */
	readonly day: DayDone;
	/** The rest of the head, which areas that differ are told from. */
	readonly head?: HairView;
	/** Whether a section lies in an area, or in one that is as it. */
	isIn?(section: string, area: AreaName): boolean;
	readonly line: ShelfLine | undefined;
	/** The lines of colour on the shelf. */
	readonly lines: readonly ShelfLine[];
	/** The application of the day that is looked at. */
	readonly stepId: string;
	/** Longest an application of a product may stay, minutes. */
	limitOf(product: LiftPlan['product']): number;
	/** How the colour is lived with at home. */
	readonly habit: WashHabit;
	/** Toners of their own on stretches of the strand, and those that go over all of it at the end. */
	readonly stretches: readonly StretchToner[];
	readonly glazes: readonly TonerView[];
	/** What past visits taught of this head; none while it is looked at as a typical one. */
	readonly learned: Learned | undefined;
	/** The same with what is seen of it today. */
	readonly learnedToday: Learned | undefined;
}

/**
 * Everything the core says of one strand: the rest of the head, or an area that differs from it. Each
 * answer is worked out when it is asked for, and again only when what it rests on has changed.
 */
export class HairView implements DayStrand, TonerSource {
	readonly #source: HairSource;
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
		this.toner = new TonerView(this, lane, searches);
		this.tintSearch = new Search(
			searches,
			'solveTint',
			`${lane}-tint`,
			() => this.tintLine && this.shown.tintQuestion(this.tintLine)
		);
		this.readySearch = new Search(
			searches,
			'readyInterval',
			`${lane}-ready`,
			() => this.shown.readyQuestion
		);
	}

	// Parts of the document keep their identity while they do not change, so what is derived from one
	// part is not worked out again when another is touched.
	#headReading = $derived.by(() => this.#source.visit.reading);
	#headAim = $derived.by(() => this.#source.visit.aim);
	reading: Reading = $derived.by(() => readingOf(this.#headReading, this.#area()));
	/** The aim of this area, with what its zones ask for beside it. */
	strandAim: Aim = $derived.by(() => aimOf(this.#headAim, this.#area()));
	/** This hair as predictions take it: by how fast the head lifts today, as far as somebody has looked. */
	subject = $derived.by(() => subjectOf(this.reading, this.#source.learnedToday, this.#area()));
	#lift = $derived.by(() => this.#source.day.lift);
	/** An area that has this hair, by which the steps of the day are told that leave some out. */
	place: AreaName = $derived.by(
		() =>
			this.#area() ??
			this.#rest.find((area) => partShare(this.#lift.part, area) > 0) ??
			this.#rest[0] ??
			'back'
	);
	/** Areas that are as the rest of the head is. */
	get #rest(): AreaName[] {
		return AREAS.filter((area) => !this.#headReading.areas[area] && !this.#headAim.areas[area]);
	}
	#before = $derived.by(() => this.#source.day.before);
	#after = $derived.by(() => this.#source.day.after);
	#noLift = $derived.by(() => this.#source.day.noLift);
	#liftDay: LiftDay = $derived.by(() => ({
		before: this.#before,
		lift: this.#lift,
		after: this.#after,
		...(this.#noLift ? { noLift: this.#noLift } : {})
	}));
	/** Zones that the service takes in: what of them is not lightened is toned all the same. */
	taken: LiftPlan['covers'] = $derived.by(
		steady(() => {
			const { before, lift, after } = this.#liftDay;
			return workedZones(
				daySteps({ before, lift, after }).filter(
					({ areas }) => !areas?.length || areas.includes(this.place)
				)
			);
		})
	);
	/** The applications of the day as this hair has them. */
	steps: readonly DayStep[] = $derived.by(() =>
		stepsOn(daySteps(this.#liftDay), this.place, this.reading, this.strandAim)
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
	/** Lines of colour that the tint that is looked at could be mixed from. */
	tintLines: readonly ShelfLine[] = $derived.by(() =>
		this.#source.lines.filter(({ vehicle }) => vehicle === this.shown.plan.product)
	);
	/** The one that it is mixed from, or would be. */
	tintLine: ShelfLine | undefined = $derived.by(
		() => this.tintLines.find(({ id }) => id === this.shown.plan.tint?.lineId) ?? this.tintLines[0]
	);
	/** Which shades hold best what the tint that is looked at exposes. */
	readonly tintSearch: Search<'solveTint', TintQuestion>;
	/** How early and how late the hair that is looked at may be inside its aim. */
	readonly readySearch: Search<'readyInterval'>;
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
	/** What was seen of it today; of an area, by its own sections, or as what was seen of the rest of the head tells. */
	#levels: readonly LevelSeen[] = $derived.by(() => {
		const { head, visit } = this.#source;
		const levels = levelsSeen(visit.run);
		const area = this.#area();
		if (area === undefined || !head) return levels;
		return [
			...(levels.length > 0 ? seenApart(levels, head, this) : []),
			...sectionsRead(visit.run, (section) => this.#source.isIn?.(section, area) ?? false)
		];
	});
	#tone = $derived.by(() => this.#source.day.tone);
	line: ShelfLine | undefined = $derived.by(() => this.#source.line);
	zones = $derived(zonesOf(this.reading));
	aimOf(zone: ZoneName): Aim {
		return aimOn(this.strandAim, zone);
	}
	limitOf(plan: LiftPlan): number {
		return this.#source.limitOf(plan.product);
	}
	/** Levels of the pigmented hair, zone by zone: what stands large everywhere. */
	now = $derived(this.zones.map(({ fibre }) => levelOfFibre(fibre)));
	nowLevel = $derived.by(() => levelOfFibre(this.zone.fibre));
	/** The colour as the eye mixes it with what white hair there is. */
	nowLab = $derived.by(() => labOfFibre(this.zone.fibre, this.reading.whiteShare));
	/** What the colour of this hair is called on its way. */
	liftedWord(fibre: Fibre): string {
		// What a tint of the day has laid over it is a tone.
		if (fibre.layers.length > this.zone.fibre.layers.length) {
			return describeTone(labOfFibre(fibre), 'toned');
		}
		return describeLift(
			labOfFibre(fibre),
			levelOfFibre(fibre),
			liftedFrom(this.reading, this.zone)
		);
	}
	/** What the hair that is toned is called: as a person named it, or else as it would be. */
	get startWord(): string {
		const { fibre, named } = this.toneStart;
		return named ? undertoneWord(named.undertone, this.rawLevel) : this.liftedWord(fibre);
	}
	/** Whether this hair shows an undertone: lifted by half a level or more. */
	isLifted(fibre: Fibre): boolean {
		return isLifted(levelOfFibre(fibre), liftedFrom(this.reading, this.zone));
	}
	rawLevel = $derived.by(() => levelOf(rawLab({ ...this.raw, whiteShare: 0 })));
	#worked = $derived.by(steady(() => workedZones(this.steps)));
	/** Where the product of the day begins, cm from the scalp. */
	#startsAt = $derived.by(
		() =>
			Math.min(
				...this.steps.filter(({ plan }) => goesOn(plan)).map(({ plan }) => plan.startsAtMm),
				25
			) / 10
	);
	points = $derived.by(() => pointsOf(this.zones, this.reading, this.#worked, this.#startsAt));
	/** Whether the main application touches the skin on this hair. */
	onScalp = $derived.by(() => touchesScalp(this.plan, this.zones));
	nowColours = $derived(
		this.withOldLights(
			coloursOf(
				this.points.map(({ fibre }) => fibre),
				this.reading.whiteShare
			)
		)
	);
	/** A strand of this hair with its old light pieces among it. */
	withOldLights(
		colours: StrandColours,
		dyesOn?: Parameters<typeof withOldLights>[3],
		lights: readonly LightsResult[] = []
	): StrandColours {
		return withOldLights(
			colours,
			this.zones,
			this.points,
			dyesOn,
			(zone) => lights.find((each) => each.zone === zone)?.after
		);
	}
	/** Old light pieces of the zone that the figures speak of, as they were read. */
	get oldLights(): ZoneReading['oldLights'] {
		return this.reading.zones[this.zone.name].oldLights;
	}
	/** Whether any zone has old light pieces among it. */
	hasLights = $derived.by(() => this.zones.some(({ oldLights }) => oldLights));
	#technique = $derived.by(() => this.#source.visit.bowls.technique);
	/** The same pieces, zone by zone, as the first applications of the day leave them. */
	lightsAfter(applications: number): readonly LightsResult[] {
		if (!this.hasLights) return [];
		const { subject, strandAim: aim, zones } = this;
		const steps = stepsAt(daySteps(this.#liftDay), this.place).slice(0, applications);
		return lightsAfter({ steps, subject, aim, technique: this.#technique, zones });
	}
	/** As the day leaves them. */
	lights: readonly LightsResult[] = $derived.by(() => this.lightsAfter(this.steps.length));

	conditionBefore = $derived.by(() => conditionOf(this.reading));
	/** What each application of the day does on the zone that the figures speak of. */
	#day = $derived.by(() => this.steps.map(({ plan }) => applicationOn(plan, this.zone)));
	/** What was read of a zone again, dry, when the main application was off. */
	#dry: ReadonlyMap<ZoneName, LevelSeen> = $derived.by(
		() =>
			new Map(this.#levels.flatMap((seen) => (seen.after === MAIN_STEP ? [[seen.zone, seen]] : [])))
	);
	/** A zone as the day leaves it, whatever a tint lays over it: as looks at it tell, or else as it is expected. */
	leftOn(zone: ZoneStart): Fibre {
		const seen = this.#seenOn(zone.name);
		// A warmth that was named lies beside the level, and is not taken for it.
		const bare = seen && { ...seen, undertone: undefined };
		return bare ? standingSeen(bare, zone, this).fibre : this.final.zoneWith(zone, {});
	}
	/** Level at which the zone that the figures speak of was read, off and dry, after an application of the day. */
	readAfter(step: DayStep['id']): number | undefined {
		return this.#levels.findLast(
			({ zone, after, isTold }) => zone === this.zone.name && after === step && !isTold
		)?.level;
	}
	/** How many applications of the day there are up to the main one. */
	#toMain = $derived.by(() => this.steps.findIndex(({ id }) => id === MAIN_STEP) + 1);
	/** A zone as it was read again, dry; as it was before the day, where nobody did. */
	#dried(zone: ZoneStart): ZoneStart {
		const seen = this.#dry.get(zone.name);
		return seen ? restarted(zone, seenFibre(this.reading, seen.level)) : zone;
	}
	/** The same strand as it was read again, dry, with what is put on it after that. */
	sinceDry: DayStrand | undefined = $derived.by(() =>
		strandSinceDry(this, this.#toMain, this.#dry)
	);
	/** What each application leaves of that zone. */
	results: readonly LiftResult[] = $derived.by(() => {
		const predict = (zone: ZoneStart, from: number, to: number | undefined, condition: number) =>
			predictLift(
				zone.fibre,
				this.#day.slice(from, to),
				this.subject.factors,
				condition,
				this.reading.whiteShare,
				oldColourOnWhite(zone.fibre)
			);
		const { zone, conditionBefore } = this;
		if (!this.sinceDry || !this.#dry.has(zone.name))
			return predict(zone, 0, undefined, conditionBefore);
		const first = predict(zone, 0, this.#toMain, conditionBefore);
		const { condition } = first.at(-1)!;
		return [...first, ...predict(this.#dried(zone), this.#toMain, undefined, condition)];
	});
	/** Dose of all of them together on that zone: hair that had too much holds less of a toner. */
	doseToday = $derived(this.results.reduce((sum, { dose }) => sum + dose, 0));
	/** Level that the first applications of the day were to leave on a zone before anybody looked at any of it. */
	foreseenOn(zone: ZoneStart, applications = this.steps.length): number {
		const { factors } = subjectOf(this.reading, this.#source.learned, this.#area());
		const day = this.steps.slice(0, applications).map(({ plan }) => applicationOn(plan, zone));
		return levelOfFibre(predictLift(zone.fibre, day, factors).at(-1)?.fibre ?? zone.fibre);
	}
	/** The same of the main application, of a zone that was read off and dry after it. */
	foreseenOnRead(zone: ZoneStart): number | undefined {
		return this.#dry.has(zone.name) ? this.foreseenOn(zone, this.#toMain) : undefined;
	}
	/** Where the day leaves that zone. */
	lift: LiftAnswer = $derived.by(() => {
		if (this.steps.length === 1) return this.main.lift;
		const last = this.steps.at(-1)!;
		const { rootLead } = this.main.lift;
		const { sinceDry } = this;
		const answer =
			sinceDry && this.#dry.has(this.zone.name)
				? liftAnswer(
						sinceDry.subject,
						last.plan,
						this.#dried(this.zone),
						this.#day.slice(this.#toMain, -1)
					)
				: liftAnswer(this.subject, last.plan, this.zone, this.#day.slice(0, -1));
		return { ...answer, rootLead };
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

	/** The last level seen at the chair on a zone. */
	#seenOn(name: ZoneName): LevelSeen | undefined {
		return this.#levels.findLast(({ zone }) => zone === name);
	}
	/** On the zone that the figures speak of. */
	seen = $derived.by(() => this.#seenOn(this.zone.name));
	/** The last level seen on any zone. */
	seenElsewhere = $derived.by(() => this.#levels.at(-1));
	/** Whether somebody looked at any of it. */
	get isLookedAt(): boolean {
		return this.seenElsewhere !== undefined;
	}
	/** What the toner starts from: what is there replaces what was expected. */
	toneStart: ToneStart = $derived.by(() => this.startOn(this.zone));
	/** What the toner finds on a zone. */
	startOn(zone: ZoneStart): ToneStart {
		const seen = this.#seenOn(zone.name);
		if (!seen) return { ...this.#asItIs(zone), seen: false, minute: this.plan.minutes };
		return standingSeen(seen, zone, this);
	}
	/** Level of a zone after some minutes of the main application. */
	levelAt(zone: ZoneStart, minutes: number): number {
		return this.main.levelWith(zone, { minutes });
	}
	/** What nobody has looked at today: as it is expected, or as it was read where nothing goes on it. */
	#asItIs(zone: ZoneStart): Pick<ToneStart, 'fibre' | 'white' | 'named'> {
		const { name, state } = zone;
		const { undertone, presentLevel } = this.reading.zones[name];
		const lifted = this.steps.some(({ plan }) => reaches(plan, name));
		if (undertone && state === 'lightened' && !lifted)
			return namedHair(this.reading, presentLevel, undertone);
		return name === this.zone.name ? this.#leaves : { fibre: this.final.zoneWith(zone, {}) };
	}
	/** The hair as the day leaves it, with what its tints have laid down. */
	get #leaves(): Pick<ToneStart, 'fibre' | 'white'> {
		const tinted = this.steps.some(({ plan }) => tintOf(plan));
		const { fibre, white } = this.results.at(-1)!;
		return tinted ? { fibre, white } : { fibre: this.lift.fibre };
	}
	raw = $derived(rawOf(this.toneStart, this.reading));
	rawLab = $derived(rawLab(this.raw));
	/** The warmth that is toned: as a person named it, or else as the model does. */
	rawUndertone: Undertone = $derived.by(() => {
		const found = undertoneOf(this.rawLab);
		const name = this.toneStart.named?.undertone;
		return name === undefined ? found : { ...found, name, neutraliser: NEUTRALISERS[name] };
	});
	/** The strand before toning: zones that were looked at as that tells, the others as they are expected. */
	rawFibres: Fibre[] = $derived.by(() => {
		const { points, lifted, zones } = this;
		if (!this.isLookedAt) return lifted;
		const looked = zones.filter(({ name }) => this.#seenOn(name));
		const stands = new Map(looked.map((zone) => [zone.name, this.startOn(zone).fibre]));
		return points.map(({ covered, distanceCm }, i) => {
			const own = covered ? stands.get(zoneAt(zones, distanceCm).name) : undefined;
			return own ?? lifted[i]!;
		});
	});
	/** How much of what goes on this hair somebody saw as it ended. */
	get seenOf(): 'all' | 'some' | 'none' {
		const worked = this.zones.filter(({ name }) => this.#worked[name]);
		const seen = worked.filter((zone) => this.startOn(zone).seen).length;
		return seen === 0 ? 'none' : seen === worked.length ? 'all' : 'some';
	}
	/**
	 * The lightest hair of a stretch of the strand before toning, and how it takes a toner up: what is mixed to soften
	 * a line is mixed for the hair beyond it.
	 */
	lightestOf({ from, cm }: Reaching): Pick<HairToTone, 'raw' | 'fibre' | 'porosity'> {
		const { points, rawFibres, zones } = this;
		const { lengthCm } = this.reading;
		const distanceOf = (point: number) => points[point]!.distanceCm;
		const within = points.flatMap(({ distanceCm }, i) =>
			reachShare(from === 'scalp' ? distanceCm : lengthCm - distanceCm, cm) >= 0.5 ? [i] : []
		);
		const [lightest = 0] = within.toSorted(
			(p, q) => levelOfFibre(rawFibres[q]!) - levelOfFibre(rawFibres[p]!)
		);
		const fibre = rawFibres[lightest]!;
		const porosity = this.porosityToTone(zoneAt(zones, distanceOf(lightest)));
		return { raw: rawOf({ fibre }, this.reading), fibre, porosity };
	}
	/** Hair that stayed out of the lightener: as it was, or as it grows where all of it was light before. */
	get leftOut(): Fibre {
		const { state, fibre } = this.zone;
		return state === 'lightened' ? naturalFibre(this.reading) : fibre;
	}
	/** Its white fibres, where a tint of the day lies on them. */
	whites = $derived.by(() => (this.toneStart.seen ? undefined : this.final.whites));
	rawColours = $derived.by(() =>
		this.withOldLights(
			coloursOf(this.rawFibres, this.reading.whiteShare, this.whites),
			undefined,
			this.lights
		)
	);

	/** The toner for the hair that no other is mixed for. */
	readonly toner: TonerView;
	get mix(): TonerMix {
		return this.#tone;
	}
	get lines(): readonly ShelfLine[] {
		return this.#source.lines;
	}
	get filler(): TonePlan['filler'] {
		return this.#tone.filler;
	}
	get damp(): boolean {
		return this.#tone.damp === true;
	}
	get habit(): WashHabit {
		return this.#source.habit;
	}
	/** How a zone takes a toner up: porous hair as the rest, once it was evened out. */
	porosityToTone({ porosity }: ZoneStart): ZoneStart['porosity'] {
		return this.#tone.evened && porosity === 'high' ? 'normal' : porosity;
	}
	/** What it finds. */
	hair: HairToTone = $derived.by(() => ({
		raw: this.raw,
		fibre: this.toneStart.fibre,
		porosity: this.porosityToTone(this.zone),
		reading: this.reading,
		aim: this.aim,
		condition: this.lift.condition,
		doseToday: this.doseToday,
		porous: this.zones.some((zone) => this.taken[zone.name] && this.porosityToTone(zone) === 'high')
	}));
	/** Its strand with colour laid over it. */
	readonly #tonedStrand: TonedStrand = new TonedStrand(this, () => this.#source);
	/** The strand with its filler on. */
	get filledColours(): StrandColours {
		return this.#tonedStrand.filled;
	}
	get tonedColours(): StrandColours {
		return this.#tonedStrand.toned;
	}
	get fadedColours(): StrandColours {
		return this.#tonedStrand.faded;
	}
	/** The strand some weeks after the visit, at this client's washes; what has grown since is not on it. */
	coloursAfter(weeks: number): StrandColours {
		return this.#tonedStrand.after(weeks);
	}
	/** Whether most of a zone gets a toner of its own. */
	isTonedApart(zone: ZoneStart): boolean {
		return this.#tonedStrand.isTonedApart(zone);
	}
	/** As it goes home: under the glaze, where one goes over all of this head's hair. */
	finished = $derived.by((): Pick<TonerView['toned'], 'level' | 'lab'> => {
		const glaze = this.#area() === undefined ? this.#source.glazes.at(-1) : undefined;
		return glaze && !glaze.none ? glaze.toned : this.toner.toned;
	});
	/** As it looks when the toner has mostly gone. */
	get faded(): FadedWeek {
		return this.toner.weeks[FADE_WEEKS]!;
	}
	/** What the toner makes of the old light pieces: each zone's level by then. */
	lightsToned: readonly (LightsResult & { readonly toned: number })[] = $derived.by(() => {
		const { lights, taken, toner } = this;
		return lights.map((piece) => {
			const { level } = toner.withoutWhite(piece.after);
			return { ...piece, toned: taken[piece.zone] ? level : piece.level };
		});
	});
}
