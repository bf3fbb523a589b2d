import { placeSdOf, SPREAD } from '../lift';

/** What is known of the personal factor before a client was ever seen, and how well a level is read. */
export const LEARN = {
	/** Standard deviation of log(personal) among people. */
	priorSd: SPREAD.logPersonal,
	/** Standard deviation of a level read by eye against the true one. */
	readingSd: SPREAD.reader,
	/** The same of an area beside its head: its warmth and its saturation, as the interval of a head has them. */
	areaSd: placeSdOf(SPREAD),
	/** One visit says too little of a habit. */
	leastVisits: 2,
	/** Years without visits in which what was learned halves: hair and habits change. */
	halfLifeYears: 1,
	/** Steps of the grids of a head and its areas, and how many deviations they reach to either side. */
	grid: { head: 61, place: 17, span: 4, placeSpan: 3 }
} as const;

/** A ladder from a salon's own ring. */
export const RING = {
	/** Fewer levels than this say nothing about the shape of a ladder. */
	leastLevels: 3,
	/** No maker's level lies further than this from another's, levels (reasoned). */
	mostLevelsOff: 1.6,
	/** Least difference between two levels, L*: closer ones the eye does not tell apart. */
	leastStep: 0.8,
	/** L* of the darkest hair that the colour model can show. */
	darkest: 15
} as const;

/** How strong the shades of a line are, from swatches that were toned. */
export const SWATCHES = {
	/** Intensities that shades are made in; standard is 1. */
	intensity: { least: 0.1, most: 4 }
} as const;

/** Grams used beside grams reckoned: no head takes more or less than this, or something was misread. */
export const USAGE = { least: 0.6, most: 1.6, priorVisits: 1 } as const;

/** Minutes taken beside minutes reckoned: further from the usual, something else was logged. */
export const HAND_PACE = { least: 0.5, most: 2, priorVisits: 1 } as const;

/** How far each cause of a surprise reaches: one standard deviation of it, where the interval has none of its own. */
export const SURPRISE = {
	/** The warmth of a scalp, °C: from a cold neck to a hot crown (reasoned). */
	scalpC: 3,
	/** Log of how much faster a bowl grows old than was reckoned (reasoned: its warmth, its width). */
	bowlAge: 0.7,
	/** That nothing surprised is as likely as that something did, before anything was seen. */
	nothing: 0.5
} as const;

/** How far the people of a salon read apart. */
export const READERS = {
	/** Standard deviation of one person's eye against the mean of all, levels: what agrees with half a level between two. */
	priorSd: 0.2,
	/** Fewer looks at heads that somebody else read too say nothing of an eye. */
	leastLooks: 4
} as const;

/** Constants of the lift, fitted to what a salon has seen. */
export const FIT = {
	/** Standard deviation of the log of a texture's rate, as it was published: about a tenth (reasoned). */
	priorSd: 0.1,
	/** Fewer heads than this speak of themselves and not of their texture. */
	leastHeads: 4,
	/** A smaller gain is not worth another number: share of the error. */
	leastGain: 0.05
} as const;
