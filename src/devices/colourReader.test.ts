import { describe, expect, it } from 'vitest';
import { medianReading, READINGS_APART } from '../core/picture';
import {
	SimulatedColourReader,
	SIMULATED_READER,
	type SimulatedWorld
} from './simulatedColourReader';

const HAIR = { l: 62, a: 9, b: 30 };

/** Numbers that look like chance and are the same every time (Park and Miller). */
function dice(seed: number): () => number {
	let state = seed;
	return () => (state = (state * 48271) % 2147483647) / 2147483647;
}

function world(changes: Partial<SimulatedWorld> & { hours?: { at: number } } = {}): SimulatedWorld {
	return {
		hair: () => HAIR,
		random: dice(20261123),
		now: () => (changes.hours?.at ?? 0) * 3_600_000,
		wait: () => Promise.resolve(),
		...changes
	};
}

/** Connected and calibrated, however often the link broke before that. */
async function ready(changes?: Parameters<typeof world>[0]) {
	const reader = new SimulatedColourReader(world(changes));
	for (let tries = 0; tries < 5; tries++) {
		await reader.connect();
		if ((await reader.calibrate()).ok) return reader;
	}
	throw new Error('never calibrated');
}

async function measured(reader: SimulatedColourReader, count: number) {
	const labs = [];
	for (let tries = 0; labs.length < count && tries < 2 * count; tries++) {
		const answer = await reader.measure();
		if (answer.ok) labs.push(answer.value);
		else await reader.connect();
	}
	return labs;
}

describe('a simulated colour reader', () => {
	it('measures nothing before it is connected and calibrated', async () => {
		const reader = new SimulatedColourReader(world({ random: () => 0.5 }));
		expect(await reader.measure()).toEqual({ ok: false, problem: 'notConnected' });
		expect(await reader.calibrate()).toEqual({ ok: false, problem: 'notConnected' });
		await reader.connect();
		expect(await reader.measure()).toEqual({ ok: false, problem: 'uncalibrated' });
		expect((await reader.calibrate()).ok).toBe(true);
		expect(reader.minutesSinceCalibration()).toBe(0);
		expect((await reader.measure()).ok).toBe(true);
	});

	it('is not found when it is switched off', async () => {
		const reader = new SimulatedColourReader(world({ present: () => false }));
		expect(await reader.connect()).toEqual({ ok: false, problem: 'notFound' });
	});

	it('scatters about the hair as far as hair does', async () => {
		const labs = await measured(await ready(), 400);
		const mean = labs.reduce((sum, { l }) => sum + l, 0) / labs.length;
		const sd = Math.sqrt(labs.reduce((sum, { l }) => sum + (l - mean) ** 2, 0) / labs.length);
		expect(mean).toBeCloseTo(HAIR.l, 0);
		expect(sd).toBeGreaterThan(0.7);
		expect(sd).toBeLessThan(1.1);
	});

	it('drifts until it is calibrated again', async () => {
		const hours = { at: 0 };
		const reader = await ready({ hours });
		hours.at = 2;
		const late = medianReading(await measured(reader, 99))!;
		expect(late.lab.l).toBeCloseTo(HAIR.l + 2 * SIMULATED_READER.driftPerHour.l, 0);
		await reader.calibrate();
		expect(medianReading(await measured(reader, 99))!.lab.l).toBeCloseTo(HAIR.l, 0);
	});

	it('tells once that it was lost, and comes back', async () => {
		let broken = false;
		const reader = await ready({ random: () => (broken ? 0 : 0.5) });
		let told = 0;
		const stop = reader.onLost(() => told++);
		broken = true;
		expect(await reader.measure()).toEqual({ ok: false, problem: 'lost' });
		expect(await reader.measure()).toEqual({ ok: false, problem: 'notConnected' });
		expect(told).toBe(1);
		broken = false;
		await reader.connect();
		expect((await reader.measure()).ok).toBe(true);
		stop();
	});
});

describe('three readings and a median', () => {
	it('one bad placing does not pull it', () => {
		const good = { l: 60, a: 8, b: 28 };
		const bad = { l: 75, a: 2, b: 12 };
		expect(medianReading([good, bad, good])).toMatchObject({ lab: good });
		expect(medianReading([good, bad, good])!.apart).toBeGreaterThan(READINGS_APART);
		expect(medianReading([])).toBeUndefined();
	});
	it('three that agree are surer than one', () => {
		const one = medianReading([HAIR])!;
		const three = medianReading([HAIR, { ...HAIR, l: 62.4 }, { ...HAIR, l: 61.7 }])!;
		expect(three.sd).toBeLessThan(one.sd);
		expect(three.level).toBeCloseTo(one.level, 6);
	});
});
