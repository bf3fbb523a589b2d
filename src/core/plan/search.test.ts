import { judgeAim, type AimedHair } from './judge';
import { recipesFor } from './recipes';
import { searchPlans, type PlanAnswer } from './search';
import { stallPoints } from '../toner';
import { solveTintSteps } from '../toner/tint';
import { dyesIn } from '../../testing/dyesIn';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { volumeCeiling } from '../caution';
import { chromaOf, deltaE } from '../colour';
import { naturalPigment } from '../hair';
import { levelOfFibre, predictLift, startOfReading, type Application, type Fibre } from '../lift';
import { finish } from '../steps';
import { rawLab, type FormulaPart } from '../tone';
import type { ShelfShade } from '../toner/search';
import { searchPlansSteps, TARGET_TOLERANCE, type PlanConstraints, type PlanHead } from '.';

const natural = (level: number): Fibre => ({ ...naturalPigment(level, 'neutral'), layers: [] });
const head = (level: number, change: Partial<PlanHead> = {}): PlanHead => ({
	fibre: natural(level),
	factors: { naturalLevel: level, texture: 'medium' },
	condition: 100,
	...change
});

describe('search for a plan', () => {
	it('gives one visit for an easy aim, and none where the hair is there', () => {
		const { plans } = searchPlans(head(5), 8.5);
		expect(plans[0]!.visits).toHaveLength(1);
		expect(plans[0]!.weeks).toBe(0);
		expect(searchPlans(head(9), 8)).toEqual({ plans: [], already: true });
	});
	it('names plans that differ, each the best at what it is named for', () => {
		const { plans } = searchPlans(
			head(1, { factors: { naturalLevel: 1, texture: 'coarse' } }),
			9.5,
			{
				pace: 'steady'
			}
		);
		expect(plans.length).toBeGreaterThan(1);
		const of = (name: string) =>
			plans.find((plan) => plan.name === name || plan.also.includes(name as never))!;
		for (const plan of plans) {
			expect(of('fewest visits').visits.length).toBeLessThanOrEqual(plan.visits.length);
			expect(of('least wear').condition).toBeGreaterThanOrEqual(plan.condition);
			expect(of('least chair time').chairMinutes).toBeLessThanOrEqual(plan.chairMinutes);
			expect(plan.visits.length).toBeLessThanOrEqual(of('fewest visits').visits.length + 1);
		}
	});
	it('keeps every ceiling and the condition, whatever is asked', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 8 }),
				fc.double({ min: 7, max: 10.5, noNaN: true }),
				fc.record<PlanConstraints>({
					pace: fc.constantFrom('gentle', 'steady', 'brisk'),
					scalp: fc.boolean(),
					maxVolume: fc.constantFrom(12, 20, 40),
					maxVisits: fc.integer({ min: 1, max: 3 }),
					limitMinutes: fc.constantFrom(35, 50)
				}),
				(level, target, constraints) => {
					const answer = searchPlans(head(level), target, constraints);
					for (const plan of [...answer.plans, ...(answer.nearest ? [answer.nearest] : [])]) {
						expect(plan.visits.length).toBeLessThanOrEqual(constraints.maxVisits!);
						expect(plan.reaches).toBe(answer.plans.length > 0);
						if (plan.reaches) expect(plan.level).toBeGreaterThanOrEqual(target - TARGET_TOLERANCE);
						for (const visit of plan.visits) {
							expect(visit.condition).toBeGreaterThanOrEqual(55);
							expect(visit.low).toBeLessThanOrEqual(visit.level + 0.01);
							expect(visit.high).toBeGreaterThanOrEqual(visit.level - 0.01);
							for (const { product, placement, volume, minutes } of visit.applications) {
								expect(volume).toBeGreaterThanOrEqual(10);
								expect(volume).toBeLessThanOrEqual(volumeCeiling(product, placement));
								expect(volume).toBeLessThanOrEqual(constraints.maxVolume!);
								expect(minutes).toBeLessThanOrEqual(constraints.limitMinutes!);
							}
						}
					}
				}
			),
			{ numRuns: 12 }
		);
	});
	it('says how near one gets where the hair cannot bear it', () => {
		const fine = head(2, { factors: { naturalLevel: 2, texture: 'fine' }, condition: 66 });
		const { plans, nearest } = searchPlans(fine, 10.5, { pace: 'brisk' });
		expect(plans).toEqual([]);
		expect(nearest).toMatchObject({ reaches: false, stoppedBy: 'condition' });
		expect(nearest!.level).toBeGreaterThan(2);
		expect(searchPlans({ ...fine, condition: 50 }, 10.5)).toEqual({ plans: [], already: false });
	});
	it('weighs taking old colour out first, and never sends a tint after it', () => {
		const { fibre, white, remembered } = startOfReading({
			naturalLevel: 4,
			warmth: 'neutral',
			artificial: [{ kind: 'permanent', level: 3, tone: 'N' }]
		});
		const { plans } = searchPlans(head(4, { fibre, white, remembered }), 8.5);
		const applications = plans.flatMap(({ visits }) =>
			visits.flatMap((visit) => visit.applications)
		);
		expect(applications.length).toBeGreaterThan(0);
		expect(applications.every(({ product }) => product !== 'highLift')).toBe(true);
	});
	it('works without persulfates where the head does not bear them, washes too', () => {
		const used = ({ plans, nearest }: PlanAnswer) =>
			[...plans, ...(nearest ? [nearest] : [])].flatMap(({ visits }) =>
				visits.flatMap(({ applications }) => applications.map(({ product }) => product))
			);
		const bare = searchPlans(head(7), 8.5, { persulfates: false });
		expect(new Set(used(bare))).toEqual(new Set(['highLift']));
		const coloured = startOfReading({
			naturalLevel: 4,
			warmth: 'neutral',
			artificial: [{ kind: 'permanent', level: 3, tone: 'N' }]
		});
		expect(used(searchPlans(head(4, coloured), 8.5, { persulfates: false }))).toEqual([]);
		const removes = (constraints: PlanConstraints) =>
			recipesFor(head(4, coloured), 8.5, constraints).some(({ removal }) => removal !== undefined);
		expect(removes({})).toBe(true);
		expect(removes({ persulfates: false })).toBe(false);
	});
	it('takes old dark colour out over several visits, one round each, and says why', () => {
		const read = (presentLevel: number) => {
			const { fibre, white, remembered } = startOfReading({
				naturalLevel: 5,
				warmth: 'neutral',
				presentLevel,
				artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers: 2 }]
			});
			return { id: 'lengths', head: head(5, { fibre, white, remembered }), target: 8.5 };
		};
		const dark = judgeAim({ hair: [read(3)] });
		expect(dark.darkColour).toBe(true);
		expect(dark.visits).toBeGreaterThan(1);
		for (const { visits } of dark.hair[0]!.plans) {
			for (const { applications, after, condition } of visits) {
				const rounds = applications.filter(({ product }) => product !== 'bleachWash');
				expect(rounds).toHaveLength(1);
				expect(after).toHaveLength(applications.length);
				expect(after.at(-1)!.condition).toBe(condition);
			}
		}
		expect(judgeAim({ hair: [read(5.5)] }).darkColour).toBe(false);
	});
	it('sends no tint over a head of which some holds old tint', () => {
		const uncoloured = { id: 'root', head: head(7), target: 9 };
		const products = (hair: AimedHair[]) =>
			judgeAim({ hair }).hair.flatMap(({ plans }) =>
				plans.flatMap(({ visits }) => visits.flatMap((v) => v.applications.map((a) => a.product)))
			);
		const { fibre, white } = startOfReading({
			naturalLevel: 7,
			warmth: 'neutral',
			presentLevel: 7,
			artificial: [{ kind: 'gloss', level: 7, tone: 'N', layers: 1 }]
		});
		const coloured = { id: 'lengths', head: head(7, { fibre, white }), target: 9 };
		expect(products([uncoloured])).toContain('highLift');
		expect(products([uncoloured, coloured])).not.toContain('highLift');
	});
	it('reports its progress from nothing to nearly all, and a price where rates are known', () => {
		const steps = searchPlansSteps(head(4), 8.5, { rates: { perHour: 60, perApplication: 10 } });
		const shares: number[] = [];
		let next = steps.next();
		for (; !next.done; next = steps.next()) shares.push(next.value);
		expect(shares.length).toBeGreaterThan(3);
		expect(shares).toEqual([...shares].sort((p, q) => p - q));
		expect(shares.at(-1)).toBeLessThan(1);
		const [plan] = next.value.plans;
		const rounds = plan!.visits.flatMap(({ applications }) => applications).length;
		expect(plan!.price).toBeCloseTo(plan!.chairMinutes + 10 * rounds, 6);
	});
});

