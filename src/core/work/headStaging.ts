import { bisect } from '../numeric';
import { DEFAULT_LIMIT_MINUTES, pointAt } from '../lift';
import { BOWL_LIFE_MINUTES } from '../mix';
import { SERVICE_MINUTES } from './constants';
import type { SectionId, StrandPart } from './ids';
import {
	readySection,
	timesOf,
	type StagingProblem,
	type Timed,
	type WorkSection
} from './problem';
import { blockMinutes, rinseMinute, usualRinse, type RinseMode } from './rinse';
import type { Staging, StagingPass } from './staging';

/** Sections of one part of the strand; it is begun when the one before it is on. */
export interface HeadPass {
	/** Left out where the strand is worked as one. */
	readonly part?: StrandPart | undefined;
	readonly sections: readonly WorkSection[];
	/** In the same packets as the one before, and so at the same minutes. */
	readonly alongside?: boolean | undefined;
	/** Not begun before this minute. */
	readonly notBefore?: number | undefined;
}

/** A whole head to be staged, as it was planned in Lift. */
export interface HeadStaging {
	readonly passes: readonly HeadPass[];
	readonly common: Omit<StagingProblem, 'sections' | 'rinseMinute' | 'target'> & {
		readonly target: number;
	};
	/** The one strength that was planned, volumes. */
	readonly volume: number;
	/** Minutes planned on the hair. */
	readonly processMinutes: number;
	readonly rinse: {
		/** Left out: back first where the work is long. */
		readonly mode?: RinseMode | undefined;
		/** Minute of the one rinse, where somebody set it. */
		readonly minute?: number | undefined;
		/** Blocks that rinse together where the first are rinsed first; left out, as is usual. */
		readonly blocks?: number | undefined;
	};
	/** False: the one strength throughout. */
	readonly staged: boolean;
}

const workOf = (sections: readonly WorkSection[]): number =>
	sections.reduce((sum, section) => sum + (section.pauseBefore ?? 0) + section.minutesToApply, 0);

/** Minute at which each pass begins, and at which the last of them is on. */
function beginnings(passes: readonly HeadPass[]): { begins: number[]; end: number } {
	let end = 0;
	let begin = 0;
	const begins = passes.map(({ alongside, notBefore, sections }) => {
		if (!alongside) begin = Math.max(end, notBefore ?? 0);
		end = Math.max(end, begin + workOf(sections));
		return begin;
	});
	return { begins, end };
}

/** Minute at which everything is on the head, from the first brush stroke. */
export const workEnd = ({ passes }: Pick<HeadStaging, 'passes'>): number => beginnings(passes).end;

/** The passes of a head with their rinses, ready to be staged. */
export function passesOf(head: HeadStaging): StagingPass[] {
	const { common, rinse, processMinutes } = head;
	const limit = common.limitMinutes ?? DEFAULT_LIMIT_MINUTES;
	const { begins, end } = beginnings(head.passes);
	const mode = rinse.mode ?? usualRinse(end);
	const usual = rinseMinute(end, processMinutes, limit);
	const minute = Math.max(rinse.minute ?? usual, Math.ceil(end + SERVICE_MINUTES.leastLast));
	const turns = new Map<SectionId, number>();
	if (mode === 'backFirst') {
		const { sections } = head.passes[0]!;
		const work = sections.map(({ minutesToApply }) => minutesToApply);
		const minutes = blockMinutes(work, processMinutes, limit, rinse.blocks);
		sections.forEach(({ id }, k) => turns.set(id, minutes[k]!));
	}
	return head.passes.map(({ part, sections }, i): StagingPass => {
		const begun = sections.map((section, k) => ({
			...section,
			...(k === 0 ? { pauseBefore: (section.pauseBefore ?? 0) + begins[i]! } : {}),
			...(turns.has(section.id) ? { rinseMinute: turns.get(section.id)! } : {})
		}));
		const problem: StagingProblem = { ...common, sections: begun, rinseMinute: minute };
		return {
			part,
			problem: mode === 'eachReady' ? whenReady(problem, head.volume) : problem
		};
	});
}

/** Each section leaves at the minute at which it reaches the target with the planned strength. */
function whenReady(problem: StagingProblem, volume: number): StagingProblem {
	const limit = problem.limitMinutes ?? DEFAULT_LIMIT_MINUTES;
	let mixed = -Infinity;
	return {
		...problem,
		sections: timesOf(problem).map((time) => {
			if (time.to - mixed > BOWL_LIFE_MINUTES || time.section.freshBowl) mixed = time.from;
			return {
				...time.section,
				rinseMinute: Math.ceil(readyMinute(problem, time, volume, limit, mixed)),
				wipedWhenReady: true
			};
		})
	};
}

function readyMinute(
	problem: StagingProblem,
	time: Timed,
	volume: number,
	limit: number,
	mixedMinute: number
): number {
	const { lockedVolume, lockedRatio } = time.section;
	const strength = { volume: lockedVolume ?? volume, ratio: lockedRatio ?? problem.ratio };
	const ready = readySection(problem, time, strength, mixedMinute);
	const target = problem.target! + (time.section.aimAbove ?? 0);
	const last = time.at + limit;
	const reached = (minute: number) => pointAt(ready, minute).level >= target;
	return reached(last) ? bisect(reached, time.to, last, 0.1) : last;
}

/** What one section taking longer does. */
export interface Delay {
	readonly section: SectionId;
	readonly minutes: number;
	/** Which strengths stay as they were staged: all of them, or those mixed by then. */
	readonly keep: 'all' | 'mixed';
}

/**
 * A head on which one section takes longer than was planned. What is put on after it moves along; the
 * rinse stays where it was, unless the last section would not have lain at all.
 */
export function lateHead(head: HeadStaging, staging: Staging, delay: Delay): HeadStaging {
	const { section: id, minutes, keep } = delay;
	const late = staging.finish.find(({ section }) => section === id);
	const known = (section: SectionId, part: StrandPart | undefined) => {
		const planned = staging.finish.find((one) => one.section === section && one.part === part);
		const bowl = staging.bowls.find(({ number }) => number === planned?.bowl);
		return bowl && (keep === 'all' || bowl.mixAtMinute <= (late?.appliedToMinute ?? 0))
			? { lockedVolume: bowl.volume, lockedRatio: bowl.ratio }
			: {};
	};
	const rinse = Math.max(...staging.finish.map(({ rinseMinute }) => rinseMinute));
	return {
		...head,
		...((head.rinse.mode ?? usualRinse(workEnd(head))) === 'together'
			? { rinse: { mode: 'together', minute: head.rinse.minute ?? Math.round(rinse) } }
			: {}),
		passes: head.passes.map((pass, i) => ({
			...pass,
			sections: pass.sections.map((section) => ({
				...section,
				...known(section.id, pass.part),
				minutesToApply:
					section.minutesToApply + (section.id === id && (i === 0 || pass.alongside) ? minutes : 0)
			}))
		}))
	};
}
