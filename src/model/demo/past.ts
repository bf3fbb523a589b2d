import { chanceOf } from '../../core/numeric';
import { simulatePast } from '../simulate/past';
import type { HiddenHand, HiddenHead } from '../simulate/service';
import { newVisit, usualStart } from '../commands/newVisit';
import { demoShelf } from './shelf';
import type { Moment } from '../time';
import type { Client, Reading, Shelf, Visit } from '../../schema/records';

/** Those who work in the demo salon, and what is true of them. */
const WENNA: HiddenHand = {
	name: 'Wenna Trask',
	pace: 0.92,
	readsOff: -0.05,
	uses: 1.02,
	taps: false
};
const IVO: HiddenHand = { name: 'Ivo Marlin', pace: 1.25, readsOff: 0.2, uses: 0.9, taps: true };

/** Somebody whose visits are made up. */
interface Past {
	readonly id: string;
	readonly head: HiddenHead;
	readonly hands: readonly HiddenHand[];
	/** Weeks from one visit to the next, and from the last one to today. */
	readonly everyWeeks: number;
	readonly lastWeeksAgo: number;
	readonly visits: number;
	/** The first visit, where it differs from a plain one. */
	readonly reading: Partial<Reading>;
	readonly aim: Partial<Visit['aim']>;
	readonly lift: Partial<Visit['lift']>;
	readonly bowls: Partial<Visit['bowls']>;
	/** Shade of the first line of the shelf that it is toned with. */
	readonly shade: string;
}

const SOLID = {
	lift: { product: 'cream', ratio: 1.5, placement: 'onScalp' },
	bowls: { technique: 'open' }
} as const;

/** Two years of three clients, who come again and again. */
const LONG: readonly Past[] = [
	{
		...SOLID,
		id: 'anneke-rill',
		head: { rate: 0.84, areas: { crown: 0.85 } },
		hands: [WENNA, WENNA, IVO],
		everyWeeks: 6,
		lastWeeksAgo: 13,
		visits: 15,
		reading: { lengthCm: 14 },
		aim: { level: 8.5, direction: 'gold', keepWarmth: 0.6 },
		shade: '9G'
	},
	{
		...SOLID,
		id: 'sunniva-tarrow',
		head: { rate: 1.18 },
		hands: [IVO, WENNA],
		everyWeeks: 7,
		lastWeeksAgo: 5,
		visits: 14,
		reading: { naturalLevel: 6, texture: 'fine', lengthCm: 20 },
		aim: { level: 9.5, direction: 'pearl', keepWarmth: 0.1 },
		shade: '9V'
	},
	{
		id: 'bertil-oxley',
		head: { rate: 0.8, areas: { back: 1.15 } },
		hands: [WENNA],
		everyWeeks: 10,
		lastWeeksAgo: 9,
		visits: 10,
		reading: { naturalLevel: 4, texture: 'coarse', density: 'high', lengthCm: 24 },
		aim: { level: 7.5, direction: 'beige', keepWarmth: 0.4, kind: 'dimensional' },
		lift: {},
		bowls: { technique: 'foils', foils: 44 },
		shade: '7NA'
	}
];

const LIGHT_NAMES = [
	'Alba Corrin',
	'Ansel Drury',
	'Beatrix Holm',
	'Bram Sellick',
	'Cosima Reyl',
	'Dagny Orme',
	'Edda Pellow',
	'Eskil Varn',
	'Fenna Strode',
	'Gisla Marrow',
	'Halvard Quint',
	'Idony Brack',
	'Ilse Varrick',
	'Jorun Hask',
	'Katla Menhir',
	'Leopold Skerry',
	'Linnea Borrow',
	'Maeve Tolland',
	'Magnus Ferrow',
	'Merrin Oake-Sund',
	'Nerys Calder',
	'Nils Averill',
	'Oda Winslade',
	'Orla Pennick',
	'Pernille Stagg',
	'Quilla Rosevear',
	'Ragna Thistle',
	'Rolf Emberley',
	'Saskia Loam',
	'Signy Harrow',
	'Solveig Dunmore',
	'Tamsin Grell',
	'Tove Ashdown',
	'Ulla Kestrel',
	'Una Merrow',
	'Vida Sorrel',
	'Wendel Pryce',
	'Wilhelmina Fenwick-Stonehurst',
	'Ylva Brandreth',
	'Zelda Quarrie'
] as const;

