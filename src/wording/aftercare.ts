import type { Aftercare, BackReason, WhenBack } from '../core/plan';
import { formatWeeks } from './words';

/** What a client is told after lightening: the trade's usual advice, as far as it holds for this hair. */
const WORDS: Readonly<Record<Aftercare, string>> = {
	calmScalp: 'Leave the scalp alone today: no scrubbing, no nails, no other product on it.',
	firstWash: 'Two days before the first wash.',
	mild: 'Mild shampoo, lukewarm water, a conditioner each time.',
	fewerWashes: 'Every wash takes some of the tone: twice a week keeps it twice as long.',
	violet: 'Violet shampoo about once a week keeps the yellow down; it is not a toner.',
	blue: 'Blue shampoo about once a week takes a little of the orange; it is not a toner.',
	noViolet: 'Leave the violet shampoo: it does nothing for orange.',
	directColour: 'Its colour rubs off a little at first: dark towels, cool water.',
	heat: 'Hot tools no hotter than 180 °C, with a heat protectant.',
	heatHabit: 'Your irons: no hotter than 180 °C, with a heat protectant, and not every day.',
	noHeat: 'No hot tools until next time: this hair has no strength to spare.',
	mask: 'A mask or bond care once a week; wet hair is not tied and not brushed.',
	swims:
		'Before the pool wet it with tap water and conditioner, rinse straight after, wear a cap if you can.',
	swimming: 'Rinse before and after swimming; chlorine and copper turn light hair green.',
	hardWater: 'Hard water at home dulls it: a chelating shampoo once a month.',
	ironWater: 'Iron in the water at home warms it: a chelating shampoo once a month.',
	copperWater:
		'Copper in the water at home greens it: a chelating shampoo once a month, or a filter.',
	call: 'Call if the scalp burns, swells or itches.'
};
export const aftercareWords = (told: readonly Aftercare[]): string[] =>
	told.map((each) => WORDS[each]);

const REASONS: Readonly<Record<BackReason, string>> = {
	regrowth: 'this regrowth shows sooner',
	band: 'more regrowth than the scalp’s warmth reaches would band',
	fade: 'the tone is half gone by then'
};

/** Weeks from and to, in months where they are many: “5 to 8 weeks”. */
export const rangeWords = ({ from, to }: Pick<WhenBack, 'from' | 'to'>): string =>
	from < 13
		? from === to
			? formatWeeks(to)
			: `${from} to ${formatWeeks(to)}`
		: `${Math.round(from / 4.35)} to ${Math.round(to / 4.35)} months`;

/** Why it is not what is usual for the technique; nothing where it is. */
export function backWords({ because, usual }: WhenBack): string {
	if (because.length === 0) return 'As is usual for it, and right for this growth and this tone.';
	return `Usually ${rangeWords(usual)}; ${because.map((reason) => REASONS[reason]).join(', and ')}.`;
}
