import type { Placement } from '../lift';
import type { SectionId, StrandPart } from './ids';
import { CHECK } from './constants';
import { isSeenReady } from './headRate';
import { isLying, type RunningSection } from './runningSection';

/** What is to be done next, and when: minutes from the first brush stroke. */
export interface NextAct {
	/**
	 * `beOn`: it is being put on, and should be on by then. `check`: half time, or some minutes since the last
	 * look; `ready`: it should be at its level. `rinse`: a block together; `takeOff`: one section alone. `open`: its packet felt hot.
	 */
	readonly act: 'mix' | 'putOn' | 'beOn' | 'check' | 'ready' | 'takeOff' | 'rinse' | 'open';
	/** The section it is done on, or the first of a block; nothing for a bowl. */
	readonly section?: SectionId | undefined;
	readonly part?: StrandPart | undefined;
	readonly bowl: number;
	readonly minute: number;
	/** Sections of a block, in the order of the work. */
	readonly of?: readonly Pick<RunningSection, 'section' | 'part'>[] | undefined;
}

/** Nothing is closed over what lies there. */
const OPEN: readonly Placement[] = ['openAir', 'onScalp'];

// What was due a minute ago and what is due now are one; of those the hair's comes first, and first of all
// what must lie no longer.
const URGENCY = {
	open: 0,
	rinse: 1,
	takeOff: 1,
	ready: 2,
	check: 3,
	beOn: 4,
	putOn: 5,
	mix: 6
} as const;

/** Whether a section should have been on for so long that its tap was forgotten, or its hands called away. */
export const isOnForgotten = (
	one: Pick<RunningSection, 'state' | 'fromMinute' | 'applyMinutes'>,
	minute: number
): boolean => one.state === 'puttingOn' && minute - dueOn(one) >= CHECK.forgottenMinutes;

/** When a section that is begun should be on. */
const dueOn = ({ fromMinute, applyMinutes }: Pick<RunningSection, 'fromMinute' | 'applyMinutes'>) =>
	fromMinute + applyMinutes;

/**
 * What every section and bowl still asks for, soonest first.
 * @param firsts of what is put on in one go, the section that it is told by
 * @param mixed when each bowl is mixed that is not weighed yet
 */
export function nextActs(
	sections: readonly RunningSection[],
	firsts: ReadonlySet<RunningSection>,
	mixed: ReadonlyMap<number, number>,
	minute: number
): NextAct[] {
	/** A bowl is mixed for the first section that takes of it. */
	const mixes = [...mixed].flatMap(([bowl, at]): NextAct[] => {
		const first = sections.find((section) => section.bowl === bowl);
		return first?.state === 'waiting' ? [{ act: 'mix', bowl, minute: at }] : [];
	});
	const puts = sections.flatMap((one): NextAct[] => {
		const { section, part, bowl, state, fromMinute } = one;
		if (!firsts.has(one)) return [];
		if (state === 'puttingOn') return [{ act: 'beOn', section, part, bowl, minute: dueOn(one) }];
		return state === 'waiting' ? [{ act: 'putOn', section, part, bowl, minute: fromMinute }] : [];
	});
	const lying = sections.filter(isLying);
	const looks = lying.flatMap(({ section, part, bowl, look }): NextAct[] =>
		look ? [{ ...look, section, part, bowl }] : []
	);
	const hot = lying
		.filter(({ seen, placement }) => seen?.isHot && !OPEN.includes(placement))
		.map(({ section, part, bowl, seen }): NextAct => ({
			act: 'open',
			section,
			part,
			bowl,
			minute: seen!.minute
		}));
	// What was wiped off waits for the water with its block.
	const coming = sections.filter((one) => isLying(one) || one.state === 'wiped');
	const acts = [...hot, ...mixes, ...puts, ...looks, ...offsOf(coming)];
	const overdue = new Set(
		sections
			.filter(({ state }) => state === 'overdue')
			.map(({ section, part }) => `${section} ${part}`)
	);
	const urgency = ({ act, section, part }: NextAct) =>
		overdue.has(`${section} ${part}`) ? 0 : URGENCY[act];
	const due = (act: NextAct) => Math.max(act.minute, minute);
	return acts.sort((p, q) => due(p) - due(q) || urgency(p) - urgency(q) || p.minute - q.minute);
}

/** What comes off: blocks at their rinse, single sections that are ready or past their limit before it. */
function offsOf(lying: readonly RunningSection[]): NextAct[] {
	const alone = ({ rinse, seen, target, state }: RunningSection) =>
		rinse === undefined || state === 'overdue' || isSeenReady(seen, target);
	const single = lying
		.filter(alone)
		.map(({ section, part, bowl, offMinute, seen, target }): NextAct => ({
			act: 'takeOff',
			section,
			part,
			bowl,
			// What was seen ready waits for nothing.
			minute: isSeenReady(seen, target) ? Math.min(offMinute, seen!.minute) : offMinute
		}));
	const rinses = [...new Set(lying.filter((one) => !alone(one)).map(({ rinse }) => rinse))];
	const blocks = rinses.map((rinse): NextAct => {
		const of = lying.filter((one) => one.rinse === rinse && !alone(one));
		const [first] = of;
		const { section, part, bowl, offMinute } = first!;
		return { act: 'rinse', section, part, bowl, minute: offMinute, of };
	});
	return [...single, ...blocks];
}
