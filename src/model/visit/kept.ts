import { AREAS, isFoil, ZONE_NAMES, type KEPT_OUT } from '../../core/vocabulary';
import { formatLevel } from '../../core/hair';
import type { AreaName } from '../../core/lift';
import { partShare, partStartsAtMm } from '../../core/work';
import type { Aim, BowlsPlan, LiftPlan, Reading, ZoneName } from '../../schema/records';
import { beginCm, goesOn, onNothing, type DayStep, type WorkedPlan } from '../day/steps';
import { aimOf, aimOn, lightsAim, readingOf } from '../head/exceptions';
import { SHORTEST_CM, zoneSpans } from '../head/hair';
import { zoneLevel } from './lift';

/** Why a mixture stays off a zone. */
export type KeptOut = (typeof KEPT_OUT)[number];

/** Steps that are taken for something else than the aim's level. */
const FOR_ITSELF: readonly DayStep['kind'][] = ['removal', 'baseBreak'];

/** Whether hair of a zone is to stay as deep as it is or to go deeper, to the tenth of a level that is shown. */
export const staysDeep = (reading: Reading, aim: Aim, zone: ZoneName): boolean =>
	Number(formatLevel(aimOn(aim, zone).level)) <= Number(formatLevel(zoneLevel(reading, zone)));

/**
 * Why nothing of an application goes on a zone; nothing where it does.
 * @param reading of the area that is asked for, and so the aim
 */
export function keptOut(
	plan: LiftPlan,
	reading: Reading,
	aim: Aim,
	zone: ZoneName,
	kind: DayStep['kind'] = 'main'
): KeptOut | undefined {
	if (!plan.covers[zone]) return 'left';
	if (!FOR_ITSELF.includes(kind) && staysDeep(reading, aim, zone)) return 'deeper';
	// Old blonde breaks first: it is taken along only where somebody said why.
	if (reading.zones[zone].state === 'lightened' && !plan.overlap) return 'light';
	if (!FOR_ITSELF.includes(kind) && hasItsLights(reading, aim, zone)) return 'enough';
	return undefined;
}

/** Shares of the hair are told in steps of a twentieth: nearer than half of one they are the same. */
const SAME_SHARE = 0.025;

/**
 * Whether as much of a zone is light already as the aim asks for: what lies between is part of the result, and what
 * was not picked up by the last foils is not picked up by these.
 */
export const hasItsLights = (
	{ zones }: Pick<Reading, 'zones'>,
	{ lightShare }: Pick<Aim, 'lightShare'>,
	zone: ZoneName
): boolean => {
	const { oldLights } = zones[zone];
	return oldLights !== undefined && lightShare < 1 && lightShare <= oldLights.share + SAME_SHARE;
};

/**
 * A step as it works on hair that was read and is aimed at so: what protects itself is not covered. The
 * same step where all of it is worked as it was planned.
 */
export function stepOnHair(step: DayStep, reading: Reading, aim: Aim): DayStep {
	const { plan, kind } = step;
	const barred = ZONE_NAMES.filter(
		(zone) => !FOR_ITSELF.includes(kind) && staysDeep(reading, aim, zone)
	);
	const kept = ZONE_NAMES.filter(
		(zone) => plan.covers[zone] && keptOut(plan, reading, aim, zone, kind)
	);
	const startsAtMm = Math.max(plan.startsAtMm, partStartsAtMm(plan.part, reading.lengthCm));
	const roundLights = ZONE_NAMES.filter(
		(zone) => picksBetween(plan) && lightsKept(step, reading, aim, zone)
	);
	if (
		kept.length === 0 &&
		(barred.length === 0 || plan.drawThroughMinutes === 0) &&
		roundLights.length === 0 &&
		startsAtMm === plan.startsAtMm
	)
		return step;
	const covers = { ...plan.covers };
	for (const zone of kept) covers[zone] = false;
	const worked: WorkedPlan = { ...plan, covers, barred, roundLights, startsAtMm };
	return { ...step, plan: worked };
}

/** Old light pieces among a hair, read as hair of their own: light already. */
const asLights = (reading: Reading, zone: ZoneName): Reading => {
	const { oldLights, ...rest } = reading.zones[zone];
	const presentLevel = oldLights?.level ?? rest.presentLevel;
	const lights = { ...rest, state: 'lightened' as const, presentLevel, artificial: [] };
	return { ...reading, zones: { ...reading.zones, [zone]: lights } };
};

