import { redirect } from '@sveltejs/kit';
import type { PageLoad } from './$types';

/** A visit opens where it begins. */
export const load: PageLoad = ({ params }) => redirect(307, `/visit/${params.id}/read`);
