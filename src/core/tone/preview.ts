import { chromaOf, hueOf, levelOf, type Lab } from '../colour';
import { labOfMixture, type Pigment } from '../hair';
import { depositOf, type FormulaPart } from './formula';
import { addDyes, dyeSpectrum, type DyeAmounts } from './dyes';
import type { DepositConditions } from './deposit';

/** Hair as the toner finds it. */
export interface RawHair {
	readonly pigment: Pigment;
	/** Dye that survived the lift, if any. */
	readonly dye?: DyeAmounts | undefined;
	/** Dye on the white fibres, where it is not the same. */
	readonly dyeOnWhite?: DyeAmounts | undefined;
	/** Share of white fibres, 0-1. */
	readonly whiteShare?: number | undefined;
}

/** What goes wrong when a toner overshoots. */
export type ToneWarning =
	| { readonly code: 'greenCast' | 'blueCast' | 'violetCast' | 'greyCast' | 'muddy' }
	/** How many levels deeper than before it comes out, above 0. */
	| { readonly code: 'tooDark'; readonly levels: number };

export interface TonePreview {
	readonly lab: Lab;
	/** What the toner left, beside any dye that was there. */
	readonly dyes: DyeAmounts;
	/** The same on white fibres, where no pigment is in its way. */
	readonly dyesOnWhite: DyeAmounts;
	readonly level: number;
	/**
	 * Change of level: deeper is negative. L* never rises, but the level may a little, as warmth that counted
	 * as depth is taken.
	 */
	readonly levelShift: number;
	readonly warnings: readonly ToneWarning[];
}

/** Lab of raw hair before any toner. */
export const rawLab = ({ pigment, dye, dyeOnWhite = dye, whiteShare = 0 }: RawHair): Lab =>
	labOfMixture(pigment, whiteShare, dye && dyeSpectrum(dye), dyeOnWhite && dyeSpectrum(dyeOnWhite));

/**
 * Colour after toning. Dyes add to what is there, so nothing gets lighter.
 * White fibres take the formula without pigment in its way, so they are computed apart.
 */
export function previewTone(
	raw: RawHair,
	parts: readonly FormulaPart[],
	conditions: DepositConditions
): TonePreview {
	const before = rawLab(raw);
	const dyes = depositOf(parts, raw.pigment, conditions);
	const dyesOnWhite = depositOf(parts, { eumelanin: 0, pheomelanin: 0 }, conditions);
	const lab = rawLab({
		...raw,
		dye: addDyes(raw.dye ?? {}, dyes),
		dyeOnWhite: addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, dyesOnWhite)
	});
	const level = levelOf(lab);
	return {
		lab,
		dyes,
		dyesOnWhite,
		level,
		levelShift: level - levelOf(before),
		warnings: toneWarnings(before, lab)
	};
}

/** Names what a toner overdid. Thresholds are where the cast is plain on a strand in daylight. */
export function toneWarnings(before: Lab, after: Lab): ToneWarning[] {
	const warnings: ToneWarning[] = [];
	const chroma = chromaOf(after);
	const hue = hueOf(after);
	const level = levelOf(after);
	const drop = levelOf(before) - level;
	if (after.a < -2.5 && hue > 93 && hue < 220) {
		warnings.push({ code: 'greenCast' });
	}
	if (chroma > 4 && hue >= 220 && hue < 260) {
		warnings.push({ code: 'blueCast' });
	}
	if (chroma > 4 && hue >= 260 && hue < 350 && level > 7) {
		warnings.push({ code: 'violetCast' });
	}
	if (chroma < 4 && chromaOf(before) > 10 && level > 6) {
		warnings.push({ code: 'greyCast' });
	}
	if (drop > 1.25) {
		warnings.push({ code: 'tooDark', levels: drop });
	}
	if (level < 6 && chroma < 7 && chromaOf(before) > 20) {
		warnings.push({ code: 'muddy' });
	}
	return warnings;
}
