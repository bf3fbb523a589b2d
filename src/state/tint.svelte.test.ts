import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { deltaE } from '../core/colour';
import { labOfFibre } from '../core/lift';
import { addTintShade, chooseTint, weighTintPart } from '../model/commands/tint';
import { dayBowls } from '../model/visit/dayBowls';
import { openVisit } from '../testing/demoVisit';

const ash = { name: '10.8', shadeId: 'kelpline-high-lift-10-8', level: 10, tone: 'B', grams: 20 };
const natural = {
	name: '10.0',
	shadeId: 'kelpline-high-lift-10-0',
	level: 10,
	tone: 'N',
	grams: 40
};
const tint = { lineId: 'kelpline-high-lift', parts: [natural, ash] };

describe('a tint', () => {
	it('lays its tone while it lifts, alike in the figures and on the strand', async () => {
		const { session } = await openVisit('hesper-oake');
		fc.assert(
			fc.property(
				fc.constantFrom('highLift' as const, 'permanent' as const),
				fc.constantFrom(10, 20, 40),
				fc.integer({ min: 10, max: 50 }),
				fc.constantFrom('fine' as const, 'coarse' as const),
				fc.constantFrom(0, 0.4),
				(product, volume, minutes, texture, whiteShare) => {
					session.change(`tint ${Math.random()}`, (draft) => {
						Object.assign(draft.reading, { naturalLevel: 6, texture, whiteShare, regrowthCm: 0.5 });
						Object.assign(draft.lift, { product, volume, minutes, ratio: 2, tint });
					});
					const { head } = session;
					const figure = head.results.at(-1)!;
					const at = head.points.findIndex(({ distanceCm }) => distanceCm > 12);
					// Past the warm centimetres the strand is one.
					expect(deltaE(labOfFibre(head.lifted[at]!), labOfFibre(figure.fibre))).toBeLessThan(0.5);
					expect(head.toneStart.fibre).toEqual(figure.fibre);
					// The lift itself does not change by what is laid over it; what is seen is deeper.
					const lifted = head.lift.level;
					session.change(`bare ${Math.random()}`, (draft) => delete draft.lift.tint);
					expect(head.lift.level).toBeCloseTo(lifted, 9);
					expect(figure.level).toBeLessThan(lifted);
					expect(head.toneStart.fibre.layers).toHaveLength(0);
				}
			),
			{ numRuns: 25, seed: 20261126 }
		);
	});
	it('colours white hair that nothing else of the day would', async () => {
		const { session } = await openVisit('dorrit-vane');
		session.change('tint', (draft) =>
			Object.assign(draft.lift, { product: 'highLift', volume: 20, tint })
		);
		expect(session.head.raw.dyeOnWhite?.blue).toBeGreaterThan(0);
	});
	it('is weighed as its shades, whose grams make up the colour of the bowl', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('staged flat', (draft) => (draft.bowls.staged = false));
		const gramsOf = (kind: string) =>
			dayBowls(session)[0]!
				.parts.filter((part) => part.kind === kind)
				.map(({ amount }) => amount);
		session.change('high-lift', (draft) => (draft.lift.product = 'highLift'));
		const [whole] = gramsOf('lightener');
		session.change('its shade', (draft) => (draft.lift.tint = tint));
		expect(gramsOf('lightener')).toEqual([]);
		const [first, second] = gramsOf('colour') as [number, number];
		expect(first + second).toBeCloseTo(whole!, 6);
		expect(first / second).toBeCloseTo(2, 0);
		// A lightener has no shade, whatever was chosen before.
		session.change('powder', (draft) => (draft.lift.product = 'powder'));
		expect(gramsOf('colour')).toEqual([]);
	});
	it('asks for the shades of its own product alone, and they hold warmth down', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('high-lift', (draft) => (draft.lift.product = 'highLift'));
		expect(session.head.tintLines.map(({ vehicle }) => vehicle)).toEqual(['highLift']);
		session.change('powder', (draft) => (draft.lift.product = 'powder'));
		expect(session.head.tintLine).toBeUndefined();
	});
	it('takes shades by hand, and loses itself with its last', async () => {
		const { session } = await openVisit('hesper-oake');
		const line = session.lines.find(({ id }) => id === 'kelpline-high-lift')!;
		session.change('by hand', ({ lift }) => {
			chooseTint(lift, line, [natural]);
			addTintShade(lift, line, ash.shadeId);
			addTintShade(lift, line, ash.shadeId);
		});
		expect(session.visit.lift.tint!.parts.map(({ name }) => name)).toEqual(['10.0', '10.8']);
		session.change('less', ({ lift }) => weighTintPart(lift, 0, 0));
		expect(session.visit.lift.tint!.parts.map(({ name }) => name)).toEqual(['10.8']);
		session.change('none', ({ lift }) => weighTintPart(lift, 0, 0));
		expect(session.visit.lift.tint).toBeUndefined();
	});
});
