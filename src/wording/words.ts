import {
	CHOSEN_PRODUCTS,
	DENSITIES,
	PLACEMENT_NAMES,
	POROSITIES,
	SECTIONS,
	TEXTURES,
	WARMTHS,
	AREAS
} from '../core/vocabulary';
import { DateFormatter, parseDate } from '@internationalized/date';
import { levelOf, type Lab } from '../core/colour';
import { formatLevel } from '../core/hair';
import { type AreaName } from '../core/lift';
import type { Pace, StepKind } from '../core/plan';
import type { Shelf, Station } from '../schema/records';

/** The stations of a visit in the order of work, with the one question each answers. */
export const STATIONS: readonly { id: Station; path: string; name: string; question: string }[] = [
	{ id: 'read', path: 'read', name: 'Read', question: 'What is there now?' },
	{ id: 'aim', path: 'aim', name: 'Aim', question: 'Where should it end?' },
	{ id: 'lift', path: 'lift', name: 'Lift', question: 'Where will it get to, and when?' },
	{ id: 'bowls', path: 'bowls', name: 'Bowls', question: 'What goes into each bowl?' },
	{ id: 'chair', path: 'chair', name: 'Chair', question: 'Is it ready?' },
	{ id: 'tone', path: 'tone', name: 'Tone', question: 'What neutralises what is there?' },
	{ id: 'sendOff', path: 'send-off', name: 'Send-off', question: 'What did this head do?' }
];

/** A code as words, where it has none of its own yet: `clayMix` is “clay mix”. */
const spelled = (code: string): string =>
	code.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/** Choices in the order of the vocabulary, each with what it is called. */
const optionsOf = <T extends string>(values: readonly T[], labels: Partial<Record<T, string>>) =>
	values.map((value) => ({ value, label: labels[value] ?? spelled(value) }));

export const WARMTH_OPTIONS = optionsOf(WARMTHS, {});

export const TEXTURE_OPTIONS = optionsOf(TEXTURES, {});

export const DENSITY_OPTIONS = optionsOf(DENSITIES, { low: 'thin', high: 'dense' });

export const POROSITY_OPTIONS = optionsOf(POROSITIES, { low: 'resists', high: 'porous' });

export const PRODUCT_OPTIONS = optionsOf(CHOSEN_PRODUCTS, { highLift: 'high-lift' });

export const PACE_OPTIONS = [
	{ value: 'gentle', label: 'gentle' },
	{ value: 'steady', label: 'steady' },
	{ value: 'brisk', label: 'brisk' }
] as const satisfies readonly { value: Pace; label: string }[];

export const PLACEMENT_OPTIONS = optionsOf(PLACEMENT_NAMES, {
	foilCovered: 'covered foil',
	foilHairline: 'hairline foil'
});

export const SECTION_OPTIONS = optionsOf(SECTIONS, { seeThrough: 'see-through' });

export const VEHICLE_NAMES = {
	permanent: 'permanent',
	demi: 'demi-permanent',
	gloss: 'gloss',
	rapid: 'rapid toner',
	direct: 'direct colour',
	highLift: 'high-lift'
} as const;

/** The label of a value among options. */
export const labelIn = <T extends string>(
	options: readonly { value: T; label: string }[],
	value: T
): string => options.find((option) => option.value === value)?.label ?? value;

/** A ratio as it is said: 1 : 1.5. */
export const formatRatio = (ratio: number): string => `1 : ${Math.round(ratio * 100) / 100}`;

/** The same words, for where they run over lines: a figure stays with its unit, a ratio in one. */
export const unbroken = (words: string): string =>
	words
		.replace(/(\d) : (?=\d)/g, '$1\u00a0:\u00a0')
		.replace(/(\d) (?=(?:g|min|vol|cm|%)(?!\p{L}))/gu, '$1\u00a0');

/** How a visit stood to its plan. @param over minutes */
export const overWords = (over: number): string =>
	Math.abs(over) < 0.5
		? 'as planned'
		: `${Math.abs(over).toFixed(0)} min ${over > 0 ? 'over' : 'under'}`;

/** Minutes as hours and minutes. */
export function formatHours(minutes: number): string {
	const whole = Math.round(minutes);
	const hours = Math.floor(whole / 60);
	const rest = whole % 60;
	return hours === 0 ? `${rest} min` : `${hours} h ${rest.toString().padStart(2, '0')}`;
}

/** As the browser is set; outside of one, as the machine is. */
const navigatorLocale = (): string =>
	typeof navigator === 'undefined' ? 'en' : navigator.language;

/** Days whose words are kept: those of more than ten years. */
const MOST_TOLD = 4000;

/** Formatters are slow to make and quick to use: one each for as long as the page speaks one language. */
function formatterOf(options: Intl.DateTimeFormatOptions): (date: string) => string {
	let made: { readonly locale: string; readonly formatter: DateFormatter } | undefined;
	/** A list tells the same days again and again. */
	const told = new Map<string, string>();
	return (date) => {
		const locale = navigatorLocale();
		if (made?.locale !== locale) {
			made = { locale, formatter: new DateFormatter(locale, { ...options, timeZone: 'UTC' }) };
			told.clear();
		}
		let words = told.get(date);
		if (words === undefined) {
			words = made.formatter.format(parseDate(date).toDate('UTC'));
			if (told.size >= MOST_TOLD) told.clear();
			told.set(date, words);
		}
		return words;
	};
}

