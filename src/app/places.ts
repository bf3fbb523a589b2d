/** The places outside a visit, each with what is found there. */
export const PLACES = [
	{ href: '/', name: 'Day', line: 'who is in the chair' },
	{ href: '/clients', name: 'Clients', line: 'heads and what they did' },
	{ href: '/ledger', name: 'Ledger', line: 'every formula, and what it did' },
	{ href: '/shelf', name: 'Shelf', line: 'lines, keys, developers' },
	{ href: '/bench', name: 'Bench', line: 'strands to try it on' },
	{ href: '/practice', name: 'Practice', line: 'heads that forgive' },
	{ href: '/records', name: 'Records', line: 'files, demo, look' }
] as const;
