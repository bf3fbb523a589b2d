import type { VisitSession } from './visitState.svelte';

/** The hair of the head that is read or aimed at alike; no areas where it is the rest of the head. */
export const hairOfHead = (session: VisitSession) =>
	session.groups.map(({ area, areas }) => ({
		key: area ?? 'rest',
		areas: area === undefined ? [] : areas,
		view: session.hairOf(area)
	}));
