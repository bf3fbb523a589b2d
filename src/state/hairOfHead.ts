import type { VisitState } from './visitState.svelte';

/** The hair of the head that is read or aimed at alike; no areas where it is the rest of the head. */
export const hairOfHead = (session: VisitState) =>
	session.groups.map(({ area, areas }) => ({
		key: area ?? 'rest',
		areas: area === undefined ? [] : areas,
		view: session.hairOf(area)
	}));
