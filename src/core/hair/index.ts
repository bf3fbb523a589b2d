export { conditionBand, conditionCauses, endsCondition, startingCondition } from './condition';
export {
	GROWTH_CM_PER_MONTH,
	HISTORY_WEAR,
	RESIDUE,
	TEXTURE_SPEED,
	TEXTURE_WEAR,
	WEEKS_PER_MONTH
} from './constants';
export {
	depthName,
	describeLift,
	describeTone,
	formatLevel,
	isLifted,
	inTenths,
	onScale,
	undertoneWord,
	type LiftedFrom
} from './describe';
export { CONDITION_FROM, LEAST_SEEN_STEP } from './constants';
export { fed, lightenPigment, rawLightness } from './lighten';
export { naturalPigment, pureBrown, type Pigment, type Warmth } from './natural';
export { labOfMixture, labOfPigment } from './point';
export type Texture = 'fine' | 'medium' | 'coarse';
export type Porosity = 'low' | 'normal' | 'high';
export { pigmentOfLab } from './fromLab';
