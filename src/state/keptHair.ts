import { levelOfFibre, predictLift, type AreaName } from '../core/lift';
import { CAUTION_LIMITS } from '../core/caution';
import { daySteps, MAIN_STEP, type DayStep } from '../model/day/steps';
import { keptOut, lightsKept, picksBetween, stepOnHair, type KeptOut } from '../model/visit/kept';
import type { ZoneStart } from '../model/head/hair';
import { applicationOn } from '../model/visit/lift';
import type { LiftPlan, ZoneName } from '../schema/records';
import { hairOfHead } from './hairOfHead';
import { lightsAfter } from '../model/visit/oldLights';
import type { HairView } from './hairView.svelte';
import type { VisitState } from './visitState.svelte';

/** A piece of hair that protects itself, or that is taken along all the same. */
export interface KeptHair {
	/** None for the rest of the head. */
	readonly areas: readonly AreaName[];
	readonly zone: ZoneName;
	readonly level: number;
	/** Part of the zone, where it is old light pieces among darker hair. */
	readonly share?: number | undefined;
	/** Nothing where it is lightened hair that is taken along. */
	readonly kept: KeptOut | undefined;
	/** Condition after the day, kept out and taken along with a bowl of its own; 0-100. */
	readonly condition: { readonly without: number; readonly along: number };
}

/** The plan with lightened hair taken along: with a weak bowl, never with a stronger one than is planned. */
export const takenAlong = (plan: LiftPlan, reason: string): LiftPlan => ({
	...plan,
	overlap: plan.overlap ?? weakBowl(plan, reason)
});

/** The plan with old light pieces taken along, with a weak bowl too. */
export const lightsTakenAlong = (plan: LiftPlan, reason: string): LiftPlan => ({
	...plan,
	lightsAlong: plan.lightsAlong ?? weakBowl(plan, reason)
});

const weakBowl = ({ volume }: LiftPlan, reason: string) => ({
	reason,
	volume: Math.min(CAUTION_LIMITS.overlapVolume, volume)
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
					? oldLightsOf(zone, areas, view, main)
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

/** Old light pieces among hair that is lightened: foils pick up what lies between them, or take them along. */
function oldLightsOf(
	zone: ZoneStart,
	areas: readonly AreaName[],
	{ reading, strandAim: aim, subject, zones }: HairView,
	main: DayStep
): KeptHair[] {
	const { name, oldLights } = zone;
	if (!oldLights) return [];
	const after = (plan: LiftPlan) =>
		lightsAfter({ steps: [{ ...main, plan }], subject, aim, technique: 'foils', zones }).find(
			(each) => each.zone === name
		)!.condition;
	const without = { ...main.plan };
	delete without.lightsAlong;
	return [
		{
			areas,
			zone: name,
			level: levelOfFibre(oldLights.fibre),
			share: oldLights.share,
			kept: lightsKept(main, reading, aim, name),
			condition: { without: after(without), along: after(lightsTakenAlong(main.plan, 'why')) }
		}
	];
}
