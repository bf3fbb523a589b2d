import { predictLift, levelOfFibre, type Application } from '../../core/lift';
import type { Behind, DayEnd } from '../../core/plan';
import { STAGING, type Staging } from '../../core/work';
import type { DayStep } from '../day/steps';
import { afterLater, sectionEnds, type SectionEnd, type StagedWork } from './sectionEnds';

/** How a head comes out by its staged bowls and by the applications after them; nothing where nothing is put on. */
export function dayEnd(
	work: StagedWork,
	staging: Staging,
	later: readonly DayStep[]
): DayEnd | undefined {
	const ends = sectionEnds(work, staging).map((end) => afterLater(end, later, work));
	if (ends.length === 0) return undefined;
	const missed = ({ asked, level }: SectionEnd) => asked - level;
	const worst = ends.reduce((most, end) => (missed(end) > missed(most) ? end : most));
	return {
		condition: Math.min(...ends.map(({ condition }) => condition)),
		behind: missed(worst) > STAGING.nearEnough ? behindOf(worst, work, staging) : undefined
	};
}

/** Minutes that a section lies, from the middle of putting it on. */
const layFor = ({
	appliedFromMinute,
	appliedToMinute,
	rinseMinute
}: Staging['finish'][number]): number => rinseMinute - (appliedFromMinute + appliedToMinute) / 2;

function behindOf(end: SectionEnd, { sections }: StagedWork, staging: Staging): Behind {
	const own = staging.finish.find(
		({ section, part }) => section === end.section && part === end.part
	)!;
	const { volume, ratio } = staging.bowls.find(({ number }) => number === own.bowl)!;
	const minutes = layFor(own);
	const longest = Math.max(...staging.finish.map(layFor));
	const by = end.asked - end.level;
	const { placement } = sections.find(({ section }) => section.id === end.section)!;
	const laid = { ...end.application, placement, volume, ratio, minutes };
	const gets = (change: Partial<Application>): number =>
		levelOfFibre(predictLift(end.zone.fibre, [{ ...laid, ...change }], end.factors).at(-1)!.fibre);
	/** Whether that alone would bring it near enough. */
	const isEnough = (change: Partial<Application>): boolean =>
		gets(change) - gets({}) >= by - STAGING.nearEnough;
	return {
		section: end.section,
		part: end.part,
		level: end.level,
		by,
		why: isEnough({ minutes: longest })
			? 'time'
			: isEnough({ volume: end.application.volume })
				? 'strength'
				: 'hair',
		minutes: Math.round(minutes),
		longest: Math.round(longest),
		volume
	};
}
