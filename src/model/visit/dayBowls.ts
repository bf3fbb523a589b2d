import type { ADDITIVE_UNITS } from '../../core/vocabulary';
import { additiveDose, shareOut, toStep, type Bowl } from '../../core/mix';
import type { Product } from '../../core/lift';
import type { StepKind } from '../../core/plan';
import { type BowlId, type SectionId, type StrandPart } from '../../core/work';
import type {
	ChosenPart,
	LiftPlan,
	MixedBowl,
	PlacedToner,
	Shelf,
	ShelfLine,
	TonerMix,
	Visit
} from '../../schema/records';
import { MAIN_STEP, tintOf } from '../day/steps';
import { developerGramsOf, mixedFrom } from './tone';
import { placedBowlId, type TonerPlace } from '../day/placed';
import { gramPrice, lightenerKey } from '../shelf/stock';
import { placedPass } from './tonerNeed';
import { tonerPass, type DayWork, type StepWork, type WorkBowl } from './work';

/** One thing that goes into a bowl. What it is called is found where it is shown. */
export type BowlPart = {
	/** What it goes by in the bowl, whatever the shelf calls it. */
	readonly key: string;
	readonly amount: number;
	readonly unit: (typeof ADDITIVE_UNITS)[number];
} & (
	| { readonly kind: 'lightener'; readonly product: Product }
	| { readonly kind: 'colour'; readonly code: string }
	| { readonly kind: 'developer'; readonly volume: number }
	| { readonly kind: 'additive'; readonly brand: string }
);

/** A bowl of the day as it is weighed: lightener, lowlights, filler or toner. */
export interface MixBowl {
	readonly id: BowlId;
	/** Its place in the order of mixing, from 1. */
	readonly number: number;
	readonly kind: MixedBowl['kind'];
	/** The application of the day that it belongs to, and its place among the bowls of that one. */
	readonly step?: {
		readonly id: string;
		readonly kind: 'main' | StepKind;
		readonly before: boolean;
		readonly number: number;
	};
	/** The sections it serves, where the head is told apart in sections. */
	readonly sections: readonly SectionId[];
	/** The part of the strand it goes on, where several are worked apart. */
	readonly part?: StrandPart | undefined;
	/** The hair it goes on, where it is a toner for some of it alone. */
	readonly place?: TonerPlace | undefined;
	/** Developer strength, volumes; 0 without developer. */
	readonly volume: number;
	/** What whole grams of a blend come to, volumes, where it is a blend. */
	readonly weighedVolume?: number | undefined;
	/** Parts of developer to one of lightener or colour. */
	readonly ratio: number;
	/** Minute at which it is mixed, from the first brush stroke; of the main application alone. */
	readonly mixAtMinute?: number | undefined;
	/** The colour in it, and how long it takes. */
	readonly colour?: {
		readonly line: string;
		readonly minutes: number;
		/** Between its first and its last strand. */
		readonly applyMinutes: number;
		/** Of lowlights. */
		readonly foils?: number;
		/** The formula is found and not chosen. */
		readonly expected: boolean;
	};
	readonly parts: readonly BowlPart[];
	/** The stock makes its strength. */
	readonly mixable: boolean;
}

/** What the bowls of a day rest on. */
export interface DayBowlsSource {
	readonly visit: Visit;
	readonly shelf: Shelf | undefined;
	readonly work: DayWork;
	readonly line: ShelfLine | undefined;
	readonly head: {
		readonly toner: { readonly none: boolean; readonly parts: readonly ChosenPart[] };
	};
	readonly placed: readonly {
		readonly line: ShelfLine | undefined;
		readonly mix: PlacedToner;
		readonly toner: { readonly none: boolean; readonly parts: readonly ChosenPart[] };
	}[];
	readonly lowlights: {
		readonly bowl:
			| {
					readonly line: ShelfLine;
					readonly foils: number;
					readonly parts: readonly ChosenPart[];
					readonly developerGrams: number;
					readonly aside: { readonly applyMinutes: number };
			  }
			| undefined;
	};
}

type Unnumbered = Omit<MixBowl, 'number'>;

/** All bowls of the day in the order in which they are mixed: lighteners, lowlights, filler, toner. */
export function dayBowls(source: DayBowlsSource): MixBowl[] {
	return [
		...lightenerBowls(source),
		...lowlightBowl(source),
		...fillerBowl(source),
		...tonerBowl(source),
		...placedBowls(source)
	].map((bowl, i) => ({
		...bowl,
		number: i + 1
	}));
}

