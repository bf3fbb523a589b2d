import { levelOf, type Lab } from '../colour';
import { KINDS } from './constants';
import { middleOf, type Light, type Recorded } from './patch';
import type { Scene } from './scene';

/** Two kinds of hair in one picture: old light pieces among darker hair. */
export interface TwoKinds {
	/** Colour and level of the darker hair. */
	readonly dark: { readonly lab: Lab; readonly level: number };
	/** Of the light pieces, and their part of the hair, 0-1. */
	readonly light: { readonly lab: Lab; readonly level: number; readonly share: number };
}

/**
 * Whether patches of hair show two kinds of it rather than one with glints and shadow. Their lightness is cut
 * where the two sides differ most from each other and least within (Otsu 1979); a share of the whole variance
 * that lies between them no single kind of hair comes to.
 * @param turn turns a colour by what the lamp does to its hue
 * @returns both with their levels, or undefined where it is one kind, or nearly
 */
export function twoKindsOf(
	patches: readonly Recorded[],
	scene: Scene,
	turn: (lab: Lab) => Lab
): TwoKinds | undefined {
	const pixels = patches.flatMap(({ r, g, b }) =>
		Array.from(r, (_, i): { readonly light: Light; readonly l: number } => {
			const light: Light = [r[i]!, g[i]!, b[i]!];
			return { light, l: scene.labOf(light).l };
		})
	);
	const sorted = pixels.sort((p, q) => p.l - q.l);
	const kept = sorted.slice(
		Math.floor(sorted.length * KINDS.shadow),
		Math.ceil(sorted.length * (1 - KINDS.glints))
	);
	const { at, between } = cutOf(kept.map(({ l }) => l));
	if (between < KINDS.leastBetween) return undefined;
	const middle = (some: typeof kept): { readonly lab: Lab; readonly level: number } => {
		const channel = (k: 0 | 1 | 2) => Float64Array.from(some, ({ light }) => light[k]);
		const recorded = { r: channel(0), g: channel(1), b: channel(2), clipped: 0 };
		const lab = turn(scene.labOf(middleOf(recorded)));
		return { lab, level: levelOf(lab) };
	};
	const dark = middle(kept.slice(0, at));
	const light = middle(kept.slice(at));
	// Glints are left out above the cut, shadow below it: the part is of all that was pointed at.
	const glints = sorted.length - Math.ceil(sorted.length * (1 - KINDS.glints));
	const share = (kept.length - at + glints) / sorted.length;
	return light.level - dark.level < KINDS.leastApart || share < KINDS.leastShare
		? undefined
		: { dark, light: { ...light, share } };
}

/** Where sorted values part best in two, and the share of their variance that lies between the two, 0-1. */
function cutOf(sorted: readonly number[]): { readonly at: number; readonly between: number } {
	const count = sorted.length;
	const total = sorted.reduce((sum, value) => sum + value, 0);
	const mean = total / count;
	const variance = sorted.reduce((sum, value) => sum + (value - mean) ** 2, 0) / count;
	let below = 0;
	let best = { at: 0, between: 0 };
	for (let i = 1; i < count && variance > 0; i++) {
		below += sorted[i - 1]!;
		const share = i / count;
		const apart = below / i - (total - below) / (count - i);
		const between = (share * (1 - share) * apart * apart) / variance;
		if (between > best.between) best = { at: i, between };
	}
	return best;
}
