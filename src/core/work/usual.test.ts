import { rinseMinute } from './rinse';
import { describe, expect, it } from 'vitest';
import { blockMinutes } from './rinse';
import {
	asideStay,
	chairMinutes,
	finishMinutes,
	inOrder,
	lastRinse,
	ordersOf,
	proposeSections,
	tonerMinutes,
	usualFoils,
	usualRinse
} from '.';

describe('drying and showing a head', () => {
	it('takes 35 minutes to 25 cm, half a minute for each further one, and ten to comb out what was teased', () => {
		expect(finishMinutes(12)).toBe(35);
		expect(finishMinutes(25)).toBe(35);
		expect(finishMinutes(45)).toBe(45);
		expect(finishMinutes(45, true)).toBe(55);
	});
});

describe('orders of work', () => {
	const sections = (
		['nape', 'back', 'crown', 'top', 'leftSide', 'rightSide', 'fringe', 'hairline'] as const
	).map(
		(area) =>
			({ id: area, areas: [area], share: 0.125, picking: 'weave', angle: 'horizontal' }) as const
	);
	it.each([
		['napeUp', 'nape', 'hairline'],
		['crownFirst', 'crown', 'hairline'],
		['partingFirst', 'top', 'hairline'],
		['darkestFirst', 'leftSide', 'hairline'],
		['backFirst', 'back', 'hairline'],
		['sidesLast', 'crown', 'hairline']
	] as const)('%s begins with the %s and ends with the %s', (order, first, last) => {
		const level = ({ id }: { id: string }) => (id === 'leftSide' ? 3 : 5);
		const names = inOrder(sections, order, level).map(({ id }) => id);
		expect([names[0], names.at(-1)]).toEqual([first, last]);
		if (order === 'sidesLast')
			expect(names.slice(-3)).toEqual(['leftSide', 'rightSide', 'hairline']);
	});
	it('are those of the technique', () => {
		expect(ordersOf('retouch')).toEqual(['crownFirst', 'partingFirst', 'backFirst', 'sidesLast']);
		expect(ordersOf('foils')).not.toContain('sidesLast');
	});
});

describe('hours of a service', () => {
	it('15 to agree, 2 to mix, the lightening, 15 to rinse, 35 to finish', () => {
		expect(chairMinutes([45])).toBe(15 + 2 + 45 + 15 + 35);
		expect(chairMinutes([20, 45])).toBe(15 + 2 + 20 + 15 + 2 + 45 + 15 + 35);
	});
	it('a toner adds its own minutes, those to work it through, and 5 to rinse', () => {
		expect(chairMinutes([45], { minutes: 20, applyMinutes: 7 })).toBe(112 + 20 + 7 + 5);
		expect(tonerMinutes(30)).toBe(7);
		expect(tonerMinutes(60)).toBe(10);
		expect(tonerMinutes(30, 1.3)).toBe(9);
	});
	it('lowlights stay as long as they still have to lie, and are rinsed apart', () => {
		expect(asideStay({ applyMinutes: 6, minutes: 20 }, 40, 60)).toBe(5);
		expect(asideStay({ applyMinutes: 6, minutes: 35 }, 40, 60)).toBe(6 + 5);
	});
});

describe('rinsing', () => {
	it('work over 25 minutes is rinsed back first', () => {
		expect([25, 25.1].map(usualRinse)).toEqual(['together', 'backFirst']);
	});
	it('the planned minutes count from the middle of the work, within the limit; the last lies 5 at least', () => {
		expect(rinseMinute(20, 30, 50)).toBe(40);
		expect(rinseMinute(20, 45, 50)).toBe(50);
		expect(rinseMinute(60, 30, 50)).toBe(65);
	});
	it('back first: the second half while the first is rinsed', () => {
		expect(blockMinutes([10, 10, 10, 10], 40, 50)).toEqual([50, 50, 70, 70]);
		expect(lastRinse([10, 10, 10, 10], 40, 50, 'backFirst')).toBe(70);
	});
	it('in blocks: each is rinsed together, in the order in which they went on, as ripe as it may be', () => {
		const quarters = blockMinutes([10, 10, 10, 10], 40, 50, 4);
		expect(quarters).toEqual([45, 55, 65, 75]);
		// Whoever would wait at the basin past the limit is let out by those before.
		const quick = blockMinutes([2, 2, 2, 2], 48, 50, 4);
		quick.forEach((minute, i) => expect(minute - 2 * i).toBeLessThanOrEqual(50));
		expect(new Set(quick).size).toBe(4);
		// More blocks than sections are as many as there are sections; none is rinsed before all is on.
		expect(new Set(blockMinutes([30, 30], 20, 50, 4)).size).toBe(2);
		expect(Math.min(...blockMinutes([30, 30], 20, 50, 4))).toBeGreaterThanOrEqual(60);
	});
	it('each packet when it is ready', () => {
		expect(lastRinse([10, 10], 40, 50, 'eachReady')).toBe(60);
	});
});

describe('sections and foils', () => {
	it('areas that take over 7 minutes are proposed in halves', () => {
		const count = (minutes: number) =>
			proposeSections({ technique: 'foils', foils: 40, minutes, picking: 'weave' }).length;
		// The back is a fifth of the hair.
		expect([34.9, 35.1].map(count)).toEqual([8, 9]);
	});
	it('a full head of medium hair takes about 56 foils', () => {
		expect(usualFoils(1, 'medium', 'weave', 'medium')).toBe(56);
		expect(usualFoils(0.4, 'medium', 'weave', 'medium')).toBe(32);
		expect(usualFoils(1, 'high', 'weave', 'medium')).toBe(67);
		expect(usualFoils(1, 'low', 'weave', 'medium')).toBe(48);
		expect(usualFoils(1, 'medium', 'babylight', 'medium')).toBe(64);
		expect(usualFoils(1, 'medium', 'teased', 'medium')).toBe(50);
		expect(usualFoils(1, 'medium', 'slice', 'medium')).toBe(56);
		expect(usualFoils(1, 'medium', 'weave', 'seeThrough')).toBe(90);
		expect(usualFoils(1, 'medium', 'weave', 'thick')).toBe(39);
	});
});
