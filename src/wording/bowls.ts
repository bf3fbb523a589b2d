import { formatLevel } from '../core/hair';
import type { AreaName } from '../core/lift';
import { factsOf } from '../core/vocabulary';
import { BOWL_LIFE_MINUTES, consistencyOf, type Bowl } from '../core/mix';
import type { Product } from '../core/lift';
import type { StepKind } from '../core/plan';
import {
	STAGING,
	type ClockItem,
	type HeadSection,
	type OrderName,
	type RinseMode,
	type SectionId,
	type Staging,
	type StagingAdvice,
	type StagingProblemFault,
	type StrandPart
} from '../core/work';
import type { BowlsPlan, LiftStep, MixedBowl, PlacedToner, Shelf } from '../schema/records';
import { PLACE_NAMES } from './tone';
import { areaWords, formatRatio, labelIn, PRODUCT_OPTIONS, STEP_NAMES } from './words';

export const ORDER_LABELS: Readonly<Record<OrderName, string>> = {
	napeUp: 'nape up',
	crownFirst: 'crown first',
	partingFirst: 'parting first',
	darkestFirst: 'darkest first',
	hairlineLast: 'hairline last',
	backFirst: 'back first',
	sidesLast: 'sides last'
};

/** Why one works in an order. */
export const ORDER_REASONS: Readonly<Record<OrderName, string>> = {
	napeUp:
		'The hair above stays clipped away, and the lower foils keep warm under those that follow.',
	crownFirst: 'A slow head resists at the crown and the back: they get the most time.',
	partingFirst: 'The parting shows most and, on a quick head, is finished first: for a retouch.',
	darkestFirst: 'What has furthest to go gets the most time.',
	hairlineLast: 'Fine, warm and quick: the hairline gets the least time.',
	backFirst: 'The back is thick and cool: it goes on first and is rinsed first.',
	sidesLast: 'The sides are fine and warm and catch up: they get the least time.'
};

export const TECHNIQUE_OPTIONS = [
	{ value: 'foils', label: 'foils' },
	{ value: 'open', label: 'open work' },
	{ value: 'retouch', label: 'root by brush' }
] as const;

export const RINSE_LABELS: Readonly<Record<RinseMode, string>> = {
	together: 'all at once',
	backFirst: 'block by block',
	eachReady: 'each foil when ready'
};

export const STRAND_LABELS: Readonly<Record<BowlsPlan['strand'], string>> = {
	together: 'whole strand at once',
	rootLater: 'mids and ends, then root',
	twoStrengths: 'two strengths on one strand'
};
export const STRAND_REASONS: Readonly<Record<BowlsPlan['strand'], string>> = {
	together: 'One bowl from the root to the tips.',
	rootLater: 'The warm root follows with a fresh bowl once the lengths are on.',
	twoStrengths: 'The stronger on what has further to go, the weaker beside it in the same foil.'
};

export const PICKING_OPTIONS = [
	{ value: 'weave', label: 'weave' },
	{ value: 'slice', label: 'slice' },
	{ value: 'babylight', label: 'babylight' },
	{ value: 'teased', label: 'teased' }
] as const;

export const ANGLE_OPTIONS = [
	{ value: 'horizontal', label: 'level' },
	{ value: 'diagonal', label: 'diagonal' },
	{ value: 'vertical', label: 'upright' }
] as const;

/** Levels apart, as they are told. */
export const formatSpread = (levels: number): string => levels.toFixed(1);

/** How even a staged head comes out, and how far the worst of it stays below the aim. */
export function evenWords({
	spread,
	spreadLow,
	spreadHigh,
	shortfall
}: Pick<Staging, 'spread' | 'spreadLow' | 'spreadHigh' | 'shortfall'>): string {
	const below = shortfall > STAGING.nearEnough ? ` · ${formatSpread(shortfall)} below the aim` : '';
	return `${formatSpread(spread)} level apart, in practice ${formatSpread(spreadLow)} to ${formatSpread(spreadHigh)}${below}`;
}

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** The name of a section, by what it goes by. */
export type SectionNamer = (id: SectionId) => string;

/**
 * What sections are called: their areas, numbered where several lie in the same. One that is gone is
 * called by the area it was made of.
 */
export function sectionNamer(sections: readonly Pick<HeadSection, 'id' | 'areas'>[]): SectionNamer {
	const words = sections.map(({ areas }) => areaWords(areas));
	const met = new Map<string, number>();
	const names = new Map(
		sections.map(({ id }, i) => {
			const name = words[i]!;
			const count = (met.get(name) ?? 0) + 1;
			met.set(name, count);
			const several = words.filter((other) => other === name).length > 1;
			return [id, several ? `${name} ${count}` : name] as const;
		})
	);
	return (id) => names.get(id) ?? id.replace(/-/g, ' ');
}

