import { perLadder } from '../../core/colour';
import { levelOfFibre, type AreaName, type Placement } from '../../core/lift';
import { workMinutes, type Coverage } from '../../core/mix';
import {
	inOrder,
	isHairline,
	proposeSections,
	sectionLoads,
	type HeadSection,
	type SectionedHead,
	type SectionLoad
} from '../../core/work';
import { readingOf } from './exceptions';
import type { Aim, BowlsPlan, LiftPlan, Reading, Shelf } from '../../schema/records';
import { reaches, type DayStep } from './day';
import { mainZone, zonesOf, type ZoneStart } from './hair';
import type { Learned } from './lift';

/** A section of the head with where it lies and what it takes. */
export interface SectionWork {
	readonly section: HeadSection;
	/** Nothing for one that is left out. */
	readonly load: SectionLoad | undefined;
	readonly placement: Placement;
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

/** Centimetres of each strand that a mixture goes on. */
export const coveredCm = (reading: Reading, plan: LiftPlan): number =>
	Math.max(
		0.5,
		hairAt(reading)
			.zones.filter(({ name }) => reaches(plan, name))
			.reduce((sum, zone) => sum + zone.toCm - zone.fromCm, 0)
	);

/** The head as sections share it out. */
export const sectionedHead = (
	reading: Reading,
	bowls: BowlsPlan,
	plan: LiftPlan,
	usage: number
): SectionedHead => ({
	technique: bowls.technique,
	foils: bowls.foils,
	density: reading.density,
	texture: reading.texture,
	section: plan.section,
	coveredCm: coveredCm(reading, plan),
	...reading.haircut,
	usage,
	hands: bowls.hands
});

/** Minutes one pair of hands needs for the whole head. */
function headMinutes(head: SectionedHead, bowls: BowlsPlan): number {
	const coverage: Coverage =
		head.technique === 'foils'
			? { ...head, technique: 'foils', picking: bowls.picking }
			: { ...head, technique: 'open' };
	return workMinutes(coverage);
}

/** Level that a section's main zone has now. */
export const sectionLevel =
	(reading: Reading, plan: LiftPlan) =>
	({ areas }: HeadSection): number =>
		Math.min(
			...areas.map((area) => {
				return levelOfFibre(mainZone(hairAt(reading, area).zones, plan.covers).fibre);
			})
		);

/** The sections in the order of the work: as somebody set them, or as proposed for this head. */
export function sectionsOf(
	source: Pick<HeadWorkSource, 'reading' | 'bowls' | 'plan'>
): HeadSection[] {
	const { reading, bowls, plan } = source;
	if (bowls.sections) return bowls.sections;
	const head = sectionedHead(reading, bowls, plan, 1);
	const proposed = proposeSections({
		technique: bowls.technique,
		foils: bowls.foils,
		minutes: headMinutes(head, bowls),
		picking: bowls.picking,
		undercut: reading.haircut.undercut
	});
	return inOrder(proposed, bowls.order, sectionLevel(reading, plan));
}

/** Under packets that follow, foils keep more heat; along the hairline they lie on warm, fine hair. */
const COVERED: readonly AreaName[] = ['nape', 'back'];
function placeOf(section: HeadSection, plan: LiftPlan): Placement {
	if (section.placement) return section.placement;
	if (plan.placement !== 'foil') return plan.placement;
	if (isHairline(section)) return 'foilHairline';
	return section.areas.every((area) => COVERED.includes(area)) ? 'foilCovered' : 'foil';
}

/** The sections in the order of the work, with their grams and minutes. */
export function sectionWork(source: HeadWorkSource): SectionWork[] {
	const { reading, bowls, plan, usage } = source;
	const sections = sectionsOf(source);
	const loads = sectionLoads(sections, sectionedHead(reading, bowls, plan, usage));
	return sections.map((section, i) => ({
		section,
		load: loads[i],
		placement: placeOf(section, plan)
	}));
}
