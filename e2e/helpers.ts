import { expect, type Locator, type Page } from '@playwright/test';
import axe from 'axe-core';
import { keepDemo, storedDemo } from './demoStore';

/**
 * Opens the demo salon afresh at its day, as its printed address does, or at another page. The first time it is made
 * as it is for a person; from then on it is there as that left it.
 */
export async function openDemo(page: Page, path = '/'): Promise<void> {
	const isThere = await storedDemo(page);
	if (isThere) await page.goto(path);
	else await page.goto(path === '/' ? '/demo' : `/demo?to=${path}`);
	await page.waitForURL(path);
	const heading = page.getByRole('heading', { level: 1 });
	if (path === '/') await expect(heading).toContainText('in the chair');
	// Opening it writes all of it down first.
	else await expect(page.getByRole('main')).toBeVisible();
	if (!isThere) await keepDemo(page);
}

/** Goes to a station by its link in the rail, and waits until it is open. */
export async function station(page: Page, name: string): Promise<void> {
	const link = page
		.getByRole('navigation', { name: 'Stations of the visit' })
		.getByRole('link', { name: new RegExp(`^\\d?\\s*${name}`) });
	const path = await link.getAttribute('href');
	await link.click();
	// Until then the one before still stands there, with controls of the same names.
	await page.waitForURL((url) => url.pathname === path);
}

/** The large answer of the station that is open. */
export const answer = (page: Page) => page.locator('.answer');

/** Opens the demo salon afresh at a station of somebody’s visit of today. */
export async function openStation(page: Page, client: string, name: string): Promise<void> {
	const path = (words: string) => words.toLowerCase().replaceAll(' ', '-');
	await openDemo(page, `/visit/${path(client)}-today/${path(name)}`);
}

/** Waits until the rail says that all is saved. */
export async function saved(page: Page): Promise<void> {
	await expect(page.getByText(/saved$/)).toHaveText(/(^|· )saved$/);
}

/** Opens a client of the demo from the day. */
export async function openClient(page: Page, name: string): Promise<void> {
	// The day's own row comes first; a test that is due may name the client again.
	await page
		.getByRole('link', { name: new RegExp(name) })
		.first()
		.click();
	await expect(page.getByRole('navigation', { name: 'Stations of the visit' })).toBeVisible();
}

/** Eight weeks later a client of the demo sits down again. */
export async function comeBack(page: Page, name: string): Promise<void> {
	await saved(page);
	await page.clock.setFixedTime(new Date(Date.now() + 56 * 24 * 3_600_000));
	await page.goto('/');
	await page.getByRole('button', { name: 'New visit' }).click();
	await page.getByLabel('Name').fill(name);
	await page.getByRole('button', { name: new RegExp(name) }).click();
}

/** Chooses from a list that opens under its field. */
export async function choose(field: Locator, option: string | RegExp): Promise<void> {
	await field.click();
	await field
		.page()
		.getByRole('option', { name: option, exact: typeof option === 'string' })
		.click();
}

