import {
	converter,
	filterDeficiencyDeuter,
	filterDeficiencyProt,
	filterDeficiencyTrit,
	modeLab65,
	modeLrgb,
	modeRgb,
	useMode
} from 'culori/fn';
import type { DEFICIENCIES } from '../vocabulary';
import { rgbOf } from './display';
import type { Lab } from './lab';

useMode(modeRgb);
useMode(modeLrgb);
useMode(modeLab65);
const toLinear = converter('lrgb');
const toRgb = converter('rgb');
const toLab = converter('lab65');

/** How eyes see fewer colours: without the long, the middle or the short cones. */
export type Deficiency = (typeof DEFICIENCIES)[number];

const FILTERS = {
	protan: filterDeficiencyProt(1),
	deutan: filterDeficiencyDeuter(1),
	tritan: filterDeficiencyTrit(1)
} as const;
const clip = (value: number): number => Math.min(1, Math.max(0, value));

/**
 * A colour as an eye without one kind of cones sees it, by Machado, Oliveira and Fernandes 2009, in linear light.
 */
export function seenWithout(lab: Lab, deficiency: Deficiency): Lab {
	const [r, g, b] = rgbOf(lab);
	const linear = toLinear({ mode: 'rgb', r, g, b });
	const seen = FILTERS[deficiency]({ mode: 'rgb', r: linear.r, g: linear.g, b: linear.b });
	const rgb = toRgb({ mode: 'lrgb', r: clip(seen.r), g: clip(seen.g), b: clip(seen.b) });
	const { l, a, b: yellow } = toLab(rgb);
	return { l, a, b: yellow };
}
