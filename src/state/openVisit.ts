import { compute } from '../compute/browser';
import type { Library } from '../store/library.svelte';
import { VisitSession } from './visitState.svelte';

/** A visit on a page: its slow questions go to the page's worker. */
export const openVisit = (library: Library, id: string): VisitSession =>
	new VisitSession(library, id, undefined, compute);
