import { factsOf } from '../vocabulary';
import { SCALP, sparesDye, type Placement, type Product } from '../lift';
import type { Facts, Minerals, Sensitivity } from './facts';
import { CAUTION_LIMITS, USUAL_CEILINGS, type Ceilings } from './limits';

/** note: good to know. ask: think, then go on. stop: a written reason is needed to go on. */
export type Severity = 'note' | 'ask' | 'stop';

/** Where in the work the decision is made. */
export type CautionStation = 'read' | 'lift' | 'bowls' | 'chair' | 'tone';

/** A caution as data. */
export interface CautionRule {
	readonly code: string;
	readonly severity: Severity;
	readonly station: CautionStation;
	readonly title: string;
	readonly when: (facts: Facts) => boolean;
	/** Why it matters on this head. */
	readonly why: (facts: Facts) => string;
	readonly todo: string;
}

/** Strongest developer, in volumes, that a salon uses for a product where it goes on. */
export function volumeCeiling(
	product: Product,
	placement: Placement,
	ceilings: Ceilings = USUAL_CEILINGS
): number {
	if (factsOf(product).kind === 'wash') return ceilings.bleachWash;
	if (sparesDye(product)) return ceilings.tint;
	return placement === 'onScalp' || placement === 'film' ? ceilings.onScalp : ceilings.offScalp;
}

const ceilingOf = ({ product, placement, ceilings }: Facts): number =>
	volumeCeiling(product, placement, ceilings);

const HOURS_PER_MONTH = 730;
const lightener = ({ product }: Pick<Facts, 'product'>) => factsOf(product).kind === 'lightener';
const untested = ({ strandTest }: Facts) => strandTest.standing !== 'clean';
const sensitiveTo = ({ sensitivities }: Facts, what: Sensitivity) => sensitivities.includes(what);
/** Hours since the last patch test; 0 where it does not matter. */
const patchHours = ({ patchTest }: Facts) => ('hoursAgo' in patchTest ? patchTest.hoursAgo : 0);

const MINERAL_WORDS: Readonly<Record<Minerals, string>> = {
	hard: 'Lime dulls the colour and holds the mixture off',
	iron: 'Iron warms the result',
	copper: 'Copper turns it green',
	pool: 'Pools leave copper, which turns it green'
};

const whole = (value: number) => Math.round(value).toString();

