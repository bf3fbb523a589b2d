import { perLadder } from '../../core/colour';
import { levelOfFibre, type AreaName, type Placement } from '../../core/lift';
import { AREA_SHARE, partingCm, workMinutes, type Coverage } from '../../core/mix';
import {
	inOrder,
	isHairline,
	partShare,
	proposeSections,
	sectionLoads,
	type HeadSection,
	type LoadedSection,
	type SectionedHead,
	type SectionLoad
} from '../../core/work';
import { aimOf, readingOf } from '../head/exceptions';
import type { Aim, BowlsPlan, LiftPlan, Reading, Shelf } from '../../schema/records';
import {
	beginCm,
	goesOn,
	reaches,
	touchesScalp,
	type DayStep,
	type WorkedPlan
} from '../day/steps';
import { mainZone, ZONES, zonesOf, type ZoneStart } from '../head/hair';
import { keptOut, picksBetween, planAt, stepOnLights, workedAreas, type KeptOut } from './kept';
import type { Learned } from './lift';

/** A section of the head with where it lies and what it takes. */
export interface SectionWork {
	readonly section: HeadSection;
	/** Nothing for one that is left out. */
	readonly load: SectionLoad | undefined;
	/** Why its hair is kept out, where nobody left it out by hand. */
	readonly kept?: KeptOut | undefined;
	readonly placement: Placement;
	/** Whether the product touches the skin there. */
	readonly onScalp: boolean;
}

/** What the main application is worked on and with. */
export interface HeadWorkSource {
	readonly reading: Reading;
	readonly aim: Aim;
	readonly bowls: BowlsPlan;
	readonly plan: LiftPlan;
	/** Applications of the same day before it. */
	readonly earlier: readonly DayStep[];
	readonly shelf: Shelf | undefined;
	readonly learned: Learned | undefined;
	/** What earlier leftovers taught of how much these hands use, 1 for typical. */
	readonly usage: number;
	/** Minutes of these hands beside usual ones; 1 unless said. */
	readonly handPace?: number | undefined;
	readonly limitMinutes: number;
}

/** The hair of an area, with the zones of its strand. */
interface AreaHair {
	readonly reading: Reading;
	readonly zones: readonly ZoneStart[];
}

/**
 * Zones of old colour are costly to work out, and a reading is never changed in place: what was worked
 * out for one stands as long as it does, however often a dial of the lift is turned meanwhile.
 */
const workedOut = perLadder(() => new WeakMap<Reading, Map<AreaName | undefined, AreaHair>>());

export function hairAt(reading: Reading, area?: AreaName): AreaHair {
	const worked = workedOut();
	let areas = worked.get(reading);
	if (!areas) worked.set(reading, (areas = new Map<AreaName | undefined, AreaHair>()));
	const known = areas.get(area);
	if (known) return known;
	const own = readingOf(reading, area);
	const hair: AreaHair =
		area !== undefined && own === reading ? hairAt(reading) : { reading: own, zones: zonesOf(own) };
	areas.set(area, hair);
	return hair;
}

/** Centimetres of each strand of an area that a mixture goes on, as its plan works there. */
const coveredCm = (
	reading: Reading,
	plan: WorkedPlan,
	area?: AreaName,
	technique?: BowlsPlan['technique']
): number =>
	Math.max(
		0.5,
		hairAt(reading, area)
			.zones.filter(({ name }) => reaches(plan, name))
			.reduce((sum, zone) => sum + workedCm(plan, zone, technique), 0)
	);

/** Centimetres of a zone from where a mixture begins. */
const reachedCm = (plan: WorkedPlan, zone: ZoneStart): number =>
	Math.max(0, zone.toCm - beginCm(plan, zone));

/** Centimetres of a zone that a mixture goes on: between old light pieces only the darker hair is picked up. */
const workedCm = (
	plan: WorkedPlan,
	zone: ZoneStart,
	technique?: BowlsPlan['technique']
): number => {
	const round = picksBetween(plan, technique) && plan.roundLights?.includes(zone.name);
	return reachedCm(plan, zone) * (1 - (round ? (zone.oldLights?.share ?? 0) : 0));
};

