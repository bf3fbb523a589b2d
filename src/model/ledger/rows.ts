import { shareOut } from '../../core/mix';
import type { ChosenPart, Reading, Shelf, TonerMix, Visit } from '../../schema/records';
import type { LedgerThing } from '../../schema/ledger';
import { isStanding, testLooksOf } from '../visit/strandTests';
import { clockOf } from '../day/clocks';
import { minutesBy, visitDone } from '../day/done';
import { daySteps, goesOn, MAIN_STEP } from '../day/steps';
import { weighedColours, weighedFor } from '../day/weighed';
import { placedBowlId } from '../day/placed';

/** What every row of the ledger tells: when, on whom, by whom, on which hair. */
interface LedgerEntry {
	readonly key: string;
	/** Empty where it was tried on a strand and not on a head. */
	readonly visitId: string;
	/** The morning at the bench that it is of. */
	readonly trialId?: string;
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

/**
 * Everything of a visit that was ever mixed or tried, and what it came to. Lines go by their ids: what they are called
 * is the shelf's to say.
 */
export const rowsOf = (visit: Visit): LedgerRow[] => [
	...(isBegun(visit) ? appliedIn(visit) : []),
	...trialsOf(visit)
];

/** Rows with the name of their line: the same for as long as it is called so. */
const named = new WeakMap<LedgerRow, LedgerRow & { kind: 'toner' | 'bench' }>();

/**
 * The ledger: rows of visits, the latest visit first, with the names of their lines.
 * @param leaves rows of each visit, the latest visit first
 */
export function ledgerOf(
	leaves: Iterable<{ readonly rows: readonly LedgerRow[] }>,
	lines: Shelf['lines'] = []
): LedgerRow[] {
	const names = new Map(lines.map(({ id, name }) => [id, name]));
	const onLine = (row: LedgerRow & { kind: 'toner' | 'bench' }): LedgerRow => {
		const line = names.get(row.lineId ?? '');
		const known = named.get(row);
		if (known?.line === line && known) return known;
		const own = { ...row, line };
		named.set(row, own);
		return own;
	};
	// A strand that was tried is told by every visit that knows of it.
	const tried = new Set<string>();
	const all: LedgerRow[] = [];
	for (const { rows } of leaves)
		for (const row of rows) {
			if (row.kind === 'trial') {
				if (tried.has(row.key)) continue;
				tried.add(row.key);
			}
			all.push(row.kind === 'toner' || row.kind === 'bench' ? onLine(row) : row);
		}
	return all;
}

const headOf = ({ naturalLevel, texture, warmth }: Reading): LedgerEntry['head'] => ({
	naturalLevel,
	texture,
	warmth
});

/** Strands that were cut off and tried ahead of this head. */
const trialsOf = ({ id, clientId, colourist, reading, date: visitDate }: Visit): LedgerRow[] =>
	reading.strandTests.map((test): LedgerRow => ({
		key: `${clientId} ${test.id}`,
		visitId: id,
		clientId,
		date: test.date,
		colourist,
		head: headOf(reading),
		minutes: test.looks?.at(-1) && Math.round(test.looks.at(-1)!.minute),
		seen: test.looks?.at(-1)?.level ?? test.level,
		// Where it was not kept, of hair that was changed since nobody can say it.
		expected:
			test.looks?.at(-1)?.expected ??
			(isStanding(reading, test, visitDate)
				? testLooksOf(reading, test).at(-1)?.expected
				: undefined),
		notes: test.note,
		kind: 'trial',
		result: test.result
	}));

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

/**
 * The lift as it was predicted. Records of before kept it as far as somebody had looked by then: beside what was seen
 * that says nothing.
 */
const predictedLift = ({ expected }: Visit['result'], seen: number | undefined) =>
	expected?.predicted ?? (seen === undefined ? expected?.lifted : undefined);

function appliedIn(visit: Visit): LedgerRow[] {
	const { id: visitId, clientId, date, colourist, reading, result, run, bowls } = visit;
	const { tone, ...day } = visitDone(visit);
	const notes = result.notes;
	const entry = { visitId, clientId, date, colourist, head: headOf(reading), notes };
	const recorded = result.recordedAt !== undefined;
	// Until it is recorded only what has begun was put on.
	const isOn = (of: string): boolean =>
		recorded || (of === MAIN_STEP ? run.startedAt : clockOf(run, of)?.startedAt) !== undefined;
	const lifted = run.notes.findLast(({ level, section }) => level !== undefined && !section)?.level;
	const lightening = daySteps(day)
		.filter(({ id, plan }) => goesOn(plan) && isOn(id))
		.map(({ id, kind, plan, areas }): LedgerRow => {
			const main = kind === 'main';
			const weighed = weighedFor(visit, id);
			return {
				...entry,
				key: `${visitId} ${id}`,
				kind: 'lightening',
				step: kind,
				plan,
				areas,
				...(weighed ? { weighed } : {}),
				minutes: main && !run.lain ? layMinutes(run, plan.minutes) : plan.minutes,
				seen: main ? lifted : undefined,
				expected: main ? predictedLift(result, lifted) : undefined
			};
		});
	const toner = (
		mix: Pick<TonerMix, 'choice' | 'lineId' | 'ratio' | 'parts' | 'minutes'>,
		bowlId: string,
		more: Pick<Extract<LedgerRow, { kind: 'toner' }>, 'as' | 'place'> & { readonly key?: string },
		clock = bowlId
	): LedgerRow[] => {
		const bowl = bowls.mixed.find(({ id }) => id === bowlId);
		const planned = mix.choice === 'formula' && isOn(clock) ? mix.parts : [];
		const parts = bowl ? weighedColours(bowl, mix.parts) : planned;
		if (mix.choice === 'none' || parts.length === 0) return [];
		const { key = bowlId, ...what } = more;
		const whole = what.place === undefined && what.as === undefined;
		return [
			{
				...entry,
				...what,
				key: `${visitId} ${key}`,
				kind: 'toner',
				lineId: mix.lineId,
				line: undefined,
				ratio: bowl?.ratio ?? mix.ratio,
				parts,
				minutes: mix.minutes,
				seen: whole ? result.level : undefined,
				expected: whole ? result.expected?.toned : undefined
			}
		];
	};
	const { filler } = tone;
	const before = filler
		? toner({ ...tone, ...filler, choice: 'formula' }, filler.isToner ? 'firstToner' : 'filler', {
				as: filler.isToner ? 'firstToner' : 'filler'
			})
		: [];
	const lowlights = toner(
		{
			choice: 'open',
			lineId: undefined,
			ratio: 0,
			parts: [],
			minutes: minutesBy(run, 'lowlights') ?? 0
		},
		'lowlights',
		{ as: 'lowlights' }
	).map((row) => ({ ...row, minutes: row.minutes || undefined }));
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
	const came: LedgerRow[] =
		result.recordedAt === undefined
			? []
			: [
					{
						...entry,
						key: `${visitId} visit`,
						kind: 'visit',
						aim: { level: visit.aim.level, direction: visit.aim.direction },
						tone: result.tone,
						minutes: result.tookMinutes,
						seen: result.unsure ? undefined : result.level,
						expected: result.expected?.toned
					}
				];
	return [
		...came,
		...lightening,
		...lowlights,
		...before,
		...toner(tone, 'toner', {}),
		...(tone.placed ?? []).flatMap((placed) =>
			toner(placed, placedBowlId(placed.id), { place: placed.place, key: placed.id })
		),
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
