import { hairIdOf, type AimedHair, type AimProblem, type PlanConstraints } from '../../core/plan';
import type { Client, LiftPlan, Shelf, Visit } from '../../schema/records';
import { aimOf, aimOn, readingOf, type AreaGroup } from '../head/exceptions';
import { conditionOf, zonesOf } from '../head/hair';
import { loadsOf } from './headWork';
import { AREAS, isFoil } from '../../core/vocabulary';
import { middleOf, touchesScalp } from '../day/steps';
import { planAt } from './kept';
import { liftTarget, subjectOf, type Learned } from './lift';
import { finishOf, tonerOf } from './work';

/** What the plans of a visit rest on. */
export interface AimSource {
	readonly visit: Visit;
	readonly groups: readonly AreaGroup[];
	readonly plan: LiftPlan;
	readonly learned: Learned | undefined;
	readonly shelf: Shelf | undefined;
	readonly client?: Client | undefined;
	readonly bowls: { readonly workMinutes: number };
	limitOf(product: LiftPlan['product']): number;
}

/** The aim of a visit as the search takes it: every piece of hair that the mixture goes on. */
export function aimProblem(source: AimSource): AimProblem {
	const { visit, groups, plan, learned } = source;
	const hair = groups.flatMap(({ area, areas }) => {
		const reading = readingOf(visit.reading, area);
		const aim = aimOf(visit.aim, area);
		const subject = subjectOf(reading, learned, area);
		const rootKept = aim.rootDepth?.cm ?? 0;
		const worked = planAt(plan, visit.reading, visit.aim, area);
		return zonesOf(reading)
			.filter(({ name, toCm }) => worked.covers[name] && toCm > rootKept)
			.map((zone): AimedHair => {
				const { name, fibre, fromCm, porosity } = zone;
				return {
					id: hairIdOf(name, area === undefined ? [] : areas),
					head: {
						fibre,
						whiteShare: reading.whiteShare,
						factors: subject.factors,
						condition: conditionOf(reading),
						at: { distanceCm: middleOf(worked, zone), porosity },
						spread: subject.spreadOf(name)
					},
					target: liftTarget(aimOn(aim, name)),
					...(fromCm > 0 ? { cutLeavesCm: fromCm } : {})
				};
			});
	});
	return { hair, constraints: salonConstraints(source) };
}

/** Foils and grams of one application on this head, where they are priced. */
function materialsOf({ reading, aim, bowls }: Visit, plan: LiftPlan) {
	const loads = loadsOf({ reading, aim, bowls, plan, usage: 1 });
	return {
		foils: isFoil(plan.placement) ? bowls.foils : 0,
		grams: loads.reduce((sum, load) => sum + (load?.grams ?? 0), 0)
	};
}

/** Nothing with persulfates is proposed to whoever is allergic to them, unless somebody has written why. */
const bearsPersulfates = ({ client, visit }: Pick<AimSource, 'client' | 'visit'>): boolean =>
	!client?.sensitivities.includes('persulfateAllergy') ||
	visit.passed.some(({ code }) => code === 'persulfateAllergy');

/** What every plan of this visit keeps to: the salon's pace, ceilings, limits and prices. */
export function salonConstraints(source: Omit<AimSource, 'groups' | 'learned'>): PlanConstraints {
	const { plan, shelf, visit } = source;
	const { reading, aim } = visit;
	const onScalp = AREAS.some((area) =>
		touchesScalp(planAt(plan, reading, aim, area), zonesOf(readingOf(reading, area)))
	);
	return {
		limitMinutes: source.limitOf(plan.product),
		workMinutes: Math.max(1, source.bowls.workMinutes),
		toner: tonerOf(source.visit) ?? { minutes: 0, applyMinutes: 0 },
		finishMinutes: finishOf(source.visit),
		scalp: onScalp,
		...(bearsPersulfates(source) ? {} : { persulfates: false }),
		...(shelf
			? {
					pace: shelf.pace,
					ceilings: shelf.ceilings,
					...(shelf.rates ? { rates: shelf.rates } : {}),
					...(shelf.rates?.perFoil || shelf.rates?.perGram
						? { materials: materialsOf(visit, plan) }
						: {})
				}
			: {})
	};
}
