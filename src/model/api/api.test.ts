import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	bowlsAnswer,
	bowlsRequest,
	planAnswer,
	planRequest,
	predictAnswer,
	predictRequest,
	tonePreviewAnswer,
	tonePreviewRequest,
	toneSolveAnswer,
	toneSolveRequest
} from '../../schema/api';
import { finish } from '../../core/steps';
import { bowlsSteps } from './bowls';
import { RequestFault } from './fault';
import { planSteps } from './plan';
import { predict } from './predict';
import { rawLab } from '../../core/tone';
import { pigmentOfRaw, tonePreview, toneSolve } from './tone';

const letters = ['N', 'V', 'B', 'M', 'R', 'C', 'G', 'A', 'P', 'VV', 'NA', 'BV'];
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const vehicle = fc.constantFrom('permanent', 'demi', 'gloss', 'rapid', 'direct', 'highLift');
const raw = fc.oneof(
	fc.record({ E: number(0, 30), P: number(0, 30) }),
	fc.record({ l: number(0, 100), a: number(-60, 60), b: number(-60, 60) }),
	fc.record({ level: number(1, 12) })
);

const hair = fc.record(
	{
		naturalLevel: number(1, 10),
		warmth: fc.constantFrom('ash', 'neutral', 'golden', 'copper', 'red'),
		texture: fc.constantFrom('fine', 'medium', 'coarse'),
		condition: number(0, 100),
		presentLevel: number(1, 12),
		whiteShare: number(0, 1),
		artificial: fc.array(
			fc.record({ kind: vehicle, level: number(1, 12), tone: fc.constantFrom(...letters) }),
			{ maxLength: 3 }
		)
	},
	{ requiredKeys: ['naturalLevel', 'warmth'] }
);

/** No number anywhere in an answer is missing or endless. */
const finite = (value: unknown): boolean =>
	typeof value === 'number'
		? Number.isFinite(value)
		: typeof value !== 'object' || value === null || Object.values(value).every(finite);

