import { onScale } from '../../core/hair';
import type { RunningSection, SectionCheck, Staging } from '../../core/work';
import { BOUNDS } from '../../core/vocabulary';
import type { Visit, ZoneName } from '../../schema/records';
import { newId } from '../identity';

/** One look at the chair, as the record keeps it. */
export type Check = Visit['run']['notes'][number];

/** What somebody tells of a look. */
export type Told = Partial<
	Pick<Check, 'word' | 'level' | 'undertone' | 'stretch' | 'heat' | 'scalp' | 'text'>
>;

/** When and where somebody looked. */
type Look = Omit<Check, 'id' | 'text' | keyof Told> & Pick<Check, 'level'>;

/** A look with what is told of it; what is no longer told is not there. */
const withTold = (check: Check, told: Told): Check =>
	Object.fromEntries(
		Object.entries({ ...check, ...told }).filter(([, value]) => value !== undefined)
	) as Check;

const tenth = (value: number): number => Math.round(10 * value) / 10;

/**
 * Somebody looked at a section, on a draft.
 * @param zone that the section is taken to speak of
 * @param shown seconds that stand on the timer
 * @returns the look, for what is told of it afterwards
 */
export function noteCheck(
	run: Visit['run'],
	section: RunningSection,
	{ bowls }: Pick<Staging, 'bowls'>,
	zone: ZoneName,
	told: Told,
	shown: number
): string {
	const minute = tenth(shown / 60);
	const { volume, ratio } = bowls.find(({ number }) => number === section.bowl)!;
	const { fromMinute, toMinute, bowlAgeMinutes } = section;
	const { max } = BOUNDS.seenMinute;
	const look: Look = {
		minute,
		zone,
		section: section.section,
		...(section.part ? { part: section.part } : {}),
		lay: {
			minutes: tenth(Math.min(max, Math.max(0, minute - (fromMinute + toMinute) / 2))),
			volume,
			ratio,
			bowlAgeMinutes: tenth(Math.min(max, bowlAgeMinutes)),
			expected: Math.round(100 * onScale(section.level)) / 100
		}
	};
	return noteLook(run, look, told);
}

/** Somebody looked at the head as a whole, or at something of it, on a draft. */
export function noteLook(run: Visit['run'], look: Look, told: Told): string {
	const check = withTold({ ...look, id: newId(), text: '' }, told);
	run.notes.push(check);
	run.notes.sort((p, q) => p.minute - q.minute);
	return check.id;
}

/** Hair that is read again when it is off and dry. */
export interface DryPlace {
	readonly zone: ZoneName;
	/** A section that was read apart from the rest of the zone. */
	readonly section?: Check['section'];
	/** The further application that came off; left out, the main one. */
	readonly step?: Check['step'];
}

/** What was read of a place when it was off and dry; nothing before somebody did. */
export const dryOf = ({ notes }: Visit['run'], place: DryPlace): Check | undefined =>
	notes.findLast(
		(check) =>
			check.dry &&
			check.zone === place.zone &&
			check.section === place.section &&
			check.step === place.step
	);

/**
 * A place was read again, off and dry, on a draft; of each place the last reading counts.
 * @param minute of the service at which it came off
 */
export function readDry(
	run: Visit['run'],
	place: DryPlace,
	minute: number,
	told: Told & Pick<Check, 'level'>
): void {
	const before = dryOf(run, place);
	run.notes = run.notes.filter((check) => check !== before);
	const { undertone, stretch, level } = before ?? {};
	const { zone, section, step } = place;
	noteLook(
		run,
		{
			minute: Math.min(BOUNDS.seenMinute.max, Math.round(minute)),
			zone,
			...(section === undefined ? {} : { section }),
			...(step === undefined ? {} : { step }),
			dry: true
		},
		{ undertone, stretch, level, ...told }
	);
}

/** A section is as the rest of its zone after all, on a draft. */
export function unreadDry(run: Visit['run'], place: DryPlace): void {
	const before = dryOf(run, place);
	run.notes = run.notes.filter((check) => check !== before);
}

/** More is told of a look, on a draft; what it says of the rate is to be decided anew. */
export function tellMore(run: Visit['run'], id: string, told: Told): void {
	run.notes = run.notes.map((check): Check => {
		if (check.id !== id) return check;
		const next = withTold(check, told);
		if ('word' in told || 'level' in told) delete next.counts;
		return next;
	});
}

/** Takes a look back, on a draft. */
export function removeCheck(run: Visit['run'], id: string): void {
	run.notes = run.notes.filter((check) => check.id !== id);
}

/** Whether a look says how fast the head lifts. */
const tellsRate = ({ section, lay, word, level }: Check): boolean =>
	section !== undefined && lay !== undefined && (word !== undefined || level !== undefined);

/** Whether a look waits for somebody to say if the plan bends to it. */
export const isOpen = (check: Check): boolean => tellsRate(check) && check.counts === undefined;

/** What is left of the plan bends to all that was seen, or to nothing that was seen since, on a draft. */
export function decideChecks(run: Visit['run'], counts: boolean): void {
	for (const check of run.notes)
		if (counts ? tellsRate(check) : isOpen(check)) check.counts = counts;
}

/** Looks at sections, as the engine takes them. */
export const checksOf = ({ notes }: Visit['run']): (SectionCheck & Pick<Check, 'counts'>)[] =>
	notes.flatMap(({ section, part, minute, word, level, lay, counts, heat }) =>
		section === undefined || lay === undefined
			? []
			: [
					{
						section,
						part,
						minute,
						word,
						level,
						expected: lay.expected,
						isHot: heat === 'hot',
						counts
					}
				]
	);
