import type { LedgerRow } from '../ledger/rows';
import type { Trial } from '../../schema/records';
import { layMinutes } from './strands';

const made = new WeakMap<Trial, { readonly date: string; readonly rows: readonly LedgerRow[] }>();

/** What a morning at the bench adds to the ledger: a row for every strand that something is mixed for. */
export function trialLeaf(trial: Trial): {
	readonly date: string;
	readonly rows: readonly LedgerRow[];
} {
	const known = made.get(trial);
	if (known) return known;
	const { id, date, colourist, clientId = '' } = trial;
	const leaf = {
		date,
		rows: trial.strands.flatMap(
			({ id: strand, level, undertone, mix, clock, seen, rating, note }) =>
				mix.parts.length === 0
					? []
					: [
							{
								key: `${id} ${strand}`,
								visitId: '',
								trialId: id,
								clientId,
								date,
								colourist,
								head: { naturalLevel: level, texture: 'medium', warmth: 'neutral' },
								minutes: layMinutes({ mix, clock }),
								seen: seen?.level,
								expected: seen?.expected,
								notes: [trial.name, note].filter(Boolean).join('. '),
								kind: 'bench',
								start: { level, undertone },
								lineId: mix.lineId,
								line: undefined,
								ratio: mix.ratio,
								parts: mix.parts,
								...(rating === undefined ? {} : { rating })
							} satisfies LedgerRow
						]
		)
	};
	made.set(trial, leaf);
	return leaf;
}
