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
	/** It was read off and dry, after the application that is named; otherwise while it lay. */
	readonly after?: DayStep['id'] | undefined;
}

/**
 * Levels that were seen of the head, in the order of the looks. What was seen of one section while it lay is of
 * that moment: it tells how fast the head lifts, and not where it ended.
 */
export const levelsSeen = ({ notes }: Visit['run']): LevelSeen[] =>
	notes.flatMap(({ zone, level, undertone, minute, section, dry, step = MAIN_STEP }): LevelSeen[] =>
		level === undefined || section !== undefined
			? []
			: [{ zone, level, undertone, minute, ...(dry ? { after: step } : {}) }]
	);

/** Levels at which sections were read apart, off and dry: there the hair ended so, whatever the rest of it did. */
export const sectionsRead = (
	{ notes }: Visit['run'],
	isAsked: (section: string) => boolean
): LevelSeen[] =>
	notes.flatMap(({ zone, level, undertone, minute, section, dry, step = MAIN_STEP }): LevelSeen[] =>
		level === undefined || section === undefined || !dry || !isAsked(section)
			? []
			: [{ zone, level, undertone, minute, after: step }]
	);
