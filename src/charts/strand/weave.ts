import { uniformFloat32 } from 'pure-rand/distribution/uniformFloat32';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/**
 * The drawing of a strand without its colour: for every pixel how bright, how glossy and how much
 * hair. Made once for a size; colour is then laid over it in a few milliseconds, so that a dragged
 * clock repaints within a frame.
 */
export interface Weave {
	readonly width: number;
	readonly height: number;
	/** Brightness of the hair, 128 = the colour itself. */
	readonly shade: Uint8Array;
	/** Gloss added on top, 0-255. */
	readonly sheen: Uint8Array;
	/** Cover by hair, 0-255. */
	readonly cover: Uint8Array;
	/** Shadow on the field behind, 0-255. */
	readonly shadow: Uint8Array;
	/** Draws one fibre from the population: below the white share it is a white one. 0-255. */
	readonly lot: Uint8Array;
}

/** How a strand is built. Lengths are shares of the strand's width or height. */
const BUILD = {
	/** Fibres per pixel of height: enough that none shows through in the body. */
	fibresPerPixel: 7.5,
	mostFibres: 1500,
	leastLocks: 7,
	/** Locks per 100 pixels of height. */
	locksPer100px: 7,
	flyaways: 0.05
} as const;

const smooth = (from: number, to: number, x: number): number => {
	const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
	return t * t * (3 - 2 * t);
};

interface Lock {
	readonly centre: number;
	readonly radius: number;
	readonly phase: number;
	readonly wave: number;
	readonly tip: number;
	readonly depth: number;
	readonly gloss: number;
	/** Lots of its wisps: neighbours in a lock are of one kind, so that white shows as streaks. */
	readonly lots: readonly number[];
}

/**
 * Weaves a strand of fibres from scalp (left) to tips (right).
 * @param width pixels, ≥ 2
 * @param height pixels, ≥ 2
 * @param seed any integer; the same seed always gives the same strand
 * @param coarseness of its fibres against those of medium hair, > 0: coarser ones are fewer
 */
export function weaveStrand(width: number, height: number, seed: number, coarseness = 1): Weave {
	const generator = xoroshiro128plus(seed);
	const random = () => uniformFloat32(generator);
	const bell = () => random() + random() + random() - 1.5;
	const size = width * height;
	const weave: Weave = {
		width,
		height,
		shade: new Uint8Array(size),
		sheen: new Uint8Array(size),
		cover: new Uint8Array(size),
		shadow: new Uint8Array(size),
		lot: new Uint8Array(size)
	};

	const lockCount = Math.max(BUILD.leastLocks, Math.round((height / 100) * BUILD.locksPer100px));
	const locks = Array.from({ length: lockCount }, (_, i): Lock => {
		const even = (i + 0.5) / lockCount - 0.5;
		return {
			centre: 0.74 * even + 0.05 * bell(),
			radius: (0.62 + 0.3 * random()) / lockCount + 0.035,
			phase: random() * Math.PI * 2,
			wave: 0.026 + 0.034 * random(),
			tip: 0.955 + 0.045 * random() - 0.16 * even * even,
			depth: random(),
			gloss: 0.03 * bell(),
			lots: Array.from({ length: 10 }, random)
		};
	}).sort((p, q) => p.depth - q.depth);

	const count = Math.min(
		BUILD.mostFibres,
		Math.round((height * BUILD.fibresPerPixel) / coarseness)
	);
	const thickness = coarseness * Math.max(0.8, Math.min(1.7, height / 70));

	const places = placesOf(width);
	for (let n = 0; n < count; n++) {
		// Back locks first; each lock's fibres together, so that locks lie over one another.
		const lock = locks[Math.floor((n / count) * lockCount)]!;
		const flyaway = random() < BUILD.flyaways;
		const offset = flyaway ? bell() * 1.5 : bell() * 0.92;
		const fibre: FibreLine = {
			lock,
			offset,
			tip: lock.tip - 0.075 * offset * offset - 0.1 * random() ** 3 + (flyaway ? 0.015 : 0),
			wander: (flyaway ? 0.02 : 0.007) * bell(),
			wanderTurns: 1.5 + 2.5 * random(),
			wanderPhase: random() * 6.28,
			shade:
				(0.66 + 0.2 * lock.depth + 0.36 * (1 - Math.min(1, offset * offset * 0.8))) *
				(0.9 + 0.2 * random()),
			gloss: random() ** 2.2,
			glossShift: 0.018 * bell(),
			thickness: thickness * (flyaway ? 0.55 : 0.75 + 0.5 * random()),
			alpha: flyaway ? 0.5 : 0.92,
			lot: lock.lots[Math.min(9, Math.floor(Math.abs(offset + 1.4) * 3.5))]!
		};
		drawFibre(weave, fibre, places);
	}
	keepColour(weave);
	castShadow(weave);
	return weave;
}

