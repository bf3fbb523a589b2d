import type { ChosenPart, MixedBowl, Visit } from '../../schema/records';
import { MAIN_STEP } from './steps';

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

/** What was weighed of lightener for one application of a day; nothing where nothing was. */
export function weighedFor(
	{ bowls }: Pick<Visit, 'bowls'>,
	step: string
): { readonly grams: number; readonly volumes: readonly number[] } | undefined {
	const own = bowls.mixed.filter(
		(bowl) => bowl.kind === 'lightener' && (bowl.step ?? MAIN_STEP) === step
	);
	if (own.length === 0) return undefined;
	const volumes = [...new Set(own.map(({ volume }) => volume))].sort((p, q) => p - q);
	return { grams: own.reduce((sum, bowl) => sum + gramsOf(bowl, 'grams'), 0), volumes };
}

/**
 * The colours of a bowl as they were weighed.
 * @param planned what was to go into it, which tells what each colour is
 */
export const weighedColours = (
	{ parts }: MixedBowl,
	planned: readonly ChosenPart[]
): ChosenPart[] =>
	parts.flatMap(({ key, name, grams }): ChosenPart[] => {
		if (!key.startsWith(COLOUR) || grams <= 0) return [];
		const own = planned.find((part) => `${COLOUR}${part.shadeId ?? part.name}` === key);
		return [own ? { ...own, grams } : { shadeId: key.slice(COLOUR.length), name, grams }];
	});

/** What the colours of a bowl go by in it. */
const COLOUR = 'colour:';

/** Grams of lightener that were to be weighed for the further applications of a day, as they were planned then. */
export const furtherTargets = ({ bowls }: Pick<Visit, 'bowls'>): number =>
	bowls.mixed
		.filter(({ kind, step = MAIN_STEP }) => kind === 'lightener' && step !== MAIN_STEP)
		.reduce((sum, bowl) => sum + gramsOf(bowl, 'target'), 0);
