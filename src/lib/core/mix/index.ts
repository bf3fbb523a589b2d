export { blendDeveloper, blendStrength, type Blend } from './blend';
export {
	consistencyOf,
	mixtureGrams,
	planBowls,
	splitByRatio,
	workMinutes,
	type Bowl,
	type BowlPlan,
	type Coverage,
	type Density
} from './bowls';
export { BOWL_LIFE_MINUTES, GRAMS_PER_OUNCE, USUAL_STOCK } from './constants';
