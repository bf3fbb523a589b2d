import type { AimedHair, AimProblem, PlanConstraints } from '../../core/plan';
import { aimOf, aimOn, readingOf } from './exceptions';
import type { AreaName } from '../../core/lift';
import type { ZoneName } from '../../schema/records';
import { conditionOf, zonesOf } from './hair';
import { liftTarget, subjectOf } from './lift';
import type { VisitSession } from '../../state/visitState.svelte';
import { areaWords } from '../../wording/words';
import { tonerOf } from './work';

/** What a piece of hair is called in a verdict. */
export const hairName = (zone: ZoneName, areas: readonly AreaName[] | undefined): string =>
	areas === undefined ? zone : `${zone} of the ${areaWords(areas)}`;

/** The aim of a visit as the search takes it: every piece of hair that the mixture goes on. */
export function aimProblem(session: VisitSession): AimProblem {
	const { visit, groups, plan, learned } = session;
	const hair = groups.flatMap(({ area, areas }) => {
		const reading = readingOf(visit.reading, area);
		const aim = aimOf(visit.aim, area);
		const subject = subjectOf(reading, learned);
		const rootKept = aim.rootDepth?.cm ?? 0;
		return zonesOf(reading)
			.filter(({ name, toCm }) => plan.covers[name] && toCm > rootKept)
			.map(({ name, fibre, fromCm }): AimedHair => {
				return {
					name: hairName(name, area === undefined ? undefined : areas),
					head: {
						fibre,
						whiteShare: reading.whiteShare,
						factors: subject.factors,
						condition: conditionOf(reading),
						spread: subject.spreadOf(name)
					},
					target: liftTarget(aimOn(aim, name)),
					...(fromCm > 0 ? { cutLeavesCm: fromCm } : {})
				};
			});
	});
	return {
		hair,
		constraints: salonConstraints(session)
	};
}

/** What every plan of this visit keeps to: the salon's pace, ceilings, limits and prices. */
export function salonConstraints(session: VisitSession): PlanConstraints {
	const { plan, shelf } = session;
	return {
		limitMinutes: session.limitOf(plan.product),
		workMinutes: Math.max(1, session.bowls.workMinutes),
		toner: tonerOf(session.visit) ?? { minutes: 0, applyMinutes: 0 },
		scalp: plan.placement === 'onScalp',
		...(shelf
			? {
					pace: shelf.pace,
					ceilings: shelf.ceilings,
					...(shelf.rates ? { rates: shelf.rates } : {})
				}
			: {})
	};
}
