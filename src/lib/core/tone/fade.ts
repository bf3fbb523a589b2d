import type { Porosity } from '../hair';
import { DYE_HALF_LIFE, POROSITY, VEHICLES } from './constants';
import { DYE_NAMES, type DyeAmounts, type DyeName } from './dyes';
import type { Vehicle } from './deposit';

/**
 * Dye left after a number of washes. Each dye halves at its own pace, so the hue drifts as it fades.
 * @param washes ≥ 0
 */
export function fadeDyes(
	dyes: DyeAmounts,
	vehicle: Vehicle,
	washes: number,
	porosity: Porosity = 'normal'
): DyeAmounts {
	const halfLife =
		VEHICLES[vehicle].halfLifeWashes * (porosity === 'high' ? POROSITY.porousHalfLife : 1);
	const left: Partial<Record<DyeName, number>> = {};
	for (const name of DYE_NAMES) {
		const amount = dyes[name];
		if (amount) left[name] = amount * Math.pow(0.5, washes / (halfLife * DYE_HALF_LIFE[name]));
	}
	return left;
}
