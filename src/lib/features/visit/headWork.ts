import type { Ceilings } from '../../core/caution';
import { levelOfFibre, predictLift, type AreaName, type Placement } from '../../core/lift';
import { ratioFault, workMinutes, type Coverage } from '../../core/mix';
import {
	inOrder,
	isHairline,
	proposeSections,
	sectionLoads,
	STAGING,
	type HeadPass,
	type HeadSection,
	type HeadStaging,
	type SectionedHead,
	type SectionLoad,
	type WorkSection
} from '../../core/work';
import { aimOf, aimOn, readingOf } from '../../records/areas';
import type { Aim, BowlsPlan, LiftPlan, Reading, Shelf, ZoneName } from '../../schema/records';
import { reaches, type DayStep } from './day';
import { conditionOf, mainZone, zonesOf, type ZoneStart } from './hair';
import { applicationOn, liftTarget, subjectOf, type Learned } from './lift';
import { areaWords } from './words';

/** A section of the head with what it is called and what it takes. */
export interface NamedSection {
	readonly section: HeadSection;
	readonly name: string;
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
const worked = new WeakMap<Reading, Map<AreaName | undefined, AreaHair>>();

function hairAt(reading: Reading, area?: AreaName): AreaHair {
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

/** What sections are called: their areas, numbered where several lie in the same. */
export function sectionNames(sections: readonly HeadSection[]): string[] {
	const words = sections.map(({ areas }) => areaWords(areas));
	const met = new Map<string, number>();
	return words.map((name) => {
		const count = (met.get(name) ?? 0) + 1;
		met.set(name, count);
		return words.filter((other) => other === name).length > 1 ? `${name} ${count}` : name;
	});
}

/** Under packets that follow, foils keep more heat; along the hairline they lie on warm, fine hair. */
const COVERED: readonly AreaName[] = ['nape', 'back'];
function placeOf(section: HeadSection, plan: LiftPlan): Placement {
	if (section.placement) return section.placement;
	if (plan.placement !== 'foil') return plan.placement;
	if (isHairline(section)) return 'foilHairline';
	return section.areas.every((area) => COVERED.includes(area)) ? 'foilCovered' : 'foil';
}

/** The sections with their names, grams and minutes. */
export function namedSections(source: HeadWorkSource): NamedSection[] {
	const { reading, bowls, plan, usage } = source;
	const sections = sectionsOf(source);
	const names = sectionNames(sections);
	const loads = sectionLoads(sections, sectionedHead(reading, bowls, plan, usage));
	return sections.map((section, i) => ({
		section,
		name: names[i]!,
		load: loads[i],
		placement: placeOf(section, plan)
	}));
}

/** Parts of the strand that may have bowls of their own. */
const PARTS = [
	{ part: 'root', zones: ['root'] },
	{ part: 'lengths', zones: ['lengths', 'ends'] }
] as const satisfies readonly { part: string; zones: readonly ZoneName[] }[];

/** Whether root and lengths are both worked, so that they can be worked apart. */
export const hasParts = (reading: Reading, plan: LiftPlan): boolean =>
	PARTS.every(({ zones }) =>
		hairAt(reading).zones.some(
			({ name }) => plan.covers[name] && (zones as readonly ZoneName[]).includes(name)
		)
	);

/**
 * The head as it is staged: every section with its own hair, brought to its own aim; root and lengths
 * apart where they have bowls of their own.
 */
export function headStaging(
	source: HeadWorkSource,
	named: readonly NamedSection[] = namedSections(source)
): HeadStaging {
	const { reading, aim, bowls, plan, shelf } = source;
	const worked = named.filter(({ load }) => load !== undefined);
	const zone = mainZone(hairAt(reading).zones, plan.covers);
	const target = liftTarget(aimOn(aimOf(aim, undefined), zone.name));
	const apart = bowls.strand !== 'together' && hasParts(reading, plan);
	const sections = (zones?: readonly ZoneName[], part?: string) =>
		worked.map((each) => workSection(source, each, target, zones, part));
	const inParts = PARTS.map(({ part, zones }): HeadPass => ({
		part,
		sections: sections(zones, part)
	}));
	const [root, lengths] = inParts as [HeadPass, HeadPass];
	const passes: HeadPass[] = !apart
		? [{ sections: sections() }]
		: bowls.strand === 'rootLater'
			? [lengths, rootAfter(root, lengths, plan.delays.root)]
			: [
					{ ...root, beginMinute: 0 },
					{ ...lengths, beginMinute: 0 }
				];
	const subject = subjectOf(reading, source.learned);
	return {
		passes: bowls.freshLast ? passes.map(withFreshLast) : passes,
		common: {
			fibre: afterEarlier(source, reading, zone),
			factors: subject.factors,
			condition: conditionOf(reading),
			product: plan.product,
			second: plan.second,
			ratio: plan.ratio,
			...(bowls.ratioLever
				? {
						ratios: [plan.ratio - STAGING.ratioStep, plan.ratio + STAGING.ratioStep].filter(
							(ratio) => ratioFault(plan.product, ratio) === undefined
						)
					}
				: {}),
			damp: plan.damp,
			bondAdditive: plan.bondAdditive,
			stock: shelf?.developers ?? [],
			ceiling: STRONGEST,
			...(shelf ? { ceilings: shelf.ceilings satisfies Ceilings, step: shelf.scaleStep } : {}),
			...(bowls.leastVolume === undefined ? {} : { leastVolume: bowls.leastVolume }),
			limitMinutes: source.limitMinutes,
			target,
			spread: subject.spreadOf(zone.name)
		},
		volume: plan.volume,
		processMinutes: plan.minutes,
		rinse: bowls.rinse,
		staged: bowls.staged
	};
}

/** No developer is stronger; ceilings by product and place hold beside it. */
const STRONGEST = 40;

/** The root follows once the lengths are on, or as much later as Lift says. */
const rootAfter = (root: HeadPass, lengths: HeadPass, delayMinutes: number): HeadPass => ({
	...root,
	sections: root.sections.map((section, i) =>
		i === 0 ? { ...section, freshBowl: true } : section
	),
	beginMinute: Math.max(
		delayMinutes,
		lengths.sections.reduce((sum, { minutesToApply }) => sum + minutesToApply, 0)
	)
});

const withFreshLast = (pass: HeadPass): HeadPass => ({
	...pass,
	sections: pass.sections.map((section, i) =>
		i === pass.sections.length - 1 ? { ...section, freshBowl: true } : section
	)
});

function afterEarlier(source: HeadWorkSource, reading: Reading, zone: ZoneStart) {
	if (source.earlier.length === 0) return zone.fibre;
	const applications = source.earlier.map(({ plan }) => applicationOn(plan, zone));
	const { factors } = subjectOf(reading, source.learned);
	return predictLift(zone.fibre, applications, factors).at(-1)!.fibre;
}

/** One section with the hair of its first area, or of one part of its strands. */
function workSection(
	source: HeadWorkSource,
	{ section, name, load, placement }: NamedSection,
	headTarget: number,
	only?: readonly ZoneName[],
	part?: string
): WorkSection {
	const { plan, aim } = source;
	const area = section.areas[0];
	const { reading, zones } = hairAt(source.reading, area);
	const covers = only
		? {
				root: plan.covers.root && only.includes('root'),
				lengths: plan.covers.lengths && only.includes('lengths'),
				ends: plan.covers.ends && only.includes('ends')
			}
		: plan.covers;
	const zone = mainZone(zones, covers);
	const length = (some: LiftPlan['covers']) =>
		zones.filter((each) => some[each.name]).reduce((sum, each) => sum + each.toCm - each.fromCm, 0);
	const reached = only ? length(covers) / Math.max(0.1, length(plan.covers)) : 1;
	const lock = strengthOf(source.bowls, section, name, part);
	const own = liftTarget(aimOn(aimOf(aim, area), zone.name));
	return {
		name,
		grams: load!.grams * reached,
		// Two bowls in one packet take no longer than one; a strand worked in two goes does by its parts.
		minutesToApply: load!.minutes * (source.bowls.strand === 'rootLater' ? reached : 1),
		placement,
		section: section.thickness ?? plan.section,
		fibre: afterEarlier(source, reading, zone),
		factors: subjectOf(reading, source.learned).factors,
		condition: conditionOf(reading),
		distanceCm: (zone.fromCm + zone.toCm) / 2,
		...(own === headTarget ? {} : { aimAbove: own - headTarget }),
		...(isHairline(section) ? { fineHairline: true } : {}),
		...lock
	};
}

/** The strength a section is bound to: of the bowl that is weighed for it, or as somebody set it. */
function strengthOf(
	{ mixed }: BowlsPlan,
	{ lockedVolume }: HeadSection,
	name: string,
	part: string | undefined
): Pick<WorkSection, 'lockedVolume' | 'lockedRatio'> {
	const bowl = mixed.findLast(
		(one) => one.done && one.part === part && one.sections.includes(name)
	);
	if (bowl) return { lockedVolume: bowl.volume, lockedRatio: bowl.ratio };
	return lockedVolume === undefined ? {} : { lockedVolume };
}
