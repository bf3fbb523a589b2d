import { describe, expect, it } from 'vitest';
import { apart, ray, WHEEL_SPAN, wheelScale } from './wheel';

describe('the wheel', () => {
	const scale = wheelScale(240);
	it('lies red to the right and yellow up, alike in both directions, and back again', () => {
		const middle = scale.at({ a: 0, b: 0 });
		expect(scale.at({ a: 10, b: 0 }).x).toBeGreaterThan(middle.x);
		expect(scale.at({ a: 0, b: 10 }).y).toBeLessThan(middle.y);
		const dx = scale.at({ a: 10, b: 0 }).x - middle.x;
		expect(middle.y - scale.at({ a: 0, b: 10 }).y).toBeCloseTo(dx, 9);
		const back = scale.under(scale.at({ a: 7, b: 23 }));
		expect(back.a).toBeCloseTo(7, 9);
		expect(back.b).toBeCloseTo(23, 9);
	});
	it('all that hair can be lies on it', () => {
		for (const a of WHEEL_SPAN.a)
			for (const b of WHEEL_SPAN.b) {
				const { x, y } = scale.at({ a, b });
				expect(Math.min(x, y)).toBeGreaterThanOrEqual(-1e-9);
				expect(Math.max(x, y)).toBeLessThanOrEqual(240 + 1e-9);
			}
	});
	it('a pull is drawn in its direction, whatever its size', () => {
		const end = ray({ x: 10, y: 10 }, { x: 13, y: 14 }, 50);
		expect(end.x).toBeCloseTo(40, 9);
		expect(end.y).toBeCloseTo(50, 9);
	});
	it('no name lies on another', () => {
		const names = [
			{ x: 0, y: 10 },
			{ x: 5, y: 12 },
			{ x: 3, y: 14 },
			{ x: 200, y: 13 }
		];
		const laid = apart(names, 13, 42);
		const near = laid.filter(({ x }) => x < 100).map(({ y }) => y);
		expect(near[1]! - near[0]!).toBeGreaterThanOrEqual(13);
		expect(near[2]! - near[1]!).toBeGreaterThanOrEqual(13);
		expect(laid.find(({ x }) => x === 200)!.y).toBe(13);
	});
});
