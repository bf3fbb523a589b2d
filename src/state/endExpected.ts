import type { ExpectedEnd } from '../model/commands/result';
import type { VisitState } from './visitState.svelte';

/**
 * What is expected of the hair that the figures of a visit speak of, levels: as it was recorded, and until then as
 * it is known now. What is learned later changes nothing of it.
 */
export function endExpected({ visit, head }: VisitState): ExpectedEnd {
	const { expected } = visit.result;
	return expected
		? { toned: expected.toned, lifted: expected.lifted }
		: { toned: head.finished.level, lifted: head.rawLevel };
}
