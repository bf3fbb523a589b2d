import { AREAS } from '../core/vocabulary';
import { BASE_BREAK, minutesTo, removalStep, TARGET_TOLERANCE, type StepKind } from '../core/plan';
import { levelOfFibre, type AreaName, type Fibre } from '../core/lift';
import { newId } from '../model/identity';
import { hairOfHead } from './hairOfHead';
import type { LiftStep, ZoneName } from '../schema/records';
import { reaches } from '../model/day/steps';
import { covering, onceMore, withUsual } from '../model/visit/onceMore';
import { seenFibre, ZONES, type ZoneStart } from '../model/head/hair';
import type { HairView } from './hairView.svelte';
import { applicationOn, liftTarget } from '../model/visit/lift';
import type { VisitState } from './visitState.svelte';

/** Why a step is of use, or of none. */
export type OfferReason =
	| {
			readonly code:
				| 'washOut'
				| 'noOldColour'
				| 'nothingLags'
				| 'rootLightened'
				| 'rootNotNatural'
				| 'sameOnceMore';
	  }
	| { readonly code: 'lags'; readonly zones: readonly ZoneName[]; readonly minutes: number }
	| { readonly code: 'onTheRoot'; readonly volume: number };

/** A step that could be added to the day, or why it could not. */
export interface Offer {
	readonly kind: StepKind;
	readonly before: boolean;
	/** Nothing where there is no use for it. */
	readonly make: (() => LiftStep) | undefined;
	/** What it would be, or what there is no use for. */
	readonly why: OfferReason;
}

/** Hair that the day leaves short of its aim, with the level it still has to come up. */
function lagging(session: VisitState): Lagging[] {
	const of = (view: HairView, areas: readonly AreaName[], zone: ZoneStart, seen?: number) => {
		const fibre = seen === undefined ? view.leftOn(zone) : seenFibre(view.reading, seen);
		const target = liftTarget(view.aimOf(zone.name));
		const short = target - levelOfFibre(fibre);
		return short > TARGET_TOLERANCE ? [{ view, areas, zone, short, target, fibre }] : [];
	};
	const worked = (view: HairView) =>
		view.zones.filter(({ name }) => view.steps.some(({ plan }) => reaches(plan, name)));
	const alike = hairOfHead(session).flatMap(({ view, areas }) =>
		worked(view).flatMap((zone) => of(view, areas, zone))
	);
	// What was read apart when the main application was off.
	const { sections } = session.bowls;
	const apart = session.visit.run.notes.flatMap(({ dry, section, zone: name, level, step }) => {
		const found = dry && step === undefined && sections.find((one) => one.section.id === section);
		const [area] = found ? found.section.areas : [];
		if (!found || area === undefined) return [];
		const group = session.groups.find(({ areas }) => areas.includes(area));
		const view = session.hairOf(group?.area);
		const zone = worked(view).find((each) => each.name === name);
		return zone ? of(view, found.section.areas, zone, level) : [];
	});
	return [...alike, ...apart];
}

/** Hair that the day leaves short of its aim. */
interface Lagging {
	readonly view: HairView;
	/** None: the rest of the head. */
	readonly areas: readonly AreaName[];
	readonly zone: ZoneStart;
	/** Levels that it still has to come up. */
	readonly short: number;
	readonly target: number;
	/** As it was read again, or else as it is expected. */
	readonly fibre: Fibre;
}

/** The mixture once more on whatever lags, for the minutes that the slowest of it needs. */
function againOn(session: VisitState): LiftStep | undefined {
	const behind = lagging(session);
	const most = behind.reduce<Lagging | undefined>(
		(worst, one) => (!worst || one.short > worst.short ? one : worst),
		undefined
	);
	if (!most) return undefined;
	const { view, zone, target, fibre } = most;
	const plan = session.plan;
	const application = applicationOn({ ...plan, covers: covering(ZONES) }, zone);
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
	return onceMore(plan, minutes, zones, areas);
}

/** What could be added to the day. */
export function offers(session: VisitState): Offer[] {
	const { plan, visit, shelf } = session;
	const { reading } = visit;
	const coloured = ZONES.filter(
		(name) => reading.zones[name].state === 'coloured' && reaches(plan, name)
	);
	const natural = reading.zones.root.state === 'natural' && !plan.covers.root;
	const again = againOn(session);
	const scalp = session.head.onScalp;
	return [
		{
			kind: 'removal',
			before: true,
			make:
				coloured.length > 0
					? () => withUsual(plan, 'removal', removalStep(scalp, shelf?.ceilings), coloured)
					: undefined,
			why: { code: coloured.length > 0 ? 'washOut' : 'noOldColour' }
		},
		{
			kind: 'again',
			before: false,
			make: again && (() => ({ ...again, id: newId() })),
			why: again
				? {
						code: 'lags',
						zones: ZONES.filter((name) => again.covers[name]),
						minutes: again.minutes
					}
				: { code: 'nothingLags' }
		},
		{
			kind: 'baseBreak',
			before: false,
			make: natural ? () => withUsual(plan, 'baseBreak', BASE_BREAK, ['root']) : undefined,
			why: natural
				? { code: 'onTheRoot', volume: BASE_BREAK.volume }
				: { code: plan.covers.root ? 'rootLightened' : 'rootNotNatural' }
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
			why: { code: 'sameOnceMore' }
		}
	];
}
