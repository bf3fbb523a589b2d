import type { PatchStanding, StrandStanding } from '../core/caution';

/** Where a client stands with patch tests, in a few words. */
export function patchWords(standing: PatchStanding): string {
	switch (standing.standing) {
		case 'none':
			return 'no patch test';
		case 'reacted':
			return 'reacted to a patch test';
		case 'waiting':
			return `patch test readable on ${standing.readableOn}`;
		case 'valid':
			return `patch test valid until ${standing.validUntil}`;
		case 'due':
			return 'patch test due again';
	}
}

/** Where hair stands with strand tests, in a few words. */
export function strandWords({ standing }: StrandStanding): string {
	switch (standing) {
		case 'none':
			return 'no strand test';
		case 'pending':
			return 'strand test pending';
		case 'clean':
			return 'strand test clean';
		case 'reacted':
			return 'strand test failed';
		case 'outdated':
			return 'strand test outdated';
		case 'due':
			return 'strand test due again';
	}
}

/** A test that is due, in a few words. */
export const dueWords = (
	due:
		| { readonly test: 'patch'; readonly standing: PatchStanding }
		| { readonly test: 'strand'; readonly standing: StrandStanding }
): string => (due.test === 'patch' ? patchWords(due.standing) : strandWords(due.standing));
