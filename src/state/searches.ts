import type { ComputeClient } from '../compute/client';
import type { TaskInput, TaskName, TaskResult } from '../compute/tasks';

/** Searches that are answered on the spot, where there is no page and no worker: in tests. */
export type InPlace = {
	readonly [N in TaskName]?: (input: TaskInput<N>) => TaskResult<N>;
};

/** Whom a view asks what is too slow for a frame: the page's worker, or whoever answers on the spot. */
export type Searches = ComputeClient | InPlace;

export const workerOf = (searches: Searches): ComputeClient | undefined =>
	'run' in searches ? searches : undefined;
export const onTheSpot = (searches: Searches): InPlace | undefined =>
	'run' in searches ? undefined : searches;
