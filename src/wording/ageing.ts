import type { WashHabit, Water } from '../core/tone';

/** How a colour is lived with: “2 washes a week and violet shampoo once”. */
export function habitWords({
	washesPerWeek,
	violetPerWeek = 0,
	bluePerWeek = 0,
	glossWeeks
}: WashHabit): string {
	const times = (uses: number) => (uses === 1 ? 'once' : `${uses} times`);
	return [
		`${washesPerWeek} wash${washesPerWeek === 1 ? '' : 'es'} a week`,
		...(violetPerWeek > 0 ? [`violet shampoo ${times(violetPerWeek)}`] : []),
		...(bluePerWeek > 0 ? [`blue shampoo ${times(bluePerWeek)}`] : []),
		...(glossWeeks ? [`a gloss every ${glossWeeks} weeks`] : [])
	].join(' and ');
}

/** What a violet shampoo does for hair of an undertone, and what it does not. */
export const violetWords = (undertone: string): string =>
	/^(yellow|pale yellow)$/u.test(undertone)
		? 'Violet shampoo keeps yellow down; it is no toner.'
		: 'Violet shampoo does nothing for orange: tone it again instead.';

/** The same of a blue one. */
export const blueWords = (undertone: string): string =>
	/orange|red/u.test(undertone)
		? 'Blue shampoo takes a little of the orange, no more.'
		: 'Blue over yellow turns green: violet is the one for this hair.';

const WATER: Readonly<Record<Water, string>> = {
	soft: '',
	hard: 'Hard water at home dulls it: chelate before the next visit.',
	iron: 'Iron in the water at home warms it, wash by wash: that is counted here.',
	copper: 'Copper in the water at home turns it green, wash by wash: that is counted here.'
};
/** What the water at home does to it; nothing where it does nothing. */
export const waterWords = (water: Water = 'soft'): string => WATER[water];

/** When the toner is worth freshening, as the client reads it. @param week nothing where it lasts */
export function freshenWords(week: number | undefined, habit: WashHabit): string {
	const lived = habitWords(habit);
	if (week !== undefined)
		return `Toner worth freshening after ${week} week${week === 1 ? '' : 's'}: half of it is gone by then, at ${lived}.`;
	return habit.glossWeeks ? `It keeps its tone at ${lived}.` : 'Nothing to freshen in between.';
}
