import type { Porosity, Texture } from '../hair';
import { DAMP, DEPOSIT, POROSITY, VEHICLES } from './constants';

/** What carries the dye: it sets how much is left, how fast, and how long it lasts. */
export type Vehicle = keyof typeof VEHICLES;

/** What the deposit depends on beside the formula. */
export interface DepositConditions {
	readonly vehicle: Vehicle;
	/** Parts of developer per part of colour; 1 for direct colour, which has none. */
	readonly ratio: number;
	readonly minutes: number;
	readonly porosity?: Porosity | undefined;
	readonly texture?: Texture | undefined;
	readonly naturalRed?: boolean | undefined;
	/** Condition index 0-100; hair below the stop band holds half. */
	readonly condition?: number | undefined;
	/** Dose of lightener that the hair has had today, ≥ 0; from 8 on it holds less, from 12 on half. */
	readonly doseToday?: number | undefined;
	/** Developer strength, volumes; an alkaline demi with 10 or more takes stronger. */
	readonly developerVolume?: number | undefined;
	/** Put on damp hair, whose water thins it. */
	readonly damp?: boolean | undefined;
}

/** Shares of a formula's dye that stay on the hair, each 0-0.95. */
export interface DepositShares {
	readonly tone: number;
	/** Of the brown base, which settles deeper. */
	readonly brown: number;
}

/** Share of what stays in the end that has gone in by a minute, 0-1; everything else of a deposit is as it was. */
export function takenUp({
	vehicle,
	minutes,
	porosity
}: Pick<DepositConditions, 'vehicle' | 'minutes' | 'porosity'>): number {
	const { tauMinutes } = VEHICLES[vehicle];
	const tau = porosity === 'high' ? tauMinutes / POROSITY.porousSpeed : tauMinutes;
	return -Math.expm1(-minutes / tau);
}

/**
 * What of a formula stays on hair, of its tones and of its brown base:
 * `factor·(2/(1+r))^0.7·porosity`, that of the base 1.75 times as much, each at most 0.95; times
 * `1 - 0.35·E/(E + 1)`, for unlightened hair takes less, times `1 - exp(-t/τ)` and what hair holds.
 * @param eumelanin the hair's own, ≥ 0; 0 for white hair
 */
export function depositShares(conditions: DepositConditions, eumelanin = 0): DepositShares {
	const { vehicle, ratio, porosity = 'normal' } = conditions;
	const { deposit } = VEHICLES[vehicle];
	const parts = vehicle === 'direct' ? 1 : ratio;
	const strong =
		vehicle === 'demi' && (conditions.developerVolume ?? 0) >= DEPOSIT.strongFromVolume
			? DEPOSIT.strongDeveloper
			: 1;
	const share = (2 / (1 + parts)) * (conditions.damp ? DAMP.strength : 1);
	const full = deposit * Math.pow(share, DEPOSIT.ratioPower) * POROSITY.uptake[porosity] * strong;
	const kept =
		(1 - (DEPOSIT.unlightened * eumelanin) / (eumelanin + 1)) *
		takenUp(conditions) *
		(conditions.texture === 'coarse' ? DEPOSIT.coarse : 1) *
		(conditions.naturalRed ? DEPOSIT.naturalRed : 1) *
		holds(conditions);
	const capped = (share: number) => Math.min(POROSITY.mostDeposit, share) * kept;
	return { tone: capped(full), brown: capped(full * DEPOSIT.brownAgainstTone) };
}

/** What hair holds of a toner, 0.5-1: less past what it bears, or after too much in one day. */
export function holds({
	condition = 100,
	doseToday = 0
}: Pick<DepositConditions, 'condition' | 'doseToday'>): number {
	if (condition < DEPOSIT.spentBelowCondition) return DEPOSIT.spentHolds;
	const { from, to } = DEPOSIT.spentDose;
	const spent = Math.min(1, Math.max(0, (doseToday - from) / (to - from)));
	return 1 - spent * (1 - DEPOSIT.spentHolds);
}

/** From what asks least of the hair to what asks most: no developer, an acid one, a weak one, ammonia. */
const SOFTEST_FIRST: readonly Vehicle[] = [
	'direct',
	'gloss',
	'rapid',
	'demi',
	'permanent',
	'highLift'
];

/** Place of a vehicle among all of them, 0 for what asks least of the hair. */
export const harshness = (vehicle: Vehicle): number => SOFTEST_FIRST.indexOf(vehicle);

/** The customary minutes of a vehicle. */
export const usualMinutes = (vehicle: Vehicle): number => VEHICLES[vehicle].fullMinutes;
