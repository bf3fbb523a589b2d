export {
	sparesDye,
	type Application,
	type HeadFactors,
	type Placement,
	type Product,
	type SecondLightener,
	type Section
} from './application';
export { DEFAULT_LIMIT_MINUTES, SCALP, SECTION_REACH, SPREAD, STARTS_AT } from './constants';
export {
	liftCourse,
	readyWindow,
	spentMinute,
	type Course,
	type CourseMoment,
	type ReadyWindow
} from './course';
export { minutesForDose } from './dose';
export { explainLift, type Cause } from './explain';
export {
	dyesOf,
	isDarkColour,
	labOfFibre,
	levelOfFibre,
	lightenFibre,
	WHITE_FIBRE,
	type Fibre
} from './fibre';
export { findBands, type Band, type BandCause } from './bands';
export { type AreaName, type LiftEvent, type Mixture } from './events';
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
export { headInterval, readyInterval, type Range } from './headInterval';
export { eventsAt, strandFromHistory, type StrandFromHistory } from './history';
export type { HeadHistory, HistoryEvent } from './past';
export {
	drawnReach,
	heatFactor,
	learnedSpread,
	levelInterval,
	misread,
	misremembered,
	placeSdOf,
	seenBand,
	undertoneInterval,
	type Spread
} from './interval';
export {
	applyTo,
	furtherApplications,
	predictLift,
	type FurtherApplication,
	type LiftResult
} from './predict';
export { readyTimes, type ReadyZone, type ZoneReady } from './ready';
export { doseToLevel, fibreOfReading, pigmentOnPath, startOfReading } from './start';
export { whatWouldTake, type DialAnswer } from './whatWouldTake';
export { readiness, type Readiness } from './readiness';
export { seenHair } from './seen';
