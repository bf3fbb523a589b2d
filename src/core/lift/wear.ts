import { bisect } from '../numeric';
import { TEXTURE_WEAR } from '../hair';
import { peroxidePercent, sparesDye, type Application, type HeadFactors } from './application';
import { MODIFIERS, RATE, WEAR } from './constants';
import { plainDose } from './dose';
import { lightenFibre, levelOfFibre, type Fibre } from './fibre';

/**
 * Log loss of condition from one application, `condition = start·exp(-W)`. From the moment lightener has
 * taken the point past level 8 it counts double, past level 10 four and a half times.
 * @param fibre the point before the application; left out, what pale hair pays is not counted
 * @param dose the application's dose on this point, to find when those levels were passed
 */
export function wearOf(
	application: Application,
	head: HeadFactors,
	fibre?: Fibre,
	dose = 0
): number {
	if (application.minutes <= 0) return 0;
	const wear = wearPerDose(application, head) * plainDose(application, head.naturalLevel);
	const pale = fibre && dose > 0 && !sparesDye(application.product);
	const heavier = pale ? wornDose(paleDoses(fibre, dose), 0, dose) / dose : 1;
	return wear * heavier + WEAR.handling;
}

/**
 * Log loss of condition per unit of plain dose: `0.021 (0.3 + 0.7 (c/4)^0.62)·texture·additive`, before
 * what pale hair pays and without handling.
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

/**
 * Dose between two doses, each part times what it wears as the hair grows paler.
 * @param pale doses from which each step of `WEAR.pale` counts, rising
 */
export function wornDose(pale: readonly number[], from: number, to: number): number {
	let before = 1;
	return WEAR.pale.reduce((sum, { times }, i) => {
		const past = Math.max(0, to - pale[i]!) - Math.max(0, from - pale[i]!);
		const more = (times - before) * past;
		before = times;
		return sum + more;
	}, to - from);
}

/**
 * Doses at which a fibre's own pigment, without the dye over it, passes the levels of `WEAR.pale`;
 * infinite where `most` is not enough.
 */
export function paleDoses(fibre: Fibre, most: number): number[] {
	const bare: Fibre = {
		eumelanin: fibre.eumelanin,
		pheomelanin: fibre.pheomelanin,
		layers: []
	};
	return WEAR.pale.map(({ fromLevel }) => {
		const past = (dose: number) => levelOfFibre(lightenFibre(bare, dose)) >= fromLevel;
		if (past(0)) return 0;
		return past(most) ? bisect(past, 0, most, 1e-7 * most) : Infinity;
	});
}
