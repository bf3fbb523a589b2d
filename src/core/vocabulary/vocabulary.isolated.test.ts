import { describe, expect, it, vi } from 'vitest';
import type * as Products from './products';
import type * as Placements from './placements';

// Somebody adds a product and a place to the vocabulary, and does nothing else.
vi.mock('./products', async (original) => {
	const real = await original<typeof Products>();
	const PRODUCTS = {
		...real.PRODUCTS,
		chalkPaste: {
			kind: 'lightener',
			persulfate: true,
			strength: 0.7,
			ratio: [1, 2.25],
			chosen: true
		}
	};
	type Product = keyof typeof PRODUCTS;
	return {
		PRODUCTS,
		factsOf: (product: Product) => PRODUCTS[product],
		CHOSEN_PRODUCTS: (Object.keys(PRODUCTS) as Product[]).filter(
			(product) => PRODUCTS[product].chosen
		)
	};
});
vi.mock('./placements', async (original) => {
	const real = await original<typeof Placements>();
	const PLACEMENTS = { ...real.PLACEMENTS, warmTowel: { temperatureC: 32, moisture: 0.95 } };
	return { PLACEMENTS, PLACEMENT_NAMES: Object.keys(PLACEMENTS) };
});

const { liftPlan } = await import('../../schema/records');
const { predictRequest } = await import('../../schema/api');
const { predict } = await import('../../model/api/predict');
const { labelIn, PLACEMENT_OPTIONS, PRODUCT_OPTIONS } = await import('../../wording/words');
const { productWords } = await import('../../wording/bowls');
const { ratioBound, ratioFault } = await import('../mix');
const { volumeCeiling } = await import('../caution');
const { newVisit } = await import('../../model/commands/newVisit');

const paste = 'chalkPaste' as never;
const towel = 'warmTowel' as never;

describe('a product and a place that are added to the vocabulary', () => {
	it('can be written down, chosen and called by a name', () => {
		const { lift } = newVisit('c', { at: new Date('2026-03-02T10:00:00Z'), day: '2026-03-02' });
		const plan = liftPlan.parse({ ...lift, product: paste, placement: towel });
		expect(plan).toMatchObject({ product: 'chalkPaste', placement: 'warmTowel' });
		expect(labelIn(PRODUCT_OPTIONS, paste)).toBe('chalk paste');
		expect(labelIn(PLACEMENT_OPTIONS, towel)).toBe('warm towel');
		expect(productWords(paste, undefined)).toBe('chalk paste');
	});
	it('have the ratio, the ceiling and the strength that the vocabulary gives them', () => {
		expect(ratioBound(paste)).toMatchObject({ min: 1, max: 2.25 });
		expect(ratioFault(paste, 3)).toEqual({ fault: 'runs', nearest: 2.25 });
		expect(volumeCeiling(paste, 'onScalp')).toBe(20);
		const level = (product: string, placement: string) =>
			predict(
				predictRequest.parse({
					hair: { naturalLevel: 4, warmth: 'neutral' },
					stages: [{ product, volume: 20, ratio: 2, minutes: 40, placement }]
				})
			).stages[0]!.level;
		expect(level('chalkPaste', 'foil')).toBeGreaterThan(level('oil', 'foil'));
		expect(level('chalkPaste', 'foil')).toBeLessThan(level('clay', 'foil'));
		expect(level('powder', 'warmTowel')).toBeGreaterThan(level('powder', 'foil'));
	});
});

describe('bounds', () => {
	it('are what records take, at both ends and not one step further', async () => {
		const { BOUNDS } = await import('.');
		const { within } = await import('../../schema/hair');
		for (const [name, bound] of Object.entries(BOUNDS)) {
			const schema = within(bound);
			for (const value of [bound.min, bound.max]) {
				expect(schema.safeParse(value).success, `${name} ${value}`).toBe(true);
			}
			for (const value of [bound.min - bound.step, bound.max + bound.step]) {
				expect(schema.safeParse(value).success, `${name} ${value}`).toBe(false);
			}
		}
	});
});
