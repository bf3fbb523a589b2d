import type { Placement } from '../lift';
import { within, type Steps } from '../steps';
import { BowlSearch, type Choice } from './bowlSearch';
import { SERVICE_MINUTES, STAGING } from './constants';
import type { SectionId } from './ids';
import { faultOf, timesOf, type StagingProblem, type WorkSection } from './problem';

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
	/** The section it speaks of, where it is one. */
	readonly section?: SectionId | undefined;
	/** Spread and shortfall with it, levels. */
	readonly spread: number;
	readonly shortfall: number;
}

/** Levers beside strength, each tried on the same problem; the ones that help, best first. */
export function* adviceSteps(
	problem: StagingProblem,
	reached: Choice,
	target: number
): Steps<StagingAdvice[]> {
	const half = problem.sections.length / 2;
	const changed = (change: (section: WorkSection, index: number) => Partial<WorkSection>) => ({
		...problem,
		sections: problem.sections.map((section, i) => ({ ...section, ...change(section, i) }))
	});
	const late = (i: number) => i >= half;
	const options: readonly [StagingAdvice['what'], StagingProblem][] = [
		['fasterHands', quickened(problem, 0.75)],
		['secondPair', quickened(problem, 0.5)],
		['smallerHead', { ...problem, sections: problem.sections.slice(0, -1) }],
		['lowerStart', { ...problem, leastVolume: STAGING.lowStart }],
		['cap', changed((s) => ({ placement: placeOnce('capped', s.placement) }))],
		[
			'coverLate',
			changed((s, i) => (late(i) ? { placement: placeOnce('covered', s.placement) } : {}))
		],
		[
			'openEarly',
			changed((s, i) => (late(i) ? {} : { placement: placeOnce('opened', s.placement) }))
		],
		['creamierLate', { ...problem, ratios: [Math.max(1, problem.ratio - STAGING.ratioStep)] }],
		[
			'rinseEarlyFirst',
			changed((s, i) =>
				late(i) ? {} : { rinseMinute: (s.rinseMinute ?? problem.rinseMinute) - 10 }
			)
		],
		['laterRinse', { ...problem, rinseMinute: problem.rinseMinute + 10 }]
	];
	const last = problem.sections.at(-1)!.id;
	const before = reached.spread + reached.shortfall;
	const advice: StagingAdvice[] = [];
	for (const [i, [what, option]] of options.entries()) {
		yield i / options.length;
		if (faultOf(option)) continue;
		const share = (done: number) => (i + done) / options.length;
		const search = yield* within(BowlSearch.prepare({ ...option, target }), share(0), share(0.4));
		const { spread, shortfall } = yield* within(search.best(), share(0.4), share(1));
		if (spread + shortfall >= before - STAGING.worthAdvising) continue;
		advice.push({ what, ...(what === 'smallerHead' ? { section: last } : {}), spread, shortfall });
	}
	return advice.sort((p, q) => p.spread + p.shortfall - (q.spread + q.shortfall));
}

/**
 * The same work in a share of its minutes. The planned minutes count from the middle of what is rinsed
 * together, so its rinse comes earlier with it, but not before everything is on.
 */
function quickened(problem: StagingProblem, share: number): StagingProblem {
	const times = timesOf(problem);
	const end = times.at(-1)!.to;
	const wanted = ({ rinseMinute }: WorkSection) => rinseMinute ?? problem.rinseMinute;
	const rinseOf = (section: WorkSection): number => {
		const together = times.filter((time) => wanted(time.section) === wanted(section));
		const middle = (together[0]!.from + together.at(-1)!.to) / 2;
		return Math.round(
			Math.max(wanted(section) - (1 - share) * middle, share * end + SERVICE_MINUTES.leastLast)
		);
	};
	return {
		...problem,
		sections: problem.sections.map((section) => ({
			...section,
			minutesToApply: section.minutesToApply * share,
			rinseMinute: rinseOf(section)
		}))
	};
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
