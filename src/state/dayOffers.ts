import {
	BASE_BREAK,
	minutesTo,
	removalStep,
	TARGET_TOLERANCE,
	type StepKind,
	type UsualStep
} from '../core/plan';
import { AREAS, type AreaName } from '../core/lift';
import { newId } from '../store/documents';
import type { LiftPlan, LiftStep, ZoneName } from '../schema/records';
import { reaches } from '../model/visit/day';
import { ZONES } from '../model/visit/hair';
import { applicationOn, liftTarget } from '../model/visit/lift';
import type { VisitSession } from './visitState.svelte';
import { hairOfHead } from '../stations/lift/field';

/** A step that could be added to the day, or why it could not. */
export interface Offer {
	readonly kind: StepKind;
	readonly before: boolean;
	/** Nothing where there is no use for it. */
	readonly make: (() => LiftStep) | undefined;
	readonly why: string;
}

const covering = (zones: readonly ZoneName[]): LiftPlan['covers'] => ({
	root: zones.includes('root'),
	lengths: zones.includes('lengths'),
	ends: zones.includes('ends')
});

const withUsual = (
	plan: LiftPlan,
	kind: StepKind,
	usual: UsualStep,
	zones: readonly ZoneName[],
	areas?: readonly AreaName[]
): LiftStep => ({
	...plan,
	...usual,
	id: newId(),
	kind,
	delays: { root: 0, lengths: 0, ends: 0 },
	drawThroughMinutes: 0,
	covers: covering(zones),
	...(areas ? { areas: [...areas] } : {})
});

/** Hair that the day leaves short of its aim, with the level it still has to come up. */
function lagging(session: VisitSession) {
	return hairOfHead(session).flatMap(({ view, areas }) =>
		view.zones
			.filter(({ name }) => view.steps.some(({ plan }) => reaches(plan, name)))
			.flatMap((zone) => {
				const left = view.final.levelWith(zone, {});
				const target = liftTarget(view.aimOf(zone.name));
				return left < target - TARGET_TOLERANCE
					? [{ view, areas, zone, short: target - left, target }]
					: [];
			})
	);
}

/** The mixture once more on whatever lags, for the minutes that the slowest of it needs. */
function againOn(session: VisitSession): LiftStep | undefined {
	const behind = lagging(session);
	const most = behind.reduce<(typeof behind)[number] | undefined>(
		(worst, one) => (!worst || one.short > worst.short ? one : worst),
		undefined
	);
	if (!most) return undefined;
	const { view, zone, target } = most;
	const plan = session.plan;
	const application = applicationOn({ ...plan, covers: covering(ZONES) }, zone);
	const fibre = view.final.zoneWith(zone, {});
	const minutes = minutesTo(
		target,
		fibre,
		application,
		view.subject.factors,
		session.limitOf(plan.product)
	);
	const zones = ZONES.filter((name) => behind.some((one) => one.zone.name === name));
	const rest = behind.some(({ areas }) => areas.length === 0);
	const own = session.groups.flatMap(({ area, areas }) => (area === undefined ? areas : []));
	const areas = AREAS.filter((area) =>
		behind.some((one) =>
			one.areas.length === 0 ? rest && own.includes(area) : one.areas.includes(area)
		)
	);
	const { product, volume, ratio, placement, damp } = plan;
	return withUsual(
		plan,
		'again',
		{ product, volume, ratio, placement, damp, minutes },
		zones,
		areas.length === AREAS.length ? undefined : areas
	);
}

/** What could be added to the day. */
export function offers(session: VisitSession): Offer[] {
	const { plan, visit, shelf } = session;
	const { reading } = visit;
	const coloured = ZONES.filter(
		(name) => reading.zones[name].state === 'coloured' && reaches(plan, name)
	);
	const natural = reading.zones.root.state === 'natural' && !plan.covers.root;
	const again = againOn(session);
	const scalp = plan.placement === 'onScalp';
	return [
		{
			kind: 'removal',
			before: true,
			make:
				coloured.length > 0
					? () => withUsual(plan, 'removal', removalStep(scalp, shelf?.ceilings), coloured)
					: undefined,
			why: coloured.length > 0 ? 'a bleach wash, rinsed before' : 'no old colour where it goes on'
		},
		{
			kind: 'again',
			before: false,
			make: again && (() => ({ ...again, id: newId() })),
			why: again
				? `${ZONES.filter((name) => again.covers[name]).join(' and ')}, ${again.minutes} min`
				: 'nothing lags behind its aim'
		},
		{
			kind: 'baseBreak',
			before: false,
			make: natural ? () => withUsual(plan, 'baseBreak', BASE_BREAK, ['root']) : undefined,
			why: natural
				? `permanent ${BASE_BREAK.volume} vol on the root`
				: plan.covers.root
					? 'the root is lightened already'
					: 'the root is not natural'
		},
		{
			kind: 'other',
			before: false,
			make: () =>
				withUsual(
					plan,
					'other',
					plan,
					ZONES.filter((name) => plan.covers[name])
				),
			why: 'the same once more, to be changed'
		}
	];
}
