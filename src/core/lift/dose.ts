import {
	freshness,
	headFactor,
	moistureOf,
	oxidationLife,
	plainRate,
	type Application,
	type HeadFactors
} from './application';

/**
 * Dose of an application, dimensionless: `I = ∫ k·a dt = k·τ·(1 - exp(-t/τ))` at constant temperature,
 * with `τ` the mixture's life times the moisture kept, less what the bowl had lost before it went on: the
 * closed form of what the events of a strand come to, for one mixture that lies undisturbed.
 */
export function doseOf(application: Application, head: HeadFactors): number {
	return plainDose(application, head.naturalLevel) * headFactor(application, head);
}

/** Dose without texture, reach and personal factor: what wears the hair. */
export function plainDose(application: Application, naturalLevel: number): number {
	if (application.minutes <= 0) return 0;
	const life = oxidationLife(application) * moistureOf(application);
	return (
		plainRate(application, naturalLevel) *
		freshness(application) *
		life *
		-Math.expm1(-application.minutes / life)
	);
}

/**
 * Minutes after which an application has given a dose, or nothing when the mixture is spent before:
 * `t = -τ·ln(1 - I/(k·τ))`.
 * @param dose ≥ 0
 */
export function minutesForDose(
	application: Application,
	head: HeadFactors,
	dose: number
): number | undefined {
	if (dose <= 0) return 0;
	const life = oxidationLife(application) * moistureOf(application);
	const all =
		plainRate(application, head.naturalLevel) *
		freshness(application) *
		headFactor(application, head) *
		life;
	return dose < all ? -life * Math.log1p(-dose / all) : undefined;
}
