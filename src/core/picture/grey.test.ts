import { describe, expect, it } from 'vitest';
import { greyTables } from '.';

const card = (...rgb: number[]) => Uint8ClampedArray.from([...rgb, 255, ...rgb, 255]);

describe('a picture by its grey card', () => {
	it('shows the card grey, and as light as a grey card is, whatever light it was taken in', () => {
		for (const [r, g, b] of [
			[150, 120, 80],
			[90, 100, 140],
			[118, 118, 118]
		] as const) {
			const [red, green, blue] = greyTables(card(r, g, b));
			// 18 % of the light is 118 in sRGB.
			for (const value of [red![r]!, green![g]!, blue![b]!])
				expect(Math.abs(value - 118)).toBeLessThan(3);
		}
	});
	it('leaves black black, never lets a channel fall, and holds out where the card is burnt or black', () => {
		for (const pixels of [
			card(255, 255, 255),
			card(0, 0, 0),
			card(200, 90, 30),
			new Uint8ClampedArray(0)
		])
			for (const table of greyTables(pixels)) {
				expect(table[0]).toBe(0);
				for (let i = 1; i < 256; i++) expect(table[i]!).toBeGreaterThanOrEqual(table[i - 1]!);
			}
	});
});
