import { dayAfter, DAYS_PER_WEEK, type Day, type Moment } from '../time';
import type { HistoryEntry, Reading, Visit, ZoneReading } from '../../schema/records';
import { plainReading } from '../head/plain';

const weeksAgo = (day: Day, weeks: number): Day =>
	dayAfter(day, -Math.round(weeks * DAYS_PER_WEEK));

/** A visit recorded before today's, where it differs from it. */
export interface Before {
	readonly weeksAgo: number;
	readonly reading: Partial<Reading>;
	readonly notes: Visit['run']['notes'];
	readonly level: number;
	readonly tone: string;
	/** Level that it was to leave, where it was the first of two that were planned together. */
	readonly promised?: number;
}

/** Somebody of the demo salon, where they differ from a plain head. */
export interface Person {
	readonly id: string;
	readonly name: string;
	readonly note: string;
	readonly washesPerWeek: number;
	/** Days since the last patch test; none when there was none. */
	readonly patchDaysAgo?: number;
	/** A visit recorded before this one, where it differs from today's. */
	readonly before?: Before;
	readonly visit: Partial<Omit<Visit, 'reading' | 'lift' | 'aim' | 'bowls'>> & {
		readonly reading: Partial<Reading>;
		readonly lift?: Partial<Visit['lift']>;
		readonly bowls: Partial<Visit['bowls']>;
		readonly aim: Partial<Visit['aim']>;
	};
}

const natural = (level: number): ZoneReading => ({
	state: 'natural',
	presentLevel: level,
	artificial: []
});
const lightened = (level: number, undertone?: ZoneReading['undertone']): ZoneReading => ({
	state: 'lightened',
	presentLevel: level,
	artificial: [],
	...(undertone ? { undertone } : {})
});
const sound = plainReading().strain;

