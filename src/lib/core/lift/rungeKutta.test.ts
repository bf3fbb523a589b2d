import fc from 'fast-check';
import { expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import { moistureOf, oxidationLife, plainRate, headFactor, type Application } from './application';
import { doseOf } from './dose';
import { lightenFibre, type DyeLayer, type Fibre } from './fibre';

/** The equations of the lift, as they stand, by plain fourth-order Runge-Kutta. */
function integrate(start: Fibre, application: Application, stepMinutes: number) {
	const head = { naturalLevel: 4, texture: 'medium' } as const;
	const k = plainRate(application, 4) * headFactor(application, head);
	const life = oxidationLife(application) * moistureOf(application);
	const red = start.layers[0]?.dyes.red ?? 0;
	// State: eumelanin, pheomelanin, red permanent dye of one layer.
	const slope = (t: number, [e, p, d]: readonly number[]) => {
		const ka = k * Math.exp(-t / life);
		const lost = 0.45 * 0.7 * ka * d!;
		return [-ka * e!, 0.48 * ka * e! - 0.265 * ka * p! + 0.2 * lost, -lost];
	};
	const add = (state: readonly number[], change: readonly number[], by: number) =>
		state.map((value, i) => value + change[i]! * by);
	let state: readonly number[] = [start.eumelanin, start.pheomelanin, red];
	const steps = Math.round(application.minutes / stepMinutes);
	for (let i = 0; i < steps; i++) {
		const h = application.minutes / steps;
		const t = i * h;
		const k1 = slope(t, state);
		const k2 = slope(t + h / 2, add(state, k1, h / 2));
		const k3 = slope(t + h / 2, add(state, k2, h / 2));
		const k4 = slope(t + h, add(state, k3, h));
		state = state.map((value, j) => value + (h / 6) * (k1[j]! + 2 * k2[j]! + 2 * k3[j]! + k4[j]!));
	}
	return state;
}

it('the closed form agrees with the equations integrated step by step, old red dye included', () => {
	const layer: DyeLayer = { vehicle: 'permanent', level: 5, layers: 1, dyes: { red: 1.4 } };
	fc.assert(
		fc.property(
			fc.double({ min: 5, max: 40, noNaN: true }),
			fc.double({ min: 1, max: 3, noNaN: true }),
			fc.double({ min: 1, max: 90, noNaN: true }),
			fc.constantFrom<Application['placement'][]>('foil', 'openAir', 'onScalp', 'film'),
			(volume, ratio, minutes, placement) => {
				const application: Application = { product: 'cream', volume, ratio, minutes, placement };
				const start: Fibre = { ...naturalPigment(4, 'golden'), layers: [layer] };
				const head = { naturalLevel: 4, texture: 'medium' } as const;
				const closed = lightenFibre(start, doseOf(application, head));
				const [e, p, d] = integrate(start, application, 0.05) as [number, number, number];
				expect(closed.eumelanin).toBeCloseTo(e, 6);
				expect(closed.pheomelanin).toBeCloseTo(p, 6);
				expect(closed.layers[0]!.dyes.red).toBeCloseTo(d, 6);
			}
		),
		{ numRuns: 30 }
	);
});
