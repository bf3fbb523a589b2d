import { compute } from '../compute/browser';
import type { Workspace } from '../store/workspace.svelte';
import { VisitState, type VisitClock } from './visitState.svelte';

/**
 * A visit on a page: its slow questions go to the page's worker.
 * @param lane what they go by, where the same visit is open elsewhere on the page
 */
export const openVisit = (
	workspace: Workspace,
	clock: VisitClock,
	id: string,
	lane?: string
): VisitState => new VisitState(workspace, id, clock, compute, lane);
