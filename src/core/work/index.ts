export { placeOnce, type StagingAdvice } from './advice';
export { byGravity, callsOf, type CallKind } from './calls';
export {
	asideStay,
	chairMinutes,
	finishMinutes,
	serviceClock,
	tonerMinutes,
	type ClockAside,
	type ClockItem,
	type ClockRound,
	type ClockToner,
	type ServiceClock
} from './clock';
export { compareHeadsSteps, type HeadWay, type HeadWayResult } from './compare';
export { CHECK, HAND_PACES, SERVICE_MINUTES, STAGING } from './constants';
export {
	mergeSections,
	proposeSections,
	sectionLoads,
	splitSection,
	withFoils,
	type HeadSection,
	type LoadedSection,
	type SectionedHead,
	type SectionLoad
} from './headSections';
export { lainOn, type Lain } from './lain';
export { lateHead, workEnd, type Delay, type HeadPass, type HeadStaging } from './headStaging';
export { type BowlId, type SectionId, type StrandPart } from './ids';
export { inOrder, isHairline, ordersOf, type OrderName } from './orders';
export type { StagingProblemFault, WorkSection } from './problem';
export {
	lastRinse,
	rinseSteps,
	USUAL_BLOCKS,
	usualRinse,
	type RinseMode,
	type RinseStep
} from './rinse';
export {
	oneStrengthSteps,
	stageBowlsSteps,
	type SectionFinish,
	type Staging,
	type StagingAnswer
} from './staging';
export { consequencesOf, type Consequence } from './consequences';
export { headRate, isSeenReady, type HeadRate, type SectionCheck } from './headRate';
export { isOnForgotten, type NextAct } from './nextActs';
export { type TapAct } from './onHead';
export { processCall, type Process, type ProcessCall, type ProcessName } from './processCall';
export { runningHead, type RunningHead } from './running';
export { isLying, type RunningSection, type SectionState } from './runningSection';
export { sectionCourse } from './sectionCourse';
export { shiftsOf, type Shift } from './shifts';
export { stageHeadSteps } from './stageHead';
export { usualFoils } from './usualFoils';
export {
	PART_KINDS,
	partShare,
	partSpan,
	partStartsAtMm,
	usualPart,
	type WorkedPart,
	type WorkedPartName
} from './workedPart';
