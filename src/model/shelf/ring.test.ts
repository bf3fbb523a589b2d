import { csvParse } from 'd3-dsv';
import { afterEach, describe, expect, it } from 'vitest';
import {
	depthOf,
	depthOfLevel,
	labOf,
	ladderInUse,
	LEVEL_LADDER,
	levelOfDepth,
	useLadder
} from '../../core/colour';
import { labOfPigment, naturalPigment } from '../../core/hair';
import { usualLevel } from '../../core/learn';
import { levelOfFibre } from '../../core/lift';
import { dropLadder, dropSwatch, keepLadder, readSwatch } from '../commands/ring';
import { hairOf } from '../../testing/camera';
import { plainShelf } from '../demo/shelf';
import { demoDocuments } from '../../testing/demoDocuments';
import { MOMENT } from '../../testing/demoVisit';
import { hairAt } from '../visit/headWork';
import { isKept, labOfSwatch, ringRungs } from './ring';
import { ladderCsv } from './ladderCsv';

const TODAY = '2026-11-25';
/** A ring whose every level lies 0.4 lighter than usual. */
function lighterRing() {
	const shelf = plainShelf(new Date('2026-11-25T10:00:00Z'));
	for (const level of [3, 6, 9]) {
		const lab = labOf(hairOf(naturalPigment(level + 0.4, 'neutral')));
		readSwatch(shelf, level, { by: 'picture', lab, sd: 0.123 }, TODAY);
	}
	return shelf;
}
afterEach(() => useLadder());

describe('the ring', () => {
	it('makes a ladder from what was read, kept only when that is said', () => {
		const shelf = lighterRing();
		const { answer, rungs } = ringRungs(shelf);
		expect(answer.ok).toBe(true);
		expect(rungs[5]).toMatchObject({ level: 6, read: { by: 'picture', date: TODAY, sd: 0.12 } });
		expect(rungs[5]!.lies).toBeCloseTo(6.4, 1);
		// Between two that were read it lies as they do.
		expect(rungs[6]!.read).toBeUndefined();
		expect(Math.abs(rungs[6]!.lies! - 7.4)).toBeLessThan(0.1);
		expect([shelf.ladder, isKept(shelf, answer)]).toEqual([undefined, false]);
		keepLadder(shelf);
		expect(isKept(shelf, answer)).toBe(true);
		dropLadder(shelf);
		expect(shelf).toMatchObject({ ring: [{ level: 3 }, { level: 6 }, { level: 9 }] });
		expect(shelf.ladder).toBeUndefined();
	});
	it('of too few swatches keeps nothing', () => {
		const shelf = lighterRing();
		dropSwatch(shelf, 6);
		keepLadder(shelf);
		expect(shelf.ladder).toBeUndefined();
		expect(ringRungs(shelf).answer).toMatchObject({ problem: 'tooFew', read: 2 });
	});
	it('takes a place on the usual ladder by eye, and a second reading in place of the first', () => {
		const shelf = lighterRing();
		readSwatch(shelf, 6, { by: 'eye', usual: 6.2 }, TODAY);
		const [swatch, ...others] = shelf.ring.filter(({ level }) => level === 6);
		expect(others).toEqual([]);
		expect(swatch).toMatchObject({ by: 'eye', date: TODAY });
		expect(swatch).not.toHaveProperty('lab');
		expect(swatch!.depth).toBeCloseTo(depthOfLevel(6.2, LEVEL_LADDER), 1);
		expect([labOfSwatch(shelf, 6), labOfSwatch(shelf, 3)]).toEqual([undefined, expect.anything()]);
	});
	it('reads the same by eye whatever ladder is in use', () => {
		const shelf = lighterRing();
		keepLadder(shelf);
		useLadder(shelf.ladder);
		readSwatch(shelf, 6, { by: 'eye', usual: 6.4 }, TODAY);
		expect(ringRungs(shelf).rungs[5]!.lies).toBeCloseTo(6.4, 1);
	});
	it('leaves as a table', () => {
		const shelf = lighterRing();
		keepLadder(shelf);
		const rows = csvParse(ladderCsv(shelf));
		expect(rows).toHaveLength(12);
		expect(rows[5]).toMatchObject({
			level: '6',
			usualDepth: '38.0',
			readBy: 'picture',
			readOn: TODAY
		});
		expect(Number(rows[5]!['usualLevel'])).toBeCloseTo(6.4, 1);
		expect(rows[6]).toMatchObject({ readBy: '', l: '' });
	});
});

describe('every level follows the ladder in use', () => {
	it('of natural hair, both ways', () => {
		const shelf = lighterRing();
		keepLadder(shelf);
		const before = naturalPigment(6, 'neutral');
		useLadder(shelf.ladder);
		const own = naturalPigment(6, 'neutral');
		expect(depthOf(labOfPigment(own))).toBeCloseTo(shelf.ladder![5]!, 6);
		expect(levelOfFibre({ ...own, layers: [] })).toBeCloseTo(6, 6);
		expect(own.eumelanin).toBeLessThan(before.eumelanin);
		// The same hair as before is called by another number.
		expect(levelOfFibre({ ...before, layers: [] })).toBeCloseTo(
			levelOfDepth(depthOfLevel(6, LEVEL_LADDER), shelf.ladder),
			6
		);
		useLadder();
		expect(naturalPigment(6, 'neutral')).toEqual(before);
		expect(ladderInUse()).toBe(LEVEL_LADDER);
	});
	it('of a visit: what was read as a 5 is the ring’s 5', () => {
		const shelf = lighterRing();
		keepLadder(shelf);
		const { reading } = demoDocuments(MOMENT).find((document) => document.kind === 'visit')!;
		const natural = hairAt(reading).zones[0]!.fibre;
		useLadder(shelf.ladder);
		const own = hairAt(reading).zones[0]!.fibre;
		expect(own.eumelanin).toBeLessThan(natural.eumelanin);
		expect(levelOfFibre(own)).toBeCloseTo(reading.naturalLevel, 6);
		expect(usualLevel(reading.naturalLevel, shelf.ladder!)).toBeGreaterThan(reading.naturalLevel);
	});
});
