export { abilityOf, acuityOf, MASTER_LEVELS, type Acuity } from './ability';
export { alikeFor } from './alike';
export { causeOfDrawn } from './lessons/chair';
export { underLight } from './light';
export { atLevel } from './lessons/sight';
export { makeQuestion, mattersOf } from './make';
export {
	judge,
	RUNGS,
	type Explained,
	type Judged,
	type Lesson,
	type LightName,
	type Question,
	type Rung,
	type ShownStrand,
	type SumKind
} from './question';
export {
	hiddenHead,
	TWELVE_HEADS,
	worked,
	type HiddenHead,
	type Part,
	type Stretch
} from './head/hidden';
export { mixtureNeeded, plannedMinutes } from './head/needs';
export { type Breach, type Outcome } from './head/outcome';
export { runReviewSteps, type Knowable, type Other, type ReviewItem } from './head/review';
export {
	ACT_MINUTES,
	doAct,
	endOfPiece,
	isLying,
	pieceAt,
	refusal,
	replay,
	type Act,
	type Piece,
	type Refusal,
	type RunState,
	type Told,
	type Topic
} from './head/run';
