import type { Process, ProcessName } from '../../core/work';
import { factsOf } from '../../core/vocabulary';
import type { LiftPlan, PlacedToner, Visit, ZoneName } from '../../schema/records';
import { placedBowlId, type TonerPlace } from './placed';
import { ZONES } from '../head/hair';
import { goesOn, MAIN_STEP, type DayStep } from './steps';

/** What lies on the hair on this day beside the sections of the main application, in the order of the day. */
export interface DayProcess extends Process {
	/** What its clock goes by in the record. */
	readonly of: string;
	/** When it goes on, beside the main application. */
	readonly when: 'before' | 'beside' | 'after';
	readonly name: ProcessName;
	/** The zone it goes on, where the zones are begun and rinsed apart. */
	readonly zone?: ZoneName | undefined;
	/** The hair it goes on, where it is a toner for some of it alone. */
	readonly place?: TonerPlace | undefined;
	/** What is put on, where it is a further application. */
	readonly plan?: Pick<LiftPlan, 'product' | 'volume'> | undefined;
}

/** Bare hair takes colour in its own time: what deposits has no limit of its own. */
const deposits = (
	of: string,
	name: ProcessName,
	when: DayProcess['when'],
	minutes: number
): DayProcess => ({ of, name, when, minutes, lifts: false });

const ZONE_TONER = 'toner:';

/** The toner that is mixed for some of the hair. */
export const placedToner = ({ id, place, minutes }: PlacedToner): DayProcess => ({
	...deposits(placedBowlId(id), 'toner', 'after', minutes),
	place
});

/** The toner on one zone alone. */
export const zoneToner = (zone: ZoneName, minutes: number): DayProcess => ({
	...deposits(`${ZONE_TONER}${zone}`, 'toner', 'after', minutes),
	zone
});

/** Zones whose toner was begun apart. */
const zoneToners = (clocks: NonNullable<Visit['run']['clocks']>): DayProcess[] =>
	ZONES.flatMap((zone) => {
		const clock = clocks.find(({ of }) => of === `${ZONE_TONER}${zone}`);
		return clock?.minutes === undefined ? [] : [zoneToner(zone, clock.minutes)];
	});

/**
 * Everything that has a clock of its own today.
 * @param steps the applications of the day
 * @param lowlightMinutes how long lowlights lie; nothing where there are none
 * @param limitOf longest that a product may lie, minutes
 * @param clocks those that were begun
 */
export function dayProcesses(
	steps: readonly DayStep[],
	tone: Visit['tone'],
	lowlightMinutes: number | undefined,
	limitOf: (product: LiftPlan['product']) => number,
	clocks: NonNullable<Visit['run']['clocks']> = []
): DayProcess[] {
	const main = steps.findIndex(({ id }) => id === MAIN_STEP);
	const further = steps.map(({ id, kind, plan }, i): DayProcess | undefined =>
		kind === 'main' || !goesOn(plan)
			? undefined
			: {
					of: id,
					name: kind,
					when: i < main ? 'before' : 'after',
					plan,
					minutes: plan.minutes,
					limitMinutes: limitOf(plan.product),
					lifts: factsOf(plan.product).kind !== 'tint'
				}
	);
	const { filler } = tone;
	return [
		...further.slice(0, main),
		lowlightMinutes === undefined
			? undefined
			: deposits('lowlights', 'lowlights', 'beside', lowlightMinutes),
		...further.slice(main),
		filler && deposits('filler', filler.isToner ? 'firstToner' : 'filler', 'after', filler.minutes),
		tone.choice === 'none' ? undefined : deposits('toner', 'toner', 'after', tone.minutes),
		...(tone.placed ?? []).filter(({ choice }) => choice !== 'none').map(placedToner),
		...zoneToners(clocks)
	].filter((process) => process !== undefined);
}
