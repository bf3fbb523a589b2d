import { TEXTURE_WEAR } from '../hair';
import { peroxidePercent, sparesDye, type Application, type HeadFactors } from './application';
import { MODIFIERS, RATE, WEAR } from './constants';
import { plainDose } from './dose';
import { lightenFibre, levelOfFibre, type Fibre } from './fibre';

/**
 * Log loss of condition from one application, `condition = start·exp(-W)`. It counts double from the
 * moment the point is past level 8.
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
	const strength = Math.pow(peroxidePercent(application) / RATE.referencePercent, WEAR.power);
	const wear =
		WEAR.perDose *
		(WEAR.constant + WEAR.strength * strength) *
		plainDose(application, head.naturalLevel) *
		TEXTURE_WEAR[head.texture] *
		(application.bondAdditive ? MODIFIERS.bondWear : 1);
	const doubled = fibre ? shareOfDosePastLevel(fibre, dose, application) : 0;
	return wear * (1 + doubled) + WEAR.handling;
}

/** Share of a dose, 0-1, given after the fibre has passed the level from which wear doubles. */
function shareOfDosePastLevel(fibre: Fibre, dose: number, application: Application): number {
	if (dose <= 0) return 0;
	const spares = sparesDye(application.product);
	const past = (part: number) =>
		levelOfFibre(lightenFibre(fibre, part, spares)) >= WEAR.doubledFromLevel;
	if (past(0)) return 1;
	if (!past(dose)) return 0;
	let low = 0;
	let high = dose;
	for (let i = 0; i < 24; i++) {
		const middle = (low + high) / 2;
		if (past(middle)) high = middle;
		else low = middle;
	}
	return (dose - high) / dose;
}
