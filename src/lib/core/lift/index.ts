export {
	activity,
	peroxidePercent,
	temperatureOf,
	type Application,
	type HeadFactors,
	type Placement,
	type Product,
	type Section
} from './application';
export {
	DEFAULT_LIMIT_MINUTES,
	PLACEMENTS,
	PRODUCT_STRENGTH,
	SCALP,
	SECTION_REACH,
	SPREAD
} from './constants';
export {
	liftCourse,
	readyWindow,
	spentMinute,
	type Course,
	type CourseMoment,
	type ReadyWindow
} from './course';
export { doseOf, plainDose } from './dose';
export { explainLift, type Cause } from './explain';
export { dyesOf, labOfFibre, levelOfFibre, lightenFibre, type DyeLayer, type Fibre } from './fibre';
export { levelInterval, quantile, type Spread } from './interval';
export { applyTo, predictLift, type LiftResult } from './predict';
export {
	doseToLevel,
	fibreOfReading,
	pigmentOnPath,
	type ArtificialColour,
	type HairReading
} from './start';
export { lightenStrand, strandPoints, type StrandPoint, type StrandZone } from './strand';
export { wearOf } from './wear';