/** What a bowl is for, so far as its name goes. */
interface NamedBowl {
	readonly kind: MixedBowl['kind'];
	readonly step?:
		| {
				readonly kind: 'main' | StepKind;
				readonly before: boolean;
				readonly number: number;
		  }
		| undefined;
	readonly sections: readonly SectionId[];
	readonly part?: StrandPart | undefined;
	readonly colour?: { readonly expected: boolean } | undefined;
	readonly place?: PlacedToner['place'] | undefined;
}

/** Parts of the strand that have bowls of their own, after the name of what they are part of. */
export const PART_NAMES: Readonly<Record<StrandPart, string>> = {
	root: 'root',
	lengths: 'lengths',
	oldLights: 'old light pieces'
};

/** What a bowl is for: its sections, or the application it belongs to. */
export function bowlName(bowl: NamedBowl, nameOf: SectionNamer): string {
	const { kind, step, sections, part, colour, place } = bowl;
	if (kind === 'lowlights') return 'lowlights';
	if (kind === 'filler') return 'filler';
	if (kind === 'firstToner') return 'first toner';
	if (kind === 'toner')
		return `toner${place === undefined ? '' : `, ${PLACE_NAMES[place]}`}${colour?.expected ? ', as expected' : ''}`;
	if (step && step.kind !== 'main') {
		return `${step.before ? 'First' : 'Then'}: ${STEP_NAMES[step.kind]}, bowl ${step.number}`;
	}
	const where = sections.length > 0 ? sections.map(nameOf).join(', ') : 'the whole head';
	return part ? `${where}: ${PART_NAMES[part]}` : where;
}

/** When a bowl is mixed, how strong and how thick, in a line. */
export function bowlNote(
	bowl: {
		readonly volume: number;
		readonly weighedVolume?: number | undefined;
		readonly ratio: number;
		readonly mixAtMinute?: number | undefined;
		readonly colour?:
			| {
					readonly line: string;
					readonly minutes: number;
					readonly applyMinutes: number;
					readonly foils?: number;
			  }
			| undefined;
	},
	time: (minute: number) => string
): string {
	const { colour, volume, weighedVolume, ratio, mixAtMinute } = bowl;
	if (colour) {
		const { line, minutes, applyMinutes, foils } = colour;
		return [
			...(foils === undefined ? [] : [`${foils} foils`]),
			`${line}${ratio > 0 ? ` ${formatRatio(ratio)}` : ''}`,
			`${minutes} min; first to last strand ${applyMinutes} min`
		].join(', ');
	}
	// Whole grams seldom blend to the very strength.
	const weighed =
		weighedVolume !== undefined && tenth(weighedVolume) !== tenth(volume)
			? ` (${tenth(weighedVolume)} as weighed)`
			: '';
	const when =
		mixAtMinute === undefined
			? ''
			: `mix at ${time(mixAtMinute)}, use by ${time(mixAtMinute + BOWL_LIFE_MINUTES)} · `;
	return `${when}${tenth(volume)} vol${weighed}, ${consistencyOf(ratio)}`;
}

/** A product as the salon calls it: the house lightener by its name, tints by their kind. */
export function productWords(product: Product, shelf: Shelf | undefined): string {
	const kind = labelIn(PRODUCT_OPTIONS, product);
	const tint = factsOf(product).kind === 'tint';
	const name = shelf?.lightenerName.trim() ?? '';
	return tint || name === '' || name === 'lightener' ? kind : `${name} ${kind}`;
}

/** One thing that goes into a bowl, as it is called on the tube or the tub. */
export function partName(
	part: { readonly key: string } & (
		| { readonly kind: 'lightener'; readonly product: Product }
		| { readonly kind: 'colour'; readonly code: string }
		| { readonly kind: 'developer'; readonly volume: number }
		| { readonly kind: 'additive'; readonly brand: string }
	),
	shelf: Shelf | undefined
): string {
	switch (part.kind) {
		case 'lightener':
			// The house lightener is one; what is mixed under it goes by its kind.
			return part.key === 'second'
				? labelIn(PRODUCT_OPTIONS, part.product)
				: productWords(part.product, shelf);
		case 'colour':
			return part.code;
		case 'developer':
			return `${part.volume} vol`;
		case 'additive':
			return part.brand;
	}
}

/** What is weighed into one bowl. */
export function bowlWords({ lightenerGrams, developerGrams, volume, blend }: Bowl): string {
	const developer = blend
		? blend.parts.map((part) => `${part.grams} g of ${part.volume} vol`).join(' + ')
		: `${developerGrams} g of ${volume} vol (not in stock)`;
	return `${lightenerGrams} g with ${developer}`;
}

