import { redirect } from '@sveltejs/kit';
import { enterDemo } from '../../app/enterDemo';
import type { PageLoad } from './$types';

/** The demo's printed address: it goes on to the demo's day, or to the page that is asked for (`/demo?to=/ledger`). */
export const load: PageLoad = ({ url }) => {
	enterDemo();
	const to = url.searchParams.get('to') ?? '/';
	// Read as a browser reads it: a page of this application, and of no other.
	const asked = URL.canParse(to, url) ? new URL(to, url) : undefined;
	redirect(307, asked?.origin === url.origin ? asked.href : '/');
};