/** The first of {@link dayBowls}, which need no search for a toner. */
export const lightenerBowls = (
	source: Pick<DayBowlsSource, 'visit' | 'shelf' | 'work'>
): Unnumbered[] =>
	source.work.steps.flatMap((work) =>
		work.bowls.bowls.map((bowl) => lightenerBowl(source, work, bowl))
	);

/** Bowls that were weighed for what is no longer planned: they stand there all the same. */
export function strayBowls(mixed: readonly MixedBowl[], bowls: readonly MixBowl[]): MixedBowl[] {
	const planned = new Set(bowls.map(({ id }) => id));
	return mixed.filter(({ id }) => !planned.has(id));
}

function lightenerBowl(
	{ visit, shelf }: Pick<DayBowlsSource, 'visit' | 'shelf'>,
	{ step }: StepWork,
	bowl: WorkBowl
): Unnumbered {
	const { id, sections, part, volume, ratio, blend, mixAtMinute } = bowl;
	const main = step.id === MAIN_STEP;
	return {
		id,
		kind: 'lightener',
		step: {
			id: step.id,
			kind: step.kind,
			before: visit.before.some((other) => other.id === step.id),
			number: bowl.number
		},
		sections,
		part,
		volume,
		weighedVolume: blend?.volume,
		ratio,
		mixAtMinute: main ? mixAtMinute : undefined,
		mixable: blend !== undefined,
		parts: lightenerParts(bowl, step.plan, shelf)
	};
}

/** What goes into a bowl, in the order in which it is weighed; the additive stands outside the ratio. */
function lightenerParts(bowl: Bowl, plan: LiftPlan, shelf: Shelf | undefined): BowlPart[] {
	const { lightenerGrams, developerGrams, volume, blend } = bowl;
	const step = shelf?.scaleStep ?? 1;
	return [
		...lightenersOf(lightenerGrams, plan, step),
		...(blend?.parts ?? [{ volume, grams: developerGrams }]).map((part) =>
			developer(part.volume, part.grams)
		),
		...(plan.bondAdditive && shelf ? [additiveOf(lightenerGrams, shelf)] : [])
	];
}

const developer = (volume: number, grams: number): BowlPart => ({
	key: `developer:${volume}`,
	kind: 'developer',
	volume,
	amount: grams,
	unit: 'g'
});

function lightenersOf(grams: number, plan: LiftPlan, step: number): BowlPart[] {
	const { product, second, tint } = plan;
	if (tint && tintOf(plan)) {
		const shares = shareOut(
			grams,
			tint.parts.map((part) => part.grams),
			step
		);
		return tint.parts.map((part, i) => shadePart({ ...part, grams: shares[i]! }));
	}
	const part = (key: string, of: Product, amount: number): BowlPart => ({
		key,
		kind: 'lightener',
		product: of,
		amount,
		unit: 'g'
	});
	if (!second) return [part('lightener', product, grams)];
	const other = toStep(grams * second.share, step);
	return [
		part('lightener', product, toStep(grams - other, step / 10)),
		part('second', second.product, other)
	];
}

const additiveOf = (lightenerGrams: number, { additive, scaleStep }: Shelf): BowlPart => ({
	key: 'additive',
	kind: 'additive',
	brand: additive.name,
	amount: additiveDose(additive, lightenerGrams, scaleStep),
	unit: additive.unit
});

const shadePart = ({ shadeId, name, grams }: ChosenPart): BowlPart => ({
	key: `colour:${shadeId ?? name}`,
	kind: 'colour',
	code: name,
	amount: grams,
	unit: 'g'
});

const colourParts = (
	parts: readonly ChosenPart[],
	line: ShelfLine,
	developerGrams: number
): BowlPart[] => [
	...parts.map(shadePart),
	...(developerGrams > 0 && line.developerVolume > 0
		? [developer(line.developerVolume, developerGrams)]
		: [])
];

function lowlightBowl({ lowlights }: DayBowlsSource): Unnumbered[] {
	const { bowl } = lowlights;
	if (!bowl) return [];
	const { line, foils, parts, developerGrams, aside } = bowl;
	return [
		{
			id: 'lowlights',
			kind: 'lowlights',
			sections: [],
			volume: line.developerVolume,
			ratio: line.ratio,
			colour: {
				line: line.name,
				minutes: line.minutes,
				applyMinutes: Math.round(aside.applyMinutes),
				foils,
				expected: false
			},
			mixable: true,
			parts: colourParts(parts, line, developerGrams)
		}
	];
}

