import { type StagingProblem } from './problem';
import { oneStrength } from './staging';
import { stageBowls } from './staging';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import type { Fibre } from '../lift';
import { BOWL_LIFE_MINUTES } from '../mix';
import { stageBowlsSteps, type Staging, type WorkSection } from '.';

const natural = (level: number): Fibre => ({ ...naturalPigment(level, 'neutral'), layers: [] });
const sections = (
	count: number,
	minutes: number,
	change: Partial<WorkSection> = {}
): WorkSection[] =>
	Array.from({ length: count }, (_, i) => ({
		id: `section ${i + 1}`,
		grams: 30,
		minutesToApply: minutes,
		placement: 'foil',
		...change
	}));
const problem = (change: Partial<StagingProblem> = {}): StagingProblem => ({
	sections: sections(8, 5),
	fibre: natural(4),
	factors: { naturalLevel: 4, texture: 'medium' },
	product: 'powder',
	ratio: 2,
	stock: [10, 20, 30],
	ceiling: 30,
	rinseMinute: 70,
	...change
});
const staged = (change: Partial<StagingProblem> = {}): Staging => {
	const answer = stageBowls(problem(change));
	if (!answer.ok) throw new Error(answer.problem);
	return answer.staging;
};

describe('staged bowls', () => {
	it('start low and are raised, so that a long application comes out even', () => {
		const { bowls, spread, spreadUnstaged, spreadLow, spreadHigh } = staged();
		expect(bowls.length).toBeGreaterThan(1);
		bowls.slice(1).forEach(({ volume }, i) => {
			expect(volume).toBeGreaterThanOrEqual(bowls[i]!.volume);
		});
		expect(spreadUnstaged).toBeGreaterThan(1);
		expect(spread).toBeLessThan(spreadUnstaged * 0.6);
		expect(spreadLow).toBeLessThan(spreadHigh);
	});
	it('never break a ceiling, never worsen the spread, are never in use past their life', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.record<WorkSection>({
						id: fc.string({ minLength: 1 }),
						grams: fc.integer({ min: 5, max: 80 }),
						minutesToApply: fc.integer({ min: 1, max: 12 }),
						placement: fc.constantFrom('foil', 'foilCovered', 'foilHairline', 'openAir')
					}),
					{ minLength: 1, maxLength: 8 }
				),
				fc.constantFrom(17.5, 20, 25, 30),
				fc.integer({ min: 2, max: 6 }),
				fc.option(fc.double({ min: 6, max: 10, noNaN: true }), { nil: undefined }),
				(drawn, ceiling, level, target) => {
					// Two sections never go by one id.
					const work = drawn.map((one, i) => ({ ...one, id: `${i} ${one.id}` }));
					const total = work.reduce((sum, { minutesToApply }) => sum + minutesToApply, 0);
					const change = {
						sections: work,
						ceiling,
						fibre: natural(level),
						factors: { naturalLevel: level, texture: 'medium' as const },
						rinseMinute: total + 20,
						target
					};
					const answer = staged(change);
					const { bowls, finish } = answer;
					expect(answer.spread).toBeLessThanOrEqual(answer.spreadUnstaged + 1e-9);
					expect(bowls.flatMap((bowl) => bowl.sections)).toEqual(work.map(({ id }) => id));
					for (const bowl of bowls) {
						expect(bowl.volume).toBeLessThanOrEqual(ceiling);
						expect(bowl.volume).toBeGreaterThanOrEqual(10);
						expect(bowl.blend).toBeDefined();
						if (bowl.sections.length > 1) {
							expect(bowl.usedUpMinute - bowl.mixAtMinute).toBeLessThanOrEqual(BOWL_LIFE_MINUTES);
						}
					}
					const levels = finish.map(({ level }) => level);
					expect(Math.max(...levels) - Math.min(...levels)).toBeCloseTo(answer.spread, 6);
					finish.forEach(({ low, high }) => expect(low).toBeLessThanOrEqual(high));
				}
			),
			{ numRuns: 12 }
		);
	});
	it('faster hands never make it less even', () => {
		for (const minutes of [6, 5, 4, 3]) {
			const slow = staged({ sections: sections(8, minutes + 1) });
			const quick = staged({ sections: sections(8, minutes) });
			// The grid of strengths and floors leaves a little play.
			expect(quick.spread).toBeLessThanOrEqual(slow.spread + 0.12);
			expect(quick.spreadUnstaged).toBeLessThan(slow.spreadUnstaged);
		}
	});
	it.each(
		[60, 80, 100, 120].flatMap((minutes) => [4, 5, 6, 7].map((level) => [minutes, level] as const))
	)('keep a head even that takes %s min to put on, on natural %s', (minutes, level) => {
		const { bowls, spread, spreadUnstaged } = staged({
			sections: sections(24, minutes / 24),
			fibre: natural(level),
			factors: { naturalLevel: level, texture: 'medium' },
			rinseMinute: minutes + 25,
			limitMinutes: 50
		});
		expect(spread).toBeLessThan(0.5);
		expect(spread).toBeLessThan(spreadUnstaged * 0.5);
		const strengths = new Set(bowls.map(({ volume }) => volume));
		expect(strengths.size).toBeGreaterThan(1);
		expect(strengths.size).toBeLessThanOrEqual(5);
		expect(bowls.length).toBeGreaterThanOrEqual(minutes / BOWL_LIFE_MINUTES);
		for (const { mixAtMinute, usedUpMinute } of bowls) {
			expect(usedUpMinute - mixAtMinute).toBeLessThanOrEqual(BOWL_LIFE_MINUTES + 1e-9);
		}
	});
	it('are one where another would not be worth its mixing', () => {
		expect(staged({ sections: sections(2, 0.3), rinseMinute: 50 }).bowls).toHaveLength(1);
	});
	it('keep a strength that is settled, and may fall for a fine hairline', () => {
		const work = sections(6, 6);
		work[0] = { ...work[0]!, lockedVolume: 20 };
		const locked = staged({ sections: work });
		expect(locked.bowls[0]!.volume).toBe(20);
		const hairline = sections(6, 6);
		hairline[5] = {
			...hairline[5]!,
			fineHairline: true,
			placement: 'foilHairline',
			fibre: natural(7),
			factors: { naturalLevel: 7, texture: 'fine' }
		};
		const { bowls } = staged({ sections: hairline });
		expect(bowls.at(-1)!.volume).toBeLessThan(bowls.at(-2)!.volume);
	});
	it('rinse a packet first whose time is up', () => {
		const { finish } = staged({ sections: sections(8, 5), rinseMinute: 80 });
		expect(finish[0]).toMatchObject({ wipedFirst: true });
		expect(finish[0]!.rinseMinute).toBeLessThan(80);
		expect(finish.at(-1)).toMatchObject({ wipedFirst: false, rinseMinute: 80 });
	});
	it('say which section stays behind, and what would help, tried on the same head', () => {
		const slow = staged({ sections: sections(8, 10), rinseMinute: 95, target: 9 });
		expect(slow.behind).toBeDefined();
		expect(slow.advice.length).toBeGreaterThan(0);
		expect(slow.advice.map(({ what }) => what)).toContain('secondPair');
		for (const { spread, shortfall } of slow.advice) {
			expect(spread + shortfall).toBeLessThan(slow.spread + slow.shortfall);
		}
		expect(staged().behind === undefined).toBe(staged().advice.length === 0);
	});
	it('can be told with one strength throughout', () => {
		const answer = oneStrength(problem());
		expect(answer.ok && new Set(answer.staging.bowls.map(({ volume }) => volume)).size).toBe(1);
		expect(answer.ok && answer.staging.spread).toBe(staged().spreadUnstaged);
	});
	it('name what stands in the way instead of guessing', () => {
		expect(stageBowls(problem({ sections: [] }))).toMatchObject({ problem: 'noSections' });
		expect(stageBowls(problem({ stock: [] }))).toMatchObject({ problem: 'noStrength' });
		expect(stageBowls(problem({ stock: [5], ceiling: 30 }))).toMatchObject({
			problem: 'noStrength'
		});
		expect(stageBowls(problem({ rinseMinute: 10 }))).toMatchObject({
			problem: 'rinseTooEarly',
			section: 'section 8',
			onAtMinute: 40
		});
	});
	it('name the section whose place takes no strength, also beside one that is settled', () => {
		const work = sections(2, 5);
		work[0] = { ...work[0]!, lockedVolume: 30 };
		work[1] = { ...work[1]!, placement: 'onScalp' };
		const answer = stageBowls(
			problem({ sections: work, ceilings: { onScalp: 5, offScalp: 30, tint: 40, bleachWash: 40 } })
		);
		expect(answer).toMatchObject({ problem: 'noStrength', section: 'section 2', ceiling: 5 });
	});
	it('pour one weighed bowl for its sections wherever they were moved, at its own age', () => {
		const bowl = { bowl: 'main:a', lockedVolume: 20, lockedRatio: 2 };
		const work = sections(8, 5).map((section, i) =>
			i === 0 || i === 4 ? { ...section, ...bowl } : section
		);
		const { bowls, finish } = staged({ sections: work });
		const weighed = bowls.filter(({ id }) => id === 'main:a');
		expect(weighed).toHaveLength(1);
		expect(weighed[0]!.sections).toEqual(['section 1', 'section 5']);
		expect(weighed[0]!.mixAtMinute).toBe(0);
		expect(new Set(bowls.map(({ id }) => id)).size).toBe(bowls.length);
		const others = bowls.filter(({ id }) => id !== 'main:a').flatMap((one) => one.sections);
		expect(others).not.toContain('section 1');
		expect(others).not.toContain('section 5');
		// The same strength fresh from a bowl of its own gets further than the old mixture does.
		const fresh = work.map((section, i) => (i === 4 ? { ...section, bowl: 'main:b' } : section));
		const level = (all: typeof finish) => all.find(({ section }) => section === 'section 5')!.level;
		expect(level(staged({ sections: fresh }).finish)).toBeGreaterThan(level(finish));
	});
	it('report progress while they search', () => {
		const shares = [...stageBowlsSteps(problem())];
		expect(shares.length).toBeGreaterThan(1);
		expect(shares).toEqual([...shares].sort((p, q) => p - q));
	});
});
