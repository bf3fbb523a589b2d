import type { FadedWeek } from '../tone';
import type { ResultKind } from './resultKinds';

/** Weeks until the next visit, from and to. */
export interface Weeks {
	readonly from: number;
	readonly to: number;
}

/**
 * When people come back, by kind of result. Solid blonde, gloss, panels and lived-in hair as the trade
 * has them; dimensional by its foils, a root melt between foils and lived-in (reasoned), pastels by what
 * rapid and direct dyes last.
 */
export const RETURN_WEEKS_BY_KIND: Readonly<Record<ResultKind, Weeks>> = {
	solid: { from: 5, to: 8 },
	dimensional: { from: 8, to: 12 },
	livedIn: { from: 13, to: 26 },
	rootMelt: { from: 10, to: 16 },
	panel: { from: 8, to: 12 },
	pastel: { from: 3, to: 5 },
	freshen: { from: 6, to: 12 }
};

/** A toner is worth freshening when less than this share of its dye is left. */
const FRESHEN_BELOW = 0.5;

/**
 * The week in which a toner is worth freshening.
 * @returns undefined when it outlasts what was told, or when there was none
 */
export const freshenWeek = (
	fade: readonly Pick<FadedWeek, 'week' | 'left'>[]
): number | undefined => fade.find(({ week, left }) => week > 0 && left < FRESHEN_BELOW)?.week;

/** Prices are told in a range: hours at the chair differ by about this share from what is planned. */
export const PRICE_RANGE = 0.15;

/** Lower and upper end of a price, rounded to tens as people say them. */
export function priceRange(price: number): { readonly low: number; readonly high: number } {
	const tens = (value: number) => Math.round(value / 10) * 10;
	return { low: tens(price * (1 - PRICE_RANGE)), high: tens(price * (1 + PRICE_RANGE)) };
}
