import { bin, mean } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { area } from 'd3-shape';

/** What was predicted and what was seen, levels. */
export interface CalibrationMark {
	readonly expected: number;
	readonly seen: number;
	readonly low: number;
	readonly high: number;
}

const MARGIN = { top: 12, right: 14, bottom: 26, left: 30 } as const;
/** The band is drawn from the looks of every half level. */
const BIN = 0.5;

/**
 * Geometry of predicted against seen: one scale for both, so that what came out as predicted lies on the diagonal;
 * and the mean band that predictions had at each level.
 */
export function calibrationChart(marks: readonly CalibrationMark[], width: number, height: number) {
	const levels = marks.flatMap(({ expected, seen }) => [expected, seen]);
	const from = Math.floor(Math.min(4, ...levels));
	const to = Math.ceil(Math.max(8, ...levels));
	const x = scaleLinear([from, to], [MARGIN.left, width - MARGIN.right]);
	const y = scaleLinear([from, to], [height - MARGIN.bottom, MARGIN.top]);
	const bins = bin<CalibrationMark, number>()
		.value(({ expected }) => expected)
		.domain([from, to])
		.thresholds(Array.from({ length: Math.round((to - from) / BIN) }, (_, i) => from + i * BIN))([
			...marks
		])
		.filter((some) => some.length > 0)
		.map((some) => ({
			at: mean(some, ({ expected }) => expected)!,
			low: mean(some, ({ low, expected }) => low - expected)!,
			high: mean(some, ({ high, expected }) => high - expected)!
		}));
	const band = area<(typeof bins)[number]>(
		({ at }) => x(at),
		({ at, low }) => y(at + low),
		({ at, high }) => y(at + high)
	);
	return {
		x,
		y,
		levels: Array.from({ length: to - from + 1 }, (_, i) => from + i),
		from,
		to,
		band: band(bins) ?? '',
		base: height - MARGIN.bottom,
		left: MARGIN.left
	};
}