const slug = (name: string): string => name.toLowerCase().replace(/[^a-z]+/g, '-');

/** Lighter records, for lists and for what a salon learns of itself: coarse dark heads are slower here than was published. */
function light(index: number): Past {
	const chance = chanceOf(700 + index);
	const texture = (['fine', 'medium', 'coarse', 'coarse'] as const)[index % 4]!;
	const naturalLevel = texture === 'coarse' ? 3 + (index % 3) * 0.5 : 4 + (index % 5) * 0.5;
	const typical = texture === 'coarse' ? -0.17 : 0;
	return {
		id: slug(LIGHT_NAMES[index]!),
		head: { rate: Math.exp(typical + chance.normal(0.18)) },
		hands: [chance.oneOf([WENNA, IVO])],
		everyWeeks: 10,
		lastWeeksAgo: Math.round(2 + chance.uniform() * 48),
		visits: index % 3 === 2 ? 0 : 1,
		reading: { naturalLevel, texture, lengthCm: Math.round(16 + chance.uniform() * 30) },
		aim: { level: naturalLevel + 3.5, kind: 'dimensional' },
		lift: {},
		bowls: { technique: 'foils', foils: 30 + (index % 4) * 6 },
		shade: ['8NA', '9V', '7N', '8G'][index % 4]!
	};
}

const firstOf = (past: Past, moment: Moment, shelf: Shelf): Visit => {
	const line = shelf.lines[0]!;
	const plain = newVisit(past.id, moment);
	delete plain.chairSince;
	delete plain.reading.guess;
	delete plain.aim.guess;
	const naturalLevel = past.reading.naturalLevel ?? plain.reading.naturalLevel;
	const natural = { state: 'natural' as const, presentLevel: naturalLevel, artificial: [] };
	const reading: Reading = {
		...plain.reading,
		...past.reading,
		zones: { root: natural, lengths: natural, ends: natural }
	};
	const shade = line.shades.find(({ code }) => code === past.shade)!;
	return {
		...plain,
		reading,
		aim: { ...plain.aim, ...past.aim },
		lift: { ...plain.lift, startsAtMm: usualStart(reading), ...past.lift },
		bowls: { ...plain.bowls, ...past.bowls },
		tone: {
			...plain.tone,
			lineId: line.id,
			vehicle: line.vehicle,
			ratio: line.ratio,
			minutes: line.minutes,
			choice: 'formula',
			parts: [
				{ shadeId: shade.id, name: shade.code, level: shade.level, tone: shade.tone, grams: 30 }
			]
		}
	};
};

const visitsOf = (past: Past, seed: number, moment: Moment, shelf: Shelf): Visit[] =>
	simulatePast({
		first: firstOf(past, moment, shelf),
		shelf,
		line: shelf.lines[0]!,
		head: past.head,
		hands: past.hands,
		weeksAgo: Array.from(
			{ length: past.visits },
			(_, i) => past.lastWeeksAgo + (past.visits - 1 - i) * past.everyWeeks
		),
		today: moment.day,
		at: moment.at,
		seed
	});

/** Everybody of the demo salon who is not there today, by name. */
export const OTHERS: readonly Pick<Client, 'id' | 'name' | 'note' | 'washesPerWeek'>[] = [
	{
		id: 'sunniva-tarrow',
		name: 'Sunniva Tarrow',
		note: 'Every seven weeks for two years, root only. Lifts quickly: looks at twenty minutes.',
		washesPerWeek: 3
	},
	{
		id: 'bertil-oxley',
		name: 'Bertil Oxley',
		note: 'Coarse, and slow; foils on the regrowth. Wants no brass, keeps it short of blonde.',
		washesPerWeek: 2
	},
	...LIGHT_NAMES.map((name, i) => ({ id: slug(name), name, note: '', washesPerWeek: 1 + (i % 4) }))
];

/**
 * Whether a visit is one of those that were made up.
 * @internal
 */
export const isPast = ({ id }: Pick<Visit, 'id'>): boolean => id.includes('-past-');

/** What was recorded in the demo salon before a moment, made by a seeded simulator: about a second’s work. */
export function demoPast(moment: Moment): Visit[] {
	const shelf = demoShelf(moment.at);
	const lighter = LIGHT_NAMES.map((_, i) => light(i));
	return [...LONG, ...lighter].flatMap((past, i) => visitsOf(past, 40 + i, moment, shelf));
}
