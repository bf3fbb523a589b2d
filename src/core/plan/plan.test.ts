import { neededLevelSteps } from '../toner/neededLevel';
import { finish } from '../steps';
import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import { levelOfFibre, pigmentOnPath, type Application, type Fibre } from '../lift';
import { rawLab, targetLab } from '../tone';
import { solveTone } from '../toner/solve';
import { estimateSessions } from '.';

const natural = (level: number): Fibre => ({ ...naturalPigment(level, 'neutral'), layers: [] });
const foil: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 45,
	placement: 'foil'
};

describe('visits', () => {
	it('one is enough for an easy aim, and none where the hair is there already', () => {
		const head = { naturalLevel: 5, texture: 'medium' } as const;
		const one = estimateSessions(natural(5), [foil], head, { level: 8.5 });
		expect(one).toMatchObject({ reaches: true });
		expect(one.visits).toHaveLength(1);
		expect(estimateSessions(natural(9), [foil], head, { level: 8 }).visits).toHaveLength(0);
	});

	it('are spread over weeks, each lighter and more worn than the last, with its interval', () => {
		const plan = estimateSessions(
			natural(1),
			[foil],
			{ naturalLevel: 1, texture: 'medium' },
			{ level: 8.5, restWeeks: 5 }
		);
		expect(plan.reaches).toBe(true);
		expect(plan.visits.length).toBeGreaterThan(1);
		plan.visits.forEach((visit, i) => {
			expect(visit.week).toBe(i * 5);
			expect(visit.low).toBeLessThan(visit.level);
			expect(visit.high).toBeGreaterThan(visit.level);
			if (i > 0) {
				expect(visit.level).toBeGreaterThan(plan.visits[i - 1]!.level);
				expect(visit.condition).toBeLessThan(plan.visits[i - 1]!.condition);
			}
		});
	});

	it('stop where condition forbids another, and say so', () => {
		const plan = estimateSessions(
			natural(2),
			[{ ...foil, volume: 40 }],
			{ naturalLevel: 2, texture: 'fine' },
			{ level: 10.5 },
			70
		);
		expect(plan).toMatchObject({ reaches: false, stoppedBy: 'condition' });
		plan.visits.forEach((visit) => expect(visit.condition).toBeGreaterThanOrEqual(55));
	});

	it('stop where nothing more is gained', () => {
		const plan = estimateSessions(
			natural(3),
			[{ ...foil, volume: 5, minutes: 0.5 }],
			{ naturalLevel: 3, texture: 'coarse' },
			{ level: 10 }
		);
		expect(plan).toMatchObject({ reaches: false, stoppedBy: 'spent' });
	});
});

describe('the lift a toner needs', () => {
	it('names a level from which the aim comes within reach', () => {
		const fibre: Fibre = { ...pigmentOnPath(4, 'neutral', 6.5), layers: [] };
		const raw = { pigment: fibre };
		const target = targetLab({ level: 9, direction: 'beige', keepWarmth: 0.3 }, rawLab(raw));
		const shelf = ['N', 'V', 'B', 'P', 'G'].flatMap((tone) =>
			[8, 9, 10].map((level) => ({ id: `${level}${tone}`, level, tone, vehicle: 'demi' as const }))
		);
		const problem = {
			target,
			shelf,
			conditions: { vehicle: 'demi' as const, ratio: 2, minutes: 20 },
			totalGrams: 30
		};
		expect(solveTone({ ...problem, raw }).every(({ close }) => !close)).toBe(true);
		const need = finish(neededLevelSteps(problem, fibre))!;
		expect(need).toBeGreaterThan(levelOfFibre(fibre) + 1);
		const lifted = { pigment: pigmentOnPath(4, 'neutral', need) };
		expect(solveTone({ ...problem, raw: lifted })[0]!.deltaE).toBeLessThan(3.5);
	});
});
