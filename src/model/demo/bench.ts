import { SCHEMA_VERSION, type BenchStrand, type Shelf, type Trial } from '../../schema/records';
import { newStrand } from '../commands/bench';
import { strandExpects } from '../bench/strands';
import { partOfShade } from '../visit/tone';
import type { Moment } from '../time';

/** A strand as it was tried: grams of each shade of the direct line, or of clear. */
interface Tried {
	readonly level: number;
	readonly undertone: BenchStrand['undertone'];
	readonly grams: Readonly<Record<string, number>>;
	readonly lay?: number;
	readonly seen?: BenchStrand['seen'];
	readonly rating?: number;
	readonly note?: string;
}

/** Sea glass for a level 10: a little teal in much clear, and what stands against the yellow under it. */
const TRIED: readonly Tried[] = [
	{
		level: 10,
		undertone: 'pale yellow',
		grams: { T: 3, clear: 7 },
		lay: 20,
		seen: { level: 9, tone: 'green' },
		rating: 2,
		note: 'The yellow under it turns it green.'
	},
	{
		level: 10,
		undertone: 'pale yellow',
		grams: { T: 2, I: 1, clear: 7 },
		lay: 20,
		seen: { level: 9, tone: 'teal' },
		rating: 3,
		note: 'Nearer, and too strong.'
	},
	{
		level: 10,
		undertone: 'pale yellow',
		grams: { T: 1, I: 1, V: 0.5, clear: 9 },
		lay: 18,
		seen: { level: 9.5, tone: 'sea glass' },
		rating: 5,
		note: 'This one.'
	},
	{ level: 9, undertone: 'yellow', grams: { T: 1, I: 1, V: 1, clear: 8 } },
	{ level: 10, undertone: 'pale yellow', grams: {} }
];

/** The morning of head 8: sea-glass trials on loose hair, ahead of the visit. */
export function demoTrial(moment: Moment, shelf: Shelf): Trial {
	const iso = moment.at.toISOString();
	const line = shelf.lines.find(({ id }) => id === 'brine-direct')!;
	const partsOf = (grams: Tried['grams']) =>
		Object.entries(grams).map(([key, weighed]) => {
			const shade = line.shades.find(({ id }) => id === `brine-direct-${key}`);
			return shade ? partOfShade(shade, weighed) : { name: 'clear', grams: weighed };
		});
	return {
		schemaVersion: SCHEMA_VERSION,
		id: 'sea-glass',
		createdAt: iso,
		updatedAt: iso,
		kind: 'trial',
		name: 'Sea glass',
		date: moment.day,
		colourist: 'Pia Dorn',
		clientId: 'odile-ferrant',
		aim: { level: 9.5, direction: 'ash' },
		strands: TRIED.map(({ level, undertone, grams, lay, seen, rating, note = '' }, i) => {
			const parts = partsOf(grams);
			const plain = newStrand(line, { id: `sea-glass-${i + 1}`, level, undertone, note });
			const strand: BenchStrand = {
				...plain,
				mix: { ...plain.mix, choice: parts.length > 0 ? 'formula' : 'open', parts },
				clock:
					lay === undefined
						? plain.clock
						: { startedAt: iso, elapsedSeconds: lay * 60, offAt: iso },
				...(rating === undefined ? {} : { rating })
			};
			return seen
				? { ...strand, seen: { ...seen, expected: strandExpects(strand, line) } }
				: strand;
		})
	};
}
