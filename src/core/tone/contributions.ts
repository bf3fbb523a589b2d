import type { Pigment } from '../hair';
import type { DepositConditions } from './deposit';
import { DYE_NAMES, type DyeAmounts, type DyeName } from './dyes';
import { depositOfShade, formulaGrams, isClear, type FormulaPart } from './formula';

/** What one part of a formula lays down on hair. */
export interface Contribution {
	/** Its part of all the dye that the formula lays down, 0-1. */
	readonly share: number;
	/** What its dye is made of, the most first; shares of it, 0-1. Nothing of clear. */
	readonly dyes: readonly { readonly dye: DyeName; readonly share: number }[];
}

const sumOf = (dyes: DyeAmounts): number =>
	DYE_NAMES.reduce((sum, name) => sum + (dyes[name] ?? 0), 0);

/** A dye that is less of a part than this is not worth telling. */
const LEAST = 0.05;

/**
 * What each part of a formula lays down on one population of fibres, in the order of the parts. All of them together
 * are what {@link depositOf} says.
 */
export function contributions(
	parts: readonly FormulaPart[],
	onto: Pigment,
	conditions: DepositConditions
): Contribution[] {
	const total = formulaGrams(parts);
	const laid = parts.map((part): DyeAmounts => {
		if (isClear(part) || total <= 0) return {};
		const dyes = depositOfShade(part, onto, conditions);
		return Object.fromEntries(
			DYE_NAMES.map((name) => [name, ((dyes[name] ?? 0) * part.grams) / total])
		);
	});
	const all = laid.reduce((sum, dyes) => sum + sumOf(dyes), 0);
	return laid.map((dyes): Contribution => {
		const own = sumOf(dyes);
		return {
			share: all > 0 ? own / all : 0,
			dyes: DYE_NAMES.map((dye) => ({ dye, share: own > 0 ? (dyes[dye] ?? 0) / own : 0 }))
				.filter(({ share }) => share >= LEAST)
				.sort((p, q) => q.share - p.share)
		};
	});
}
