import { LEARN, READERS } from './constants';

/** How far one look of somebody lay from what this head was known to do, levels. */
export interface ReaderLook {
	readonly reader: string;
	readonly head: string;
	/** Seen less expected with all that was learned of the head. */
	readonly residual: number;
}

/** How somebody reads beside the others of a salon. */
export interface Reader {
	readonly reader: string;
	/** Levels that they read lighter; negative where deeper. */
	readonly off: number;
	/** Standard deviation of that, levels. */
	readonly sd: number;
	readonly looks: number;
	readonly heads: number;
}

/**
 * How far the eyes of a salon lie apart, from heads that more than one of them read: on one head a quick lift and
 * a hopeful eye look the same. Each eye's mean is drawn to the others' by Bayes, because few looks say little.
 * @returns those of whom enough is known, by name
 */
export function readersOf(looks: readonly ReaderLook[]): Reader[] {
	const readersOfHead = new Map<string, Set<string>>();
	for (const { head, reader } of looks)
		readersOfHead.set(head, (readersOfHead.get(head) ?? new Set()).add(reader));
	const shared = looks.filter(({ head }) => readersOfHead.get(head)!.size > 1);
	const names = [...new Set(shared.map(({ reader }) => reader))].sort();
	const { readingSd } = LEARN;
	const drawn = READERS.priorSd ** 2;
	return names.flatMap((reader) => {
		const own = shared.filter((look) => look.reader === reader);
		if (own.length < READERS.leastLooks) return [];
		const heads = new Set(own.map(({ head }) => head));
		const others = shared.filter((look) => look.reader !== reader && heads.has(look.head));
		const mean = (some: readonly ReaderLook[]) =>
			some.reduce((sum, { residual }) => sum + residual, 0) / some.length;
		const noise = readingSd ** 2 / own.length + readingSd ** 2 / others.length;
		const held = drawn / (drawn + noise);
		return [
			{
				reader,
				off: held * (mean(own) - mean(others)),
				sd: Math.sqrt(held * noise),
				looks: own.length,
				heads: heads.size
			}
		];
	});
}
