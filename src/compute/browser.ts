import { ComputeClient, type WorkerLike } from './client';

function startWorker(): WorkerLike | undefined {
	if (typeof Worker === 'undefined') return undefined;
	try {
		const worker = new Worker(new URL('./entry.worker.ts', import.meta.url), { type: 'module' });
		return worker as unknown as WorkerLike;
	} catch {
		// Barred by the browser: the same work is done in place, in slices.
		return undefined;
	}
}

/** The page's door to its worker. The worker starts with the first request. */
export const compute = new ComputeClient(startWorker);
