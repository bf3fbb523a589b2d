import { dayAfter, DAYS_PER_WEEK, daysBetween } from '../time';
import type { LiftPlan, Visit } from '../../schema/records';
import { inTenths } from '../../core/hair';
import { newId } from '../identity';
import { nextReading, workedOnHead } from '../visit/nextReading';
import { carriedBowls } from './newVisit';

/** One visit of a plan: when, how the day is worked, and the level it is expected to leave. */
export interface SeriesVisit {
	/** Weeks after the first. */
	readonly week: number;
	readonly day: Pick<Visit, 'before' | 'lift' | 'after'>;
	readonly level: number;
}

/**
 * Makes the visits of a plan. The first is the visit that is being planned, changed; each later one waits
 * for its day, with the hair read as the one before is expected to leave it, to be read again when that
 * day has come.
 * @param planned the visits in their order, at least one
 */
export function makeSeries(first: Visit, planned: readonly SeriesVisit[], now: Date): Visit[] {
	const { id, number } = first.series ?? { id: newId(), number: 1 };
	const made: Visit[] = [];
	for (const [i, { week, day }] of planned.entries()) {
		const promise = {
			level: inTenths(planned[i]!.level),
			visits: number + planned.length - 1,
			date: first.date
		};
		const series = { id, number: number + i, promise };
		const last = made.at(-1);
		if (!last) {
			made.push({ ...first, ...day, series, updatedAt: now.toISOString() });
			continue;
		}
		const date = dayAfter(first.date, week * DAYS_PER_WEEK);
		const left = planned[i - 1]!.level;
		made.push({
			...first,
			...onceMore(day, workedOnHead(last)),
			id: newId(),
			createdAt: now.toISOString(),
			updatedAt: now.toISOString(),
			date,
			status: 'waiting',
			settled: [],
			series,
			reading: nextReading(asLeft(last, left), date, 'pieces'),
			bowls: carriedBowls(first),
			run: { elapsedSeconds: 0, notes: [] },
			tone: openTone(first.tone),
			result: { tone: '', notes: '' },
			ways: [],
			passed: []
		});
	}
	for (const visit of made.slice(1)) delete visit.chairSince;
	return made;
}

/**
 * A later day of a plan goes on what the one before lightened, and on nothing else: that it does so again is
 * what was agreed.
 */
function onceMore(day: SeriesVisit['day'], worked: LiftPlan['covers']): SeriesVisit['day'] {
	const again = <P extends LiftPlan>(plan: P): P => ({
		...plan,
		covers: {
			root: plan.covers.root,
			lengths: plan.covers.lengths && worked.lengths,
			ends: plan.covers.ends && worked.ends
		},
		overlap: { reason: AS_PLANNED, volume: plan.volume }
	});
	return { before: day.before.map(again), lift: again(day.lift), after: day.after.map(again) };
}

/** The toner as it is asked for, with nothing chosen and nothing on the hair. */
function openTone(tone: Visit['tone']): Visit['tone'] {
	const open: Visit['tone'] = { ...tone, choice: 'open', parts: [] };
	delete open.filler;
	return open;
}

/** Why a later visit of a plan goes over hair that an earlier one lightened. */
const AS_PLANNED = 'The visits were planned together.';

/** A visit as if it had been recorded with what is expected of it. */
function asLeft(visit: Visit, level: number): Visit {
	const result = { ...visit.result, expected: { toned: level, lifted: level } };
	delete result.level;
	return { ...visit, result: { ...result, recordedAt: visit.updatedAt } };
}

/** The visits that were planned with one, in their order; nothing where it stands alone. */
export const seriesOf = (visits: Iterable<Visit>, { series }: Visit): Visit[] =>
	series
		? [...visits]
				.filter((visit) => visit.series?.id === series.id)
				.sort((p, q) => p.series!.number - q.series!.number)
		: [];

/** Later visits of a series with which nobody has begun: they stand and fall with the plan. */
export const openLater = (visits: Iterable<Visit>, visit: Visit): Visit[] =>
	seriesOf(visits, visit).filter(
		({ series, status, settled }) =>
			series!.number > visit.series!.number && status === 'waiting' && settled.length === 0
	);

/**
 * Puts a visit of a series on another day. The later ones move by as much, so that the rests between them
 * stay; those that are recorded stay where they were.
 * @returns the visits that changed
 */
export function moveInSeries(series: readonly Visit[], id: string, date: string): Visit[] {
	const moved = series.find((visit) => visit.id === id);
	if (!moved) return [];
	const days = daysBetween(moved.date, date);
	if (days === 0) return [];
	return series
		.filter((visit) => visit.series!.number >= moved.series!.number && visit.status !== 'done')
		.map((visit) => ({ ...visit, date: dayAfter(visit.date, days) }));
}

/** Days by which a visit may be moved: not before the one ahead of it, which it starts from. */
export const earliestDay = (series: readonly Visit[], visit: Visit): string | undefined => {
	const ahead = series.find((other) => other.series!.number === visit.series!.number - 1);
	return ahead && dayAfter(ahead.date, 1);
};

/**
 * The next visit of a series once this one is recorded: it starts from what was seen instead of what was
 * expected, as long as nobody has begun with it.
 */
export function nextFromRecord(visits: Iterable<Visit>, recorded: Visit): Visit | undefined {
	if (!recorded.series) return undefined;
	const next = seriesOf(visits, recorded).find(
		({ series }) => series!.number === recorded.series!.number + 1
	);
	if (!next || next.status !== 'waiting' || next.settled.length > 0) return undefined;
	return { ...next, reading: nextReading(recorded, next.date, 'pieces') };
}