/** What an advice asks for. */
export function adviceWords({ what, section }: StagingAdvice, nameOf: SectionNamer): string {
	switch (what) {
		case 'fasterHands':
			return 'Work a quarter faster, or take fewer sections.';
		case 'secondPair':
			return 'A second pair of hands: two sections at a time.';
		case 'smallerHead':
			return `Leave ${section === undefined ? 'the last section' : nameOf(section)} for another visit, or work it apart afterwards.`;
		case 'lowerStart':
			return `Begin weaker: the first bowl from ${STAGING.lowStart} vol.`;
		case 'cap':
			return 'Put a cap over the whole head once the last section is on.';
		case 'coverLate':
			return 'Cover the later sections, so that they keep more heat.';
		case 'openEarly':
			return 'Leave the first foils open: they run cooler.';
		case 'creamierLate':
			return 'Mix the last bowls creamier: less developer works quicker.';
		case 'rinseEarlyFirst':
			return 'Rinse the first half ten minutes before the rest.';
		case 'laterRinse':
			return 'Rinse ten minutes later.';
	}
}

/** Why the head's figure and that of its bowls are two. */
export const slowestWords = (
	slowest: { readonly section: string; readonly level: number } | undefined,
	nameOf: SectionNamer
): string =>
	slowest
		? `the slowest of it, ${nameOf(slowest.section)}, comes to ${formatLevel(slowest.level)} by its bowl`
		: '';

/** Another way of working the head. */
export function wayWords({
	order,
	rinse,
	hands
}: {
	readonly order?: OrderName | undefined;
	readonly rinse?: RinseMode | undefined;
	readonly hands?: 2 | undefined;
}): string {
	const parts = [
		...(hands ? ['a second pair of hands'] : []),
		...(order ? [`worked ${ORDER_LABELS[order]}`] : []),
		...(rinse ? [`rinsed ${RINSE_LABELS[rinse]}`] : [])
	].join(', ');
	return `${parts[0]!.toUpperCase()}${parts.slice(1)}.`;
}

/** Another application on what stays behind. */
export const againWords = (
	{ volume, minutes }: Pick<LiftStep, 'volume' | 'minutes'>,
	areas: readonly AreaName[]
): string => `Another application on the ${areaWords(areas)}: ${volume} vol, ${minutes} min.`;

/** What stands in the way of a staging, and what to do. */
export function stagingFaultWords(fault: StagingProblemFault, nameOf: SectionNamer): string {
	switch (fault.problem) {
		case 'noSections':
			return 'There is no section to work on yet.';
		case 'noStrength': {
			const where = fault.section === undefined ? '' : ` on ${nameOf(fault.section)}`;
			return `No developer in stock makes a bowl between ${fault.leastVolume} vol and the ceiling of ${fault.ceiling} vol${where}.`;
		}
		case 'rinseTooEarly':
			return `The rinse comes before ${nameOf(fault.section)} is on: rinse later than minute ${fault.onAtMinute}.`;
	}
}

/** What is done at the clock, in a word. */
export const DOING: Readonly<Record<ClockItem['what'], string>> = {
	consult: 'read',
	mix: 'mix',
	apply: 'apply',
	process: 'process',
	check: 'check',
	wipe: 'wipe',
	rinse: 'rinse',
	tone: 'tone',
	finish: 'finish'
};

/** What a stretch of the service is about. */
export function clockSubjectWords(
	{ what, of }: Pick<ClockItem, 'what' | 'of'>,
	nameOf: SectionNamer,
	kindOf: (step: string) => StepKind | undefined
): string {
	switch (of.kind) {
		case 'sections': {
			const names = of.sections.map(nameOf).join(', ');
			return of.part === undefined ? names : `${names}, ${PART_NAMES[of.part]}`;
		}
		case 'bowl':
			return `bowl ${of.number}`;
		case 'round':
			return STEP_NAMES[kindOf(of.id) ?? 'other'];
		case 'allSections':
			return 'all';
		case 'aside':
			return 'lowlights';
		case 'toner':
			return 'toner';
		case 'client':
			return what === 'consult' ? 'read and agree' : 'dry and judge';
	}
}

/** A stretch of the service in words: “apply nape”, “read and agree”. */
export const clockItemWords = (
	item: Pick<ClockItem, 'what' | 'of'>,
	nameOf: SectionNamer,
	kindOf: (step: string) => StepKind | undefined
): string => {
	const about = clockSubjectWords(item, nameOf, kindOf);
	return item.of.kind === 'client' ? about : `${item.what} ${about}`;
};
