import { median } from 'd3-array';
import { BOUNDS } from '../../core/vocabulary';
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
 * Bowls of the main application with the strength and the ratio at which they were weighed, once all that belongs in
 * them is in: what was weighed lies on the head, whatever was staged.
 */
export function asWeighed<S extends Pick<MixedBowl, 'id' | 'volume' | 'ratio'>>(
	staged: readonly S[],
	{ mixed }: Pick<Visit['bowls'], 'mixed'>
): readonly S[] {
	const weighed = new Map(
		mixed.flatMap((bowl) => {
			const { id, kind, step = MAIN_STEP, done } = bowl;
			return kind === 'lightener' && step === MAIN_STEP && done ? [[id, mixtureOf(bowl)]] : [];
		})
	);
	return weighed.size === 0
		? staged
		: staged.map((bowl) => {
				const { volume, ratio } = weighed.get(bowl.id) ?? bowl;
				// What a scale errs by makes no other strength, and no caution.
				const isSame = Math.abs(volume - bowl.volume) < HARDLY;
				return { ...bowl, ratio, volume: isSame ? bowl.volume : volume };
			});
}

/**
 * Volumes by which the middle one of a head's bowls was weighed stronger than it was staged: staged bowls differ among
 * themselves on purpose, and a few that were mixed otherwise say nothing of the rest.
 */
export function strongerBy(
	staged: readonly Pick<MixedBowl, 'volume'>[],
	weighed: readonly Pick<MixedBowl, 'volume'>[]
): number {
	const middle = median(staged, ({ volume }, i) => weighed[i]!.volume - volume) ?? 0;
	return Math.abs(middle) < HARDLY ? 0 : middle;
}

/** A scale and its jug are off by as much, volumes. */
const HARDLY = 0.5;

/** Strength and ratio of a weighed bowl of lightener; of one without developer, or without lightener, as it was noted. */
function mixtureOf({ parts, volume, ratio }: MixedBowl): Pick<MixedBowl, 'volume' | 'ratio'> {
	const developers = parts.flatMap(({ key, grams }) =>
		key.startsWith(DEVELOPER) ? [{ grams, volume: Number(key.slice(DEVELOPER.length)) }] : []
	);
	const developer = developers.reduce((sum, { grams }) => sum + grams, 0);
	const lightener = parts
		.filter(({ key }) => key === 'lightener' || key === 'second')
		.reduce((sum, { grams }) => sum + grams, 0);
	if (!(developer > 0 && lightener > 0)) return { volume, ratio };
	const { min, max } = BOUNDS.ratio;
	return {
		volume: developers.reduce((sum, each) => sum + each.grams * each.volume, 0) / developer,
		ratio: Math.min(max, Math.max(min, developer / lightener))
	};
}

/** What the developer of a bowl goes by in it, before its volumes. */
const DEVELOPER = 'developer:';

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
