import type { TaskName } from './tasks';

/** Version of the messages: a page and a worker of two builds must not talk past each other. */
export const PROTOCOL = 2;

/** From the page to the worker. */
export type ToWorker =
	| {
			readonly v: number;
			readonly id: number;
			readonly kind: 'run';
			readonly task: TaskName;
			readonly input: unknown;
			/** Depths of levels 1-12: the ladder in which the page tells its levels. */
			readonly ladder: readonly number[];
	  }
	| { readonly v: number; readonly id: number; readonly kind: 'cancel' };

/** From the worker to the page. */
export type FromWorker =
	| { readonly v: number; readonly id: number; readonly kind: 'progress'; readonly share: number }
	| { readonly v: number; readonly id: number; readonly kind: 'done'; readonly result: unknown }
	| { readonly v: number; readonly id: number; readonly kind: 'cancelled' }
	| { readonly v: number; readonly id: number; readonly kind: 'failed'; readonly message: string };
