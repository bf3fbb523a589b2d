import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line } from 'd3-shape';

/** How much of one dye is left, week by week from 0. */
export interface DyeTrack {
	readonly dye: string;
	readonly amounts: readonly number[];
}

const MARGIN = { top: 10, right: 62, bottom: 22, left: 6 } as const;
/** Names nearer than this would lie on one another, px. */
const LINE = 14;

/** Geometry of a chart of dyes over weeks; each track with the place of its name at its end. */
export function ageingChart(tracks: readonly DyeTrack[], width: number, height: number) {
	const last = Math.max(1, ...tracks.map(({ amounts }) => amounts.length - 1));
	const most = Math.max(0.01, ...tracks.flatMap(({ amounts }) => amounts));
	const x = scaleLinear([0, last], [MARGIN.left, width - MARGIN.right]);
	const y = scaleLinear([0, most], [height - MARGIN.bottom, MARGIN.top]);
	const draw = line<number>((_, week) => x(week), y).curve(curveMonotoneX);
	const drawn = tracks
		.map(({ dye, amounts }) => ({ dye, path: draw(amounts) ?? '', y: y(amounts.at(-1) ?? 0) }))
		.sort((p, q) => q.y - p.y);
	let below = Infinity;
	const named = drawn.map((track) => {
		below = Math.min(track.y, below - LINE);
		return { ...track, nameY: below, nameX: x(last) + 6 };
	});
	return { tracks: named, x, base: height - MARGIN.bottom, last };
}
