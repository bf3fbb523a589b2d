import { labOfLinear, levelOf, undertoneOf, type Lab, type Undertone } from '../colour';
import { PICTURE } from './constants';

/** Pixels of one patch, as a canvas gives them: red, green, blue, alpha, 0-255. */
export interface Patch {
	readonly pixels: Uint8ClampedArray;
}

/** What the light is corrected by. */
export type ReferenceKind = keyof typeof PICTURE.reference;

/** A question about a picture. */
export interface PictureQuestion {
	/** One or more patches of the same hair. */
	readonly hair: readonly Patch[];
	readonly reference?: { readonly kind: ReferenceKind; readonly patch: Patch } | undefined;
}

/** What makes a reading less sure. */
export type Doubt =
	'noReference' | 'referenceClipped' | 'clipped' | 'tooDark' | 'strongCast' | 'wet' | 'uneven';

/** What a picture says of a piece of hair. */
export interface PictureReading {
	readonly lab: Lab;
	readonly level: number;
	/** Standard deviation of the level. */
	readonly sd: number;
	readonly undertone: Undertone;
	readonly trust: 'good' | 'fair' | 'poor';
	readonly doubts: readonly Doubt[];
}

/** Why there is no reading: nothing was pointed at, or a patch of too few pixels. */
export type PictureProblem = 'noHair' | 'tooSmall';

export type PictureAnswer =
	| { readonly ok: true; readonly reading: PictureReading }
	| { readonly ok: false; readonly problem: PictureProblem };

/** Linear light of a patch, a few thousand pixels of it, spread evenly. */
interface Light {
	readonly r: Float64Array;
	readonly g: Float64Array;
	readonly b: Float64Array;
	/** Share of burnt-out pixels. */
	readonly clipped: number;
}

/** IEC 61966-2-1: linear light of an sRGB channel, 0-255 to 0-1. */
const LINEAR = Float64Array.from({ length: 256 }, (_, i) => {
	const c = i / 255;
	return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});

function lightOf({ pixels }: Patch): Light {
	const count = pixels.length / 4;
	const taken = Math.min(count, PICTURE.mostPixels);
	const [r, g, b] = [0, 1, 2].map(() => new Float64Array(taken)) as [
		Float64Array,
		Float64Array,
		Float64Array
	];
	let clipped = 0;
	for (let i = 0; i < taken; i++) {
		const at = 4 * Math.floor((i * count) / taken);
		const [red, green, blue] = [pixels[at]!, pixels[at + 1]!, pixels[at + 2]!];
		if (Math.max(red, green, blue) >= PICTURE.clippedFrom) clipped++;
		r[i] = LINEAR[red]!;
		g[i] = LINEAR[green]!;
		b[i] = LINEAR[blue]!;
	}
	return { r, g, b, clipped: taken > 0 ? clipped / taken : 0 };
}

function median(values: Float64Array): number {
	const sorted = values.slice().sort();
	const middle = sorted.length >> 1;
	return sorted.length % 2 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** Gains that make a neutral reference neutral, and as light as it is. */
function gainsOf(reference: Light, kind: ReferenceKind): [number, number, number] {
	const luminance = PICTURE.reference[kind];
	return [reference.r, reference.g, reference.b].map(
		(channel) => luminance / Math.max(median(channel), 1e-4)
	) as [number, number, number];
}

interface PatchColour {
	readonly lab: Lab;
	readonly wet: boolean;
	readonly dark: boolean;
	readonly clipped: boolean;
}

/** The colour of one patch: the median in Lab of what is neither glint nor shadow. */
function colourOf(light: Light, gains: readonly [number, number, number]): PatchColour {
	const labs = Array.from(light.r, (r, i) =>
		labOfLinear(r * gains[0], light.g[i]! * gains[1], light.b[i]! * gains[2])
	).sort((p, q) => p.l - q.l);
	const from = Math.floor(labs.length * PICTURE.shadow);
	const kept = labs.slice(from, Math.max(from + 1, Math.ceil(labs.length * (1 - PICTURE.glints))));
	const middle = (pick: (lab: Lab) => number) => median(Float64Array.from(kept, pick));
	const lab = { l: middle(({ l }) => l), a: middle(({ a }) => a), b: middle(({ b }) => b) };
	const shining = labs.filter(({ l }) => l > lab.l + PICTURE.wetLighter).length / labs.length;
	const luminance = median(light.g);
	return {
		lab,
		wet: shining > PICTURE.wetShare,
		dark: luminance < PICTURE.darkLuminance,
		clipped: light.clipped > PICTURE.clippedHair
	};
}

const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * Reads level and undertone from patches of a picture. A grey card or a white towel in the same light
 * takes the light's colour and strength out; glints and shadow are left out by rank, the rest is the
 * median in Lab.
 * @returns the reading with its spread and what to doubt in it, or why there is none
 */
export function readPicture({ hair, reference }: PictureQuestion): PictureAnswer {
	if (hair.length === 0) {
		return { ok: false, problem: 'noHair' };
	}
	if (hair.some(({ pixels }) => pixels.length / 4 < PICTURE.leastPixels)) {
		return { ok: false, problem: 'tooSmall' };
	}
	const card = reference && lightOf(reference.patch);
	const spoilt = card !== undefined && card.clipped > PICTURE.clippedReference;
	const used = reference && card && !spoilt ? { kind: reference.kind, light: card } : undefined;
	const gains = used ? gainsOf(used.light, used.kind) : ([1, 1, 1] as const);
	const patches = hair.map((patch) => colourOf(lightOf(patch), gains));
	const lab: Lab = {
		l: mean(patches.map((patch) => patch.lab.l)),
		a: mean(patches.map((patch) => patch.lab.a)),
		b: mean(patches.map((patch) => patch.lab.b))
	};
	const levels = patches.map((patch) => levelOf(patch.lab));
	const apart = Math.max(...levels) - Math.min(...levels);
	const doubts: Doubt[] = [];
	if (spoilt) doubts.push('referenceClipped');
	if (!used) doubts.push('noReference');
	if (patches.some(({ clipped }) => clipped)) doubts.push('clipped');
	if (patches.some(({ dark }) => dark)) doubts.push('tooDark');
	if (Math.max(...gains) / Math.min(...gains) > PICTURE.strongCast) doubts.push('strongCast');
	if (patches.some(({ wet }) => wet)) doubts.push('wet');
	if (apart > PICTURE.unevenLevels) doubts.push('uneven');
	const known = PICTURE.sd[used?.kind ?? 'none'];
	const others = doubts.filter((doubt) => doubt !== 'noReference' && doubt !== 'referenceClipped');
	return {
		ok: true,
		reading: {
			lab,
			level: levelOf(lab),
			sd: Math.hypot(known, apart / 2, 0.15 * others.length),
			undertone: undertoneOf(lab),
			trust: doubts.length === 0 ? 'good' : used && doubts.length === 1 ? 'fair' : 'poor',
			doubts
		}
	};
}
