import { runningHead, type RunningHead } from '../core/work';
import type { VisitState } from './visitState.svelte';

/** The head is worked out anew so often, minutes. */
export const SHOWN_EVERY = 0.1;

/**
 * The head section by section at a minute of the running service, from what was tapped and weighed.
 * @returns nothing before the bowls are staged
 */
export function runningOf(session: VisitState, minute: number): RunningHead | undefined {
	const { head, staging } = session.bowls;
	if (!staging) return undefined;
	const { run, bowls } = session.visit;
	const begun = run.startedAt === undefined ? undefined : new Date(run.startedAt).getTime();
	const mixedAt = new Map(
		begun === undefined
			? []
			: bowls.mixed.map(({ id, at }) => [id, (new Date(at).getTime() - begun) / 60_000] as const)
	);
	const taps = run.taps ?? [];
	// What was tapped a moment ago has happened, though the minute that is shown is a little behind.
	const latest = taps.map((tap) => tap.minute).filter((at) => at - minute < SHOWN_EVERY);
	return runningHead(head, staging, {
		taps,
		minute: Math.max(minute, ...latest),
		followsPlan: run.followsPlan === true,
		mixedAt
	});
}
