import type { ToWorker } from './protocol';
import { TaskRunner } from './runner';
import { TASKS } from './tasks';

const scope = self as unknown as {
	postMessage(message: unknown): void;
	onmessage: ((event: MessageEvent<ToWorker>) => void) | null;
};
const runner = new TaskRunner(TASKS, (message) => scope.postMessage(message));
scope.onmessage = (event) => runner.receive(event.data);
