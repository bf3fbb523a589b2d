export {
	activity,
	peroxidePercent,
	sparesDye,
	temperatureOf,
	type Application,
	type HeadFactors,
	type Placement,
	type Product,
	type SecondLightener,
	type Section
} from './application';
export { DEFAULT_LIMIT_MINUTES, SCALP, SECTION_REACH, SPREAD } from './constants';
export {
	liftCourse,
	readyWindow,
	spentMinute,
	type Course,
	type CourseMoment,
	type ReadyWindow
} from './course';
export { doseOf, minutesForDose, plainDose } from './dose';
export { explainLift, type Cause } from './explain';
export {
	dyesOf,
	labOfFibre,
	levelOfFibre,
	lightenFibre,
	WHITE_FIBRE,
	type DyeLayer,
	type Fibre
} from './fibre';
export { BAND_LEVELS, bandWords, findBands, type Band, type BandCause } from './bands';
export { AREAS, type AreaName, type LiftEvent, type Mixture, type Reach } from './events';
export { headAt } from './head';
export { pointAt } from './point';
export { readyHead, type ReadyHead, type ReadyPoint } from './prepare';
export {
	evenPoints,
	type AreaNow,
	type HeadArea,
	type PointNow,
	type PointStart,
	type Remembered
} from './strand';
export { headInterval, readyInterval, type Range } from './headInterval';
export {
	eventsAt,
	strandFromHistory,
	type Disagreement,
	type StrandFromHistory,
	type StretchReading
} from './history';
export type { HeadHistory, HistoryEvent, Onto } from './past';
export {
	drawnReach,
	heatFactor,
	learnedSpread,
	levelInterval,
	misread,
	quantile,
	undertoneInterval,
	type Spread
} from './interval';
export { stratifiedNormals } from './quasi';
export {
	applyTo,
	furtherApplications,
	predictLift,
	predictTint,
	type FurtherApplication,
	type LiftResult,
	type TintStart
} from './predict';
export { readyTimes, type HeadReady, type ReadyZone, type ZoneReady } from './ready';
export {
	doseToLevel,
	fibreOfReading,
	pigmentOnPath,
	startOfReading,
	USUAL_WASHES,
	type ArtificialColour,
	type HairReading,
	type HairStart
} from './start';
export { wearOf } from './wear';
export { whatWouldTake, type DialAnswer, type DialLimits } from './whatWouldTake';
