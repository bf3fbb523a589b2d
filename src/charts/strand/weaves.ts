import { weaveStrand, type Weave } from './weave';

/** Weaves kept: four strands and a ladder at two sizes of window. */
const MOST = 24;
const kept = new Map<string, Weave>();

/** A weave of a size, made once and shared by every strand drawn at that size. */
export function weaveFor(width: number, height: number, seed: number, coarseness = 1): Weave {
	const key = `${width}×${height}#${seed}×${coarseness}`;
	const known = kept.get(key);
	if (known) return known;
	const weave = weaveStrand(width, height, seed, coarseness);
	kept.set(key, weave);
	for (const oldest of kept.keys()) {
		if (kept.size <= MOST) break;
		kept.delete(oldest);
	}
	return weave;
}
