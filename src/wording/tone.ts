import type { Undertone, UndertoneName } from '../core/colour';
import {
	enhances,
	FAMILIES,
	parseTone,
	type Direction,
	type BowlFault,
	type Contribution,
	type ToneMoment,
	type ToneWarning,
	type UnreadCode,
	type UnspokenFormula,
	type Vehicle
} from '../core/tone';
import type { FormulaKind, ToneReason } from '../core/toner';
import { BOUNDS, type TONE_TECHNIQUES, type TONER_ORDERS } from '../core/vocabulary';
import type { Aim, ChosenPart, PlacedToner } from '../schema/records';

/** The hair that a toner of its own goes on. */
export const PLACE_NAMES: Readonly<Record<PlacedToner['place'], string>> = {
	root: 'root',
	middle: 'middle',
	ends: 'ends',
	faceFrame: 'face frame',
	panel: 'panel',
	dropouts: 'dropouts',
	whiteHair: 'white hair',
	addedHair: 'added hair',
	glaze: 'glaze over all'
};

/** What Tone asks of it. */
export const placeQuestion = ({ place }: Pick<PlacedToner, 'place'>): string =>
	place === 'glaze' ? 'What goes over all of it?' : `What goes on the ${PLACE_NAMES[place]}?`;

/** The same with how far it reaches. */
export const placeWords = ({ place, cm }: Pick<PlacedToner, 'place' | 'cm'>): string =>
	cm === undefined ? PLACE_NAMES[place] : `${PLACE_NAMES[place]}, ${cm} cm`;

/** Orders in which a toner goes on. */
export const ORDER_OF_TONER: Readonly<Record<(typeof TONER_ORDERS)[number], string>> = {
	warmestFirst: 'warmest first',
	rootsFirst: 'roots first',
	endsFirst: 'ends first'
};

/** A formula as it is said at the bench: 9V 20 g, clear 10 g. */
export const formulaWords = (parts: readonly Pick<ChosenPart, 'name' | 'grams'>[]): string =>
	parts.map(({ name, grams }) => `${name} ${grams} g`).join(' + ');

/** A colour difference in words; 1 is just visible, 4 plain to see. */
export function distanceWords(deltaE: number): string {
	if (deltaE <= 2) return 'very close';
	if (deltaE <= 4) return 'close';
	return deltaE <= 8 ? 'some way off' : 'far off';
}

const WORDS: Readonly<Record<string, string>> = {
	N: 'natural',
	V: 'violet',
	B: 'blue',
	M: 'green (matte)',
	R: 'red',
	C: 'copper',
	G: 'gold',
	A: 'ash',
	P: 'pearl'
};

/** A tone of the model in words: BV is blue with violet, VV strong violet. */
export function toneWords(tone: string): string {
	const [first, second] = [...tone];
	const one = WORDS[first ?? ''] ?? tone;
	if (second === undefined) return one;
	return first === second ? `strong ${one}` : `${one} with ${WORDS[second] ?? second}`;
}

const LETTERS = ['N', ...Object.keys(FAMILIES)];

/** Every tone that a line of a kind can have, one letter before two, each in words. */
export const toneOptions = (vehicle: Vehicle): { value: string; label: string }[] =>
	[...LETTERS, ...LETTERS.flatMap((one) => LETTERS.map((two) => one + two))]
		.filter((tone) => parseTone(tone, vehicle))
		.map((value) => ({ value, label: `${value}, ${toneWords(value)}` }));

const BARE_WORDS: Readonly<Record<Exclude<ToneReason['kind'], 'dyes'>, string>> = {
	alreadyThere: 'The hair is already there: no toner needed.',
	asCloseAsItIs: 'As it is, the hair is about as close as this line can bring it.',
	moreLift: 'Deeper than the aim: more lift is the answer, a toner only takes light.'
};

/** What a formula is the best at. */
export const KIND_WORDS: Readonly<Record<FormulaKind, string>> = {
	truestNow: 'truest now',
	truestLater: 'truest after two weeks',
	fewestTubes: 'fewest tubes',
	keepsLevel: 'takes the warmth, keeps the level',
	openTubes: 'from open tubes'
};

