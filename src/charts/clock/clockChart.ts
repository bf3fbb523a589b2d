import { extent } from 'd3-array';
import { scaleLinear } from 'd3-scale';

/** One stretch on a row. */
export interface ClockBar {
	readonly what: string;
	readonly label: string;
	readonly fromMinute: number;
	readonly toMinute: number;
	/** Colour of the hair while it processes, #rrggbb. */
	readonly hex?: string | undefined;
}

export interface ClockRow {
	readonly name: string;
	/** People stand above the sections, in larger rows. */
	readonly person: boolean;
	readonly bars: readonly ClockBar[];
	/** Stretches in which that person is free. */
	readonly gaps?: readonly { readonly fromMinute: number; readonly toMinute: number }[];
}

interface Placed extends ClockBar {
	readonly x: number;
	readonly width: number;
}

export interface PlacedRow {
	readonly name: string;
	readonly person: boolean;
	readonly y: number;
	readonly height: number;
	readonly bars: readonly Placed[];
	readonly gaps: readonly {
		readonly x: number;
		readonly width: number;
		readonly minutes: number;
	}[];
}

export interface ClockGeometry {
	readonly rows: readonly PlacedRow[];
	readonly ticks: readonly { readonly x: number; readonly minute: number }[];
	readonly x: (minute: number) => number;
	readonly height: number;
	readonly axisY: number;
}

const LEFT = 96;
const RIGHT = 14;
const TOP = 6;
const AXIS = 26;
const PERSON = 34;
const SECTION = 24;
/** Ticks no nearer than this, px. */
const TICK_ROOM = 58;

/**
 * Who does what when, as rows over one axis of minutes.
 * @param width of the drawing, px
 */
export function clockChart(
	rows: readonly ClockRow[],
	width: number,
	behind: readonly ClockRow[] = []
): ClockGeometry {
	const minutes = [...rows, ...behind].flatMap(({ bars }) =>
		bars.flatMap(({ fromMinute, toMinute }) => [fromMinute, toMinute])
	);
	const [from = 0, to = 60] = extent(minutes);
	const scale = scaleLinear([from, to], [LEFT, Math.max(LEFT + 60, width - RIGHT)]);
	const room = scale.range()[1]! - LEFT;
	const step = [5, 10, 15, 30, 60].find((each) => (each / (to - from)) * room >= TICK_ROOM) ?? 60;
	let y = TOP;
	const placed = rows.map(({ name, person, bars, gaps = [] }): PlacedRow => {
		const height = person ? PERSON : SECTION;
		const row: PlacedRow = {
			name,
			person,
			y,
			height,
			bars: bars.map((bar) => ({
				...bar,
				x: scale(bar.fromMinute),
				width: Math.max(1.5, scale(bar.toMinute) - scale(bar.fromMinute))
			})),
			gaps: gaps.map(({ fromMinute, toMinute }) => ({
				x: scale(fromMinute),
				width: scale(toMinute) - scale(fromMinute),
				minutes: Math.round(toMinute - fromMinute)
			}))
		};
		y += height;
		return row;
	});
	const first = Math.ceil(from / step) * step;
	return {
		rows: placed,
		ticks: Array.from({ length: Math.max(0, Math.floor((to - first) / step) + 1) }, (_, i) => ({
			minute: first + i * step,
			x: scale(first + i * step)
		})),
		x: scale,
		height: y + AXIS,
		axisY: y + 4
	};
}
