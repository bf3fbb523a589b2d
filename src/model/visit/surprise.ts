import { surpriseOf, type SurpriseAnswer, type SurpriseLook } from '../../core/learn';
import type { Visit } from '../../schema/records';
import { endLooksOf, looksOf, type VisitLook } from './learned';
import { learnedFactor, type Learned } from './lift';

/**
 * Why a visit went otherwise than it was planned, as far as its looks tell.
 * @param learned what the plan was made with
 */
export function visitSurprise(
	visit: Visit,
	learned: Learned | undefined
): SurpriseAnswer | undefined {
	const planned = ({ look, zone }: Pick<VisitLook, 'look' | 'zone'>): SurpriseLook => ({
		look,
		personal: (learned && learnedFactor(learned, look.area)) ?? 1,
		remembered: zone.remembered
	});
	return surpriseOf([...looksOf(visit), ...endLooksOf(visit)].map(planned));
}
