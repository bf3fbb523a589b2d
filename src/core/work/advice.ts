import type { Placement } from '../lift';
import { finish } from '../steps';
import { BowlSearch, type Choice } from './bowlSearch';
import { STAGING } from './constants';
import { faultOf, type StagingProblem, type WorkSection } from './problem';

/** What would help where the bowls alone do not, largest help first. */
export interface StagingAdvice {
	readonly what:
		| 'fasterHands'
		| 'secondPair'
		| 'smallerHead'
		| 'lowerStart'
		| 'cap'
		| 'coverLate'
		| 'creamierLate'
		| 'openEarly'
		| 'rinseEarlyFirst'
		| 'laterRinse';
	readonly message: string;
	/** Spread and shortfall with it, levels. */
	readonly spread: number;
	readonly shortfall: number;
}

/** Levers beside strength, each tried on the same problem; the ones that help, best first. */
export function adviceFor(
	problem: StagingProblem,
	reached: Choice,
	target: number
): StagingAdvice[] {
	const half = problem.sections.length / 2;
	const changed = (change: (section: WorkSection, index: number) => Partial<WorkSection>) => ({
		...problem,
		sections: problem.sections.map((section, i) => ({ ...section, ...change(section, i) }))
	});
	const faster = (share: number) => changed((s) => ({ minutesToApply: s.minutesToApply * share }));
	const late = (i: number) => i >= half;
	const options: readonly [StagingAdvice['what'], string, StagingProblem][] = [
		['fasterHands', 'Work a quarter faster, or take fewer sections.', faster(0.75)],
		['secondPair', 'A second pair of hands: two sections at a time.', faster(0.5)],
		[
			'smallerHead',
			`Leave ${problem.sections.at(-1)!.name} for another visit, or work it apart afterwards.`,
			{ ...problem, sections: problem.sections.slice(0, -1) }
		],
		[
			'lowerStart',
			`Begin weaker: the first bowl from ${STAGING.lowStart} vol.`,
			{ ...problem, leastVolume: STAGING.lowStart }
		],
		[
			'cap',
			'Put a cap over the whole head once the last section is on.',
			changed((s) => ({ placement: placeOnce('capped', s.placement) }))
		],
		[
			'coverLate',
			'Cover the later sections, so that they keep more heat.',
			changed((s, i) => (late(i) ? { placement: placeOnce('covered', s.placement) } : {}))
		],
		[
			'openEarly',
			'Leave the first packets open: they run cooler.',
			changed((s, i) => (late(i) ? {} : { placement: placeOnce('opened', s.placement) }))
		],
		[
			'creamierLate',
			'Mix the last bowls creamier: less developer works quicker.',
			{ ...problem, ratios: [Math.max(1, problem.ratio - STAGING.ratioStep)] }
		],
		[
			'rinseEarlyFirst',
			'Rinse the first half ten minutes before the rest.',
			changed((s, i) =>
				late(i) ? {} : { rinseMinute: (s.rinseMinute ?? problem.rinseMinute) - 10 }
			)
		],
		[
			'laterRinse',
			'Rinse ten minutes later.',
			{ ...problem, rinseMinute: problem.rinseMinute + 10 }
		]
	];
	const before = reached.spread + reached.shortfall;
	return options
		.flatMap(([what, message, option]): StagingAdvice[] => {
			if (faultOf(option)) return [];
			const search = new BowlSearch({ ...option, target });
			const { spread, shortfall } = finish(search.best());
			return [{ what, message, spread, shortfall }];
		})
		.filter(({ spread, shortfall }) => spread + shortfall < before - STAGING.worthAdvising)
		.sort((p, q) => p.spread + p.shortfall - (q.spread + q.shortfall));
}

/** What each place becomes when it is covered, opened or put under a cap; a place left out stays. */
const OTHER_PLACE = {
	covered: { foil: 'foilCovered', openAir: 'film', onScalp: 'film' },
	opened: { foilCovered: 'foil', foil: 'openAir' },
	capped: { openAir: 'cap', onScalp: 'cap' }
} as const satisfies Record<string, Partial<Record<Placement, Placement>>>;

/** A place as it becomes when it is covered, opened or put under a cap. */
export const placeOnce = (how: keyof typeof OTHER_PLACE, placement: Placement): Placement =>
	(OTHER_PLACE[how] as Partial<Record<Placement, Placement>>)[placement] ?? placement;
