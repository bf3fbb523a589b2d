import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { endpoint } from './endpoint';

const handler = endpoint(z.object({ n: z.number().max(9) }), ({ n }) => ({ twice: 2 * n }));
const send = (body: string | Uint8Array<ArrayBuffer>, headers: Record<string, string> = {}) =>
	handler({
		request: new Request('http://localhost/', { method: 'POST', body, headers })
	} as unknown as Parameters<typeof handler>[0]);

describe('an endpoint', () => {
	it('answers what it can read', async () => {
		const response = await send('{"n":4}');
		expect(response.status).toBe(200);
		expect(await response.json()).toEqual({ twice: 8 });
	});
	it('names every fault by its path', async () => {
		const response = await send('{"n":"four"}');
		expect(response.status).toBe(400);
		expect(await response.json()).toMatchObject({ problems: [{ path: 'n' }] });
	});
	it.each(['', '{"n":', 'undefined'])('says of %s that it is not JSON', async (body) => {
		const response = await send(body);
		expect(response.status).toBe(400);
		expect(await response.json()).toMatchObject({ problems: [{ problem: 'not_json' }] });
	});
	it('refuses what is too large, announced or not', async () => {
		expect((await send('{"n":4}', { 'content-length': String(300 * 1024) })).status).toBe(413);
		expect((await send(new Uint8Array(256 * 1024 + 1).fill(32))).status).toBe(413);
		expect((await send(`{"n":4${' '.repeat(200 * 1024)}}`)).status).toBe(200);
	});
});
