import { lainAt } from './lain';
import { MAIN_STEP, type DayStep } from './steps';
import type { Visit, ZoneName } from '../../schema/records';

/** A level that somebody saw on a zone, on bare hair. */
export interface LevelSeen {
	readonly zone: ZoneName;
	readonly level: number;
	/** Its warmth, where it was named. */
	readonly undertone?: Visit['run']['notes'][number]['undertone'];
	/** Minutes on the timer. */
	readonly minute: number;
	/** Minutes that it had lain by then. */
	readonly lay: number;
	/** It was read off and dry, after the application that is named; otherwise while it lay. */
	readonly after?: DayStep['id'] | undefined;
	/** It is what looks at the rest of the head tell of this hair: nobody looked at it. */
	readonly isTold?: true;
}

/**
 * Levels that were seen of the head, in the order of the looks. What was seen of one section while it lay is of
 * that moment: it tells how fast the head lifts, and not where it ended.
 */
export const levelsSeen = (run: Visit['run']): LevelSeen[] =>
	run.notes.flatMap(({ zone, level, undertone, minute, section, dry, step = MAIN_STEP }) => {
		if (level === undefined || section !== undefined) return [];
		const lay = lainAt(run, minute);
		return [{ zone, level, undertone, minute, lay, ...(dry ? { after: step } : {}) }];
	});

/** Levels at which sections were read apart, off and dry: there the hair ended so, whatever the rest of it did. */
export const sectionsRead = (
	run: Visit['run'],
	isAsked: (section: string) => boolean
): LevelSeen[] =>
	run.notes.flatMap(({ zone, level, undertone, minute, section, dry, step = MAIN_STEP }) => {
		if (level === undefined || section === undefined || !dry || !isAsked(section)) return [];
		return [{ zone, level, undertone, minute, lay: lainAt(run, minute), after: step }];
	});
