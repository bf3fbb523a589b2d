import { redirect } from '@sveltejs/kit';
import { enterDemo } from '../../app/enterDemo';
import type { PageLoad } from './$types';

/** The demo's printed address: it goes on to the demo's day. */
export const load: PageLoad = () => {
	enterDemo();
	redirect(307, '/');
};