/** The clients of the demo salon; all invented. Dates are relative to the moment. */
export const people = ({ at: now, day }: Moment): readonly Person[] => [
	{
		id: 'hesper-oake',
		name: 'Hesper Oake',
		note: 'Wants it to look like the end of summer, not like a salon.',
		washesPerWeek: 2,
		patchDaysAgo: 425,
		visit: {
			status: 'inChair',
			chairSince: new Date(now.getTime() - 70 * 60_000).toISOString(),
			colourist: 'Wenna Trask',
			settled: ['read', 'aim'],
			reading: {
				naturalLevel: 5,
				texture: 'fine',
				lengthCm: 34,
				zones: { root: natural(5), lengths: natural(5), ends: natural(5) }
			},
			aim: {
				kind: 'dimensional',
				level: 8.5,
				direction: 'beige',
				keepWarmth: 0.45,
				liftPast: 0.5,
				lightShare: 0.75,
				lowlights: { share: 0.1, level: 6.5, direction: 'neutral' }
			},
			lift: { minutes: 38, delays: { root: 4, lengths: 0, ends: 0 } },
			bowls: { technique: 'foils', foils: 36 }
		}
	},
	{
		id: 'teodor-vask',
		name: 'Teodor Vask',
		note: 'Coarse curls, lifts slowly. Bronze tips over two visits; the first is done.',
		washesPerWeek: 1,
		patchDaysAgo: 30,
		before: {
			weeksAgo: 7,
			reading: {
				zones: { root: natural(3), lengths: natural(3), ends: natural(3) },
				strain: sound
			},
			notes: [
				{ id: 'teodor-1', minute: 20, zone: 'ends', level: 4.1, text: '' },
				{ id: 'teodor-2', minute: 35, zone: 'ends', level: 4.6, text: 'slow, drying out' },
				{ id: 'teodor-3', minute: 50, zone: 'ends', level: 5, text: '' }
			],
			level: 5,
			tone: 'red-orange',
			promised: 6.1
		},
		visit: {
			status: 'waiting',
			colourist: 'Ivo Marlin',
			reading: {
				naturalLevel: 3,
				curl: 'curly',
				texture: 'coarse',
				density: 'high',
				lengthCm: 18,
				regrowthCm: 6,
				endsCm: 7,
				zones: { root: natural(3), lengths: natural(3), ends: lightened(5, 'red-orange') },
				strain: { ...sound, lightenings: 1 }
			},
			aim: { level: 7, direction: 'gold', keepWarmth: 0.6, liftPast: 0 },
			lift: {
				minutes: 45,
				placement: 'openAir',
				product: 'clay',
				covers: { root: false, lengths: false, ends: true },
				overlap: { reason: 'The second of the two visits that were agreed.', volume: 20 }
			},
			bowls: { technique: 'open', foils: 20 }
		}
	},
	{
		id: 'anneke-rill',
		name: 'Anneke Rill',
		note: 'Usually every six weeks; this time thirteen.',
		washesPerWeek: 3,
		patchDaysAgo: 91,
		visit: {
			status: 'waiting',
			colourist: 'Wenna Trask',
			reading: {
				naturalLevel: 5,
				lengthCm: 14,
				regrowthCm: 3.8,
				endsCm: 3,
				zones: {
					root: natural(5),
					lengths: lightened(9, 'yellow'),
					ends: lightened(9.5, 'pale yellow')
				},
				strain: { ...sound, lightenings: 2 },
				history: [13, 19, 25, 31, 37, 43].map((weeks): HistoryEntry => ({
					id: `anneke-${weeks}`,
					date: weeksAgo(day, weeks),
					kind: 'lightening',
					toLevel: 9,
					onto: 'regrowth'
				}))
			},
			aim: { level: 8.5, direction: 'gold', keepWarmth: 0.6, liftPast: 0.5 },
			lift: {
				product: 'cream',
				ratio: 1.5,
				minutes: 45,
				placement: 'onScalp',
				covers: { root: true, lengths: false, ends: false }
			},
			bowls: { technique: 'open', foils: 20 }
		}
	},
	{
		id: 'dorrit-vane',
		name: 'Dorrit Vane',
		note: 'Half white. The old highlights on the ends stay safe.',
		washesPerWeek: 2,
		patchDaysAgo: 60,
		visit: {
			status: 'waiting',
			colourist: 'Ivo Marlin',
			reading: {
				naturalLevel: 7,
				lengthCm: 22,
				regrowthCm: 8,
				endsCm: 6,
				whiteShare: 0.5,
				zones: { root: natural(7), lengths: natural(7), ends: lightened(9.5, 'pale yellow') },
				strain: { ...sound, lightenings: 1 }
			},
			aim: { kind: 'freshen', level: 9, direction: 'beige', keepWarmth: 0.25, liftPast: 0.5 },
			lift: {
				product: 'cream',
				volume: 10,
				minutes: 40,
				covers: { root: true, lengths: true, ends: false }
			},
			bowls: { technique: 'foils', foils: 32 }
		}
	},
	{
		id: 'yusra-halden',
		name: 'Yusra Halden',
		note: 'Mahogany underneath from two years ago. Copper pipes at home.',
		washesPerWeek: 2,
		patchDaysAgo: 12,
		visit: {
			status: 'waiting',
			colourist: 'Wenna Trask',
			reading: {
				naturalLevel: 6,
				density: 'high',
				lengthCm: 42,
				regrowthCm: 3,
				endsCm: 8,
				water: 'copper',
				zones: {
					root: natural(6),
					lengths: {
						state: 'coloured',
						presentLevel: 4,
						artificial: [{ kind: 'permanent', level: 4, tone: 'N', layers: 3 }]
					},
					ends: {
						state: 'coloured',
						presentLevel: 3.5,
						artificial: [
							{ kind: 'permanent', level: 4, tone: 'N', layers: 4 },
							{ kind: 'permanent', level: 4, tone: 'RV', layers: 1, weeksAgo: 104 }
						]
					}
				},
				history: [
					...[10, 22, 36].map((weeks): HistoryEntry => ({
						id: `yusra-brown-${weeks}`,
						date: weeksAgo(day, weeks),
						kind: 'colour',
						vehicle: 'permanent',
						level: 4,
						tone: 'N',
						onto: 'all'
					})),
					{
						id: 'yusra-mahogany',
						date: weeksAgo(day, 104),
						kind: 'colour',
						vehicle: 'permanent',
						level: 4,
						tone: 'RV',
						onto: 'all'
					}
				]
			},
			aim: {
				kind: 'dimensional',
				level: 7,
				direction: 'ash',
				keepWarmth: 0.2,
				liftPast: 1,
				lightShare: 0.6
			},
			lift: { minutes: 40, covers: { root: false, lengths: true, ends: true } },
			bowls: { technique: 'foils', foils: 58 }
		}
	},
	{
		id: 'lisbet-quill',
		name: 'Lisbet Quill',
		note: 'Pale apricot for a boat christening. Natural copper: it stalls at yellow-orange.',
		washesPerWeek: 2,
		patchDaysAgo: 20,
		visit: {
			status: 'waiting',
			colourist: 'Ivo Marlin',
			reading: {
				naturalLevel: 7,
				warmth: 'copper',
				curl: 'wavy',
				lengthCm: 28,
				regrowthCm: 5,
				endsCm: 5,
				haircut: { layers: 'some', undercut: [] },
				zones: {
					root: natural(7),
					lengths: {
						state: 'coloured',
						presentLevel: 7,
						artificial: [{ kind: 'gloss', level: 7, tone: 'C', layers: 1, weeksAgo: 14 }]
					},
					ends: {
						state: 'coloured',
						presentLevel: 7,
						artificial: [{ kind: 'gloss', level: 7, tone: 'C', layers: 2, weeksAgo: 14 }],
						porosity: 'high'
					}
				}
			},
			aim: { kind: 'pastel', level: 9.5, direction: 'copper', keepWarmth: 0.4, liftPast: 0.25 },
			lift: { minutes: 45 },
			bowls: { technique: 'foils', foils: 50 }
		}
	},
	{
		id: 'casimir-bly',
		name: 'Casimir Bly',
		note: 'Lived-in ribbons, deep root, a melt of three toners. Comes twice a year.',
		washesPerWeek: 3,
		patchDaysAgo: 45,
		visit: {
			status: 'waiting',
			colourist: 'Wenna Trask',
			reading: {
				naturalLevel: 4,
				lengthCm: 38,
				regrowthCm: 6,
				endsCm: 8,
				areas: { fringe: { lengthCm: 24, regrowthCm: 3 } }
			},
			aim: {
				kind: 'livedIn',
				level: 7.5,
				direction: 'beige',
				keepWarmth: 0.45,
				liftPast: 0.5,
				lightShare: 0.4,
				rootDepth: { level: 4.5, cm: 8 },
				zones: { ends: { level: 8 } },
				areas: { fringe: { level: 8.5 } }
			},
			lift: { minutes: 45, covers: { root: false, lengths: true, ends: true } },
			bowls: { technique: 'foils', foils: 34, picking: 'teased' }
		}
	},
	{
		id: 'odile-ferrant',
		name: 'Odile Ferrant',
		note: 'Level 10 already; sea-glass pastels, tried on strands first.',
		washesPerWeek: 2,
		patchDaysAgo: 8,
		visit: {
			status: 'waiting',
			colourist: 'Pia Dorn',
			reading: {
				naturalLevel: 7,
				texture: 'fine',
				porosity: 'high',
				lengthCm: 16,
				regrowthCm: 1,
				endsCm: 3,
				zones: {
					root: lightened(9, 'yellow'),
					lengths: lightened(10, 'pale yellow'),
					ends: lightened(10.5, 'pale yellow')
				},
				strain: { ...sound, lightenings: 3, ends: 'dry' }
			},
			aim: { kind: 'pastel', level: 10, direction: 'pearl', keepWarmth: 0.1, liftPast: 0 },
			lift: {
				volume: 10,
				minutes: 20,
				covers: { root: true, lengths: false, ends: false },
				overlap: { reason: 'The root stands out yellow against pale lengths.', volume: 10 }
			},
			bowls: { technique: 'open', foils: 20 }
		}
	},
	{
		id: 'ruta-semmel',
		name: 'Ruta Semmel',
		note: 'Henna two years ago, brand unknown. The strand test is still in the jar.',
		washesPerWeek: 2,
		patchDaysAgo: 3,
		visit: {
			status: 'waiting',
			colourist: 'Ivo Marlin',
			reading: {
				naturalLevel: 5,
				lengthCm: 52,
				regrowthCm: 30,
				endsCm: 10,
				henna: true,
				zones: {
					root: natural(5),
					lengths: {
						state: 'coloured',
						presentLevel: 5,
						artificial: [{ kind: 'permanent', level: 5, tone: 'R', layers: 1, weeksAgo: 104 }]
					},
					ends: {
						state: 'coloured',
						presentLevel: 4.5,
						artificial: [{ kind: 'permanent', level: 5, tone: 'R', layers: 2, weeksAgo: 104 }]
					}
				},
				strandTests: [{ id: 'ruta-strand', date: weeksAgo(day, 0), result: 'pending', note: '' }],
				history: [{ id: 'ruta-henna', date: weeksAgo(day, 104), kind: 'henna', onto: 'all' }]
			},
			aim: { kind: 'dimensional', level: 8, direction: 'gold', keepWarmth: 0.5, lightShare: 0.6 },
			lift: { minutes: 40 },
			bowls: { technique: 'foils', foils: 60 }
		}
	}
];
