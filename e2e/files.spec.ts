import { alone, expect, test } from './shared';
import {
	accessible,
	exportAll,
	importFile,
	openClient,
	openDemo,
	openStation,
	saved
} from './helpers';

// As a person has it: the application is kept on the device.
alone.use({ serviceWorkers: 'allow' });

interface File {
	documents: Record<string, unknown>[];
}
const parse = (text: string) => JSON.parse(text) as File;

test('export, wipe, import: equal', async ({ page }) => {
	await openStation(page, 'Hesper Oake', 'Read');
	await page.getByRole('radio', { name: /^4 medium brown/ }).click();
	await saved(page);
	const before = await exportAll(page);
	const count = parse(before).documents.length;
	await page.getByRole('button', { name: 'Clear the demo' }).click();
	await expect(page.getByText('The demo is cleared.')).toBeVisible();
	await page.goto('/clients');
	await expect(page.getByRole('heading', { name: '0 clients' })).toBeVisible();
	await page.goto('/records');
	await importFile(page, before);
	const preview = page.getByRole('region', { name: /would do/ });
	await expect(preview).toContainText(new RegExp(`${count - 1}\\s*added`));
	await expect(preview).toContainText(/0\s*refused/);
	await preview.getByRole('button', { name: 'Import these' }).click();
	await expect(page.getByText(`${count - 1} added, 1 changed`)).toBeVisible();
	expect(parse(await exportAll(page)).documents).toEqual(parse(before).documents);
});

test('an import shows what it would change before it does anything, and can be undone', async ({
	page
}) => {
	await openDemo(page, '/records');
	const file = parse(await exportAll(page));
	const clients = file.documents.filter(({ kind }) => kind === 'client').length;
	const anneke = file.documents.find(({ id }) => id === 'anneke-rill')!;
	anneke['note'] = 'now every thirteen';
	file.documents.push({ ...anneke, id: 'someone-new', name: 'Perrin Ashgrove' });
	file.documents.push({ ...anneke, id: 'broken', name: 12 });
	await importFile(page, JSON.stringify(file));
	const preview = page.getByRole('region', { name: /would do/ });
	await expect(preview).toContainText('Perrin Ashgrove');
	await expect(preview).toContainText('changed: Anneke Rill');
	await expect(preview).toContainText(/1\s*refused/);
	await preview.getByRole('button', { name: 'Import these' }).click();
	await page.getByRole('button', { name: 'Undo' }).click();
	await page.goto('/clients');
	await expect(page.getByRole('heading', { name: `${clients} clients` })).toBeVisible();
});

test('of a file only what is wanted is taken in; whoever leaves finds it waiting', async ({
	page
}) => {
	await openDemo(page, '/records');
	const file = parse(await exportAll(page));
	const anneke = file.documents.find(({ id }) => id === 'anneke-rill')!;
	anneke['note'] = 'from the file';
	const shelf = file.documents.find(({ kind }) => kind === 'shelf')!;
	shelf['lightenerName'] = 'Another powder';
	await importFile(page, JSON.stringify(file));
	const preview = page.getByRole('region', { name: /would do/ });
	await expect(preview).toContainText(/2\s*changed/);
	await preview.getByRole('button', { name: 'the shelf' }).click();
	await expect(preview).toContainText(/1\s*changed: Anneke Rill/);
	await page.getByRole('link', { name: /^Day/ }).click();
	await page.getByRole('link', { name: /^Records/ }).click();
	await expect(preview).toContainText(/1\s*changed: Anneke Rill/);
	await accessible(page);
	for (const name of ['clients', 'visits']) await preview.getByRole('button', { name }).click();
	await expect(preview.getByRole('button', { name: 'Nothing to import' })).toBeDisabled();
	await preview.getByRole('button', { name: 'clients' }).click();
	await preview.getByRole('button', { name: 'Import these' }).click();
	await expect(page.getByText('0 added, 1 changed.')).toBeVisible();
	await page.goto('/clients/anneke-rill');
	await expect(page.getByLabel('Note')).toHaveValue('from the file');
	await page.goto('/shelf/salon');
	await expect(page.getByLabel('Lightener’s name')).toHaveValue('Saltmarsh');
});

test('whoever leaves while records come in is asked first, and may stay', async ({ page }) => {
	await openDemo(page, '/records');
	const file = parse(await exportAll(page));
	const anneke = file.documents.find(({ id }) => id === 'anneke-rill')!;
	anneke['note'] = 'from the file';
	await saved(page);
	await importFile(page, JSON.stringify(file));
	// Another window is writing, and takes its time.
	await page.evaluate(
		() =>
			new Promise<void>((locked) => {
				void navigator.locks.request('zelvant-demo', () => {
					locked();
					return new Promise<void>((done) => addEventListener('other-window-done', () => done()));
				});
			})
	);
	await page.getByRole('button', { name: 'Import these' }).click();
	await expect(page.getByText('Taking them in…')).toBeVisible();
	const asked = page.waitForEvent('dialog');
	const left = page.evaluate(() => location.reload());
	const dialog = await asked;
	expect(dialog.type()).toBe('beforeunload');
	await dialog.dismiss();
	await left;
	await page.evaluate(() => dispatchEvent(new Event('other-window-done')));
	await expect(page.getByText('0 added, 1 changed.')).toBeVisible();
	await page.goto('/clients/anneke-rill');
	await expect(page.getByLabel('Note')).toHaveValue('from the file');
});

