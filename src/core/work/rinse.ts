import type { RINSE_MODES } from '../vocabulary';
import { BACK_FIRST_FROM, RINSE_STEP_MINUTES, SERVICE_MINUTES } from './constants';

/** How the head is rinsed. */
export type RinseMode = (typeof RINSE_MODES)[number];

/** How a head is rinsed unless somebody says otherwise: back first where the work is long. */
export const usualRinse = (workMinutes: number): RinseMode =>
	workMinutes > BACK_FIRST_FROM ? 'backFirst' : 'together';

/**
 * Minute of one rinse for all, from the first brush stroke: the planned minutes counted from the middle
 * of the work, so that what is on first and what is on last share the difference; never before the last
 * section has lain at all, and otherwise never past the product's limit.
 * @param workMinutes how long it takes to put it on
 * @param processMinutes minutes planned on the hair
 */
export const rinseMinute = (
	workMinutes: number,
	processMinutes: number,
	limitMinutes: number
): number =>
	Math.round(
		Math.max(
			workMinutes + SERVICE_MINUTES.leastLast,
			Math.min(workMinutes / 2 + processMinutes, limitMinutes)
		)
	);

/** The head is rinsed in this many blocks, unless somebody says otherwise. */
export const USUAL_BLOCKS = 2;

/**
 * Minutes that one of several rinses takes: all of the hair takes as long as two, however many there are.
 * @param rinses of the head, 1 or more
 */
export const rinseTakes = (rinses: number): number =>
	Math.max(SERVICE_MINUTES.leastRinse, Math.min(1, 2 / rinses) * SERVICE_MINUTES.rinse);

/**
 * Rinse minute of each section where what went on first is rinsed first: the head in blocks of about the same
 * work that rinse together, each once the one before it is done. None is rinsed before all is on; otherwise
 * none lies past the limit, and those before leave early enough for it.
 * @param minutesToApply of each section, in the order of the work
 * @param blocks 1 or more; there are no more of them than sections
 */
export function blockMinutes(
	minutesToApply: readonly number[],
	processMinutes: number,
	limitMinutes: number,
	blocks = USUAL_BLOCKS
): number[] {
	const work = minutesToApply.reduce((sum, minutes) => sum + minutes, 0);
	let done = 0;
	const blockOf = minutesToApply.map((minutes) => {
		const middle = done + minutes / 2;
		done += minutes;
		return work > 0 ? Math.min(blocks - 1, Math.floor((middle * blocks) / work)) : 0;
	});
	const takes = rinseTakes(new Set(blockOf).size);
	let begin = 0;
	const turns = [...new Set(blockOf)].map((block, i, { length }) => {
		const own = minutesToApply.reduce((sum, m, k) => sum + (blockOf[k] === block ? m : 0), 0);
		const turn = {
			block,
			on: i === length - 1 ? work + SERVICE_MINUTES.leastLast : work,
			ripe: begin + own / 2 + processMinutes,
			latest: begin + limitMinutes
		};
		begin += own;
		return turn;
	});
	// Whoever waits at the basin still lies under it: those before leave early enough.
	for (let i = turns.length - 2; i >= 0; i--)
		turns[i]!.latest = Math.min(turns[i]!.latest, turns[i + 1]!.latest - takes);
	const minutes = new Map<number, number>();
	let free = work;
	for (const { block, on, ripe, latest } of turns) {
		const at = Math.max(free, on, Math.min(ripe, latest));
		minutes.set(block, at);
		free = at + takes;
	}
	return blockOf.map((block) => Math.round(minutes.get(block)!));
}

/**
 * Minute of the last rinse, as far as it can be told before the bowls are staged.
 * @param mode left out: as is usual for work of this length
 * @param blocks that rinse together; left out, as is usual
 * @param minutesToApply of each section, in the order of the work
 */
export function lastRinse(
	minutesToApply: readonly number[],
	processMinutes: number,
	limitMinutes: number,
	mode?: RinseMode,
	blocks?: number
): number {
	const work = minutesToApply.reduce((sum, minutes) => sum + minutes, 0);
	switch (mode ?? usualRinse(work)) {
		case 'together':
			return rinseMinute(work, processMinutes, limitMinutes);
		case 'backFirst':
			return Math.max(...blockMinutes(minutesToApply, processMinutes, limitMinutes, blocks));
		case 'eachReady':
			return Math.round(work + Math.min(processMinutes, limitMinutes));
	}
}

/** One thing that is done at the basin, in the order in which it is done. */
export type RinseStep = keyof typeof RINSE_STEP_MINUTES;

/**
 * What is done at the basin once something comes off, with its minutes: lightener is rinsed lukewarm and shampooed
 * gently, twice; where there are minerals in the water they are taken out between.
 */
export const rinseSteps = (
	minerals: boolean
): readonly { readonly step: RinseStep; readonly minutes: number }[] =>
	(['water', 'chelate', 'shampoo', 'shampooAgain'] as const)
		.filter((step) => minerals || step !== 'chelate')
		.map((step) => ({ step, minutes: RINSE_STEP_MINUTES[step] }));
