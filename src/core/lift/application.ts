import { factsOf, PLACEMENTS, type Placement, type Product } from '../vocabulary';
import { pureBrown, TEXTURE_SPEED, type Porosity, type Texture, type Warmth } from '../hair';
import type { FormulaPart } from '../tone';
import {
	DEMI_LIFTS_FROM,
	HIGH_LIFT_DEPTH,
	MODIFIERS,
	RATE,
	SCALP,
	SECTION_REACH
} from './constants';

export type { Placement, Product };
export type Section = keyof typeof SECTION_REACH;

/** A second lightener in the bowl: powder for strength, cream for body. */
export interface SecondLightener {
	readonly product: Product;
	/** Its share of the lightener by weight, 0-1. */
	readonly share: number;
}

/** One application of one mixture. */
export interface Application {
	readonly product: Product;
	readonly second?: SecondLightener | undefined;
	/** Developer strength in volumes; vol = % / 0.3. */
	readonly volume: number;
	/** Parts of developer per part of lightener, by weight. */
	readonly ratio: number;
	readonly minutes: number;
	/** Minutes since its bowl was mixed when it goes on; left out, it goes on fresh. */
	readonly bowlAgeMinutes?: number | undefined;
	readonly placement: Placement;
	/** Exactly this temperature (°C) with all moisture kept, in place of the placement's. */
	readonly temperatureC?: number | undefined;
	/** Distance from the scalp (cm); left out: past the heat zone. */
	readonly distanceCm?: number | undefined;
	readonly section?: Section | undefined;
	readonly damp?: boolean | undefined;
	readonly bondAdditive?: boolean | undefined;
	/** What a tint lays down while it lifts; left out, it lifts alone. */
	readonly formula?: readonly FormulaPart[] | undefined;
	/** How readily the hair it goes on takes what a tint lays down. */
	readonly porosity?: Porosity | undefined;
}

/** What of the head changes the speed of a lift. */
export interface HeadFactors {
	readonly naturalLevel: number;
	readonly texture: Texture;
	/** Natural red holds less of what a tint lays down. */
	readonly warmth?: Warmth | undefined;
	/** This client's learned factor on the rate, 1 for typical. */
	readonly personal?: number | undefined;
}

/** Products that act on natural pigment only: tint does not lift tint. */
export const sparesDye = (product: Product): boolean => factsOf(product).kind === 'tint';

/** Peroxide in the bowl, %: `c = 0.3·vol·r/(1+r)`, diluted further on damp hair. */
export const peroxidePercent = ({
	volume,
	ratio,
	damp
}: Pick<Application, 'volume' | 'ratio' | 'damp'>): number =>
	((0.3 * volume * ratio) / (1 + ratio)) * (damp ? MODIFIERS.damp : 1);

/** Temperature of the point, °C: the placement's own, plus the scalp's warmth near it. */
export const temperatureOf = (application: Application): number =>
	temperatureAt(application, application.distanceCm);

/** {@link temperatureOf} at a distance from the scalp, cm; without one, past the heat zone. */
export function temperatureAt(
	{ temperatureC, placement }: Pick<Application, 'temperatureC' | 'placement'>,
	distanceCm: number | undefined
): number {
	if (temperatureC !== undefined) return temperatureC;
	const place = PLACEMENTS[placement].temperatureC;
	if (distanceCm === undefined) return place;
	return place + (SCALP.temperatureC - place) * Math.exp(-distanceCm / SCALP.decayCm);
}

/** Strength of the product on hair of this natural level, against powder. */
export function productStrength(product: Product, naturalLevel: number, volume: number): number {
	const { strength } = factsOf(product);
	if (product === 'alkalineDemi' && volume < DEMI_LIFTS_FROM) return 0;
	if (product !== 'highLift') return strength;
	const { e0, power, leastOfPermanent } = HIGH_LIFT_DEPTH;
	const weakened = strength * Math.min(1, Math.pow(e0 / pureBrown(naturalLevel), power));
	return Math.max(weakened, leastOfPermanent * factsOf('permanent').strength);
}

