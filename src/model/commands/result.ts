import type { Visit } from '../../schema/records';

/**
 * Records what a visit came to, on its draft; what somebody wrote down stays as written.
 * @param expected level that was expected after the toner
 * @param returnWeeks weeks after which this is usually done again
 */
export function record(draft: Visit, expected: number, returnWeeks: number, now: Date): void {
	draft.result.level ??= Math.round(expected * 10) / 10;
	draft.result.recordedAt = now.toISOString();
	draft.result.returnWeeks ??= returnWeeks;
	draft.status = 'done';
	if (!draft.settled.includes('sendOff')) draft.settled.push('sendOff');
}