function tonerBowl(source: DayBowlsSource): Unnumbered[] {
	const { line, head, visit } = source;
	if (!line || head.toner.none || head.toner.parts.length === 0) return [];
	const { tone, reading, lift } = visit;
	return [
		colourBowl(source, 'toner', mixedFrom(line, tone), head.toner.parts, {
			...tone,
			applyMinutes: tonerPass(reading, lift.part)
		})
	];
}

/** Toners for some of the hair, each in a bowl of its own. */
const placedBowls = (source: DayBowlsSource): Unnumbered[] =>
	source.placed.flatMap(({ line, mix, toner }) =>
		!line || toner.none || toner.parts.length === 0
			? []
			: [
					{
						...colourBowl(source, 'toner', mixedFrom(line, mix), toner.parts, {
							...mix,
							applyMinutes: placedPass(source.visit, mix)
						}),
						id: placedBowlId(mix.id),
						place: mix.place
					}
				]
	);

/** What goes on before the toner, a filler or a first toner; it is of the same line. */
function fillerBowl(source: DayBowlsSource): Unnumbered[] {
	const { filler } = source.visit.tone;
	if (!source.line || !filler) return [];
	const kind = filler.isToner ? 'firstToner' : 'filler';
	const { reading, lift, tone } = source.visit;
	return [
		colourBowl(source, kind, source.line, filler.parts, {
			ratio: tone.ratio,
			minutes: filler.minutes,
			choice: 'formula',
			applyMinutes: tonerPass(reading, lift.part)
		})
	];
}

/** How a bowl of colour is mixed and left, and how long it takes to put on. */
interface LeftAs extends Pick<TonerMix, 'ratio' | 'minutes' | 'choice'> {
	readonly applyMinutes: number;
}

function colourBowl(
	{ shelf }: DayBowlsSource,
	kind: 'toner' | 'firstToner' | 'filler',
	line: ShelfLine,
	parts: readonly ChosenPart[],
	{ ratio, minutes, choice, applyMinutes }: LeftAs
): Unnumbered {
	const developer = developerGramsOf(parts, line, ratio, shelf?.scaleStep);
	return {
		id: kind,
		kind,
		sections: [],
		volume: line.developerVolume,
		ratio: line.vehicle === 'direct' ? 0 : ratio,
		colour: {
			line: line.name,
			minutes,
			applyMinutes,
			expected: choice === 'open'
		},
		mixable: true,
		parts: colourParts(parts, line, developer)
	};
}

/** What a bowl of colour costs, in the salon's currency; nothing where it has not said. */
export const colourCost = (
	parts: readonly ChosenPart[],
	developerGrams: number,
	shelf: Shelf | undefined,
	developerVolume = 0
): number | undefined =>
	costOf(
		[
			...parts.map(({ shadeId, name, grams }) => ({
				key: `colour:${shadeId ?? name}`,
				kind: 'colour' as const,
				grams
			})),
			{ key: `developer:${developerVolume}`, kind: 'developer', grams: developerGrams }
		],
		shelf
	);

/** Sum of what some grams cost; nothing where the price of any of them is not known. */
function costOf(
	some: readonly {
		readonly key: string;
		readonly kind: 'lightener' | 'developer' | 'colour';
		readonly grams: number;
	}[],
	shelf: Shelf | undefined
): number | undefined {
	let sum = 0;
	for (const { key, kind, grams } of some) {
		if (grams === 0) continue;
		const price = gramPrice(shelf, key, kind);
		if (price === undefined) return undefined;
		sum += price * grams;
	}
	return sum;
}

/** What the mixtures of the day cost, in the salon's currency; nothing where it has not said. */
export function mixtureCost(
	bowls: readonly MixBowl[],
	shelf: Shelf | undefined
): number | undefined {
	const weighed = bowls
		.flatMap((bowl) => bowl.parts)
		.flatMap((part) => {
			if (part.kind === 'additive') return [];
			const key = part.kind === 'lightener' ? lightenerKey(part.product) : part.key;
			return [{ key, kind: part.kind, grams: part.amount }];
		});
	return weighed.length === 0 ? (shelf?.costs ? 0 : undefined) : costOf(weighed, shelf);
}
