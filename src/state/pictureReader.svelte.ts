import { compute } from '../compute/browser';
import type { ComputeClient } from '../compute/client';
import type { PictureProblem, PictureReading, ReferenceKind } from '../core/picture';

/** What a press on the picture marks. */
export type MarkKind = 'hair' | ReferenceKind;

export const MARK_NAMES: Readonly<Record<MarkKind, string>> = {
	hair: 'hair',
	greyCard: 'grey card',
	whiteTowel: 'white towel'
};

/** What a mark is called on the picture: patches of hair are counted, the reference is named. */
export function markName(marks: readonly Mark[], index: number): string {
	const mark = marks[index]!;
	if (mark.kind !== 'hair') return MARK_NAMES[mark.kind];
	return String(marks.slice(0, index + 1).filter(({ kind }) => kind === 'hair').length);
}

/** A marked patch: its centre as shares of the picture's width and height, 0-1. */
export interface Mark {
	readonly kind: MarkKind;
	readonly x: number;
	readonly y: number;
}

/** Longest side that is kept for reading, pixels: patches stay large, and old tablets breathe. */
const LONGEST = 1800;
/** Radius of a patch as a share of the picture's shorter side. */
export const PATCH_RADIUS = 0.035;
/** A file beyond this is not opened, bytes: no camera that colourists hold makes larger ones. */
const MOST_BYTES = 80 * 1024 * 1024;
const MOST_HAIR = 8;
/** Longest side of the copy in a record, pixels, and the most that is kept, bytes. */
const COPY_LONGEST = 360;
const COPY_MOST = 200_000;

/**
 * A picture that hair is read from. It stays on the device and in memory: nothing of it is kept unless
 * the reading is taken: then the figures, and a small copy if the person asks for it.
 */
export class PictureReader {
	picture: ImageData | undefined = $state.raw();
	marks: readonly Mark[] = $state.raw([]);
	/** Where the crosshair stands for those who point by keys, shares of the picture. */
	cross = $state({ x: 0.5, y: 0.5 });
	marking: MarkKind = $state('hair');
	opening = $state(false);
	reading: PictureReading | undefined = $state.raw();
	/** What went wrong; the picture and the reading before it stand. */
	problem: string | undefined = $state();
	/** Why the core could not read it. */
	unread: PictureProblem | undefined = $state();
	#asked = 0;

	constructor(private readonly compute: ComputeClient) {}

	/** Opens a picture file, turned as the camera held it. */
	async open(file: Blob): Promise<void> {
		const asked = ++this.#asked;
		this.problem = undefined;
		this.unread = undefined;
		if (file.size > MOST_BYTES) {
			this.problem = `This file is ${Math.round(file.size / 1048576)} MB; pictures up to 80 MB are opened. What was read before is kept.`;
			return;
		}
		this.opening = true;
		try {
			const picture = await decode(file);
			// Another picture was chosen meanwhile: that one counts.
			if (asked !== this.#asked) return;
			this.picture = picture;
			this.marks = [];
			this.reading = undefined;
			this.cross = { x: 0.5, y: 0.5 };
		} catch {
			if (asked === this.#asked) {
				this.problem =
					'This is not a picture that this browser can open. Take it as JPEG or PNG. What was read before is kept.';
			}
		} finally {
			if (asked === this.#asked) this.opening = false;
		}
	}

	/** Marks a patch; a card or towel replaces the one before, hair adds to what is marked. */
	async mark(x: number, y: number): Promise<void> {
		const mark: Mark = { kind: this.marking, x: within(x), y: within(y) };
		const others = this.marks.filter(({ kind }) => (mark.kind === 'hair' ? true : kind === 'hair'));
		const hair = others.filter(({ kind }) => kind === 'hair');
		if (mark.kind === 'hair' && hair.length >= MOST_HAIR) return;
		this.marks = [...others, mark];
		await this.#read();
	}

	/** A small copy of the picture for the record, as a JPEG; nothing when there is none. */
	async copy(): Promise<Blob | undefined> {
		if (!this.picture) return undefined;
		const { width, height } = this.picture;
		const whole = document.createElement('canvas');
		whole.width = width;
		whole.height = height;
		whole.getContext('2d')?.putImageData(this.picture, 0, 0);
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

	async unmark(index: number): Promise<void> {
		this.marks = this.marks.filter((_, i) => i !== index);
		await this.#read();
	}

	move(dx: number, dy: number): void {
		this.cross = { x: within(this.cross.x + dx), y: within(this.cross.y + dy) };
	}

	async #read(): Promise<void> {
		const { picture, marks } = this;
		const hair = marks.filter(({ kind }) => kind === 'hair');
		if (!picture || hair.length === 0) {
			this.reading = undefined;
			return;
		}
		const reference = marks.find(({ kind }) => kind !== 'hair');
		const answer = await this.compute.run(
			'readPicture',
			{
				hair: hair.map((mark) => patchAt(picture, mark)),
				reference: reference && {
					kind: reference.kind as ReferenceKind,
					patch: patchAt(picture, reference)
				}
			},
			{ lane: 'picture' }
		);
		if (!answer.ok) {
			if (answer.problem !== 'stale') this.problem = answer.message;
			return;
		}
		if (answer.value.ok) {
			this.reading = answer.value.reading;
			this.problem = undefined;
			this.unread = undefined;
		} else this.unread = answer.value.problem;
	}
}

/** A reader on a page: pictures are worked out in the page's worker. */
export const openPictureReader = (): PictureReader => new PictureReader(compute);

const within = (share: number): number => Math.min(1, Math.max(0, share));

/** Pixels of a picture file, upright, at most 1800 px on its longest side. */
async function decode(file: Blob): Promise<ImageData> {
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

/** The square of pixels around a mark. */
function patchAt({ data, width, height }: ImageData, { x, y }: Mark) {
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
