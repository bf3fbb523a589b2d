import { csvFormat } from 'd3-dsv';
import { LEVEL_LADDER } from '../../core/colour';
import { usualLevel } from '../../core/learn';
import type { Shelf } from '../../schema/records';
import { RING_LEVELS } from './ring';

/**
 * The ladder as a table, RFC 4180: for each level its depth, the usual depth, what it is on the usual
 * ladder, and what was read of its swatch.
 */
export function ladderCsv({ ring, ladder: own }: Pick<Shelf, 'ring' | 'ladder'>): string {
	const ladder = own ?? LEVEL_LADDER;
	const figure = (value: number | undefined) => value?.toFixed(1) ?? '';
	return csvFormat(
		RING_LEVELS.map((level) => {
			const read = ring.find((swatch) => swatch.level === level);
			return {
				level,
				depth: figure(ladder[level - 1]),
				usualDepth: figure(LEVEL_LADDER[level - 1]),
				usualLevel: usualLevel(level, ladder).toFixed(2),
				readBy: read?.by ?? '',
				readOn: read?.date ?? '',
				readDepth: figure(read?.depth),
				l: figure(read?.lab?.l),
				a: figure(read?.lab?.a),
				b: figure(read?.lab?.b)
			};
		})
	);
}
