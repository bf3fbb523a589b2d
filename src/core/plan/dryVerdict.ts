import { furtherApplications, type Application, type Fibre, type HeadFactors } from '../lift';
import type { STRETCHES, ZONE_NAMES } from '../vocabulary';
import { PLAN, TARGET_TOLERANCE } from './constants';

type Zone = (typeof ZONE_NAMES)[number];

/** A zone as it was read again when its lightener was off and it was dry. */
export interface DryZone {
	readonly name: Zone;
	/** Level that was seen, and that it was to be lifted to. */
	readonly level: number;
	readonly target: number;
	/** Its hair as it was seen, and the same application once more. */
	readonly fibre: Fibre;
	readonly application: Application;
}

/** Whether hair can take more today, and why. */
export type DryVerdict =
	/** Every zone is where it was to be. */
	| { readonly kind: 'enough' }
	/** What lags, and what one more application of the same would bring of it. */
	| {
			readonly kind: 'more';
			readonly zones: readonly Zone[];
			readonly level: number;
			readonly condition: number;
	  }
	/** The hair does not bear it, or it would gain next to nothing. */
	| {
			readonly kind: 'noMore';
			readonly zones: readonly Zone[];
			readonly why: 'stretch' | 'condition' | 'gain';
			/** What it would be left at, where that is the reason. */
			readonly condition?: number;
	  };

/**
 * Whether what lags can take one more application: not when wet hair stretches and does not spring back, nor
 * when it would be left under the condition that a plan keeps to. Of several that lag the one that is furthest
 * behind decides.
 * @param condition condition index that the day has left, 0-100
 * @param stretch how a wet strand behaves; left out, nobody tried
 */
export function dryVerdict(
	zones: readonly DryZone[],
	factors: HeadFactors,
	condition: number,
	stretch?: (typeof STRETCHES)[number]
): DryVerdict {
	const lagging = zones.filter(({ level, target }) => level < target - TARGET_TOLERANCE);
	const [first] = lagging.toSorted((p, q) => p.level - p.target - (q.level - q.target));
	if (!first) return { kind: 'enough' };
	const names = lagging.map(({ name }) => name);
	if (stretch === 'slow' || stretch === 'limp')
		return { kind: 'noMore', zones: names, why: 'stretch' };
	const [again] = furtherApplications(first.fibre, first.application, factors, condition, 1);
	if (!again) return { kind: 'noMore', zones: names, why: 'gain' };
	return again.condition < PLAN.minCondition
		? { kind: 'noMore', zones: names, why: 'condition', condition: again.condition }
		: { kind: 'more', zones: names, level: again.level, condition: again.condition };
}
