import { LEAST_SEEN_STEP, onScale } from '../../core/hair';
import { predictLift } from '../../core/lift';
import type { Reading } from '../../schema/records';
import { namedHair, seenFibre, type ZoneStart } from '../head/hair';
import { applicationOn, type LiftSubject } from './lift';
import type { ToneStart } from './tone';
import type { LevelSeen } from '../day/seen';
import { MAIN_STEP, reaches, type DayStep } from '../day/steps';

/** Hair on which the applications of a day follow one another, and what is expected of it where nobody looks. */
export interface ExpectedHair {
	readonly reading: Reading;
	readonly subject: LiftSubject;
	readonly steps: readonly DayStep[];
	/** Level of a zone after some minutes of the main application. */
	levelAt(zone: ZoneStart, minutes: number): number;
}

/**
 * A zone as it stands at the end of the day, where somebody looked at it: off and dry as it was read; while it lay as it
 * was seen, and lightened since by what was still to be expected; with whatever goes on it after that.
 */
export function standingSeen(seen: LevelSeen, zone: ZoneStart, hair: ExpectedHair): ToneStart {
	const { reading, subject } = hair;
	const { minute, undertone } = seen;
	const gained = gainedSince(seen, zone, hair);
	const level = onScale(seen.level + gained);
	const ahead = aheadOf(seen, hair.steps).filter(({ plan }) => reaches(plan, zone.name));
	// What is still to come of it nobody saw; after less than one sees, a warmth that was named is still the same.
	const isSeen = gained < LEAST_SEEN_STEP && ahead.length === 0 && !seen.isTold;
	if (undertone && isSeen) return { ...namedHair(reading, level, undertone), seen: true, minute };
	const fibre = seenFibre(reading, level);
	const applications = ahead.map(({ plan }) => applicationOn(plan, zone));
	const left = predictLift(fibre, applications, subject.factors).at(-1)?.fibre ?? fibre;
	return { fibre: left, seen: isSeen, minute };
}

/** Levels that a zone was lightened further after somebody looked at it while its main application lay. */
function gainedSince({ after, lay }: LevelSeen, zone: ZoneStart, hair: ExpectedHair): number {
	const main = hair.steps.find(({ id }) => id === MAIN_STEP)?.plan;
	if (after !== undefined || !main || lay >= main.minutes || !reaches(main, zone.name)) return 0;
	return Math.max(0, hair.levelAt(zone, main.minutes) - hair.levelAt(zone, lay));
}

/** What still goes on a zone that was seen. */
function aheadOf({ lay, after }: LevelSeen, steps: readonly DayStep[]): readonly DayStep[] {
	const main = steps.find(({ id }) => id === MAIN_STEP)?.plan.minutes ?? 0;
	// What was seen while the main application lay, or after its time.
	const seenAfter = after ?? (lay > main ? steps.at(-1)!.id : MAIN_STEP);
	const done = steps.findIndex(({ id }) => id === seenAfter) + 1;
	return done > 0 ? steps.slice(done) : [];
}
