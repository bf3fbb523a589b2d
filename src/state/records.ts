import { createContext } from 'svelte';
import type { Salon } from '../store/open';
import type { Workspace } from '../store/workspace.svelte';

/** The workspace of the open salon, and which one that is. */
export interface OpenRecords {
	readonly workspace: Workspace;
	readonly salon: Salon;
}

export const [useRecords, provideRecords] = createContext<OpenRecords>();
