import { describe, expect, it } from 'vitest';
import { pigmentOnPath } from '../lift';
import { dryVerdict, type DryZone } from './dryVerdict';

const zone = (name: DryZone['name'], level: number, target = 9): DryZone => ({
	name,
	level,
	target,
	fibre: { ...pigmentOnPath(4, 'neutral', level), layers: [] },
	application: { product: 'powder', volume: 20, ratio: 2, minutes: 40, placement: 'foil' }
});
const head = { naturalLevel: 4, texture: 'medium' } as const;

describe('hair that is read again, dry', () => {
	it('is enough where every zone is within a quarter level of its own aim', () => {
		expect(dryVerdict([zone('root', 8.8), zone('lengths', 9.5)], head, 80)).toEqual({
			kind: 'enough'
		});
	});
	it('can take more where it stays in condition, and says what that brings', () => {
		const verdict = dryVerdict([zone('lengths', 7), zone('ends', 9)], head, 90, 'springs');
		expect(verdict).toMatchObject({ kind: 'more', zones: ['lengths'] });
		if (verdict.kind !== 'more') throw new Error();
		expect(verdict.level).toBeGreaterThan(8);
		expect(verdict.condition).toBeLessThan(90);
		expect(verdict.condition).toBeGreaterThanOrEqual(55);
	});
	it('can not where it would be left under 55, where it does not spring back, or gains nothing', () => {
		const lags = [zone('lengths', 7)];
		expect(dryVerdict(lags, head, 58)).toMatchObject({ kind: 'noMore', why: 'condition' });
		for (const stretch of ['slow', 'limp'] as const)
			expect(dryVerdict(lags, head, 95, stretch)).toMatchObject({ why: 'stretch' });
		const still = { ...zone('lengths', 7).application, minutes: 0 };
		expect(dryVerdict([{ ...lags[0]!, application: still }], head, 95)).toMatchObject({
			why: 'gain'
		});
	});
	it('is judged by what is furthest behind, and names all that lags', () => {
		const both = dryVerdict([zone('ends', 8.5), zone('root', 5)], head, 95);
		expect(both).toMatchObject({ zones: ['ends', 'root'] });
		const alone = dryVerdict([zone('root', 5)], head, 95);
		expect(both).toMatchObject({ level: alone.kind === 'more' ? alone.level : -1 });
	});
});
