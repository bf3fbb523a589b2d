import { deltaE, seenWithout, undertoneSpan, type Deficiency, type Lab } from '../colour';
import { labOfPigment, naturalPigment } from '../hair';
import { UNDERTONES } from '../vocabulary';
import { labLiftedTo } from './draw';

/** Casts that a toner may leave on pale hair, and what hair should be. */
type Cast = 'gold' | 'neutral' | 'ash' | 'green cast' | 'violet cast';
/** What is told apart by colour alone. */
export type Told = (typeof UNDERTONES)[number] | Cast;

/** Hair that usual eyes tell apart, and some do not. */
export interface Alike {
	readonly one: Told;
	readonly other: Told;
	readonly labs: readonly [Lab, Lab];
	/** Difference for usual eyes, and for these, ΔE. */
	readonly usual: number;
	readonly seen: number;
}

/** Below this two strands side by side look the same, ΔE; from the other on usual eyes are sure. */
const SAME = 4;
const SURE = 7;

/** A colour of a hue at a depth and chroma. */
const at = (l: number, chroma: number, degrees: number): Lab => {
	const angle = (degrees * Math.PI) / 180;
	return { l, a: chroma * Math.cos(angle), b: chroma * Math.sin(angle) };
};
function samples(): { readonly name: Told; readonly lab: Lab }[] {
	// At one depth, so that nothing but the colour tells them apart.
	const lifted = labLiftedTo(7, 3, 'neutral');
	const undertones = UNDERTONES.map((name) => {
		const { from, to } = undertoneSpan(name)!;
		return {
			name,
			lab: at(lifted.l, name === 'pale yellow' ? 26 : 38, (from + Math.min(to, 100)) / 2)
		};
	});
	const natural = labOfPigment(naturalPigment(9, 'neutral'));
	const casts: readonly { readonly name: Told; readonly lab: Lab }[] = [
		{ name: 'gold', lab: at(natural.l, 34, 80) },
		{ name: 'neutral', lab: natural },
		{ name: 'ash', lab: at(natural.l, 6, 90) },
		{ name: 'green cast', lab: at(natural.l, 14, 118) },
		{ name: 'violet cast', lab: at(natural.l, 10, 315) }
	];
	return [...undertones, ...casts];
}

/**
 * What an eye of this kind cannot tell apart in hair of one depth, though others can: what it leaves to a reader.
 * The nearest first.
 */
export function alikeFor(deficiency: Deficiency): Alike[] {
	const all = samples();
	return all
		.flatMap((one, i) =>
			all.slice(i + 1).map((other) => ({
				one: one.name,
				other: other.name,
				labs: [one.lab, other.lab] as const,
				usual: deltaE(one.lab, other.lab),
				seen: deltaE(seenWithout(one.lab, deficiency), seenWithout(other.lab, deficiency))
			}))
		)
		.filter(({ usual, seen }) => usual >= SURE && seen < SAME)
		.sort((p, q) => p.seen - q.seen);
}
