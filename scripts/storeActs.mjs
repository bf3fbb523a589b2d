// What is done to the records until the browser dies (npm run store). Each act goes one way only, so that of two values
// the later one is known; `shown` is what the page shows of it, looked at together with the line that says it is saved.

const CLIENT = 'anneke-rill';
const VISIT = 'hesper-oake-today';
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const isSaved = (page) =>
	page
		.getByRole('status')
		.filter({ hasText: /· saved$/ })
		.waitFor();
const forever = () => new Promise(() => undefined);

/** Sends the salon’s form, and waits until the page says that nothing waits. */
async function keep(page) {
	await page.getByRole('button', { name: 'Keep it so' }).click();
	await page
		.getByRole('link', { name: /^Not sent/ })
		.first()
		.waitFor({ state: 'detached' });
}
/** The salon’s form as if nobody had ever typed into it. */
async function fresh(page) {
	const waiting = page.getByRole('button', { name: /^Discard / });
	if (await waiting.first().isVisible()) await waiting.first().click();
	await page.getByLabel('Lightener’s name').fill(`Begun ${Date.now()}`);
	await keep(page);
	await isSaved(page);
}

/** How many clients and visits a file brings that is imported: enough that writing them down takes a while. */
const IMPORTED = 150;

/** A file of many clients with a visit each, as an import takes it. */
function manyClients(documents, round) {
	const [client, visit] = [documents[`client:${CLIENT}`], documents[`visit:${CLIENT}-today`]];
	const made = Array.from({ length: IMPORTED }, (_, i) => {
		const id = `import-${round}-${i}`;
		return [
			{ ...client, id, name: `Import ${round} ${i}` },
			{ ...visit, id: `${id}-visit`, clientId: id }
		];
	}).flat();
	const exportedAt = new Date().toISOString();
	return JSON.stringify({ format: 'zelvant-records', version: 1, exportedAt, documents: made });
}

const clientsOf = (documents) =>
	Object.values(documents).filter(({ kind, id }) => kind === 'client' && !id.startsWith('import-'));

/**
 * Each act:
 *   path    the page it is done on
 *   before  what has to be there first
 *   shown   asked in the page: what it shows of the act as a number that only grows; left out, `work` tells it by `step`
 *   claim   asked in the page beside the line “saved”: what else has to stand there for this to be kept
 *   work    does it until the browser dies
 *   read    the same number from what is stored, or `half` when only a part of it is there
 *   afresh  whether the demo is loaded afresh after it: every round would open another salon
 *   within  ms after the first step within which the browser dies
 */
