/** What is chosen among a few, in the order in which it is offered; what they mean stands with their subject. */
export const WARMTHS = ['ash', 'neutral', 'golden', 'copper', 'red'] as const;
export const TEXTURES = ['fine', 'medium', 'coarse'] as const;
export const POROSITIES = ['low', 'normal', 'high'] as const;
export const DENSITIES = ['low', 'medium', 'high'] as const;
export const CURLS = ['straight', 'wavy', 'curly', 'coily'] as const;
/** How finely hair is taken up. */
export const SECTIONS = ['seeThrough', 'medium', 'thick'] as const;
/** What carries a tone. */
export const VEHICLES = ['permanent', 'demi', 'gloss', 'rapid', 'direct', 'highLift'] as const;
/** Where a tone is to lead. */
export const DIRECTIONS = [
	'neutral',
	'beige',
	'ash',
	'pearl',
	'violet',
	'silver',
	'gold',
	'copper',
	'rose'
] as const;
/** What lightening uncovers, from dark to pale. */
export const UNDERTONES = [
	'red',
	'red-orange',
	'orange',
	'yellow-orange',
	'yellow',
	'pale yellow'
] as const;
/** Stretches of a strand, scalp first. */
export const ZONE_NAMES = ['root', 'lengths', 'ends'] as const;
