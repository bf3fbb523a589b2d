import type { MixedBowl, Visit } from '../../schema/records';
import { MAIN_STEP } from './day';

/** What stands beside the ratio: drops or millilitres, and no part of the mixture. */
const BESIDE = 'additive';

const gramsOf = ({ parts }: MixedBowl, what: 'grams' | 'target'): number =>
	parts.filter(({ key }) => key !== BESIDE).reduce((sum, part) => sum + part[what], 0);

/** Grams of mixture that were weighed at a visit for one kind of bowl, colour and what develops it. */
export const weighedGrams = (
	{ bowls }: { readonly bowls: Pick<Visit['bowls'], 'mixed'> },
	kind: MixedBowl['kind']
): number =>
	bowls.mixed
		.filter((bowl) => bowl.kind === kind)
		.reduce((sum, bowl) => sum + gramsOf(bowl, 'grams'), 0);

/** Grams of lightener that were to be weighed for the further applications of a day, as they were planned then. */
export const furtherTargets = ({ bowls }: Pick<Visit, 'bowls'>): number =>
	bowls.mixed
		.filter(({ kind, step = MAIN_STEP }) => kind === 'lightener' && step !== MAIN_STEP)
		.reduce((sum, bowl) => sum + gramsOf(bowl, 'target'), 0);
