import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';

/** Something that happened on a day. */
export interface Dated {
	/** ISO day. */
	readonly date: string;
}

const MARGIN = { left: 6, right: 26 } as const;
/** Days drawn at least, so that one visit does not stretch to a life. */
const LEAST_DAYS = 180;
const DAY_MS = 24 * 3_600_000;

const dayNumber = (date: string): number => Date.parse(`${date}T00:00:00Z`) / DAY_MS;

/**
 * One axis of time for all that is shown of a head: from its first visit that is drawn to today.
 * @param visits the oldest first
 * @param least what stands side by side needs so much room, px; all of them and today fit into the width
 * @returns where a day lies, where each visit stands (moved aside where two would cover one another), and the first
 * days of years and their quarters
 */
export function yearsAxis(visits: readonly Dated[], today: string, width: number, least: number) {
	const to = dayNumber(today);
	const from = Math.min(to - LEAST_DAYS, ...visits.map(({ date }) => dayNumber(date)));
	const begin = MARGIN.left + least;
	const x = scaleLinear([from, to], [begin, Math.max(begin + 1, width - MARGIN.right - least)]);
	// From today back: the latest stand where they belong, earlier ones make room.
	let next = width - MARGIN.right;
	const early = visits
		.toReversed()
		.map(({ date }) => (next = Math.min(x(dayNumber(date)), next - least)))
		.toReversed();
	// Not past the other end: there it is the later ones that do.
	next = begin - least;
	const places = early.map((place) => (next = Math.max(place, next + least)));
	const first = new Date(from * DAY_MS).getUTCFullYear();
	const last = new Date(to * DAY_MS).getUTCFullYear();
	const ticks = Array.from({ length: 4 * (last - first + 1) }, (_, i) => {
		const year = first + Math.floor(i / 4);
		const at = Date.UTC(year, 3 * (i % 4), 1) / DAY_MS;
		return { at, x: x(at), year: i % 4 === 0 ? year : undefined };
	}).filter(({ at }) => at >= from && at <= to);
	return { at: (date: string) => x(dayNumber(date)), places, ticks, today: width - MARGIN.right };
}

/** What was known of a head's rate at some time: log of its factor, and how sure. */
export interface KnownRate extends Dated {
	readonly mean: number;
	readonly sd: number;
}

/** Percent of the typical rate that the band is drawn to at least, either side. */
const LEAST_PERCENT = 30;

/** Geometry of what was known of a head over the years, on the axis of its visits. */
export function rateBand(
	known: readonly KnownRate[],
	at: (date: string) => number,
	height: number
) {
	const percent = (log: number) => 100 * (Math.exp(log) - 1);
	const most = Math.max(
		LEAST_PERCENT,
		...known.flatMap(({ mean, sd }) => [Math.abs(percent(mean - sd)), Math.abs(percent(mean + sd))])
	);
	const y = scaleLinear([-most, most], [height - 6, 6]);
	const band = area<KnownRate>(
		({ date }) => at(date),
		({ mean, sd }) => y(percent(mean - sd)),
		({ mean, sd }) => y(percent(mean + sd))
	).curve(curveMonotoneX);
	const path = line<KnownRate>(
		({ date }) => at(date),
		({ mean }) => y(percent(mean))
	).curve(curveMonotoneX);
	return {
		band: band([...known]) ?? '',
		path: path([...known]) ?? '',
		typical: y(0),
		ends: [-LEAST_PERCENT / 1.5, LEAST_PERCENT / 1.5].map((value) => ({ value, y: y(value) }))
	};
}
