import { SECTION_REACH, SPREAD } from './constants';
import { levelOfFibre, lightenFibre, type Fibre } from './fibre';
import { pointAt, type PointDraw } from './point';
import type { ReadyHead, ReadyPoint } from './prepare';
import { drawnReach, heatFactor, misread, misremembered, seenBand, type Spread } from './interval';
import { bisect, quantile, stratifiedNormals } from '../numeric';
import { pointsInZone, type ReadyZone } from './ready';

/** 10 %, middle and 90 % of something drawn. */
export interface Range {
	readonly low: number;
	readonly median: number;
	readonly high: number;
}

/** One draw of one area: what holds for all its points. */
interface AreaDraw {
	readonly speed: number;
	readonly startDelta: number;
	/** Deviation of what is only remembered, in standard deviations. */
	readonly history: number;
}

/**
 * Heads that this one might be: the personal factor and the strength of what is only remembered drawn
 * once for the head, temperature, reach and the misreading of the start once for each area.
 * @returns one list of areas per draw
 */
function drawAreas(head: ReadyHead, spread: Spread, count: number): AreaDraw[][] {
	const columns = stratifiedNormals(count, 2 + 3 * head.areas.length);
	return Array.from({ length: count }, (_, i) =>
		head.areas.map(({ points }, area): AreaDraw => {
			const at = (column: number) => columns[column]![i]!;
			const section = points.find(({ contacts }) => contacts.length > 0)?.contacts[0]!.mixture
				.section;
			return {
				speed:
					Math.exp(spread.logPersonal * at(0)) *
					heatFactor(spread.temperatureC * at(2 + 3 * area)) *
					drawnReach(SECTION_REACH[section ?? 'seeThrough'], spread.reach * at(3 + 3 * area)),
				startDelta: spread.startLevel * at(4 + 3 * area),
				history: at(1)
			};
		})
	);
}

/** Starts as drawn, looked up by fibre: the points of a zone share theirs. */
class DrawnStarts {
	readonly #known = new Map<Fibre, Fibre>();
	constructor(
		private readonly draw: AreaDraw,
		private readonly spread: Spread
	) {}
	of({ start }: ReadyPoint): Fibre {
		let drawn = this.#known.get(start.fibre);
		if (!drawn) {
			const past = misremembered(start.fibre, start.remembered, this.spread, this.draw.history);
			drawn = misread(past, this.draw.startDelta);
			this.#known.set(start.fibre, drawn);
		}
		return drawn;
	}
}

const onlyLighteners = (point: ReadyPoint): boolean =>
	point.contacts.every(({ spares }) => !spares);

/** Level of a drawn point, by the short way where nothing but lightener was on it. */
function drawnLevel(point: ReadyPoint, dose: number | undefined, draw: PointDraw, minute: number) {
	return dose === undefined
		? pointAt(point, minute, draw).level
		: levelOfFibre(lightenFibre(draw.start, dose * draw.speed));
}

/**
 * 10-90 % band of the level that somebody will see on every point at a minute.
 * @returns a list of points per area, in the head's order
 */
export function headInterval(
	head: ReadyHead,
	minute: number,
	spread: Spread = SPREAD,
	count: number = SPREAD.headDraws
): Range[][] {
	const draws = drawAreas(head, spread, count);
	const starts = new Map<AreaDraw, DrawnStarts>();
	const startsOf = (draw: AreaDraw): DrawnStarts => {
		let known = starts.get(draw);
		if (!known) starts.set(draw, (known = new DrawnStarts(draw, spread)));
		return known;
	};
	return head.areas.map(({ points }, area) => {
		const kinds = alike(points, minute);
		const between = betweenNodes(kinds);
		const levels = kinds.map(() => new Float64Array(count));
		draws.forEach((areas, d) => {
			const draw = areas[area]!;
			kinds.forEach(({ point, dose }, kind) => {
				if (between.has(kind)) return;
				const drawn = { speed: draw.speed, start: startsOf(draw).of(point) };
				levels[kind]![d] = drawnLevel(point, dose, drawn, minute);
			});
			for (const [kind, { below, above, share }] of between) {
				const low = levels[below]![d]!;
				levels[kind]![d] = low + share * (levels[above]![d]! - low);
			}
		});
		return kinds.flatMap(({ count }, kind) => {
			const range = rangeOf(levels[kind]!);
			const seen = seenBand(range.low, range.median, range.high, spread);
			return Array<Range>(count).fill({ ...range, ...seen });
		});
	});
}

