import { undertoneOf, type Lab, type Undertone } from '../colour';
import { DEFAULT_LIMIT_MINUTES, labOfFibre, pointAt, type ReadyPoint } from '../lift';
import { bisect } from '../numeric';
import { passesOf, type HeadStaging } from './headStaging';
import type { BowlId, SectionId, StrandPart } from './ids';
import { readySection, timesOf, type StagingProblem, type Timed } from './problem';
import type { SectionFinish, Staging } from './staging';

/** Something that was done to a section of the head, as it was tapped. Minutes count from the first brush stroke. */
export interface SectionTap {
	readonly act: 'on' | 'off';
	readonly section: SectionId;
	readonly part?: StrandPart | undefined;
	readonly minute: number;
}

/** Where a section stands: not begun, being put on, lying, at its level, past the product's limit, or off. */
export type SectionState = 'waiting' | 'puttingOn' | 'on' | 'ready' | 'overdue' | 'off';

/** A section of the main application while the service runs. */
export interface RunningSection {
	readonly section: SectionId;
	readonly part: StrandPart | undefined;
	/** Number of its bowl. */
	readonly bowl: number;
	readonly state: SectionState;
	/** From when to when it is put on: as it was tapped, or as it comes after what was. */
	readonly fromMinute: number;
	readonly toMinute: number;
	/** Minutes that were planned to put it on. */
	readonly applyMinutes: number;
	/** Minutes later than planned; negative: sooner. */
	readonly lateMinutes: number;
	/** How old its bowl is when the last of it is on. */
	readonly bowlAgeMinutes: number;
	/** When it comes off: as planned for how long it lies, never past its limit; or when it did. */
	readonly offMinute: number;
	/** The last minute that the product may lie. */
	readonly limitMinute: number;
	/** From when it is at its level, expected; nothing where it does not get there before its limit. */
	readonly readyMinute: number | undefined;
	/** Level it is brought to. */
	readonly target: number;
	/** What it is expected to be at the minute that is asked for, or when it came off. */
	readonly level: number;
	readonly lab: Lab;
	readonly undertone: Undertone;
	readonly condition: number;
}

/** What is to be done next, and when: minutes from the first brush stroke. */
export interface NextAct {
	/** `beOn`: it is being put on, and should be on by then. */
	readonly act: 'mix' | 'putOn' | 'beOn' | 'ready' | 'takeOff';
	/** The section it is done on; nothing for a bowl. */
	readonly section?: SectionId | undefined;
	readonly part?: StrandPart | undefined;
	readonly bowl: number;
	readonly minute: number;
}

export interface RunningHead {
	/** In the order of the work. */
	readonly sections: readonly RunningSection[];
	/** What comes next, soonest first; what is due comes before what is ahead. */
	readonly acts: readonly NextAct[];
}

/** A level that is missed by this much is reached. */
const NEAR = 0.05;

/** A section in its pass, as it was staged. */
interface Staged {
	readonly problem: StagingProblem;
	readonly planned: Timed;
	readonly part: StrandPart | undefined;
	readonly finish: SectionFinish;
}

/** What is put on in one go: parts of a section that lie in the same packet. */
interface Packet {
	readonly of: readonly Staged[];
	readonly planned: Timed;
	/** Minutes left between it and what was put on before it. */
	readonly pause: number;
}

/** When a packet is put on, as far as that is known. */
interface Times {
	readonly from: number;
	readonly to: number;
	/** Somebody said so, or it follows the plan. */
	readonly isOn: boolean;
}

/** What is known of a service that runs. */
export interface ServiceRun {
	/** In any order; of an act on a section the last counts. */
	readonly taps: readonly SectionTap[];
	/** From the first brush stroke. */
	readonly minute: number;
	/** What was not tapped counts as on when the plan says so; left out, it is being put on until it is tapped. */
	readonly followsPlan?: boolean | undefined;
	/** Minutes at which bowls were mixed in truth; the others move with their first section. */
	readonly mixedAt?: ReadonlyMap<BowlId, number> | undefined;
}