/** Why foils go round the old light pieces of a zone; nothing where they take them along, or there are none. */
export function lightsKept(
	{ plan, kind }: Pick<DayStep, 'plan' | 'kind'>,
	reading: Reading,
	aim: Aim,
	zone: ZoneName
): KeptOut | undefined {
	if (!reading.zones[zone].oldLights) return undefined;
	const along = withOverlap(plan, plan.lightsAlong);
	return keptOut(along, asLights(reading, zone), lightsAim(aim, zone), zone, kind);
}

const withOverlap = <P extends LiftPlan>(plan: P, overlap: LiftPlan['overlap']): P => {
	const worked = { ...plan };
	if (overlap) worked.overlap = overlap;
	else delete worked.overlap;
	return worked;
};

/**
 * A step as it works on the old light pieces of a hair, and on nothing else of it. A foil goes round them or
 * gives them their own weak bowl; a brush puts the one bowl on whatever lies there.
 * @param reading of the area that is asked for, and so the aim
 */
export function stepOnLights(
	step: DayStep,
	reading: Reading,
	aim: Aim,
	technique?: BowlsPlan['technique']
): DayStep {
	const { plan } = stepOnHair(step, reading, aim);
	const picks = picksBetween(plan, technique);
	const on = (zone: ZoneName): boolean =>
		reading.zones[zone].oldLights !== undefined &&
		(picks
			? step.plan.covers[zone] && lightsKept(step, reading, aim, zone) === undefined
			: plan.covers[zone]);
	const covers = { root: on('root'), lengths: on('lengths'), ends: on('ends') };
	const worked = withOverlap(plan, picks ? plan.lightsAlong : undefined);
	return {
		...step,
		plan: { ...worked, covers, ...(picks ? { drawThroughMinutes: 0 } : {}) }
	};
}

/** The steps of a day as they are planned on one area: one that leaves it out goes on nothing there. */
export const stepsAt = (steps: readonly DayStep[], area: AreaName): DayStep[] =>
	steps.map((step) =>
		(step.areas && !step.areas.includes(area)) || partShare(step.plan.part, area) === 0
			? { ...step, plan: onNothing(step.plan) }
			: step
	);

/** The steps of a day as they work on hair of one area. */
export const stepsOn = (
	steps: readonly DayStep[],
	area: AreaName,
	reading: Reading,
	aim: Aim
): DayStep[] => {
	const worked = stepsAt(steps, area).map((step) =>
		goesOn(step.plan) ? stepOnHair(step, reading, aim) : step
	);
	const starts = worked.filter(({ plan }) => goesOn(plan)).map(({ plan }) => plan.startsAtMm);
	const dayStartsAtMm = Math.min(...starts);
	return worked.map((step) =>
		starts.length === 0 || step.plan.startsAtMm === dayStartsAtMm
			? step
			: { ...step, plan: { ...step.plan, dayStartsAtMm } }
	);
};

/** A plan on the hair of one area of a head, as it works there; for none, on the rest of it. */
export const planAt = (
	plan: LiftPlan,
	reading: Reading,
	aim: Aim,
	area: AreaName | undefined,
	kind: DayStep['kind'] = 'main'
): WorkedPlan =>
	stepOnHair({ id: '', kind, plan }, readingOf(reading, area), aimOf(aim, area)).plan;

/** Areas of the head on which a step puts anything at all. */
export const workedAreas = (
	{ plan, kind, areas }: Omit<DayStep, 'id'>,
	reading: Reading,
	aim: Aim
): AreaName[] =>
	AREAS.filter((area) => {
		if (areas && !areas.includes(area)) return false;
		if (partShare(plan.part, area) === 0) return false;
		const there = planAt(plan, reading, aim, area, kind);
		if (!goesOn(there)) return false;
		const spans = zoneSpans(readingOf(reading, area));
		return ZONE_NAMES.some((zone) => {
			const [fromCm, toCm] = spans[zone];
			return there.covers[zone] && toCm - beginCm(there, { fromCm }) > SHORTEST_CM;
		});
	});

/** Whether old light pieces stay out: a foil picks up what lies between them, a brush cannot go round them. */
export const picksBetween = (
	{ placement }: Pick<LiftPlan, 'placement'>,
	technique: BowlsPlan['technique'] = 'foils'
): boolean => technique === 'foils' && isFoil(placement);
