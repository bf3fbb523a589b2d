export {
	conditionBand,
	conditionCauses,
	endsCondition,
	startingCondition,
	type ConditionBand,
	type Ends,
	type Feel,
	type Strain,
	type Strained,
	type Stretch
} from './condition';
export {
	GROWTH_CM_PER_MONTH,
	HISTORY_WEAR,
	TEXTURE_SPEED,
	TEXTURE_WEAR,
	WARMTH,
	WEEKS_PER_MONTH
} from './constants';
export { depthName, describeTone, formatLevel, onScale, type Treatment } from './describe';
export {
	eumelaninOfLevel,
	lightnessOfPigment,
	naturalPigment,
	pureBrown,
	type Pigment,
	type Warmth
} from './natural';
export { labOfMixture, labOfPigment } from './point';
export type Texture = 'fine' | 'medium' | 'coarse';
export type Porosity = 'low' | 'normal' | 'high';
export { pigmentOfLab } from './fromLab';