/** The head on which an application is worked. */
export type StepHead = Pick<HeadWorkSource, 'reading' | 'aim' | 'plan'>;

/** The same with how it is sectioned. */
export type SectionedSource = StepHead & Pick<HeadWorkSource, 'bowls'>;

/** Share of the head's hair that lies in some areas, as far as a part of the head takes it. */
export const hairShare = (areas: readonly AreaName[], part?: LiftPlan['part']): number =>
	areas.reduce((sum, area) => sum + AREA_SHARE[area] * partShare(part, area), 0);

/** Centimetres of each strand that a mixture goes on: over some areas, each by its share of the hair. */
export function meanCoveredCm(
	{ reading, aim, plan, bowls }: StepHead & Partial<Pick<HeadWorkSource, 'bowls'>>,
	areas: readonly AreaName[],
	kind?: DayStep['kind']
): number {
	const share = hairShare(areas, plan.part);
	if (share === 0)
		return coveredCm(
			reading,
			planAt(plan, reading, aim, undefined, kind),
			undefined,
			bowls?.technique
		);
	const sum = areas.reduce(
		(total, area) =>
			total +
			hairShare([area], plan.part) *
				coveredCm(reading, planAt(plan, reading, aim, area, kind), area, bowls?.technique),
		0
	);
	return sum / share;
}

/** What the loads of a head rest on. */
export type LoadSource = StepHead & Pick<HeadWorkSource, 'bowls' | 'usage' | 'handPace'>;

/** The head as sections share it out. */
export const sectionedHead = ({
	reading,
	aim,
	bowls,
	plan,
	usage,
	handPace = 1
}: LoadSource): SectionedHead => ({
	technique: bowls.technique,
	foils: bowls.foils,
	density: reading.density,
	texture: reading.texture,
	section: plan.section,
	coveredCm: meanCoveredCm(
		{ reading, aim, plan, bowls },
		workedAreas({ kind: 'main', plan }, reading, aim)
	),
	...reading.haircut,
	usage,
	hands: bowls.hands / handPace
});

/** Minutes one pair of hands needs for the whole head. */
function headMinutes(head: SectionedHead, bowls: BowlsPlan): number {
	const coverage: Coverage =
		head.technique === 'foils'
			? { ...head, technique: 'foils', picking: bowls.picking }
			: head.technique === 'retouch'
				? { ...head, technique: 'retouch', partingCm: partingCm(1, head.section) }
				: { ...head, technique: 'open' };
	return workMinutes(coverage);
}

/** Level that a section's main zone has now. */
export const sectionLevel =
	({ reading, aim, plan }: StepHead) =>
	({ areas }: HeadSection): number =>
		Math.min(
			...areas.map((area) => {
				const { covers } = planAt(plan, reading, aim, area);
				return levelOfFibre(mainZone(hairAt(reading, area).zones, covers).fibre);
			})
		);

/** The sections in the order of the work: as somebody set them, or as proposed for this head. */
export function sectionsOf(source: SectionedSource): HeadSection[] {
	const { reading, bowls } = source;
	if (bowls.sections) return bowls.sections;
	const head = sectionedHead({ ...source, usage: 1 });
	const proposed = proposeSections({
		technique: bowls.technique,
		foils: bowls.foils,
		minutes: headMinutes(head, bowls),
		picking: bowls.picking,
		undercut: reading.haircut.undercut,
		part: source.plan.part
	});
	return inOrder(proposed, bowls.order, sectionLevel(source));
}

/** Under packets that follow, foils keep more heat; along the hairline they lie on warm, fine hair. */
const COVERED: readonly AreaName[] = ['nape', 'back'];
function placeOf(section: HeadSection, plan: LiftPlan): Placement {
	if (section.placement) return section.placement;
	if (plan.placement !== 'foil') return plan.placement;
	if (isHairline(section)) return 'foilHairline';
	return section.areas.every((area) => COVERED.includes(area)) ? 'foilCovered' : 'foil';
}

