import { describe, expect, it } from 'vitest';
import { aftercareOf, type HairGoingHome } from './aftercare';

const plain: HairGoingHome = {
	heatHabit: false,
	swims: false,
	undertone: 'yellow',
	rawLevel: 9,
	condition: 90,
	toned: 'demi',
	habit: { washesPerWeek: 2, water: 'soft' },
	onScalp: false
};
const told = (over: Partial<HairGoingHome> = {}) => aftercareOf({ ...plain, ...over });

describe('what a client is told', () => {
	it('is the usual for sound pale hair', () => {
		expect(told()).toEqual(['firstWash', 'mild', 'violet', 'heat', 'swimming', 'call']);
	});
	it.each([
		['calmScalp', { onScalp: true }],
		['fewerWashes', { habit: { washesPerWeek: 4, water: 'soft' } }],
		['directColour', { toned: 'direct' }],
		['heatHabit', { heatHabit: true }],
		['swims', { swims: true }],
		['mask', { condition: 74 }],
		['noHeat', { condition: 54 }],
		['hardWater', { habit: { washesPerWeek: 2, water: 'hard' } }],
		['ironWater', { habit: { washesPerWeek: 2, water: 'iron' } }],
		['copperWater', { habit: { washesPerWeek: 2, water: 'copper' } }]
	] as const)('%s where it matters, and only there', (what, over) => {
		expect(told(over)).toContain(what);
		expect(told()).not.toContain(what);
	});
	it('violet is for yellow that is pale, blue for orange, and violet on orange is told off', () => {
		expect(told({ rawLevel: 8.4 })).not.toContain('violet');
		expect(told({ undertone: 'orange', rawLevel: 7 })).toContain('blue');
		expect(told({ undertone: 'orange', rawLevel: 7 })).not.toContain('violet');
		const violet = { washesPerWeek: 2, violetPerWeek: 1, water: 'soft' } as const;
		expect(told({ undertone: 'orange', rawLevel: 7, habit: violet })).toContain('noViolet');
		expect(told({ habit: violet })).not.toContain('noViolet');
	});
	it('one word on heat, never two, and none against a habit that is not there', () => {
		for (const condition of [100, 74, 54, 20])
			for (const heatHabit of [true, false])
				expect(told({ condition, heatHabit }).filter((each) => /heat/iu.test(each))).toHaveLength(
					1
				);
	});
	it('nobody is told of a tone that is not there', () => {
		expect(told({ toned: undefined, habit: { washesPerWeek: 7, water: 'soft' } })).not.toContain(
			'fewerWashes'
		);
	});
});
