import type { DoorCode } from '../core/plan';

/** What a choice closes, and what keeps it open. */
export const DOOR_WORDS: Readonly<
	Record<DoorCode, { readonly closes: string; readonly instead: string }>
> = {
	darkOverLight: {
		closes: 'Permanent dark colour over light hair is hard to take out again.',
		instead: 'A demi darkens too, and fades in four to eight weeks.'
	},
	weak: {
		closes: 'Hair this worn takes no perm, no relaxer and no further lift for months.',
		instead: 'A level deeper, or more visits at lower strength, leaves it sound.'
	},
	solidLine: {
		closes: 'Growing it out shows a line for as long as it lasts.',
		instead: 'Lived-in or a root melt grows out without one.'
	},
	paleCanvas: {
		closes: 'Hair this pale goes flat or green when it is darkened later.',
		instead: 'A filler puts the warmth back first; it is a visit of its own.'
	},
	shortLived: {
		closes: 'In three to five weeks the pale hair under it is what one wears.',
		instead: 'Ask whether the base alone would please; tone a little deeper to last longer.'
	},
	lowlights: {
		closes: 'Lowlights in permanent colour have to be lifted out if light is wanted again.',
		instead: 'Demi lowlights soften within two months.'
	}
};
