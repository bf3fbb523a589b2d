import { shareOut } from '../../core/mix';
import type {
	ChosenPart,
	PlacedToner,
	Reading,
	Shelf,
	TonerMix,
	Visit
} from '../../schema/records';
import type { LedgerThing } from '../../schema/ledger';
import { daySteps, goesOn } from '../visit/day';

/** What every row of the ledger tells: when, on whom, by whom, on which hair. */
interface LedgerEntry {
	readonly key: string;
	readonly visitId: string;
	readonly clientId: string;
	readonly date: string;
	readonly colourist: string;
	readonly head: Pick<Reading, 'naturalLevel' | 'texture' | 'warmth'>;
	readonly minutes: number | undefined;
	/** The level that it came to, where somebody looked. */
	readonly seen: number | undefined;
	/** The level that was expected of it, where that is known. */
	readonly expected: number | undefined;
	readonly notes: string;
}

/** Something that was mixed and put on, or done about what went wrong. */
export type LedgerRow = LedgerEntry & LedgerThing;

/** A visit on which something was put on, or whose end was written down. */
const isBegun = ({ run, result }: Visit): boolean =>
	run.startedAt !== undefined || result.recordedAt !== undefined;

/** Everything that was ever mixed here, the latest first. */
export function ledgerRows(visits: Iterable<Visit>, shelf: Shelf | undefined): LedgerRow[] {
	const rows = [...visits].filter(isBegun).flatMap((visit) => rowsOf(visit, shelf));
	return rows.sort((p, q) => q.date.localeCompare(p.date));
}

/** Past this share of its time the timer tells of the putting on too, and not of how long it lay. */
const PAST_ITS_TIME = 1.5;

/**
 * How long a main application lay. The timer runs from the first stroke: what is put on for an hour and rinsed in turn
 * lay as long as was planned, what was put on at once as long as the timer says.
 */
function layMinutes({ rinsedAtMinute, allOn }: Visit['run'], planned: number): number {
	if (rinsedAtMinute === undefined) return planned;
	if (allOn) return Math.round(Math.max(planned, rinsedAtMinute - allOn.minute));
	return rinsedAtMinute <= planned * PAST_ITS_TIME ? rinsedAtMinute : planned;
}

function rowsOf(visit: Visit, shelf: Shelf | undefined): LedgerRow[] {
	const { id: visitId, clientId, date, colourist, reading, result, run, tone } = visit;
	const entry = { visitId, clientId, date, colourist, head: reading, notes: result.notes };
	const lifted = run.notes.findLast(({ level, section }) => level !== undefined && !section)?.level;
	const lightening = daySteps(visit)
		.filter(({ plan }) => goesOn(plan))
		.map(({ id, kind, plan, areas }): LedgerRow => ({
			...entry,
			key: `${visitId} ${id}`,
			kind: 'lightening',
			step: kind,
			plan,
			areas,
			minutes: kind === 'main' ? layMinutes(run, plan.minutes) : plan.minutes,
			seen: kind === 'main' ? lifted : undefined,
			expected: kind === 'main' ? result.expected?.lifted : undefined
		}));
	const toner = (mix: TonerMix, key: string, place?: PlacedToner['place']): LedgerRow[] =>
		mix.choice !== 'formula' || mix.parts.length === 0
			? []
			: [
					{
						...entry,
						key: `${visitId} ${key}`,
						kind: 'toner',
						place,
						lineId: mix.lineId,
						line: shelf?.lines.find(({ id }) => id === mix.lineId)?.name,
						ratio: mix.ratio,
						parts: mix.parts,
						minutes: mix.minutes,
						seen: place === undefined ? result.level : undefined,
						expected: place === undefined ? result.expected?.toned : undefined
					}
				];
	const cures = (run.cures ?? []).map(
		({ id, fault, act, parts = [], minutes, expected }): LedgerRow => ({
			...entry,
			key: `${visitId} ${id}`,
			kind: 'cure',
			fault,
			act,
			parts,
			minutes,
			seen: undefined,
			expected
		})
	);
	return [
		...lightening,
		...toner(tone, 'toner'),
		...(tone.placed ?? []).flatMap((placed) => toner(placed, placed.id, placed.place)),
		...cures
	];
}

/**
 * A formula scaled to another bowl: its parts in their proportion, to the step of the scale.
 * @param totalGrams of colour wanted, > 0
 * @param step finest step of the scale, g
 */
export function scaledTo(
	parts: readonly ChosenPart[],
	totalGrams: number,
	step: number
): ChosenPart[] {
	const grams = shareOut(
		totalGrams,
		parts.map((part) => part.grams),
		step
	);
	return parts.map((part, i) => ({ ...part, grams: grams[i]! }));
}
