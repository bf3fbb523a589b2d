/** Longest side that is kept for reading, pixels: patches stay large, and old tablets breathe. */
const LONGEST = 1800;
/** Radius of a patch as a share of the picture's shorter side. */
export const PATCH_RADIUS = 0.035;
/** A file beyond this is not opened, bytes: no camera that colourists hold makes larger ones. */
export const MOST_BYTES = 80 * 1024 * 1024;
/** Longest side of the copy in a record, pixels, and the most that is kept, bytes. */
const COPY_LONGEST = 360;
const COPY_MOST = 200_000;

/** A place in a picture, as shares of its width and height, 0-1. */
export interface Place {
	readonly x: number;
	readonly y: number;
}

/** Pixels of a picture file, upright, at most 1800 px on its longest side. */
export async function decodePicture(file: Blob): Promise<ImageData> {
	const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
	const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
	const canvas = document.createElement('canvas');
	canvas.width = Math.max(1, Math.round(bitmap.width * scale));
	canvas.height = Math.max(1, Math.round(bitmap.height * scale));
	const context = canvas.getContext('2d', { willReadFrequently: true });
	if (!context) throw new Error('no canvas');
	context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
	bitmap.close();
	return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** The square of pixels around a place. */
export function patchAt({ data, width, height }: ImageData, { x, y }: Place) {
	const radius = Math.max(1, Math.round(PATCH_RADIUS * Math.min(width, height)));
	const [cx, cy] = [Math.round(x * (width - 1)), Math.round(y * (height - 1))];
	const [left, top] = [Math.max(0, cx - radius), Math.max(0, cy - radius)];
	const right = Math.min(width, cx + radius + 1);
	const bottom = Math.min(height, cy + radius + 1);
	const pixels = new Uint8ClampedArray((right - left) * (bottom - top) * 4);
	for (let row = top; row < bottom; row++) {
		const from = 4 * (row * width + left);
		pixels.set(data.subarray(from, from + 4 * (right - left)), 4 * (row - top) * (right - left));
	}
	return { pixels };
}

/** A small copy of a picture for the record, as a JPEG; nothing where it would be too large. */
export async function smallCopy(picture: ImageData): Promise<Blob | undefined> {
	const { width, height } = picture;
	const whole = document.createElement('canvas');
	whole.width = width;
	whole.height = height;
	whole.getContext('2d')?.putImageData(picture, 0, 0);
	const small = document.createElement('canvas');
	const scale = Math.min(1, COPY_LONGEST / Math.max(width, height));
	small.width = Math.max(1, Math.round(width * scale));
	small.height = Math.max(1, Math.round(height * scale));
	small.getContext('2d')?.drawImage(whole, 0, 0, small.width, small.height);
	const blob = await new Promise<Blob | null>((resolve) =>
		small.toBlob(resolve, 'image/jpeg', 0.8)
	);
	return blob && blob.size <= COPY_MOST ? blob : undefined;
}
