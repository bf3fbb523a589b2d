import { levelOf, type Lab } from '../colour';
import type { Porosity } from '../hair';
import {
	DYE_HALF_LIFE,
	MAINTENANCE,
	MOST_MINERAL_WASHES,
	POROSITY,
	VEHICLES,
	WATER_LEAVES
} from './constants';
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

/** What runs from the tap at home. */
export type Water = keyof typeof WATER_LEAVES;

/** How the client lives with a toner. */
export interface WashHabit {
	readonly washesPerWeek: number;
	/** Uses of a violet maintenance shampoo a week; none unless said. */
	readonly violetPerWeek?: number | undefined;
	/** Uses of a blue one. */
	readonly bluePerWeek?: number | undefined;
	/** Soft unless said. */
	readonly water?: Water | undefined;
	/** The tone is brought back by a gloss every so many weeks; never unless said. */
	readonly glossWeeks?: number | undefined;
}

/** Weeks that a toner has been worn since it was laid on, or brought back. @param weeks since the service */
export function weeksWorn({ glossWeeks }: Pick<WashHabit, 'glossWeeks'>, weeks: number): number {
	return glossWeeks === undefined || glossWeeks <= 0 ? weeks : weeks % glossWeeks;
}

/** A toned head some weeks on. */
export interface FadedWeek {
	readonly week: number;
	readonly lab: Lab;
	readonly level: number;
	/** Share of the toner's dye that is left, 0-1. */
	readonly left: number;
	/** The dyes of the toner that are left. */
	readonly dyes: DyeAmounts;
}

const total = (dyes: DyeAmounts): number =>
	DYE_NAMES.reduce((sum, name) => sum + (dyes[name] ?? 0), 0);

/**
 * What a shampoo with dye in it keeps on the hair after some weeks: each use adds a little, which washes out like any
 * direct dye. The sum of the geometric series, the latest use just made.
 */
function kept(
	dye: 'violet' | 'blue',
	usesPerWeek: number,
	{ washesPerWeek }: WashHabit,
	weeks: number,
	porosity: Porosity
): DyeAmounts {
	const uses = Math.round(usesPerWeek * weeks);
	if (uses <= 0) return {};
	const left = fadeDyes({ [dye]: 1 }, 'direct', washesPerWeek / usesPerWeek, porosity)[dye] ?? 0;
	const sum = left < 1 ? (1 - Math.pow(left, uses)) / (1 - left) : uses;
	return { [dye]: MAINTENANCE[dye] * sum };
}

/**
 * What life at home lays on the hair in some weeks: dye out of maintenance shampoos, and what the water leaves with
 * every wash, which only a chelating wash takes off again.
 */
export function laidAtHome(
	habit: WashHabit,
	weeks: number,
	porosity: Porosity = 'normal'
): DyeAmounts {
	const { violetPerWeek = 0, bluePerWeek = 0, water = 'soft', washesPerWeek } = habit;
	const shampoos = addDyes(
		kept('violet', violetPerWeek, habit, weeks, porosity),
		kept('blue', bluePerWeek, habit, weeks, porosity)
	);
	const washes = Math.min(MOST_MINERAL_WASHES, washesPerWeek * weeks);
	return addDyes(shampoos, WATER_LEAVES[water], washes);
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
		const home = laidAtHome(habit, week, porosity);
		const washes = weeksWorn(habit, week) * habit.washesPerWeek;
		const after = (fresh: DyeAmounts) => fadeDyes(fresh, conditions.vehicle, washes, porosity);
		const left = after(dyes);
		const lab = rawLab({
			...raw,
			dye: addDyes(addDyes(raw.dye ?? {}, left), home),
			dyeOnWhite: addDyes(addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, after(dyesOnWhite)), home)
		});
		const fresh = total(dyes);
		return {
			week,
			lab,
			level: levelOf(lab),
			left: fresh > 0 ? total(left) / fresh : 0,
			dyes: left
		};
	});
}
