import { formatLevel } from '../core/hair';
import type { Doubt, Lamp, PictureProblem, Reference, TwoKinds } from '../core/picture';
import type { Reading, ZoneName } from '../schema/records';
import { formatShare } from './words';

/** What each doubt means, and what to do about it. */
export const DOUBT_WORDS: Readonly<Record<Doubt, string>> = {
	noReference:
		'Nothing known in the light to correct by: lay two swatches of your ring, a card or a clean towel beside the hair.',
	referenceClipped: 'What it is corrected by is burnt out: turn it out of the light.',
	referencesDisagree:
		'What is marked does not fit together: a swatch of another level, shadow on the card, or a lamp in it.',
	farFromReferences:
		'The hair lies far from what is known in the picture: lay swatches near its level beside it.',
	clipped: 'Parts of the hair are burnt out: less light, or no flash.',
	tooDark: 'Too dark to tell: more daylight.',
	strongCast: 'The light has a strong colour of its own: go to a window.',
	wet: 'It shines as if it were wet: read it dry, without the lamp in it.',
	uneven: 'The patches are not one colour: read them apart.'
};

/** Why a picture could not be read. */
export const UNREAD_PICTURE: Readonly<Record<PictureProblem, string>> = {
	noHair: 'Point at the hair first.',
	notHair: 'That is no hair: no hair has such a colour. Point at hair, in white light.',
	tooSmall: 'The patch is too small to read: point inside the hair, or take a larger picture.'
};

/** What lights the scene. */
export const LAMP_OPTIONS: readonly { value: Lamp; label: string }[] = [
	{ value: 'unknown', label: 'not said' },
	{ value: 'daylight', label: 'daylight' },
	{ value: 'led', label: 'LED' },
	{ value: 'tube', label: 'tubes' },
	{ value: 'bulb', label: 'bulbs' }
];

type Marked = 'hair' | Reference['kind'];

/** What a press on the picture marks. */
export const MARK_NAMES: Readonly<Record<Marked, string>> = {
	hair: 'hair',
	swatch: 'swatch',
	greyCard: 'grey card',
	whiteTowel: 'white towel',
	cardWhite: 'white of the printed card',
	cardGrey: 'grey of the printed card',
	cardBlack: 'black of the printed card'
};

/** What a mark is called on the picture: hair is counted, swatches go by level, the rest by name. */
export function markName(
	marks: readonly { readonly kind: Marked; readonly level?: number | undefined }[],
	index: number
): string {
	const mark = marks[index]!;
	if (mark.kind === 'swatch') return `swatch ${mark.level}`;
	if (mark.kind !== 'hair') return MARK_NAMES[mark.kind];
	return String(marks.slice(0, index + 1).filter(({ kind }) => kind === 'hair').length);
}

/** Two kinds of hair in a picture: “30 % at 9 among 5.5”. */
export const kindsWords = ({ dark, light }: TwoKinds): string =>
	`${formatShare(light.share)} at ${formatLevel(light.level)} among ${formatLevel(dark.level)}`;

/** The hair that a reading of one zone sets: untouched hair has one level, and all of it takes it. */
export function readFor({ zones }: Pick<Reading, 'zones'>, zone: ZoneName): string {
	const untouched = Object.values(zones).filter(({ state }) => state === 'natural').length;
	return zones[zone].state === 'natural' && untouched > 1 ? 'all untouched hair' : `the ${zone}`;
}
