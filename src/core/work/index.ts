export { placeOnce, type StagingAdvice } from './advice';
export {
	asideStay,
	chairMinutes,
	serviceClock,
	tonerMinutes,
	type ClockAside,
	type ClockItem,
	type ClockRound,
	type ClockSubject,
	type ClockToner,
	type ServiceClock
} from './clock';
export { compareHeadsSteps, type HeadWay, type HeadWayResult } from './compare';
export { SERVICE_MINUTES, STAGING } from './constants';
export {
	ANGLES,
	mergeSections,
	moveSection,
	proposeSections,
	sectionLoads,
	splitSection,
	withFoils,
	type HeadSection,
	type SectionedHead,
	type SectionLoad
} from './headSections';
export {
	lateHead,
	stageHead,
	stageHeadSteps,
	workEnd,
	type Delay,
	type HeadPass,
	type HeadStaging
} from './headStaging';
export { STRAND_PARTS, type BowlId, type SectionId, type StrandPart } from './ids';
export { inOrder, isHairline, ORDER_NAMES, ORDER_REASONS, type OrderName } from './orders';
export type { StagingProblem, StagingProblemFault, WorkSection } from './problem';
export { lastRinse, RINSE_MODES, rinseMinute, usualRinse, type RinseMode } from './rinse';
export {
	oneStrength,
	oneStrengthSteps,
	stageBowls,
	stageBowlsSteps,
	type Staging,
	type StagingAnswer
} from './staging';
export { usualFoils } from './usualFoils';
