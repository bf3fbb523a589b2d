import type { Porosity, Texture } from '../hair';
import { depositOf, type Vehicle } from '../tone';
import {
	headFactor,
	moistureOf,
	oxidationLife,
	plainRate,
	sparesDye,
	temperatureAt,
	type Application,
	type HeadFactors
} from './application';
import { RATE, WEAR } from './constants';
import {
	spellsAt,
	touches,
	type AreaName,
	type LiftEvent,
	type Mixture,
	type Spell,
	type Stretch
} from './events';
import { levelOfFibre, lightenFibre, WHITE_FIBRE, type DyeLayer, type Fibre } from './fibre';
import { doseToDoubling, wearPerDose } from './wear';

/** What is only remembered of a point, not read: the interval doubts it. */
export interface Remembered {
	/** The hair before it was lightened. */
	readonly before: Fibre;
	/** Dose of the lightening that is remembered, ≥ 0. */
	readonly dose: number;
}

/** A point of a strand before the service. */
export interface PointStart {
	/** Centimetres from the scalp. */
	readonly distanceCm: number;
	readonly fibre: Fibre;
	/** White fibres beside it, where they were coloured; left out, bare. */
	readonly white?: Fibre | undefined;
	/** Condition index, 0-100. */
	readonly condition: number;
	readonly porosity: Porosity;
	readonly remembered?: Remembered | undefined;
}

/** One area of the head: its own strand. */
export interface HeadArea {
	readonly name: AreaName;
	/** Share of white fibres, 0-1. */
	readonly whiteShare: number;
	/** Where it differs from the head's. */
	readonly texture?: Texture | undefined;
	/** Scalp first, at most half a centimetre apart. */
	readonly points: readonly PointStart[];
}

/** A point at a minute of the service. */
export interface PointNow {
	readonly distanceCm: number;
	readonly fibre: Fibre;
	readonly white: Fibre;
	/** Level of the pigmented hair. */
	readonly level: number;
	readonly condition: number;
	/** Dose received so far. */
	readonly dose: number;
}

/** An area at a minute of the service. */
export interface AreaNow {
	readonly name: AreaName;
	readonly whiteShare: number;
	readonly points: readonly PointNow[];
}

/**
 * A spell without its place: what all points share that the same events touch. How long it has worked
 * is asked by each of them for the same minute, so the last answer is kept.
 */
class SpellClock {
	readonly beginsMinute: number;
	/** 1/min: oxidation, and drying beside it. */
	readonly #oxidation: number;
	readonly #drying: number;
	#minute = NaN;
	#active = 0;

	constructor(
		readonly mixture: Mixture,
		readonly stretches: readonly Stretch[],
		application: Application
	) {
		this.beginsMinute = stretches[0]!.fromMinute;
		this.#oxidation = 1 / oxidationLife(application);
		this.#drying = this.#oxidation * (1 / moistureOf(application) - 1);
	}

	/** `∫ a dt` up to a minute, in minutes of full activity: closed form for each stretch. */
	activeMinutes(minute: number): number {
		if (minute !== this.#minute) {
			this.#minute = minute;
			this.#active = this.#integrate(minute);
		}
		return this.#active;
	}

	#integrate(minute: number): number {
		const decay = this.#oxidation + this.#drying;
		let sum = 0;
		for (const { fromMinute, toMinute, mixedMinute, appliedMinute, share } of this.stretches) {
			const span = Math.min(minute, toMinute) - fromMinute;
			if (span <= 0) continue;
			const lost =
				(fromMinute - mixedMinute) * this.#oxidation + (fromMinute - appliedMinute) * this.#drying;
			sum += (share * Math.exp(-lost) * -Math.expm1(-span * decay)) / decay;
		}
		return sum;
	}

	/** Minutes that a tint has had to lay its dye, a wiped rest counted by its share. */
	layingMinutes(minute: number): number {
		return this.stretches.reduce(
			(sum, { fromMinute, toMinute, share }) =>
				sum + share * Math.max(0, Math.min(minute, toMinute) - fromMinute),
			0
		);
	}
}

