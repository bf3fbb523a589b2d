import { describe, expect, it } from 'vitest';
import { toneCourse } from './course';
import { previewTone } from './preview';

const RAW = {
	pigment: { eumelanin: 0.3, pheomelanin: 0.7 },
	dye: { orange: 0.1 },
	whiteShare: 0.2
};
const PARTS = [
	{ level: 9, tone: 'V', grams: 20 },
	{ level: 7, tone: 'N', grams: 6 },
	{ clear: true as const, grams: 10 }
];

describe('a toner minute by minute', () => {
	it.each(['normal', 'high'] as const)(
		'is what it would be if it were left so long, %s porosity',
		(porosity) => {
			for (const vehicle of ['demi', 'rapid', 'direct', 'permanent'] as const) {
				const conditions = { vehicle, ratio: 1.5, porosity, condition: 60, doseToday: 9 };
				const course = toneCourse(RAW, PARTS, conditions, 35);
				expect(course).toHaveLength(36);
				for (const { minute, lab, level, warnings } of course) {
					const left = previewTone(RAW, PARTS, { ...conditions, minutes: minute });
					for (const axis of ['l', 'a', 'b'] as const)
						expect(lab[axis]).toBeCloseTo(left.lab[axis], 9);
					expect(level).toBeCloseTo(left.level, 9);
					expect(warnings.map(({ code }) => code)).toEqual(left.warnings.map(({ code }) => code));
				}
			}
		}
	);
	it('of no minutes it tells the hair as it is', () => {
		const [bare, ...more] = toneCourse(RAW, PARTS, { vehicle: 'demi', ratio: 2 }, 0);
		expect(more).toEqual([]);
		expect(bare!.lab).toEqual(previewTone(RAW, [], { vehicle: 'demi', ratio: 2, minutes: 0 }).lab);
	});
});
