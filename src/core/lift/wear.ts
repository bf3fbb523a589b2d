import { perLadder } from '../colour';
import { root } from '../numeric';
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
	const heavier = pale ? wornDose(paleDoses(fibre), 0, dose) / dose : 1;
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

/** More dose than any service gives: past it the thresholds do not matter. */
const MOST_DOSE = 24;
const knownDoses = perLadder(() => new WeakMap<Fibre, readonly number[]>());

/**
 * Doses at which a fibre's own pigment, without the dye over it, passes the levels of `WEAR.pale`, rising;
 * infinite where no service gives so much. Points of a zone and applications of different length share
 * their fibre, so they are looked for once.
 */
export function paleDoses(fibre: Fibre): readonly number[] {
	const known = knownDoses();
	let doses = known.get(fibre);
	if (!doses) known.set(fibre, (doses = findPaleDoses(fibre)));
	return doses;
}

function findPaleDoses({ eumelanin, pheomelanin }: Fibre): number[] {
	const bare: Fibre = { eumelanin, pheomelanin, layers: [] };
	return WEAR.pale.map(({ fromLevel }) => {
		const past = (dose: number) => levelOfFibre(lightenFibre(bare, dose)) - fromLevel;
		if (past(0) >= 0) return 0;
		return past(MOST_DOSE) >= 0 ? root(past, 0, MOST_DOSE, 1e-7 * MOST_DOSE) : Infinity;
	});
}
