import { bisector } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';

/** One moment to draw. */
export interface ChartMoment {
	readonly minute: number;
	readonly level: number;
	readonly low: number;
	readonly high: number;
	readonly hex: string;
	readonly undertone: string;
}

/** Another course on the same axes: a place of the strand, an area, or another way. */
export interface ChartTrack {
	readonly name: string;
	readonly moments: readonly Pick<ChartMoment, 'minute' | 'level' | 'hex'>[];
}

export interface ChartInput {
	readonly moments: readonly ChartMoment[];
	readonly tracks?: readonly ChartTrack[];
	/** Levels seen at the chair. */
	readonly seen?: readonly { readonly minute: number; readonly level: number }[];
	readonly window: { readonly from: number; readonly to: number | undefined } | undefined;
	readonly spent: number;
	readonly width: number;
	readonly height: number;
}

/** A label with the place it was found for. */
export interface ChartLabel {
	readonly text: string;
	readonly x: number;
	readonly y: number;
}

const MARGIN = { top: 40, right: 26, bottom: 60, left: 34 } as const;
/** Labels closer than this (px) would touch; the later one is left out. */
const LABEL_ROOM = { x: 92, y: 20 } as const;

/**
 * Geometry of the chart of level against minutes. Pure: the component only puts it on the page.
 * @throws {RangeError} without at least two moments
 */
export function liftChart({
	moments,
	tracks = [],
	seen = [],
	window,
	spent,
	width,
	height
}: ChartInput) {
	const first = moments[0];
	const last = moments.at(-1);
	if (!first || !last || first === last) throw new RangeError('a chart needs two moments');
	const inner = {
		width: width - MARGIN.left - MARGIN.right,
		height: height - MARGIN.top - MARGIN.bottom
	};
	const lastMinute = Math.max(last.minute, ...tracks.map((t) => t.moments.at(-1)?.minute ?? 0));
	const x = scaleLinear([first.minute, lastMinute], [MARGIN.left, MARGIN.left + inner.width]);
	const beside = tracks.flatMap((track) => track.moments.map(({ level }) => level));
	const lowest = Math.floor(Math.min(...moments.map((m) => m.level), ...beside) + 0.05);
	const highest = Math.ceil(Math.max(...moments.map((m) => m.high), ...beside) - 0.1);
	const y = scaleLinear(
		[Math.max(1, lowest), Math.min(12.4, Math.max(highest, lowest + 2))],
		[MARGIN.top + inner.height, MARGIN.top]
	);
	const clampY = (level: number) =>
		Math.max(MARGIN.top, Math.min(MARGIN.top + inner.height, y(level)));
	const span = area<ChartMoment>()
		.x((m) => x(m.minute))
		.y0((m) => clampY(m.low))
		.y1((m) => clampY(m.high))
		.curve(curveMonotoneX);
	const piece = line<ChartTrack['moments'][number]>()
		.x((m) => x(m.minute))
		.y((m) => clampY(m.level));
	const piecesOf = (course: ChartTrack['moments']) =>
		course.slice(1).map((moment, i) => ({
			d: piece([course[i]!, moment]) ?? '',
			hex: moment.hex
		}));
	const everyLevel = height > 240 ? 1 : 2;
	const levels = y.ticks(10).filter((tick) => Number.isInteger(tick / everyLevel));
	return {
		x,
		y: clampY,
		plot: {
			...MARGIN,
			...inner,
			bottomY: MARGIN.top + inner.height,
			rightX: MARGIN.left + inner.width
		},
		interval: span([...moments]) ?? '',
		/** The course in the hair's own colour, piece by piece. */
		pieces: piecesOf(moments),
		tracks: tracks.map(({ name, moments }) => ({ name, pieces: piecesOf(moments) })),
		names: trackNames(tracks, x, clampY, MARGIN.left + inner.width),
		seen: seen
			.filter((point) => point.minute <= last.minute)
			.map((point) => ({ x: x(point.minute), y: clampY(point.level), level: point.level })),
		levels: levels.map((level) => ({ level, y: y(level) })),
		minutes: x.ticks(width > 420 ? 6 : 4).map((tick) => ({ minute: tick, x: x(tick) })),
		window: window && {
			from: x(window.from),
			to: x(Math.min(window.to ?? last.minute, last.minute)),
			open: window.to === undefined || window.to > last.minute
		},
		spent: spent <= last.minute ? { x: x(spent) } : undefined,
		undertones: undertoneLabels(moments, x, clampY, MARGIN.left + inner.width)
	};
}

