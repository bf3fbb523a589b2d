import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { normalQuantile } from './sampling';

/** Chance that always falls the same for one seed. */
export interface Chance {
	/** In (0, 1). */
	readonly uniform: () => number;
	/** Of mean 0. */
	readonly normal: (sd: number) => number;
	/** One of them, each as likely. */
	readonly oneOf: <T>(all: readonly T[]) => T;
}

const WARMED_UP = 64;

/** @param seed a whole number */
export function chanceOf(seed: number): Chance {
	const random = xoroshiro128plus(seed);
	// The first numbers of neighbouring seeds lie close together.
	for (let i = 0; i < WARMED_UP; i++) uniformFloat64(random);
	const uniform = () => Math.min(1 - 1e-9, Math.max(1e-9, uniformFloat64(random)));
	return {
		uniform,
		normal: (sd) => sd * normalQuantile(uniform()),
		oneOf: (all) => all[Math.floor(uniform() * all.length)]!
	};
}
