import { usageOf } from '../../core/learn';
import type { Shelf, Visit } from '../../schema/records';
import { recordedBefore } from './learned';
import { loadsOf } from './headWork';
import { furtherTargets, weighedGrams } from '../day/weighed';
import { dayWork } from './work';

/** What earlier leftovers taught of how much mixture this head takes. */
export interface Usage {
	/** Factor on grams, 1 for typical. */
	readonly factor: number;
	readonly visits: number;
}

/**
 * @param day ISO date of the visit that is being planned
 * @param off it is not to be learned
 */
export function usageFrom(
	visits: readonly Visit[],
	day: string,
	shelf: Shelf | undefined,
	off = false
): Usage {
	const seen = (off ? [] : recordedBefore(visits, day)).flatMap((visit) => {
		const { leftoverGrams, untaught } = visit.result;
		if (leftoverGrams === undefined || untaught) return [];
		const { reading, aim, bowls, lift } = visit;
		const loads = loadsOf({ reading, aim, bowls, plan: lift, usage: 1 });
		const neededGrams = loads.reduce((sum, load) => sum + (load?.grams ?? 0), 0);
		if (neededGrams <= 0) return [];
		// What was left over is told of the lightener: toner and lowlights have bowls of their own.
		const weighed = weighedGrams(visit, 'lightener');
		return weighed > 0
			? [
					{
						mixedGrams: weighed,
						leftoverGrams,
						neededGrams: neededGrams + furtherTargets(visit)
					}
				]
			: [
					{
						mixedGrams: dayWork(visit, visit, shelf).main.totalGrams,
						leftoverGrams,
						neededGrams
					}
				];
	});
	return { factor: usageOf(seen), visits: seen.length };
}
