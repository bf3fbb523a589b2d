import { paintStrand } from '../src/charts/strand/paint';
import type { Rgb } from '../src/core/colour';
import { weaveStrand } from '../src/charts/strand/weave';
import { measure, type Timing } from './measure';

/** Runs in a page: a redraw as a component does it, pixels to canvas included. */
function redrawTimings(): Timing[] {
	const width = 1600;
	return [104, 240].map((height) => {
		const canvas = document.createElement('canvas');
		canvas.width = width;
		canvas.height = height;
		document.body.append(canvas);
		const context = canvas.getContext('2d')!;
		const weave = weaveStrand(width, height, 7);
		const image = new ImageData(width, height);
		let step = 0;
		return measure(
			`redraw a strand, 800 × ${height / 2} px at 2×, in Chromium`,
			() => {
				step++;
				const hair: Rgb[] = Array.from({ length: 61 }, (_, i) => [
					0.4 + ((i + step) % 60) / 200,
					0.3,
					0.2
				]);
				paintStrand(weave, { hair }, image.data);
				context.putImageData(image, 0, 0);
			},
			8
		);
	});
}

Object.assign(globalThis, { redrawTimings });
