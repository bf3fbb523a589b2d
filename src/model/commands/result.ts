import { inTenths } from '../../core/hair';
import type { AreaName } from '../../core/lift';
import type { SurpriseCause } from '../../core/learn';
import { BOUNDS } from '../../core/vocabulary';
import type { Visit, ZoneName } from '../../schema/records';
import type { DayWork } from '../visit/work';
import { isRunning } from '../day/clocks';

type Result = Visit['result'];
/** Levels expected after the toner, and of the lift under it. */
export type ExpectedEnd = Pick<NonNullable<Result['expected']>, 'toned' | 'lifted'>;
/** The same of single zones, and of areas that are not as the rest. */
export type ExpectedPlaces = Pick<NonNullable<Result['expected']>, 'zones' | 'areas'>;
/** What a visit was to take: minutes at the chair, grams of lightener, a price where the salon has rates. */
export type PlannedDay = NonNullable<Result['planned']>;
/** What a record keeps of what was foreseen. */
export interface Foreseen {
	readonly expected: ExpectedEnd & ExpectedPlaces & { readonly predicted?: number | undefined };
	readonly planned?: PlannedDay | undefined;
}
/** What somebody tells of some of the hair at the end. */
export type SeenPlace = NonNullable<NonNullable<Result['zones']>[ZoneName]>;

const tenths = ({ toned, lifted }: ExpectedEnd): ExpectedEnd => ({
	toned: inTenths(toned),
	lifted: inTenths(lifted)
});

const eachInTenths = <K extends string>(ends: Readonly<Partial<Record<K, ExpectedEnd>>>) =>
	Object.fromEntries(
		Object.entries<ExpectedEnd | undefined>(ends).flatMap(([place, end]) =>
			end ? [[place, tenths(end)]] : []
		)
	) as Partial<Record<K, ExpectedEnd>>;

/** Minutes since who is worked on sat down; nothing where nobody sits, or sat down on another day. */
export function satMinutes(
	{ chairSince, status }: Pick<Visit, 'chairSince' | 'status'>,
	now: Date
): number | undefined {
	if (!chairSince || status !== 'inChair') return undefined;
	const minutes = Math.round((now.getTime() - new Date(chairSince).getTime()) / 60_000);
	return minutes >= 1 && minutes <= BOUNDS.tookMinutes.max ? minutes : undefined;
}

/** What the work of a day is to take, as the record keeps it: whole, and within what a record holds. */
export const plannedOf = ({
	chairMinutes,
	grams,
	price
}: Pick<DayWork, 'chairMinutes' | 'grams' | 'price'>): PlannedDay => ({
	minutes: wholeIn(chairMinutes, BOUNDS.tookMinutes),
	grams: wholeIn(grams, BOUNDS.dayGrams),
	...(price === undefined ? {} : { price: wholeIn(price, BOUNDS.price) })
});
const wholeIn = (value: number, { min, max }: { readonly min: number; readonly max: number }) =>
	Math.min(max, Math.max(min, Math.round(value)));

/**
 * Records what a visit came to, on its draft. What somebody saw stays as written; where nobody looked, none
 * is made up: what was expected stands beside it as that.
 * @param foreseen what was expected of the hair that the figures speak of, also before anybody looked at it, of each
 * zone, and of areas apart by the first of those that are alike; and what the day was to take, where its beginning did
 * not keep it
 * @param returnWeeks weeks after which this is usually done again
 * @param whileItLies why it is recorded with colour on the head; who is worked on stays in the chair until it is off
 * @throws {Error} when colour lies on the head and nobody wrote why
 */
export function record(
	draft: Visit,
	{ expected, planned }: Foreseen,
	returnWeeks: number,
	now: Date,
	whileItLies?: string
): void {
	if (isRunning(draft)) {
		if (!whileItLies) throw new Error('colour lies on the head: nobody wrote why it is recorded');
		draft.passed = draft.passed.filter(({ code }) => code !== RECORDED_LYING);
		draft.passed.push({ code: RECORDED_LYING, reason: whileItLies, at: now.toISOString() });
	}
	const { zones = {}, areas = {}, predicted } = expected;
	draft.result.expected = {
		...tenths(expected),
		...(predicted === undefined ? {} : { predicted: inTenths(predicted) }),
		zones: eachInTenths(zones),
		areas: eachInTenths(areas)
	};
	if (planned) draft.result.planned ??= planned;
	draft.result.recordedAt = now.toISOString();
	draft.result.returnWeeks ??= returnWeeks;
	const sat = satMinutes(draft, now);
	if (sat !== undefined) draft.result.tookMinutes ??= sat;
	if (!isRunning(draft)) draft.status = 'done';
	if (!draft.settled.includes('sendOff')) draft.settled.push('sendOff');
}

/** What a visit that was recorded with colour on the head is passed by. */
export const RECORDED_LYING = 'recordedLying';

/** A recorded visit leaves the chair once nothing lies on the head, on its draft. */
export function closeWhenOff(draft: Visit): void {
	if (draft.result.recordedAt !== undefined && draft.status === 'inChair' && !isRunning(draft))
		draft.status = 'done';
}

/** Writes down what somebody saw at the end of the hair that the figures speak of. */
export function seeResult(draft: Visit, level: number): void {
	draft.result.level = inTenths(level);
	delete draft.result.unsure;
}

/** Where somebody looked at the end. */
export type EndPlace = { readonly zone: ZoneName } | { readonly area: AreaName };

/** What was seen of a place; nothing where nobody looked. */
export const seenAt = (result: Result, place: EndPlace): SeenPlace | undefined =>
	'zone' in place ? result.zones?.[place.zone] : result.areas?.[place.area];

/**
 * Writes down what somebody saw of a place at the end, on its draft.
 * @param isMain it is the hair that the figures speak of
 */
export function seePlace(draft: Visit, place: EndPlace, told: SeenPlace, isMain: boolean): void {
	const { result } = draft;
	const seen: SeenPlace = { ...seenAt(result, place), ...told };
	if (seen.level !== undefined) seen.level = inTenths(seen.level);
	if ('zone' in place) result.zones = { ...result.zones, [place.zone]: seen };
	else result.areas = { ...result.areas, [place.area]: seen };
	if (isMain && told.level !== undefined) seeResult(draft, told.level);
	if (isMain && told.tone !== undefined) result.tone = told.tone;
}

/** A cause of a surprise as the colourist has it, or no longer, on a draft. */
export function nameCause({ result }: Visit, cause: SurpriseCause, on: boolean): void {
	const others = (result.causes ?? []).filter((each) => each !== cause);
	const causes = on ? [...others, cause] : others;
	if (causes.length > 0) result.causes = causes;
	else delete result.causes;
}
