/// <reference types="@sveltejs/kit" />
import { build, files, prerendered, version } from '$service-worker';

const worker = self as unknown as ServiceWorkerGlobalScope;

/** Everything the application is made of, under the name of its version. */
const CACHE = `zelvant-${version}`;
const ASSETS = [...build, ...files, ...prerendered, '/'];

worker.addEventListener('install', (event) => {
	event.waitUntil(
		caches
			.open(CACHE)
			.then((cache) => cache.addAll(ASSETS))
			.then(() => worker.skipWaiting())
	);
});

/** Pages that were open before this version came still ask for parts of theirs: the last one stays. */
worker.addEventListener('activate', (event) => {
	event.waitUntil(
		caches
			.keys()
			.then((keys) => {
				const others = keys.filter((key) => key !== CACHE);
				return Promise.all(others.slice(0, -1).map((key) => caches.delete(key)));
			})
			.then(() => worker.clients.claim())
	);
});

worker.addEventListener('fetch', (event) => {
	const url = new URL(event.request.url);
	if (event.request.method !== 'GET' || url.origin !== location.origin) return;
	if (url.pathname.startsWith('/api/')) return;
	event.respondWith(answer(event.request, url));
});

/** Hashed files from the cache; pages from the network, and offline the application's one shell. */
async function answer(request: Request, url: URL): Promise<Response> {
	const cache = await caches.open(CACHE);
	if (ASSETS.includes(url.pathname) && url.pathname !== '/') {
		const kept = await cache.match(url.pathname);
		if (kept) return kept;
	} else if (url.pathname.includes('/immutable/')) {
		const earlier = await caches.match(url.pathname);
		if (earlier) return earlier;
	}
	try {
		return await fetch(request);
	} catch (error) {
		const shell = request.mode === 'navigate' ? await cache.match('/') : undefined;
		if (shell) return shell;
		throw error;
	}
}
