import { GROWTH_CM_PER_MONTH, WEEKS_PER_MONTH } from '../hair';
import { SCALP } from './constants';
import { levelOfFibre, WHITE_FIBRE, type Fibre } from './fibre';
import { startOfPast, type HeadHistory, type HistoryEvent, type Touch } from './past';
import { asRead, pigmentOnPath, readingTells } from './start';
import { evenPoints, type PointStart } from './strand';

/** A level read today on a stretch of the strand. */
export interface StretchReading {
	readonly fromCm: number;
	readonly toCm: number;
	readonly level: number;
}

/** Where memory and reading do not agree: both are kept, the person decides. */
export interface Disagreement extends StretchReading {
	/** What the history would give. */
	readonly expected: number;
}

export interface StrandFromHistory {
	readonly points: readonly PointStart[];
	/** Length grown since colour or lightener last went on the scalp end; nothing if it never did. */
	readonly regrowthCm: number | undefined;
	readonly disagreements: readonly Disagreement[];
}

/** The last centimetres that “ends” means. */
const ENDS_CM = 4;
/** A reading this far from what the history gives is worth a question, levels. */
const DISAGREES = 0.5;
/**
 * The strand that years of history have made, point by point: a point x cm from the scalp today hung
 * nearer it then, or had not grown. Old colour fades by its washes; what was lightened near the scalp
 * carries its hot root along. Where a level is read today, the strand is shifted to it.
 * @param readings what was read now; stretches without a reading keep what the history gives
 */
export function strandFromHistory(
	history: HeadHistory,
	readings: readonly StretchReading[] = []
): StrandFromHistory {
	const growth = growthPerWeek(history);
	const oldestFirst = inOrder(history);
	const touchedAt = touchesOf(history);
	const pasts = new Map<string, Omit<PointStart, 'distanceCm'>>();
	const points = evenPoints(history.lengthCm, (distanceCm) => {
		const touched = touchedAt(distanceCm);
		// Points with the same past share one fibre, unless a lightening caught them near the scalp.
		const key = touched
			.map(({ event, then }) => {
				const warm = event.kind === 'lightening' || event.kind === 'colour';
				const near = warm && then < SCALP.decayCm * 5 ? then.toFixed(2) : '';
				return `${oldestFirst.indexOf(event)}:${near}`;
			})
			.join(' ');
		const known = pasts.get(key);
		if (known) return known;
		const start = startOfPast(history, touched);
		pasts.set(key, start);
		return start;
	});
	const last = oldestFirst.findLast(coloursTheScalpEnd);
	const judged = readings.map((reading) => ({ ...reading, expected: meanLevel(points, reading) }));
	return {
		points: points.map((point) => reconcile(point, judged, history)),
		regrowthCm: last ? Math.min(history.lengthCm, growth * last.weeksAgo) : undefined,
		disagreements: judged.filter(({ level, expected }) => Math.abs(level - expected) >= DISAGREES)
	};
}

const growthPerWeek = ({ growthCmPerMonth = GROWTH_CM_PER_MONTH }: HeadHistory): number =>
	growthCmPerMonth / WEEKS_PER_MONTH;

const inOrder = ({ events }: HeadHistory): HistoryEvent[] =>
	[...events].sort((p, q) => q.weeksAgo - p.weeksAgo);

/** For any point of today's strand: what has touched it, oldest first, and where it hung then. */
function touchesOf(history: HeadHistory): (distanceCm: number) => Touch[] {
	const growth = growthPerWeek(history);
	const oldestFirst = inOrder(history);
	const spans = oldestFirst.map((_, i) => spanThen(history, oldestFirst, i, growth));
	return (distanceCm) =>
		oldestFirst.flatMap((event, i) => {
			const then = distanceCm - growth * event.weeksAgo;
			const { fromCm, toCm } = spans[i]!;
			return then >= 0 && then >= fromCm - 1e-9 && then <= toCm + 1e-9 ? [{ event, then }] : [];
		});
}

/** What was done to the hair that is at a distance from the scalp today, oldest first. */
export const eventsAt = (history: HeadHistory, distanceCm: number): HistoryEvent[] =>
	touchesOf(history)(distanceCm).map(({ event }) => event);

/** Whether an event changed the colour of what grew out next to the scalp then. */
function coloursTheScalpEnd(event: HistoryEvent): boolean {
	if (event.kind !== 'colour' && event.kind !== 'lightening') return false;
	const { onto } = event;
	return onto === 'all' || onto === 'regrowth' || (typeof onto === 'object' && onto.fromCm < 1);
}

/** Where an event went on the strand as it hung then, cm from the scalp. */
function spanThen(
	history: HeadHistory,
	oldestFirst: readonly HistoryEvent[],
	index: number,
	growth: number
): { fromCm: number; toCm: number } {
	const event = oldestFirst[index]!;
	if (event.kind === 'cut') return { fromCm: Infinity, toCm: -Infinity };
	const { onto, weeksAgo } = event;
	if (typeof onto === 'object') return onto;
	if (onto === 'all') return { fromCm: 0, toCm: Infinity };
	if (onto === 'ends') {
		const cutSince = oldestFirst
			.slice(index + 1)
			.reduce((sum, later) => sum + (later.kind === 'cut' ? later.cm : 0), 0);
		const lengthThen = history.lengthCm - growth * weeksAgo + cutSince;
		return { fromCm: lengthThen - ENDS_CM, toCm: Infinity };
	}
	// Regrowth: what had grown since the colour before it; the first time, everything.
	const before = oldestFirst.slice(0, index).findLast(coloursTheScalpEnd);
	return { fromCm: 0, toCm: before ? growth * (before.weeksAgo - weeksAgo) : Infinity };
}

const inside = ({ fromCm, toCm }: StretchReading, distanceCm: number): boolean =>
	distanceCm >= fromCm && distanceCm <= toCm;

function meanLevel(points: readonly PointStart[], reading: StretchReading): number {
	const levels = points
		.filter(({ distanceCm }) => inside(reading, distanceCm))
		.map(({ fibre }) => levelOfFibre(fibre));
	return levels.reduce((sum, level) => sum + level, 0) / Math.max(levels.length, 1);
}

/**
 * Brings a point to what was read: its stretch is shifted as a whole, so that a gradient within it
 * stays. Dye gives way first, then the lightening; only hair without either is called by another
 * natural level.
 */
function reconcile(
	point: PointStart,
	judged: readonly Disagreement[],
	history: HeadHistory
): PointStart {
	const reading = judged.find((candidate) => inside(candidate, point.distanceCm));
	if (!reading) return point;
	const { fibre } = point;
	const wanted = Math.min(12, Math.max(1, levelOfFibre(fibre) + reading.level - reading.expected));
	const bare: Fibre = { eumelanin: fibre.eumelanin, pheomelanin: fibre.pheomelanin, layers: [] };
	if (fibre.layers.length > 0 && levelOfFibre(bare) > wanted) {
		const { remembered } = point;
		return {
			...point,
			...asRead({ fibre, white: point.white ?? WHITE_FIBRE }, wanted),
			remembered: remembered && { ...remembered, read: readingTells(wanted) }
		};
	}
	const read = { ...point, remembered: undefined };
	if (Math.abs(reading.level - reading.expected) < 0.01) return read;
	return {
		...read,
		fibre: { ...pigmentOnPath(history.naturalLevel, history.warmth, wanted), layers: [] },
		white: WHITE_FIBRE
	};
}