interface FibreLine {
	readonly lock: Lock;
	readonly offset: number;
	readonly tip: number;
	readonly wander: number;
	readonly wanderTurns: number;
	readonly wanderPhase: number;
	readonly shade: number;
	readonly gloss: number;
	readonly glossShift: number;
	readonly thickness: number;
	readonly alpha: number;
	readonly lot: number;
}

/** Pixels between the points at which a fibre's course is worked out; between them it is straight. */
const KNOT = 8;

/** What is alike for every fibre at one place of the strand's length. */
interface Place {
	/** Share of the length, 0 at the scalp. */
	readonly t: number;
	/** How far the strand spreads, how far its locks do, how far they sway, and how bright it is near the scalp. */
	readonly body: number;
	readonly gather: number;
	readonly sways: number;
	readonly atRoot: number;
}
/** Every column, and as many past the end as the course of a fibre is worked out for. */
const placesOf = (width: number): readonly Place[] =>
	Array.from({ length: width + KNOT }, (_, x) => {
		const t = x / width;
		return {
			t,
			body: 0.8 + 0.2 * smooth(0, 0.4, t) - 0.3 * smooth(0.66, 1, t),
			gather: 1 - 0.72 * smooth(0.72, 1.02, t),
			sways: smooth(0, 0.3, t),
			atRoot: 0.86 + 0.14 * smooth(0, 0.035, t)
		};
	});

/** Where a fibre runs and how it looks at a place of the strand. */
function fibreAt(
	fibre: FibreLine,
	{ t, body, gather, sways, atRoot }: Place
): { across: number; shade: number; gloss: number; half: number } {
	const { lock, offset } = fibre;
	const sway = lock.wave * Math.sin(lock.phase + t * 5.2) * sways;
	const wander = fibre.wander * Math.sin(fibre.wanderPhase + t * 6.28 * fibre.wanderTurns);
	const across = lock.centre * body + sway + lock.radius * offset * gather + wander;
	// The strand is round: light falls from above, so the lower third turns away.
	const round =
		1.04 - 0.55 * Math.max(0, across + 0.02) ** 1.5 - 0.28 * Math.max(0, -across - 0.28);
	const shift = fibre.glossShift + lock.gloss;
	const bands =
		Math.exp(-(((t - 0.27 - shift) / 0.055) ** 2)) +
		0.55 * Math.exp(-(((t - 0.66 + shift) / 0.07) ** 2)) +
		0.1;
	return {
		across,
		shade: Math.min(255, fibre.shade * round * atRoot * 128),
		gloss: Math.min(255, 255 * fibre.gloss * bands * Math.max(0.15, round)),
		half: (fibre.thickness * (1 - 0.6 * smooth(fibre.tip - 0.12, fibre.tip, t))) / 2
	};
}

/**
 * Draws one fibre column by column. Fibres run nearly level, so the share of each pixel between
 * its upper and lower edge is exact anti-aliasing.
 */
