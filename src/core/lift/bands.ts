import type { HeadArea, PointNow } from './strand';
import { SCALP } from './constants';
import { levelOfFibre } from './fibre';
import { quantile } from '../numeric';

/** Why a stretch of a strand comes out apart from the rest. */
export type BandCause =
	| 'scalp heat'
	| 'missed'
	| 'old colour'
	| 'lighter before'
	| 'deeper before'
	| 'less time'
	| 'more time';

/** A stretch that differs in level from the rest of its strand. */
export interface Band {
	readonly kind: 'hotRoot' | 'darkRoot' | 'band' | 'ends' | 'line';
	readonly fromCm: number;
	readonly toCm: number;
	/** Mean levels lighter (positive) or deeper than the body of the strand. */
	readonly levels: number;
	readonly cause: BandCause;
}

/** Half a level is where the eye sees a stripe; a little less shows on straight hair. */
export const BAND_LEVELS = 0.4;
/** The ends that colourists speak of, cm. */
const ENDS_CM = 4;
/** A stretch longer than this share of the strand is a line between two colours, not a stripe. */
const LINE_SHARE = 0.4;

const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * Finds hot roots, bands and lagging ends: stretches at least 0.4 level off the median of the strand,
 * with the reason that fits best. Hair that nobody meant to touch is not judged.
 * @param area the strand before the service
 * @param points the same strand after it
 * @param meant which centimetres were meant to be lightened; left out, all of them
 */
export function findBands(
	area: HeadArea,
	points: readonly PointNow[],
	meant: (distanceCm: number) => boolean = () => true
): Band[] {
	const judged = points.flatMap((point, i) =>
		meant(point.distanceCm) ? [{ point, start: area.points[i]! }] : []
	);
	if (judged.length < 3) return [];
	const levels = judged.map(({ point }) => point.level).sort((p, q) => p - q);
	const body = quantile(levels, 0.5);
	const usual = judged.filter(({ point }) => Math.abs(point.level - body) < BAND_LEVELS);
	const sideOf = (level: number) =>
		Math.sign(level - body) * Number(Math.abs(level - body) >= BAND_LEVELS);

	const bands: Band[] = [];
	const lengthCm = points.at(-1)!.distanceCm;
	let run: typeof judged = [];
	const close = () => {
		const side = run.length > 0 ? sideOf(run[0]!.point.level) : 0;
		if (side !== 0 && run.length > 1) bands.push(describe(run, usual, body, lengthCm));
		run = [];
	};
	for (const item of judged) {
		const before = run.at(-1);
		if (before && sideOf(before.point.level) !== sideOf(item.point.level)) close();
		run.push(item);
	}
	close();
	return bands;
}

type Judged = { readonly point: PointNow; readonly start: HeadArea['points'][number] };

function describe(
	run: readonly Judged[],
	usual: readonly Judged[],
	body: number,
	lengthCm: number
): Band {
	const fromCm = run[0]!.point.distanceCm;
	const toCm = run.at(-1)!.point.distanceCm;
	const levels = mean(run.map(({ point }) => point.level)) - body;
	const atScalp = fromCm < 0.26;
	const kind =
		(toCm - fromCm) / lengthCm > LINE_SHARE
			? 'line'
			: atScalp
				? levels > 0
					? 'hotRoot'
					: 'darkRoot'
				: lengthCm - toCm < 0.26 && toCm - fromCm <= ENDS_CM + 2
					? 'ends'
					: 'band';
	return { kind, fromCm, toCm, levels, cause: causeOf(run, usual, levels) };
}

/** The cause that differs most between a stretch and the rest, and points the right way. */
function causeOf(run: readonly Judged[], usual: readonly Judged[], levels: number): BandCause {
	const rest = usual.length > 0 ? usual : run;
	const dose = (items: readonly Judged[]) => mean(items.map(({ point }) => point.dose));
	const before = (items: readonly Judged[]) =>
		mean(items.map(({ start }) => levelOfFibre(start.fibre)));
	const coloured = (items: readonly Judged[]) =>
		mean(items.map(({ start }) => Number(start.fibre.layers.length > 0)));
	const given = dose(run) / Math.max(dose(rest), 1e-9);
	const started = before(run) - before(rest);
	if (levels < 0) {
		if (given < 0.05) return 'missed';
		if (coloured(run) > coloured(rest) + 0.5) return 'old colour';
		if (given < 0.9) return 'less time';
		return 'deeper before';
	}
	if (coloured(rest) > coloured(run) + 0.5 && given < 1.1) return 'old colour';
	if (started > BAND_LEVELS && given < 1.3) return 'lighter before';
	const nearScalp = run.every(({ point }) => point.distanceCm <= SCALP.heatZoneCm + 2);
	return nearScalp && given > 1.02 ? 'scalp heat' : given > 1.02 ? 'more time' : 'lighter before';
}
