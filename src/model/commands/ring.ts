import { depthOf, depthOfLevel, LEVEL_LADDER, type Lab } from '../../core/colour';
import { ladderFromSwatches } from '../../core/learn';
import type { RingSwatch, Shelf } from '../../schema/records';

/** What was read of a swatch: its colour, or only where it lies on the usual ladder. */
export type SwatchRead =
	| { readonly by: 'picture' | 'measured'; readonly lab: Lab; readonly sd?: number | undefined }
	| { readonly by: 'eye'; readonly usual: number };

const tenth = (value: number): number => Math.round(value * 10) / 10;
const hundredth = (value: number): number => Math.round(value * 100) / 100;

/** Writes a swatch of the ring down; one of the same level is replaced. */
export function readSwatch(shelf: Shelf, level: number, read: SwatchRead, date: string): void {
	const swatch: RingSwatch =
		read.by === 'eye'
			? { level, by: read.by, date, depth: hundredth(depthOfLevel(read.usual, LEVEL_LADDER)) }
			: {
					level,
					by: read.by,
					date,
					depth: hundredth(Math.min(100, Math.max(0, depthOf(read.lab)))),
					lab: { l: tenth(read.lab.l), a: tenth(read.lab.a), b: tenth(read.lab.b) },
					...(read.sd === undefined ? {} : { sd: hundredth(read.sd) })
				};
	shelf.ring = [...shelf.ring.filter((other) => other.level !== level), swatch].sort(
		(p, q) => p.level - q.level
	);
}

/** Takes a swatch out of what was read. */
export function dropSwatch(shelf: Shelf, level: number): void {
	shelf.ring = shelf.ring.filter((swatch) => swatch.level !== level);
}

/** From now on levels are those of the ring; nothing happens where it makes no ladder. */
export function keepLadder(shelf: Shelf): void {
	const answer = ladderFromSwatches(shelf.ring);
	if (answer.ok) shelf.ladder = answer.ladder.map(hundredth);
}

/** Back to the usual ladder; what was read of the ring stays. */
export function dropLadder(shelf: Shelf): void {
	delete shelf.ladder;
}
