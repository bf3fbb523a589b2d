import { describe, expect, it } from 'vitest';
import type { MixedBowl } from '../../schema/records';
import { furtherTargets, weighedGrams } from './weighed';

const bowl = (
	kind: MixedBowl['kind'],
	grams: number,
	more: Partial<MixedBowl> = {}
): MixedBowl => ({
	id: `bowl ${kind} ${grams}`,
	kind,
	number: 1,
	at: '2026-03-02T10:00:00.000Z',
	volume: 20,
	ratio: 2,
	sections: [],
	parts: [
		{ key: 'a', name: 'a', grams: grams / 3, target: 10 },
		{ key: 'b', name: 'b', grams: (2 * grams) / 3, target: 20 }
	],
	done: true,
	...more
});

describe('what was weighed', () => {
	const mixed = [
		bowl('lightener', 60),
		bowl('toner', 45),
		bowl('lightener', 30, { step: 'again' }),
		bowl('lightener', 12, {
			parts: [
				{ key: 'a', name: 'a', grams: 12, target: 12 },
				{ key: 'additive', name: 'drops', grams: 8, target: 8 }
			]
		})
	];
	it('is told by kind of bowl, and drops are no grams', () => {
		expect(weighedGrams({ bowls: { mixed } }, 'lightener')).toBeCloseTo(102, 9);
		expect(weighedGrams({ bowls: { mixed } }, 'toner')).toBeCloseTo(45, 9);
		expect(weighedGrams({ bowls: { mixed: [] } }, 'lightener')).toBe(0);
	});
	it('for further applications is held to what was planned then', () => {
		expect(furtherTargets({ bowls: { mixed } as never })).toBe(30);
	});
});
