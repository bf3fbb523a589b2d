import { levelOf, type UndertoneName } from '../colour';
import type { Pigment, Warmth } from '../hair';
import { bisect } from '../numeric';
import { dyesNamed, rawLab, type DyeAmounts } from '../tone';
import { pigmentOnPath } from './start';

/** Lightened hair as a person saw it. */
export interface SeenHair {
	readonly pigment: Pigment;
	/** Warmth beside the pigment, where the name that was given asks for it. */
	readonly dye: DyeAmounts;
}

/** How much lighter the pigment may be than it looks under its warmth, levels. */
const MOST_LIGHTER = 1.5;

/**
 * Lightened hair of a level that a person calls by an undertone: the point of its own lift path, and what
 * warmth the name asks for beside it, at the level that was seen.
 * @param name left out, what the path shows
 */
export function seenHair(
	naturalLevel: number,
	warmth: Warmth,
	level: number,
	name?: UndertoneName
): SeenHair {
	const at = (pathLevel: number): SeenHair => {
		const pigment = pigmentOnPath(naturalLevel, warmth, pathLevel);
		return { pigment, dye: name === undefined ? {} : dyesNamed({ pigment }, name) };
	};
	const plain = at(level);
	if (Object.keys(plain.dye).length === 0) return plain;
	const looks = (lighter: number) => levelOf(rawLab(at(level + lighter))) >= level;
	return looks(MOST_LIGHTER) ? at(level + bisect(looks, 0, MOST_LIGHTER, 0.005)) : plain;
}
