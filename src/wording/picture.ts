import type { Doubt, PictureProblem } from '../core/picture';

/** What each doubt means, and what to do about it. */
export const DOUBT_WORDS: Readonly<Record<Doubt, string>> = {
	noReference:
		'Nothing grey or white in the light to correct by: put a card or a clean towel beside the hair.',
	referenceClipped: 'The card or towel is burnt out: turn it out of the light.',
	clipped: 'Parts of the hair are burnt out: less light, or no flash.',
	tooDark: 'Too dark to tell: more daylight.',
	strongCast: 'The light has a strong colour of its own: go to a window.',
	wet: 'It shines as if it were wet: read it dry, without the lamp in it.',
	uneven: 'The patches are not one colour: read them apart.'
};

/** Why a picture could not be read. */
export const UNREAD_PICTURE: Readonly<Record<PictureProblem, string>> = {
	noHair: 'Point at the hair first.',
	tooSmall: 'The patch is too small to read: point inside the hair, or take a larger picture.'
};
