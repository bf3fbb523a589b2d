import { madePast } from '../../../model/demo/madePast';

/** Made up while building: it is a file then, and nobody waits for it. */
export const prerender = true;

export const GET = (): Response =>
	new Response(madePast(), { headers: { 'content-type': 'application/json' } });