/** An ISO day as people say it: 21 December. */
export const formatDay = formatterOf({ day: 'numeric', month: 'long' });

/** An ISO day with its year, as the browser's language writes it: 21 Dec 2026. */
export const formatDate = formatterOf({ dateStyle: 'medium' });

/** The month of an ISO day, with its year: December 2026. */
export const formatMonth = formatterOf({ month: 'long', year: 'numeric' });

/** Weeks, one or many. */
export const formatWeeks = (weeks: number): string => `${weeks} week${weeks === 1 ? '' : 's'}`;
export const visitsWords = (visits: number): string => `${visits} visit${visits === 1 ? '' : 's'}`;
/** When something is had: today, or after so many visits. */
export const whenWords = (visits: number): string => (visits === 1 ? 'today' : visitsWords(visits));

export const AREA_NAMES: Readonly<Record<AreaName, string>> = {
	nape: 'nape',
	back: 'back',
	crown: 'crown',
	top: 'top',
	leftSide: 'left side',
	rightSide: 'right side',
	fringe: 'fringe',
	hairline: 'hairline'
};

/** Areas in words: “crown and nape”, or the whole head when it is none or all of them. */
export function areaWords(areas: readonly AreaName[]): string {
	if (areas.length === 0 || areas.length === AREAS.length) return 'whole head';
	const names = AREAS.filter((area) => areas.includes(area)).map((area) => AREA_NAMES[area]);
	const both = areas.includes('leftSide') && areas.includes('rightSide');
	const told = both
		? names
				.filter((name) => name !== 'right side')
				.map((name) => (name === 'left side' ? 'sides' : name))
		: names;
	return told.length === 1 ? told[0]! : `${told.slice(0, -1).join(', ')} and ${told.at(-1)}`;
}

/** The hair that is read alike, as it is called beside its strand. */
export const headWords = (areas: readonly AreaName[]): string =>
	areas.length === 0 ? 'rest of head' : areaWords(areas);

/** A share as people say it: 45 %. */
export const formatShare = (share: number): string => `${Math.round(share * 100)} %`;

/** A price in whole units of the salon’s currency. */
export const formatPrice = (price: number, shelf: Shelf | undefined): string =>
	new Intl.NumberFormat(undefined, {
		style: 'currency',
		currency: shelf?.rates?.currency ?? 'EUR',
		maximumFractionDigits: 0
	}).format(price);

/** What the applications of a day are called. */
export const STEP_NAMES: Readonly<Record<'main' | StepKind, string>> = {
	main: 'lightening',
	removal: 'old colour out',
	again: 'again on what lags',
	baseBreak: 'base break',
	other: 'another application'
};

/** A minute of the service as the clock on the wall shows it; as a minute, while no start is known. */
export function timeOf(start: string | undefined, minute: number): string {
	const whole = Math.round(minute);
	if (start === undefined) return `${whole} min`;
	const [hours, minutes] = start.split(':').map(Number) as [number, number];
	const day = 24 * 60;
	const at = (((hours * 60 + minutes + whole) % day) + day) % day;
	return `${Math.floor(at / 60)
		.toString()
		.padStart(2, '0')}:${(at % 60).toString().padStart(2, '0')}`;
}

/** A moment of the day as a clock on the wall shows it where the program runs: 09:05. */
export const formatTime = (at: Date | string): string =>
	new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** Minutes and seconds as on a timer: 07:05, 72:40. */
export function formatTimer(seconds: number): string {
	const whole = Math.floor(seconds);
	return `${Math.floor(whole / 60)
		.toString()
		.padStart(2, '0')}:${(whole % 60).toString().padStart(2, '0')}`;
}

/** What was changed, in words, with the areas it was changed on. */
export const changeWords = (
	label: string | { readonly what: string; readonly areas: readonly string[] }
): string =>
	typeof label === 'string'
		? label
		: `${label.what}, ${areaWords(label.areas as readonly AreaName[])}`;

/**
 * The level that the eye reads of hair among white hair, where it is another than the pigmented hair's, which
 * stands large everywhere.
 */
export const withWhite = (level: number, mixed: Lab): string => {
	const seen = formatLevel(levelOf(mixed));
	return seen === formatLevel(level) ? '' : `${seen} with the white`;
};

/** Words that stand beside one another; what is empty is left out. */
export const beside = (...words: readonly string[]): string => words.filter(Boolean).join(', ');

export const DEMO_DID_NOT_COME =
	'The demo did not come, and nothing was changed. Try again when this device reaches Zelvant.';

/** A strand by how much of it somebody saw. */
export const seenWord = (seen: 'all' | 'some' | 'none'): string =>
	({ all: 'seen', some: 'partly seen', none: 'expected' })[seen];