export const ACTS = {
	typing: {
		path: `/clients/${CLIENT}`,
		shown: () => document.querySelector('textarea')?.value.length,
		async before(page) {
			await page.getByLabel('Note').fill('');
			await isSaved(page);
		},
		async work(page) {
			const note = page.getByLabel('Note');
			for (;;) await note.pressSequentially('x', { delay: 10 });
		},
		read: (documents) => documents[`client:${CLIENT}`].note.length
	},
	dragging: {
		path: `/visit/${VISIT}/lift`,
		shown: () =>
			Number(
				document
					.querySelector('[role=slider][aria-label="Minutes on the hair"]')
					?.getAttribute('aria-valuenow')
			),
		async before(page) {
			await page.getByRole('slider', { name: 'Minutes on the hair' }).focus();
			await page.keyboard.press('Home');
			await isSaved(page);
		},
		async work(page) {
			const thumb = page.getByRole('slider', { name: 'Minutes on the hair' });
			const { x, y, width, height } = await thumb.boundingBox();
			const track = await thumb.evaluate((it) => {
				const { right } = it.parentElement.getBoundingClientRect();
				return right;
			});
			const [from, top] = [x + width / 2, y + height / 2];
			await page.mouse.move(from, top);
			await page.mouse.down();
			// Steadily to the right, for a good three seconds.
			for (let at = from; at < track; at += (track - from) / 180) {
				await page.mouse.move(at, top);
				await sleep(15);
			}
			await forever();
		},
		read: (documents) => documents[`visit:${VISIT}`].lift.minutes
	},
	undoing: {
		path: `/visit/${VISIT}/lift`,
		/** What was done is taken back step by step: fewer minutes are the later ones. */
		shown: () =>
			-Number(
				document
					.querySelector('[role=slider][aria-label="Minutes on the hair"]')
					?.getAttribute('aria-valuenow')
			),
		async before(page) {
			for (let i = 0; i < 12; i++) {
				await page.keyboard.press('.');
				// Each a step of its own: what follows at once is one gesture.
				await sleep(1100);
			}
			await isSaved(page);
		},
		async work(page) {
			for (;;) {
				await page.keyboard.press('Control+z');
				await sleep(180);
			}
		},
		read: (documents) => -documents[`visit:${VISIT}`].lift.minutes
	},
	weighing: {
		path: `/visit/${VISIT}/mix?bowl=1`,
		// The page has it a moment after the hand: what it shows is what counts.
		shown: () =>
			[...document.querySelectorAll('main ol .state')].filter((it) => /\d/.test(it.textContent))
				.length,
		async work(page) {
			const [pour, take] = ['+20 g', 'Take it'].map((name) => page.getByRole('button', { name }));
			for (;;) {
				await pour.click();
				await take.click();
				await sleep(300);
			}
		},
		read: (documents) =>
			(
				documents[`visit:${VISIT}`].bowls.mixed.find(({ number }) => number === 1)?.parts ?? []
			).filter(({ grams }) => grams > 0).length,
		afresh: true
	},
	chair: {
		path: `/visit/${VISIT}/chair`,
		shown: () =>
			[...document.querySelectorAll('[aria-label="Every section now"] li')].filter(
				(it) => !/waits|being put on/.test(it.textContent)
			).length,
		async work(page) {
			await page.getByRole('button', { name: 'Start' }).click();
			const locks = page.getByRole('list', { name: 'Every section now' }).getByRole('button');
			for (let i = 0; i < (await locks.count()); i++) {
				await locks.nth(i).click();
				await page.getByRole('button', { name: 'It is on' }).click();
			}
			await forever();
		},
		read: (documents) =>
			new Set(
				(documents[`visit:${VISIT}`].run.taps ?? [])
					.filter(({ act }) => act === 'on')
					.map(({ section, part }) => `${section} ${part ?? ''}`)
			).size
	},
	'form sent': {
		path: '/shelf/salon',
		before: fresh,
		async work(page, step) {
			const name = page.getByLabel('Lightener’s name');
			for (let n = 1; ; n++) {
				await name.fill(`Saltmarsh ${n}`);
				await keep(page);
				await step(n);
				await sleep(60);
			}
		},
		read: (documents) => {
			const shelf = Object.values(documents).find(({ kind }) => kind === 'shelf');
			return Number(/^Saltmarsh (\d+)$/.exec(shelf.lightenerName)?.[1] ?? 0);
		}
	},
	'form waiting': {
		path: '/shelf/salon',
		before: fresh,
		shown: () =>
			Number(
				/^Saltmarsh (\d+)$/.exec(
					[...document.querySelectorAll('input')].find((it) => it.value.startsWith('Saltmarsh'))
						?.value ?? 'Saltmarsh 0'
				)?.[1] ?? 0
			),
		claim: () => [...document.querySelectorAll('a')].some((it) => /^Not sent/.test(it.textContent)),
		async work(page) {
			const name = page.getByLabel('Lightener’s name');
			for (let n = 1; ; n++) {
				await name.fill(`Saltmarsh ${n}`);
				await sleep(100);
			}
		},
		async readPage(page) {
			const value = await page.getByLabel('Lightener’s name').inputValue();
			return Number(/^Saltmarsh (\d+)$/.exec(value)?.[1] ?? 0);
		}
	},
	removing: {
		path: '/clients',
		async work(page, step, before) {
			let gone = 0;
			for (const { id } of clientsOf(before)) {
				await page.goto(new URL(`/clients/${id}`, page.url()).href);
				await page.getByRole('button', { name: 'More', exact: true }).click();
				await page.getByRole('menuitem', { name: 'Remove client' }).click();
				await page.waitForURL('**/clients');
				await step(++gone);
			}
		},
		read(documents, { before }) {
			const there = new Set(clientsOf(documents).map(({ id }) => id));
			const orphan = Object.values(documents).some(
				({ kind, clientId }) => kind === 'visit' && !there.has(clientId)
			);
			return orphan ? 'half' : clientsOf(before).length - there.size;
		},
		afresh: true,
		within: [900, 4000]
	},
	importing: {
		path: '/records',
		async work(page, step, before, round) {
			await page.getByLabel('File to import').setInputFiles({
				name: 'import.zelvant.json',
				mimeType: 'application/json',
				buffer: Buffer.from(manyClients(before, round))
			});
			await page.getByRole('button', { name: 'Import these' }).click();
			await step(0);
			await page
				.getByText(/\d+ added/)
				.first()
				.waitFor();
			await step(1);
			await forever();
		},
		read(documents, { round }) {
			const came = Object.keys(documents).filter((key) => key.includes(`:import-${round}-`)).length;
			return came === 0 ? 0 : came === 2 * IMPORTED ? 1 : 'half';
		},
		afresh: true,
		within: [0, 2500]
	},
	'demo’s load': {
		path: '/records',
		async before(page) {
			await page.goto(new URL(`/clients/${CLIENT}`, page.url()).href);
			await page.getByLabel('Note').fill('before the demo was loaded afresh');
			await isSaved(page);
			await page.goto(new URL('/records', page.url()).href);
		},
		async work(page, step) {
			await page.getByRole('button', { name: 'Load the demo afresh' }).click();
			await step(0);
			await page.getByText('The demo is as it was.').waitFor();
			await step(1);
			await forever();
		},
		read(documents, { before }) {
			if (Object.keys(documents).length !== Object.keys(before).length) return 'half';
			return documents[`client:${CLIENT}`].note === before[`client:${CLIENT}`].note ? 1 : 0;
		},
		within: [0, 2500]
	}
};
