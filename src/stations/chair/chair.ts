import type { Lab } from '../../core/colour';
import { labOfFibre, levelOfFibre } from '../../core/lift';
import { readiness, type Readiness } from '../../core/lift';
import { hairOfHead } from '../../state/hairOfHead';
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

/** When all of the head is ready, as Lift says it. */
export const readyOf = (session: VisitState): Readiness =>
	readiness(
		hairOfHead(session).flatMap(({ view }) => view.main.ready),
		session.head.main.lastMinute
	);

/** When it will be ready, seen from now. */
export function readyLine(session: VisitState, when: Readiness, minute: number): string {
	const { spent, limit } = session.head.course;
	if (minute >= limit)
		return `The limit of ${limit} min is reached: rinse, or put on a fresh mixture.`;
	if (when === 'late')
		return `Not expected to be ready within the hour; the mixture is spent at ${spent} min.`;
	if (when === 'apart')
		return 'Not all of it is ready at once: look at each part, and wipe off what is there.';
	const from = Math.ceil(when.from);
	if (minute < from) return `Expected inside the aim from ${from} min, in ${from - minute} min.`;
	if (when.to !== undefined && minute > when.to) return 'Past the aim: look now.';
	return `Expected inside the aim since ${from} min. Ready is a colour, not a time: look.`;
}
