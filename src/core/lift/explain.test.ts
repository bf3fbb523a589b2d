import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import { explainLift, fibreOfReading, type Application, type Fibre, type HeadFactors } from '.';

const natural = (level: number): Fibre => ({ ...naturalPigment(level, 'neutral'), layers: [] });
const plain: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 40,
	placement: 'foil'
};
const head: HeadFactors = { naturalLevel: 5, texture: 'medium' };
const of = (application: Application, by = head, fibre = natural(5)) =>
	explainLift(fibre, natural(5), application, by);

describe('why a lift goes as it goes', () => {
	it('the causes add up to the whole difference, whatever they are', () => {
		fc.assert(
			fc.property(
				fc.record({
					product: fc.constantFrom<Application['product'][]>('powder', 'cream', 'oil', 'highLift'),
					volume: fc.double({ min: 5, max: 40, noNaN: true }),
					ratio: fc.double({ min: 1, max: 3, noNaN: true }),
					minutes: fc.double({ min: 0, max: 60, noNaN: true }),
					placement: fc.constantFrom<Application['placement'][]>('foil', 'openAir', 'onScalp'),
					section: fc.constantFrom<Application['section'][]>('seeThrough', 'medium', 'thick'),
					distanceCm: fc.double({ min: 0, max: 20, noNaN: true }),
					bondAdditive: fc.boolean()
				}),
				fc.double({ min: 0.5, max: 2, noNaN: true }),
				(application, personal) => {
					const {
						plain: from,
						level,
						causes
					} = of(application, { ...head, texture: 'coarse', personal });
					const sum = causes.reduce((total, { levels }) => total + levels, 0);
					expect(from + sum).toBeCloseTo(level, 9);
				}
			)
		);
	});

	it('has nothing to say of the plain case', () => {
		expect(of(plain).causes).toEqual([]);
	});

	it('names a single change by its name and sign', () => {
		const only = (application: Application, by = head) => of(application, by).causes;
		expect(only({ ...plain, volume: 30 })).toMatchObject([{ name: 'volume' }]);
		expect(only({ ...plain, volume: 30 })[0]!.levels).toBeGreaterThan(0);
		expect(only({ ...plain, placement: 'openAir' })[0]).toMatchObject({ name: 'heat' });
		expect(only(plain, { ...head, texture: 'coarse' })[0]!.levels).toBeLessThan(0);
		expect(only(plain, { ...head, personal: 0.8 })).toMatchObject([{ name: 'personal' }]);
	});

	it('gives old colour its share, and puts the largest cause first', () => {
		const coloured = fibreOfReading({
			naturalLevel: 5,
			warmth: 'neutral',
			presentLevel: 3,
			artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers: 2 }]
		});
		const { causes } = of({ ...plain, bondAdditive: true }, head, coloured);
		expect(causes.map(({ name }) => name)).toEqual(['artificial colour', 'additive']);
		expect(causes[0]!.levels).toBeLessThan(-0.5);
	});
});
