import { finish, type Steps } from '../steps';
import { passesOf, type HeadStaging } from './headStaging';
import { onePassSteps, stagePassesSteps, type StagingAnswer } from './staging';

/** A head to be staged, and whether to say what would help where the bowls alone do not. */
export interface HeadQuestion {
	readonly head: HeadStaging;
	readonly advise?: boolean | undefined;
}

/** Stages a head as it is to be worked: its parts, its rinse, in one strength or in several. */
export function* stageHeadSteps({ head, advise }: HeadQuestion): Steps<StagingAnswer> {
	if (head.passes.length === 0 || head.passes.some(({ sections }) => sections.length === 0)) {
		return { ok: false, problem: 'noSections' };
	}
	const passes = passesOf(head);
	// A packet that leaves when it is ready needs no other strength.
	if (!head.staged || head.rinse.mode === 'eachReady')
		return yield* onePassSteps(passes, head.volume);
	return yield* stagePassesSteps(passes, advise ?? false);
}

/**
 * {@link stageHeadSteps} without a pause.
 * @internal
 */
export const stageHead = (head: HeadStaging): StagingAnswer => finish(stageHeadSteps({ head }));
