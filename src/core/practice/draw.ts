import { depthOfLevel, levelOf, type Lab } from '../colour';
import { TEXTURES } from '../vocabulary';
import { pigmentOnPath, labOfFibre, type Fibre } from '../lift';
import { labOfPigment, naturalPigment, onScale, type Warmth } from '../hair';
import type { Chance } from '../numeric';
import type { LightName, Rung, ShownStrand } from './question';

/** A strand of these colours, as it falls this time. */
export const strandOf = (labs: readonly Lab[], chance: Chance): ShownStrand => ({
	labs,
	texture: chance.oneOf(TEXTURES),
	breadth: 0.7 + 0.3 * chance.uniform(),
	seed: Math.floor(chance.uniform() * 1e6)
});

/** The light of a question: daylight for beginners, any of them later. */
export const lightOf = (rung: Rung, chance: Chance): LightName =>
	rung <= 2 ? 'daylight' : rung === 3 ? chance.oneOf(['daylight', 'dusk']) : chance.oneOf(ALL);
const ALL = ['daylight', 'lamp', 'tube', 'dusk'] as const satisfies readonly LightName[];

/** Hair of a level without any colour, to learn depth by. */
export const greyOfLevel = (level: number): Lab => ({ l: depthOfLevel(level), a: 0, b: 0 });

/** Hair lightened to a level from where it grew; natural where it grew as light. */
export function liftedTo(level: number, naturalLevel: number, warmth: Warmth): Fibre {
	return { ...pigmentOnPath(naturalLevel, warmth, level), layers: [] };
}
export const labLiftedTo = (level: number, naturalLevel: number, warmth: Warmth): Lab =>
	labOfFibre(liftedTo(level, naturalLevel, warmth));

/** Untouched hair of a level. */
export const naturalLab = (level: number, warmth: Warmth): Lab =>
	labOfFibre({ ...naturalPigment(level, warmth), layers: [] });

/** Somewhere from one to another. */
export const within = (from: number, to: number, chance: Chance): number =>
	from + (to - from) * chance.uniform();

/** The same in another order. */
export function shuffled<T>(items: readonly T[], chance: Chance): T[] {
	const drawn = items.map((item) => ({ item, at: chance.uniform() }));
	return drawn.sort((p, q) => p.at - q.at).map(({ item }) => item);
}

/** Some of them, in any order, without one. */
export const someOf = <T>(items: readonly T[], count: number, chance: Chance): T[] =>
	shuffled(items, chance).slice(0, count);

/** How far a colour lies from natural neutral hair of its level, in a* and b*: what is still to be taken from it. */
export function offNatural(lab: Lab): number {
	const level = Math.min(10, onScale(levelOf(lab)));
	const { a, b } = labOfPigment(naturalPigment(level, 'neutral'));
	return Math.hypot(lab.a - a, lab.b - b);
}
