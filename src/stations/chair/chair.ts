import type { Lab } from '../../core/colour';
import { labOfFibre, levelOfFibre } from '../../core/lift';
import type { VisitState } from '../../state/visitState.svelte';

/** What the zone that the figures speak of should have come to at a minute. */
export function expectedAt(
	session: VisitState,
	minute: number
): { level: number; lab: Lab; tone: string } {
	const { reading, main } = session.head;
	const fibre = main.fibreAt(minute);
	return {
		level: levelOfFibre(fibre),
		lab: labOfFibre(fibre, reading.whiteShare),
		tone: session.head.liftedWord(fibre)
	};
}

/** When it will be ready, seen from now. */
export function readyLine(session: VisitState, minute: number): string {
	const { window, spent, limit } = session.head.course;
	if (minute >= limit)
		return `The limit of ${limit} min is reached: rinse, or put on a fresh mixture.`;
	if (!window)
		return `Not expected to be ready within the hour; the mixture is spent at ${spent} min.`;
	const from = Math.ceil(window.from);
	if (minute < from) return `Expected inside the aim from ${from} min, in ${from - minute} min.`;
	if (window.to !== undefined && minute > window.to) return 'Past the aim: look now.';
	return `Expected inside the aim since ${from} min. Ready is a colour, not a time: look.`;
}
