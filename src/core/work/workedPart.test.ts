import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AREAS, WORKED_PARTS } from '../vocabulary';
import { AREA_SHARE } from '../mix';
import { partShare, partSpan, partStartsAtMm, proposeSections, usualPart } from '.';

const ofHead = (part: Parameters<typeof partShare>[0]) =>
	AREAS.reduce((sum, area) => sum + AREA_SHARE[area] * partShare(part, area), 0);
const areasOf = (name: (typeof WORKED_PARTS)[number]) =>
	AREAS.filter((area) => partShare(usualPart(name), area) > 0);

describe('a part of the head', () => {
	it('takes the areas that its name says, with its usual edges', () => {
		expect(areasOf('top')).toEqual(['crown', 'top', 'leftSide', 'rightSide', 'fringe', 'hairline']);
		expect(areasOf('faceFrame')).toEqual(['leftSide', 'rightSide', 'fringe', 'hairline']);
		expect(areasOf('moneyPiece')).toEqual(['leftSide', 'rightSide', 'fringe', 'hairline']);
		// The hairline covers a panel's edge.
		expect(areasOf('panel')).toEqual(['nape', 'back']);
		expect(areasOf('underlight')).toEqual(['nape', 'back', 'leftSide', 'rightSide']);
		expect(areasOf('tips')).toEqual([...AREAS]);
	});
	it('is larger the further apart its edges lie, and never more than the head', () => {
		const edge = fc.integer({ min: 0, max: 28 });
		fc.assert(
			fc.property(fc.constantFrom(...WORKED_PARTS), edge, edge, edge, (name, a, b, more) => {
				const [fromCm, toCm] = [Math.min(a, b), Math.max(a, b)];
				const narrow = ofHead({ name, fromCm, toCm });
				const wide = ofHead({ name, fromCm, toCm: toCm + more });
				expect(narrow).toBeGreaterThanOrEqual(0);
				expect(wide).toBeGreaterThanOrEqual(narrow - 1e-9);
				expect(wide).toBeLessThanOrEqual(1 + 1e-9);
			})
		);
		expect(ofHead(undefined)).toBeCloseTo(1, 9);
	});
	it('takes the stretch of an area that its edges cut', () => {
		// The back lies 9 to 20 cm under the parting, the nape 20 to 28.
		expect(partSpan(usualPart('panel'), 'back')).toEqual([9 / 11, 1]);
		expect(partSpan(usualPart('panel'), 'nape')).toEqual([0, 0.5]);
		expect(partShare(usualPart('panel'), 'nape')).toBeCloseTo(0.5, 9);
		expect(partShare(usualPart('moneyPiece'), 'hairline')).toBeCloseTo(0.5, 9);
	});
	it('is sectioned alone, by its part of the hair', () => {
		const head = { technique: 'foils', foils: 60, minutes: 60, picking: 'weave' } as const;
		const sections = proposeSections({ ...head, part: usualPart('panel') });
		expect(new Set(sections.flatMap(({ areas }) => areas))).toEqual(new Set(['back', 'nape']));
		expect(sections.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(
			ofHead(usualPart('panel')),
			9
		);
	});
	it('of the tips begins so far down', () => {
		expect(partStartsAtMm(usualPart('tips'), 30)).toBe(250);
		expect(partStartsAtMm(usualPart('tips'), 4)).toBe(0);
		expect(partStartsAtMm(usualPart('panel'), 30)).toBe(0);
	});
});
