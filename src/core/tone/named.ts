import { hueOf, undertoneOf, undertoneSpan, type UndertoneName } from '../colour';
import { bisect } from '../numeric';
import { addDyes, type DyeAmounts, type DyeName } from './dyes';
import { rawLab, type RawHair } from './preview';

/** Far enough inside a name that nobody would call it by the next one, degrees of hue. */
const INSIDE = 0.5;
/** No warmth that hair shows is further than this much dye from the model's (search limit). */
const MOST = 4;

/**
 * The little dye by which hair shows the undertone that a person names and not the one of its own lift path:
 * warmth that old colour, minerals or this head leave and no level tells of. Level and name do not fix both
 * pigments, and at one depth pigments differ in hue by two degrees at most.
 * @returns nothing where the hair goes by that name already, or where it is no name of warmth
 */
export function dyesNamed(raw: RawHair, name: UndertoneName): DyeAmounts {
	const span = undertoneSpan(name);
	const lab = rawLab(raw);
	if (!span || undertoneOf(lab).name === name) return {};
	const hue = hueOf(lab);
	const yellower = hue < span.from || hue > 300;
	const dye: DyeName = yellower ? 'yellow' : 'red';
	const toward = yellower ? span.from + INSIDE : span.to - INSIDE;
	const warmer = (amount: number): RawHair => {
		const more = { [dye]: amount };
		return {
			...raw,
			dye: addDyes(raw.dye ?? {}, more),
			dyeOnWhite: raw.dyeOnWhite ?? raw.dye ?? {}
		};
	};
	const named = (amount: number): boolean => {
		const there = hueOf(rawLab(warmer(amount)));
		return yellower ? there >= toward && there < 300 : there <= toward || there > 300;
	};
	return named(MOST) ? { [dye]: bisect(named, 0, MOST, 1e-4) } : {};
}
