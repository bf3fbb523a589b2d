import type { Application, HeadFactors } from './application';
import { SCALP } from './constants';
import type { Fibre } from './fibre';
import { applyTo } from './predict';

/** A zone of a strand, from the end of the one before it to `toCm` from the scalp. */
export interface StrandZone {
	readonly toCm: number;
	readonly fibre: Fibre;
	/** Whether the mixture goes on here. */
	readonly covered: boolean;
}

/** Point of a strand. */
export interface StrandPoint {
	/** Centimetres from the scalp. */
	readonly distanceCm: number;
	readonly zone: number;
	readonly fibre: Fibre;
	readonly covered: boolean;
}

/** Points of a strand, evenly spaced, at most `spacingCm` apart, scalp first. */
export function strandPoints(
	zones: readonly StrandZone[],
	lengthCm: number,
	spacingCm = 0.5
): StrandPoint[] {
	const count = Math.max(2, Math.ceil(lengthCm / spacingCm) + 1);
	return Array.from({ length: count }, (_, i) => {
		const distanceCm = (lengthCm * i) / (count - 1);
		const found = zones.findIndex((zone) => distanceCm <= zone.toCm);
		const zone = found < 0 ? zones.length - 1 : found;
		const { fibre, covered } = zones[zone]!;
		return { distanceCm, zone, fibre, covered };
	});
}

/**
 * A strand at a minute of the service: every covered point in closed form at its own temperature,
 * the heat zone starting `rootDelayMinutes` later. Uncovered points stay as they are.
 */
export function lightenStrand(
	points: readonly StrandPoint[],
	application: Application,
	head: HeadFactors,
	minute: number,
	rootDelayMinutes = 0
): Fibre[] {
	return points.map((point) => {
		if (!point.covered) return point.fibre;
		const delay = point.distanceCm <= SCALP.heatZoneCm ? rootDelayMinutes : 0;
		const minutes = Math.max(0, minute - delay);
		return applyTo(point.fibre, { ...application, minutes, distanceCm: point.distanceCm }, head);
	});
}
