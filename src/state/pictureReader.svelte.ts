import { compute } from '../compute/browser';
import type { ComputeClient } from '../compute/client';
import type { Lab } from '../core/colour';
import {
	CARD_STEPS,
	type Lamp,
	type PictureProblem,
	type PictureReading,
	type Reference
} from '../core/picture';
import { decodePicture, MOST_BYTES, patchAt, smallCopy, type Place } from './pictureFile';

/** What a press on the picture marks. */
export type MarkKind = 'hair' | Reference['kind'];

/** A marked patch: what it is and where its centre lies. */
export interface Mark extends Place {
	readonly kind: MarkKind;
	/** Of a swatch: its level. */
	readonly level?: number | undefined;
}

const MOST_HAIR = 8;
const MOST_SWATCHES = 6;

/**
 * A picture that hair is read from. It stays on the device and in memory: nothing of it is kept unless
 * the reading is taken: then the figures, and a small copy if the person asks for it.
 */
export class PictureReader {
	picture: ImageData | undefined = $state.raw();
	marks: readonly Mark[] = $state.raw([]);
	/** Where the crosshair stands for those who point by keys. */
	cross: Place = $state({ x: 0.5, y: 0.5 });
	marking: MarkKind = $state('hair');
	/** Level of the swatch that is pointed at next. */
	swatch = $state(6);
	opening = $state(false);
	reading: PictureReading | undefined = $state.raw();
	/** What went wrong; the picture and the reading before it stand. */
	problem: string | undefined = $state();
	/** Why the core could not read it. */
	unread: PictureProblem | undefined = $state();
	#lamp: Lamp = $state('unknown');
	#asked = 0;

	/** @param labOfSwatch colour of a swatch of the salon's ring, where it was read */
	constructor(
		private readonly compute: ComputeClient,
		private readonly labOfSwatch: (level: number) => Lab | undefined
	) {}

	/** What lights the scene, as the person says it. */
	get lamp(): Lamp {
		return this.#lamp;
	}
	set lamp(lamp: Lamp) {
		this.#lamp = lamp;
		void this.#read();
	}

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
			const picture = await decodePicture(file);
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

	/** Marks a patch: hair adds to what is marked, anything else takes the place of its like. */
	async mark(x: number, y: number): Promise<void> {
		const kind = this.marking;
		const mark: Mark = {
			kind,
			x: within(x),
			y: within(y),
			...(kind === 'swatch' ? { level: this.swatch } : {})
		};
		const others = this.marks.filter(
			(other) => kind === 'hair' || other.kind !== kind || other.level !== mark.level
		);
		const most = { hair: MOST_HAIR, swatch: MOST_SWATCHES }[kind as string] ?? 1;
		if (others.filter((other) => other.kind === kind).length >= most) return;
		this.marks = [...others, mark];
		// A printed card is pointed at step by step.
		const step = CARD_STEPS.findIndex((one) => one === kind);
		const next = step < 0 ? undefined : CARD_STEPS[step + 1];
		if (step >= 0) this.marking = next ?? 'hair';
		await this.#read();
	}

	/** A small copy of the picture for the record; nothing when there is none. */
	copy(): Promise<Blob | undefined> {
		return this.picture ? smallCopy(this.picture) : Promise.resolve(undefined);
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
		const references = marks.flatMap((mark): Reference[] => {
			if (mark.kind === 'hair') return [];
			const patch = patchAt(picture, mark);
			if (mark.kind !== 'swatch') return [{ kind: mark.kind, patch }];
			const level = mark.level ?? 0;
			return [{ kind: 'swatch', level, lab: this.labOfSwatch(level), patch }];
		});
		const answer = await this.compute.run(
			'readPicture',
			{ hair: hair.map((mark) => patchAt(picture, mark)), references, lamp: this.#lamp },
			{ lane: 'picture' }
		);
		// What was marked, or the picture, is another one by now: its own answer comes, or none.
		if (picture !== this.picture || marks !== this.marks) return;
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
export const openPictureReader = (labOfSwatch: (level: number) => Lab | undefined): PictureReader =>
	new PictureReader(compute, labOfSwatch);

const within = (share: number): number => Math.min(1, Math.max(0, share));
