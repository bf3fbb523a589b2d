import type { Texture } from '../hair';
import {
	activeMinutes,
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
	contactsAt,
	touches,
	type LiftEvent,
	type Mixture,
	type Contact,
	type Stretch
} from './events';
import type { HeadArea, PointStart } from './strand';
import { wearPerDose } from './wear';

/**
 * A contact without its place: what all points share that the same events touch. How long it has worked
 * is asked by each of them for the same minute, so the last answer is kept.
 */
class ContactClock {
	readonly beginsMinute: number;
	/** 1/min: oxidation, and drying beside it. */
	readonly #oxidation: number;
	readonly #drying: number;
	#minute = NaN;
	#active = 0;

	constructor(
		readonly mixture: Mixture,
		readonly stretches: readonly Stretch[],
		application: Application,
		/** When the mixture first touched the hair. */
		readonly wetSince: number = stretches[0]!.fromMinute
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
		for (const stretch of this.stretches) {
			const { fromMinute, toMinute, mixedMinute, appliedMinute, share, dried = 0 } = stretch;
			const span = Math.min(minute, toMinute) - fromMinute;
			if (span <= 0) continue;
			const lost =
				(fromMinute - mixedMinute + dried) * this.#oxidation +
				(fromMinute - appliedMinute) * this.#drying;
			// Wetting counts from the first contact: a refresh finds the hair wet.
			const wetFor = fromMinute - this.wetSince;
			sum += share * Math.exp(-lost) * activeMinutes(span, decay, wetFor);
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

/** A contact made ready: its rates at one point. */
export interface ReadyContact {
	readonly clock: ContactClock;
	readonly mixture: Mixture;
	/** Dose per minute at full activity, and the part of it that wears. */
	readonly rate: number;
	readonly plainRate: number;
	readonly wearPerDose: number;
	/** What washing and handling take; nothing where a mixture only goes on from another place. */
	readonly handling: number;
	readonly spares: boolean;
}

/** A point made ready for any minute. */
export interface ReadyPoint {
	readonly start: PointStart;
	readonly texture: Texture;
	readonly red: boolean;
	readonly contacts: readonly ReadyContact[];
}

/** A head with all that will be done to it, ready to be asked for any minute. */
export interface ReadyHead {
	readonly areas: readonly { readonly area: HeadArea; readonly points: readonly ReadyPoint[] }[];
}

/** Works out once what does not depend on the minute: contacts, temperatures and rates of every point. */
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

/** What the points of one area share: the contacts of each run of events, worked out once. */
class ReadyArea {
	readonly #known = new Map<string, readonly ContactBase[]>();

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
			contacts: this.#basesAt(distanceCm).map((base): ReadyContact => {
				const heat = heatAt(base.application, distanceCm);
				return {
					clock: base.clock,
					mixture: base.mixture,
					rate: base.rate * heat,
					plainRate: base.plainRate * heat,
					wearPerDose: base.wearPerDose,
					handling: base.handling,
					spares: base.spares
				};
			})
		};
	}

	#basesAt(distanceCm: number): readonly ContactBase[] {
		let key = '';
		for (const event of this.events) key += touches(event, this.area.name, distanceCm) ? '1' : '0';
		let bases = this.#known.get(key);
		if (!bases) {
			const contacts = contactsAt(this.events, this.area.name, distanceCm);
			this.#known.set(key, (bases = contacts.map((contact) => baseOf(contact, this.head))));
		}
		return bases;
	}
}

/** A contact at the reference temperature: a point only adds its warmth. */
interface ContactBase extends ReadyContact {
	readonly application: Application;
}

function baseOf({ mixture, stretches, wetSince }: Contact, head: HeadFactors): ContactBase {
	const application: Application = { ...mixture, minutes: 0 };
	const at: Application = { ...application, temperatureC: RATE.referenceC };
	const plain = plainRate(at, head.naturalLevel);
	return {
		application,
		clock: new ContactClock(mixture, stretches, application, wetSince),
		mixture,
		rate: plain * headFactor(application, head),
		plainRate: plain,
		wearPerDose: wearPerDose(application, head),
		handling: wetSince === undefined ? WEAR.handling : 0,
		spares: sparesDye(mixture.product)
	};
}

/** Factor on the rate by the temperature of a point. */
const heatAt = (application: Application, distanceCm: number): number =>
	Math.exp(
		(Math.log(RATE.per10C) * (temperatureAt(application, distanceCm) - RATE.referenceC)) / 10
	);
