import type { Visit } from '../../schema/records';

const tenth = (level: number): number => Math.round(level * 10) / 10;

/**
 * Records what a visit came to, on its draft. What somebody saw stays as written; where nobody looked, none
 * is made up: what was expected stands beside it as that.
 * @param expected levels expected after the toner, and of the lift under it
 * @param returnWeeks weeks after which this is usually done again
 */
export function record(
	draft: Visit,
	expected: { readonly toned: number; readonly lifted: number },
	returnWeeks: number,
	now: Date
): void {
	draft.result.expected = { toned: tenth(expected.toned), lifted: tenth(expected.lifted) };
	draft.result.recordedAt = now.toISOString();
	draft.result.returnWeeks ??= returnWeeks;
	draft.status = 'done';
	if (!draft.settled.includes('sendOff')) draft.settled.push('sendOff');
}

/** Writes down what somebody saw at the end. */
export function seeResult(draft: Visit, level: number): void {
	draft.result.level = level;
	delete draft.result.unsure;
}
