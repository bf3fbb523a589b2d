import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import { fibreOfReading, misread, type Application, type AreaName, type Fibre } from '../lift';
import { scaleDyes } from '../tone';
import { surpriseOf } from '.';
import { expectedOf, type LevelLook } from './look';

const natural: Fibre = { ...naturalPigment(4, 'neutral'), layers: [] };
const coloured = fibreOfReading({
	naturalLevel: 5,
	warmth: 'neutral',
	presentLevel: 4,
	artificial: [{ kind: 'permanent', level: 4, tone: 'N', layers: 2 }]
});
const lightener: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 30,
	placement: 'foil',
	distanceCm: 8
};
/** What the truth was otherwise in. */
interface Truth {
	readonly rate?: (look: LevelLook) => number;
	readonly look?: (look: LevelLook) => LevelLook;
}
function seenWith(
	looks: readonly Omit<LevelLook, 'seen' | 'factors' | 'condition' | 'minutes'>[],
	truth: Truth
) {
	return surpriseOf(
		looks.map((each) => {
			const look: LevelLook = {
				...each,
				seen: 0,
				minutes: each.applications[0]!.minutes,
				factors: { naturalLevel: 4, texture: 'medium' },
				condition: 100
			};
			const seen = expectedOf(truth.look?.(look) ?? look, truth.rate?.(look) ?? 1);
			return { look: { ...look, seen }, personal: 1 };
		})
	)!;
}
const withDye = (fibre: Fibre, factor: number): Fibre => ({
	...fibre,
	layers: fibre.layers.map((layer) => ({ ...layer, dyes: scaleDyes(layer.dyes, factor) }))
});
const AREAS: readonly AreaName[] = ['nape', 'back', 'crown', 'top'];
/** Looks over four areas, early and late, at the scalp and far from it, from fresh bowls and old ones. */
const everywhere = AREAS.flatMap((area, i) =>
	[12, 25, 40].flatMap((minutes) =>
		[1, 8].map((distanceCm) => ({
			area,
			fibre: natural,
			applications: [{ ...lightener, minutes, distanceCm, bowlAgeMinutes: i % 2 ? 25 : 2 }]
		}))
	)
);

describe('why a head went otherwise than expected', () => {
	it('is asked of nobody where nobody looked, and nothing surprises where all came as expected', () => {
		expect(surpriseOf([])).toBeUndefined();
		const { nothing, gap, causes } = seenWith(everywhere, {});
		expect(nothing).toBeGreaterThan(0.7);
		expect(gap).toBeCloseTo(0, 9);
		expect(causes.reduce((sum, { likely }) => sum + likely, nothing)).toBeCloseTo(1, 9);
	});
	it('is the head where all of it lags alike', () => {
		const { causes, gap } = seenWith(everywhere, { rate: () => 0.65 });
		expect(gap).toBeLessThan(-0.3);
		expect(causes[0]!.cause).toBe('head');
		expect(causes[0]!.size).toBeGreaterThan(0.6);
		expect(causes[0]!.size).toBeLessThan(0.8);
	});
	it('is the warmth of the scalp where only the first centimetres run ahead', () => {
		const { causes } = seenWith(everywhere, {
			rate: ({ applications: [one] }) => (one!.distanceCm! < 2.5 ? 1.6 : 1)
		});
		expect(causes[0]).toMatchObject({ cause: 'heat' });
		expect(causes[0]!.size).toBeGreaterThan(2);
	});
	it('is a place, and says which, where one area alone lags', () => {
		const { causes } = seenWith(everywhere, { rate: ({ area }) => (area === 'crown' ? 0.55 : 1) });
		expect(causes[0]).toMatchObject({ cause: 'thickness', area: 'crown' });
		expect(causes[0]!.size).toBeLessThan(0.9);
	});
	it('is the age of the bowl where what came from old ones lags', () => {
		const { causes } = seenWith(everywhere, {
			look: (look) => ({
				...look,
				applications: look.applications.map((one) => ({
					...one,
					bowlAgeMinutes: one.bowlAgeMinutes! * 4
				}))
			})
		});
		expect(causes[0]!.cause).toBe('bowlAge');
		expect(causes[0]!.size).toBeGreaterThan(1.5);
	});
	it('is the reading where it was off from the first minutes on, and least at the end', () => {
		const early = [1, 2, 3, 4, 6, 8].map((minutes) => ({
			fibre: natural,
			applications: [{ ...lightener, minutes }]
		}));
		const { causes } = seenWith(early, {
			look: (look) => ({ ...look, fibre: misread(look.fibre, -0.9) })
		});
		expect(causes[0]!.cause).toBe('reading');
		expect(causes[0]!.size).toBeLessThan(-0.3);
	});
	it('is old colour where that alone lags, and never where there is none', () => {
		const both = [20, 35, 50].flatMap((minutes) =>
			[natural, coloured].map((fibre) => ({
				fibre,
				applications: [lightener, { ...lightener, volume: 30, minutes }]
			}))
		);
		const { causes } = seenWith(both, {
			look: (look) => ({ ...look, fibre: withDye(look.fibre, 3) })
		});
		expect(causes[0]!.cause).toBe('oldColour');
		expect(causes[0]!.size).toBeGreaterThan(1.2);
		expect(seenWith(everywhere, {}).causes.map(({ cause }) => cause)).not.toContain('oldColour');
	});
});
