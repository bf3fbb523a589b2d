import { describe, expect, it } from 'vitest';
import type { ScaleReading } from './scale';
import { SimulatedScale, SIMULATED_SCALE, type ScaleWorld } from './simulatedScale';

/** Numbers that look like chance and are the same every time (Park and Miller). */
function dice(seed: number): () => number {
	let state = seed;
	return () => (state = (state * 48271) % 2147483647) / 2147483647;
}

/** A scale in a world whose clock is turned by hand. */
function scaleOn(step = 1, present = true) {
	let now = 0;
	let tick: (() => void) | undefined;
	const world: ScaleWorld = {
		random: dice(20261124),
		now: () => now,
		wait: () => Promise.resolve(),
		every: (_, told) => {
			tick = told;
			return () => (tick = undefined);
		},
		present: () => present
	};
	const scale = new SimulatedScale(world, step);
	const readings: ScaleReading[] = [];
	scale.onReading((reading) => readings.push(reading));
	return {
		scale,
		readings,
		pass: (minutes: number) => {
			now += minutes * 60_000;
			tick?.();
		}
	};
}

describe('the simulated scale', () => {
	it('shows what is poured since it was tared, in its own steps, within its noise', async () => {
		const { scale, readings, pass } = scaleOn();
		expect(await scale.connect()).toEqual({ ok: true, value: undefined });
		scale.pour(120);
		pass(0.01);
		expect(readings.at(-1)!.grams).toBeCloseTo(120, 0);
		expect(readings.at(-1)!.steady).toBe(false);
		pass(0.01);
		expect(readings.at(-1)!.steady).toBe(true);
		scale.tare();
		scale.pour(32);
		pass(0.01);
		expect(Number.isInteger(readings.at(-1)!.grams)).toBe(true);
		expect(readings.at(-1)!.grams).toBe(32);
		scale.pour(-40);
		pass(0.01);
		expect(readings.at(-1)!.grams).toBe(-8);
	});
	it('trembles and drifts, until it is tared again', async () => {
		const { scale, readings, pass } = scaleOn(0.05);
		await scale.connect();
		for (let i = 0; i < 60; i++) pass(0.3);
		const grams = readings.map((reading) => reading.grams);
		expect(new Set(grams).size).toBeGreaterThan(3);
		expect(grams.at(-1)!).toBeGreaterThan(3 * SIMULATED_SCALE.driftPerMinute);
		scale.tare();
		pass(0.01);
		expect(Math.abs(readings.at(-1)!.grams)).toBeLessThan(0.25);
	});
	it('that is unplugged says so once, tells nothing more, and can be connected again', async () => {
		const { scale, readings, pass } = scaleOn();
		let lost = 0;
		scale.onLost(() => lost++);
		expect(scale.tare()).toEqual({ ok: false, problem: 'notConnected' });
		await scale.connect();
		scale.pour(50);
		pass(0.01);
		scale.unplug();
		scale.unplug();
		const told = readings.length;
		pass(0.01);
		expect([lost, readings.length]).toEqual([1, told]);
		await scale.connect();
		scale.pour(5);
		pass(0.01);
		// Switched on anew, the bowl that stands on it counts as nothing.
		expect(readings.at(-1)!.grams).toBe(5);
	});
	it('that is not there is not found', async () => {
		expect(await scaleOn(1, false).scale.connect()).toEqual({ ok: false, problem: 'notFound' });
	});
});
