import { levelOfFibre, predictLift, type AreaName } from '../core/lift';
import { CAUTION_LIMITS } from '../core/caution';
import { daySteps, MAIN_STEP } from '../model/visit/day';
import { keptOut, picksBetween, stepOnHair, type KeptOut } from '../model/visit/kept';
import type { ZoneStart } from '../model/visit/hair';
import { applicationOn } from '../model/visit/lift';
import type { LiftPlan, ZoneName } from '../schema/records';
import { hairOfHead } from './hairOfHead';
import type { VisitState } from './visitState.svelte';

/** A piece of hair that protects itself, or that is taken along all the same. */
export interface KeptHair {
	/** None for the rest of the head. */
	readonly areas: readonly AreaName[];
	readonly zone: ZoneName;
	readonly level: number;
	/** Part of the zone, where it is old light pieces among darker hair; they are always kept out. */
	readonly share?: number | undefined;
	/** Nothing where it is lightened hair that is taken along. */
	readonly kept: KeptOut | undefined;
	/** Condition after the day, kept out and taken along with a bowl of its own; 0-100. */
	readonly condition: { readonly without: number; readonly along: number };
}

/** The plan with lightened hair taken along: with a weak bowl, never with a stronger one than is planned. */
export const takenAlong = (plan: LiftPlan, reason: string): LiftPlan => ({
	...plan,
	overlap: plan.overlap ?? { reason, volume: Math.min(CAUTION_LIMITS.overlapVolume, plan.volume) }
});

/** Hair of the main application that keeps itself out, or would, in the order of the head. */
export function keptHair(session: VisitState): KeptHair[] {
	const { visit } = session;
	const main = daySteps(visit).find(({ id }) => id === MAIN_STEP)!;
	const along = { ...main, plan: takenAlong(main.plan, '') };
	return hairOfHead(session).flatMap(({ view, areas }) =>
		view.zones.flatMap((zone): KeptHair[] => {
			const { reading, strandAim, subject } = view;
			const kept = keptOut(main.plan, reading, strandAim, zone.name);
			const overlaps = kept === undefined && zone.state === 'lightened';
			const pieces =
				main.plan.covers[zone.name] && picksBetween(main.plan, visit.bowls.technique)
					? oldLightsOf(zone, areas, view)
					: [];
			if (kept === 'left' || (kept === undefined && !overlaps)) return pieces;
			const after = (step: typeof main) => {
				const { plan } = stepOnHair(step, reading, strandAim);
				const applications = plan.covers[zone.name] ? [applicationOn(plan, zone)] : [];
				return (
					predictLift(zone.fibre, applications, subject.factors, view.conditionBefore).at(-1)
						?.condition ?? view.conditionBefore
				);
			};
			const alone = { ...main.plan };
			delete alone.overlap;
			const without = { ...main, plan: alone };
			return [
				...pieces,
				{
					areas,
					zone: zone.name,
					level: levelOfFibre(zone.fibre),
					kept,
					condition: { without: after(without), along: after(along) }
				}
			];
		})
	);
}

/** Old light pieces among hair that is lightened: foils pick up what lies between them. */
function oldLightsOf(
	{ name, oldLights }: ZoneStart,
	areas: readonly AreaName[],
	{ conditionBefore }: { readonly conditionBefore: number }
): KeptHair[] {
	if (!oldLights) return [];
	return [
		{
			areas,
			zone: name,
			level: levelOfFibre(oldLights.fibre),
			share: oldLights.share,
			kept: 'light',
			condition: { without: conditionBefore, along: conditionBefore }
		}
	];
}
