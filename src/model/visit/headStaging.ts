import type { Ceilings } from '../../core/caution';
import { predictLift, type AreaName, type Fibre, type HeadFactors } from '../../core/lift';
import { ratioFault } from '../../core/mix';
import {
	isHairline,
	STAGING,
	type HeadPass,
	type HeadSection,
	type HeadStaging,
	type SectionId,
	type StrandPart,
	type WorkSection
} from '../../core/work';
import { aimOf, aimOn } from '../head/exceptions';
import type { StepHead } from './headWork';
import type { BowlsPlan, LiftPlan, MixedBowl, Reading, ZoneName } from '../../schema/records';
import { conditionOf, lightsZone, mainZone, type ZoneStart } from '../head/hair';
import {
	hairAt,
	lightsIn,
	lightsPlanAt,
	lightsShare,
	sectionWork,
	workedIn,
	type HeadWorkSource,
	type SectionWork
} from './headWork';
import { planAt, stepOnLights, stepsAt, stepsOn } from './kept';
import { middleOf, touchesScalp, volumeOn, type WorkedPlan } from '../day/steps';
import { applicationOn, liftTarget, subjectOf } from './lift';

/** Zones of each part of the strand that may have bowls of its own. */
type ZonePart = Exclude<StrandPart, 'oldLights'>;
const PART_ZONES: Readonly<Record<ZonePart, readonly ZoneName[]>> = {
	root: ['root'],
	lengths: ['lengths', 'ends']
};

/** Zones of a hair that each part of the strand takes in; hair lightened already is a part of its own. */
function zonesOfPart(
	plan: WorkedPlan,
	zones: readonly ZoneStart[],
	part: ZonePart
): readonly ZoneName[] {
	if (!takesWeakBowl(plan, zones)) return PART_ZONES[part];
	const light = part === 'lengths';
	return zones.filter(({ state }) => (state === 'lightened') === light).map(({ name }) => name);
}

/** Whether hair that is lightened already is worked beside hair that is not, with a weak bowl of its own. */
const takesWeakBowl = (plan: WorkedPlan, zones: readonly ZoneStart[]): boolean => {
	const covered = zones.filter(({ name }) => plan.covers[name]);
	return (
		covered.some((zone) => volumeOn(plan, zone) < plan.volume) &&
		covered.some((zone) => volumeOn(plan, zone) === plan.volume)
	);
};

/** Whether two parts of the strand are both worked, so that they can be worked apart. */
export function hasParts(source: StepHead): boolean {
	const { reading, aim } = source;
	const plan = planAt(source.plan, reading, aim, undefined);
	const { zones } = hairAt(reading);
	return (['root', 'lengths'] as const).every((part) =>
		zones.some(({ name }) => plan.covers[name] && zonesOfPart(plan, zones, part).includes(name))
	);
}

/**
 * The head as it is staged: every section with its own hair, brought to its own aim; root and lengths
 * apart where they have bowls of their own.
 */
export function headStaging(
	source: HeadWorkSource,
	planned: readonly SectionWork[] = sectionWork(source)
): HeadStaging {
	const { reading, aim, bowls, shelf } = source;
	const worked = planned.filter(({ load }) => load !== undefined);
	const plan = planAt(source.plan, reading, aim, undefined);
	const { zones } = hairAt(reading);
	const zone = mainZone(zones, plan.covers);
	const target = liftTarget(aimOn(aimOf(aim, undefined), zone.name));
	const weak = takesWeakBowl(plan, zones);
	const apart = (weak || bowls.strand !== 'together') && hasParts(source);
	const sections = (part?: ZonePart) =>
		worked.map((each) => workSection(source, each, target, part));
	const passOf = (part: ZonePart): HeadPass => ({ part, sections: sections(part) });
	const [root, lengths] = [passOf('root'), passOf('lengths')];
	// Old light pieces lie in the same foils as the hair they are among.
	const lit = worked.filter(({ section }) => lightsIn(source, section).length > 0);
	const lights: HeadPass[] =
		lit.length === 0
			? []
			: [
					{
						part: 'oldLights',
						sections: lit.map((each) => lightsSection(source, each)),
						alongside: true
					}
				];
	const passes: HeadPass[] = !apart
		? [{ sections: sections() }, ...lights]
		: bowls.strand === 'rootLater'
			? [lengths, ...lights, { ...withFresh(root, 0), notBefore: plan.delays.root }]
			: [root, { ...lengths, alongside: true }, ...lights];
	const subject = subjectOf(reading, source.learned);
	return {
		passes: bowls.freshLast
			? passes.map((pass) => withFresh(pass, pass.sections.length - 1))
			: passes,
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
			// Staging is weaker where it can be and never stronger than was chosen, unless that is asked for.
			ceiling: bowls.aboveChosen ? STRONGEST : plan.volume,
			...(shelf ? { ceilings: shelf.ceilings satisfies Ceilings, step: shelf.scaleStep } : {}),
			leastVolume: Math.min(bowls.leastVolume ?? STAGING.leastVolume, plan.volume),
			limitMinutes: source.limitMinutes,
			target,
			spread: subject.spreadOf(zone.name)
		},
		volume: volumeOn(plan, zone),
		processMinutes: plan.minutes,
		rinse: bowls.rinse,
		staged: bowls.staged
	};
}

