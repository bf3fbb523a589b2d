import type { SHADE_FORMS } from '../vocabulary';
import { pureBrown, type Pigment } from '../hair';
import { BALANCED_NATURAL, CONCENTRATE, DEPOSIT, FAMILIES, SHARES, TUBE } from './constants';
import { type DyeAmounts, addDyes } from './dyes';
import type { Vehicle } from './deposit';

/** How a shade is made up: on a brown base, as pure pigment, or as a concentrate. */
export type ShadeForm = (typeof SHADE_FORMS)[number];

/** A tone letter of the model. */
export type Family = keyof typeof FAMILIES;

/** A shade as the model reads it. */
export interface Shade {
	/** 1-12. Concentrates may have any: theirs counts as 7. */
	readonly level: number;
	/** `N`, one letter (`V`), doubled (`VV`), or two (`VB`, `NA`). See {@link parseTone}. */
	readonly tone: string;
	/** 0.6 sheer, 1 standard, 2 dense. */
	readonly intensity?: number | undefined;
	readonly form?: ShadeForm | undefined;
}

/** The shares of base and tones that a tone code stands for. */
export interface ToneShares {
	readonly base: number;
	readonly tones: readonly { readonly family: Family; readonly share: number }[];
}

const isFamily = (letter: string): letter is Family => letter in FAMILIES;

/**
 * Reads a tone code of the model: `N`, `NN`, `V`, `VV`, `NV`, `VN`, `VB`.
 * @returns undefined when a letter is not a family of the model or there are more than two
 */
export function parseTone(
	tone: string,
	vehicle: Vehicle,
	form: ShadeForm = 'based'
): ToneShares | undefined {
	const [first, second, ...rest] = [...tone.toUpperCase()];
	if (first === undefined || rest.length > 0) return undefined;
	const letters = [first, ...(second === undefined ? [] : [second])];
	const families = letters.filter(isFamily);
	if (letters.some((letter) => letter !== 'N' && !isFamily(letter))) return undefined;
	const [one, two] = families;
	if (one === undefined) return { base: form === 'based' ? SHARES.natural.base : 0, tones: [] };
	const shares =
		letters.length === 1
			? vehicle === 'permanent'
				? SHARES.singlePermanent
				: one === 'B'
					? SHARES.singleBlue
					: SHARES.single
			: families.length === 1
				? SHARES.withNatural
				: one === two
					? SHARES.doubled
					: SHARES.pair;
	const weights =
		form === 'based' ? shares : two && one !== two ? { ...SHARES.pair, base: 0 } : SHARES.pure;
	const tones: { family: Family; share: number }[] = [{ family: one, share: weights.first }];
	if (two && one !== two) tones.push({ family: two, share: weights.second });
	return { base: weights.base, tones };
}

/**
 * What a tube holds: brown base `0.9·e(n)` and tone `2.2·e(n)^0.77·intensity`, by its shares.
 * @throws {RangeError} when the tone code cannot be read
 */
export function tubeDyes(shade: Shade, vehicle: Vehicle): DyeAmounts {
	const form = shade.form ?? 'based';
	const shares = parseTone(shade.tone, vehicle, form);
	if (!shares) throw new RangeError(`tone code "${shade.tone}" is not made of N V B M R C G A P`);
	const depth = pureBrown(form === 'concentrate' ? CONCENTRATE.level : shade.level);
	const tone =
		TUBE.tone *
		Math.pow(depth, TUBE.tonePower) *
		(shade.intensity ?? 1) *
		(form === 'concentrate' ? CONCENTRATE.strength : 1);
	let dyes: DyeAmounts = { brown: TUBE.base * depth * shares.base };
	for (const { family, share } of shares.tones) {
		dyes = addDyes(dyes, FAMILIES[family], tone * share);
	}
	return isNatural(shares, form)
		? addDyes(dyes, FAMILIES[BALANCED_NATURAL.family], tone * BALANCED_NATURAL.share)
		: dyes;
}

const isNatural = ({ base, tones }: ToneShares, form: ShadeForm): boolean =>
	form === 'based' && base > 0 && tones.length === 0;

/** The tones of a tube that a colourist would name: of a natural shade none, its ash is part of the base. */
export function namedTones(shade: Shade, vehicle: Vehicle): DyeAmounts {
	const shares = parseTone(shade.tone, vehicle, shade.form);
	if (!shares || isNatural(shares, shade.form ?? 'based')) return {};
	return { ...tubeDyes(shade, vehicle), brown: 0 };
}

/**
 * How much of a tube's brown base takes on hair that already holds pigment, 0.25-1.
 * @param level the tube's level
 */
export function baseGrip(pigment: Pigment, level: number): number {
	const room = pureBrown(level);
	if (room <= 0) return DEPOSIT.gripLeast;
	return Math.max(
		DEPOSIT.gripLeast,
		1 - (DEPOSIT.gripSlope * (pigment.eumelanin + pigment.pheomelanin)) / room
	);
}
