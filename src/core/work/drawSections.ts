import { stratifiedNormals } from '../numeric';
import {
	drawnReach,
	heatFactor,
	misread,
	pointAt,
	SECTION_REACH,
	SPREAD,
	type Fibre
} from '../lift';
import type { BowlSearch, Choice } from './bowlSearch';
import { STAGING } from './constants';
import { readySection } from './problem';

/**
 * Levels of every section, and their spread, over heads and packets that differ: one pace and one
 * misreading for each head, heat and saturation for each packet.
 * @returns levels sorted, by part and section; spreads sorted
 */
export function drawSections(
	parts: readonly {
		readonly search: BowlSearch;
		readonly choice: Choice;
		/** Whether it counts for how even the head is. */
		readonly counted: boolean;
	}[]
): { readonly spreads: Float64Array; readonly levels: readonly (readonly Float64Array[])[] } {
	const spread = parts[0]!.search.problem.spread ?? SPREAD;
	const sections = parts.flatMap(({ search, counted, choice: { runs } }, part) =>
		runs.flatMap(({ first, last, strength }) =>
			search.times.slice(first, last + 1).map((time) => ({
				part,
				counted,
				time,
				point: readySection(
					search.problem,
					time,
					search.strengths[strength]!,
					search.mixedAt(first)
				)
			}))
		)
	);
	const columns = stratifiedNormals(STAGING.draws, 2 + 2 * sections.length);
	const levels = sections.map(() => new Float64Array(STAGING.draws));
	const spreads = Float64Array.from({ length: STAGING.draws }, (_, d) => {
		const personal = Math.exp(spread.logPersonal * columns[0]![d]!);
		const starts = new Map<Fibre, Fibre>();
		const row = sections.flatMap(({ point, time, counted }, i) => {
			const { fibre } = point.start;
			let start = starts.get(fibre);
			if (!start) starts.set(fibre, (start = misread(fibre, spread.startLevel * columns[1]![d]!)));
			const reach = SECTION_REACH[time.section.section ?? 'seeThrough'];
			const speed =
				personal *
				heatFactor(spread.temperatureC * columns[2 + 2 * i]![d]!) *
				drawnReach(reach, spread.reach * columns[3 + 2 * i]![d]!);
			const { level } = pointAt(point, time.rinse, { speed, start });
			levels[i]![d] = level;
			return counted ? [level - (time.section.aimAbove ?? 0)] : [];
		});
		return Math.max(...row) - Math.min(...row);
	});
	const sorted = levels.map((column) => column.sort());
	return {
		spreads: spreads.sort(),
		levels: parts.map((_, part) => sorted.filter((__, i) => sections[i]!.part === part))
	};
}
