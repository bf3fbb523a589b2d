import { hexOf, type StrandColours } from '../core/colour';
import {
	findBands,
	headAt,
	labOfFibre,
	levelOfFibre,
	pointAt,
	predictLift,
	readyHead,
	readyTimes,
	SCALP,
	type AreaName,
	type Band,
	type Fibre,
	type HeadArea,
	type LiftEvent,
	type ReadyHead,
	type ZoneReady
} from '../core/lift';
import { TARGET_TOLERANCE } from '../core/plan';
import { factsOf } from '../core/vocabulary';
import type { Aim, LiftPlan, Reading, ShelfLine, ZoneName } from '../schema/records';
import {
	beginCm,
	eventsUpTo,
	goesOn,
	lifting,
	MAIN_STEP,
	middleOf,
	reaches,
	tintOf,
	type DayStep
} from '../model/day/steps';
import {
	coloursOf,
	conditionOf,
	mainZone,
	oldColourOnWhite,
	type StrandPoint,
	type ZoneStart
} from '../model/head/hair';
import {
	applicationOn,
	clockMinutes,
	courseAnswer,
	liftAnswer,
	liftTarget,
	type LiftSubject
} from '../model/visit/lift';
import type { ReadyQuestion, TintQuestion } from '../compute/tasks';
import type { LightsResult } from '../model/visit/oldLights';
import { steady } from './steady';

/** A strand on which the applications of a day follow one another. */
export interface DayStrand {
	readonly reading: Reading;
	readonly subject: LiftSubject;
	readonly zones: readonly ZoneStart[];
	readonly points: readonly StrandPoint[];
	readonly place: AreaName;
	readonly steps: readonly DayStep[];
	/** Zones that the service takes in, lightened or not. */
	readonly taken: LiftPlan['covers'];
	aimOf(zone: ZoneName): Aim;
	limitOf(plan: LiftPlan): number;
	/** A strand of this hair with its old light pieces among it. */
	withOldLights(
		colours: StrandColours,
		dyesOn: undefined,
		lights: readonly LightsResult[]
	): StrandColours;
	/** Old light pieces as the first applications of the day leave them. */
	lightsAfter(applications: number): readonly LightsResult[];
	/** The same strand from where it was read again, dry, with what is put on it since; nothing before that. */
	readonly sinceDry?: DayStrand | undefined;
}

/** A place of the strand at a minute. */
export interface TrackMoment {
	readonly minute: number;
	readonly level: number;
	readonly hex: string;
}

/** How one place of the strand goes, beside the zone that the figures speak of. */
export interface Track {
	readonly name: 'root' | 'lengths' | 'ends';
	readonly moments: readonly TrackMoment[];
}

/** A place is told apart when it ends this far from the main zone, levels. */
const TRACK_APART = 0.15;
const TRACK_STEP_MINUTES = 4;
/** A tint's formula is told in parts of this many grams of colour; its bowls are weighed by their own. */
const TINT_GRAMS = 60;
const isTint = (product: LiftPlan['product']): product is 'highLift' | 'permanent' =>
	factsOf(product).kind === 'tint';

/** One application of the day on one strand: from what the ones before it left, to what it leaves. */
export class StepView {
	readonly #whole: DayStrand;
	readonly #id: () => string;

	/** @param id which of the day's steps; one that is gone is the main application */
	constructor(hair: DayStrand, id: () => string) {
		this.#whole = hair;
		this.#id = id;
	}

