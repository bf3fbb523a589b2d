import { additiveDose, BOWL_LIFE_MINUTES, consistencyOf, toStep, type Bowl } from '../core/mix';
import type { ChosenPart, LiftPlan, MixedBowl, Shelf, ShelfLine } from '../schema/records';
import { MAIN_STEP } from '../model/visit/day';
import type { VisitSession } from './visitState.svelte';
import { tonerOf, type StepWork } from '../model/visit/work';
import { formatRatio, labelIn, PRODUCT_OPTIONS, STEP_NAMES } from '../wording/words';
import { startOf, timeOf } from '../model/visit/when';

/** One thing that goes into a bowl. */
export interface BowlPart {
	readonly name: string;
	readonly kind: 'lightener' | 'colour' | 'developer' | 'additive';
	readonly amount: number;
	readonly unit: 'g' | 'drops' | 'ml';
	/** Strength of a developer, volumes. */
	readonly volume?: number;
}

/** A bowl of the day as it is weighed: lightener, lowlights or toner. */
export interface MixBowl {
	/** Its place in the order of mixing, from 1. */
	readonly number: number;
	/** What it is for. */
	readonly name: string;
	/** When, how strong, how thick: in a line. */
	readonly note: string;
	readonly sections: readonly string[];
	/** The part of the strand it goes on, where several are worked apart. */
	readonly part?: string | undefined;
	/** Developer strength, volumes; 0 without developer. */
	readonly volume: number;
	/** Parts of developer to one of lightener or colour. */
	readonly ratio: number;
	readonly parts: readonly BowlPart[];
	/** The stock makes its strength. */
	readonly mixable: boolean;
}

/** Whether a bowl that was weighed is this one: for the same sections and the same part of the strand. */
export const isBowl = (mixed: MixedBowl, bowl: MixBowl): boolean =>
	mixed.part === bowl.part && mixed.sections.join('|') === bowl.sections.join('|');

const round = (value: number) => Math.round(value * 10) / 10;

/** All bowls of the day in the order in which they are mixed: lighteners, lowlights, toner. */
export function dayBowls(session: VisitSession): MixBowl[] {
	const lighteners = session.work.steps.flatMap((work) =>
		work.bowls.bowls.map((bowl) => lightenerBowl(session, work, bowl))
	);
	return [...lighteners, ...lowlightBowl(session), ...tonerBowl(session)].map((bowl, i) => ({
		...bowl,
		number: i + 1
	}));
}

type Unnumbered = Omit<MixBowl, 'number'>;

function lightenerBowl(session: VisitSession, { step }: StepWork, bowl: Bowl): Unnumbered {
	const main = step.id === MAIN_STEP;
	const { volume, ratio, part, blend } = bowl;
	// Whole grams seldom blend to the very strength.
	const weighed =
		blend && round(blend.volume) !== round(volume) ? ` (${round(blend.volume)} as weighed)` : '';
	const start = startOf(session.visit);
	const at = main
		? `mix at ${timeOf(start, bowl.mixAtMinute)}, use by ${timeOf(start, bowl.mixAtMinute + BOWL_LIFE_MINUTES)} · `
		: '';
	const before = session.visit.before.some(({ id }) => id === step.id);
	const sections =
		bowl.sections ??
		(main ? [] : [`${before ? 'First' : 'Then'}: ${STEP_NAMES[step.kind]}, bowl ${bowl.number}`]);
	return {
		name: sections.length > 0 ? sections.join(', ') : 'the whole head',
		note: `${at}${round(volume)} vol${weighed}, ${consistencyOf(ratio)}`,
		sections,
		part,
		volume,
		ratio,
		mixable: blend !== undefined,
		parts: bowlParts(bowl, session, step.plan)
	};
}

