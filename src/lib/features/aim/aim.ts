import { undertoneOf, type Lab } from '../../core/colour';
import { describeTone, depthName, formatLevel } from '../../core/hair';
import { labOfFibre } from '../../core/lift';
import type { SessionsEstimate } from '../../core/plan';
import { targetLab, type Direction } from '../../core/tone';
import type { Aim, Reading } from '../../schema/records';
import { seenFibre } from '../visit/hair';
import { liftTarget } from '../visit/lift';
import { DIRECTION_OPTIONS, formatWeeks } from '../visit/words';

interface Rung<T extends string = string> {
	readonly value: T;
	readonly name: string;
	readonly words: string;
	readonly lab: Lab;
}

/** Hair of this head lifted as far as the aim asks, before any toner. */
const rawAt = (reading: Reading, aim: Aim): Lab => labOfFibre(seenFibre(reading, liftTarget(aim)));

/** The aim's direction at every level from dark brown to lightest, and the hair it would stand on. */
export function levelRungs(reading: Reading, aim: Aim) {
	const rungs = Array.from({ length: 12 }, (_, i) => 4.5 + i / 2).map((level): Rung => {
		const at = { ...aim, level };
		const lab = targetLab(at, rawAt(reading, at));
		return { value: formatLevel(level), name: formatLevel(level), words: depthName(level), lab };
	});
	const raw = rawAt(reading, aim);
	return { rungs, raw, rawName: undertoneOf(raw).name };
}

/** Every direction at the aim's level and warmth. */
export const directionRungs = (reading: Reading, aim: Aim): Rung<Direction>[] =>
	DIRECTION_OPTIONS.map((direction) => {
		const lab = targetLab({ ...aim, direction }, rawAt(reading, aim));
		return { value: direction, name: direction, words: describeTone(lab, 'toned'), lab };
	});

/** The plain verdict on an aim: today, in n visits, or not with this hair. */
export function aimVerdict(sessions: SessionsEstimate, target: number) {
	const { visits, reaches, stoppedBy } = sessions;
	const last = visits.at(-1);
	if (reaches && visits.length === 0) {
		return {
			visits: 'no lift',
			label: 'needed',
			sentence: 'This hair is light enough already: tone only.',
			say: 'nothing has to be lightened for this.',
			foot: 'Lightening is not needed for this aim.'
		};
	}
	if (reaches && last) {
		const many = visits.length > 1;
		return {
			visits: many ? `${visits.length} visits` : 'today',
			label: many ? `over ${formatWeeks(last.week)}` : 'in one visit',
			sentence: `Lifts to ${formatLevel(last.level)}, likely ${formatLevel(last.low)} to ${formatLevel(last.high)}.`,
			say: many
				? `it takes ${visits.length} visits with ${formatWeeks(visits[1]!.week)} between; after the first it will be ${visits[0]!.undertone.name}.`
				: `it can be done today, and costs ${Math.round(100 - last.condition)} points of condition in all.`,
			foot: `Condition after: about ${Math.round(last.condition)}. A prediction is a plan: a test strand decides.`
		};
	}
	const nearest = last
		? `${formatLevel(last.level)} ${last.undertone.name} after ${visits.length} visit${visits.length === 1 ? '' : 's'}`
		: 'the colour it has now';
	const why = {
		condition: 'the hair would not stand it',
		visits: 'six visits would not do',
		spent: 'this mixture gains nothing more'
	}[stoppedBy ?? 'spent'];
	return {
		visits: 'not so',
		label: 'with this hair and mixture',
		sentence: `Level ${formatLevel(target)} is out of reach: ${why}. Nearest: ${nearest}.`,
		say: `${why}; what can be had is ${nearest}.`,
		foot: 'Aim lower, choose a stronger way in Lift, or cut and wait.'
	};
}
