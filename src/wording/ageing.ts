import type { WashHabit } from '../core/tone';

/** How a colour is lived with: “2 washes a week, one of them violet”. */
export function habitWords({ washesPerWeek, violetPerWeek = 0 }: WashHabit): string {
	const washes = `${washesPerWeek} wash${washesPerWeek === 1 ? '' : 'es'} a week`;
	if (violetPerWeek <= 0) return washes;
	return `${washes} and violet shampoo ${violetPerWeek === 1 ? 'once' : `${violetPerWeek} times`}`;
}

/** What a violet shampoo does for hair of an undertone, and what it does not. */
export const violetWords = (undertone: string): string =>
	/^(yellow|pale yellow)$/u.test(undertone)
		? 'Violet shampoo keeps yellow down; it is no toner.'
		: 'Violet shampoo does nothing for orange: tone it again instead.';
