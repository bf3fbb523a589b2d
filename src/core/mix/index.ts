export { additiveDose } from './additive';
export { blendDeveloper, blendStrength, type Blend } from './blend';
export { planBowls, totalOf, type Bowl, type BowlPlan } from './bowls';
export {
	AREA_SHARE,
	BOWL_LIFE_MINUTES,
	DENSITY_GRAMS,
	GRAMS_PER_OUNCE,
	RESERVE,
	TONER_GRAMS,
	USUAL_STOCK
} from './constants';
export {
	mixtureGrams,
	partingCm,
	workMinutes,
	type Coverage,
	type Density,
	type Picking
} from './grams';
export { keepRatio, type Poured } from './keepRatio';
export { afterOverPour, pourState, toleranceOf, type PourState } from './pour';
export { consistencyOf, partsOf, ratioBound, ratioFault, type RatioFault } from './ratio';
export { stockLeft, type StockLeft } from './stock';
export { tonerGrams, type TonedHair } from './tonerGrams';
export { shareOut, splitByRatio, toStep } from './weigh';
