import { expect, test } from '@playwright/test';
import { openDemo } from './helpers';

// As a person has it: the application is kept on the device.
test.use({ serviceWorkers: 'allow' });

const VISIT = '/visit/hesper-oake-today';
const ADDRESSES = [
	'/',
	'/clients',
	'/clients/anneke-rill',
	'/clients/nobody',
	'/shelf',
	'/records',
	...['read', 'aim', 'lift', 'bowls', 'chair', 'tone', 'send-off', 'upkeep', 'mix?bowl=1'].map(
		(path) => `${VISIT}/${path}`
	),
	'/visit/nobody/read'
];

test('every address opens without the server once the application has been open', async ({
	page,
	context
}) => {
	await openDemo(page);
	await page.evaluate(() => navigator.serviceWorker.ready);
	await page.reload();
	await context.setOffline(true);
	for (const address of ADDRESSES) {
		await page.goto(address);
		await expect(page.getByRole('heading', { level: 1 }), address).toBeVisible();
	}
	// Also the demo, as if for the first time.
	await page.goto('/records');
	await page.getByRole('button', { name: 'Load the demo afresh' }).click();
	await expect(page.getByText('The demo is as it was.')).toBeVisible();
	await context.setOffline(false);
});

test('the demo opens at any page of its own, and at no other', async ({ page }) => {
	for (const [to, path] of [
		['/ledger', '/ledger'],
		['//elsewhere.example/', '/'],
		['/\t/elsewhere.example', '/'],
		['/\\elsewhere.example', '/'],
		['https://elsewhere.example', '/']
	] as const) {
		await page.goto(`/demo?to=${encodeURIComponent(to)}`);
		await page.waitForURL(path);
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
	}
});

const HEADERS = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'no-referrer',
	'x-frame-options': 'DENY'
};
test('pages and answers may not be framed, sniffed or told on', async ({ request }) => {
	const answers = [
		...(await Promise.all(ADDRESSES.map((address) => request.get(address)))),
		await request.get('/api/health'),
		await request.get('/api/nothing'),
		await request.post('/api/predict', { data: {} })
	];
	for (const answer of answers) {
		const headers = answer.headers();
		expect(headers, answer.url()).toMatchObject(HEADERS);
		expect(headers['permissions-policy'], answer.url()).toContain('camera=(self), microphone=()');
		expect(headers['content-security-policy'], answer.url()).toContain("frame-ancestors 'none'");
		expect(headers['content-security-policy'], answer.url()).toMatch(/form-action '(self|none)'/);
	}
});

const hair = { naturalLevel: 4, warmth: 'neutral' };
const section = { name: 'back', grams: 30, minutesToApply: 5, placement: 'foil' };
const bowls = {
	sections: [section],
	hair,
	product: 'powder',
	ratio: 2,
	volumes: [10, 20, 30],
	ceiling: 30,
	rinseAfterMinutes: 60,
	staged: true
};

test('every refusal is JSON that says what is wrong', async ({ request }) => {
	const refused = [
		[404, await request.get('/api/nothing')],
		[405, await request.get('/api/predict')],
		[405, await request.delete('/api/plan')],
		[400, await request.post('/api/predict', { data: '{"cut' })],
		[400, await request.post('/api/predict', { data: { hair: 3 } })],
		[413, await request.post('/api/predict', { data: { pad: 'x'.repeat(300 * 1024) } })]
	] as const;
	for (const [status, response] of refused) {
		expect(response.status(), response.url()).toBe(status);
		expect(response.headers()['content-type']).toContain('application/json');
		const { problems } = (await response.json()) as { problems: { message: string }[] };
		expect(problems[0]!.message.length).toBeGreaterThan(10);
	}
});

test('a body that is too large is refused each time, on a connection that goes on', async ({
	request
}) => {
	for (const kilobytes of [300, 300, 700, 1500, 3000, 300]) {
		const response = await request.post('/api/predict', {
			data: { pad: 'x'.repeat(kilobytes * 1024) }
		});
		expect(response.status(), `${kilobytes} kB`).toBe(413);
		expect(response.headers()['content-type']).toContain('application/json');
	}
});

test('a settled section beside one that may take no strength is a fault with its name, no crash', async ({
	request
}) => {
	const response = await request.post('/api/bowls', {
		data: {
			...bowls,
			volumes: [30],
			ceiling: 40,
			sections: [
				{ ...section, lockedVolume: 30 },
				{ ...section, name: 'at the scalp', placement: 'onScalp' }
			]
		}
	});
	expect(response.status()).toBe(400);
	expect(await response.text()).toContain('at the scalp');
});

test('the largest question is answered or left within its time, and others are answered meanwhile', async ({
	request
}) => {
	const large = {
		...bowls,
		ratios: [0.5, 1, 3, 4],
		volumes: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 15, 18, 20, 22, 25, 28, 30, 35, 40],
		ceiling: 40,
		target: 12,
		rinseAfterMinutes: 250,
		sections: Array.from({ length: 40 }, (_, i) => ({
			...section,
			name: `section ${i}`,
			hair: { ...hair, naturalLevel: 1 + (i % 10) }
		}))
	};
	const begun = Date.now();
	const asked = request.post('/api/bowls', { data: large });
	await new Promise((resolve) => setTimeout(resolve, 100));
	const meanwhile = Date.now();
	expect((await request.get('/api/health')).ok()).toBe(true);
	expect(Date.now() - meanwhile).toBeLessThan(1000);
	const response = await asked;
	expect([200, 422]).toContain(response.status());
	if (response.status() === 422)
		expect(await response.text()).toContain('too large to work out here');
	// Its own work is limited to little more than a second; a busy machine takes its time around it.
	expect(Date.now() - begun).toBeLessThan(10_000);
});
