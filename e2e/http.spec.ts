import { readFileSync } from 'node:fs';
import { expect, test } from './shared';

interface LiftRow {
	natural: number;
	warmth: string;
	texture: string;
	stages: {
		vol: number;
		ratio: number;
		min: number;
		temp?: number;
		product?: string;
		placement?: string;
		section?: string;
		distanceCm?: number;
	}[];
	result: { level: number; dose: number; lab: number[] }[];
}
interface ToneRow {
	E: number;
	P: number;
	parts: object[];
	vehicle: string;
	ratio: number;
	minutes: number;
	porosity: string;
	lab: number[];
	level: number;
}
const reference = JSON.parse(readFileSync('tests/reference/engine-reference.json', 'utf8')) as {
	lift: LiftRow[];
	lift_named: LiftRow[];
	tone: ToneRow[];
};
const near = (lab: Record<'l' | 'a' | 'b', number>, expected: number[]) => {
	for (const [i, key] of (['l', 'a', 'b'] as const).entries()) {
		expect(Math.abs(lab[key] - expected[i]!)).toBeLessThan(0.3);
	}
};

test('every reference row of the lift comes back through /api/predict', async ({ request }) => {
	for (const row of [...reference.lift, ...reference.lift_named]) {
		const response = await request.post('/api/predict', {
			data: {
				hair: { naturalLevel: row.natural, warmth: row.warmth, texture: row.texture },
				stages: row.stages.map((stage) => ({
					product: stage.product ?? 'powder',
					volume: stage.vol,
					ratio: stage.ratio,
					minutes: stage.min,
					placement: stage.placement,
					temperatureC: stage.temp,
					section: stage.section
				})),
				distanceCm: row.stages[0]!.distanceCm
			}
		});
		expect(response.status()).toBe(200);
		const { stages } = (await response.json()) as {
			stages: {
				level: number;
				levelLow: number;
				levelHigh: number;
				dose: number;
				hex: string;
				lab: Record<'l' | 'a' | 'b', number>;
			}[];
		};
		row.result.forEach((expected, i) => {
			const got = stages[i]!;
			expect(Math.abs(got.level - expected.level)).toBeLessThan(0.03);
			expect(Math.abs(got.dose - expected.dose)).toBeLessThan(0.001);
			near(got.lab, expected.lab);
			expect(got.levelLow).toBeLessThanOrEqual(got.level);
			expect(got.levelHigh).toBeGreaterThanOrEqual(got.level);
			expect(got.hex).toMatch(/^#[0-9a-f]{6}$/);
		});
	}
});

test('every reference row of toning comes back through /api/tone/preview', async ({ request }) => {
	for (const row of reference.tone) {
		const response = await request.post('/api/tone/preview', {
			data: {
				raw: { E: row.E, P: row.P },
				parts: row.parts,
				vehicle: row.vehicle,
				ratio: row.ratio,
				minutes: row.minutes,
				porosity: row.porosity
			}
		});
		expect(response.status()).toBe(200);
		const got = (await response.json()) as {
			level: number;
			lab: Record<'l' | 'a' | 'b', number>;
			shift: { level: number };
		};
		near(got.lab, row.lab);
		expect(Math.abs(got.level - row.level)).toBeLessThan(0.03);
		expect(got.shift.level).toBeLessThanOrEqual(1e-9);
	}
});

test('a toner is found over HTTP, and the lift it needs where there is none', async ({
	request
}) => {
	const shelf = ['N', 'V', 'B', 'P', 'G', 'A'].flatMap((tone) =>
		[7, 8, 9, 10].map((level) => ({ id: `${level}${tone}`, level, tone, vehicle: 'demi' }))
	);
	const solve = async (raw: object, target: object) =>
		(await (
			await request.post('/api/tone/solve', {
				data: { raw, target, shelf, vehicle: 'demi', totalGrams: 40 }
			})
		).json()) as {
			formulas: {
				parts: { grams: number; id?: string }[];
				deltaE: number;
				why: string;
				developerGrams: number;
			}[];
			needLevel?: number;
		};
	const yellow = await solve({ level: 9 }, { level: 8.5, direction: 'beige', keepWarmth: 0.6 });
	expect(yellow.formulas[0]!.deltaE).toBeLessThan(4);
	expect(yellow.formulas[0]!.why).toContain('Violet against the yellow');
	expect(yellow.formulas[0]!.parts.reduce((sum, { grams }) => sum + grams, 0)).toBe(40);
	const orange = await solve({ l: 40, a: 18, b: 34 }, { level: 9, direction: 'pearl' });
	expect(orange.formulas[0]!.deltaE).toBeGreaterThan(4);
	expect(orange.needLevel).toBeGreaterThan(8);
});

test('plans and bowls are made over HTTP from the same core', async ({ request }) => {
	const hair = { naturalLevel: 3, warmth: 'neutral', texture: 'medium' };
	const planned = await request.post('/api/plan', {
		data: { hair, target: { level: 9 }, constraints: { pace: 'steady' } }
	});
	expect(planned.status()).toBe(200);
	const { plans } = (await planned.json()) as {
		plans: { name: string; reaches: boolean; visits: { applications: { minutes: number }[] }[] }[];
	};
	expect(plans[0]).toMatchObject({ name: 'fewest visits', reaches: true });
	// The plan's own applications, sent as a prediction, come out where the plan said.
	const [plan] = plans as unknown as { level: number; visits: { applications: object[] }[] }[];
	const predicted = await request.post('/api/predict', {
		data: { hair, stages: plan!.visits.flatMap(({ applications }) => applications) }
	});
	const { stages } = (await predicted.json()) as { stages: { level: number }[] };
	expect(stages.at(-1)!.level).toBeCloseTo(plan!.level, 6);

	const bowls = {
		sections: Array.from({ length: 6 }, (_, i) => ({
			name: `section ${i + 1}`,
			foils: 6,
			minutesToApply: 6,
			placement: 'foil'
		})),
		hair,
		product: 'powder',
		ratio: 2,
		volumes: [10, 20, 30],
		ceiling: 30,
		rinseAfterMinutes: 70
	};
	const ask = async (staged: boolean) =>
		(await (await request.post('/api/bowls', { data: { ...bowls, staged } })).json()) as {
			bowls: { volume: number }[];
			spread: number;
			spreadUnstaged: number;
		};
	const staged = await ask(true);
	expect(staged.bowls.length).toBeGreaterThan(1);
	expect(staged.spread).toBeLessThan(staged.spreadUnstaged);
	expect((await ask(false)).spread).toBeCloseTo(staged.spreadUnstaged, 9);
	const early = await request.post('/api/bowls', {
		data: { ...bowls, staged: true, rinseAfterMinutes: 5 }
	});
	expect(early.status()).toBe(400);
	expect(await early.json()).toMatchObject({
		problems: [{ problem: 'rinseTooEarly', path: 'rinseAfterMinutes' }]
	});
});

test('bad input is named field by field', async ({ request }) => {
	const send = (data: unknown) => request.post('/api/predict', { data });
	const response = await send({
		hair: { naturalLevel: 55, warmth: 'mauve' },
		stages: [{ product: 'powder', volume: 20, ratio: 2, minutes: 30 }]
	});
	expect(response.status()).toBe(400);
	const { problems } = (await response.json()) as {
		problems: { path: string; message: string; problem: string }[];
	};
	expect(problems.map(({ path }) => path).sort()).toEqual([
		'hair.naturalLevel',
		'hair.warmth',
		'stages.0.placement'
	]);
	expect(problems.every(({ message, problem }) => message.length > 5 && problem.length > 2)).toBe(
		true
	);
	for (const data of [null, [], 'x', 7, {}]) expect((await send(data)).status()).toBe(400);
	const notJson = await request.post('/api/tone/solve', {
		headers: { 'content-type': 'application/json' },
		data: Buffer.from('{"raw":')
	});
	expect(notJson.status()).toBe(400);
	const large = await request.post('/api/tone/preview', {
		headers: { 'content-type': 'application/json' },
		data: Buffer.alloc(256 * 1024 + 1, 0x20)
	});
	expect(large.status()).toBe(413);
});

test('the service says that it is well, and publishes its shapes', async ({ request }) => {
	expect(await (await request.get('/api/health')).json()).toMatchObject({ ok: true });
	const schema = (await (await request.get('/api/schema')).json()) as {
		routes: Record<string, { request?: object; answer: object }>;
		recordsFile: object;
	};
	expect(Object.keys(schema.routes)).toEqual(
		expect.arrayContaining(['POST /api/predict', 'POST /api/tone/preview', 'POST /api/tone/solve'])
	);
	expect(schema.routes['POST /api/predict']!.request).toHaveProperty('properties.hair');
	expect(schema.recordsFile).toHaveProperty('properties.documents');
});
