import { LEVEL_LADDER, levelOfDepth, type Lab } from '../../core/colour';
import { labOfPigment, naturalPigment } from '../../core/hair';
import { ladderFromSwatches, type LadderAnswer } from '../../core/learn';
import type { RingSwatch, Shelf } from '../../schema/records';

/** Levels that a ring has swatches of. */
export const RING_LEVELS: readonly number[] = LEVEL_LADDER.map((_, i) => i + 1);

/** A level of the ring beside the usual one. */
export interface RingRung {
	readonly level: number;
	/** The usual swatch of that level. */
	readonly usual: Lab;
	/** The ring's own: as it was read, or as the ladder made from the others puts it. */
	readonly own: Lab | undefined;
	/** What the ring's level is on the usual ladder. */
	readonly lies: number | undefined;
	readonly read: RingSwatch | undefined;
}

/** Natural neutral hair of a depth. */
const labOfDepth = (depth: number): Lab =>
	labOfPigment(naturalPigment(levelOfDepth(depth), 'neutral'));

/** The ring as it was read, level by level, and the ladder it makes. */
export function ringRungs({ ring }: Pick<Shelf, 'ring'>): {
	readonly answer: LadderAnswer;
	readonly rungs: readonly RingRung[];
} {
	const answer = ladderFromSwatches(ring);
	const rungs = RING_LEVELS.map((level): RingRung => {
		const read = ring.find((swatch) => swatch.level === level);
		const depth = read?.depth ?? (answer.ok ? answer.ladder[level - 1] : undefined);
		return {
			level,
			usual: labOfDepth(LEVEL_LADDER[level - 1]!),
			own: read?.lab ?? (depth === undefined ? undefined : labOfDepth(depth)),
			lies: depth === undefined ? undefined : levelOfDepth(depth, LEVEL_LADDER),
			read
		};
	});
	return { answer, rungs };
}

/** Whether the ladder that the ring makes is the one in use. */
export function isKept({ ladder }: Pick<Shelf, 'ladder'>, answer: LadderAnswer): boolean {
	return (
		answer.ok &&
		ladder !== undefined &&
		answer.ladder.every((depth, i) => Math.abs(depth - ladder[i]!) < 0.01)
	);
}

/** Colour of a swatch of the ring, where it was read and not only placed. */
export const labOfSwatch = (shelf: Pick<Shelf, 'ring'> | undefined, level: number) =>
	shelf?.ring.find((swatch) => swatch.level === level)?.lab;
