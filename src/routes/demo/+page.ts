import { redirect } from '@sveltejs/kit';
import { enterDemo } from '../../app/enterDemo';
import type { PageLoad } from './$types';

/** A page of this application, and of no other. */
const isOurs = (to: string): boolean => /^\/(?![/\\])/.test(to);

/** The demo's printed address: it goes on to the demo's day, or to the page that is asked for (`/demo?to=/ledger`). */
export const load: PageLoad = ({ url }) => {
	enterDemo();
	const to = url.searchParams.get('to') ?? '/';
	redirect(307, isOurs(to) ? to : '/');
};
