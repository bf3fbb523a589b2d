export {
	factorOf,
	fadePersonal,
	learn,
	personalWords,
	UNKNOWN_CLIENT,
	type Observation,
	type Personal
} from './personal';
export {
	intensityOfSwatch,
	ladderFromSwatches,
	modelLevel,
	salonLevel,
	type LadderAnswer,
	type LevelSwatch
} from './swatches';
export { usageOf, type UsageSeen } from './usage';
