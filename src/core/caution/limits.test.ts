import { describe, expect, it } from 'vitest';
import { dayAfter } from '../../model/time';
import { quietFacts } from '../../testing/quietFacts';
import { BOUNDS } from '../vocabulary';
import { checkCautions, patchStanding, strandStanding, USUAL_CEILINGS, type Facts } from '.';
import { CAUTION_LIMITS } from './limits';

/** As quiet, with a strength that is quiet everywhere. */
const quiet: Facts = { ...quietFacts, strandTest: { standing: 'clean' }, volume: 10 };

/** Cautions that speak on one side of a limit, with the last value that is still quiet. */
const EDGES: readonly {
	readonly code: string;
	readonly at: (value: number) => Partial<Facts>;
	readonly quietAt: number;
	/** One step to the side on which it speaks. */
	readonly step: number;
}[] = [
	{
		code: 'onScalpStrength',
		at: (volume) => ({ volume, onScalp: true, placement: 'onScalp' }),
		quietAt: USUAL_CEILINGS.onScalp,
		step: BOUNDS.volume.step
	},
	{
		code: 'overCeiling',
		at: (volume) => ({ volume }),
		quietAt: USUAL_CEILINGS.offScalp,
		step: BOUNDS.volume.step
	},
	{
		code: 'overCeiling',
		at: (volume) => ({ volume, ceilings: { ...USUAL_CEILINGS, tint: 25 }, product: 'highLift' }),
		quietAt: 25,
		step: BOUNDS.volume.step
	},
	{
		code: 'overCeiling',
		at: (volume) => ({
			volume,
			ceilings: { ...USUAL_CEILINGS, bleachWash: 25 },
			product: 'bleachWash'
		}),
		quietAt: 25,
		step: BOUNDS.volume.step
	},
	{ code: 'overTime', at: (minutes) => ({ minutes }), quietAt: 50, step: 1 },
	{
		code: 'conditionStop',
		at: (conditionAfter) => ({ conditionAfter }),
		quietAt: CAUTION_LIMITS.stopCondition,
		step: -0.1
	},
	{
		code: 'conditionFragile',
		at: (conditionAfter) => ({ conditionAfter }),
		quietAt: CAUTION_LIMITS.leastCondition,
		step: -0.1
	},
	{
		code: 'cutEnds',
		at: (coveredEndsCondition) => ({ coveredEndsCondition }),
		quietAt: CAUTION_LIMITS.leastCondition,
		step: -0.1
	},
	{
		code: 'overlap',
		at: (volume) => ({ overlapVolume: volume }),
		quietAt: CAUTION_LIMITS.overlapVolume,
		step: BOUNDS.volume.step
	},
	{
		code: 'freshRelaxer',
		at: (relaxerWeeksAgo) => ({ relaxerWeeksAgo }),
		quietAt: CAUTION_LIMITS.relaxerWeeks,
		step: -0.1
	},
	{ code: 'band', at: (retouchCm) => ({ retouchCm }), quietAt: 2.5, step: 0.1 },
	{
		code: 'hotRoots',
		at: (hotRootLevels) => ({ hotRootLevels }),
		quietAt: CAUTION_LIMITS.hotRootLevels,
		step: 0.01
	},
	{
		code: 'tonerStrength',
		at: (tonerVolume) => ({ tonerVolume }),
		quietAt: CAUTION_LIMITS.tonerVolume - BOUNDS.volume.step,
		step: BOUNDS.volume.step
	}
];
const speaks = (facts: Partial<Facts>, code: string) =>
	checkCautions({ ...quiet, ...facts }).some((caution) => caution.code === code);

describe('a caution', () => {
	it.each(EDGES)(
		'$code is quiet at $quietAt and speaks one step on',
		({ code, at, quietAt, step }) => {
			expect(speaks(at(quietAt - step), code)).toBe(false);
			expect(speaks(at(quietAt), code)).toBe(false);
			expect(speaks(at(quietAt + step), code)).toBe(true);
		}
	);
	it('goes by the usual practice of the trade', () => {
		expect(CAUTION_LIMITS).toEqual({
			patchHours: 48,
			patchMonths: 6,
			strandMonths: 6,
			onScalpVolume: 20,
			offScalpVolume: 30,
			highLiftVolume: 40,
			bleachWashVolume: 40,
			overlapVolume: 10,
			relaxerWeeks: 4,
			stopCondition: 40,
			leastCondition: 55,
			oldColourMoves: 0.5,
			hotRootLevels: 0.4,
			tonerVolume: 20
		});
	});
});

describe('a test', () => {
	const TODAY = '2026-03-02';
	const patched = (daysAgo: number) =>
		patchStanding([{ date: dayAfter(TODAY, -daysAgo), reacted: false }], TODAY).standing;
	const tried = (daysAgo: number) =>
		strandStanding([{ date: dayAfter(TODAY, -daysAgo), result: 'clean' }], [], TODAY).standing;
	it('on the skin can be read on the second day, and holds half a year', () => {
		expect([0, 1, 2, 182, 183].map(patched)).toEqual([
			'waiting',
			'waiting',
			'valid',
			'valid',
			'due'
		]);
	});
	it('of a strand holds half a year', () => {
		expect([0, 182, 183].map(tried)).toEqual(['clean', 'clean', 'due']);
	});
});
