import { CONDITION_FROM } from '../hair';

/** What a wash that clarifies takes of a toner beside an ordinary one (reasoned: two soaps, left a while). */
export const CLARIFY = { washes: 4 } as const;

/** How long one waits before anything stronger, weeks. */
export const WAIT = { weeks: 1 } as const;

/**
 * The mildest lightener takes a toner that is too deep off, or brings a band or a spot up: at the lowest strength
 * that still lifts, and never long. Hair that would be left under this is not lightened again.
 */
export const LIFT_AGAIN = {
	volume: 10,
	ratio: 2,
	mostMinutes: 15,
	leastCondition: CONDITION_FROM.watch
} as const;

/** A cast is seen from this much dye on, absorbance at its peak; no more of it than the second is looked for. */
export const CAST = { least: 0.08, most: 3 } as const;

/**
 * An act is worth its bowl that brings hair so much nearer, ΔE00, or its tone by so much in a* and b* while it gets no
 * deeper than this, levels.
 */
export const WORTH_DOING = { nearer: 0.5, tone: 2, deeper: 0.5 } as const;
