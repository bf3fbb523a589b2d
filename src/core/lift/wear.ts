import { TEXTURE_WEAR } from '../hair';
import { peroxidePercent, sparesDye, type Application, type HeadFactors } from './application';
import { MODIFIERS, RATE, WEAR } from './constants';
import { plainDose } from './dose';
import { lightenFibre, levelOfFibre, type Fibre } from './fibre';

/**
 * Log loss of condition from one application, `condition = start·exp(-W)`. It counts double from the
 * moment the point is past level 8 by lightener.
 * @param fibre the point before the application; left out, the doubling is not counted
 * @param dose the application's dose on this point, to find when level 8 was passed
 */
export function wearOf(
	application: Application,
	head: HeadFactors,
	fibre?: Fibre,
	dose = 0
): number {
	if (application.minutes <= 0) return 0;
	const wear = wearPerDose(application, head) * plainDose(application, head.naturalLevel);
	const doubled = fibre ? shareOfDosePastLevel(fibre, dose, application) : 0;
	return wear * (1 + doubled) + WEAR.handling;
}

/**
 * Log loss of condition per unit of plain dose: `0.022 (0.3 + 0.7 (c/4)^0.62)·texture·additive`, before
 * the doubling past level 8 and without handling.
 */
export function wearPerDose(application: Application, head: HeadFactors): number {
	const strength = Math.pow(peroxidePercent(application) / RATE.referencePercent, WEAR.power);
	return (
		WEAR.perDose *
		(WEAR.constant + WEAR.strength * strength) *
		TEXTURE_WEAR[head.texture] *
		(application.bondAdditive ? MODIFIERS.bondWear : 1)
	);
}

/** Share of a dose of lightener, 0-1, given after the fibre has passed the level from which wear doubles. */
function shareOfDosePastLevel(fibre: Fibre, dose: number, application: Application): number {
	if (dose <= 0 || sparesDye(application.product)) return 0;
	return Math.max(0, dose - doseToDoubling(fibre, dose)) / dose;
}

/** Dose at which a fibre passes the level from which wear doubles; `most` or more when it does not. */
export function doseToDoubling(fibre: Fibre, most: number): number {
	const past = (dose: number) => levelOfFibre(lightenFibre(fibre, dose)) >= WEAR.doubledFromLevel;
	if (past(0)) return 0;
	if (!past(most)) return Infinity;
	let low = 0;
	let high = most;
	for (let i = 0; i < 24; i++) {
		const middle = (low + high) / 2;
		if (past(middle)) high = middle;
		else low = middle;
	}
	return high;
}
