import { expect, test, type Page } from '@playwright/test';
import { openDemo, saved, station } from './helpers';

/** A browser that forbids a page one of its storages: whoever asks for it gets an error. */
const forbid = (page: Page, name: 'localStorage' | 'sessionStorage') =>
	page.addInitScript((what) => {
		Object.defineProperty(window, what, {
			configurable: true,
			get() {
				throw new DOMException('denied by the person', 'SecurityError');
			}
		});
	}, name);
const works = async (page: Page) => {
	await page.goto('/demo?to=/visit/hesper-oake-today/lift');
	await expect(
		page.getByRole('heading', { name: 'Where will it get to, and when?' })
	).toBeVisible();
	await station(page, 'Read');
	await page.getByRole('radio', { name: 'coarse', exact: true }).click();
	await saved(page);
	await page.reload();
	await expect(page.getByRole('radio', { name: 'coarse', exact: true })).toBeChecked();
};

for (const name of ['localStorage', 'sessionStorage'] as const) {
	test(`without ${name} all of it works, and what was entered is there after a reload`, async ({
		page
	}) => {
		await forbid(page, name);
		await works(page);
	});
}

test('without messages between windows one window works, and its records are kept', async ({
	page
}) => {
	await page.addInitScript(() => {
		delete (window as { BroadcastChannel?: unknown }).BroadcastChannel;
	});
	await works(page);
});

test('a storage that never answers is said, and one can work without records', async ({ page }) => {
	await page.addInitScript(() => {
		IDBFactory.prototype.open = () => new EventTarget() as IDBOpenDBRequest;
	});
	await page.goto('/');
	await expect(page.getByRole('alert')).toContainText('has not answered yet');
	await page.getByRole('button', { name: 'Work in this window only, without records' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});

/** What the browser asks whoever closes the page; it is always let go. */
function askedBy(page: Page): readonly string[] {
	const asked: string[] = [];
	page.on('dialog', (dialog) => {
		asked.push(dialog.type());
		void dialog.accept();
	});
	return asked;
}
/** From now on neither storage takes anything more. */
const fillBoth = (page: Page) =>
	page.evaluate(() => {
		const full = () => {
			throw new DOMException('full', 'QuotaExceededError');
		};
		Storage.prototype.setItem = full;
		IDBObjectStore.prototype.put = full;
	});

test('with both storages full whoever closes the tab is asked first; otherwise nobody is', async ({
	page
}) => {
	const asked = askedBy(page);
	await openDemo(page, '/visit/hesper-oake-today/read');
	await page.getByRole('radio', { name: 'medium', exact: true }).first().click();
	await saved(page);
	await page.reload();
	expect(asked).toEqual([]);
	await fillBoth(page);
	await page.getByRole('radio', { name: 'coarse', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('storage is full');
	await page.goto('/records');
	expect(asked).toEqual(['beforeunload']);
});

test('a form that nothing keeps is not called saved, and whoever closes the tab is asked first', async ({
	page
}) => {
	const asked = askedBy(page);
	await openDemo(page, '/shelf/salon');
	const name = page.getByRole('main').getByLabel('Lightener’s name');
	await name.fill('Saltmarsh white');
	await saved(page);
	// Though text storage is forgotten with all that stood in it, it is there again.
	await page.evaluate(() => {
		localStorage.clear();
	});
	await page.reload();
	await expect(name).toHaveValue('Saltmarsh white');
	expect(asked).toEqual([]);
	await fillBoth(page);
	await name.fill('Saltmarsh grey');
	await expect(page.getByText(/not saved yet$/)).toBeVisible();
	await page.goto('/records');
	expect(asked).toEqual(['beforeunload']);
});