/** Why a formula is proposed, in a sentence. */
export function toneReasonWords(reason: ToneReason, undertone: UndertoneName): string {
	if (reason.kind !== 'dyes') {
		return BARE_WORDS[reason.kind];
	}
	const { shares, warmthTaken } = reason;
	const effect =
		warmthTaken >= 0
			? `takes ${warmthTaken}\u00a0% of the warmth`
			: `adds ${-warmthTaken}\u00a0% to the warmth`;
	if (shares.length === 0) return `Natural base: deepens and ${effect}.`;
	const tones = shares
		.map(({ dye, percent }) => (shares.length > 1 ? `${dye} ${percent}\u00a0%` : dye))
		.join(', ');
	const against = warmthTaken > 0 && undertone !== 'none' ? ` against the ${undertone}` : '';
	return `${tones.charAt(0).toUpperCase()}${tones.slice(1)}${against}: ${effect}.`;
}

const OVERSHOT: Readonly<Record<Exclude<ToneWarning['code'], 'tooDark'>, string>> = {
	greenCast:
		'Blue or green on yellow turns green. Put violet in its place, or add a little gold or red.',
	blueCast:
		'More blue than there is orange to take it up. Put violet in its place, or rinse earlier.',
	violetCast: 'More violet than there is yellow to take it up. Add clear, or rinse earlier.',
	greyCast: 'All warmth is gone: the hair will look flat and grey. Add clear or a touch of gold.',
	muddy: 'Full neutralising at this depth goes muddy. Keep some warmth.'
};

/** What it goes to, past its time. */
const PAST: Readonly<Record<ToneWarning['code'], string>> = {
	greenCast: 'green',
	blueCast: 'blue',
	violetCast: 'violet',
	greyCast: 'grey',
	muddy: 'muddy',
	tooDark: 'too deep'
};
/** What a toner goes to from a minute on, in a mark beside its strand: “25 min: violet”. */
export const pastWords = ({ minute, warnings }: Pick<ToneMoment, 'minute' | 'warnings'>): string =>
	`${minute} min: ${warnings[0] ? PAST[warnings[0].code] : 'too far'}`;

/** What a toner overdoes, and what would mend it. */
export const toneWarningWords = (warning: ToneWarning): string =>
	warning.code === 'tooDark'
		? `Goes ${warning.levels.toFixed(1)} levels deeper. Dilute with clear, or take a lighter shade.`
		: OVERSHOT[warning.code];

/** What is wrong with a mixture for a head, and what would mend it. */
export function bowlFaultWords(fault: BowlFault): string {
	switch (fault.code) {
		case 'deepWithPale':
			return `Shades ${fault.levels} levels apart share a bowl: the deepest decides. Take a shade between, or two bowls.`;
		case 'directOnPorous':
			return 'Direct colour grabs on porous hair and comes out unevenly. Even the porosity first, or thin it with clear.';
		case 'whiteWarm':
			return 'The white hair comes out warmer than the rest. Give it a toner of its own, or more of a natural base.';
		case 'takesLittle':
			return 'This hair takes little of a toner. Use more dye, 10 vol, or a permanent shade at the root.';
	}
}

/** What it means that hair holds only a share of a toner, 0-1. */
export const holdsWords = (share: number): string =>
	`after this much lightening the hair takes ${Math.round(100 * share)}\u00a0% of a toner. Toning again after a day holds better.`;

/** What a toner is to do to the hair it starts from: stand against its undertone, or add to it. */
export function toneTaskWords(
	{ name, neutraliser }: Undertone,
	direction: Direction,
	lifted: boolean
): string {
	if (enhances(direction)) return `${direction} is added to it`;
	if (!lifted || name === 'none') return 'hardly any undertone to take';
	return `${neutraliser} stands against it`;
}

