import type { Porosity, Texture } from '../hair';
import type { AreaName } from './events';
import type { Fibre } from './fibre';

/** What a point holds by memory, or by what shows of it: the interval doubts it. */
export interface Remembered {
	/** The hair before it was lightened. */
	readonly before: Fibre;
	/** Dose of the lightening that is remembered, ≥ 0. */
	readonly dose: number;
	/** How far a reading tells of its dye, 0-1: 0 where it is only remembered. */
	readonly read?: number | undefined;
}

/** A point of a strand before the service. */
export interface PointStart {
	/** Centimetres from the scalp. */
	readonly distanceCm: number;
	readonly fibre: Fibre;
	/** White fibres beside it, where they were coloured; left out, bare. */
	readonly white?: Fibre | undefined;
	/** Condition index, 0-100. */
	readonly condition: number;
	readonly porosity: Porosity;
	readonly remembered?: Remembered | undefined;
}

/** One area of the head: its own strand. */
export interface HeadArea {
	readonly name: AreaName;
	/** Share of white fibres, 0-1. */
	readonly whiteShare: number;
	/** Where it differs from the head's. */
	readonly texture?: Texture | undefined;
	/** Scalp first, at most half a centimetre apart. */
	readonly points: readonly PointStart[];
}

/** A point at a minute of the service. */
export interface PointNow {
	readonly distanceCm: number;
	readonly fibre: Fibre;
	readonly white: Fibre;
	/** Level of the pigmented hair. */
	readonly level: number;
	readonly condition: number;
	/** Dose received so far. */
	readonly dose: number;
}

/** An area at a minute of the service. */
export interface AreaNow {
	readonly name: AreaName;
	readonly whiteShare: number;
	readonly points: readonly PointNow[];
}

/** Points of a uniform strand, evenly spaced, at most half a centimetre apart, scalp first. */
export function evenPoints(
	lengthCm: number,
	at: (distanceCm: number) => Omit<PointStart, 'distanceCm'>,
	spacingCm = 0.5
): PointStart[] {
	const count = Math.max(2, Math.ceil(lengthCm / spacingCm) + 1);
	return Array.from({ length: count }, (_, i) => {
		const distanceCm = (lengthCm * i) / (count - 1);
		return { ...at(distanceCm), distanceCm };
	});
}
