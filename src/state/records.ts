import { createContext } from 'svelte';
import type { Workspace } from '../store/browserStore';
import type { Library } from '../store/library.svelte';

/** The library of the open workspace, and which one that is. */
export interface OpenRecords {
	readonly library: Library;
	readonly workspace: Workspace;
}

export const [useRecords, provideRecords] = createContext<OpenRecords>();
