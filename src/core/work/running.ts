import { undertoneOf } from '../colour';
import { labOfFibre, pointAt, type ReadyPoint } from '../lift';
import { bisect } from '../numeric';
import { isSeenReady, latestOf, type HeadRate, type SectionCheck } from './headRate';
import type { HeadStaging } from './headStaging';
import { looksOf } from './looks';
import { isOnForgotten, nextActs, type NextAct } from './nextActs';
import {
	laidSections,
	lastTap,
	strandOf,
	targetOf,
	type LaidSection,
	type ServiceRun
} from './onHead';
import type { RunningSection, SectionState } from './runningSection';
import type { Staging } from './staging';
import { turnsOf } from './turns';

export interface RunningHead {
	/** In the order of the work. */
	readonly sections: readonly RunningSection[];
	/** What comes next, soonest first; what is due comes before what is ahead. */
	readonly acts: readonly NextAct[];
}

/** What is known of a running service, with what was seen of it. */
export interface SeenRun extends ServiceRun {
	/** In any order. */
	readonly checks?: readonly SectionCheck[] | undefined;
	/** How fast this head is taken to lift, where the plan bends to it; left out, as it was planned. */
	readonly rate?: HeadRate | undefined;
}

/**
 * The head at a minute of the running service, from what was tapped and seen. What was not tapped comes after
 * what was as soon as hands are free, and lies as long as was planned, but never past the product's limit; with
 * a rate, until it is where the plan was to bring it. Each section is worked out with the strength and the age
 * of its own bowl, by the same engine as the plan.
 * @param staging the bowls of this head as they were staged
 */
export function runningHead(head: HeadStaging, staging: Staging, run: SeenRun): RunningHead {
	const { taps, minute, checks = [], rate } = run;
	const lying = laidSections(head, staging, run).map((laid) => ({
		laid,
		strand: strandOf(laid, rate?.factorOf(laid.planned.section.area)),
		target: targetOf(laid, staging)
	}));
	const turns = turnsOf(lying, rate?.sinceMinute);
	const plain = lying.map(({ laid, strand, target }, i) => {
		const { part, finish, planned, bowl, from, to, limitMinute, mixedMinute } = laid;
		const off = lastTap(taps, 'off', finish.section, [part]);
		const now = pointAt(strand, Math.min(minute, off ?? Infinity));
		const lab = labOfFibre(now.fibre);
		return {
			section: finish.section,
			part,
			bowl: bowl.number,
			placement: laid.placement,
			fromMinute: from,
			toMinute: to,
			applyMinutes: planned.to - planned.from,
			lateMinutes: to - planned.to,
			bowlAgeMinutes: to - mixedMinute,
			offMinute: off ?? turns[i]!.minute,
			wipedMinute: laid.wipedMinute,
			rinse: turns[i]!.rinse,
			limitMinute,
			readyMinute: readyFrom(strand, target, to, limitMinute),
			target,
			level: now.level,
			fibre: now.fibre,
			lab,
			undertone: undertoneOf(lab),
			condition: now.condition,
			seen: latestOf(checks, finish.section, part),
			isOff: off !== undefined
		};
	});
	const looks = looksOf(
		plain,
		(one) => {
			const { laid } = lying[plain.indexOf(one)]!;
			return !one.isOff && laid.wipedMinute === undefined && isLaid(laid, minute);
		},
		minute
	);
	const sections = plain.map(({ isOff, ...one }, i): RunningSection => {
		const look = looks[i];
		const state = isOff ? 'off' : stateOf({ ...one, look }, lying[i]!.laid, minute);
		return { ...one, look, state };
	});
	const firsts = new Set(sections.filter((_, i) => lying[i]!.laid.first));
	return { sections, acts: nextActs(sections, firsts, toMix(lying, sections, run), minute) };
}

/**
 * When each bowl that nobody has weighed yet is mixed. Where a tap was forgotten the plan behind it stands still
 * on paper, and in truth goes on: its bowls are called for by the last tap.
 */
function toMix(
	lying: readonly { readonly laid: LaidSection }[],
	sections: readonly RunningSection[],
	{ mixedAt, minute }: SeenRun
): Map<number, number> {
	const isForgotten = sections.some((one) => isOnForgotten(one, minute));
	const tapped = lying.findLast(({ laid }, i) => laid.isOn && sections[i]!.state !== 'puttingOn');
	const late = tapped ? tapped.laid.to - tapped.laid.planned.to : 0;
	return new Map(
		lying
			.filter(({ laid }) => !mixedAt?.has(laid.bowl.id))
			.map(({ laid: { bowl, bowlMinute } }) => [
				bowl.number,
				isForgotten ? Math.min(bowlMinute, bowl.mixAtMinute + late) : bowlMinute
			])
	);
}

const isLaid = ({ isOn, to }: LaidSection, minute: number): boolean => isOn && minute >= to;

function stateOf(
	section: Omit<RunningSection, 'state'>,
	laid: LaidSection,
	minute: number
): SectionState {
	const { limitMinute, offMinute, readyMinute, seen, target, look } = section;
	// What comes after something that is still being put on begins when that is on.
	if (!isLaid(laid, minute)) return minute <= laid.from && laid.from > 0 ? 'waiting' : 'puttingOn';
	if (laid.wipedMinute !== undefined && minute >= laid.wipedMinute) return 'wiped';
	if (minute >= limitMinute) return 'overdue';
	if (minute >= offMinute || isSeenReady(seen, target)) return 'ready';
	if (look && minute >= look.minute) return look.act === 'ready' ? 'ready' : 'check';
	// Who was looked at and is not there yet is not called ready by what was expected.
	return readyMinute !== undefined && minute >= readyMinute && !seen ? 'ready' : 'on';
}

/** A level that is missed by this much is reached. */
const NEAR = 0.05;

function readyFrom(ready: ReadyPoint, target: number, on: number, limit: number) {
	const reached = (minute: number) => pointAt(ready, minute).level >= target - NEAR;
	return limit > on && reached(limit) ? bisect(reached, on, limit, 0.1) : undefined;
}
