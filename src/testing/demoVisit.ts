import { judgeAim } from '../core/plan/judge';
import { stageHead } from '../core/work/stageHead';
import { findToner } from '../core/toner';

import type { InPlace } from '../state/searches';
import { demoDocuments } from './demoDocuments';
import { isPast, OTHERS } from '../model/demo/past';
import { keyOf } from '../model/identity';
import { momentIn } from '../model/time';
import type { AnyDocument } from '../schema/records';
import { JournalledStore } from '../store/journalledStore';
import { memoryStore } from '../store/keyValue';
import { Workspace } from '../store/workspace.svelte';
import { VisitState, type VisitClock } from '../state/visitState.svelte';

/** The moment at which tests stand. */
export const NOW = new Date('2026-03-02T10:00:00Z');
export const MOMENT = momentIn(NOW, 'Etc/UTC');

/** Every search answered on the spot. */
export const SPOT = {
	findToner,
	judgeAim,
	stageHead: ({ head }) => stageHead(head)
} satisfies InPlace;

/** A clock that stands at a moment. */
export const standing = (at: Date = NOW, zone = 'Etc/UTC'): VisitClock => ({
	now: () => at,
	moment: () => momentIn(at, zone)
});

/** A workspace over documents in memory. */
export async function openMemory(documents: readonly AnyDocument[]): Promise<Workspace> {
	const store = new JournalledStore(
		memoryStore(documents.map((document) => [keyOf(document), document])),
		memoryStore(),
		memoryStore(),
		(work) => work()
	);
	const workspace = new Workspace(store, { now: () => NOW });
	await workspace.open();
	await workspace.readVisits([...workspace.cards.values()].map(({ id }) => id));
	return workspace;
}

/** Of the demo, today alone: those who are there, before anything was learned of heads and hands. */
const isToday = (document: AnyDocument): boolean =>
	document.kind === 'visit' ? !isPast(document) : OTHERS.every(({ id }) => id !== document.id);

/** Made once for all tests of a file: documents are never changed in place. */
let demo: AnyDocument[] | undefined;

/** Today's visit of a demo client, worked out in place. */
export async function openVisit(
	client: string,
	searches: InPlace = SPOT
): Promise<{ readonly session: VisitState; readonly workspace: Workspace }> {
	const workspace = await openMemory((demo ??= demoDocuments(MOMENT).filter(isToday)));
	return { workspace, session: new VisitState(workspace, `${client}-today`, standing(), searches) };
}

/** Puts a document in, as one step. */
export const put = (workspace: Workspace, document: AnyDocument): void => {
	workspace.transact('put', (draft) => draft.put(document));
};
