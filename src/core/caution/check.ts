import type { Facts } from './facts';
import { CAUTION_RULES, type CautionStation, type Severity } from './rules';

/** A caution that applies, in plain words. */
export interface Caution {
	readonly code: string;
	readonly severity: Severity;
	readonly station: CautionStation;
	readonly title: string;
	readonly why: string;
	readonly todo: string;
}

const RANK: Readonly<Record<Severity, number>> = { stop: 0, ask: 1, note: 2 };

/**
 * The cautions that apply, most serious first, then in the order of the work.
 * @param facts of each application of the day; a caution that several call for is told once, as the
 * first of them has it
 */
export function checkCautions(...facts: readonly Facts[]): Caution[] {
	return CAUTION_RULES.flatMap(({ code, severity, station, title, when, why, todo }) => {
		const of = facts.find(when);
		return of ? [{ code, severity, station, title, why: why(of), todo }] : [];
	}).sort((p, q) => RANK[p.severity] - RANK[q.severity]);
}

/** What is always said beside the work, whatever the head. */
export const STANDING_CAUTIONS: Readonly<Record<CautionStation, string>> = {
	read: 'The maker’s directions, local codes and licensed practice always go first.',
	lift: 'A prediction is a plan, not a promise: a test strand decides.',
	bowls:
		'Gloves, aired room, plastic or glass bowl. Never close or keep a mixed product: it makes gas and heat.',
	chair:
		'Stop at once for stinging, swelling, unusual heat, gummy or snapping hair. Eyes: rinse with plenty of water and get medical help.',
	tone: 'Toner cannot lighten. Wipe a strand and look before you rinse.'
};
