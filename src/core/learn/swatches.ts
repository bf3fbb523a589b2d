import { deltaE, type Lab } from '../colour';
import { goldenSection } from '../numeric';
import { previewTone, type DepositConditions, type RawHair, type Shade } from '../tone';
import { SWATCHES } from './constants';

/**
 * How strong a shade really is: the intensity (1 standard) with which the model comes nearest to a
 * swatch that was toned and measured. Golden section on its logarithm.
 * @param measured the swatch after toning
 * @returns intensity within 0.1-4, and the ΔE00 that is left
 */
export function intensityOfSwatch(
	shade: Shade,
	on: RawHair,
	conditions: DepositConditions,
	measured: Lab
): { readonly intensity: number; readonly deltaE: number } {
	const { least, most } = SWATCHES.intensity;
	const at = (log: number) => {
		const parts = [{ ...shade, intensity: Math.exp(log), grams: 1 }];
		return deltaE(previewTone(on, parts, conditions).lab, measured);
	};
	// A coarse scan first: on dark hair the distance is nearly flat and a plain section could slip away.
	const steps = 16;
	const grid = Array.from(
		{ length: steps + 1 },
		(_, i) => Math.log(least) + (i / steps) * Math.log(most / least)
	);
	const best = grid.reduce((p, q) => (at(q) < at(p) ? q : p));
	const width = Math.log(most / least) / steps;
	const log = goldenSection(
		at,
		Math.max(Math.log(least), best - width),
		Math.min(Math.log(most), best + width)
	);
	return { intensity: Math.exp(log), deltaE: at(log) };
}