/** What the wheel says: what is aimed at, and which dye stands against what is there. */
export function wheelWords(
	{ name, neutraliser }: Undertone,
	{ level, direction, keepWarmth }: Pick<Aim, 'level' | 'direction' | 'keepWarmth'>
): { readonly aim: string; readonly against: string } {
	return {
		aim: `${level} ${direction}, ${percent(keepWarmth)} warmth`,
		against:
			name === 'none' ? 'There is no warmth to take.' : `Against ${name} stands ${neutraliser}.`
	};
}

/** Ways of toning that put another toner on some of the hair, and what each is for. */
export const TECHNIQUE_WORDS: Readonly<Record<(typeof TONE_TECHNIQUES)[number], string>> = {
	rootShadow: 'Root shadow: deeper at the scalp, so that regrowth shows late',
	meltOfTwo: 'Melt of two: a deeper third runs into the rest',
	meltOfThree: 'Melt of three: root, middle, and the rest',
	tippedEnds: 'Tipped ends: the last centimetres on their own',
	faceFrame: 'Face frame: a little lighter round the face',
	panel: 'Panel: what lies underneath on its own',
	dropouts: 'Dropouts: hair left out of the foils, its red taken',
	whiteHair: 'White hair on its own',
	addedHair: 'Added hair: pale, and takes in at once',
	glaze: 'Glaze over all, once the rest is rinsed'
};

/** How many grams of colour the hair takes: “This head takes about 32 g: root 9, lengths 18, ends 5.” */
export function needWords(
	needs: readonly { readonly of: string; readonly grams: number }[]
): string {
	const all = needs.reduce((sum, { grams }) => sum + grams, 0);
	const each = needs.map(({ of, grams }) => `${of} ${grams}`).join(', ');
	return `By length and density about ${all} g${needs.length > 1 ? `: ${each}` : ''}.`;
}

/** How late the regrowth shows beside a root shadow, and without one. */
export function regrowthWords(shadowed: number | undefined, bare: number | undefined): string {
	const from = (week: number | undefined) =>
		week === undefined ? 'hardly at all in a year' : `from week ${week}`;
	return `Regrowth shows ${from(shadowed)}; without it ${from(bare)}.`;
}

/** Why a shade code could not be read. */
export function unreadCodeWords({ problem, part, code }: UnreadCode): string {
	switch (problem) {
		case 'noLevel':
			return `“${code}” has no level that could be read; write it like 8V or 8.1.`;
		case 'level':
			return `Level ${part} is not between ${BOUNDS.level.min} and ${BOUNDS.level.max}.`;
		case 'tone':
			return `“${part}” in ${code} is not in this line’s key.`;
	}
}

/** How strong a shade was found to be beside the usual. */
export function strengthWords(code: string, intensity: number): string {
	const percent = Math.round(100 * (intensity - 1));
	if (Math.abs(percent) < 5) return `${code} is as strong as usual.`;
	return `${code} is ${Math.abs(percent)}\u00a0% ${percent > 0 ? 'stronger' : 'weaker'} than usual.`;
}

export const unlikeShadeWords = (code: string, level: number): string =>
	`That does not look like ${code} on a swatch of ${level}: nothing was changed. Is it the right shade, dry, in daylight?`;

/** Why a formula that was written is not understood. */
export function unspokenWords({ problem, part }: UnspokenFormula, line: string): string {
	switch (problem) {
		case 'empty':
			return '';
		case 'code':
			return `“${part}” is no shade that ${line} could have.`;
		case 'notHere':
			return `“${part}” is not among the shades of ${line} on the shelf.`;
		case 'grams':
			return `How much of “${part}”? It must be more than nothing, and fit the bowl.`;
		case 'twice':
			return `“${part}” stands in it twice.`;
	}
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** What a part of a formula lays down, in a few words: “60 % of the dye: violet, some brown”. */
export function contributionWords({ share, dyes }: Contribution): string {
	if (dyes.length === 0) return 'thins the rest, lays nothing down';
	const named = dyes.slice(0, 3).map(({ dye, share: of }) => `${dye} ${percent(of)}`);
	return `${percent(share)} of what is laid down: ${named.join(', ')}`;
}
