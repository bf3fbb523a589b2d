import { STRAND_PARTS } from '../../core/vocabulary';
import type { Ceilings } from '../../core/caution';
import { predictLift } from '../../core/lift';
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
import { aimOf, aimOn } from './exceptions';
import type { BowlsPlan, LiftPlan, MixedBowl, Reading, ZoneName } from '../../schema/records';
import { conditionOf, mainZone, type ZoneStart } from './hair';
import { hairAt, sectionWork, type HeadWorkSource, type SectionWork } from './headWork';
import { applicationOn, liftTarget, subjectOf } from './lift';

/** Zones of each part of the strand that may have bowls of its own. */
const PART_ZONES: Readonly<Record<StrandPart, readonly ZoneName[]>> = {
	root: ['root'],
	lengths: ['lengths', 'ends']
};

/** Whether root and lengths are both worked, so that they can be worked apart. */
export const hasParts = (reading: Reading, plan: LiftPlan): boolean =>
	STRAND_PARTS.every((part) =>
		hairAt(reading).zones.some(({ name }) => plan.covers[name] && PART_ZONES[part].includes(name))
	);

/**
 * The head as it is staged: every section with its own hair, brought to its own aim; root and lengths
 * apart where they have bowls of their own.
 */
export function headStaging(
	source: HeadWorkSource,
	planned: readonly SectionWork[] = sectionWork(source)
): HeadStaging {
	const { reading, aim, bowls, plan, shelf } = source;
	const worked = planned.filter(({ load }) => load !== undefined);
	const zone = mainZone(hairAt(reading).zones, plan.covers);
	const target = liftTarget(aimOn(aimOf(aim, undefined), zone.name));
	const apart = bowls.strand !== 'together' && hasParts(reading, plan);
	const sections = (part?: StrandPart) =>
		worked.map((each) => workSection(source, each, target, part));
	const passOf = (part: StrandPart): HeadPass => ({ part, sections: sections(part) });
	const [root, lengths] = [passOf('root'), passOf('lengths')];
	const passes: HeadPass[] = !apart
		? [{ sections: sections() }]
		: bowls.strand === 'rootLater'
			? [lengths, { ...withFresh(root, 0), notBefore: plan.delays.root }]
			: [root, { ...lengths, alongside: true }];
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
		volume: plan.volume,
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

function afterEarlier(source: HeadWorkSource, reading: Reading, zone: ZoneStart) {
	if (source.earlier.length === 0) return zone.fibre;
	const applications = source.earlier.map(({ plan }) => applicationOn(plan, zone));
	const { factors } = subjectOf(reading, source.learned);
	return predictLift(zone.fibre, applications, factors).at(-1)!.fibre;
}

/** One section with the hair of its first area, or of one part of its strands. */
function workSection(
	source: HeadWorkSource,
	{ section, load, placement }: SectionWork,
	headTarget: number,
	part?: StrandPart
): WorkSection {
	const { plan, aim } = source;
	const area = section.areas[0];
	const { reading, zones } = hairAt(source.reading, area);
	const only = part && PART_ZONES[part];
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
	const lock = strengthOf(source.bowls, section, part);
	const own = liftTarget(aimOn(aimOf(aim, area), zone.name));
	return {
		id: section.id,
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
	{ id, lockedVolume }: HeadSection,
	part: StrandPart | undefined
): Pick<WorkSection, 'lockedVolume' | 'lockedRatio' | 'bowl'> {
	const bowl = weighedFor(mixed, id, part);
	if (bowl) return { lockedVolume: bowl.volume, lockedRatio: bowl.ratio, bowl: bowl.id };
	return lockedVolume === undefined ? {} : { lockedVolume };
}

/** The bowl that was weighed for a section, or for one part of its strands; nothing where none was begun. */
export const weighedFor = (
	mixed: readonly MixedBowl[],
	section: SectionId,
	part: StrandPart | undefined
): MixedBowl | undefined =>
	mixed.findLast((bowl) => bowl.part === part && bowl.sections.includes(section));
