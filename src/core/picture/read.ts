import {
	levelOf,
	tristimulusOfLab,
	undertoneOf,
	type Lab,
	type Tristimulus,
	type Undertone
} from '../colour';
import { labOfPigment, naturalPigment } from '../hair';
import { normalQuantile } from '../numeric';
import { HUE_BESIDE_SWATCHES, LAMPS, LEFT, PICTURE, SURFACES } from './constants';
import { twoKindsOf, type TwoKinds } from './kinds';
import { median, middleOf, middleOfHair, recordedOf, type Patch, type Recorded } from './patch';
import { sceneOf, type Known, type Scene } from './scene';

/** Plain surfaces that a picture is corrected by. */
export type SurfaceKind = keyof typeof SURFACES;

/** Something in the picture whose colour is known. */
export type Reference =
	| { readonly kind: SurfaceKind; readonly patch: Patch }
	/** A swatch of the salon's own ring: of its level, natural and neutral unless its colour was read. */
	| {
			readonly kind: 'swatch';
			readonly level: number;
			readonly lab?: Lab | undefined;
			readonly patch: Patch;
	  };

/** What lights the scene, as the person says it. */
export type Lamp = keyof typeof LAMPS;

/** A question about a picture. */
export interface PictureQuestion {
	/** One or more patches of the same hair. */
	readonly hair: readonly Patch[];
	/** What is known in the same light; the more of it, the surer. */
	readonly references?: readonly Reference[] | undefined;
	readonly lamp?: Lamp | undefined;
}

/** What makes a reading less sure. */
export type Doubt =
	| 'noReference'
	| 'referenceClipped'
	| 'referencesDisagree'
	| 'farFromReferences'
	| 'clipped'
	| 'tooDark'
	| 'strongCast'
	| 'wet'
	| 'uneven';

/** What a picture says of a piece of hair. */
export interface PictureReading {
	readonly lab: Lab;
	readonly level: number;
	/** Standard deviation of the level. */
	readonly sd: number;
	/** Standard deviation of the hue, degrees. */
	readonly hueSd: number;
	readonly undertone: Undertone;
	/** Where it is two kinds of hair, both apart; what stands above is then the colour of all of it. */
	readonly kinds?: TwoKinds | undefined;
	readonly trust: 'good' | 'fair' | 'poor';
	readonly doubts: readonly Doubt[];
}

/** Why there is no reading: nothing was pointed at, a patch of too few pixels, or a colour that no hair has. */
export type PictureProblem = 'noHair' | 'tooSmall' | 'notHair';

export type PictureAnswer =
	| { readonly ok: true; readonly reading: PictureReading }
	| { readonly ok: false; readonly problem: PictureProblem };

/** What is known of a reference; nothing of one that is burnt out. */
function knownOf(reference: Reference): Known | undefined {
	const recorded = recordedOf(reference.patch);
	if (reference.kind === 'swatch') {
		if (recorded.clipped > PICTURE.clippedHair) return undefined;
		const lab = reference.lab ?? labOfPigment(naturalPigment(reference.level, 'neutral'));
		return { light: middleOfHair(recorded), truth: tristimulusOfLab(lab), sd: LEFT.swatch };
	}
	if (recorded.clipped > PICTURE.clippedReference) return undefined;
	const { luminance, sd } = SURFACES[reference.kind];
	const truth: Tristimulus = { x: luminance, y: luminance, z: luminance };
	return { light: middleOf(recorded), truth, sd };
}

interface PatchColour {
	readonly lab: Lab;
	/** Colours had the scene been a standard deviation otherwise. */
	readonly around: readonly Lab[];
	readonly wet: boolean;
	readonly dark: boolean;
	readonly clipped: boolean;
}

/** The colour of one patch of hair in a scene. */
function colourOf(recorded: Recorded, scene: Scene): PatchColour {
	const light = middleOfHair(recorded);
	const lab = scene.labOf(light);
	let shining = 0;
	for (let i = 0; i < recorded.r.length; i++) {
		const { l } = scene.labOf([recorded.r[i]!, recorded.g[i]!, recorded.b[i]!]);
		if (l > lab.l + PICTURE.wetLighter) shining++;
	}
	return {
		lab,
		around: scene.labsAround(light),
		wet: shining / recorded.r.length > PICTURE.wetShare,
		dark: median(recorded.g) < PICTURE.darkLuminance,
		clipped: recorded.clipped > PICTURE.clippedHair
	};
}

/** A colour turned by degrees of hue. */
function turned({ l, a, b }: Lab, degrees: number): Lab {
	const by = (degrees * Math.PI) / 180;
	return { l, a: a * Math.cos(by) - b * Math.sin(by), b: a * Math.sin(by) + b * Math.cos(by) };
}