const bad: [name: string, content: string | Buffer, says: RegExp][] = [
	['damaged', '{"format":"zelvant-records","version":1,"docu', /cut off or damaged/],
	['foreign', '{"hello":"there"}', /not a file of Zelvant records/],
	['a picture', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 3]), /cut off or damaged/],
	['empty', '', /cut off or damaged/],
	['newer', '{"format":"zelvant-records","version":7,"documents":[]}', /newer Zelvant/],
	['huge', Buffer.alloc(50 * 1024 * 1024 + 1, 0x20), /over 50 MB/]
];
for (const [name, content, says] of bad) {
	test(`a file that is ${name}: a clear message, nothing changed`, async ({ page }) => {
		await openDemo(page, '/records');
		const before = await exportAll(page);
		if (name === 'huge') {
			// Playwright hands over at most 50 MB, so this one is made in the page.
			await page.getByLabel('File to import').evaluate((input: HTMLInputElement) => {
				const transfer = new DataTransfer();
				transfer.items.add(new File([new Uint8Array(50 * 1024 * 1024 + 1)], 'huge.json'));
				input.files = transfer.files;
				input.dispatchEvent(new Event('change', { bubbles: true }));
			});
		} else await importFile(page, content);
		await expect(page.getByRole('alert')).toContainText(says);
		await expect(page.getByRole('alert')).toContainText('Nothing was changed');
		expect(parse(await exportAll(page)).documents).toEqual(parse(before).documents);
	});
}

test('one client leaves alone, and comes back after being removed', async ({ page }) => {
	await openDemo(page, '/clients/yusra-halden');
	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export' }).click();
	expect((await downloading).suggestedFilename()).toMatch(/^yusra-halden-.*\.zelvant\.json$/);
	await page.getByRole('button', { name: 'More', exact: true }).click();
	await page.getByRole('menuitem', { name: 'Remove client' }).click();
	await expect(page.getByRole('heading', { name: '50 clients' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('heading', { name: '51 clients' })).toBeVisible();
});

test('the demo never mixes with a person’s own records, and comes back as it was', async ({
	page
}) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'New visit' }).first().click();
	await page.getByLabel('Name').fill('Own Person');
	await page.getByRole('button', { name: 'New client, read the hair' }).click();
	await saved(page);
	await openDemo(page);
	await expect(page.getByText('Own Person')).toBeHidden();
	await page.goto('/records');
	await page.getByRole('button', { name: 'Clear the demo' }).click();
	await expect(page.getByText('The demo is cleared.')).toBeVisible();
	await page.getByRole('button', { name: 'Load the demo afresh' }).click();
	await expect(page.getByText('The demo is as it was.')).toBeVisible();
	await page.goto('/clients');
	await expect(page.getByRole('heading', { name: '51 clients' })).toBeVisible();
	await page.goto('/records');
	await page.getByRole('button', { name: 'Open my own records' }).click();
	await expect(page.getByText('Own Person').first()).toBeVisible();
	await expect(page.getByText('Hesper Oake')).toBeHidden();
});

test('storage that refuses to write: said plainly, nothing lost in the window, export still works', async ({
	page
}) => {
	await openDemo(page, '/clients/anneke-rill');
	await page.evaluate(() => {
		IDBObjectStore.prototype.put = () => {
			throw new DOMException('no room', 'QuotaExceededError');
		};
	});
	await page.getByLabel('Note').fill('written on a full disk');
	await expect(page.getByRole('alert')).toContainText('storage is full');
	await expect(page.getByLabel('Note')).toHaveValue('written on a full disk');
	const downloading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export', exact: true }).click();
	const stream = await (await downloading).createReadStream();
	let text = '';
	for await (const chunk of stream) text += String(chunk);
	expect(text).toContain('written on a full disk');
});

alone('two tabs agree', async ({ page, context }) => {
	await openDemo(page, '/clients/anneke-rill');
	const other = await context.newPage();
	await openDemo(other);
	await other.goto('/clients/anneke-rill');
	await expect(other.getByLabel('Note')).toHaveValue(/six weeks/);
	await page.getByLabel('Note').fill('seen in both');
	await expect(other.getByLabel('Note')).toHaveValue('seen in both');
});

alone('goes on without the server once it has been open', async ({ page, context }) => {
	await openDemo(page);
	await page.evaluate(async () => {
		await navigator.serviceWorker.ready;
	});
	await page.reload();
	await context.setOffline(true);
	await page.reload();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('in the chair');
	await openClient(page, 'Hesper Oake');
	await context.setOffline(false);
});
