import { json, type RequestHandler } from '@sveltejs/kit';
import type { z } from 'zod';
import { RequestFault } from '../model/api/fault';
import type { Problems } from '../schema/api';

/** Largest request body, bytes. */
const MAX_BODY = 256 * 1024;

const refuse = (status: number, problems: Problems['problems']): Response =>
	json({ problems } satisfies Problems, { status });

/** Reads a body up to the limit; undefined when it is larger, whatever length was announced. */
async function readBody(request: Request): Promise<string | undefined> {
	if (Number(request.headers.get('content-length') ?? 0) > MAX_BODY) return undefined;
	const bytes = await request.arrayBuffer();
	return bytes.byteLength > MAX_BODY ? undefined : new TextDecoder().decode(bytes);
}

/**
 * An endpoint that parses, calls the core and answers. Bad input: 400 with a fault per field; over
 * 256 kB: 413. Nothing is kept.
 */
export function endpoint<S extends z.ZodType>(
	schema: S,
	answer: (request: z.output<S>) => unknown
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
			return json(answer(parsed.data));
		} catch (error) {
			if (!(error instanceof RequestFault)) throw error;
			const { problem, path, message } = error;
			return refuse(400, [{ problem, path, message }]);
		}
	};
}
