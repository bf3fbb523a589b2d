import type { Page } from '@playwright/test';

/** The demo's databases as they are once it was opened: opening it anew takes a second of the processor each time. */
interface Stored {
	/** The day where the page stands, on which it was made: the demo is told from today. */
	readonly day: string;
	/** As JSON: between a test and its page a text is handed over in a tenth of the time of what it tells. */
	readonly databases: string;
}

/** A database as it is told. */
interface Told {
	readonly name: string;
	readonly version: number;
	readonly stores: readonly {
		readonly name: string;
		readonly entries: readonly (readonly [IDBValidKey, unknown])[];
	}[];
}

/** Of this worker; the first test that opens the demo makes it as a person does. */
let stored: Stored | undefined;

/** A page of our own origin without any of the application on it. */
const BLANK = '/api/health';

/** What is in the databases of the demo now, but for pictures, which are not told as JSON: then nothing is kept. */
async function dump(page: Page): Promise<Stored | undefined> {
	return page.evaluate(async () => {
		const asked = <T>(request: IDBRequest<T>) =>
			new Promise<T>((resolve, reject) => {
				request.onsuccess = () => resolve(request.result);
				request.onerror = () => reject(new Error(String(request.error)));
			});
		let plain = true;
		const databases = [];
		for (const { name = '', version = 1 } of await indexedDB.databases()) {
			if (!name.startsWith('zelvant-demo')) continue;
			const database = await asked(indexedDB.open(name));
			const stores = [];
			for (const store of database.objectStoreNames) {
				const at = database.transaction(store).objectStore(store);
				const [keys, values] = await Promise.all([asked(at.getAllKeys()), asked(at.getAll())]);
				const hasBlob = (value: unknown): boolean =>
					value instanceof Blob ||
					(typeof value === 'object' && value !== null && Object.values(value).some(hasBlob));
				plain &&= !values.some(hasBlob);
				stores.push({
					name: store,
					entries: keys.map((key, i) => [key, values[i] as unknown] as const)
				});
			}
			database.close();
			databases.push({ name, version, stores });
		}
		const day = new Date().toDateString();
		return plain ? { day, databases: JSON.stringify(databases) } : undefined;
	});
}

/** Writes the demo into the databases of this page, as it was stored. */
async function restore(page: Page, from: Stored): Promise<void> {
	await page.evaluate(async (text) => {
		for (const { name, version, stores } of JSON.parse(text) as Told[]) {
			const opening = indexedDB.open(name, version);
			opening.onupgradeneeded = () => {
				for (const store of stores) opening.result.createObjectStore(store.name);
			};
			await new Promise((resolve, reject) => {
				opening.onerror = reject;
				opening.onsuccess = () => {
					const database = opening.result;
					const writing = database.transaction(
						stores.map((store) => store.name),
						'readwrite'
					);
					for (const store of stores)
						for (const [key, value] of store.entries)
							writing.objectStore(store.name).put(value, key);
					writing.onerror = reject;
					writing.oncomplete = () => {
						database.close();
						resolve(undefined);
					};
				};
			});
		}
		sessionStorage.setItem('zelvant.salon', 'demo');
	}, from.databases);
}

/** Keeps the demo that a page has just opened, for the tests that come after. */
export async function keepDemo(page: Page): Promise<void> {
	stored ??= await dump(page);
}

/**
 * Puts the demo that was kept before into this page's databases.
 * @returns false where there is none for the day that this page has: it is opened as a person does
 */
export async function storedDemo(page: Page): Promise<boolean> {
	if (!stored) return false;
	await page.goto(BLANK);
	const isToday = await page.evaluate((day) => new Date().toDateString() === day, stored.day);
	if (!isToday) return false;
	await restore(page, stored);
	return true;
}
