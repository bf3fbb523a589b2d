export {
	conditionBand,
	conditionCauses,
	endsCondition,
	startingCondition,
	type Strain
} from './condition';
export {
	GROWTH_CM_PER_MONTH,
	HISTORY_WEAR,
	TEXTURE_SPEED,
	TEXTURE_WEAR,
	WARMTH,
	WEEKS_PER_MONTH
} from './constants';
export { depthName, describeTone, formatLevel, onScale } from './describe';
export { naturalPigment, pureBrown, type Pigment, type Warmth } from './natural';
export { labOfMixture, labOfPigment } from './point';
export type Texture = 'fine' | 'medium' | 'coarse';
export type Porosity = 'low' | 'normal' | 'high';
export { pigmentOfLab } from './fromLab';
