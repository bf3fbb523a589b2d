/** What a wash that clarifies takes of a toner beside an ordinary one (reasoned: two soaps, left a while). */
export const CLARIFY = { washes: 4 } as const;

/** How long one waits before anything stronger, weeks. */
export const WAIT = { weeks: 1 } as const;

/**
 * The mildest lightener takes a toner that is too deep off, or brings a band or a spot up: at the lowest strength
 * that still lifts, and never long. Hair that would be left under this is not lightened again.
 */
export const LIFT_AGAIN = { volume: 10, ratio: 2, mostMinutes: 15, leastCondition: 55 } as const;

/** A cast is seen from this much dye on, absorbance at its peak; no more of it than the second is looked for. */
export const CAST = { least: 0.08, most: 3 } as const;

/** An act that brings the hair nearer by less is not worth its bowl, ΔE00. */
export const WORTH_DOING = 0.5;
