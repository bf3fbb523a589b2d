import type { AreaName } from '../../core/lift';
import type { StepKind, UsualStep } from '../../core/plan';
import { AREAS, MOST_FURTHER } from '../../core/vocabulary';
import type { LiftPlan, LiftStep, Visit, ZoneName } from '../../schema/records';
import { clockOf } from '../day/clocks';
import { lifting } from '../day/steps';
import { newId } from '../identity';

/** Zones that something goes on, as a plan has them. */
export const covering = (zones: readonly ZoneName[]): LiftPlan['covers'] => ({
	root: zones.includes('root'),
	lengths: zones.includes('lengths'),
	ends: zones.includes('ends')
});

/** A further application of the day as it is usual, with what it does not say as the main one has it. */
export const withUsual = (
	plan: LiftPlan,
	kind: StepKind,
	usual: UsualStep,
	zones: readonly ZoneName[],
	areas?: readonly AreaName[]
): LiftStep => ({
	// Its own shade, if it is a tint, is chosen for itself.
	...lifting(plan),
	...usual,
	id: newId(),
	kind,
	delays: { root: 0, lengths: 0, ends: 0 },
	drawThroughMinutes: 0,
	covers: covering(zones),
	...(areas ? { areas: [...areas] } : {})
});

/**
 * The mixture of the day once more, fresh, on some of the head.
 * @param minutes that it lies
 */
export function onceMore(
	plan: LiftPlan,
	minutes: number,
	zones: readonly ZoneName[],
	areas: readonly AreaName[]
): LiftStep {
	const { product, volume, ratio, placement, damp } = plan;
	return withUsual(
		plan,
		'again',
		{ product, volume, ratio, placement, damp, minutes },
		zones,
		areas.length === AREAS.length ? undefined : areas
	);
}

/** The further application on what lags that is planned and not begun; nothing where there is none. */
export const plannedAgain = ({ after, run }: Pick<Visit, 'after' | 'run'>): LiftStep | undefined =>
	after.find(({ kind, id }) => kind === 'again' && clockOf(run, id) === undefined);

/** Whether the day has room for another application on what lags. */
export const takesAgain = (visit: Pick<Visit, 'after' | 'run'>): boolean =>
	visit.after.length < MOST_FURTHER || plannedAgain(visit) !== undefined;
