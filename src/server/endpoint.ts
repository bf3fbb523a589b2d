import { setImmediate } from 'node:timers/promises';
import { json, type RequestHandler } from '@sveltejs/kit';
import type * as z from 'zod/mini';
import type { Steps } from '../core/steps';
import { RequestFault } from '../model/api/fault';
import type { Problems } from '../schema/api';

/** Largest request body, bytes. */
const MAX_BODY = 256 * 1024;
/** Work between two looks at what else is asked, ms. */
const SLICE_MS = 25;
/** Work for one request, ms: what needs more is done on the device that asks. */
const BUDGET_MS = 1200;

const refuse = (status: number, problems: Problems['problems']): Response =>
	json({ problems } satisfies Problems, { status, headers: { 'x-zelvant-told': '1' } });

/**
 * Reads a body to its end; undefined when it is over the limit. One that is left lying unread has its
 * connection broken off under a client that is still sending, who then never sees the refusal.
 */
async function readBody(request: Request): Promise<string | undefined> {
	try {
		const bytes = await request.arrayBuffer();
		const announced = Number(request.headers.get('content-length') ?? 0);
		return Math.max(announced, bytes.byteLength) > MAX_BODY
			? undefined
			: new TextDecoder().decode(bytes);
	} catch {
		// The server in front has a limit of its own, past which it throws the rest away.
		return undefined;
	}
}

const isSteps = (value: unknown): value is Steps<unknown> =>
	typeof value === 'object' && value !== null && 'next' in value && 'return' in value;

/** Runs a search in slices, so that others are answered meanwhile; nothing when it takes too long. */
async function withinBudget(
	steps: Steps<unknown>,
	now: () => number
): Promise<{ readonly value: unknown } | undefined> {
	let worked = 0;
	for (;;) {
		const from = now();
		let next = steps.next();
		while (!next.done && now() - from < SLICE_MS) next = steps.next();
		if (next.done) return { value: next.value };
		worked += now() - from;
		if (worked > BUDGET_MS) {
			steps.return(undefined);
			return undefined;
		}
		await setImmediate();
	}
}

/**
 * An endpoint that parses, calls the core and answers. Bad input: 400 with a fault per field; over
 * 256 kB: 413; a question that takes more than a second of work: 422. Nothing is kept.
 * @param answer the answer, or the steps of a search for it
 */
export function endpoint<S extends z.ZodMiniType>(
	schema: S,
	answer: (request: z.output<S>) => unknown,
	now: () => number = () => performance.now()
): RequestHandler {
	return async ({ request }) => {
		const body = await readBody(request);
		if (body === undefined) {
			return refuse(413, [
				{ problem: 'too_large', path: '', message: 'The request is over 256 kB; send less.' }
			]);
		}
		let value: unknown;
		try {
			value = JSON.parse(body);
		} catch {
			return refuse(400, [
				{ problem: 'not_json', path: '', message: 'The body is not JSON; nothing was computed.' }
			]);
		}
		const parsed = schema.safeParse(value);
		if (!parsed.success) {
			return refuse(
				400,
				parsed.error.issues.map(({ code, path, message }) => ({
					problem: code,
					path: path.join('.'),
					message
				}))
			);
		}
		try {
			const found = answer(parsed.data);
			const done = isSteps(found) ? await withinBudget(found, now) : { value: found };
			if (done) return json(done.value);
			return refuse(422, [
				{
					problem: 'too_long',
					path: '',
					message:
						'This is too large to work out here: ask for less at once, or work it out in the application.'
				}
			]);
		} catch (error) {
			if (!(error instanceof RequestFault)) throw error;
			const { problem, path, message } = error;
			return refuse(400, [{ problem, path, message }]);
		}
	};
}
