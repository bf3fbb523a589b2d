import { undertoneOf } from '../colour';
import {
	labOfFibre,
	misread,
	placeSdOf,
	pointAt,
	seenBand,
	SPREAD,
	type CourseMoment
} from '../lift';
import { normalQuantile } from '../numeric';
import type { HeadRate } from './headRate';
import type { HeadStaging } from './headStaging';
import { laidSections, strandOf, type ServiceRun } from './onHead';
import type { RunningSection } from './runningSection';
import type { Staging } from './staging';

const STEP_MINUTES = 2;

/**
 * How one section goes, from when it is on until it may lie no longer, by what is known of the head: with every
 * check the band grows narrower. Minutes count from the first brush stroke.
 * @param seen the rate by all that was seen; left out, nothing was
 * @param rate the rate that is reckoned with
 */
export function sectionCourse(
	head: HeadStaging,
	staging: Staging,
	run: ServiceRun,
	{ section, part }: Pick<RunningSection, 'section' | 'part'>,
	rate?: HeadRate,
	seen?: HeadRate
): CourseMoment[] {
	const laid = laidSections(head, staging, run).find(
		(one) => one.finish.section === section && one.part === part
	);
	if (!laid) return [];
	const { area } = laid.planned.section;
	const strand = strandOf(laid, rate?.factorOf(area));
	const spread = head.common.spread ?? SPREAD;
	const sd = seen?.at(area).sd ?? Math.hypot(spread.logPersonal, placeSdOf(spread));
	const far = normalQuantile(0.9);
	const { fibre } = strand.start;
	const start = {
		dark: misread(fibre, -far * spread.startLevel),
		light: misread(fibre, far * spread.startLevel)
	};
	const moments: CourseMoment[] = [];
	for (let minute = laid.at; minute <= laid.limitMinute; minute += STEP_MINUTES) {
		const now = pointAt(strand, minute);
		const off = (speed: number, from = fibre) =>
			pointAt(strand, minute, { speed, start: from }).level - now.level;
		const lab = labOfFibre(now.fibre);
		const { level } = now;
		moments.push({
			minute,
			level,
			...seenBand(
				level - Math.hypot(off(Math.exp(-far * sd)), off(1, start.dark)),
				level,
				level + Math.hypot(off(Math.exp(far * sd)), off(1, start.light)),
				spread
			),
			lab,
			undertone: undertoneOf(lab).name
		});
	}
	return moments;
}