/** Where the hand of the clock stands. Apart from the chart, which does not change while it is moved. */
export function handAt(
	{ x, y }: Pick<ReturnType<typeof liftChart>, 'x' | 'y'>,
	moments: readonly ChartMoment[],
	minute: number
) {
	const moment = momentAt(moments, minute);
	return { x: x(moment.minute), y: y(moment.level), hex: moment.hex };
}

/** The moment at any minute, linear between those given. */
export function momentAt(moments: readonly ChartMoment[], minute: number): ChartMoment {
	const i = bisector((m: ChartMoment) => m.minute).left([...moments], minute);
	const after = moments[Math.min(i, moments.length - 1)]!;
	const before = moments[Math.max(0, i - 1)]!;
	if (after === before || minute >= after.minute)
		return { ...after, minute: Math.min(minute, after.minute) };
	const share = (minute - before.minute) / (after.minute - before.minute);
	const mix = (p: number, q: number) => p + (q - p) * share;
	return {
		minute,
		level: mix(before.level, after.level),
		low: mix(before.low, after.low),
		high: mix(before.high, after.high),
		hex: share < 0.5 ? before.hex : after.hex,
		undertone: share < 0.5 ? before.undertone : after.undertone
	};
}

/** Where names of tracks stand: at the end of their line, apart from one another. */
function trackNames(
	tracks: readonly ChartTrack[],
	x: (minute: number) => number,
	y: (level: number) => number,
	rightX: number
): (ChartLabel & { readonly atEnd: boolean })[] {
	const ends = tracks
		.flatMap(({ name, moments }) => {
			const end = moments.at(-1);
			if (!end) return [];
			const atEnd = x(end.minute) + 16 + name.length * TRACK_NAME.letter > rightX;
			return [{ text: name, x: atEnd ? rightX : x(end.minute) + 8, y: y(end.level), atEnd }];
		})
		.sort((p, q) => p.y - q.y);
	// Down in the order of their lines, each at least its own height below the last.
	let lowest = -Infinity;
	return ends.flatMap((label) => {
		const wanted = label.y + (label.atEnd ? -8 : 5);
		const y = Math.max(wanted, lowest + TRACK_NAME.height);
		if (y - wanted > TRACK_NAME.farthest) return [];
		lowest = y;
		return [{ ...label, y }];
	});
}

/** A name this far below its line (px) would be taken for another's: it is left out, the table has it. */
const TRACK_NAME = { height: 16, farthest: 20, letter: 7 } as const;

/** A name where each undertone begins, below the curve, dropping those that would touch. */
function undertoneLabels(
	moments: readonly ChartMoment[],
	x: (minute: number) => number,
	y: (level: number) => number,
	rightX: number
): ChartLabel[] {
	const labels: ChartLabel[] = [];
	moments.forEach((moment, i) => {
		// What it is called at first is the hair's own colour, which is no undertone.
		const begins = i > 0 && moment.undertone !== moments[i - 1]!.undertone;
		if (!begins || moment.undertone === moments[0]!.undertone) return;
		if (moment.undertone === 'none') return;
		const label = { text: moment.undertone, x: x(moment.minute) + 12, y: y(moment.level) + 22 };
		const touches = labels.some(
			(other) =>
				Math.abs(other.x - label.x) < LABEL_ROOM.x && Math.abs(other.y - label.y) < LABEL_ROOM.y
		);
		if (!touches && label.x + LABEL_ROOM.x < rightX) labels.push(label);
	});
	return labels;
}
