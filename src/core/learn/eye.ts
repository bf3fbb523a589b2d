import { hueOf, levelOf, undertoneOf, type Lab, type UndertoneName } from '../colour';
import { UNDERTONES } from '../vocabulary';

/** One swatch as somebody named it, and as instruments read it. */
export interface EyeLook {
	/** Level that a person named. */
	readonly level: number;
	/** Undertone that they named. */
	readonly undertone?: (typeof UNDERTONES)[number] | undefined;
	/** What a colour reader and a picture made of the same swatch. */
	readonly reader?: Lab | undefined;
	readonly picture?: Lab | undefined;
	/** Level that the ring gives it. */
	readonly ring?: number | undefined;
}

/** Who reads. */
export type EyeOf = 'person' | 'picture';

/** How far off somebody reads hair of one undertone. */
export interface EyeByHue {
	readonly undertone: UndertoneName;
	readonly looks: number;
	/** Levels that they read lighter; negative where deeper. */
	readonly off: number;
	/** Standard deviation of one look, levels; nothing of a single one. */
	readonly sd: number | undefined;
	/** Places on the way from red to pale yellow that they name it yellower; of a picture, degrees of hue. */
	readonly hueOff: number | undefined;
}

const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;
const placeOf = (name: UndertoneName): number => UNDERTONES.indexOf(name as 'red');

/** What a swatch is, by the best that was asked: a reader, else the ring, else a picture. */
function truthOf(look: EyeLook, by: EyeOf): { level: number; lab: Lab | undefined } | undefined {
	const { reader, ring, picture } = look;
	if (reader) return { level: levelOf(reader), lab: reader };
	if (ring !== undefined) return { level: ring, lab: picture };
	return picture && by === 'person' ? { level: levelOf(picture), lab: picture } : undefined;
}

interface Judged {
	readonly undertone: UndertoneName;
	readonly off: number;
	readonly hueOff: number | undefined;
}

function judged(look: EyeLook, by: EyeOf): Judged | undefined {
	const truth = truthOf(look, by);
	if (!truth) return undefined;
	const { lab } = truth;
	const undertone = lab ? undertoneOf(lab).name : (look.undertone ?? 'none');
	if (by === 'picture') {
		const { picture, reader } = look;
		if (!picture) return undefined;
		return {
			undertone,
			off: levelOf(picture) - truth.level,
			hueOff: reader && turn(hueOf(picture) - hueOf(reader))
		};
	}
	const named = look.undertone;
	return {
		undertone,
		off: look.level - truth.level,
		hueOff:
			named && lab && placeOf(undertone) >= 0 ? placeOf(named) - placeOf(undertone) : undefined
	};
}
/** Degrees from -180 to 180. */
const turn = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180;

/** How far off somebody reads, by the undertone of the swatch, in the order in which hair lifts. */
export function eyeByHue(looks: readonly EyeLook[], by: EyeOf): EyeByHue[] {
	const all = looks.flatMap((look) => judged(look, by) ?? []);
	const names: readonly UndertoneName[] = [...UNDERTONES, 'green', 'none'];
	return names.flatMap((undertone) => {
		const own = all.filter((each) => each.undertone === undertone);
		if (own.length === 0) return [];
		const off = mean(own.map((each) => each.off));
		const hues = own.flatMap(({ hueOff }) => (hueOff === undefined ? [] : [hueOff]));
		return [
			{
				undertone,
				looks: own.length,
				off,
				sd:
					own.length > 1
						? Math.sqrt(
								own.reduce((sum, each) => sum + (each.off - off) ** 2, 0) / (own.length - 1)
							)
						: undefined,
				hueOff: hues.length > 0 ? mean(hues) : undefined
			}
		];
	});
}

/** An eye's own offset is told from this many looks on. */
export const LEAST_EYE_LOOKS = 8;
/** One look errs by about this, and eyes lie about this far from one another, levels (reasoned). */
const LOOK_SD = 0.5;
const EYES_SD = 0.4;
/** A hue has an offset of its own beside that, about so large, levels. */
const HUES_SD = 0.2;

/** A mean of some, drawn to what is known without them, by Bayes. */
const drawn = (offs: readonly number[], to: number, sd: number): number => {
	if (offs.length === 0) return to;
	const held = sd ** 2 / (sd ** 2 + LOOK_SD ** 2 / offs.length);
	return to + held * (mean(offs) - to);
};

/**
 * Levels that somebody reads hair of an undertone too light: their mean over all swatches, drawn to none, and that
 * of this undertone drawn to it, because few looks say little.
 * @returns nothing before enough was looked at
 */
export function eyeOffset(looks: readonly EyeLook[], undertone: UndertoneName): number | undefined {
	const all = looks.flatMap((look) => judged(look, 'person') ?? []);
	if (all.length < LEAST_EYE_LOOKS) return undefined;
	const whole = drawn(
		all.map(({ off }) => off),
		0,
		EYES_SD
	);
	return drawn(
		all.filter((each) => each.undertone === undertone).map(({ off }) => off),
		whole,
		HUES_SD
	);
}