function drawFibre(weave: Weave, fibre: FibreLine, places: readonly Place[]): void {
	const { width, height, shade, sheen, cover, lot } = weave;
	const end = Math.min(width, Math.round(fibre.tip * width));
	const begin = Math.round(Math.abs(fibre.wander) * 0.12 * width);
	const lotByte = Math.round(fibre.lot * 255);
	let next = fibreAt(fibre, places[begin]!);
	for (let knot = begin; knot < end; knot += KNOT) {
		const here = next;
		next = fibreAt(fibre, places[knot + KNOT]!);
		const stop = Math.min(end, knot + KNOT);
		for (let x = knot; x < stop; x++) {
			const s = (x - knot) / KNOT;
			const y = (0.5 + 0.86 * (here.across + (next.across - here.across) * s)) * height;
			const value = here.shade + (next.shade - here.shade) * s;
			const gloss = here.gloss + (next.gloss - here.gloss) * s;
			const half = here.half + (next.half - here.half) * s;
			const top = y - half;
			const bottom = y + half;
			const to = Math.min(height - 1, Math.floor(bottom));
			for (let row = Math.max(0, Math.floor(top)); row <= to; row++) {
				const share = (bottom < row + 1 ? bottom : row + 1) - (top > row ? top : row);
				const alpha = fibre.alpha * share;
				if (alpha <= 0) continue;
				const at = row * width + x;
				// Most of a strand lies over hair that covers all: there its own cover is its weight.
				if (cover[at] === 255) {
					shade[at]! += (value - shade[at]!) * alpha;
					sheen[at]! += (gloss - sheen[at]!) * alpha;
					if (alpha > 0.35) lot[at] = lotByte;
					continue;
				}
				const there = cover[at]! / 255;
				const covered = there + alpha * (1 - there);
				// Over bare field the fibre's own values count; over hair they mix by its cover.
				const weight = alpha / covered;
				shade[at]! += (value - shade[at]!) * weight;
				sheen[at]! += (gloss - sheen[at]!) * weight;
				if (alpha > 0.35 || there === 0) lot[at] = lotByte;
				cover[at] = covered * 255 + 0.5;
			}
		}
	}
}

/** How gloss is added when a weave is painted: part of it takes the hair's colour, part stays white. */
export const GLOSS = { own: 0.34, white: 44 } as const;

/** A middle brightness of hair (0-255, as a screen has it), for which a strand is brought to its colour. */
const MIDDLE = 130;
/** Light given off for a screen's value, near enough for a mean: looked up, since it is asked for every pixel. */
const LIGHT_STEPS = 16;
const LIGHT = Float64Array.from({ length: 255 * LIGHT_STEPS + 1 }, (_, i) =>
	Math.pow(i / (255 * LIGHT_STEPS), 2.2)
);
const lightOf = (value: number): number => LIGHT[Math.round(Math.min(255, value) * LIGHT_STEPS)]!;

/**
 * Brings the shade down until the strand as a whole gives off the light of its own colour: its gloss and
 * its bright fibres would make it read half a level lighter than it is.
 */
function keepColour({ shade, sheen, cover }: Weave): void {
	// A few thousand pixels of the body tell the mean well enough; an odd step meets every row and column.
	const step = 2 * Math.floor(cover.length / 8192) + 1;
	const body: number[] = [];
	for (let at = 0; at < cover.length; at += step) if (cover[at]! >= 250) body.push(at);
	if (body.length === 0) return;
	const tooBright = (scale: number) => {
		let light = 0;
		for (const at of body) {
			const gloss = sheen[at]! / 255;
			const own = (scale * shade[at]!) / 128 + GLOSS.own * gloss;
			light += lightOf(MIDDLE * own + GLOSS.white * gloss);
		}
		return light / body.length >= lightOf(MIDDLE);
	};
	let low = 0.5;
	let high = 1.5;
	for (let i = 0; i < 9; i++) {
		const middle = (low + high) / 2;
		if (tooBright(middle)) high = middle;
		else low = middle;
	}
	for (let at = 0; at < shade.length; at++) shade[at] = Math.min(255, shade[at]! * high + 0.5);
}

/** A soft shadow a little below the hair: the cover, moved down and blurred twice by a box. */
function castShadow({ width, height, cover, shadow }: Weave): void {
	const drop = Math.max(1, Math.round(height * 0.035));
	const radius = Math.max(1, Math.round(height * 0.03));
	const column = new Float32Array(height);
	const blurred = new Float32Array(height);
	for (let x = 0; x < width; x++) {
		for (let y = 0; y < height; y++) {
			column[y] = y >= drop ? cover[(y - drop) * width + x]! : 0;
		}
		for (let pass = 0; pass < 2; pass++) {
			const from = pass === 0 ? column : blurred;
			const to = pass === 0 ? blurred : column;
			let sum = 0;
			for (let y = -radius; y < height + radius; y++) {
				if (y + radius < height && y + radius >= 0) sum += from[y + radius]!;
				if (y - radius - 1 >= 0) sum -= from[y - radius - 1]!;
				if (y >= 0 && y < height) to[y] = sum / (2 * radius + 1);
			}
		}
		for (let y = 0; y < height; y++) shadow[y * width + x] = column[y]! * 0.5;
	}
}