/** No developer is stronger; ceilings by product and place hold beside it. */
const STRONGEST = 40;

/** A bowl of its own for one of the sections. */
const withFresh = (pass: HeadPass, at: number): HeadPass => ({
	...pass,
	sections: pass.sections.map((section, i) =>
		i === at ? { ...section, freshBowl: true } : section
	)
});

/** The hair of a zone as the earlier applications of the day leave it there; some leave an area out. */
const afterEarlier = (
	source: HeadWorkSource,
	reading: Reading,
	zone: ZoneStart,
	area?: AreaName
): Fibre =>
	after(
		zone.fibre,
		(area === undefined
			? source.earlier
			: stepsOn(source.earlier, area, reading, aimOf(source.aim, area))
		).map(({ plan }) => plan),
		zone,
		subjectOf(reading, source.learned, area).factors
	);

const after = (
	fibre: Fibre,
	plans: readonly WorkedPlan[],
	zone: ZoneStart,
	factors: HeadFactors
): Fibre =>
	predictLift(
		fibre,
		plans.map((plan) => applicationOn(plan, zone)),
		factors
	).at(-1)?.fibre ?? fibre;

/** One section with the hair of its first area, or of one part of its strands. */
function workSection(
	source: HeadWorkSource,
	{ section, load, placement }: SectionWork,
	headTarget: number,
	part?: ZonePart
): WorkSection {
	const { aim } = source;
	const [area] = workedIn(source, section);
	const plan = planAt(source.plan, source.reading, aim, area);
	const { reading, zones } = hairAt(source.reading, area);
	const only = part && zonesOfPart(plan, zones, part);
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
	// Where hair that is lightened already shares a bowl with other hair, both get the weak one.
	const most = Math.min(
		plan.volume,
		...zones.filter(({ name }) => covers[name]).map((each) => volumeOn(plan, each))
	);
	const lock = strengthOf(source.bowls, section, part, most, plan.volume);
	const own = liftTarget(aimOn(aimOf(aim, area), zone.name));
	return {
		id: section.id,
		area: area ?? section.areas[0],
		grams: load!.grams * reached * (1 - lightsShare(source, section)),
		// Two bowls in one packet take no longer than one; a strand worked in two goes does by its parts.
		minutesToApply: load!.minutes * (source.bowls.strand === 'rootLater' ? reached : 1),
		placement,
		section: section.thickness ?? plan.section,
		fibre: afterEarlier(source, reading, zone, area),
		factors: subjectOf(reading, source.learned, area).factors,
		condition: conditionOf(reading),
		distanceCm: middleOf(plan, zone),
		onScalp: touchesScalp({ ...plan, covers }, zones),
		...(own === headTarget ? {} : { aimAbove: own - headTarget }),
		...(isHairline(section) ? { fineHairline: true } : {}),
		...lock
	};
}

/** The old light pieces of a section, with the weak bowl that was said for them. */
function lightsSection(
	source: HeadWorkSource,
	{ section, load, placement }: SectionWork
): WorkSection {
	const [area] = lightsIn(source, section);
	const plan = lightsPlanAt(source, area);
	const { reading, zones } = hairAt(source.reading, area);
	const zone = lightsZone(mainZone(zones, plan.covers));
	const { factors } = subjectOf(reading, source.learned, area);
	const earlier = stepsAt(source.earlier, area!).map(
		(step) => stepOnLights(step, reading, aimOf(source.aim, area), source.bowls.technique).plan
	);
	const fibre = after(zone.fibre, earlier, zone, factors);
	return {
		id: section.id,
		area,
		grams: load!.grams * lightsShare(source, section),
		minutesToApply: load!.minutes,
		placement,
		section: section.thickness ?? plan.section,
		fibre,
		factors,
		condition: conditionOf(reading),
		distanceCm: middleOf(plan, zone),
		onScalp: touchesScalp(plan, zones),
		...(isHairline(section) ? { fineHairline: true } : {}),
		...strengthOf(source.bowls, section, 'oldLights', volumeOn(plan, zone), Infinity)
	};
}

/** The strength a section is bound to: of the bowl that is weighed for it, or as somebody set it. */
function strengthOf(
	{ mixed }: BowlsPlan,
	{ id, lockedVolume }: HeadSection,
	part: StrandPart | undefined,
	most: number,
	chosen: number
): Pick<WorkSection, 'lockedVolume' | 'lockedRatio' | 'bowl'> {
	const bowl = weighedFor(mixed, id, part);
	if (bowl) return { lockedVolume: bowl.volume, lockedRatio: bowl.ratio, bowl: bowl.id };
	// Hair that is lightened already keeps its weak bowl, whatever is set for the section.
	if (most < chosen) return { lockedVolume: Math.min(most, lockedVolume ?? most) };
	return lockedVolume === undefined ? {} : { lockedVolume };
}

/** The bowl that was weighed for a section, or for one part of its strands; nothing where none was begun. */
export const weighedFor = (
	mixed: readonly MixedBowl[],
	section: SectionId,
	part: StrandPart | undefined
): MixedBowl | undefined =>
	mixed.findLast((bowl) => bowl.part === part && bowl.sections.includes(section));