describe('answers to any valid request', () => {
	it('predict: finite, of the published shape, never losing condition it did not have', () => {
		const stage = fc.record({
			product: fc.constantFrom(
				'powder',
				'cream',
				'clay',
				'oil',
				'bleachWash',
				'highLift',
				'permanent'
			),
			volume: number(1, 40),
			ratio: number(0.5, 4),
			minutes: number(0, 180),
			placement: fc.constantFrom('foil', 'foilCovered', 'openAir', 'cap', 'onScalp', 'film')
		});
		fc.assert(
			fc.property(hair, fc.array(stage, { minLength: 1, maxLength: 4 }), (head, stages) => {
				const answer = predict(predictRequest.parse({ hair: head, stages }));
				expect(predictAnswer.safeParse(answer).error).toBeUndefined();
				expect(finite(answer)).toBe(true);
				for (const { levelLow, levelHigh, condition } of answer.stages) {
					expect(levelLow).toBeLessThanOrEqual(levelHigh);
					expect(condition).toBeGreaterThanOrEqual(0);
					expect(condition).toBeLessThanOrEqual(head.condition ?? 100);
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('tone preview: finite, of the published shape, never lighter', () => {
		const part = fc.record({
			level: number(1, 12),
			tone: fc.constantFrom(...letters),
			grams: number(0, 90)
		});
		fc.assert(
			fc.property(
				raw,
				fc.array(part, { maxLength: 4 }),
				vehicle,
				number(0, 60),
				(hair, parts, by, minutes) => {
					const asked = tonePreviewRequest.parse({
						raw: hair,
						parts,
						vehicle: by,
						ratio: 1.5,
						minutes
					});
					const answer = tonePreview(asked);
					expect(tonePreviewAnswer.safeParse(answer).error).toBeUndefined();
					expect(finite(answer)).toBe(true);
					// Its level may rise a little as warmth that counted as depth goes; its lightness never does.
					const bare = rawLab({ pigment: pigmentOfRaw(asked.raw) });
					expect(answer.lab.l).toBeLessThanOrEqual(bare.l + 1e-9);
				}
			),
			{ numRuns: 80 }
		);
	});

	it('tone solve: whole grams that add up, of the published shape', () => {
		const shelf = ['N', 'V', 'B', 'G'].flatMap((tone) =>
			[6, 8, 10].map((level) => ({ id: `${level}${tone}`, level, tone, vehicle: 'gloss' }))
		);
		fc.assert(
			fc.property(
				raw,
				number(4, 10),
				fc.integer({ min: 1, max: 120 }),
				(hair, level, totalGrams) => {
					const answer = toneSolve(
						toneSolveRequest.parse({
							raw: hair,
							target: { level, direction: 'beige' },
							shelf,
							vehicle: 'gloss',
							totalGrams
						})
					);
					expect(toneSolveAnswer.safeParse(answer).error).toBeUndefined();
					expect(finite(answer)).toBe(true);
					for (const { parts, untilLifted } of answer.formulas) {
						// What serves only until then stands beside the answer that it has to be lifted.
						if (untilLifted) expect(answer.formulas[0]!.parts).toEqual([]);
						if (parts.length === 0) continue;
						expect(parts.every(({ grams }) => Number.isInteger(grams) && grams > 0)).toBe(true);
						expect(parts.reduce((sum, { grams }) => sum + grams, 0)).toBe(totalGrams);
					}
				}
			),
			{ numRuns: 3 }
		);
	});
});

describe('plans and bowls for any valid request', () => {
	it('plan: of the published shape, reaching or saying how near', () => {
		fc.assert(
			fc.property(hair, number(5, 12), fc.boolean(), (head, level, scalp) => {
				const request = planRequest.parse({
					hair: head,
					target: { level },
					constraints: { scalp, maxVisits: 2 }
				});
				const answer = finish(planSteps(request));
				expect(planAnswer.safeParse(answer).error).toBeUndefined();
				expect(finite(answer)).toBe(true);
				if (answer.already) expect(answer.plans).toEqual([]);
				for (const { reaches, level: reached } of answer.plans) {
					expect(reaches).toBe(true);
					expect(reached).toBeGreaterThanOrEqual(level - 0.25);
				}
			}),
			{ numRuns: 12 }
		);
	});
	it('bowls: grams in ratio, every section once, spread as the sections tell it', () => {
		const section = fc.record(
			{
				name: fc.string({ minLength: 1, maxLength: 20 }),
				foils: fc.integer({ min: 1, max: 40 }),
				minutesToApply: number(0.5, 15),
				placement: fc.constantFrom('foil', 'foilCovered', 'openAir', 'foilHairline'),
				hair
			},
			{ requiredKeys: ['name', 'foils', 'minutesToApply', 'placement'] }
		);
		fc.assert(
			fc.property(
				fc.array(section, { minLength: 1, maxLength: 6 }),
				hair,
				fc.boolean(),
				(sections, head, staged) => {
					const total = sections.reduce((sum, { minutesToApply }) => sum + minutesToApply, 0);
					const request = bowlsRequest.parse({
						sections,
						hair: head,
						product: 'powder',
						ratio: 2,
						volumes: [10, 20, 30],
						ceiling: 30,
						rinseAfterMinutes: total + 25,
						staged
					});
					const answer = finish(bowlsSteps(request));
					expect(bowlsAnswer.safeParse(answer).error).toBeUndefined();
					expect(finite(answer)).toBe(true);
					expect(answer.finish).toHaveLength(sections.length);
					for (const { lightenerGrams, developerGrams, blend } of answer.bowls) {
						expect(developerGrams).toBe(lightenerGrams * 2);
						expect(blend!.parts.reduce((sum, { grams }) => sum + grams, 0)).toBe(developerGrams);
					}
				}
			),
			{ numRuns: 10 }
		);
	});
	it('bowls that cannot be mixed are a fault of the field', () => {
		const request = bowlsRequest.parse({
			sections: [{ name: 'all', grams: 60, minutesToApply: 20, placement: 'foil' }],
			hair: { naturalLevel: 5, warmth: 'neutral' },
			product: 'powder',
			ratio: 2,
			volumes: [5],
			ceiling: 30,
			rinseAfterMinutes: 60,
			staged: true
		});
		expect(() => finish(bowlsSteps(request))).toThrow(RequestFault);
		const early = { ...request, volumes: [20], rinseAfterMinutes: 5 };
		expect(() => finish(bowlsSteps(early))).toThrow(/rinse later/);
	});
	it('a tone preview with 10 vol lifts the natural hair it goes on', () => {
		const preview = (developerVolume?: number) =>
			tonePreview(
				tonePreviewRequest.parse({
					raw: { level: 3 },
					parts: [{ clear: true, grams: 30 }],
					vehicle: 'demi',
					ratio: 2,
					minutes: 20,
					developerVolume
				})
			);
		expect(preview(6).level).toBeCloseTo(preview().level, 9);
		expect(preview(20).level).toBeGreaterThan(preview(6).level + 0.05);
	});
});

describe('requests that are not', () => {
	it.each([
		[{ level: 13 }],
		[{ E: -1, P: 1 }],
		[{ l: 50, a: 0 }],
		[{ E: 1, P: 1, level: 5 }],
		[{}],
		[null]
	])('raw hair %j is refused', (value) => {
		const request = { raw: value, parts: [], vehicle: 'demi', ratio: 2, minutes: 20 };
		expect(tonePreviewRequest.safeParse(request).success).toBe(false);
	});
	it('a tone of three letters or a strange one is refused', () => {
		for (const tone of ['VBA', 'X', '', 'v', '12']) {
			const request = {
				raw: { level: 9 },
				parts: [{ level: 9, tone, grams: 10 }],
				vehicle: 'demi',
				ratio: 2,
				minutes: 20
			};
			expect(tonePreviewRequest.safeParse(request).success).toBe(false);
		}
	});
});