/** Strength of what is in the bowl: of two lighteners, their mean by weight. */
function bowlStrength({ product, second, volume }: Application, naturalLevel: number): number {
	const strength = productStrength(product, naturalLevel, volume);
	if (!second) return strength;
	const other = productStrength(second.product, naturalLevel, volume);
	return strength + second.share * (other - strength);
}

/** Rate without what only the head and the section add: the part that also wears the hair (1/min). */
export function plainRate(application: Application, naturalLevel: number): number {
	const share = 1 / (1 + application.ratio);
	return (
		RATE.base *
		Math.pow(peroxidePercent(application) / RATE.referencePercent, RATE.peroxidePower) *
		Math.pow(3 * share, RATE.lightenerPower) *
		Math.pow(RATE.per10C, (temperatureOf(application) - RATE.referenceC) / 10) *
		bowlStrength(application, naturalLevel) *
		(application.bondAdditive ? MODIFIERS.bondRate : 1)
	);
}

/** Factor of head and section on the rate: texture, reach and the personal factor. */
export const headFactor = (application: Application, head: HeadFactors): number =>
	TEXTURE_SPEED[head.texture] *
	SECTION_REACH[application.section ?? 'seeThrough'] *
	(head.personal ?? 1);

/** Life of the mixture by oxidation alone, minutes: `54 (c/4)^-0.25`. */
export const oxidationLife = (
	application: Pick<Application, 'volume' | 'ratio' | 'damp'>
): number =>
	RATE.lifeMinutes * Math.pow(peroxidePercent(application) / RATE.referencePercent, RATE.lifePower);

/** What the age of its bowl leaves of a mixture when it goes on, 0-1: `exp(-t_mixed/τ0)`. */
export const freshness = (application: Application): number =>
	application.bowlAgeMinutes
		? Math.exp(-application.bowlAgeMinutes / oxidationLife(application))
		: 1;

/** Moisture kept, 0-1. */
export const moistureOf = (application: Application): number =>
	application.temperatureC !== undefined ? 1 : PLACEMENTS[application.placement].moisture;

/** How far a mixture has reached the cortex since it first touched the hair, 0-1: `1 - exp(-t/5)`. */
export const wetting = (minutesSinceContact: number): number =>
	-Math.expm1(-minutesSinceContact / RATE.wettingMinutes);

/**
 * Activity of a mixture, 0-1: oxidation counts from mixing, drying from application, wetting from the first
 * contact, which a refresh over the same mixture leaves where it was.
 * `exp(-t_mixed/τ0)·exp(-t_applied·(1/moisture - 1)/τ0)·(1 - exp(-t_contact/5))`.
 * @internal
 */
export function activity(
	mixture: Pick<Application, 'volume' | 'ratio' | 'damp'>,
	minutesSinceMixed: number,
	minutesSinceApplied: number,
	moisture: number,
	minutesSinceContact = minutesSinceApplied
): number {
	const life = oxidationLife(mixture);
	const lost = (minutesSinceMixed + minutesSinceApplied * (1 / moisture - 1)) / life;
	return Math.exp(-lost) * wetting(minutesSinceContact);
}

/**
 * Minutes of full activity in a stretch whose activity falls off at a rate and grows with wetting:
 * `∫ exp(-decay·s)·(1 - exp(-(since+s)/5)) ds` over 0…span, in closed form.
 * @param decay 1/min, > 0
 * @param sinceContact minutes since the mixture first touched the hair, when the stretch begins
 */
export function activeMinutes(span: number, decay: number, sinceContact = 0): number {
	const wet = 1 / RATE.wettingMinutes;
	const all = -Math.expm1(-span * decay) / decay;
	const missed = -Math.expm1(-span * (decay + wet)) / (decay + wet);
	return all - Math.exp(-sinceContact * wet) * missed;
}
