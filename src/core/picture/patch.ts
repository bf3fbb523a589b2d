import { PICTURE } from './constants';

/** Pixels of one patch, as a canvas gives them: red, green, blue, alpha, 0-255. */
export interface Patch {
	readonly pixels: Uint8ClampedArray;
}

/** Light of a patch as recorded, sRGB's own curve taken out: some thousand pixels, spread evenly. */
export interface Recorded {
	readonly r: Float64Array;
	readonly g: Float64Array;
	readonly b: Float64Array;
	/** Share of burnt-out pixels. */
	readonly clipped: number;
}

/** IEC 61966-2-1: linear light of an sRGB channel, 0-255 to 0-1. */
const LINEAR = Float64Array.from({ length: 256 }, (_, i) => {
	const c = i / 255;
	return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});

export function recordedOf({ pixels }: Patch): Recorded {
	const count = pixels.length / 4;
	const taken = Math.min(count, PICTURE.mostPixels);
	const [r, g, b] = [0, 1, 2].map(() => new Float64Array(taken)) as [
		Float64Array,
		Float64Array,
		Float64Array
	];
	let clipped = 0;
	for (let i = 0; i < taken; i++) {
		const at = 4 * Math.floor((i * count) / taken);
		const [red, green, blue] = [pixels[at]!, pixels[at + 1]!, pixels[at + 2]!];
		if (Math.max(red, green, blue) >= PICTURE.clippedFrom) clipped++;
		r[i] = LINEAR[red]!;
		g[i] = LINEAR[green]!;
		b[i] = LINEAR[blue]!;
	}
	return { r, g, b, clipped: taken > 0 ? clipped / taken : 0 };
}

/** Middle of some values. */
export function median(values: ArrayLike<number>): number {
	const sorted = Float64Array.from(values).sort();
	const middle = sorted.length >> 1;
	return sorted.length % 2 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** Red, green and blue of light, linear, 0-1. */
export type Light = readonly [number, number, number];

/** The middle of a plain surface. */
export const middleOf = ({ r, g, b }: Recorded): Light => [median(r), median(g), median(b)];

/** The middle of hair: of what is neither glint nor shadow, by rank of green. */
export function middleOfHair({ r, g, b }: Recorded): Light {
	const order = Array.from(g.keys()).sort((p, q) => g[p]! - g[q]!);
	const from = Math.floor(order.length * PICTURE.shadow);
	const kept = order.slice(
		from,
		Math.max(from + 1, Math.ceil(order.length * (1 - PICTURE.glints)))
	);
	const middle = (channel: Float64Array) => median(kept.map((i) => channel[i]!));
	return [middle(r), middle(g), middle(b)];
}
