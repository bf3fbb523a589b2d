import { placeOnce, STAGING, usualRinse, type StagingAdvice } from '../core/work';
import { wayChange, type BowlWay } from '../model/visit/behindHelp';
import type { BowlsPlan } from '../schema/records';
import { setSections } from '../model/commands/sections';
import type { VisitState } from './visitState.svelte';

type Follow = (session: VisitState, draft: BowlsPlan) => void;

/** Gives the later, the earlier or all sections another place. */
const placed =
	(how: Parameters<typeof placeOnce>[0], which: 'late' | 'early' | 'all'): Follow =>
	(session, draft) => {
		const { sections } = session.bowls;
		const worked = sections.filter(({ load }) => load !== undefined);
		setSections(
			draft,
			sections.map(({ section, placement }) => {
				const at = worked.findIndex((one) => one.section.id === section.id);
				const meant = which === 'all' || at >= worked.length / 2 === (which === 'late');
				const place = placeOnce(how, placement);
				return meant && at >= 0 && place !== placement ? { ...section, placement: place } : section;
			})
		);
	};

/** What following an advice changes; that hands work faster no record can bring about. */
const FOLLOW: Partial<Record<StagingAdvice['what'], Follow>> = {
	secondPair: (_, draft) => (draft.hands = 2),
	lowerStart: (_, draft) => (draft.leastVolume = STAGING.lowStart),
	creamierLate: (_, draft) => (draft.ratioLever = true),
	rinseEarlyFirst: (_, draft) => (draft.rinse = { mode: 'backFirst' }),
	laterRinse: (session, draft) => {
		const ends = session.bowls.staging!.finish.map(({ rinseMinute }) => rinseMinute);
		draft.rinse = { mode: 'together', minute: Math.round(Math.max(...ends)) + 10 };
	},
	coverLate: placed('covered', 'late'),
	openEarly: placed('opened', 'early'),
	cap: placed('capped', 'all'),
	smallerHead: (session, draft) => {
		const { sections } = session.bowls;
		const last = sections.findLast(({ load }) => load !== undefined)!.section.id;
		setSections(
			draft,
			sections.map(({ section }) => (section.id === last ? { ...section, skip: true } : section))
		);
	}
};

export const canFollow = ({ what }: Pick<StagingAdvice, 'what'>): boolean =>
	FOLLOW[what] !== undefined;

/**
 * Does what an advice says. The rinse it was tried with is kept, or quicker hands would be rinsed in
 * another way than the one that was promised.
 */
export function follow(session: VisitState, { what }: Pick<StagingAdvice, 'what'>): void {
	session.change(`advice ${what}`, ({ bowls }) => {
		bowls.rinse.mode ??= usualRinse(session.bowls.workMinutes);
		FOLLOW[what]?.(session, bowls);
	});
}

/** Works the head in another way, with the rinse that it was tried with. */
export function followWay(session: VisitState, way: BowlWay): void {
	const work = session.bowls.stagedWork;
	session.change(`advice ${way.name}`, ({ bowls }) => {
		bowls.rinse.mode ??= usualRinse(work.workMinutes);
		Object.assign(bowls, wayChange(way, work));
	});
}
