import { levelOf, NEUTRALISERS, undertoneOf, type Lab, type Undertone } from '../core/colour';
import { nearestMinute, rawLab, toneCourse, type RawHair, type ToneMoment } from '../core/tone';
import type { AreaName } from '../core/lift';
import { tintOf } from '../model/day/steps';
import type { AreaGroup } from '../model/head/exceptions';
import type { ZoneStart } from '../model/head/hair';
import { corePart } from '../model/day/parts';
import { aimLab, filledHair, rawOf, type ToneStart } from '../model/visit/tone';
import type { TonePlan, ZoneName } from '../schema/records';
import type { HairView } from './hairView.svelte';
import { LEFT_LONGER_MINUTES, pastItsTime } from './tonerView.svelte';

/** A zone as the toner finds it. */
export interface ZoneFound {
	readonly zone: ZoneName;
	/** What the toner finds on it. */
	readonly raw: Lab;
	readonly level: number;
	readonly undertone: Undertone;
	/** Somebody saw it; otherwise it is expected. */
	readonly seen: boolean;
	/** Areas whose hair it is, where they are not as the rest of the head. */
	readonly areas?: readonly AreaName[] | undefined;
	/** Old light pieces among it. */
	readonly lights?: true;
	/** What tells it from the others. */
	readonly key: string;
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
	/** From this moment on it goes too far; nothing where it does not. */
	readonly tooLate: ToneMoment | undefined;
}

interface Found {
	readonly hair: HairView;
	readonly start: ZoneStart;
	readonly bare: RawHair;
	readonly found: ZoneFound;
}

/** The head whose zones are toned: its hair, and that of areas which are not as the rest. */
export interface TonedHead {
	readonly visit: { readonly tone: TonePlan };
	readonly head: HairView;
	readonly groups: readonly AreaGroup[];
	hairOf(area: AreaName | undefined): HairView;
}

/** Nobody tones a zone apart for less, levels. */
const ALIKE = 0.25;

/**
 * The zones that the service takes in and that get no toner of their own. Where a tint of the day has coloured the
 * hair only the zone that the figures speak of is told.
 */
function zonesOn(hair: HairView, areas?: readonly AreaName[]): Found[] {
	const tinted = hair.steps.some(({ plan }) => tintOf(plan));
	const taken = hair.zones.filter(
		(zone) =>
			hair.taken[zone.name] && !hair.isTonedApart(zone) && (!tinted || zone.name === hair.zone.name)
	);
	const found = (
		zone: ZoneStart,
		start: Pick<ToneStart, 'fibre' | 'white' | 'named' | 'seen'>,
		apart: Pick<ZoneFound, 'lights' | 'areas'>
	): Found => {
		const bare = rawOf(start, apart.lights ? { whiteShare: 0 } : hair.reading);
		const lab = rawLab(bare);
		const plain = undertoneOf(lab);
		const name = start.named?.undertone;
		return {
			hair,
			start: zone,
			bare,
			found: {
				zone: zone.name,
				raw: lab,
				level: levelOf(rawLab({ ...bare, whiteShare: 0 })),
				undertone: name ? { ...plain, name, neutraliser: NEUTRALISERS[name] } : plain,
				seen: start.seen,
				...apart,
				key: [zone.name, ...(apart.lights ? ['lights'] : []), ...(areas ?? [])].join(' ')
			}
		};
	};
	const own = areas ? { areas } : {};
	const lights = hair.lights.flatMap(({ zone: name, after }) => {
		const zone = taken.find((one) => one.name === name);
		return zone ? [found(zone, { fibre: after, seen: false }, { ...own, lights: true })] : [];
	});
	return [...taken.map((zone) => found(zone, hair.startOn(zone), own)), ...lights];
}

/** Deepest first: that one decides what goes into a bowl that they share. */
const deepestFirst = (zones: readonly Found[]): Found[] =>
	zones.toSorted((p, q) => p.found.level - q.found.level);

/** What the toner finds on the rest of the head, zone by zone. */
export const zonesFound = (hair: HairView): ZoneFound[] =>
	deepestFirst(zonesOn(hair)).map(({ found }) => found);

/** The same with the areas that are not as the rest, as far as one sees it. */
function everywhere(toned: TonedHead): Found[] {
	const rest = zonesOn(toned.head);
	const apart = toned.groups.flatMap(({ area, areas }) =>
		area === undefined
			? []
			: zonesOn(toned.hairOf(area), areas).filter(({ found: { zone, lights, level } }) => {
					const like = rest.find(({ found }) => found.zone === zone && found.lights === lights);
					return !like || Math.abs(like.found.level - level) >= ALIKE;
				})
	);
	return deepestFirst([...rest, ...apart]);
}

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
	readonly tooLate: ToneMoment | undefined;
}

/** The toner on every zone that it goes on, minute by minute, the darkest first. */
export function zoneCourses(toned: TonedHead): ZoneCourse[] {
	const { tone } = toned.visit;
	const parts = toned.head.toner.parts.map(corePart);
	return everywhere(toned).map(({ hair, start, bare, found: zone }) => {
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
			tooLate: pastItsTime(course, aim)
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
