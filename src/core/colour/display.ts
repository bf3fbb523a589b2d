import {
	clampGamut,
	converter,
	differenceCiede2000,
	formatHex,
	modeLab65,
	modeRgb,
	useMode,
	type Rgb
} from 'culori/fn';
import type { Lab } from './lab';

useMode(modeRgb);
useMode(modeLab65);
const toRgb = converter('rgb');
const clamp = clampGamut('rgb');
const ciede2000 = differenceCiede2000();

const asCulori = ({ l, a, b }: Lab) => ({ mode: 'lab65', l, a, b }) as const;

/** sRGB components 0-1, clipped to what a screen can show. */
export function rgbOf(lab: Lab): [r: number, g: number, b: number] {
	const { r, g, b } = clamp(toRgb(asCulori(lab))) as Rgb;
	return [r, g, b];
}

/** `#rrggbb` in sRGB, clipped to what a screen can show. */
export const hexOf = (lab: Lab): string => formatHex(clamp(toRgb(asCulori(lab))) as Rgb);

/** Colour difference CIEDE2000 of two D65 colours; about 1 is just visible, 4 is plain to see. */
export const deltaE = (one: Lab, other: Lab): number => ciede2000(asCulori(one), asCulori(other));
