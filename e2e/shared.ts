import { test as base, type BrowserContext } from '@playwright/test';

/** A window that a worker's tests open their pages in, one after the other. */
interface Room {
	readonly context: BrowserContext;
	/** Nothing that a test left is there for the next. */
	readonly clear: () => Promise<void>;
}

/**
 * Tests whose pages share what a browser keeps of scripts: fetched and compiled once a worker and not once a test,
 * which took longer than most tests. What an application keeps (databases, storage) is cleared between them.
 * Tests that set the clock, permissions, a zone, or the network of their window are {@link alone} in it.
 */
export const test = base.extend<object, { room: Room }>({
	room: [
		async ({ browser }, use, { project }) => {
			const { baseURL, viewport, colorScheme, serviceWorkers, contextOptions } = project.use;
			const context = await browser.newContext({
				...contextOptions,
				...(baseURL === undefined ? {} : { baseURL }),
				...(viewport === undefined ? {} : { viewport }),
				...(colorScheme === undefined ? {} : { colorScheme }),
				...(serviceWorkers === undefined ? {} : { serviceWorkers })
			});
			const keeper = await context.newPage();
			await keeper.goto('/api/health');
			const devtools = await context.newCDPSession(keeper);
			const clear = async () => {
				await devtools.send('Storage.clearDataForOrigin', {
					origin: new URL(baseURL!).origin,
					storageTypes: 'indexeddb,local_storage,cache_storage,cookies'
				});
			};
			await use({ context, clear });
			await context.close();
		},
		{ scope: 'worker' }
	],
	context: async ({ room }, use) => {
		await use(room.context);
	},
	page: async ({ room }, use) => {
		await room.clear();
		const page = await room.context.newPage();
		await use(page);
		await page.close();
	}
});

/** A test in a window of its own. */
export const alone = base;

export { expect, type Locator, type Page } from '@playwright/test';
