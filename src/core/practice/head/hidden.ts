import { startOfReading, type Fibre } from '../../lift';
import type { Texture, Warmth } from '../../hair';
import { chanceOf, type Chance } from '../../numeric';
import type { Direction } from '../../tone';
import { ZONE_NAMES, type HEAD_PARTS } from '../../vocabulary';

/** Parts of a simulated head, and stretches of its strands; the whole is worked part by part. */
export type Part = (typeof HEAD_PARTS)[number];
export type Stretch = (typeof ZONE_NAMES)[number];

/** A head of which more is true than is told. */
export interface HiddenHead {
	/** What it is made from: it can be handed to somebody by this. */
	readonly seed: number;
	/** How hard it is, 1-12. */
	readonly rank: number;
	/** All of it is to be light, from the skin; else foils, off it. */
	readonly solid: boolean;
	readonly naturalLevel: number;
	readonly warmth: Warmth;
	readonly texture: Texture;
	readonly wish: { readonly level: number; readonly direction: Direction };
	/** Factor on the rate of its lift, 1 for typical. */
	readonly rate: number;
	/** The same of its parts beside that. */
	readonly areas: Readonly<Record<Part, number>>;
	/** Old colour that nobody told of. */
	readonly old?:
		| { readonly on: readonly Stretch[]; readonly level: number; readonly layers: number }
		| undefined;
	readonly porousEnds: boolean;
	/** Minutes after which lightener stings on this scalp. */
	readonly stingsAfter?: number | undefined;
	/** Metallic salts of a box. */
	readonly salts: boolean;
	/** A call at a minute of the work, and how long it takes. */
	readonly call?: { readonly at: number; readonly minutes: number } | undefined;
	/** Condition index before, 0-100. */
	readonly condition: number;
}

/** What the twelve heads hide, by their number. */
const TWELVE = {
	solid: [4, 7, 9, 11],
	old: [6, 8, 10, 11, 12],
	porous: [4, 5, 8, 10, 11],
	stings: [7, 9, 11],
	call: [3, 5, 7, 9, 10, 11],
	salts: [12]
} as const;
export const TWELVE_HEADS = 12;

/** Whether a head hides something: as its number has it, else the likelier the harder it is. */
const hides = (
	what: keyof typeof TWELVE,
	seed: number,
	rank: number,
	most: number,
	chance: Chance
): boolean => {
	const drawn = chance.uniform() < (most * rank) / TWELVE_HEADS;
	return seed <= TWELVE_HEADS ? (TWELVE[what] as readonly number[]).includes(seed) : drawn;
};

const half = (value: number): number => Math.round(2 * value) / 2;

/**
 * A head from its seed: 1-12 are the twelve of rising difficulty, all others are drawn.
 * @param seed a whole number above 0; the same makes the same head on any machine
 */
export function hiddenHead(seed: number): HiddenHead {
	const chance = chanceOf(9000 + seed);
	const rank = seed <= TWELVE_HEADS ? seed : 1 + (seed % TWELVE_HEADS);
	const naturalLevel = half(Math.max(3, 7 - rank / 4 + chance.normal(0.4)));
	const rise = 1.5 + 2 * chance.uniform();
	const spread = rank >= 3 ? 0.02 * rank : 0;
	const solid = hides('solid', seed, rank, 0.5, chance);
	const salts = hides('salts', seed, rank, 0.15, chance);
	const old = hides('old', seed, rank, 0.7, chance) || salts;
	const stings = hides('stings', seed, rank, 0.6, chance) && solid;
	const called = hides('call', seed, rank, 0.7, chance);
	return {
		seed,
		rank,
		solid,
		naturalLevel,
		warmth: chance.oneOf(['ash', 'neutral', 'golden']),
		texture: chance.oneOf(['fine', 'medium', 'coarse']),
		wish: {
			level: half(Math.min(9.5, naturalLevel + rise)),
			direction: chance.oneOf(['neutral', 'beige', 'ash'])
		},
		rate: Math.exp(Math.max(-0.5, Math.min(0.5, chance.normal(0.06 + 0.02 * rank)))),
		areas: {
			back: Math.exp(chance.normal(spread)),
			crown: Math.exp(chance.normal(spread)),
			sides: Math.exp(chance.normal(spread))
		},
		...(old
			? {
					old: {
						on: chance.uniform() < 0.6 ? ['ends'] : ['lengths', 'ends'],
						level: half(naturalLevel - 0.5 - chance.uniform()),
						layers: chance.oneOf([1, 2, 3])
					}
				}
			: {}),
		porousEnds: hides('porous', seed, rank, 0.7, chance),
		...(stings ? { stingsAfter: Math.round(14 + 12 * chance.uniform()) } : {}),
		salts,
		...(called
			? {
					call: {
						at: Math.round(35 + 20 * chance.uniform()),
						minutes: Math.round(4 + 5 * chance.uniform())
					}
				}
			: {}),
		condition: Math.round(84 - rank + chance.normal(3))
	};
}

/** Hair of a stretch as it grew, or as an old colour left it. */
export function startFibre(head: HiddenHead, stretch: Stretch): Fibre {
	const { naturalLevel, warmth, old } = head;
	return startOfReading({
		naturalLevel,
		warmth,
		artificial: old?.on.includes(stretch)
			? [{ kind: 'permanent', level: old.level, tone: 'N', layers: old.layers, weeksAgo: 20 }]
			: []
	}).fibre;
}

/** Stretches that are to be lightened: all of a solid head, off the skin in foils. */
export const worked = ({ solid }: Pick<HiddenHead, 'solid'>): readonly Stretch[] =>
	solid ? ZONE_NAMES : ['lengths', 'ends'];
