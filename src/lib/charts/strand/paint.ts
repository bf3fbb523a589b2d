import type { Weave } from './weave';

/** sRGB components, 0-1. */
export type Rgb = readonly [r: number, g: number, b: number];

/** Colours along a strand, scalp first, evenly spaced; with those of its white fibres if it has any. */
export interface StrandColours {
	readonly hair: readonly Rgb[];
	readonly white?: readonly Rgb[] | undefined;
	/** Share of white fibres, 0-1. */
	readonly whiteShare?: number | undefined;
}

/** Lays colours over every column: linear between the points given, 0-255. */
function byColumn(colours: readonly Rgb[], width: number): Float32Array {
	const columns = new Float32Array(width * 3);
	const last = colours.length - 1;
	for (let x = 0; x < width; x++) {
		const at = width > 1 ? (x / (width - 1)) * last : 0;
		const i = Math.min(Math.floor(at), Math.max(0, last - 1));
		const share = at - i;
		const one = colours[i]!;
		const two = colours[Math.min(i + 1, last)]!;
		for (let k = 0; k < 3; k++) {
			columns[x * 3 + k] = 255 * (one[k]! + (two[k]! - one[k]!) * share);
		}
	}
	return columns;
}

/**
 * Colours a weave into RGBA pixels. This is the whole cost of a redraw.
 * @param pixels `width × height × 4`, written whole
 */
export function paintStrand(weave: Weave, colours: StrandColours, pixels: Uint8ClampedArray): void {
	const { width, height, shade, sheen, cover, shadow, lot } = weave;
	const hair = byColumn(colours.hair, width);
	const whiteBelow = colours.white ? Math.round((colours.whiteShare ?? 0) * 256) : 0;
	const white = colours.white ? byColumn(colours.white, width) : hair;
	for (let y = 0; y < height; y++) {
		let at = y * width;
		let out = at * 4;
		for (let x = 0; x < width; x++, at++, out += 4) {
			const c = cover[at]!;
			const s = shadow[at]!;
			if (c === 0) {
				pixels[out] = 0;
				pixels[out + 1] = 0;
				pixels[out + 2] = 0;
				pixels[out + 3] = s;
				continue;
			}
			const from = lot[at]! < whiteBelow ? white : hair;
			const light = shade[at]! / 128;
			const gloss = sheen[at]! / 255;
			// Gloss is light off the surface: part takes the hair's colour, part stays white.
			const own = light + 0.34 * gloss;
			const bare = 44 * gloss;
			const k = x * 3;
			if (c === 255) {
				pixels[out] = from[k]! * own + bare;
				pixels[out + 1] = from[k + 1]! * own + bare;
				pixels[out + 2] = from[k + 2]! * own + bare;
				pixels[out + 3] = 255;
				continue;
			}
			// Over its own shadow: premultiplied by hand, since the canvas wants straight alpha.
			const under = ((255 - c) * s) / 255;
			const alpha = c + under;
			const keep = c / alpha;
			pixels[out] = (from[k]! * own + bare) * keep;
			pixels[out + 1] = (from[k + 1]! * own + bare) * keep;
			pixels[out + 2] = (from[k + 2]! * own + bare) * keep;
			pixels[out + 3] = alpha;
		}
	}
}

/** Turns RGBA pixels a quarter clockwise: what lay from left to right hangs from top to bottom. */
export function turnPixels(
	from: Uint8ClampedArray,
	width: number,
	height: number,
	to: Uint8ClampedArray
): void {
	const source = new Uint32Array(from.buffer, from.byteOffset, width * height);
	const target = new Uint32Array(to.buffer, to.byteOffset, width * height);
	for (let y = 0; y < height; y++) {
		for (let x = 0; x < width; x++) target[x * height + (height - 1 - y)] = source[y * width + x]!;
	}
}
