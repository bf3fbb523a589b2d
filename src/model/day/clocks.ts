import type { Visit } from '../../schema/records';

/** The clock of something that lies on the hair beside the sections, as the record keeps it. */
export type ProcessClock = NonNullable<Visit['run']['clocks']>[number];

/** Everything on a head that has a clock. */
export type Run = Pick<Visit['run'], 'clocks'>;

/** The clock of one thing; nothing before it was begun. */
export const clockOf = ({ clocks }: Run, of: string): ProcessClock | undefined =>
	clocks?.find((clock) => clock.of === of);

/** Whether something lies on the hair by its clock. */
export const liesBy = (clock: Pick<ProcessClock, 'startedAt' | 'offAt'> | undefined): boolean =>
	clock?.startedAt !== undefined && clock.offAt === undefined;

/** What the clocks of the steps of a rinse go by, in the order in which they were begun. */
export const RINSE = 'rinse ';

/** Whether product lies on this head, or is put on, as far as the clocks tell. */
export const isRunning = ({ run, status }: Visit): boolean =>
	status === 'inChair' &&
	((run.startedAt !== undefined && run.rinsedAtMinute === undefined && run.lain === undefined) ||
		(run.clocks ?? []).some((clock) => liesBy(clock) && !clock.of.startsWith(RINSE)));

/** Whether anything was put on this head today, as far as the clocks tell. */
export const isBegun = ({ run }: Pick<Visit, 'run'>): boolean =>
	run.startedAt !== undefined ||
	(run.clocks ?? []).some(({ startedAt, of }) => startedAt !== undefined && !of.startsWith(RINSE));

/** The step of a rinse that is under way; nothing while nobody is at the basin. */
export const rinseClock = ({ clocks }: Run): ProcessClock | undefined =>
	clocks?.findLast((clock) => clock.of.startsWith(RINSE) && liesBy(clock));

/** Which step of a rinse a clock is of. */
export const rinseStepOf = ({ of }: Pick<ProcessClock, 'of'>): string => of.slice(RINSE.length);
