import { scaleLinear } from 'd3-scale';

/** How far somebody reads hair of one kind, levels. */
export interface EyeMark {
	readonly off: number;
	/** Standard deviation of one look; nothing of a single one. */
	readonly sd: number | undefined;
}

/** Levels that the scale runs to on either side, at least. */
const LEAST = 1;
const ROW = 44;
const TOP = 22;
const LABELS = 118;
const RIGHT = 14;

/** Geometry of offsets against what is there: one row for each kind of hair, deeper to the left. */
export function eyesChart(rows: readonly { readonly marks: readonly EyeMark[] }[], width: number) {
	const reach = rows.flatMap(({ marks }) => marks.map(({ off, sd = 0 }) => Math.abs(off) + sd));
	const most = Math.ceil(2 * Math.max(LEAST, ...reach)) / 2;
	const x = scaleLinear([-most, most], [LABELS, Math.max(LABELS + 60, width - RIGHT)]);
	return {
		x,
		height: TOP + ROW * rows.length + 24,
		ticks: x.ticks(4),
		y: (row: number, mark: number, of: number) => TOP + ROW * row + (ROW * (mark + 1)) / (of + 1)
	};
}
