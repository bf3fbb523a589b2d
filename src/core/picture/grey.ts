import { SURFACES } from './constants';

/** A grey card reflects so much of the light that falls on it. */
const GREY_CARD = SURFACES.greyCard.luminance;
/** A card is never so dark or so bright that a channel is changed further. */
const GAIN = { least: 0.2, most: 6 } as const;

const linearOf = (value: number): number => {
	const share = value / 255;
	return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
};
const encodedOf = (linear: number): number =>
	255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055);

/**
 * How each channel of a picture is changed so that a grey card in it is grey, and as light as a grey card is: two
 * pictures that were taken in different light can then stand side by side. A diagonal change in linear sRGB (von
 * Kries), which is enough for the eye.
 * @param pixels of the card, RGBA, 0-255
 * @returns for red, green and blue a table of 256 values, 0-255
 */
export function greyTables(pixels: Uint8ClampedArray): readonly Uint8ClampedArray[] {
	const count = Math.max(1, pixels.length / 4);
	return [0, 1, 2].map((channel) => {
		let sum = 0;
		for (let i = channel; i < pixels.length; i += 4) sum += linearOf(pixels[i]!);
		const gain = Math.min(GAIN.most, Math.max(GAIN.least, GREY_CARD / Math.max(1e-4, sum / count)));
		return Uint8ClampedArray.from({ length: 256 }, (_, value) =>
			Math.round(encodedOf(Math.min(1, linearOf(value) * gain)))
		);
	});
}
