import { dequal as equal } from 'dequal/lite';
import { USUAL_CEILINGS } from '../../core/caution';
import { USUAL_STOCK } from '../../core/mix';
import type { Shelf, ShelfLine } from '../../schema/records';
import { stamp } from '../identity';
import { dayAfter, dayIn } from '../time';

type Shade = ShelfLine['shades'][number];

/** Every tone of a key at every level, coded as the line writes it. */
function shadesOf(
	lineId: string,
	levels: readonly number[],
	key: Readonly<Record<string, string>>,
	code: (level: number, tone: string) => string
): Shade[] {
	return levels.flatMap((level) =>
		Object.entries(key).map(([written, tone]) => ({
			id: `${lineId}-${level}-${written}`,
			code: code(level, written),
			level,
			tone
		}))
	);
}

const letterKey = { N: 'N', V: 'V', P: 'P', B: 'B', A: 'A', G: 'G', C: 'C', M: 'M' };

/** What a new salon starts with, until it has entered its own lines: letters that mean what they say. */
export const plainShelf = (now: Date): Shelf => ({
	...stamp(now),
	id: 'shelf',
	kind: 'shelf',
	developers: [...USUAL_STOCK],
	limitMinutes: 50,
	limits: {},
	pace: 'gentle',
	ceilings: USUAL_CEILINGS,
	lightenerName: 'lightener',
	scaleStep: 1,
	additive: { name: 'bond additive', amount: 1, unit: 'g', perGrams: 10 },
	rates: { currency: 'EUR', perHour: 60, perApplication: 35 },
	ring: [],
	lines: [
		{
			id: 'plain-demi',
			name: 'Plain demi',
			vehicle: 'demi',
			ratio: 2,
			minutes: 20,
			developerVolume: 10,
			key: letterKey,
			shades: shadesOf('plain-demi', [5, 6, 7, 8, 9, 10], letterKey, (l, t) => `${l}${t}`)
		}
	]
});

/** Whether a line is still the one that a new salon starts with: nobody's tubes. */
export const isPlainLine = (line: ShelfLine): boolean =>
	plainShelf(new Date(0)).lines.some(
		({ id, shades }) => id === line.id && equal(shades, line.shades)
	);

const lanternKey = { N: 'N', V: 'V', P: 'P', BV: 'BV', A: 'A', G: 'G', C: 'C', M: 'M', NA: 'NA' };
/** Kelpline writes digits: its 1 is a green-based ash, its 8 a blue-based one. */
const kelplineKey = {
	'0': 'N',
	'1': 'M',
	'2': 'V',
	'3': 'G',
	'4': 'C',
	'6': 'R',
	'8': 'B',
	'82': 'BV',
	'03': 'NG'
};
/** Brine's A is apricot, where Lantern's is ash. */
const brineKey = { T: 'BM', V: 'V', R: 'R', A: 'C', G: 'G', I: 'B' };
const brineNames = { T: 'Teal', V: 'Violet', R: 'Rose', A: 'Apricot', G: 'Citron', I: 'Ink' };

/** What stood on the demo's shelf when it was counted eight weeks ago: some of it is to be bought. */
function demoStock(now: Date): Shelf['stock'] {
	const countedAt = new Date(now.getTime() - 56 * 24 * 3_600_000).toISOString();
	const useBy = (days: number) => dayAfter(dayIn(now, 'Etc/UTC'), days);
	const tub = { countedAt, packGrams: 500, packPrice: 30, leastGrams: 400 };
	const bottle = { countedAt, packGrams: 1000, packPrice: 12, leastGrams: 600 };
	const tube = { countedAt, packGrams: 60, packPrice: 8, leastGrams: 60 };
	return {
		'lightener:powder': { ...tub, grams: 900 },
		'lightener:cream': { ...tub, grams: 620, packPrice: 34 },
		'developer:10': { ...bottle, grams: 1600 },
		'developer:20': { ...bottle, grams: 2100, useBy: useBy(20) },
		'developer:30': { ...bottle, grams: 400, useBy: useBy(-6) },
		'colour:lantern-demi-9-V': { ...tube, grams: 150 },
		'colour:lantern-demi-9-G': { ...tube, grams: 90 },
		'colour:lantern-demi-8-NA': { ...tube, grams: 240 }
	};
}

/** The house lines of the demo salon. The same letter or digit means different hues in two of them. */
export const demoShelf = (now: Date): Shelf => ({
	...plainShelf(now),
	lightenerName: 'Saltmarsh',
	costs: { lightener: 6, developer: 1.2, colour: 14 },
	ring: [],
	stock: demoStock(now),
	lines: [
		{
			id: 'lantern-demi',
			name: 'Lantern demi',
			vehicle: 'demi',
			ratio: 1.5,
			minutes: 20,
			developerVolume: 7,
			key: lanternKey,
			shades: shadesOf('lantern-demi', [4, 5, 6, 7, 8, 9, 10], lanternKey, (l, t) => `${l}${t}`)
		},
		{
			id: 'lantern-rapid',
			name: 'Lantern rapid',
			vehicle: 'rapid',
			ratio: 1.5,
			minutes: 5,
			developerVolume: 7,
			key: lanternKey,
			shades: shadesOf('lantern-rapid', [8, 9, 10], lanternKey, (l, t) => `${l}${t}`)
		},
		{
			id: 'kelpline-gloss',
			name: 'Kelpline gloss',
			vehicle: 'gloss',
			ratio: 1,
			minutes: 15,
			developerVolume: 7,
			key: kelplineKey,
			shades: shadesOf('kelpline-gloss', [5, 6, 7, 8, 9], kelplineKey, (l, t) => `${l}.${t}`)
		},
		{
			id: 'kelpline-permanent',
			name: 'Kelpline permanent',
			vehicle: 'permanent',
			ratio: 1,
			minutes: 35,
			developerVolume: 20,
			key: kelplineKey,
			shades: shadesOf('kelpline-permanent', [4, 5, 6, 7, 8], kelplineKey, (l, t) => `${l}.${t}`)
		},
		{
			id: 'kelpline-high-lift',
			name: 'Kelpline high-lift',
			vehicle: 'highLift',
			ratio: 2,
			minutes: 45,
			developerVolume: 20,
			key: kelplineKey,
			shades: shadesOf('kelpline-high-lift', [10, 11], kelplineKey, (l, t) => `${l}.${t}`)
		},
		{
			id: 'brine-direct',
			name: 'Brine direct',
			vehicle: 'direct',
			ratio: 1,
			minutes: 20,
			developerVolume: 0,
			key: brineKey,
			shades: Object.entries(brineKey).map(([letter, tone]) => ({
				id: `brine-direct-${letter}`,
				code: `${letter} ${brineNames[letter as keyof typeof brineNames]}`,
				level: 9,
				tone,
				form: 'pure' as const
			}))
		}
	]
});
