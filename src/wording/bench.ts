import type { BenchStrand } from '../schema/records';
import { formatLevel } from '../core/hair';

export const STRAND_KIND_OPTIONS = [
	{ value: 'loose', label: 'loose hair' },
	{ value: 'extension', label: 'an extension' },
	{ value: 'own', label: 'a strand of their own' }
] as const satisfies readonly { value: BenchStrand['kind']; label: string }[];

/** How a bowl may be moved from where it stands. */
export const VARIATION_WORDS = {
	softer: 'Softer: with clear',
	deeper: 'One level deeper',
	moreViolet: 'More violet',
	moreBlue: 'More blue',
	moreGold: 'More gold'
} as const;

/** What a strand is before anything goes on. */
export const startWords = ({
	level,
	undertone
}: Pick<BenchStrand, 'level' | 'undertone'>): string => `${formatLevel(level)} ${undertone}`;

/** What the best of some strands is called: its number on the table. */
export const strandName = (index: number): string => `Strand ${index + 1}`;