/**
 * The head at a minute of the running service, from what was tapped. What was not comes after it as soon as
 * hands are free, and lies as long as was planned, but never past the product's limit. Each section is worked
 * out with the strength and the age of its own bowl, by the same engine as the plan.
 * @param staging the bowls of this head as they were staged
 */
export function runningHead(head: HeadStaging, staging: Staging, run: ServiceRun): RunningHead {
	const { taps, minute, mixedAt } = run;
	const packets = packetsOf(head, staging);
	const times = timesNow(packets, run);
	const mixed = new Map<number, number>();
	packets.forEach(({ of, planned }, i) => {
		for (const { finish } of of) {
			if (mixed.has(finish.bowl)) continue;
			const bowl = staging.bowls.find(({ number }) => number === finish.bowl)!;
			const moved = bowl.mixAtMinute + times[i]!.from - planned.from;
			mixed.set(finish.bowl, mixedAt?.get(bowl.id) ?? moved);
		}
	});
	const sections = packets.flatMap(({ of }, i) =>
		of.map((one): RunningSection => {
			const { problem, planned, part, finish } = one;
			const { from, to, isOn } = times[i]!;
			const at = (from + to) / 2;
			const limitMinute = at + (problem.limitMinutes ?? DEFAULT_LIMIT_MINUTES);
			const bowl = staging.bowls.find(({ number }) => number === finish.bowl)!;
			// What was mixed after it was on cannot be what lies there: it was mixed at the latest then.
			const mixedMinute = Math.min(mixed.get(finish.bowl)!, from);
			const ready = readySection(problem, { ...planned, from, to, at }, bowl, mixedMinute);
			const target = (problem.target ?? staging.target) + (planned.section.aimAbove ?? 0);
			const off = lastTap(taps, 'off', finish.section, [part]);
			const offMinute = off ?? Math.min(limitMinute, at + planned.rinse - planned.at);
			const readyMinute = readyFrom(ready, target, to, limitMinute);
			const now = pointAt(ready, Math.min(minute, off ?? Infinity));
			const lab = labOfFibre(now.fibre);
			return {
				section: finish.section,
				part,
				bowl: finish.bowl,
				state:
					off !== undefined
						? 'off'
						: !isOn || minute < to
							? minute < from
								? 'waiting'
								: 'puttingOn'
							: minute >= limitMinute
								? 'overdue'
								: minute >= Math.min(offMinute, readyMinute ?? Infinity)
									? 'ready'
									: 'on',
				fromMinute: from,
				toMinute: to,
				applyMinutes: planned.to - planned.from,
				lateMinutes: to - planned.to,
				bowlAgeMinutes: to - mixedMinute,
				offMinute,
				limitMinute,
				readyMinute,
				target,
				level: now.level,
				lab,
				undertone: undertoneOf(lab),
				condition: now.condition
			};
		})
	);
	return { sections, acts: nextActs(sections, packets, mixed, minute) };
}

/** What is put on, packet by packet in the order of the work, with what was staged for it. */
function packetsOf(head: HeadStaging, staging: Staging): Packet[] {
	const staged = passesOf(head).flatMap(({ part, problem }) =>
		timesOf(problem).flatMap((planned): Staged[] => {
			const finish = staging.finish.find(
				(one) => one.section === planned.section.id && one.part === part
			);
			return finish ? [{ problem, planned, part, finish }] : [];
		})
	);
	const groups = new Map<string, Staged[]>();
	for (const one of staged) {
		const key = `${one.finish.section} ${one.planned.from}`;
		groups.set(key, [...(groups.get(key) ?? []), one]);
	}
	const inOrder = [...groups.values()].sort((p, q) => p[0]!.planned.from - q[0]!.planned.from);
	return inOrder.map((of, i) => {
		const { planned } = of[0]!;
		const before = i === 0 ? 0 : inOrder[i - 1]![0]!.planned.to;
		return { of, planned, pause: Math.max(0, planned.from - before) };
	});
}

