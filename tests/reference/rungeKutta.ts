import {
	activity,
	headFactor,
	moistureOf,
	plainRate,
	type Application,
	type HeadFactors
} from '../../src/core/lift/application';
import { RESIDUE } from '../../src/core/hair';
import { DYE_LOSS } from '../../src/core/lift/constants';
import { dyeLossRate, type Fibre } from '../../src/core/lift/fibre';
import type { Contact } from '../../src/core/lift/events';
import type { DyeName } from '../../src/core/tone';

/**
 * The equations of the lift as they stand in docs/model.md, by plain fourth-order Runge-Kutta: the slow
 * way that tests and benches hold the closed form against. Not used by the application.
 * @param contacts what lies on the point, in order; lighteners only
 * @param stepMinutes length of a step; stretches are cut into whole steps of at most this
 */
export function integratePoint(
	start: Fibre,
	contacts: readonly Contact[],
	distanceCm: number,
	head: HeadFactors,
	toMinute: number,
	stepMinutes = 0.05
): Fibre {
	const dyes = start.layers.flatMap((layer, l) =>
		Object.entries(layer.dyes).map(([name, amount]) => ({
			layer: l,
			name: name as DyeName,
			amount,
			rate: dyeLossRate(layer, name as DyeName)
		}))
	);
	// State: eumelanin, pheomelanin, then each dye.
	let state: Float64Array = Float64Array.from([
		start.eumelanin,
		start.pheomelanin,
		...dyes.map(({ amount }) => amount)
	]);
	for (const { mixture, stretches } of contacts) {
		const application: Application = { ...mixture, minutes: 0, distanceCm };
		const k = plainRate(application, head.naturalLevel) * headFactor(application, head);
		const moisture = moistureOf(application);
		for (const stretch of stretches) {
			const end = Math.min(toMinute, stretch.toMinute);
			const span = end - stretch.fromMinute;
			if (span <= 0) continue;
			const slope = (t: number, y: Float64Array): Float64Array => {
				const ka =
					k *
					stretch.share *
					activity(
						mixture,
						t - stretch.mixedMinute,
						t - stretch.appliedMinute,
						moisture,
						t - stretches[0]!.fromMinute
					);
				const change = new Float64Array(y.length);
				change[0] = -ka * y[0]!;
				change[1] = RESIDUE.formed * ka * y[0]! - RESIDUE.lost * ka * y[1]!;
				dyes.forEach(({ name, rate }, i) => {
					const lost = rate * ka * y[i + 2]!;
					change[i + 2] = -lost;
					if (name === 'red') change[1]! += DYE_LOSS.redResidue * lost;
				});
				return change;
			};
			const steps = Math.max(1, Math.ceil(span / stepMinutes));
			const h = span / steps;
			for (let i = 0; i < steps; i++)
				state = rungeKutta(slope, stretch.fromMinute + i * h, state, h);
		}
	}
	return {
		eumelanin: state[0]!,
		pheomelanin: state[1]!,
		shows: start.shows,
		layers: start.layers.map((layer, l) => ({
			...layer,
			dyes: Object.fromEntries(
				dyes.flatMap(({ layer: at, name }, i) => (at === l ? [[name, state[i + 2]!]] : []))
			)
		}))
	};
}

function rungeKutta(
	slope: (t: number, y: Float64Array) => Float64Array,
	t: number,
	y: Float64Array,
	h: number
): Float64Array {
	const moved = (change: Float64Array, by: number) => y.map((value, i) => value + by * change[i]!);
	const k1 = slope(t, y);
	const k2 = slope(t + h / 2, moved(k1, h / 2));
	const k3 = slope(t + h / 2, moved(k2, h / 2));
	const k4 = slope(t + h, moved(k3, h));
	return y.map((value, i) => value + (h / 6) * (k1[i]! + 2 * k2[i]! + 2 * k3[i]! + k4[i]!));
}