const demi: readonly ShelfShade[] = ['N', 'V', 'B', 'P', 'M'].flatMap((tone) =>
	[5, 6, 7, 8, 9, 10].map((level) => ({
		id: `${level}${tone}`,
		level,
		tone,
		vehicle: 'demi' as const
	}))
);

describe('if it stops here', () => {
	const application: Application = {
		product: 'powder',
		volume: 20,
		ratio: 2,
		minutes: 40,
		placement: 'foil'
	};
	const problem = {
		start: natural(3),
		application,
		factors: { naturalLevel: 3, texture: 'medium' },
		conditionAfter: 80,
		aimedLevel: 9,
		lowLevel: 6.9,
		shelf: demi,
		conditions: { vehicle: 'demi', ratio: 2, minutes: 20 },
		totalGrams: 40
	} as const;

	it('has the next round and a backup toner for every half level short of the aim', () => {
		const points = stallPoints(problem);
		expect(points.map(({ level }) => level)).toEqual([6.5, 7, 7.5, 8, 8.5]);
		for (const { again, backup, level, undertone } of points) {
			expect(again!.level).toBeGreaterThan(level);
			expect(backup[0]!.parts.length).toBeGreaterThan(0);
			expect(chromaOf(backup[0]!.lab)).toBeLessThan(undertone.chroma);
		}
		expect(points.at(-1)!.again!.minutesToAim).toBeLessThan(40);
		expect(dyesIn(points[0]!.backup[0]!)).toContain('blue');
		expect(dyesIn(points.at(-1)!.backup[0]!)).toContain('violet');
	});
	it('offers no further round to hair that would not bear it', () => {
		for (const point of stallPoints({ ...problem, conditionAfter: 57 })) {
			expect(point.again).toBeUndefined();
			expect(point.stopped).toBe('condition');
			expect(point.backup.length).toBeGreaterThan(0);
		}
	});
	it('is empty where even the low end is enough', () => {
		expect(stallPoints({ ...problem, lowLevel: 9.2 })).toEqual([]);
	});
});

