import { perLadder, undertoneOf, type UndertoneName } from '../colour';
import { pureBrown } from '../hair';
import { scaleDyes } from '../tone';
import { sparesDye, type Application, type HeadFactors } from './application';
import { RATE, SECTION_REACH, SPREAD } from './constants';
import { doseOf } from './dose';
import { labOfFibre, levelOfFibre, lightenFibre, type Fibre } from './fibre';
import type { Remembered } from './strand';
import { normalQuantile, quantile, quasiRandom } from '../numeric';

/** Standard deviations of what is not known about a head. */
export interface Spread {
	/** Of log(personal). */
	readonly logPersonal: number;
	readonly temperatureC: number;
	/** Of the share of hairs that the mixture reaches. */
	readonly reach: number;
	/** Of the level read before the service. */
	readonly startLevel: number;
	/** Of the log of a dose that is only remembered, and of dye that light hair shows. */
	readonly history: number;
	readonly historyRead: number;
	/** Of one eye against another: part of what is shown as seen, levels. */
	readonly reader: number;
}

/**
 * The spread once a client's factor was learned: what is left of it, and half of temperature and
 * reach, which it has absorbed.
 * @param sd posterior standard deviation of log(personal)
 */
export const learnedSpread = (sd: number): Spread => ({
	...SPREAD,
	logPersonal: sd,
	temperatureC: SPREAD.temperatureC * SPREAD.afterLearning,
	reach: SPREAD.reach * SPREAD.afterLearning
});

/** One way this head might turn out. */
export interface Draw {
	readonly fibre: Fibre;
	/** Factor on every dose. */
	readonly speed: number;
}

const TABLE = { from: 0.6, to: 11.8, step: 0.1 } as const;
const logDepthsInUse = perLadder(() =>
	Float64Array.from({ length: Math.round((TABLE.to - TABLE.from) / TABLE.step) + 2 }, (_, i) =>
		Math.log(pureBrown(TABLE.from + i * TABLE.step))
	)
);

/**
 * `ln e(n)` from a table with a tenth of a level between its entries: drawing a head asks for it
 * hundreds of times, and only the ratio of two neighbours counts (error below 0.1 % of the amount).
 */
function logDepth(level: number): number {
	const logDepths = logDepthsInUse();
	const at = (Math.min(Math.max(level, TABLE.from), TABLE.to) - TABLE.from) / TABLE.step;
	const i = Math.floor(at);
	const low = logDepths[i]!;
	return low + (logDepths[i + 1]! - low) * (at - i);
}

const scaled = (fibre: Fibre, factor: number): Fibre => ({
	eumelanin: fibre.eumelanin * factor,
	pheomelanin: fibre.pheomelanin * factor,
	layers: scaledLayers(fibre, factor),
	shows: fibre.shows === undefined ? undefined : fibre.shows * factor
});

const scaledLayers = ({ layers }: Fibre, factor: number): Fibre['layers'] =>
	layers.length === 0
		? layers
		: layers.map((layer) => ({ ...layer, dyes: scaleDyes(layer.dyes, factor) }));

/** A fibre as if its level had been misread by `delta`: both pigments and all dye scaled alike. */
export function misread(fibre: Fibre, delta: number): Fibre {
	const level = levelOfFibre(fibre);
	return scaled(fibre, Math.exp(logDepth(level + delta) - logDepth(level)));
}

/**
 * A fibre whose past lightening and colouring were stronger or weaker than remembered.
 * @param deviation how much, in standard deviations of the log of the dose
 */
export function misremembered(
	fibre: Fibre,
	past: Remembered | undefined,
	spread: Spread,
	deviation: number
): Fibre {
	if (!past) return fibre;
	const sd = spread.history + (past.read ?? 0) * (spread.historyRead - spread.history);
	const factor = Math.exp(sd * deviation);
	const bare: Fibre = lightenFibre({ ...past.before, layers: [] }, past.dose * factor);
	return { ...bare, layers: scaledLayers(fibre, factor), shows: fibre.shows };
}

/**
 * The band of what somebody will see: the 10-90 % interval of the hair, widened by the error of the eye
 * that reads it, in quadrature.
 */
export function seenBand(low: number, middle: number, high: number, spread: Spread) {
	const eye = normalQuantile(0.9) * spread.reader;
	return {
		low: middle - Math.hypot(middle - low, eye),
		high: middle + Math.hypot(high - middle, eye)
	};
}