	/** The strand that it finds: what was seen of it replaces what was expected. */
	#hair: DayStrand = $derived.by(() => {
		const { steps } = this.#whole;
		const at = (id: string) => steps.findIndex((step) => step.id === id);
		// Only what comes after the main application finds what was read when that was off.
		return at(this.#id()) > at(MAIN_STEP) ? (this.#whole.sinceDry ?? this.#whole) : this.#whole;
	});
	/** Its place among the applications of the day. */
	get number(): number {
		return this.#index + this.#whole.steps.length - this.#hair.steps.length;
	}

	/** Its place among the applications since the hair was last read. */
	#index = $derived.by(() => {
		const { steps } = this.#hair;
		const at = steps.findIndex(({ id }) => id === this.#id());
		return at < 0 ? steps.findIndex(({ id }) => id === MAIN_STEP) : at;
	});
	step: DayStep = $derived.by(() => this.#hair.steps[this.#index]!);
	plan: LiftPlan = $derived.by(() => this.step.plan);
	limit = $derived.by(() => this.#hair.limitOf(this.plan));
	/** Where its clock ends. */
	lastMinute = $derived(clockMinutes(this.limit));
	// What does not depend on the minute stays as it is while the clock is dragged; where the mixture is
	// drawn through near the finish, it does depend on it.
	#work: readonly [readonly LiftPlan[], LiftPlan] = $derived.by(
		steady(() => [
			this.#hair.steps.slice(0, this.#index).map(({ plan }) => plan),
			this.plan.drawThroughMinutes > 0 ? this.plan : { ...this.plan, minutes: 0 }
		])
	);
	/** The zone that the figures speak of: the longest that this application goes on, or else the service. */
	zone: ZoneStart = $derived.by(() => {
		const [, plan] = this.#work;
		return mainZone(this.#hair.zones, goesOn(plan) ? plan.covers : this.#hair.taken);
	});
	aim: Aim = $derived.by(() => this.#hair.aimOf(this.zone.name));
	target = $derived(liftTarget(this.aim));
	/** What was done before it on the same day, on the same zone. */
	earlier = $derived.by(() => this.#work[0].map((plan) => applicationOn(plan, this.zone)));
	/** The zone as this application finds it. */
	start: Fibre = $derived.by(() => this.#after(this.earlier));

	/** The lift alone, whatever a tint lays down with it. */
	lift = $derived.by(() => liftAnswer(this.#hair.subject, this.plan, this.zone, this.earlier));
	course = $derived.by(() =>
		courseAnswer(this.#hair.subject, this.aim, this.#work[1], this.zone, this.limit, this.earlier)
	);
	/** The zone as this application leaves it: what `lift` says, without how sure one is of it. */
	fibre: Fibre = $derived.by(() => this.fibreAt(this.plan.minutes));
	/** The zone at a minute of this application. */
	fibreAt(minute: number): Fibre {
		if (minute <= 0) return this.start;
		return this.#after([...this.earlier, applicationOn(this.plan, this.zone, minute)]);
	}
	#after(applications: readonly ReturnType<typeof applicationOn>[]): Fibre {
		const { subject } = this.#hair;
		return (
			predictLift(this.zone.fibre, applications, subject.factors).at(-1)?.fibre ?? this.zone.fibre
		);
	}

	strand: HeadArea = $derived.by(() => ({
		name: this.#hair.place,
		whiteShare: this.#hair.reading.whiteShare,
		texture: this.#hair.reading.texture,
		points: this.#hair.points
	}));
	/** The strand with all that is done to it up to this application, ready for any minute. */
	#ready: {
		readonly head: ReadyHead;
		readonly from: number;
		readonly events: readonly LiftEvent[];
	} = $derived.by(() => {
		const [before, plan] = this.#work;
		return this.#prepared([...before, lifting(plan)]);
	});
	/** The same with what a tint lays down: as the hair looks. */
	#looks = $derived.by(() => {
		const [before, plan] = this.#work;
		return tintOf(plan) ? this.#prepared([...before, plan]) : this.#ready;
	});
	#prepared(plans: readonly LiftPlan[]) {
		const steps = plans.map((each, i) => ({ ...this.#hair.steps[i]!, plan: each }));
		const { events, from } = eventsUpTo(steps, this.#hair.zones);
		return { head: readyHead([this.strand], events, this.#hair.subject.factors), from, events };
	}
	#now = $derived.by(() => this.#at(this.plan.minutes));
	#at(minute: number) {
		const { head, from } = this.#looks;
		return headAt(head, from + minute)[0]!;
	}
	/** The strand at a minute of this application. */
	liftedAt(minute: number): Fibre[] {
		return this.#at(minute).points.map(({ fibre }) => fibre);
	}
	lifted: Fibre[] = $derived.by(() => this.#now.points.map(({ fibre }) => fibre));
	/** Its white fibres, where a tint of the day lies on them. */
	whites: Fibre[] | undefined = $derived.by(() =>
		this.#hair.steps.some(({ plan }) => tintOf(plan))
			? this.#now.points.map(({ white }) => white)
			: undefined
	);
	/** Old light pieces among the hair, as this application leaves them. */
	lights: readonly LightsResult[] = $derived.by(() => this.#hair.lightsAfter(this.#index + 1));
	liftedColours = $derived.by(() =>
		this.#hair.withOldLights(
			coloursOf(this.lifted, this.#hair.reading.whiteShare, this.whites),
			undefined,
			this.lights
		)
	);
	/** The tint's own question: what to mix for what it lifts to. */
	tintQuestion(line: ShelfLine): TintQuestion | undefined {
		const { plan, zone, aim } = this;
		const { product } = plan;
		if (!isTint(product) || line.vehicle !== product) return undefined;
		const { subject, reading } = this.#hair;
		const before = predictLift(
			zone.fibre,
			this.earlier,
			subject.factors,
			subject.condition ?? conditionOf(reading),
			reading.whiteShare,
			oldColourOnWhite(zone.fibre)
		).at(-1);
		return {
			lineId: line.id,
			start: {
				fibre: before?.fibre ?? zone.fibre,
				white: before?.white ?? oldColourOnWhite(zone.fibre),
				condition: before?.condition ?? subject.condition ?? conditionOf(reading),
				whiteShare: reading.whiteShare
			},
			application: { ...applicationOn(lifting(plan), zone), product },
			factors: subject.factors,
			level: aim.level,
			direction: aim.direction,
			keepWarmth: aim.keepWarmth,
			shelf: line.shades.map((shade) => ({ ...shade, vehicle: line.vehicle })),
			totalGrams: TINT_GRAMS
		};
	}
	/** Stretches that come out apart from the rest of what was worked on, with the reason. */
	bands: Band[] = $derived.by(() => {
		const covered = new Map(this.#hair.points.map((p) => [p.distanceCm, p.covered]));
		return findBands(this.strand, this.#now.points, (cm) => covered.get(cm) === true);
	});

	/** What another zone comes to, were the plan changed: what a later start or drawing through does. */
	zoneWith(zone: ZoneStart, change: Partial<LiftPlan>): Fibre {
		const { steps, zones, subject, points } = this.#hair;
		const changed = steps
			.slice(0, this.#index + 1)
			.map((step, i) =>
				i === this.#index ? { ...step, plan: lifting({ ...step.plan, ...change }) } : step
			);
		const { plan } = changed[this.#index]!;
		const middle = middleOf(plan, zone);
		const point = { ...nearest(points, middle), distanceCm: middle };
		const { events, from } = eventsUpTo(changed, zones);
		const head = readyHead([{ ...this.strand, points: [point] }], events, subject.factors);
		return headAt(head, from + plan.minutes)[0]!.points[0]!.fibre;
	}
	levelWith(zone: ZoneStart, change: Partial<LiftPlan>): number {
		return levelOfFibre(this.zoneWith(zone, change));
	}

	/** A zone as it is judged: from where the product begins on it. */
	#placeOf = ({ name, fromCm, toCm }: ZoneStart) => ({
		name,
		area: this.#hair.place,
		fromCm: Math.min(toCm, beginCm(this.plan, { fromCm })),
		toCm
	});
	/** When each zone that it reaches is inside its own aim, minutes of this application. */
	ready: ZoneReady[] = $derived.by(() => {
		const { head, from } = this.#ready;
		return this.#hair.zones
			.filter(({ name }) => reaches(this.#work[1], name))
			.map((start) => {
				const level = liftTarget(this.#hair.aimOf(start.name));
				const target = { low: level - TARGET_TOLERANCE, high: level + TARGET_TOLERANCE };
				const place = this.#placeOf(start);
				const zone = readyTimes(head, [place], target, from + this.lastMinute).zones[0]!;
				const since = (minute: number | undefined) =>
					minute === undefined ? undefined : Math.max(0, minute - from);
				return { zone: place, from: since(zone.from), to: since(zone.to) };
			});
	});

	/** How early and how late the zone that the figures speak of may be in, for all that is not known of it. */
	readyQuestion: ReadyQuestion | undefined = $derived.by(() => {
		const { from, events } = this.#ready;
		if (!reaches(this.#work[1], this.zone.name)) return undefined;
		const { subject } = this.#hair;
		return {
			area: this.strand,
			events,
			factors: subject.factors,
			zone: this.#placeOf(this.zone),
			targetLow: this.target - TARGET_TOLERANCE,
			limitMinute: from + this.lastMinute,
			spread: subject.spreadOf(this.zone.name)
		};
	});
	/** A minute of the head's clock as one of this application. */
	sinceItBegan = (minute: number): number => Math.max(0, minute - this.#ready.from);

	/** The warm root and the other zones beside the main one, where they would come out apart from it. */
	tracks: Track[] = $derived.by(() => {
		const plan = this.#work[1];
		const { zones } = this.#hair;
		const places: { name: ZoneName; cm: number }[] = zones
			.filter(({ name }) => reaches(plan, name))
			.map(({ name, fromCm, toCm }) => ({
				name,
				cm: fromCm === 0 ? Math.min(Math.max(0.5, plan.startsAtMm / 10), toCm) : (fromCm + toCm) / 2
			}))
			.filter(({ name, cm }) => name !== this.zone.name || cm < SCALP.heatZoneCm);
		if (this.zone.name === 'lengths' && zones[0]?.name === 'lengths' && plan.covers.lengths)
			places.unshift({ name: 'root', cm: Math.max(0.5, plan.startsAtMm / 10) });
		return places.flatMap(({ name, cm }) => this.#trackAt(name, cm));
	});
	#trackAt(name: ZoneName, cm: number): Track[] {
		const { head, from } = this.#ready;
		const points = head.areas[0]!.points;
		// Of the points that the mixture goes on: above where it begins nothing happens.
		const places = points.map((point) => ({ point, distanceCm: point.start.distanceCm }));
		const on = places.filter(({ distanceCm }) => distanceCm * 10 >= this.#work[1].startsAtMm);
		const at = nearest(on.length > 0 ? on : places, cm).point;
		const { whiteShare } = this.#hair.reading;
		const moments: Track['moments'][number][] = [];
		for (let minute = 0; minute <= this.lastMinute; minute += TRACK_STEP_MINUTES) {
			const { fibre } = pointAt(at, from + minute);
			const hex = hexOf(labOfFibre(fibre, whiteShare));
			moments.push({ minute, level: levelOfFibre(fibre), hex });
		}
		const main = this.course.course;
		const apart = moments.some(({ minute, level }) => {
			const beside = main.find((moment) => moment.minute >= minute) ?? main.at(-1)!;
			return Math.abs(beside.level - level) >= TRACK_APART;
		});
		return apart ? [{ name, moments }] : [];
	}
}

const nearest = <P extends { readonly distanceCm: number }>(points: readonly P[], cm: number): P =>
	points.reduce((best, point) =>
		Math.abs(point.distanceCm - cm) < Math.abs(best.distanceCm - cm) ? point : best
	);
