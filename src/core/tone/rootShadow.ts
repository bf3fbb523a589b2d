import { ROOT_SHADOW } from './constants';

/** Level of a root shadow: a little lighter than the hair grows, so that regrowth shows late. */
export const rootShadowLevel = (naturalLevel: number): number =>
	Math.min(12, naturalLevel + ROOT_SHADOW.lighterThanNatural);
