import { levelOf, NEUTRALISERS, undertoneOf, type Lab, type Undertone } from '../core/colour';
import {
	nearestMinute,
	overToned,
	rawLab,
	toneCourse,
	type RawHair,
	type ToneMoment
} from '../core/tone';
import { tintOf } from '../model/visit/day';
import type { ZoneStart } from '../model/visit/hair';
import { aimLab, corePart, filledHair, rawOf } from '../model/visit/tone';
import type { TonePlan, ZoneName } from '../schema/records';
import type { HairView } from './hairView.svelte';
import { DEEPER_THAN_AIM, LEFT_LONGER_MINUTES } from './tonerView.svelte';

/** A zone as the toner finds it. */
export interface ZoneFound {
	readonly zone: ZoneName;
	/** What the toner finds on it. */
	readonly raw: Lab;
	readonly level: number;
	readonly undertone: Undertone;
	/** Somebody saw it; otherwise it is expected. */
	readonly seen: boolean;
}

/** A zone under the toner, minute by minute. */
export interface ZoneTone extends ZoneFound {
	/** Past its time too, every minute from 0. */
	readonly course: readonly ToneMoment[];
	/** As it comes out. */
	readonly toned: ToneMoment;
	/** Minutes that it takes, never more than the toner is left. */
	readonly minutes: number;
	/** So much after the first it is begun, that all of them end together. */
	readonly beginAfter: number;
	/** From this minute on it goes too far; nothing where it does not. */
	readonly tooLate: number | undefined;
}

interface Found {
	readonly start: ZoneStart;
	readonly bare: RawHair;
	readonly found: ZoneFound;
}

/**
 * The zones that the service takes in and that get no toner of their own, the darkest first: that one decides what
 * goes into a bowl that they share. Where a tint of the day has coloured the hair only the zone that the figures
 * speak of is told.
 */
function found(hair: HairView): Found[] {
	const tinted = hair.steps.some(({ plan }) => tintOf(plan));
	return hair.zones
		.filter(
			(zone) =>
				hair.taken[zone.name] &&
				!hair.isTonedApart(zone) &&
				(!tinted || zone.name === hair.zone.name)
		)
		.map((zone): Found => {
			const start = hair.startOn(zone);
			const bare = rawOf(start, hair.reading);
			const lab = rawLab(bare);
			const plain = undertoneOf(lab);
			const name = start.named?.undertone;
			return {
				start: zone,
				bare,
				found: {
					zone: zone.name,
					raw: lab,
					level: levelOf(rawLab({ ...bare, whiteShare: 0 })),
					undertone: name ? { ...plain, name, neutraliser: NEUTRALISERS[name] } : plain,
					seen: start.seen
				}
			};
		})
		.sort((p, q) => p.found.level - q.found.level);
}

/** What the toner finds, zone by zone. */
export const zonesFound = (hair: HairView): ZoneFound[] => found(hair).map((one) => one.found);

/** How the zones follow one another. */
export interface ZonePass {
	readonly order: NonNullable<TonePlan['order']>;
	/** Minutes to work a toner through all of the hair. */
	readonly minutes: number;
}

/** A zone under the toner, with what tells the minutes that it takes. */
interface ZoneCourse extends ZoneFound {
	readonly fromCm: number;
	readonly course: readonly ToneMoment[];
	readonly nearest: number;
	readonly tooLate: number | undefined;
}

/** The toner on every zone that it goes on, minute by minute, the darkest first. */
export function zoneCourses(hair: HairView, tone: TonePlan): ZoneCourse[] {
	const parts = hair.toner.parts.map(corePart);
	return found(hair).map(({ start, bare, found: zone }) => {
		const conditions = { ...hair.toner.conditions, porosity: hair.porosityToTone(start) };
		const raw = filledHair(bare, tone.filler, conditions);
		const course = toneCourse(raw, parts, conditions, tone.minutes + LEFT_LONGER_MINUTES);
		const aim = hair.aimOf(start.name);
		const own = course.filter(({ minute }) => minute <= tone.minutes);
		return {
			...zone,
			fromCm: start.fromCm,
			course,
			nearest: nearestMinute(own, aimLab(aim, raw)),
			tooLate: overToned(course, aim.level - DEEPER_THAN_AIM)?.minute
		};
	});
}

/**
 * How long the toner is on each zone, in an order. The warmest is begun first and the others so much later that each
 * is off when it is nearest; by school they follow one another as fast as hands go, and what went on later has that
 * much less.
 * @param toMinutes how long it is left on what is begun first
 */
export function inOrder(
	zones: readonly ZoneCourse[],
	toMinutes: number,
	{ order, minutes: pass }: ZonePass
): ZoneTone[] {
	const along = zones.toSorted((p, q) => p.fromCm - q.fromCm);
	if (order === 'endsFirst') along.reverse();
	return zones.map((zone) => {
		const turn = Math.round((along.indexOf(zone) * pass) / along.length);
		const minutes =
			order === 'warmestFirst' ? zone.nearest : Math.max(0, Math.round(toMinutes) - turn);
		return {
			...zone,
			minutes,
			toned: zone.course.findLast(({ minute }) => minute <= minutes)!,
			beginAfter: toMinutes - minutes
		};
	});
}