/** Areas of a section on which something is put. */
export const workedIn = ({ reading, aim, plan }: StepHead, { areas }: HeadSection): AreaName[] => {
	const worked = workedAreas({ kind: 'main', plan }, reading, aim);
	return areas.filter((area) => worked.includes(area));
};

/** The main application on the old light pieces of an area: it goes on no other hair there. */
export const lightsPlanAt = (
	{ reading, aim, plan, bowls }: SectionedSource,
	area: AreaName | undefined
): WorkedPlan =>
	stepOnLights(
		{ id: '', kind: 'main', plan },
		readingOf(reading, area),
		aimOf(aim, area),
		bowls.technique
	).plan;

/** Areas of a section on which old light pieces get a bowl of their own. */
export const lightsIn = (source: SectionedSource, section: HeadSection): AreaName[] =>
	picksBetween(source.plan, source.bowls.technique)
		? workedIn(source, section).filter((area) => goesOn(lightsPlanAt(source, area)))
		: [];

/** Part of what a section takes that goes on old light pieces, 0-1. */
export function lightsShare(source: SectionedSource, section: HeadSection): number {
	const { reading, aim, plan } = source;
	const lit = lightsIn(source, section);
	if (lit.length === 0) return 0;
	const cmOf = (area: AreaName) => {
		const on = lightsPlanAt(source, area);
		return hairAt(reading, area)
			.zones.filter(({ name }) => on.covers[name])
			.reduce((sum, zone) => sum + reachedCm(on, zone) * (zone.oldLights?.share ?? 0), 0);
	};
	const lights = lit.reduce((sum, area) => sum + hairShare([area], plan.part) * cmOf(area), 0);
	const areas = workedIn(source, section);
	const all = hairShare(areas, plan.part) * meanCoveredCm({ reading, aim, plan }, areas);
	return all > 0 ? Math.min(1, lights / all) : 0;
}

/** A section with what of it is worked: hair that is kept out takes no foil, no gram and no minute. */
function loaded(source: SectionedSource, section: HeadSection): LoadedSection {
	const areas = workedIn(source, section);
	if (areas.length === 0) return { ...section, skip: true };
	return {
		...section,
		share: (section.share * hairShare(areas)) / hairShare(section.areas),
		coveredCm: meanCoveredCm(source, areas)
	};
}

/** Foils, grams and minutes of the sections in their order; nothing for one that is left or kept out. */
export const loadsOf = (
	source: LoadSource,
	sections: readonly HeadSection[] = sectionsOf(source)
): (SectionLoad | undefined)[] =>
	sectionLoads(
		sections.map((section) => loaded(source, section)),
		sectionedHead(source)
	);

/** Why a section is kept out as a whole, in the order in which it is told; nothing where it is worked. */
function keptSection(source: StepHead, section: HeadSection): KeptOut | undefined {
	if (section.skip || workedIn(source, section).length > 0) return undefined;
	const { reading, aim, plan } = source;
	const reasons = section.areas.flatMap((area) =>
		ZONES.map((zone) => keptOut(plan, readingOf(reading, area), aimOf(aim, area), zone))
	);
	return (
		(['deeper', 'light', 'enough'] as const).find((reason) => reasons.includes(reason)) ?? 'left'
	);
}

/** The sections in the order of the work, with their grams and minutes. */
export function sectionWork(source: HeadWorkSource): SectionWork[] {
	const sections = sectionsOf(source);
	const loads = loadsOf(source, sections);
	return sections.map((section, i) => ({
		section,
		load: loads[i],
		kept: keptSection(source, section),
		placement: placeOf(section, source.plan),
		onScalp: workedIn(source, section).some((area) =>
			touchesScalp(
				planAt(source.plan, source.reading, source.aim, area),
				hairAt(source.reading, area).zones
			)
		)
	}));
}

/** Whether an application puts anything on the head at all. */
export const isWorked = (step: Omit<DayStep, 'id'>, reading: Reading, aim: Aim): boolean =>
	goesOn(step.plan) && workedAreas(step, reading, aim).length > 0;
