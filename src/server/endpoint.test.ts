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
	it('works a search in slices, and leaves what takes too long', async () => {
		let clock = 0;
		function* search(steps: number) {
			for (let i = 0; i < steps; i++) {
				clock += 10;
				yield i / steps;
			}
			return { steps };
		}
		const slow = endpoint(
			z.object({ n: z.number() }),
			({ n }) => search(n),
			() => clock
		);
		const ask = (n: number) =>
			slow({
				request: new Request('http://localhost/', { method: 'POST', body: JSON.stringify({ n }) })
			} as unknown as Parameters<typeof slow>[0]);
		expect(await (await ask(100)).json()).toEqual({ steps: 100 });
		clock = 0;
		const refused = await ask(100_000);
		expect(refused.status).toBe(422);
		expect(await refused.json()).toMatchObject({ problems: [{ problem: 'too_long' }] });
		expect(clock).toBeLessThan(1500);
	});
});
