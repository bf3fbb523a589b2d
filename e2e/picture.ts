import type { Page } from '@playwright/test';

interface Shot {
	/** Light on the scene, per channel. */
	light: readonly [number, number, number];
	/** Exponent of the camera's own curve about a grey of 18 %: below 1 shadows are lifted. */
	curve?: number;
	/** JPEG with this EXIF orientation; PNG without. */
	orientation?: number;
}

/**
 * A generated picture, 1200 × 800, of columns side by side: a number is a plain surface of that
 * luminance, a colour is hair with glints, shadow and noise, two colours are hair with three tenths of the
 * second in strands among it.
 */
export async function picture(
	page: Page,
	columns: readonly (number | string | readonly [string, string])[],
	{ light, curve = 1, orientation }: Shot
): Promise<Buffer> {
	const base64 = await page.evaluate(
		({ columns, light, curve, jpeg }) => {
			const linear = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
			const encoded = (x: number) => {
				const c = Math.min(1, Math.max(0, x));
				return 255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055);
			};
			const hair = (hex: string) =>
				[1, 3, 5].map((i) => linear(Number.parseInt(hex.slice(i, i + 2), 16) / 255));
			const colours = columns.map((column) =>
				typeof column === 'number'
					? [[column, column, column]]
					: (typeof column === 'string' ? [column] : column).map(hair)
			);
			const canvas = document.createElement('canvas');
			canvas.width = 1200;
			canvas.height = 800;
			const context = canvas.getContext('2d')!;
			const image = context.createImageData(1200, 800);
			let seed = 7;
			const next = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
			for (let i = 0; i < 1200 * 800; i++) {
				const at = Math.floor(((i % 1200) / 1200) * columns.length);
				const plain = typeof columns[at] === 'number';
				const u = next();
				const shade = plain ? 1 : u < 0.06 ? 1.8 : u < 0.22 ? 0.4 : 0.93 + 0.14 * next();
				// Strands are six pixels wide.
				const among = Math.floor(i / 6) % 10 < 3 ? 1 : 0;
				const own = colours[at]![among] ?? colours[at]![0]!;
				for (let c = 0; c < 3; c++) {
					const colour = own[c]! * light[c]! * shade * (1 + 0.05 * (next() - 0.5));
					image.data[4 * i + c] = encoded(0.18 * (colour / 0.18) ** curve);
				}
				image.data[4 * i + 3] = 255;
			}
			context.putImageData(image, 0, 0);
			return canvas.toDataURL(jpeg ? 'image/jpeg' : 'image/png', 0.98).split(',')[1]!;
		},
		{ columns, light, curve, jpeg: orientation !== undefined }
	);
	const file = Buffer.from(base64, 'base64');
	if (orientation === undefined) return file;
	// An APP1 segment with one EXIF entry, the orientation, right after the start of the image.
	const exif = Buffer.from(
		'ffe10022457869660000' +
			'4d4d002a00000008' +
			'0001' +
			'0112000300000001' +
			'00000000' +
			'00000000',
		'hex'
	);
	exif.writeUInt16BE(orientation, 28);
	return Buffer.concat([file.subarray(0, 2), exif, file.subarray(2)]);
}

export const openPicture = (page: Page, buffer: Buffer, name = 'hair.png') =>
	page.getByLabel('Open a picture').setInputFiles({
		name,
		mimeType: name.endsWith('png') ? 'image/png' : 'image/jpeg',
		buffer
	});

/** Points at the picture, by shares of its size. */
export async function point(page: Page, at: string, x: number, y: number): Promise<void> {
	await page.getByRole('radio', { name: at, exact: true }).click();
	const frame = page.getByRole('button', { name: /^Picture: point at/ });
	const box = (await frame.boundingBox())!;
	await frame.click({ position: { x: x * box.width, y: y * box.height } });
}
