import { placeOnce, STAGING, usualRinse, type StagingAdvice } from '../core/work';
import type { Help } from '../model/visit/helps';
import type { BowlsPlan } from '../schema/records';
import { setSections } from '../model/commands/sections';
import type { BowlsView } from './bowlsView.svelte';

type Follow = (bowls: BowlsView, draft: BowlsPlan) => void;

/** Gives the later, the earlier or all sections another place. */
const placed =
	(how: Parameters<typeof placeOnce>[0], which: 'late' | 'early' | 'all'): Follow =>
	({ sections }, draft) => {
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
	laterRinse: ({ staging }, draft) => {
		const ends = staging!.finish.map(({ rinseMinute }) => rinseMinute);
		draft.rinse = { mode: 'together', minute: Math.round(Math.max(...ends)) + 10 };
	},
	coverLate: placed('covered', 'late'),
	openEarly: placed('opened', 'early'),
	cap: placed('capped', 'all'),
	smallerHead: ({ sections }, draft) => {
		const last = sections.findLast(({ load }) => load !== undefined)!.section.id;
		setSections(
			draft,
			sections.map(({ section }) => (section.id === last ? { ...section, skip: true } : section))
		);
	}
};

/**
 * What a lever changes of how a head is worked. The rinse that it was tried with is kept, or quicker hands would be rinsed
 * in another way than the one that was promised.
 * @returns nothing for one that no tap brings about
 */
export function leverChange(
	{ what }: Pick<StagingAdvice, 'what'>,
	bowls: BowlsView
): Partial<BowlsPlan> | undefined {
	const follow = FOLLOW[what];
	if (!follow) return undefined;
	const { bowls: plan, workMinutes } = bowls.stagedWork;
	const draft = structuredClone(plan);
	draft.rinse.mode ??= usualRinse(workMinutes);
	follow(bowls, draft);
	return draft;
}

/** Whether a tap brings it about: that hands work faster no record can, and more visits are seen where they are planned. */
export const canDo = (help: Help): boolean =>
	help.kind === 'lever' ? FOLLOW[help.lever.what] !== undefined : help.kind !== 'visits';
