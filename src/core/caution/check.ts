import type { Facts } from './facts';
import { CAUTION_RULES, type CautionCode, type CautionStation, type Severity } from './rules';

/** A caution that applies. */
export interface Caution {
	readonly code: CautionCode;
	readonly severity: Severity;
	readonly station: CautionStation;
	/** What of the head and the plan calls for it. */
	readonly facts: Facts;
}

const RANK: Readonly<Record<Severity, number>> = { stop: 0, ask: 1, note: 2 };

/**
 * The cautions that apply, most serious first, then in the order of the work.
 * @param facts of each application of the day; a caution that several call for is told once, as the
 * first of them has it
 */
export function checkCautions(...facts: readonly Facts[]): Caution[] {
	return CAUTION_RULES.flatMap(({ code, severity, station, when }) => {
		const of = facts.find(when);
		return of ? [{ code, severity, station, facts: of }] : [];
	}).sort((p, q) => RANK[p.severity] - RANK[q.severity]);
}