/** Reach as drawn, against the section's own: kept within 0.2-1. */
export const drawnReach = (reach: number, deviation: number): number =>
	Math.min(1, Math.max(0.2, reach + deviation)) / reach;

/** Factor on the rate for a difference in temperature, °C. */
export const heatFactor = (deltaC: number): number => Math.pow(RATE.per10C, deltaC / 10);

/** Standard deviation of log(rate) from one area to another: its warmth, and how well it is saturated. */
export const placeSdOf = ({ temperatureC, reach }: Spread): number =>
	Math.hypot(Math.log(heatFactor(temperatureC)), reach / SECTION_REACH.medium);

type Five = readonly [number, number, number, number, number];
const known = new Map<number, readonly Five[]>();

/** The fixed sequence, five standard normals a head: the same for every question, so worked out once. */
function normals(count: number): readonly Five[] {
	let drawn = known.get(count);
	if (!drawn) {
		drawn = Array.from(
			{ length: count },
			(_, i) => quasiRandom(i, 5).map(normalQuantile) as unknown as Five
		);
		known.set(count, drawn);
	}
	return drawn;
}

/**
 * Heads this one might be, quasi-random with a fixed sequence, so that the same question always has
 * the same answer.
 * @param reach the section's share of hairs reached, kept within 0.2-1 in every draw
 * @param remembered what of the start is memory and not a reading
 */
export function drawHeads(
	fibre: Fibre,
	reach: number,
	spread: Spread = SPREAD,
	count: number = SPREAD.draws,
	remembered?: Remembered
): Draw[] {
	return normals(count).map(([personal, temperature, thickness, start, history]) => {
		const past = misremembered(fibre, remembered, spread, history);
		return {
			fibre: misread(past, spread.startLevel * start),
			speed:
				Math.exp(spread.logPersonal * personal) *
				drawnReach(reach, spread.reach * thickness) *
				heatFactor(spread.temperatureC * temperature)
		};
	});
}

/** A drawn head after an application whose dose on the plain head is `dose`. */
export const lightenDraw = (draw: Draw, dose: number, spares: boolean): Fibre =>
	lightenFibre(draw.fibre, dose * draw.speed, spares);

/** All draws of a head after each of a list of applications. */
function drawnAfter(
	fibre: Fibre,
	applications: readonly Application[],
	head: HeadFactors,
	spread: Spread,
	remembered: Remembered | undefined
): Fibre[][] {
	const [first] = applications;
	if (!first) return [];
	const reach = SECTION_REACH[first.section ?? 'seeThrough'];
	let draws = drawHeads(fibre, reach, spread, SPREAD.draws, remembered);
	return applications.map((application) => {
		const dose = doseOf(application, head);
		const spares = sparesDye(application.product);
		draws = draws.map((draw) => ({ ...draw, fibre: lightenDraw(draw, dose, spares) }));
		return draws.map((draw) => draw.fibre);
	});
}

/** 10-90 % band of the level that somebody will see after each of a list of applications. */
export const levelInterval = (
	fibre: Fibre,
	applications: readonly Application[],
	head: HeadFactors,
	spread: Spread = SPREAD,
	remembered?: Remembered
): { low: number; high: number }[] =>
	drawnAfter(fibre, applications, head, spread, remembered).map((fibres) => {
		const levels = fibres.map(levelOfFibre).sort((a, b) => a - b);
		const at = (share: number) => quantile(levels, share);
		return seenBand(at(0.1), at(0.5), at(0.9), spread);
	});

/** Undertones of the heads that end at 10 % and at 90 % of the level, after each application. */
export const undertoneInterval = (
	fibre: Fibre,
	applications: readonly Application[],
	head: HeadFactors,
	spread: Spread = SPREAD,
	remembered?: Remembered
): { low: UndertoneName; high: UndertoneName }[] =>
	drawnAfter(fibre, applications, head, spread, remembered).map((fibres) => {
		const byLevel = fibres
			.map((drawn) => ({ drawn, level: levelOfFibre(drawn) }))
			.sort((p, q) => p.level - q.level);
		const at = (share: number) =>
			undertoneOf(labOfFibre(byLevel[Math.round(share * (byLevel.length - 1))]!.drawn)).name;
		return { low: at(0.1), high: at(0.9) };
	});
