import { describe, expect, it } from 'vitest';
import type { ComputeClient } from '../compute/client';
import { PictureReader } from './pictureReader.svelte';

const READING = { level: 8 };

/** A worker whose answers are let go by hand. */
function slow() {
	const waiting: (() => void)[] = [];
	const run = () =>
		new Promise((resolve) => {
			waiting.push(() => resolve({ ok: true, value: { ok: true, reading: READING } }));
		});
	return {
		compute: { run } as unknown as ComputeClient,
		letGo: () => waiting.splice(0).forEach((go) => go())
	};
}

describe('a picture that is read', () => {
	it('shows nothing that was read of marks which are gone by then', async () => {
		const { compute, letGo } = slow();
		const reader = new PictureReader(compute, () => undefined);
		reader.picture = {
			width: 20,
			height: 20,
			data: new Uint8ClampedArray(1600).fill(120)
		} as ImageData;
		const marked = reader.mark(0.5, 0.5);
		letGo();
		await marked;
		expect(reader.reading).toEqual(READING);
		const again = reader.mark(0.6, 0.6);
		const between = reader.unmark(1);
		const last = reader.unmark(0);
		expect(reader.marks).toEqual([]);
		letGo();
		await Promise.all([again, between, last]);
		expect(reader.reading).toBeUndefined();
	});
});