/** Goes to an address as by a link: the application goes on, where an address that is typed would begin it anew. */
export async function follow(page: Page, address: string): Promise<void> {
	await page.evaluate((href) => {
		const title = document.querySelector('h1')!;
		title.dataset['left'] = '';
		const link = Object.assign(document.createElement('a'), { href });
		title.append(link);
		link.click();
		link.remove();
	}, address);
	await page.waitForURL(address);
	await expect(page.locator('h1[data-left]')).toHaveCount(0);
	await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

/** What is held about contrast: nine tenths of the time that looking at a page takes. */
const CONTRAST = 'color-contrast';

/**
 * Looks, as a number each, that were found to stand out well: a colour and size on its grounds. Shared by all pages of
 * a worker: what is drawn alike a hundred times, in either theme, is asked about once.
 */
const standOut = new Set<number>();

/** Marks up to three elements of each look on the page that is not known yet, since one may lie under another. */
const markNewLooks = (page: Page): Promise<void> =>
	page.evaluate(
		(known) => {
			const seen = new Set(known);
			const looks = new Map<Element, number>();
			/** What decides on how a text stands out: its own look and those of all that it lies in. */
			const lookOf = (element: Element): number => {
				const before = looks.get(element);
				if (before !== undefined) return before;
				const it = getComputedStyle(element);
				// What may not be used need not stand out.
				const off = element.matches(':disabled, [aria-disabled=true], [aria-hidden=true], label');
				const own = [
					...[it.color, it.backgroundColor, it.backgroundImage, it.opacity, it.textShadow],
					...[it.fontSize, it.fontWeight, it.position, it.zIndex, it.filter, it.mixBlendMode, off]
				];
				let look = element.parentElement ? lookOf(element.parentElement) : 5381;
				for (const sign of own.join('|')) look = (Math.imul(look, 33) ^ sign.codePointAt(0)!) >>> 0;
				looks.set(element, look);
				return look;
			};
			for (const { dataset } of document.querySelectorAll<HTMLElement>('[data-look]'))
				delete dataset['look'];
			const alike = new Map<number, HTMLElement[]>();
			for (const element of document.body.querySelectorAll<HTMLElement>('*')) {
				const words = [...element.childNodes].filter(({ nodeType }) => nodeType === Node.TEXT_NODE);
				const hasWords = words.some(({ nodeValue }) => nodeValue!.trim() !== '');
				if (!hasWords && !element.matches('input, textarea, select')) continue;
				if (!element.checkVisibility()) continue;
				const look = lookOf(element);
				if (seen.has(look)) continue;
				alike.set(look, [...(alike.get(look) ?? []), element]);
			}
			for (const [look, all] of alike)
				for (const element of [all[0]!, all[all.length >> 1]!, all.at(-1)!])
					element.dataset['look'] = String(look);
		},
		[...standOut]
	);

interface Looks {
	readonly listOpen?: boolean;
	readonly only?: 'all' | 'colours';
}

/** No fault that axe can find on the page as it is. */
export async function accessible(
	page: Page,
	{ listOpen = false, only = 'all' }: Looks = {}
): Promise<void> {
	// A page that was looked at before has it still.
	if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
	await markNewLooks(page);
	const { faults, passed } = await page.evaluate(
		async ([contrast, listOpen, only]) => {
			const { axe: looker } = window as unknown as { axe: typeof axe };
			// What would have to be fetched is our own.
			const usual: axe.RunOptions = { preload: false, resultTypes: ['violations'] };
			const drawn = document.querySelector('[data-look]')
				? await looker.run('[data-look]', {
						...usual,
						runOnly: [contrast],
						resultTypes: ['violations', 'passes'],
						elementRef: true
					})
				: { violations: [], passes: [] };
			const rest = await looker.run(document, {
				...usual,
				// What holds needs no report: that takes half of the time.
				reporter: 'no-passes',
				...(only === 'colours'
					? { runOnly: ['link-in-text-block'] }
					: {
							rules: {
								[contrast]: { enabled: false },
								// A list that hangs over the page is tied to its field, and lies in no landmark.
								...(listOpen ? { region: { enabled: false } } : {})
							}
						})
			});
			const elements = drawn.passes.flatMap(({ nodes }) => nodes.map(({ element }) => element));
			const looks = elements.map((it) => it?.closest<HTMLElement>('[data-look]')?.dataset['look']);
			return {
				passed: looks.flatMap((look) => (look === undefined ? [] : [Number(look)])),
				faults: [...drawn.violations, ...rest.violations].map(
					({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`
				)
			};
		},
		[CONTRAST, listOpen, only] as const
	);
	expect(faults).toEqual([]);
	for (const look of passed) standOut.add(look);
}

/** The page is no wider than its window, once what is measured by its script is drawn anew. */
export async function noSidewaysScroll(page: Page): Promise<void> {
	await expect
		.poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth))
		.toBeLessThanOrEqual(0);
}

/** Hesper's day gets a second application, and her service begins; it goes on from Chair. */
export async function startTwoApplications(page: Page): Promise<void> {
	await openDemo(page, '/visit/hesper-oake-today/lift');
	await page.getByText('More than one application').click();
	await page
		.getByRole('button', { name: /^Then: / })
		.first()
		.click();
	await station(page, 'Chair');
	await page.locator('main').getByRole('button', { name: 'Start', exact: true }).click();
}

/** Says of everything whose clock nobody started that it was put on, or that it was left out, and records the visit. */
export async function wasIt(page: Page, said: 'it was put on' | 'left out'): Promise<void> {
	const asked = page.getByRole('alertdialog', { name: 'Was it put on?' });
	const record = asked.getByRole('button', { name: 'Record the visit' });
	await expect(record).toBeDisabled();
	for (const answer of await asked.getByRole('radio', { name: said }).all()) await answer.click();
	await record.click();
	await expect(asked).toBeHidden();
}

/** Exports everything from Records and gives the file's text. */
export async function exportAll(page: Page): Promise<string> {
	if (new URL(page.url()).pathname !== '/records') await page.goto('/records');
	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export everything' }).click();
	const download = await downloading;
	expect(download.suggestedFilename()).toMatch(/\.zelvant\.json$/);
	const stream = await download.createReadStream();
	let text = '';
	for await (const chunk of stream) text += String(chunk);
	return text;
}

/** Offers a file for import. */
export const importFile = (page: Page, text: string | Buffer, name = 'records.zelvant.json') =>
	page.getByLabel('File to import').setInputFiles({
		name,
		mimeType: 'application/json',
		buffer: Buffer.from(text)
	});

/** A visit of the demo as it is stored, as text. */
export const recordOf = (page: Page, id: string): Promise<string> =>
	page.evaluate(
		(key) =>
			new Promise<string>((resolve, reject) => {
				const opening = indexedDB.open('zelvant-demo');
				opening.onerror = () => reject(new Error('the demo does not open'));
				opening.onsuccess = () => {
					const asked = opening.result
						.transaction('documents')
						.objectStore('documents')
						.get(key) as IDBRequest<unknown>;
					asked.onsuccess = () => resolve(JSON.stringify(asked.result));
				};
			}),
		`visit:${id}`
	);
