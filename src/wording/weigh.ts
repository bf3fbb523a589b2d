/** An amount with its unit, as a scale or a syringe has it. */
export const shown = (amount: number, unit = 'g'): string =>
	`${Math.round(amount * 100) / 100} ${unit}`;

/** To a tenth: finer than a hand pours. */
export const tenth = (amount: number): number => Math.round(amount * 10) / 10;
