import type { Visit } from '../../schema/records';
import { wayChange } from '../visit/behindHelp';
import type { Help } from '../visit/helps';
import { addAgain } from './again';
import { canFollow, leverChange, type StagedHead } from './lever';
import { takeToday } from './takePlan';

/** Whether a tap brings it about: that hands work faster no record can, and more visits are seen where they are planned. */
export const canDo = (help: Help): boolean =>
	help.kind === 'lever' ? canFollow(help.lever) : help.kind !== 'visits';

/** What doing it goes by in undo. */
export function helpLabel(help: Help): string {
	switch (help.kind) {
		case 'lever':
			return `advice ${help.lever.what}`;
		case 'way':
			return `advice ${help.way.name}`;
		case 'again':
			return 'once more on what lags';
		case 'plan':
			return 'Aim’s plan';
		case 'aim':
		case 'visits':
			return 'level';
	}
}

/** Does what would help, on the draft of the visit. @param head as it was staged when help was looked for */
export function takeHelp(draft: Visit, help: Help, head: StagedHead): void {
	switch (help.kind) {
		case 'lever':
			Object.assign(draft.bowls, leverChange(help.lever, head));
			break;
		case 'way':
			Object.assign(draft.bowls, wayChange(help.way, head.work));
			break;
		case 'again':
			addAgain(draft, help.again.step);
			break;
		case 'plan':
			takeToday(draft, help.plan);
			break;
		case 'aim':
			draft.aim.level = help.level;
			break;
		case 'visits':
	}
}
