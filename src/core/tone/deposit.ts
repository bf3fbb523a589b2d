import type { Porosity, Texture } from '../hair';
import { DEPOSIT, POROSITY, VEHICLES } from './constants';

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
	/** Developer strength, volumes; an alkaline demi with 10 or more takes stronger. */
	readonly developerVolume?: number | undefined;
}

/**
 * Share of a formula's dye that stays on the hair, 0-0.95:
 * `factor·(2/(1+r))^0.7·porosity`, at most 0.95, times `1 - exp(-t/τ)`.
 */
export function depositShare(conditions: DepositConditions): number {
	const { vehicle, ratio, minutes, porosity = 'normal' } = conditions;
	const { deposit, tauMinutes } = VEHICLES[vehicle];
	const tau = porosity === 'high' ? tauMinutes / POROSITY.porousSpeed : tauMinutes;
	const parts = vehicle === 'direct' ? 1 : ratio;
	const strong =
		vehicle === 'demi' && (conditions.developerVolume ?? 0) >= DEPOSIT.strongFromVolume
			? DEPOSIT.strongDeveloper
			: 1;
	const full = Math.min(
		POROSITY.mostDeposit,
		deposit * Math.pow(2 / (1 + parts), DEPOSIT.ratioPower) * POROSITY.uptake[porosity] * strong
	);
	const held =
		(conditions.texture === 'coarse' ? DEPOSIT.coarse : 1) *
		(conditions.naturalRed ? DEPOSIT.naturalRed : 1) *
		((conditions.condition ?? 100) < DEPOSIT.holdsHalfBelow ? 0.5 : 1);
	return full * (1 - Math.exp(-minutes / tau)) * held;
}