/** A spell made ready: its rates at one point. */
interface ReadySpell {
	readonly clock: SpellClock;
	readonly mixture: Mixture;
	/** Dose per minute at full activity, and the part of it that wears. */
	readonly rate: number;
	readonly plainRate: number;
	readonly wearPerDose: number;
	readonly spares: boolean;
}

/** A point made ready for any minute. */
export interface ReadyPoint {
	readonly start: PointStart;
	readonly texture: Texture;
	readonly red: boolean;
	readonly spells: readonly ReadySpell[];
}

/** A head with all that will be done to it, ready to be asked for any minute. */
export interface ReadyHead {
	readonly areas: readonly { readonly area: HeadArea; readonly points: readonly ReadyPoint[] }[];
}

const VEHICLE_OF: Partial<Record<Mixture['product'], Vehicle>> = {
	highLift: 'highLift',
	permanent: 'permanent',
	alkalineDemi: 'demi'
};

/** Works out once what does not depend on the minute: spells, temperatures and rates of every point. */
export function readyHead(
	areas: readonly HeadArea[],
	events: readonly LiftEvent[],
	head: HeadFactors
): ReadyHead {
	// Stable: two things done in the same minute happen in the order they are given.
	const inOrder = [...events].sort((p, q) => p.minute - q.minute);
	return {
		areas: areas.map((area) => {
			const here: HeadFactors = { ...head, texture: area.texture ?? head.texture };
			const place = new ReadyArea(area, inOrder, here);
			return { area, points: area.points.map((start) => place.ready(start)) };
		})
	};
}

/** What the points of one area share: the spells of each run of events, worked out once. */
class ReadyArea {
	readonly #known = new Map<string, readonly SpellBase[]>();

	constructor(
		private readonly area: HeadArea,
		private readonly events: readonly LiftEvent[],
		private readonly head: HeadFactors
	) {}

	ready(start: PointStart): ReadyPoint {
		const { distanceCm } = start;
		return {
			start,
			texture: this.head.texture,
			red: this.head.warmth === 'red',
			spells: this.#basesAt(distanceCm).map((base): ReadySpell => {
				const heat = heatAt(base.application, distanceCm);
				return {
					clock: base.clock,
					mixture: base.mixture,
					rate: base.rate * heat,
					plainRate: base.plainRate * heat,
					wearPerDose: base.wearPerDose,
					spares: base.spares
				};
			})
		};
	}

	#basesAt(distanceCm: number): readonly SpellBase[] {
		let key = '';
		for (const event of this.events) key += touches(event, this.area.name, distanceCm) ? '1' : '0';
		let bases = this.#known.get(key);
		if (!bases) {
			const spells = spellsAt(this.events, this.area.name, distanceCm);
			this.#known.set(key, (bases = spells.map((spell) => baseOf(spell, this.head))));
		}
		return bases;
	}
}

/** A spell at the reference temperature: a point only adds its warmth. */
interface SpellBase extends ReadySpell {
	readonly application: Application;
}

function baseOf({ mixture, stretches }: Spell, head: HeadFactors): SpellBase {
	const application: Application = { ...mixture, minutes: 0 };
	const at: Application = { ...application, temperatureC: RATE.referenceC };
	const plain = plainRate(at, head.naturalLevel);
	return {
		application,
		clock: new SpellClock(mixture, stretches, application),
		mixture,
		rate: plain * headFactor(application, head),
		plainRate: plain,
		wearPerDose: wearPerDose(application, head),
		spares: sparesDye(mixture.product)
	};
}

/** Factor on the rate by the temperature of a point. */
const heatAt = (application: Application, distanceCm: number): number =>
	Math.exp(
		(Math.log(RATE.per10C) * (temperatureAt(application, distanceCm) - RATE.referenceC)) / 10
	);

