import {
	levelOfFibre,
	predictLift,
	type Application,
	type AreaName,
	type Fibre,
	type HeadFactors
} from '../../core/lift';
import type { SectionFinish, Staging } from '../../core/work';
import type { Aim, BowlsPlan, LiftPlan, Reading } from '../../schema/records';
import type { DayStep } from '../day/steps';
import { aimOf, aimOn } from '../head/exceptions';
import { mainZone, seenFibre, type ZoneStart } from '../head/hair';
import { hairAt, workedIn, type SectionWork } from './headWork';
import { planAt, stepsOn } from './kept';
import { applicationOn, liftTarget, subjectOf, type Learned } from './lift';

/** A head whose bowls are staged. */
export interface StagedWork {
	readonly reading: Reading;
	readonly aim: Aim;
	readonly plan: LiftPlan;
	readonly bowls: BowlsPlan;
	/** In the order of the work. */
	readonly sections: readonly SectionWork[];
	readonly workMinutes: number;
	readonly learned: Learned | undefined;
	readonly limitMinutes: number;
}

/** Where the hair of a section stands once its bowl is off: levels, condition index 0-100. */
export interface SectionEnd extends Pick<
	SectionFinish,
	'section' | 'part' | 'bowl' | 'level' | 'condition'
> {
	readonly areas: readonly AreaName[];
	/** The hair that the section goes by. */
	readonly zone: ZoneStart;
	/** Level that it is to be lifted to. */
	readonly asked: number;
	readonly fibre: Fibre;
	readonly factors: HeadFactors;
	/** The mixture as it is chosen for the head, on this hair, for the minutes that were chosen. */
	readonly application: Application;
}

/** Where every section stands once its bowl is off; old light pieces, which have an aim of their own, are left out. */
export function sectionEnds(
	{ reading, aim, plan, sections, learned }: StagedWork,
	{ finish }: Pick<Staging, 'finish'>
): SectionEnd[] {
	return finish.flatMap((end) => {
		const work = sections.find((one) => one.section.id === end.section);
		if (!work || end.part === 'oldLights') return [];
		const areas = workedIn({ reading, aim, plan }, work.section);
		const [area] = areas;
		const { reading: own, zones } = hairAt(reading, area);
		const worked = planAt(plan, reading, aim, area);
		const zone = mainZone(zones, worked.covers);
		const { factors } = subjectOf(own, learned, area);
		const application = applicationOn({ ...worked, drawThroughMinutes: 0 }, zone);
		const { section, part, bowl, level, condition } = end;
		return {
			section,
			part,
			bowl,
			level,
			condition,
			areas,
			zone,
			asked: liftTarget(aimOn(aimOf(aim, area), zone.name)),
			// What is left of old colour is known by the lift alone.
			fibre:
				zone.state === 'coloured'
					? predictLift(zone.fibre, [application], factors).at(-1)!.fibre
					: seenFibre(own, level),
			factors,
			application
		};
	});
}

/** Where a section stands after the applications that follow its own, those that go on its hair. */
export function afterLater(
	end: SectionEnd,
	later: readonly DayStep[],
	{ reading, aim }: Pick<StagedWork, 'reading' | 'aim'>
): SectionEnd {
	const [area] = end.areas;
	if (area === undefined || later.length === 0) return end;
	const applications = stepsOn(later, area, reading, aim)
		.filter(({ plan }) => plan.covers[end.zone.name])
		.map(({ plan }) => applicationOn(plan, end.zone));
	const last = predictLift(end.fibre, applications, end.factors, end.condition).at(-1);
	return last
		? { ...end, fibre: last.fibre, level: levelOfFibre(last.fibre), condition: last.condition }
		: end;
}
