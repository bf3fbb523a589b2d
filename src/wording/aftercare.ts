/** What a client is told after lightening: the trade's usual advice. */
export const AFTERCARE: readonly string[] = [
	'Two days before the first wash.',
	'Mild shampoo, lukewarm water, a conditioner each time.',
	'Violet shampoo about once a week on pale blonde; it is not a toner.',
	'Hot tools no hotter than 180 °C, with a heat protectant.',
	'Rinse before and after swimming; chlorine and copper turn light hair green.',
	'Call if the scalp burns, swells or itches.'
];
