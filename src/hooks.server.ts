import { json, type Handle } from '@sveltejs/kit';
import type { Problems } from './schema/api';

/** What every answer says beside its content policy: nothing is guessed, framed, told on or asked for. */
const HEADERS = {
	'X-Content-Type-Options': 'nosniff',
	'X-Frame-Options': 'DENY',
	'Referrer-Policy': 'no-referrer',
	'Permissions-Policy': 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()',
	'Cross-Origin-Opener-Policy': 'same-origin',
	'Cross-Origin-Resource-Policy': 'same-origin'
} as const;
/** Pages have a policy of their own; what is no page may load nothing. */
const NO_PAGE = "default-src 'none'; frame-ancestors 'none'; form-action 'none'; base-uri 'none'";

const WORDS: Readonly<Record<number, { readonly problem: string; readonly message: string }>> = {
	404: {
		problem: 'not_found',
		message: 'There is nothing at this address; GET /api/schema lists the routes.'
	},
	405: {
		problem: 'method',
		message: 'This address does not take that method; GET /api/schema lists the routes.'
	},
	413: { problem: 'too_large', message: 'The request is over 256 kB; send less.' }
};
const FAILED = {
	problem: 'failed',
	message: 'This could not be worked out; nothing was kept. Try again.'
};

/** Every refusal under /api is JSON of one shape, whoever refused. */
function inJson(response: Response): Response {
	const isJson = response.headers.get('content-type')?.includes('application/json') === true;
	if (response.status < 400 || (isJson && response.headers.has(TOLD))) return response;
	const { problem, message } = WORDS[response.status] ?? FAILED;
	const problems: Problems = { problems: [{ problem, path: '', message }] };
	const allow = response.headers.get('allow');
	return json(problems, { status: response.status, ...(allow ? { headers: { allow } } : {}) });
}
/** The mark of a refusal that an endpoint told itself. */
const TOLD = 'x-zelvant-told';

export const handle: Handle = async ({ event, resolve }) => {
	const answered = await resolve(event);
	const response = event.url.pathname.startsWith('/api/') ? inJson(answered) : answered;
	response.headers.delete(TOLD);
	for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
	if (!response.headers.has('Content-Security-Policy')) {
		response.headers.set('Content-Security-Policy', NO_PAGE);
	}
	return response;
};
