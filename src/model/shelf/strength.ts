import type { Lab } from '../../core/colour';
import { intensityOfSwatch } from '../../core/learn';
import { pigmentOnPath } from '../../core/lift';
import type { ShelfLine } from '../../schema/records';

type Shade = ShelfLine['shades'][number];

/** Loose swatches are sold lightened from dark hair; where from exactly matters little at 8 and above. */
export const SWATCH_NATURAL_LEVEL = 3;
/** A colour further than this from anything the shade could give is not its swatch (ΔE00). */
const NOT_THIS_SHADE = 8;

/** How strong a shade is by a swatch toned with it undiluted. */
export interface ShadeStrength {
	/** 1 is the usual strength; within 0.1-4. */
	readonly intensity: number;
	/** ΔE00 between the swatch and what the model makes of it at that strength. */
	readonly deltaE: number;
	readonly believable: boolean;
}

/**
 * How strong a shade of a line comes out, by a swatch of lightened hair that was toned with it as the line
 * says: undiluted, at its own ratio and minutes.
 * @param swatchLevel level the swatch was lightened to
 * @param toned its colour now
 */
export function shadeStrength(
	line: Pick<ShelfLine, 'vehicle' | 'ratio' | 'minutes'>,
	{ level, tone, form }: Shade,
	swatchLevel: number,
	toned: Lab
): ShadeStrength {
	const { vehicle, minutes } = line;
	const { intensity, deltaE } = intensityOfSwatch(
		{ level, tone, form },
		{ pigment: pigmentOnPath(SWATCH_NATURAL_LEVEL, 'neutral', swatchLevel) },
		{ vehicle, minutes, ratio: vehicle === 'direct' ? 1 : line.ratio },
		toned
	);
	return {
		intensity: Math.round(intensity * 100) / 100,
		deltaE,
		believable: deltaE <= NOT_THIS_SHADE
	};
}
