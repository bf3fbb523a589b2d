import type { ApartFibres, Rgb, StrandColours } from '../../core/colour';
import { GLOSS, type Weave } from './weave';

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

/** Which colours the fibres of each lot, 0-255, take: those apart first, the hair after them. */
function coloursByLot(
	apart: readonly ApartFibres[],
	hair: Float32Array,
	width: number
): Float32Array[] {
	const ofLot = Array<Float32Array>(256).fill(hair);
	let below = 0;
	for (const { colours, share } of apart) {
		const from = Math.round(below * 256);
		below = Math.min(1, below + Math.max(0, share));
		ofLot.fill(byColumn(colours, width), from, Math.round(below * 256));
	}
	return ofLot;
}

/** A pixel as one word, which is written twice as fast as four bytes (alpha leads: little-endian). */
const pack = (red: number, green: number, blue: number, alpha: number): number =>
	(alpha << 24) |
	((blue > 255 ? 255 : blue) << 16) |
	((green > 255 ? 255 : green) << 8) |
	(red > 255 ? 255 : red);

/**
 * Colours a weave into RGBA pixels. This is the whole cost of a redraw.
 * @param pixels `width × height × 4`, written whole
 */
export function paintStrand(weave: Weave, colours: StrandColours, pixels: Uint8ClampedArray): void {
	const { width, height, shade, sheen, cover, shadow, lot } = weave;
	const words = new Uint32Array(pixels.buffer, pixels.byteOffset, width * height);
	const hair = byColumn(colours.hair, width);
	const ofLot = coloursByLot(colours.apart ?? [], hair, width);
	for (let y = 0; y < height; y++) {
		let at = y * width;
		for (let x = 0; x < width; x++, at++) {
			const c = cover[at]!;
			if (c === 0) {
				words[at] = shadow[at]! << 24;
				continue;
			}
			const from = ofLot[lot[at]!]!;
			const gloss = sheen[at]! / 255;
			const own = shade[at]! / 128 + GLOSS.own * gloss;
			const bare = GLOSS.white * gloss;
			const k = x * 3;
			const red = from[k]! * own + bare;
			const green = from[k + 1]! * own + bare;
			const blue = from[k + 2]! * own + bare;
			if (c === 255) {
				words[at] = pack(red, green, blue, 255);
				continue;
			}
			// Over its own shadow, which is black; the canvas wants straight alpha.
			const alpha = c + ((255 - c) * shadow[at]!) / 255;
			const keep = c / alpha;
			words[at] = pack(red * keep, green * keep, blue * keep, alpha);
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