describe('a tint that lifts', () => {
	const permanent: readonly ShelfShade[] = [
		...['N', 'A', 'B'].flatMap((tone) =>
			[6, 7, 8].map((level) => ({
				id: `${level}${tone}`,
				level,
				tone,
				vehicle: 'permanent' as const
			}))
		),
		{ id: 'blue', level: 7, tone: 'B', vehicle: 'permanent', form: 'concentrate' }
	];
	const application = {
		product: 'permanent',
		volume: 20,
		ratio: 1,
		minutes: 35,
		placement: 'onScalp',
		distanceCm: 1
	} as const;
	const factors = { naturalLevel: 5, texture: 'medium' } as const;
	const start = { fibre: natural(5), condition: 100 };
	const tinted = (formula: readonly FormulaPart[], whiteShare = 0) =>
		predictLift(start.fibre, [{ ...application, formula }], factors, 100, whiteShare)[0]!;

	it('is mixed so that it holds down the warmth it exposes', () => {
		const { lifted, target, formulas } = finish(
			solveTintSteps({
				start,
				application,
				factors,
				direction: 'ash',
				keepWarmth: 0.3,
				shelf: permanent,
				totalGrams: 60
			})
		);
		const raw = rawLab({ pigment: lifted.fibre });
		expect(formulas[0]!.deltaE).toBeLessThan(deltaE(raw, target));
		expect(dyesIn(formulas[0]!)).toContain('blue');
		// The same formula laid by the lift itself comes out the same colour.
		const laid = tinted(formulas[0]!.parts);
		expect(deltaE(laid.lab, formulas[0]!.lab)).toBeLessThan(0.01);
	});
	it('lifts and deposits on pigmented hair, and only tints the white', () => {
		const formula = [{ level: 7, tone: 'N', grams: 30 }];
		const half = tinted(formula, 0.5);
		expect(half.white.eumelanin).toBe(0);
		expect(levelOfFibre(half.white)).toBeLessThan(9);
		expect(half.lab.l).toBeLessThan(tinted([], 0.5).lab.l);
	});
});
