import {
	CAUTION_LIMITS,
	volumeCeiling,
	type Caution,
	type CautionCode,
	type CautionStation,
	type Facts,
	type Minerals
} from '../core/caution';

/** What a caution says. */
export interface CautionWords {
	readonly title: string;
	/** Why it matters on this head. */
	readonly why: string;
	readonly todo: string;
}

interface Saying extends Omit<CautionWords, 'why'> {
	readonly why: (facts: Facts) => string;
}

const HOURS_PER_MONTH = 730;
/** Hours since the last patch test; 0 where it does not matter. */
const patchHours = ({ patchTest }: Facts) => ('hoursAgo' in patchTest ? patchTest.hoursAgo : 0);

const MINERAL_WORDS: Readonly<Record<Minerals, string>> = {
	hard: 'Lime dulls the colour and holds the mixture off',
	iron: 'Iron warms the result',
	copper: 'Copper turns it green',
	pool: 'Pools leave copper, which turns it green'
};

const whole = (value: number) => Math.round(value).toString();

const SAYINGS: Readonly<Record<CautionCode, Saying>> = {
	patchReaction: {
		title: 'Reacted to a patch test.',
		why: () => 'An allergy to colour does not go away, and the next reaction may be stronger.',
		todo: 'No oxidative colour. Send the client to a doctor before any further colour.'
	},
	colourAllergy: {
		title: 'Known reaction to hair colour.',
		why: () => 'The next reaction may be stronger than the last, with the same dyes or their kin.',
		todo: 'No oxidative colour without a doctor’s word; foils off the scalp are no way round it.'
	},
	persulfateAllergy: {
		title: 'Known reaction to lightener.',
		why: () => 'Persulfates can bring on hives, swelling or an asthma attack within minutes.',
		todo: 'No lightener. High-lift colour, or added hair, may do instead.'
	},
	asthma: {
		title: 'Asthma.',
		why: () => 'Powder in the air and the smell of the mixture can set it off.',
		todo: 'Mix away from the chair, in moving air; cream, clay or oil dusts less. Keep the inhaler at hand.'
	},
	blackHenna: {
		title: 'Black-henna tattoo in the past.',
		why: () =>
			'It is often black hair dye on skin, and many who had one react to hair colour later.',
		todo: 'No oxidative colour before a patch test was read clean.'
	},
	medicine: {
		title: 'Medicine that changes skin or hair.',
		why: () => 'Skin can be thinner and hair weaker than it looks.',
		todo: 'Ask what it is, test a strand, and stay off the scalp when in doubt.'
	},
	patchMissing: {
		title: 'No patch test on record.',
		why: () => 'Makers ask for one, usually 48 hours ahead.',
		todo: 'Test behind the ear today and lighten in two days, or follow what the maker asks.'
	},
	patchOld: {
		title: 'Patch test due.',
		why: (f) =>
			`The last one was ${whole(patchHours(f) / HOURS_PER_MONTH)} months ago; sensitivity can begin at any time.`,
		todo: 'Repeat it 48 hours ahead, or follow what the maker asks.'
	},
	patchTooFresh: {
		title: 'Patch test not yet readable.',
		why: (f) => `It was set ${whole(patchHours(f))} hours ago; reactions can take 48.`,
		todo: 'Wait for the two days.'
	},
	metallicSalts: {
		title: 'Metallic salts, no clean strand test.',
		why: () => 'Metal in the hair and peroxide can boil and break it within minutes.',
		todo: 'Cut a strand, test it in the mixture for 30 minutes, and go on only if it stays cool and whole.'
	},
	henna: {
		title: 'Henna, no clean strand test.',
		why: () =>
			'Henna is often sold with metallic salts, and it lifts unevenly to a stubborn orange.',
		todo: 'Test a cut strand first; record the result under tests.'
	},
	strandReacted: {
		title: 'The strand test failed.',
		why: () => 'The test strand heated, stretched or broke. The head would do the same.',
		todo: 'Do not lighten this hair. Cut, or wait for it to grow out.'
	},
	strandOutdated: {
		title: 'The strand test no longer holds.',
		why: ({ strandTest }) =>
			strandTest.standing === 'outdated'
				? `Something went on this hair on ${strandTest.by}, after the strand was tried.`
				: 'It is more than six months old; the hair has lived since.',
		todo: 'Test a strand again.'
	},
	scalpIrritated: {
		title: 'Irritated or broken skin.',
		why: () => 'Lightener burns broken skin.',
		todo: 'Wait until the scalp is sound, or stay well off it.'
	},
	cutEnds: {
		title: 'Cut these ends first.',
		why: (f) =>
			`Their condition is ${whole(f.coveredEndsCondition ?? 0)}; no lightener can be planned on ends under ${CAUTION_LIMITS.leastCondition}.`,
		todo: 'Cut them before the service, or keep the mixture off them.'
	},
	freshRelaxer: {
		title: 'Fresh relaxer or perm.',
		why: (f) =>
			`It was ${whole(f.relaxerWeeksAgo ?? 0)} weeks ago; the bonds in the hair are still open.`,
		todo: 'Wait at least four weeks, and test a strand.'
	},
	underSixteen: {
		title: 'Under sixteen.',
		why: () => 'Many makers exclude people under 16 from oxidative colour.',
		todo: 'Read the label and the local rules first.'
	},
	oldColour: {
		title: 'Old colour in the hair.',
		why: () => 'What a box left behind decides how far it lifts, and nobody can see it.',
		todo: 'Test a strand before the whole head.'
	},
	oldColourStays: {
		title: 'The old colour hardly moves.',
		why: (f) =>
			`On the test strand it moved ${(f.oldColourMoved ?? 0).toFixed(1)} of a level; on the head it will stay behind the rest.`,
		todo: 'Remove it first with a colour remover, aim deeper, or plan another visit.'
	},
	minerals: {
		title: 'Minerals from the water.',
		why: (f) => `${MINERAL_WORDS[f.minerals ?? 'hard']}, and metals can make lightener heat up.`,
		todo: 'Chelate the lengths first, without rubbing the scalp.'
	},
	onScalpStrength: {
		title: 'Too strong for the scalp.',
		why: (f) =>
			`${whole(f.volume)} vol with lightener burns skin; ${whole(volumeCeiling(f.product, f.placement, f.ceilings, f.onScalp))} vol is the ceiling on the scalp.`,
		todo: 'Go down to the ceiling, or keep the mixture off the scalp.'
	},
	fortyVolume: {
		title: '40 vol with lightener.',
		why: () => 'It spends itself early and wears the hair most; 20 vol gets as far with more time.',
		todo: 'Try 30 vol, or 20 vol and ten minutes more.'
	},
	overCeiling: {
		title: 'Over the ceiling.',
		why: (f) =>
			`${whole(f.volume)} vol; ${whole(volumeCeiling(f.product, f.placement, f.ceilings, f.onScalp))} is the most for this product here: strength past it spends itself early and wears the hair.`,
		todo: 'Go down, or write why this head needs it.'
	},
	overTime: {
		title: 'Longer than the product allows.',
		why: (f) => `${whole(f.minutes)} min planned; the limit is ${whole(f.limitMinutes)} min.`,
		todo: 'Plan a fresh application or another visit instead, or write why it stays.'
	},
	conditionStop: {
		title: 'This hair would not survive.',
		why: (f) =>
			`Condition goes from ${whole(f.conditionBefore)} to ${whole(f.conditionAfter)}; under 40 hair snaps.`,
		todo: 'Aim lower, spread it over visits, or cut first.'
	},
	conditionFragile: {
		title: 'Fragile afterwards.',
		why: (f) => `Condition goes from ${whole(f.conditionBefore)} to ${whole(f.conditionAfter)}.`,
		todo: 'Gentler and longer, with a bond additive; no further lift this month.'
	},
	overlap: {
		title: 'Overlap on lightened hair.',
		why: () => 'Hair that is already light breaks first and lifts past the rest.',
		todo: 'Leave those zones out, shield them, or draw a 10 vol mix through for the last minutes.'
	},
	band: {
		title: 'Likely to band.',
		why: (f) =>
			`${(f.retouchCm ?? 0).toFixed(1)} cm of regrowth reaches past the scalp's warmth (2.5 cm): the far part lags and leaves a stripe.`,
		todo: 'Start the part beyond 2.5 cm ten minutes earlier, or put it in foil.'
	},
	hotRoots: {
		title: 'Hot roots.',
		why: (f) =>
			`The first centimetres are warm and come out ${f.hotRootLevels.toFixed(1)} level lighter than the lengths.`,
		todo: 'Let the root follow later with a fresh bowl.'
	},
	tonerStrength: {
		title: 'Strong developer in the toner.',
		why: () => '20 vol can shift natural hair and open what was just closed.',
		todo: 'Use the line’s own developer, 5 to 10 vol.'
	}
};

/** What a caution says of the head that calls for it. */
export function cautionWords({ code, facts }: Pick<Caution, 'code' | 'facts'>): CautionWords {
	const { title, why, todo } = SAYINGS[code];
	return { title, why: why(facts), todo };
}

/** The name of a caution that was passed; a record may hold one that is no longer given. */
export const cautionTitle = (code: string): string =>
	code === 'recordedLying'
		? 'Recorded while colour lay on the head.'
		: code in SAYINGS
			? SAYINGS[code as CautionCode].title
			: code;

/** What is always said beside the work, whatever the head. */
export const STANDING_CAUTIONS: Readonly<Record<CautionStation, string>> = {
	read: 'The maker’s directions, local codes and licensed practice always go first.',
	lift: 'A prediction is a plan, not a promise: a test strand decides.',
	bowls:
		'Gloves, aired room, plastic or glass bowl. Never close or keep a mixed product: it makes gas and heat.',
	chair:
		'Stop at once for stinging, swelling, unusual heat, gummy or snapping hair. Eyes: rinse with plenty of water and get medical help.',
	tone: 'Toner cannot lighten. Wipe a strand and look before you rinse.'
};