function timesNow(
	packets: readonly Packet[],
	{ taps, minute, followsPlan = false }: ServiceRun
): Times[] {
	let late = 0;
	let free = 0;
	return packets.map(({ of, planned, pause }): Times => {
		const lasts = planned.to - planned.from;
		const parts = of.map(({ part }) => part);
		const on = lastTap(taps, 'on', of[0]!.finish.section, parts);
		// Who is early waits out a pause that was planned; who is late keeps its length.
		const begin = planned.from + (pause > 0 ? Math.max(0, late) : late);
		const from = on === undefined ? begin : Math.min(on, Math.max(free, on - lasts));
		// What should be on and was not tapped is still being put on.
		const stays = !followsPlan && minute >= begin;
		const to = on ?? Math.max(begin + lasts, stays ? minute : 0);
		late = to - planned.to;
		free = to;
		return { from, to, isOn: followsPlan || on !== undefined };
	});
}

const lastTap = (
	taps: readonly SectionTap[],
	act: SectionTap['act'],
	section: SectionId,
	parts: readonly (StrandPart | undefined)[]
): number | undefined =>
	taps.findLast((tap) => tap.act === act && tap.section === section && parts.includes(tap.part))
		?.minute;

function readyFrom(ready: ReadyPoint, target: number, on: number, limit: number) {
	const reached = (minute: number) => pointAt(ready, minute).level >= target - NEAR;
	return limit > on && reached(limit) ? bisect(reached, on, limit, 0.1) : undefined;
}

/** What every section and bowl still asks for, soonest first. */
function nextActs(
	sections: readonly RunningSection[],
	packets: readonly Packet[],
	mixed: ReadonlyMap<number, number>,
	minute: number
): NextAct[] {
	const coming = sections.filter(({ state }) => state === 'waiting' || state === 'puttingOn');
	/** A bowl is mixed for the first section that takes of it. */
	const mixes = [...mixed].flatMap(([bowl, at]): NextAct[] => {
		const first = sections.find((section) => section.bowl === bowl);
		return first?.state === 'waiting' ? [{ act: 'mix', bowl, minute: at }] : [];
	});
	/** Parts in one packet are put on in one go. */
	const firsts = new Set(packets.map(({ of }) => of[0]!.finish));
	const puts = coming
		.filter(({ section, part }) =>
			[...firsts].some((first) => first.section === section && first.part === part)
		)
		.map(({ section, part, bowl, state, fromMinute, toMinute }): NextAct => ({
			act: state === 'puttingOn' ? 'beOn' : 'putOn',
			section,
			part,
			bowl,
			minute: state === 'puttingOn' ? toMinute : fromMinute
		}));
	const lying = sections.filter(({ state }) => ['on', 'ready', 'overdue'].includes(state));
	const offs = lying.flatMap(
		({ section, part, bowl, state, readyMinute, offMinute }): NextAct[] => [
			...(state === 'on' && readyMinute !== undefined && readyMinute < offMinute
				? [{ act: 'ready' as const, section, part, bowl, minute: readyMinute }]
				: []),
			{ act: 'takeOff', section, part, bowl, minute: offMinute }
		]
	);
	// What was due a minute ago and what is due now are one; of those the hair's comes first, and first of
	// all what must lie no longer.
	const URGENCY = { takeOff: 1, ready: 2, beOn: 3, putOn: 4, mix: 5 } as const;
	const overdue = new Set(
		sections
			.filter(({ state }) => state === 'overdue')
			.map(({ section, part }) => `${section} ${part}`)
	);
	const urgency = ({ act, section, part }: NextAct) =>
		overdue.has(`${section} ${part}`) ? 0 : URGENCY[act];
	const due = (act: NextAct) => Math.max(act.minute, minute);
	return [...mixes, ...puts, ...offs].sort(
		(p, q) => due(p) - due(q) || urgency(p) - urgency(q) || p.minute - q.minute
	);
}