/** Every caution the program can give, in the order of the work. */
export const CAUTION_RULES: readonly CautionRule[] = [
	{
		code: 'patchReaction',
		severity: 'stop',
		station: 'read',
		title: 'Reacted to a patch test.',
		when: (f) => f.patchTest.standing === 'reacted',
		why: () => 'An allergy to colour does not go away, and the next reaction may be stronger.',
		todo: 'No oxidative colour. Send the client to a doctor before any further colour.'
	},
	{
		code: 'colourAllergy',
		severity: 'stop',
		station: 'read',
		title: 'Known reaction to hair colour.',
		when: (f) => f.usesOxidative && sensitiveTo(f, 'colourAllergy'),
		why: () => 'The next reaction may be stronger than the last, with the same dyes or their kin.',
		todo: 'No oxidative colour without a doctor’s word; foils off the scalp are no way round it.'
	},
	{
		code: 'persulfateAllergy',
		severity: 'stop',
		station: 'read',
		title: 'Known reaction to lightener.',
		when: (f) => lightener(f) && sensitiveTo(f, 'persulfateAllergy'),
		why: () => 'Persulfates can bring on hives, swelling or an asthma attack within minutes.',
		todo: 'No lightener. High-lift colour, or added hair, may do instead.'
	},
	{
		code: 'asthma',
		severity: 'ask',
		station: 'read',
		title: 'Asthma.',
		when: (f) => lightener(f) && sensitiveTo(f, 'asthma'),
		why: () => 'Powder in the air and the smell of the mixture can set it off.',
		todo: 'Mix away from the chair, in moving air; cream, clay or oil dusts less. Keep the inhaler at hand.'
	},
	{
		code: 'blackHenna',
		severity: 'ask',
		station: 'read',
		title: 'Black-henna tattoo in the past.',
		when: (f) => f.usesOxidative && sensitiveTo(f, 'blackHenna'),
		why: () =>
			'It is often black hair dye on skin, and many who had one react to hair colour later.',
		todo: 'No oxidative colour before a patch test was read clean.'
	},
	{
		code: 'medicine',
		severity: 'note',
		station: 'read',
		title: 'Medicine that changes skin or hair.',
		when: (f) => sensitiveTo(f, 'medicine'),
		why: () => 'Skin can be thinner and hair weaker than it looks.',
		todo: 'Ask what it is, test a strand, and stay off the scalp when in doubt.'
	},
	{
		code: 'patchMissing',
		severity: 'ask',
		station: 'read',
		title: 'No patch test on record.',
		when: (f) => f.usesOxidative && f.patchTest.standing === 'none',
		why: () => 'Makers ask for one, usually 48 hours ahead.',
		todo: 'Test behind the ear today and lighten in two days, or follow what the maker asks.'
	},
	{
		code: 'patchOld',
		severity: 'ask',
		station: 'read',
		title: 'Patch test due.',
		when: (f) => f.patchTest.standing === 'due',
		why: (f) =>
			`The last one was ${whole(patchHours(f) / HOURS_PER_MONTH)} months ago; sensitivity can begin at any time.`,
		todo: 'Repeat it 48 hours ahead, or follow what the maker asks.'
	},
	{
		code: 'patchTooFresh',
		severity: 'ask',
		station: 'read',
		title: 'Patch test not yet readable.',
		when: (f) => f.patchTest.standing === 'waiting',
		why: (f) => `It was set ${whole(patchHours(f))} hours ago; reactions can take 48.`,
		todo: 'Wait for the two days.'
	},
	{
		code: 'metallicSalts',
		severity: 'stop',
		station: 'read',
		title: 'Metallic salts, no clean strand test.',
		when: (f) => f.metallicSalts && untested(f),
		why: () => 'Metal in the hair and peroxide can boil and break it within minutes.',
		todo: 'Cut a strand, test it in the mixture for 30 minutes, and go on only if it stays cool and whole.'
	},
	{
		code: 'henna',
		severity: 'stop',
		station: 'read',
		title: 'Henna, no clean strand test.',
		when: (f) => f.henna && untested(f),
		why: () =>
			'Henna is often sold with metallic salts, and it lifts unevenly to a stubborn orange.',
		todo: 'Test a cut strand first; record the result under tests.'
	},
	{
		code: 'strandReacted',
		severity: 'stop',
		station: 'read',
		title: 'The strand test failed.',
		when: (f) => f.strandTest.standing === 'reacted',
		why: () => 'The test strand heated, stretched or broke. The head would do the same.',
		todo: 'Do not lighten this hair. Cut, or wait for it to grow out.'
	},
	{
		code: 'strandOutdated',
		severity: 'ask',
		station: 'read',
		title: 'The strand test no longer holds.',
		when: (f) => f.strandTest.standing === 'outdated' || f.strandTest.standing === 'due',
		why: ({ strandTest }) =>
			strandTest.standing === 'outdated'
				? `Something went on this hair on ${strandTest.by}, after the strand was tried.`
				: 'It is more than six months old; the hair has lived since.',
		todo: 'Test a strand again.'
	},
	{
		code: 'scalpIrritated',
		severity: 'stop',
		station: 'read',
		title: 'Irritated or broken skin.',
		when: (f) => f.scalpIrritated,
		why: () => 'Lightener burns broken skin.',
		todo: 'Wait until the scalp is sound, or stay well off it.'
	},
	{
		code: 'cutEnds',
		severity: 'ask',
		station: 'read',
		title: 'Cut these ends first.',
		when: (f) =>
			f.coveredEndsCondition !== undefined &&
			f.coveredEndsCondition < CAUTION_LIMITS.leastCondition,
		why: (f) =>
			`Their condition is ${whole(f.coveredEndsCondition ?? 0)}; no lightener can be planned on ends under 55.`,
		todo: 'Cut them before the service, or keep the mixture off them.'
	},
	{
		code: 'freshRelaxer',
		severity: 'stop',
		station: 'read',
		title: 'Fresh relaxer or perm.',
		when: (f) => (f.relaxerWeeksAgo ?? Infinity) < CAUTION_LIMITS.relaxerWeeks,
		why: (f) =>
			`It was ${whole(f.relaxerWeeksAgo ?? 0)} weeks ago; the bonds in the hair are still open.`,
		todo: 'Wait at least four weeks, and test a strand.'
	},
	{
		code: 'underSixteen',
		severity: 'ask',
		station: 'read',
		title: 'Under sixteen.',
		when: (f) => f.underSixteen,
		why: () => 'Many makers exclude people under 16 from oxidative colour.',
		todo: 'Read the label and the local rules first.'
	},
	{
		code: 'oldColour',
		severity: 'note',
		station: 'read',
		title: 'Old colour in the hair.',
		when: (f) => f.oldColour && f.strandTest.standing === 'none' && !f.henna && !f.metallicSalts,
		why: () => 'What a box left behind decides how far it lifts, and nobody can see it.',
		todo: 'Test a strand before the whole head.'
	},
	{
		code: 'minerals',
		severity: 'note',
		station: 'read',
		title: 'Minerals from the water.',
		when: (f) => f.minerals !== undefined,
		why: (f) => `${MINERAL_WORDS[f.minerals ?? 'hard']}, and metals can make lightener heat up.`,
		todo: 'Chelate the lengths first, without rubbing the scalp.'
	},
	{
		code: 'onScalpStrength',
		severity: 'stop',
		station: 'lift',
		title: 'Too strong for the scalp.',
		when: (f) => lightener(f) && f.onScalp && f.volume > (f.ceilings ?? USUAL_CEILINGS).onScalp,
		why: (f) =>
			`${whole(f.volume)} vol with lightener burns skin; ${whole((f.ceilings ?? USUAL_CEILINGS).onScalp)} vol is the ceiling on the scalp.`,
		todo: 'Go down to the ceiling, or keep the mixture off the scalp.'
	},
	{
		code: 'fortyVolume',
		severity: 'ask',
		station: 'lift',
		title: '40 vol with lightener.',
		when: (f) => lightener(f) && f.volume >= 40 && f.volume <= ceilingOf(f),
		why: () => 'It spends itself early and wears the hair most; 20 vol gets as far with more time.',
		todo: 'Try 30 vol, or 20 vol and ten minutes more.'
	},
	{
		code: 'overCeiling',
		severity: 'stop',
		station: 'lift',
		title: 'Over the ceiling.',
		when: (f) => f.volume > ceilingOf(f) && !(lightener(f) && f.onScalp),
		why: (f) =>
			`${whole(f.volume)} vol; ${whole(ceilingOf(f))} is the most for this product here: strength past it spends itself early and wears the hair.`,
		todo: 'Go down, or write why this head needs it.'
	},
	{
		code: 'overTime',
		severity: 'stop',
		station: 'lift',
		title: 'Longer than the product allows.',
		when: (f) => f.minutes > f.limitMinutes,
		why: (f) => `${whole(f.minutes)} min planned; the limit is ${whole(f.limitMinutes)} min.`,
		todo: 'Plan a fresh application or another visit instead, or write why it stays.'
	},
	{
		code: 'conditionStop',
		severity: 'stop',
		station: 'lift',
		title: 'This hair would not survive.',
		when: (f) => f.conditionAfter < CAUTION_LIMITS.stopCondition,
		why: (f) =>
			`Condition goes from ${whole(f.conditionBefore)} to ${whole(f.conditionAfter)}; under 40 hair snaps.`,
		todo: 'Aim lower, spread it over visits, or cut first.'
	},
	{
		code: 'conditionFragile',
		severity: 'ask',
		station: 'lift',
		title: 'Fragile afterwards.',
		when: (f) =>
			f.conditionAfter >= CAUTION_LIMITS.stopCondition &&
			f.conditionAfter < CAUTION_LIMITS.leastCondition,
		why: (f) => `Condition goes from ${whole(f.conditionBefore)} to ${whole(f.conditionAfter)}.`,
		todo: 'Gentler and longer, with a bond additive; no further lift this month.'
	},
	{
		code: 'overlap',
		severity: 'ask',
		station: 'lift',
		title: 'Overlap on lightened hair.',
		when: (f) => lightener(f) && f.overlapsLightened && f.volume > CAUTION_LIMITS.overlapVolume,
		why: () => 'Hair that is already light breaks first and lifts past the rest.',
		todo: 'Leave those zones out, shield them, or draw a 10 vol mix through for the last minutes.'
	},
	{
		code: 'band',
		severity: 'ask',
		station: 'lift',
		title: 'Likely to band.',
		when: (f) => (f.retouchCm ?? 0) > SCALP.heatZoneCm,
		why: (f) =>
			`${(f.retouchCm ?? 0).toFixed(1)} cm of regrowth reaches past the scalp's warmth (2.5 cm): the far part lags and leaves a stripe.`,
		todo: 'Start the part beyond 2.5 cm ten minutes earlier, or put it in foil.'
	},
	{
		code: 'hotRoots',
		severity: 'note',
		station: 'lift',
		title: 'Hot roots.',
		when: (f) => f.hotRootLevels > CAUTION_LIMITS.hotRootLevels,
		why: (f) =>
			`The first centimetres are warm and come out ${f.hotRootLevels.toFixed(1)} level lighter than the lengths.`,
		todo: 'Let the root follow later with a fresh bowl.'
	},
	{
		code: 'tonerStrength',
		severity: 'note',
		station: 'tone',
		title: 'Strong developer in the toner.',
		when: (f) => (f.tonerVolume ?? 0) >= CAUTION_LIMITS.tonerVolume,
		why: () => '20 vol can shift natural hair and open what was just closed.',
		todo: 'Use the line’s own developer, 5 to 10 vol.'
	}
];
