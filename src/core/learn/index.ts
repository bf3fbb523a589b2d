export {
	factorOf,
	fadePersonal,
	learn,
	personalWords,
	UNKNOWN_CLIENT,
	type Observation,
	type Personal
} from './personal';
export { intensityOfSwatch, ladderFromSwatches, modelLevel, salonLevel } from './swatches';
export { usageOf } from './usage';