/** What goes into a bowl, in the order in which it is weighed; the additive stands outside the ratio. */
function bowlParts(bowl: Bowl, session: VisitSession, plan: LiftPlan): BowlPart[] {
	const { shelf } = session;
	const step = shelf?.scaleStep ?? 1;
	const name =
		plan.product === session.plan.product
			? session.productName
			: labelIn(PRODUCT_OPTIONS, plan.product);
	return [
		...lightenersOf(bowl, plan, name, step),
		...(bowl.blend?.parts ?? [{ volume: bowl.volume, grams: bowl.developerGrams }]).map(
			({ volume, grams }) => developer(volume, grams)
		),
		...(plan.bondAdditive && shelf ? [additiveOf(bowl, shelf)] : [])
	];
}

const developer = (volume: number, grams: number): BowlPart => ({
	name: `${volume} vol`,
	kind: 'developer',
	amount: grams,
	unit: 'g',
	volume
});

function lightenersOf(
	{ lightenerGrams }: Bowl,
	{ second }: LiftPlan,
	productName: string,
	step: number
): BowlPart[] {
	const part = (name: string, amount: number): BowlPart => ({
		name,
		kind: 'lightener',
		amount,
		unit: 'g'
	});
	if (!second) return [part(productName, lightenerGrams)];
	const other = toStep(lightenerGrams * second.share, step);
	return [
		part(productName, toStep(lightenerGrams - other, step / 10)),
		part(labelIn(PRODUCT_OPTIONS, second.product), other)
	];
}

const additiveOf = ({ lightenerGrams }: Bowl, { additive, scaleStep }: Shelf): BowlPart => ({
	name: additive.name,
	kind: 'additive',
	amount: additiveDose(additive, lightenerGrams, scaleStep),
	unit: additive.unit
});

const colourParts = (
	parts: readonly ChosenPart[],
	line: ShelfLine,
	developerGrams: number
): BowlPart[] => [
	...parts.map(({ name, grams }): BowlPart => ({ name, kind: 'colour', amount: grams, unit: 'g' })),
	...(developerGrams > 0 && line.developerVolume > 0
		? [developer(line.developerVolume, developerGrams)]
		: [])
];

function lowlightBowl({ lowlights }: VisitSession): Unnumbered[] {
	const { bowl } = lowlights;
	if (!bowl) return [];
	const { line, foils, parts, developerGrams, aside } = bowl;
	const minutes = Math.round(aside.applyMinutes);
	return [
		{
			name: 'lowlights',
			note: `${foils} foils, ${line.name} ${formatRatio(line.ratio)}, ${line.minutes} min; first to last strand ${minutes} min`,
			sections: ['lowlights'],
			volume: line.developerVolume,
			ratio: line.ratio,
			mixable: true,
			parts: colourParts(parts, line, developerGrams)
		}
	];
}

function tonerBowl(session: VisitSession): Unnumbered[] {
	const { line, head, visit } = session;
	const toner = tonerOf(visit);
	if (!line || !toner || head.noToner || head.toneParts.length === 0) return [];
	const { tone } = visit;
	const grams = head.toneParts.reduce((sum, part) => sum + part.grams, 0);
	const ratio = line.vehicle === 'direct' ? 0 : tone.ratio;
	const step = session.shelf?.scaleStep ?? 1;
	return [
		{
			name: `toner${tone.choice === 'open' ? ', as expected' : ''}`,
			note: `${line.name}${ratio > 0 ? ` ${formatRatio(ratio)}` : ''}, ${tone.minutes} min; first to last strand ${toner.applyMinutes} min`,
			sections: ['toner'],
			volume: line.developerVolume,
			ratio,
			mixable: true,
			parts: colourParts(head.toneParts, line, toStep(grams * ratio, step))
		}
	];
}

/** What the mixtures of the day cost, in the salon's currency; nothing where it has not said. */
export function mixtureCost(
	bowls: readonly MixBowl[],
	shelf: Shelf | undefined
): number | undefined {
	const costs = shelf?.costs;
	if (!costs) return undefined;
	const parts = bowls.flatMap((bowl) => bowl.parts).filter(({ kind }) => kind !== 'additive');
	return parts.reduce(
		(sum, { kind, amount }) => sum + (amount * costs[kind as keyof typeof costs]) / 100,
		0
	);
}
