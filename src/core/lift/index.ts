export {
	activity,
	sparesDye,
	type Application,
	type HeadFactors,
	type Placement,
	type Product,
	type SecondLightener,
	type Section
} from './application';
export { DEFAULT_LIMIT_MINUTES, SCALP, SECTION_REACH, SPREAD } from './constants';
export { liftCourse, readyWindow, spentMinute, type Course, type ReadyWindow } from './course';
export { minutesForDose } from './dose';
export { explainLift, type Cause } from './explain';
export { dyesOf, labOfFibre, levelOfFibre, lightenFibre, WHITE_FIBRE, type Fibre } from './fibre';
export { bandWords, findBands, type Band } from './bands';
export { AREAS, type AreaName, type LiftEvent, type Mixture } from './events';
export { headAt } from './head';
export { pointAt } from './point';
export { readyHead, type ReadyHead, type ReadyPoint } from './prepare';
export {
	evenPoints,
	type HeadArea,
	type PointNow,
	type PointStart,
	type Remembered
} from './strand';
export { headInterval, type Range } from './headInterval';
export { eventsAt, strandFromHistory, type StrandFromHistory } from './history';
export type { HeadHistory, HistoryEvent } from './past';
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
export { readyTimes, type ZoneReady } from './ready';
export { doseToLevel, fibreOfReading, pigmentOnPath, startOfReading } from './start';
export { wearOf } from './wear';
export { whatWouldTake, type DialAnswer } from './whatWouldTake';