/** Points that any draw would treat alike. */
interface Kind {
	readonly point: ReadyPoint;
	/** Dose on the plain head, where nothing but lightener was on it. */
	readonly dose: number | undefined;
	count: number;
}

/** Where a kind lies between two others of its zone. */
interface Between {
	readonly below: number;
	readonly above: number;
	/** Share of the way from the one to the other, 0-1. */
	readonly share: number;
}

/**
 * Natural logarithm of dose over which a level is straight to within 0.002. Away from the scalp the dose
 * falls gently, so that most points lie between two others.
 */
const STRAIGHT = 0.025;

/** Kinds whose level is read between two others of the same start, by number. */
function betweenNodes(kinds: readonly Kind[]): ReadonlyMap<number, Between> {
	const between = new Map<number, Between>();
	const zones = new Map<Fibre, number[]>();
	kinds.forEach(({ point, dose }, kind) => {
		const { fibre } = point.start;
		if (dose) zones.set(fibre, [...(zones.get(fibre) ?? []), kind]);
	});
	for (const members of zones.values()) {
		const doseOf = (kind: number) => kinds[kind]!.dose!;
		const sorted = members.sort((p, q) => doseOf(p) - doseOf(q));
		let node = 0;
		while (node < sorted.length - 1) {
			const below = sorted[node]!;
			let next = node + 1;
			while (
				next + 1 < sorted.length &&
				Math.log(doseOf(sorted[next + 1]!) / doseOf(below)) <= STRAIGHT
			) {
				next++;
			}
			const above = sorted[next]!;
			const width = doseOf(above) - doseOf(below);
			for (const kind of sorted.slice(node + 1, next)) {
				between.set(kind, { below, above, share: (doseOf(kind) - doseOf(below)) / width });
			}
			node = next;
		}
	}
	return between;
}

/** Neighbours whose doses differ by less than this share end within a thousandth of a level. */
const SAME_DOSE = 1e-4;

/** Runs of neighbouring points that any draw would treat alike: away from the scalp, whole zones. */
function alike(points: readonly ReadyPoint[], minute: number): Kind[] {
	const kinds: Kind[] = [];
	for (const point of points) {
		const dose = onlyLighteners(point) ? pointAt(point, minute).dose : undefined;
		const last = kinds.at(-1);
		const same =
			last?.dose !== undefined &&
			dose !== undefined &&
			last.point.start.fibre === point.start.fibre &&
			Math.abs(last.dose - dose) <= SAME_DOSE * dose;
		if (same) last.count++;
		else kinds.push({ point, dose, count: 1 });
	}
	return kinds;
}

function rangeOf(values: Float64Array): Range {
	const sorted = values.sort();
	return {
		low: quantile(sorted, 0.1),
		median: quantile(sorted, 0.5),
		high: quantile(sorted, 0.9)
	};
}

/**
 * 10-90 % interval of the minute at which a zone's last point is inside the target. A draw that never
 * gets there counts as never, so an end of the interval may be infinite: “not within the limit”.
 */
export function readyInterval(
	head: ReadyHead,
	zone: ReadyZone,
	targetLow: number,
	limitMinute: number,
	spread: Spread = SPREAD,
	count: number = SPREAD.headDraws
): Range {
	const area = head.areas.findIndex((candidate) => candidate.area.name === zone.area);
	const inside = pointsInZone(head, zone);
	// The slowest of the zone for the plain head decides; in a draw of one area all are shifted alike.
	const slowest = inside.reduce<ReadyPoint | undefined>((slow, point) => {
		const level = pointAt(point, limitMinute).level;
		return !slow || level < pointAt(slow, limitMinute).level ? point : slow;
	}, undefined);
	if (!slowest) return { low: Infinity, median: Infinity, high: Infinity };
	const minutes = Float64Array.from(drawAreas(head, spread, count), (areas) => {
		const draw = areas[area]!;
		const drawn = { speed: draw.speed, start: new DrawnStarts(draw, spread).of(slowest) };
		const reached = (minute: number) => pointAt(slowest, minute, drawn).level >= targetLow;
		return reached(limitMinute) ? bisect(reached, 0, limitMinute, 0.25) : Infinity;
	});
	return rangeOf(minutes);
}
