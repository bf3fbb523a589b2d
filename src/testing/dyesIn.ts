import type { ToneFormula } from '../core/toner';

/** The dyes that a formula leaves beside the brown base, most first. */
export const dyesIn = ({ why }: ToneFormula): string[] =>
	why.kind === 'dyes' ? why.shares.map(({ dye }) => dye) : [];