/** What a tint has laid on a fibre by now, as a layer of its own. */
function laid(
	spell: ReadySpell,
	onto: Fibre,
	point: ReadyPoint,
	condition: number,
	minutes: number
) {
	const { mixture } = spell;
	const vehicle = VEHICLE_OF[mixture.product];
	if (!vehicle || !mixture.formula || minutes <= 0) return onto;
	const dyes = depositOf(mixture.formula, onto, {
		vehicle,
		ratio: mixture.ratio,
		minutes,
		porosity: point.start.porosity,
		texture: point.texture,
		naturalRed: point.red,
		condition,
		developerVolume: mixture.volume
	});
	const levels = mixture.formula.flatMap((part) => ('level' in part ? [part.level] : []));
	const layer: DyeLayer = { vehicle, level: Math.min(...levels, 12), layers: 1, dyes };
	return { ...onto, layers: [...onto.layers, layer] };
}

/** A factor on every dose: one way in which this head may differ from what is expected of it. */
export interface PointDraw {
	readonly speed: number;
	readonly start: Fibre;
}

/**
 * A point at a minute. Lighteners that follow one another add their doses; a tint in between sees the
 * natural pigment alone and lays its dye over what it finds.
 */
export function pointAt(point: ReadyPoint, minute: number, draw?: PointDraw): PointNow {
	const { start, spells } = point;
	let fibre = draw?.start ?? start.fibre;
	let white = start.white ?? WHITE_FIBRE;
	let wear = 0;
	let total = 0;
	// Dose given to `fibre` by the lighteners since it was last worked out.
	let pending = 0;
	let doubling: number | undefined;
	const settle = () => {
		if (pending > 0) {
			fibre = lightenFibre(fibre, pending);
			if (white.layers.length > 0) white = lightenFibre(white, pending);
		}
		pending = 0;
		doubling = undefined;
	};
	for (const spell of spells) {
		if (minute <= spell.clock.beginsMinute) break;
		const minutes = spell.clock.activeMinutes(minute);
		const dose = spell.rate * minutes * (draw?.speed ?? 1);
		total += dose;
		if (spell.spares) {
			settle();
			fibre = lightenFibre(fibre, dose, true);
			wear += spell.wearPerDose * spell.plainRate * minutes + WEAR.handling;
			const condition = start.condition * Math.exp(-wear);
			const laying = spell.clock.layingMinutes(minute);
			fibre = laid(spell, fibre, point, condition, laying);
			white = laid(spell, white, point, condition, laying);
			continue;
		}
		if (!draw) {
			doubling ??= thresholdOf(fibre);
			const doubled =
				dose > 0
					? (Math.max(0, pending + dose - doubling) - Math.max(0, pending - doubling)) / dose
					: 0;
			wear += spell.wearPerDose * spell.plainRate * minutes * (1 + doubled) + WEAR.handling;
		}
		pending += dose;
	}
	settle();
	return {
		distanceCm: start.distanceCm,
		fibre,
		white,
		level: levelOfFibre(fibre),
		condition: start.condition * Math.exp(-wear),
		dose: total
	};
}

/** More dose than any service gives: past it the threshold does not matter. */
const MOST_DOSE = 24;
const thresholds = new WeakMap<Fibre, number>();

/** Dose from which wear doubles. Points of a zone share their fibre, so it is looked for once. */
function thresholdOf(fibre: Fibre): number {
	let dose = thresholds.get(fibre);
	if (dose === undefined) thresholds.set(fibre, (dose = doseToDoubling(fibre, MOST_DOSE)));
	return dose;
}

/** The whole head at a minute of the service. */
export const headAt = (head: ReadyHead, minute: number): AreaNow[] =>
	head.areas.map(({ area, points }) => ({
		name: area.name,
		whiteShare: area.whiteShare,
		points: points.map((point) => pointAt(point, minute))
	}));

/** Points of a uniform strand, evenly spaced, at most half a centimetre apart, scalp first. */
export function evenPoints(
	lengthCm: number,
	at: (distanceCm: number) => Omit<PointStart, 'distanceCm'>,
	spacingCm = 0.5
): PointStart[] {
	const count = Math.max(2, Math.ceil(lengthCm / spacingCm) + 1);
	return Array.from({ length: count }, (_, i) => {
		const distanceCm = (lengthCm * i) / (count - 1);
		return { ...at(distanceCm), distanceCm };
	});
}
