import { chromaOf, hueOf, levelOf, undertoneOf, type Lab, type UndertoneName } from '../colour';
import { labOfPigment } from './point';
import { naturalPigment, type Warmth } from './natural';

/** How hair came to its colour: each is named in its own way. */
export type Treatment = 'natural' | 'lightened' | 'toned';

const STRONG_CHROMA = 1.9;

/**
 * The tone word for a colour: untouched hair by its warmth, lightened hair by its undertone, toned
 * hair cool, neutral or warm against natural hair of its level, or by its hue where that is strong.
 */
export function describeTone(lab: Lab, treatment: Treatment, warmth: Warmth = 'neutral'): string {
	if (treatment === 'natural') return warmth;
	if (treatment === 'lightened') return undertoneOf(lab).name;
	const level = levelOf(lab);
	const natural = labOfPigment(naturalPigment(Math.min(Math.max(level, 1), 10), 'neutral'));
	const chroma = chromaOf(lab);
	const hue = hueOf(lab);
	const relative = chroma / Math.max(chromaOf(natural), 1);
	if (chroma >= 6) {
		if (hue >= 100 && hue < 200) return 'green';
		if (hue >= 200 && hue < 260) return 'blue';
		if (hue >= 260 && hue < 345) return 'violet';
		if (hue >= 345) return relative > 1.15 ? 'red' : 'cool red';
		if (hue > 90 && level < 7) return 'green';
	}
	if (relative > STRONG_CHROMA && hue < 40) return 'red';
	if (relative < 0.85) return 'cool';
	return relative > 1.15 ? 'warm' : 'neutral';
}

/** Where hair was before it was lightened, for what its colour is called on the way. */
export interface LiftedFrom {
	/** Level before today. */
	readonly level: number;
	readonly naturalLevel: number;
	readonly warmth: Warmth;
	/** Whether old colour lies in it. */
	readonly coloured: boolean;
}

/** Lifted by less than this hair still goes by its own name, levels. */
const HARDLY_LIFTED = 0.5;
/** Up to here the trade calls what red there is a red-brown. */
const RED_BROWN_TO = 3.5;

/** Whether hair of a level shows an undertone: half a level lighter than it grows, or than it was. */
export const isLifted = (level: number, from: LiftedFrom): boolean =>
	level - Math.min(from.level, from.naturalLevel) >= HARDLY_LIFTED;

/**
 * The tone word for hair as it is lightened: its own until it is half a level lighter than it grows, or
 * than it was, then the undertone that lightening exposes.
 */
export function describeLift(lab: Lab, level: number, from: LiftedFrom): string {
	if (!isLifted(level, from)) {
		return describeTone(lab, from.coloured ? 'toned' : 'natural', from.warmth);
	}
	// Where what is left of old colour still takes the warmth, no undertone shows yet.
	const covered = from.coloured ? describeTone(lab, 'toned') : undefined;
	if (covered === 'cool' || covered === 'neutral' || covered === 'green') return covered;
	return undertoneWord(undertoneOf(lab).name, level);
}

/** The trade's word for an undertone at a level: dark red is a red-brown. */
export const undertoneWord = (name: UndertoneName, level: number): string =>
	level < RED_BROWN_TO && (name === 'red' || name === 'red-orange') ? 'red-brown' : name;

/** A level kept to the scale, 1-12: the model goes on a little beyond either end, people do not. */
export const onScale = (level: number): number => Math.min(Math.max(level, 1), 12);

/** A level as it is written down: to the tenth, kept to the scale, 1-12. */
export const inTenths = (level: number): number => Math.round(10 * onScale(level)) / 10;

/** A level as people say it: to one decimal, without a trailing zero, kept to the 1-12 scale. */
export const formatLevel = (level: number): string => inTenths(level).toString();

const DEPTH_NAMES = [
	'black',
	'darkest brown',
	'dark brown',
	'medium brown',
	'light brown',
	'dark blonde',
	'medium blonde',
	'light blonde',
	'very light blonde',
	'lightest blonde',
	'platinum',
	'near white'
] as const;

/**
 * The trade's name of a level: 1 black … 10 lightest blonde, 12 near white. Half-way between two,
 * both are named.
 */
export function depthName(level: number): string {
	const kept = onScale(level);
	const below = Math.floor(kept);
	const half = Math.abs(kept - below - 0.5) < 0.2 && below < 12;
	if (!half) return DEPTH_NAMES[Math.round(kept) - 1]!;
	return `between ${DEPTH_NAMES[below - 1]!} and ${DEPTH_NAMES[below]!}`;
}
