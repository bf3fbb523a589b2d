import type { ComputeClient } from '../compute/client';
import type { AimJudgement, AimProblem, TonerAnswer, TonerQuestion } from '../core/plan';
import type { HeadStaging, StagingAnswer } from '../core/work';

/** Searches that are answered on the spot, where there is no page and no worker: in tests. */
export interface InPlace {
	readonly findToner: (question: TonerQuestion) => TonerAnswer;
	readonly stageHead: (head: HeadStaging) => StagingAnswer;
	readonly judgeAim: (problem: AimProblem) => AimJudgement;
}

/** Whom a view asks what is too slow for a frame: the page's worker, or whoever answers on the spot. */
export type Searches = ComputeClient | InPlace;

export const workerOf = (searches: Searches): ComputeClient | undefined =>
	'run' in searches ? searches : undefined;
export const onTheSpot = (searches: Searches): InPlace | undefined =>
	'run' in searches ? undefined : searches;
