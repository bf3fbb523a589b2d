import fc from 'fast-check';
import { expect, it } from 'vitest';
import { naturalPigment } from '../../src/core/hair';
import { integratePoint } from './rungeKutta';
import type { Application } from '../../src/core/lift/application';
import { doseOf } from '../../src/core/lift/dose';
import { contactsAt, type LiftEvent, type Mixture } from '../../src/core/lift/events';
import { levelOfFibre, lightenFibre, type DyeLayer, type Fibre } from '../../src/core/lift/fibre';
import { pointAt } from '../../src/core/lift/point';
import { readyHead } from '../../src/core/lift/prepare';

const head = { naturalLevel: 4, texture: 'medium' } as const;
const layer: DyeLayer = {
	vehicle: 'permanent',
	level: 5,
	layers: 1,
	dyes: { red: 1.4, brown: 0.8 }
};
const start: Fibre = { ...naturalPigment(4, 'golden'), layers: [layer] };

const mixture = fc.record<Mixture>({
	product: fc.constantFrom('powder', 'cream', 'clay'),
	volume: fc.double({ min: 5, max: 40, noNaN: true }),
	ratio: fc.double({ min: 1, max: 3, noNaN: true }),
	placement: fc.constantFrom('foil', 'openAir', 'onScalp', 'film')
});
const minutes = fc.double({ min: 1, max: 90, noNaN: true });

it('the closed form agrees with the equations integrated step by step, old red dye included', () => {
	fc.assert(
		fc.property(mixture, minutes, (mix, length) => {
			const application: Application = { ...mix, minutes: length };
			const closed = lightenFibre(start, doseOf(application, head));
			const contacts = contactsAt([{ kind: 'apply', minute: 0, mixture: mix }], 'back', 60);
			const plain = integratePoint(start, contacts, 60, head, length, 0.1);
			expect(closed.eumelanin).toBeCloseTo(plain.eumelanin, 6);
			expect(closed.pheomelanin).toBeCloseTo(plain.pheomelanin, 6);
			expect(closed.layers[0]!.dyes.red).toBeCloseTo(plain.layers[0]!.dyes.red!, 6);
		}),
		{ numRuns: 30 }
	);
});

it('a service of several bowls, refreshed and wiped, agrees within a thousandth of a level', () => {
	fc.assert(
		fc.property(
			mixture,
			mixture,
			fc.array(fc.double({ min: 0, max: 70, noNaN: true }), { minLength: 4, maxLength: 4 }),
			fc.boolean(),
			fc.double({ min: 0, max: 25, noNaN: true }),
			(one, two, times, acidStop, distanceCm) => {
				const [a, b, c, d] = times.sort((p, q) => p - q) as [number, number, number, number];
				const events: LiftEvent[] = [
					{ kind: 'apply', minute: a, mixture: one, mixedMinute: a - 7 },
					{ kind: 'refresh', minute: b, mixedMinute: b - 3 },
					{ kind: 'wipe', minute: c, acidStop },
					{ kind: 'apply', minute: d, mixture: two },
					{ kind: 'rinse', minute: d + 15 }
				];
				const point = { distanceCm, fibre: start, condition: 100, porosity: 'normal' as const };
				const ready = readyHead([{ name: 'top', whiteShare: 0, points: [point] }], events, head);
				const plain = integratePoint(
					start,
					contactsAt(events, 'top', distanceCm),
					distanceCm,
					head,
					80,
					0.1
				);
				const fast = pointAt(ready.areas[0]!.points[0]!, 80);
				expect(Math.abs(fast.level - levelOfFibre(plain))).toBeLessThan(0.001);
			}
		),
		{ numRuns: 25 }
	);
});
