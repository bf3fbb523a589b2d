import { demoDocuments } from '../store/demo/documents';
import { memoryStore } from '../store/documents';
import { keyOf } from '../model/identity';
import { Library } from '../store/library.svelte';
import { VisitSession } from './visitState.svelte';

/** The moment at which tests stand. */
export const NOW = new Date('2026-03-02T10:00:00Z');

/** Today's visit of a demo client, worked out in place. */
export async function openVisit(
	client: string
): Promise<{ readonly session: VisitSession; readonly library: Library }> {
	const documents = demoDocuments(NOW);
	const library = new Library(memoryStore(documents.map((d) => [keyOf(d), d])));
	await library.open();
	return { library, session: new VisitSession(library, `${client}-today`, () => NOW) };
}
