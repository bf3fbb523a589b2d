import { dayAfter, DAYS_PER_WEEK, type Day } from '../time';
import {
	CAUTION_LIMITS,
	checkCautions,
	patchStanding,
	strandStanding,
	volumeCeiling,
	type Caution,
	type Ceilings,
	type Facts,
	type Minerals,
	type StrandStanding
} from '../../core/caution';
import { LIFT_AGAIN } from '../../core/cure';
import { endsCondition } from '../../core/hair';
import { aimOf, readingOf, type AreaGroup } from '../head/exceptions';
import type { Client, LiftPlan, Reading, Visit } from '../../schema/records';
import type { LiftAnswer } from './lift';
import {
	daySteps,
	goesOn,
	MAIN_STEP,
	reaches,
	touchesScalp,
	volumeOn,
	type DayStep
} from '../day/steps';
import { picksBetween, stepOnHair, stepOnLights } from './kept';
import { conditionOf, zonesOf } from '../head/hair';
import { hairChangedOn, oldColourMoved } from './strandTests';

/** A caution with what was said about it. */
export interface StandingCaution extends Caution {
	/** The reason with which it was passed. */
	readonly reason: string | undefined;
}

/** Weeks for which copper from a pool is looked for in hair. */
const POOL_WEEKS = 26;

/** What the water has left in this hair: the tap at home, or else the pool. */
function mineralsIn({ water, history }: Reading, today: Day): Minerals | undefined {
	if (water !== 'soft') return water;
	const since = dayAfter(today, -POOL_WEEKS * DAYS_PER_WEEK);
	const swims = history.some(({ kind, date }) => kind === 'swimming' && date >= since);
	return swims ? 'pool' : undefined;
}

/** Where this hair stands with strand tests on a day. */
export const strandTestOf = (reading: Reading, today: Day): StrandStanding =>
	strandStanding(reading.strandTests, hairChangedOn(reading), today);

/** A strength that goes onto a place. */
export interface Poured {
	readonly placement: LiftPlan['placement'];
	readonly onScalp: boolean;
	readonly volume: number;
}

/** What the cautions of a visit rest on beside its own document. */
export interface CautionGrounds {
	readonly client: Client | undefined;
	readonly groups: readonly AreaGroup[];
	/** What the day is expected to leave. */
	readonly lift: LiftAnswer;
	readonly ceilings: Ceilings | undefined;
	limitOf(product: LiftPlan['product']): number;
	/** What the bowls of the main application hold, and where they go; left out before they are known. */
	readonly bowls?: readonly Poured[] | undefined;
	readonly tonerVolume: number | undefined;
	readonly today: Day;
}

/** The cautions of a visit as it stands: of every application of the day, each told once. */
export function visitCautions(visit: Visit, grounds: CautionGrounds): StandingCaution[] {
	const facts = daySteps(visit).flatMap((step) => factsOfStep(visit, step, grounds));
	return standing(visit, checkCautions(...facts));
}

/**
 * Stops that still stand against putting one thing on: an application of the day by its own strength and time,
 * colour that deposits by what the head and its skin say. What one of them may not says nothing of another.
 * @param of an application by its id; left out, a toner, a filler or lowlights
 */
export function stopsOf(visit: Visit, grounds: CautionGrounds, of?: string): StandingCaution[] {
	const steps = daySteps(visit);
	const step = steps.find(({ id }) => id === of);
	const facts = step
		? factsOfStep(visit, step, grounds)
		: [
				depositFacts(
					factsOf(
						visit,
						steps.find(({ id }) => id === MAIN_STEP)!,
						grounds
					)
				)
			];
	return openStops(standing(visit, checkCautions(...facts)));
}

/** Of one application, and what is mixed for it section by section beside what the dial says. */
function factsOfStep(visit: Visit, step: DayStep, grounds: CautionGrounds): Facts[] {
	const own = factsOf(visit, step, grounds);
	const poured = step.id === MAIN_STEP ? (grounds.bowls ?? []) : [];
	return [own, ...poured.map((bowl) => ({ ...own, ...bowl }))];
}

/** The same head, under colour that lifts nothing: no lightener's strength, time or wear. */
const depositFacts = ({ overlapVolume: _, ...own }: Facts): Facts => ({
	...own,
	product: 'alkalineDemi',
	volume: own.tonerVolume ?? 0,
	minutes: 0,
	conditionAfter: Math.max(own.conditionAfter, CAUTION_LIMITS.leastCondition)
});

