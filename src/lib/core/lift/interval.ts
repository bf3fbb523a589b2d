import { eumelaninOfLevel } from '../hair';
import { sparesDye, type Application, type HeadFactors } from './application';
import { RATE, SECTION_REACH, SPREAD } from './constants';
import { doseOf } from './dose';
import { levelOfFibre, lightenFibre, type Fibre } from './fibre';
import { normalQuantile, quasiRandom } from './quasi';

/** Standard deviations of what is not known about a head. */
export interface Spread {
	readonly logPersonal: number;
	readonly temperatureC: number;
	readonly reach: number;
	readonly startLevel: number;
}

/** One way this head might turn out. */
export interface Draw {
	readonly fibre: Fibre;
	/** Factor on every dose. */
	readonly speed: number;
	readonly deltaC: number;
}

/** A fibre as if its level had been misread by `delta`: both pigments and all dye scaled alike. */
function misread(fibre: Fibre, delta: number): Fibre {
	const level = levelOfFibre(fibre);
	const at = (value: number) => eumelaninOfLevel(Math.min(Math.max(value, 0.6), 11.8), 0);
	const factor = at(level + delta) / at(level);
	return {
		eumelanin: fibre.eumelanin * factor,
		pheomelanin: fibre.pheomelanin * factor,
		layers: fibre.layers.map((layer) => ({
			...layer,
			dyes: Object.fromEntries(
				Object.entries(layer.dyes).map(([name, amount]) => [name, amount * factor])
			)
		}))
	};
}

/**
 * Heads this one might be, quasi-random with a fixed sequence, so that the same question always has
 * the same answer.
 * @param reach the section's share of hairs reached, kept within 0.2-1 in every draw
 */
export function drawHeads(
	fibre: Fibre,
	reach: number,
	spread: Spread = SPREAD,
	count: number = SPREAD.draws
): Draw[] {
	return Array.from({ length: count }, (_, i) => {
		const [personal, temperature, thickness, start] = quasiRandom(i, 4).map(normalQuantile) as [
			number,
			number,
			number,
			number
		];
		const drawnReach = Math.min(1, Math.max(0.2, reach + spread.reach * thickness));
		return {
			fibre: misread(fibre, spread.startLevel * start),
			speed: Math.exp(spread.logPersonal * personal) * (drawnReach / reach),
			deltaC: spread.temperatureC * temperature
		};
	});
}

/** A drawn head after an application whose dose on the plain head is `dose`. */
export const lightenDraw = (draw: Draw, dose: number, spares: boolean): Fibre =>
	lightenFibre(draw.fibre, dose * draw.speed * Math.pow(RATE.per10C, draw.deltaC / 10), spares);

/** The value at a share of a sorted list, 0-1, linear between neighbours. */
export function quantile(sorted: readonly number[], share: number): number {
	const at = share * (sorted.length - 1);
	const i = Math.floor(at);
	const low = sorted[i]!;
	const high = sorted[Math.min(i + 1, sorted.length - 1)]!;
	// Draws that never arrive are infinite; between two of them there is nothing to interpolate.
	return low === high ? low : low + (high - low) * (at - i);
}

/** 10-90 % interval of the level after a list of applications. */
export function levelInterval(
	fibre: Fibre,
	applications: readonly Application[],
	head: HeadFactors,
	spread: Spread = SPREAD
): { low: number; high: number }[] {
	const first = applications[0];
	if (!first) return [];
	const draws = drawHeads(fibre, SECTION_REACH[first.section ?? 'seeThrough'], spread);
	return applications.map((application) => {
		const dose = doseOf(application, head);
		const levels = draws.map((draw, i) => {
			const fibre = lightenDraw(draw, dose, sparesDye(application.product));
			draws[i] = { ...draw, fibre };
			return levelOfFibre(fibre);
		});
		levels.sort((a, b) => a - b);
		return { low: quantile(levels, 0.1), high: quantile(levels, 0.9) };
	});
}
