import type { Cure, FaultCause, ToneFault } from '../core/cure';
import type { Visit } from '../schema/records';
import { formulaWords } from './tone';

/** What is seen, in the words of somebody who stands behind the chair. */
export const FAULT_WORDS: Readonly<Record<ToneFault, string>> = {
	hotRoot: 'root warmer or lighter than the lengths',
	band: 'a band across the strand',
	spot: 'a spot',
	warmEnds: 'ends too warm',
	overViolet: 'too violet',
	overAsh: 'too ash, blue or grey',
	overGreen: 'green',
	tooDark: 'too dark',
	slidOff: 'the toner slid off',
	patchy: 'patchy'
};

const CAUSES: Readonly<Record<FaultCause, string>> = {
	rootTooEarly: 'The lightener lay on the warm first centimetres too early or too long.',
	longRegrowth: 'The regrowth is longer than the scalp keeps warm: its far end lagged.',
	overlap: 'Lightener lay twice over a stretch, or missed it.',
	missed: 'A place was missed, or a packet bled.',
	coolEnds: 'The ends lay cooler or drier, and were not lifted as far.',
	oldColour: 'Old colour lies in the ends, and lifts warmer.',
	tooPale: 'Hair this pale has hardly any yellow to take violet up.',
	tooLong: 'It lay longer than this hair needed, or there is too much dye in the bowl.',
	coldOnYellow: 'Blue or green went over yellow.',
	porous: 'Porous hair grabs a toner fast and deep.',
	tooDeepShade: 'The deepest shade of the bowl decides, and it was deeper than the hair.',
	spent: 'The hair has had so much today that it holds only a part of a toner.',
	holdsLittle: 'Natural red and coarse hair hold little of it.',
	evenness: 'It was not wet through everywhere.'
};
export const causeWords = (cause: FaultCause): string => CAUSES[cause];

/** What is done, in a few words. */
export function cureWords(cure: Cure, parts: string): string {
	switch (cure.act) {
		case 'wait':
			return `Leave it: a week at home takes the edge off`;
		case 'clarify':
			return `Clarify: two washes with a clarifying shampoo`;
		case 'tone':
			return `Tone it alone: ${parts}, ${cure.formula.minutes} min`;
		case 'warmGloss':
			return `A warm gloss over it: ${parts}, ${cure.formula.minutes} min`;
		case 'redCopper':
			return `A little red-copper over it: ${parts}, ${cure.formula.minutes} min`;
		case 'again':
			return `After a day or more, tone again: ${parts}, ${cure.formula.minutes} min`;
		case 'lift':
			return `Bleach wash on it alone: ${cure.volume} vol, ${cure.minutes} min, then look`;
	}
}

/** What it costs or asks for, where it is not gentle. */
export function cureNote(cure: Cure): string {
	if (cure.act !== 'lift') return '';
	return `Keep it off what is light already. Condition ${Math.round(cure.condition)} after it; stop if the hair stretches.`;
}

/** What was done, in a few words. */
export const ACT_WORDS: Readonly<Record<Cure['act'], string>> = {
	wait: 'left for a week',
	clarify: 'clarified',
	tone: 'toned alone',
	warmGloss: 'warm gloss',
	redCopper: 'red-copper',
	again: 'to be toned again after a day',
	lift: 'bleach wash on it alone'
};

/** What was done about something, as the record tells it. */
export function curedWords({
	fault,
	level,
	act,
	parts = [],
	minutes
}: NonNullable<Visit['run']['cures']>[number]): string {
	const mixed = parts.length > 0 ? `: ${formulaWords(parts)}` : '';
	const stay = minutes === undefined ? '' : `, ${minutes} min`;
	return `${FAULT_WORDS[fault]} at ${level}: ${ACT_WORDS[act]}${mixed}${stay}`;
}
