import { levelOf, type Lab } from '../colour';
import type { Porosity } from '../hair';
import { DYE_HALF_LIFE, MAINTENANCE, POROSITY, VEHICLES } from './constants';
import { addDyes, DYE_NAMES, type DyeAmounts, type DyeName } from './dyes';
import { previewTone, rawLab, type RawHair } from './preview';
import type { DepositConditions, Vehicle } from './deposit';
import type { FormulaPart } from './formula';

/**
 * Dye left after a number of washes. Each dye halves at its own pace, so the hue drifts as it fades.
 * @param washes ≥ 0
 */
export function fadeDyes(
	dyes: DyeAmounts,
	vehicle: Vehicle,
	washes: number,
	porosity: Porosity = 'normal'
): DyeAmounts {
	const halfLife =
		VEHICLES[vehicle].halfLifeWashes * (porosity === 'high' ? POROSITY.porousHalfLife : 1);
	const left: Partial<Record<DyeName, number>> = {};
	for (const name of DYE_NAMES) {
		const amount = dyes[name];
		if (amount) left[name] = amount * Math.pow(0.5, washes / (halfLife * DYE_HALF_LIFE[name]));
	}
	return left;
}

/** How the client lives with a toner. */
export interface WashHabit {
	readonly washesPerWeek: number;
	/** Uses of a violet maintenance shampoo a week; none unless said. */
	readonly violetPerWeek?: number | undefined;
}

/** A toned head some weeks on. */
export interface FadedWeek {
	readonly week: number;
	readonly lab: Lab;
	readonly level: number;
	/** Share of the toner's dye that is left, 0-1. */
	readonly left: number;
}

const total = (dyes: DyeAmounts): number =>
	DYE_NAMES.reduce((sum, name) => sum + (dyes[name] ?? 0), 0);

/**
 * Violet that maintenance keeps on the hair after some weeks: each use adds a little, which washes out
 * like any direct dye. The sum of the geometric series, the latest use just made.
 */
export function maintainedViolet(
	habit: WashHabit,
	weeks: number,
	porosity: Porosity = 'normal'
): DyeAmounts {
	const uses = Math.round((habit.violetPerWeek ?? 0) * weeks);
	if (uses <= 0) return {};
	const washesBetween = habit.washesPerWeek / (habit.violetPerWeek ?? 1);
	const kept = fadeDyes({ violet: 1 }, 'direct', washesBetween, porosity).violet ?? 0;
	const sum = kept < 1 ? (1 - Math.pow(kept, uses)) / (1 - kept) : uses;
	return { violet: MAINTENANCE.violetPerUse * sum };
}

/**
 * The colour week by week at this client's washes: the undertone coming back as the dye goes.
 * @param weeks how many weeks to tell, ≥ 0; the answer begins with week 0, the day of the service
 */
export function fadeByWeek(
	raw: RawHair,
	parts: readonly FormulaPart[],
	conditions: DepositConditions,
	habit: WashHabit,
	weeks: number
): FadedWeek[] {
	const porosity = conditions.porosity ?? 'normal';
	const { dyes, dyesOnWhite } = previewTone(raw, parts, conditions);
	return Array.from({ length: Math.floor(weeks) + 1 }, (_, week) => {
		const violet = maintainedViolet(habit, week, porosity);
		const after = (fresh: DyeAmounts) =>
			fadeDyes(fresh, conditions.vehicle, week * habit.washesPerWeek, porosity);
		const left = after(dyes);
		const lab = rawLab({
			...raw,
			dye: addDyes(addDyes(raw.dye ?? {}, left), violet),
			dyeOnWhite: addDyes(addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, after(dyesOnWhite)), violet)
		});
		const fresh = total(dyes);
		return { week, lab, level: levelOf(lab), left: fresh > 0 ? total(left) / fresh : 0 };
	});
}
