import type { STRAND_PARTS } from '../vocabulary';
/**
 * What a section goes by for as long as it exists, whatever it is called, wherever it stands in the order:
 * an area's name, with `-1` and `-2` for its halves. Never shown to people.
 */
export type SectionId = string;

/** What a bowl goes by, from the moment it is staged until long after it was weighed. Never shown. */
export type BowlId = string;

/** Parts of the strand that may have bowls of their own. */
export type StrandPart = (typeof STRAND_PARTS)[number];

/** A bowl that is not weighed yet goes by its part of the strand and the first of its sections. */
export const bowlIdOf = (first: SectionId, part: StrandPart | undefined): BowlId =>
	part === undefined ? `main:${first}` : `main:${part}:${first}`;
