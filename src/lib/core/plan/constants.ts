/** What a plan of visits must keep to. */
export const PLAN = {
	/** Condition below which no further visit is planned (lower end of "watch"). */
	minCondition: 55,
	/** Weeks between visits, by default. */
	restWeeks: 4,
	/** No plan is offered beyond this many visits. */
	mostVisits: 6
} as const;

/** Half-width of the target interval, in levels: closer than people can tell by eye. */
export const TARGET_TOLERANCE = 0.25;

/** Hours at the chair beside the lift: reading, rinsing, toning, drying (min). */
export const CHAIR_MINUTES = { consult: 15, rinse: 15, tone: 25, finish: 35 } as const;

/** Weeks until the next visit by kind of regrowth line, lower and upper end. */
export const RETURN_WEEKS = {
	solid: { from: 5, to: 8 },
	foils: { from: 8, to: 12 },
	gloss: { from: 6, to: 12 }
} as const;
