import { newId, stamp } from '../identity';
import type { Moment } from '../time';
import { strandExpects } from '../bench/strands';
import { elapsedSeconds, toggleRun } from './run';
import { chooseOfLine } from './toner';
import type { BenchStrand, ChosenPart, ShelfLine, Trial } from '../../schema/records';

/** Colour for a strand, g: what brushes out of a small dish. */
const STRAND_GRAMS = 10;

/** A morning at the bench with nothing on it yet. */
export const newTrial = (name: string, { at, day }: Moment, colourist = ''): Trial => ({
	...stamp(at),
	kind: 'trial',
	name,
	date: day,
	colourist,
	aim: { level: 9, direction: 'violet' },
	strands: []
});

/** A strand to lay down: loose hair, pre-lightened, with nothing on it. */
export function newStrand(line: ShelfLine | undefined, start?: Partial<BenchStrand>): BenchStrand {
	return {
		id: newId(),
		kind: 'loose',
		level: 10,
		undertone: 'pale yellow',
		porosity: 'high',
		mix: {
			...(line ? { lineId: line.id } : {}),
			vehicle: line?.vehicle ?? 'demi',
			ratio: line?.ratio ?? 1.5,
			minutes: line?.minutes ?? 20,
			totalGrams: STRAND_GRAMS,
			choice: 'open',
			parts: []
		},
		clock: { elapsedSeconds: 0 },
		note: '',
		...start
	};
}

/** The same hair once more, under another bowl of its line, not put on yet. */
export const strandWith = (strand: BenchStrand, parts: readonly ChosenPart[]): BenchStrand => ({
	...newStrand(undefined, {
		kind: strand.kind,
		level: strand.level,
		undertone: strand.undertone,
		porosity: strand.porosity
	}),
	mix: { ...strand.mix, choice: 'formula', parts: [...parts] }
});

/** Starts the clock of a strand, or takes it off, on a draft; put on once more it begins anew. */
export function toggleStrand({ clock }: BenchStrand, now: Date): void {
	if (clock.runningSince) {
		toggleRun(clock, now, elapsedSeconds(clock, now));
		clock.offAt = now.toISOString();
		return;
	}
	clock.elapsedSeconds = 0;
	delete clock.startedAt;
	delete clock.offAt;
	toggleRun(clock, now, 0);
}

/**
 * Keeps what was expected of a strand that somebody has looked at, on a draft: what is learned of its shades later
 * does not change it.
 */
export function keepExpected(strand: BenchStrand, lines: readonly ShelfLine[] = []): void {
	const line = lines.find(({ id }) => id === strand.mix.lineId);
	if (strand.seen && line) strand.seen.expected = strandExpects(strand, line);
}

/** Changes the line that a strand is mixed from, on a draft; what was mixed of the other is gone. */
export const strandLine = (strand: BenchStrand, line: ShelfLine): void =>
	chooseOfLine(strand.mix, [], line);