const standing = (visit: Visit, cautions: readonly Caution[]): StandingCaution[] =>
	cautions.map((caution) => ({
		...caution,
		reason: visit.passed.find(({ code }) => code === caution.code)?.reason
	}));

function factsOf(visit: Visit, step: DayStep, grounds: CautionGrounds): Facts {
	const { reading, aim } = visit;
	const { plan } = step;
	const { client, groups, lift, ceilings, tonerVolume, today } = grounds;
	// Every zone of every area that the mixture goes on.
	let onScalp = false;
	const covered = groups.flatMap(({ area }) => {
		const there = readingOf(reading, area);
		const worked = stepOnHair(step, there, aimOf(aim, area)).plan;
		const { covers } = worked;
		onScalp ||= touchesScalp(worked, zonesOf(there));
		return zonesOf(there).filter(({ name }) => covers[name]);
	});
	const picked = picksBetween(plan, visit.bowls.technique);
	// What is drawn over light hair at the finish is the bowl that the rest had, and overlaps too.
	const drawnOverLight = groups.some(({ area }) => {
		const there = readingOf(reading, area);
		const worked = stepOnHair(step, there, aimOf(aim, area)).plan;
		return zonesOf(there).some(
			({ name, state, oldLights }) =>
				reaches(worked, name) &&
				((state === 'lightened' && !worked.covers[name]) ||
					(oldLights !== undefined && !(worked.covers[name] && picked)))
		);
	});
	// Old light pieces that the foils take along have a weak bowl of their own.
	const lightsWorked = groups.some(({ area }) =>
		goesOn(
			stepOnLights(step, readingOf(reading, area), aimOf(aim, area), visit.bowls.technique).plan
		)
	);
	const light = covered.filter(({ state }) => state === 'lightened');
	const states = covered.map(({ state }) => state);
	const { covers } = stepOnHair(step, reading, aim).plan;
	const retouch =
		covers.root && !covers.lengths && reading.zones.lengths.state === 'lightened'
			? reading.regrowthCm
			: undefined;
	return {
		patchTest: patchStanding(client?.patchTests ?? [], today),
		strandTest: strandTestOf(reading, today),
		sensitivities: client?.sensitivities ?? [],
		henna: reading.henna,
		metallicSalts: reading.metallicSalts,
		oldColour: states.includes('coloured'),
		oldColourMoved: oldColourMoved(reading, today),
		minerals: mineralsIn(reading, today),
		scalpIrritated: reading.scalp === 'irritated' || reading.scalp === 'broken',
		relaxerWeeksAgo: reading.relaxerWeeksAgo,
		underSixteen: client?.underSixteen ?? false,
		product: plan.product,
		placement: plan.placement,
		volume: plan.volume,
		ceilings,
		minutes: plan.minutes,
		limitMinutes: grounds.limitOf(plan.product),
		onScalp,
		...(light.length > 0 || drawnOverLight || lightsWorked
			? {
					overlapVolume: Math.max(
						...light.map((zone) => volumeOn(plan, zone)),
						...(lightsWorked && picked ? [plan.lightsAlong?.volume ?? plan.volume] : []),
						...(drawnOverLight ? [plan.volume] : [])
					)
				}
			: {}),
		retouchCm: retouch,
		hotRootLevels: lift.rootLead,
		conditionBefore: conditionOf(reading),
		conditionAfter: lift.condition,
		...(covered.some(({ name }) => name === 'ends')
			? { coveredEndsCondition: endsCondition(reading.strain) }
			: {}),
		tonerVolume,
		usesOxidative: true
	};
}

/**
 * Stops against lightening this head anew where something went wrong, whatever its day is planned with: a cure
 * by bleach wash is lightener too, also on a day of toner alone.
 */
export function stopsOfCure(visit: Visit, grounds: CautionGrounds): StandingCaution[] {
	const steps = daySteps(visit);
	const main = steps.find(({ id }) => id === MAIN_STEP)!;
	const own = factsOf(visit, main, grounds);
	const { onScalp, placement } = own;
	const volume = Math.min(
		LIFT_AGAIN.volume,
		volumeCeiling('bleachWash', placement, grounds.ceilings, onScalp)
	);
	const wash: Facts = { ...own, product: 'bleachWash', volume, minutes: LIFT_AGAIN.mostMinutes };
	return openStops(standing(visit, checkCautions(wash)));
}

/** Stops that still stand: nobody has written why to go on. */
export const openStops = (cautions: readonly StandingCaution[]): StandingCaution[] =>
	cautions.filter(({ severity, reason }) => severity === 'stop' && reason === undefined);