/** Doubts that the scene's own spread counts already. */
const RECKONED: ReadonlySet<Doubt> = new Set([
	'noReference',
	'referenceClipped',
	'farFromReferences'
]);

/** Half of the span that holds four of five readings, levels. */
export const bandOf = ({ sd }: Pick<PictureReading, 'sd'>): number => normalQuantile(0.9) * sd;

/** Whether a reading is sure enough to be taken; otherwise it is only looked at. */
export const isTakeable = (reading: Pick<PictureReading, 'sd'>): boolean =>
	bandOf(reading) <= PICTURE.mostBand;

function trustOf(
	sd: number,
	doubts: readonly Doubt[],
	isCorrected: boolean
): PictureReading['trust'] {
	if (!isTakeable({ sd }) || !isCorrected || doubts.length > 1) return 'poor';
	return doubts.length === 0 ? 'good' : 'fair';
}

/** Whether hair can have a colour at all, whatever lies in it. */
function isHairColour({ a, b }: Lab): boolean {
	const chroma = Math.hypot(a, b);
	const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
	const [from, to] = PICTURE.coolHues;
	return chroma <= (hue > from && hue < to ? PICTURE.mostCoolChroma : PICTURE.mostChroma);
}

const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;
const meanLab = (labs: readonly Lab[]): Lab => ({
	l: mean(labs.map(({ l }) => l)),
	a: mean(labs.map(({ a }) => a)),
	b: mean(labs.map(({ b }) => b))
});

/**
 * Reads level and undertone from patches of a picture. What is known in the same light (grey card, towel,
 * printed card, swatches of the salon's ring) takes lamp, light and camera out; glints and shadow are left
 * out by rank, the rest is the median.
 * @returns the reading with its spread and what to doubt in it, or why there is none
 */
export function readPicture({
	hair,
	references = [],
	lamp = 'unknown'
}: PictureQuestion): PictureAnswer {
	if (hair.length === 0) {
		return { ok: false, problem: 'noHair' };
	}
	const all = [...hair, ...references.map(({ patch }) => patch)];
	if (all.some(({ pixels }) => pixels.length / 4 < PICTURE.leastPixels)) {
		return { ok: false, problem: 'tooSmall' };
	}
	const asked = references.map(knownOf);
	const known = asked.filter((one) => one !== undefined);
	const scene = sceneOf(known);
	const recorded = hair.map(recordedOf);
	const patches = recorded.map((patch) => colourOf(patch, scene));
	// Swatches are hair too: beside them the lamp's gaps fall out.
	const beside = references.some(({ kind }, i) => kind === 'swatch' && asked[i]);
	const turns = beside ? 0 : LAMPS[lamp].turns;
	const lab = turned(meanLab(patches.map((patch) => patch.lab)), -turns);
	if (!isHairColour(lab)) return { ok: false, problem: 'notHair' };
	const level = levelOf(lab);
	const levels = patches.map((patch) => levelOf(patch.lab));
	const apart = Math.max(...levels) - Math.min(...levels);
	const offs = patches[0]!.around.map(
		(_, i) => levelOf(turned(meanLab(patches.map(({ around }) => around[i]!)), -turns)) - level
	);
	const kinds = twoKindsOf(recorded, scene, (one) => turned(one, -turns));
	const doubts: Doubt[] = [];
	if (known.length < asked.length) doubts.push('referenceClipped');
	if (known.length === 0) doubts.push('noReference');
	if (scene.misfit > PICTURE.misfit) doubts.push('referencesDisagree');
	if (known.length > 0 && Math.hypot(...offs) > PICTURE.farSd) doubts.push('farFromReferences');
	if (patches.some(({ clipped }) => clipped)) doubts.push('clipped');
	if (patches.some(({ dark }) => dark)) doubts.push('tooDark');
	if (scene.cast > PICTURE.strongCast) doubts.push('strongCast');
	if (patches.some(({ wet }) => wet)) doubts.push('wet');
	if (apart > PICTURE.unevenLevels) doubts.push('uneven');
	const others = doubts.filter((doubt) => !RECKONED.has(doubt));
	const alone = known.length === 1 && !beside ? LEFT.oneSurface : 0;
	const sd = Math.hypot(
		LEFT.patch,
		alone,
		...offs,
		beside ? 0 : LEFT.perCast * Math.log(scene.cast),
		apart / 2,
		0.15 * others.length
	);
	return {
		ok: true,
		reading: {
			lab,
			level,
			sd,
			hueSd: beside ? HUE_BESIDE_SWATCHES : LAMPS[lamp].sd,
			undertone: undertoneOf(lab),
			...(kinds ? { kinds } : {}),
			trust: trustOf(sd, doubts, known.length > 0),
			doubts
		}
	};
}
