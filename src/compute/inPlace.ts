import type { FromWorker } from './protocol';
import { TaskRunner } from './runner';
import { TASKS } from './tasks';

/** All tasks, worked in slices where they are asked for. */
export const runnerInPlace = (send: (message: FromWorker) => void): TaskRunner =>
	new TaskRunner(TASKS, send);
