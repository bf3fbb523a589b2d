import { dequal as equal } from 'dequal/lite';
import { placeOnce, STAGING, usualRinse, type Staging, type StagingAdvice } from '../../core/work';
import type { BowlsPlan } from '../../schema/records';
import type { StagedWork } from '../visit/sectionEnds';
import { setSections } from './sections';

/** A head as it is staged, by which a lever is set. */
export interface StagedHead {
	readonly work: StagedWork;
	readonly staging: Pick<Staging, 'finish'>;
}

type Follow = (head: StagedHead, draft: BowlsPlan) => void;

/** Gives the later, the earlier or all sections another place. */
const placed =
	(how: Parameters<typeof placeOnce>[0], which: 'late' | 'early' | 'all'): Follow =>
	({ work: { sections } }, draft) => {
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
		const ends = staging.finish.map(({ rinseMinute }) => rinseMinute);
		draft.rinse = { mode: 'together', minute: Math.round(Math.max(...ends)) + 10 };
	},
	coverLate: placed('covered', 'late'),
	openEarly: placed('opened', 'early'),
	cap: placed('capped', 'all'),
	smallerHead: ({ work: { sections } }, draft) => {
		const last = sections.findLast(({ load }) => load !== undefined)!.section.id;
		setSections(
			draft,
			sections.map(({ section }) => (section.id === last ? { ...section, skip: true } : section))
		);
	}
};

/** Whether a tap brings a lever about. */
export const canFollow = ({ what }: Pick<StagingAdvice, 'what'>): boolean =>
	FOLLOW[what] !== undefined;

/**
 * What a lever changes of how a head is worked. The rinse that it was tried with is kept, or quicker hands would be rinsed
 * in another way than the one that was promised.
 * @returns nothing for one that no tap brings about
 */
export function leverChange(
	{ what }: Pick<StagingAdvice, 'what'>,
	head: StagedHead
): Partial<BowlsPlan> | undefined {
	const follow = FOLLOW[what];
	if (!follow) return undefined;
	const { bowls, workMinutes } = head.work;
	const draft = structuredClone(bowls);
	draft.rinse.mode ??= usualRinse(workMinutes);
	follow(head, draft);
	const changed = Object.entries(draft).filter(
		([field, value]) => !equal(value, bowls[field as keyof BowlsPlan])
	);
	return Object.fromEntries(changed);
}
