import type { Learner } from '../schema/records';
import type { Workspace } from '../store/workspace.svelte';

/** Who practises in this window: whoever was chosen, else whoever practised last. */
class Learning {
	chosen = $state<string>();

	learner(workspace: Pick<Workspace, 'learners'>): Learner | undefined {
		const chosen = workspace.learners.get(this.chosen ?? '');
		if (chosen) return chosen;
		return [...workspace.learners.values()].sort((p, q) =>
			q.updatedAt.localeCompare(p.updatedAt)
		)[0];
	}
	/** What another question is made from; whole, 0 to 2³¹ - 2. */
	seed = (): number => Math.floor(Math.random() * (2 ** 31 - 1));
}

export const learning = new Learning();
