import type * as z from 'zod/mini';
import { hexOf } from '../../core/colour';
import { onScale } from '../../core/hair';
import { fibreOfReading } from '../../core/lift';
import { mixtureGrams } from '../../core/mix';
import { oneStrengthSteps, stageBowlsSteps, type WorkSection } from '../../core/work';
import { adviceWords, stagingFaultWords } from '../../wording/bowls';
import type { Steps } from '../../core/steps';
import type { bowlsAnswer, bowlsRequest } from '../../schema/api';
import { RequestFault } from './fault';
import { factorsOf } from './hair';

/** The field that each fault of a staging is about. */
const FIELD = {
	noSections: 'sections',
	noStrength: 'volumes',
	rinseTooEarly: 'rinseAfterMinutes'
} as const;

type Request = z.output<typeof bowlsRequest>;

/** Sections go by their place in the request: two may have one name. */
function sectionOf(
	section: Request['sections'][number],
	index: number,
	request: Request
): WorkSection {
	const { minutesToApply, placement, hair, rinseMinute, fineHairline, lockedVolume } = section;
	const grams =
		'foils' in section && section.foils !== undefined
			? mixtureGrams({
					technique: 'foils',
					foils: section.foils,
					density: request.density,
					section: section.section ?? 'seeThrough',
					coveredCm: request.lengthCm
				})
			: (section.grams ?? 0);
	return {
		id: String(index),
		grams,
		minutesToApply,
		placement,
		section: section.section,
		rinseMinute,
		fineHairline,
		lockedVolume,
		...(hair ? { fibre: fibreOfReading(hair), factors: factorsOf(hair) } : {})
	};
}

/**
 * Answers `/api/bowls`: bowls with their strengths and grams, and how every section comes out.
 * @throws {RequestFault} when no strength can be mixed, or the rinse comes before the last section
 */
export function* bowlsSteps(request: Request): Steps<z.input<typeof bowlsAnswer>> {
	const { hair, product, ratio, ceiling, rinseAfterMinutes, target, limitMinutes } = request;
	const problem = {
		sections: request.sections.map((section, i) => sectionOf(section, i, request)),
		fibre: fibreOfReading(hair),
		factors: factorsOf(hair, request.personal),
		condition: hair.condition,
		product,
		ratio,
		ratios: request.ratios,
		stock: request.volumes,
		ceiling,
		rinseMinute: rinseAfterMinutes,
		target,
		limitMinutes
	};
	const answer = yield* request.staged ? stageBowlsSteps(problem) : oneStrengthSteps(problem);
	const nameOf = (id: string) => request.sections[Number(id)]!.name;
	if (!answer.ok) {
		throw new RequestFault(
			answer.problem,
			FIELD[answer.problem],
			stagingFaultWords(answer, nameOf)
		);
	}
	const { bowls, finish, advice, behind, ...rest } = answer.staging;
	return {
		...rest,
		target: onScale(rest.target),
		...(behind === undefined ? {} : { behind: nameOf(behind) }),
		bowls: bowls.map(({ sections, blend, part: _part, id: _id, ...bowl }) => ({
			...bowl,
			sections: sections.map(nameOf),
			...(blend
				? { blend: { volume: blend.volume, parts: blend.parts.map((part) => ({ ...part })) } }
				: {})
		})),
		finish: finish.map(({ wipedFirst, part: _part, ...section }) => ({
			...section,
			section: nameOf(section.section),
			rinsedFirst: wipedFirst,
			level: onScale(section.level),
			low: onScale(section.low),
			high: onScale(section.high),
			hex: hexOf(section.lab)
		})),
		advice: advice.map(({ what, section, spread, shortfall }) => ({
			what,
			message: adviceWords({ what, section, spread, shortfall }, nameOf),
			spread,
			shortfall
		}))
	};
}
