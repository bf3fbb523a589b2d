import { usualRinse } from '../core/work';
import { wayChange } from '../model/visit/behindHelp';
import type { Help } from '../model/visit/helps';
import type { BowlsPlan, Visit } from '../schema/records';
import { addAgain } from '../model/commands/again';
import { takeToday } from '../model/commands/takePlan';
import { leverChange } from './leverChange';
import type { VerdictView } from './verdictView.svelte';
import type { VisitState } from './visitState.svelte';

/** Does what would help, to the day that was judged: where nobody has set it, Aim’s plan is taken with it. */
export function doHelp(session: VisitState, { bowls, settleDay }: VerdictView, help: Help): void {
	const work = bowls.stagedWork;
	const change = (label: string, recipe: (draft: Visit) => unknown): void =>
		session.change(label, (draft) => {
			settleDay(draft);
			recipe(draft);
		});
	const worked = (name: string, recipe: (draft: BowlsPlan) => unknown): void =>
		change(`advice ${name}`, (draft) => {
			draft.bowls.rinse.mode ??= usualRinse(work.workMinutes);
			recipe(draft.bowls);
		});
	switch (help.kind) {
		case 'lever':
			worked(help.lever.what, (draft) => Object.assign(draft, leverChange(help.lever, bowls)));
			return;
		case 'way':
			worked(help.way.name, (draft) => Object.assign(draft, wayChange(help.way, work)));
			return;
		case 'again':
			change('once more on what lags', (draft) => addAgain(draft, help.again.step));
			return;
		case 'plan':
			change('Aim’s plan', (draft) => takeToday(draft, help.plan));
			return;
		case 'aim':
			session.changeWholeAim('level', (aim) => (aim.level = help.level));
			return;
		case 'visits':
			return;
	}
}
