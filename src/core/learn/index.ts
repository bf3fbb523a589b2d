export { ladderFromSwatches, usualLevel, type LadderAnswer } from './ladder';
export {
	factorOf,
	fadePersonal,
	learn,
	UNKNOWN_CLIENT,
	type Observation,
	type Personal
} from './personal';
export { handPaceOf } from './handPace';
export { usageOf } from './usage';
export { intensityOfSwatch } from './swatches';
