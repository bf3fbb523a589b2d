import {
	activeMinutes,
	freshness,
	headFactor,
	moistureOf,
	oxidationLife,
	plainRate,
	wetting,
	type Application,
	type HeadFactors
} from './application';

/**
 * Dose of an application, dimensionless: `I = ∫ k·a dt`, for a mixture that lies undisturbed at constant
 * temperature `k·(τ·(1 - e^(-t/τ)) - τ'·(1 - e^(-t/τ')))` with `1/τ' = 1/τ + 1/5` for the wetting, `τ` the
 * mixture's life times the moisture kept, less what the bowl had lost before it went on.
 */
export function doseOf(application: Application, head: HeadFactors): number {
	return plainDose(application, head.naturalLevel) * headFactor(application, head);
}

/** Dose without texture, reach and personal factor: what wears the hair. */
export function plainDose(application: Application, naturalLevel: number): number {
	if (application.minutes <= 0) return 0;
	return (
		plainRate(application, naturalLevel) *
		freshness(application) *
		activeMinutes(application.minutes, 1 / lifeOf(application))
	);
}

const lifeOf = (application: Application): number =>
	oxidationLife(application) * moistureOf(application);

/** Newton's steps end when the minute moves by less than this, far below what a clock shows. */
const CLOSE_MINUTES = 1e-9;

/**
 * Minutes after which an application has given a dose, or nothing when the mixture is spent before.
 * Newton's method on the closed form; the dose only rises, and bends once, so each step is kept inside
 * what is known to be too short and too long.
 * @param dose ≥ 0
 */
export function minutesForDose(
	application: Application,
	head: HeadFactors,
	dose: number
): number | undefined {
	if (dose <= 0) return 0;
	const life = lifeOf(application);
	const rate =
		plainRate(application, head.naturalLevel) *
		freshness(application) *
		headFactor(application, head);
	const all = rate * activeMinutes(Infinity, 1 / life);
	if (!(dose < all)) return undefined;
	let low = 0;
	let high = Infinity;
	// Without the wetting it would take this long: a start from below.
	let minute = -life * Math.log1p(-dose / (rate * life));
	for (let i = 0; i < 60; i++) {
		const off = rate * activeMinutes(minute, 1 / life) - dose;
		if (off > 0) high = minute;
		else low = minute;
		const slope = rate * Math.exp(-minute / life) * wetting(minute);
		const step = minute - off / slope;
		const next =
			step > low && step < high ? step : Number.isFinite(high) ? (low + high) / 2 : minute + life;
		if (Math.abs(next - minute) < CLOSE_MINUTES) return next;
		minute = next;
	}
	return minute;
}
