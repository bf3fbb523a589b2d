import { bisect } from '../numeric';
import { pointAt } from './point';
import type { ReadyHead, ReadyPoint } from './prepare';
import type { AreaName } from './events';

/** A stretch of one area's strand that is judged together. */
export interface ReadyZone {
	readonly name: string;
	readonly area: AreaName;
	readonly fromCm: number;
	readonly toCm: number;
}

/** When one zone is inside the target: from when its last point is in, until its first is past. */
export interface ZoneReady {
	readonly zone: ReadyZone;
	readonly from: number | undefined;
	readonly to: number | undefined;
}

/** When the head is ready. */
export interface HeadReady {
	readonly zones: readonly ZoneReady[];
	/** When the slowest zone is inside; nothing when one never gets there. */
	readonly slowest: number | undefined;
	/** When the first zone is past the target; nothing when none goes past. */
	readonly firstPast: number | undefined;
	/** Whether there is a minute at which everything is inside at once. */
	readonly together: boolean;
}

/** First minute, 0-limit, at which something rising becomes true, to a tenth of a minute. */
function firstMinute(is: (minute: number) => boolean, limit: number): number | undefined {
	if (!is(limit)) return undefined;
	return is(0) ? 0 : bisect(is, 0, limit, 0.1);
}

/**
 * When each zone is inside the target, when the slowest is, and when the first is past it.
 * @param target the band of levels that counts as ready
 * @param limitMinute how far to look
 */
export function readyTimes(
	head: ReadyHead,
	zones: readonly ReadyZone[],
	target: { readonly low: number; readonly high: number },
	limitMinute: number
): HeadReady {
	const timed = zones.map((zone): ZoneReady => {
		const points = pointsInZone(head, zone);
		if (points.length === 0) return { zone, from: undefined, to: undefined };
		// Lift only rises while mixtures work, so both conditions can be halved towards.
		const level = (point: ReadyPoint, minute: number) => pointAt(point, minute).level;
		return {
			zone,
			from: firstMinute(
				(minute) => points.every((p) => level(p, minute) >= target.low),
				limitMinute
			),
			to: firstMinute((minute) => points.some((p) => level(p, minute) > target.high), limitMinute)
		};
	});
	const froms = timed.map(({ from }) => from);
	const tos = timed.flatMap(({ to }) => (to === undefined ? [] : [to]));
	const slowest = froms.every((from) => from !== undefined) ? Math.max(0, ...froms) : undefined;
	const firstPast = tos.length > 0 ? Math.min(...tos) : undefined;
	return {
		zones: timed,
		slowest,
		firstPast,
		together: slowest !== undefined && (firstPast === undefined || slowest <= firstPast)
	};
}

/** A zone's points; a handful is enough, the ends of the stretch among them. */
export function pointsInZone(head: ReadyHead, zone: ReadyZone): ReadyPoint[] {
	const area = head.areas.find((candidate) => candidate.area.name === zone.area);
	const inside = (area?.points ?? []).filter(
		({ start }) => start.distanceCm >= zone.fromCm - 1e-9 && start.distanceCm <= zone.toCm + 1e-9
	);
	const most = 9;
	if (inside.length <= most) return inside;
	return Array.from(
		{ length: most },
		(_, i) => inside[Math.round((i * (inside.length - 1)) / (most - 1))]!
	);
}
