import { AREAS } from '../../core/vocabulary';
import { describe, expect, it } from 'vitest';

import { boxOf, drawSections, type PlannedSection } from './foils';
import { HEAD_DRAWINGS } from './views';

const section = (number: number, area: (typeof AREAS)[number], strips = 6): PlannedSection => ({
	number,
	areas: [area],
	strips,
	share: 0.1,
	angle: 'horizontal',
	picking: 'weave'
});

describe('the foil plan', () => {
	it('draws every section once, in an area that its drawing has, with as many partings as foils', () => {
		const drawn = drawSections(AREAS.map((area, i) => section(i + 1, area)));
		expect(drawn.map(({ number }) => number).sort((p, q) => p - q)).toEqual(
			AREAS.map((_, i) => i + 1)
		);
		for (const { drawing, area, lines, label } of drawn) {
			const { areas } = HEAD_DRAWINGS.find(({ name }) => name === drawing)!;
			const { path } = areas.find((one) => one.area === area)!;
			const box = boxOf(path);
			expect(lines).toHaveLength(6);
			for (const { y1, y2 } of lines) {
				expect((y1 + y2) / 2).toBeGreaterThan(box.top);
				expect((y1 + y2) / 2).toBeLessThan(box.bottom);
			}
			expect(label.x).toBeGreaterThan(box.left - 1);
			expect(label.x).toBeLessThan(box.right + 1);
		}
	});
	it('shares an area between its sections from the bottom up, in the order of the work', () => {
		const [one, two] = drawSections([section(1, 'back'), section(2, 'back')]);
		expect(one!.label.y).toBeGreaterThan(two!.label.y);
		const lowest = Math.min(...one!.lines.map(({ y1 }) => y1));
		expect(Math.max(...two!.lines.map(({ y1 }) => y1))).toBeLessThan(lowest);
	});
	it('draws no parting where nothing goes on', () => {
		expect(drawSections([section(1, 'top', 0)])[0]!.lines).toEqual([]);
	});
});
