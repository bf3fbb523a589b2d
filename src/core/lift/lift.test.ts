import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { undertoneOf } from '../colour';
import { naturalPigment } from '../hair';
import {
	fibreOfReading,
	levelInterval,
	levelOfFibre,
	liftCourse,
	predictLift,
	readyWindow,
	spentMinute,
	wearOf,
	type Application,
	type Fibre,
	type Placement,
	type Product
} from '.';

const natural = (level: number): Fibre => ({ ...naturalPigment(level, 'neutral'), layers: [] });
const foil: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 45,
	placement: 'foil'
};
const head = { naturalLevel: 5, texture: 'medium' } as const;
const levelAfter = (
	start: Fibre,
	application: Application,
	by = head as typeof head | { naturalLevel: number; texture: 'fine' | 'medium' | 'coarse' }
) => predictLift(start, [application], by)[0]!.level;

const anyApplication = fc.record({
	product: fc.constantFrom<Product[]>(
		'powder',
		'cream',
		'clay',
		'oil',
		'bleachWash',
		'highLift',
		'permanent'
	),
	volume: fc.double({ min: 5, max: 40, noNaN: true }),
	ratio: fc.double({ min: 0.5, max: 4, noNaN: true }),
	minutes: fc.double({ min: 0, max: 90, noNaN: true }),
	placement: fc.constantFrom<Placement[]>(
		'foil',
		'foilCovered',
		'openAir',
		'cap',
		'onScalp',
		'film'
	),
	distanceCm: fc.double({ min: 0, max: 40, noNaN: true })
});
const anyLevel = fc.double({ min: 1, max: 10, noNaN: true });

describe('laws of the lift', () => {
	it('more minutes never leave the hair darker', () => {
		fc.assert(
			fc.property(
				anyLevel,
				anyApplication,
				fc.double({ min: 0, max: 30, noNaN: true }),
				(level, application, more) => {
					const by = { naturalLevel: level, texture: 'medium' } as const;
					const sooner = levelAfter(natural(level), application, by);
					const later = levelAfter(
						natural(level),
						{ ...application, minutes: application.minutes + more },
						by
					);
					expect(later).toBeGreaterThanOrEqual(sooner - 1e-9);
				}
			)
		);
	});

	it('pigment never goes negative and condition never rises', () => {
		fc.assert(
			fc.property(anyLevel, fc.array(anyApplication, { maxLength: 4 }), (level, applications) => {
				const results = predictLift(
					natural(level),
					applications,
					{ naturalLevel: level, texture: 'fine' },
					90
				);
				let condition = 90;
				for (const result of results) {
					expect(result.fibre.eumelanin).toBeGreaterThanOrEqual(0);
					expect(result.fibre.pheomelanin).toBeGreaterThanOrEqual(0);
					expect(Number.isFinite(result.level)).toBe(true);
					expect(result.condition).toBeLessThanOrEqual(condition);
					condition = result.condition;
				}
			})
		);
	});

	it('no minutes change nothing and wear nothing', () => {
		const [result] = predictLift(natural(4), [{ ...foil, minutes: 0 }], head, 80);
		expect(result!.level).toBeCloseTo(4, 6);
		expect(result!.condition).toBe(80);
	});

	it('a thicker mix is quicker, damp hair slower, a bond additive a little slower but kinder', () => {
		const plain = levelAfter(natural(3), foil);
		expect(levelAfter(natural(3), { ...foil, ratio: 1 })).toBeGreaterThan(
			levelAfter(natural(3), { ...foil, ratio: 3 }) + 0.5
		);
		expect(levelAfter(natural(3), { ...foil, damp: true })).toBeLessThan(plain);
		expect(levelAfter(natural(3), { ...foil, bondAdditive: true })).toBeLessThan(plain);
		expect(wearOf({ ...foil, bondAdditive: true }, head)).toBeLessThan(wearOf(foil, head));
	});

	it('reaches the same level by 20 vol in more time with less wear than by 40 vol', () => {
		const strong = predictLift(natural(5), [{ ...foil, volume: 40, minutes: 20 }], head)[0]!;
		let minutes = 20;
		while (levelAfter(natural(5), { ...foil, minutes }) < strong.level) minutes++;
		const gentle = predictLift(natural(5), [{ ...foil, minutes }], head)[0]!;
		expect(minutes).toBeGreaterThan(20);
		expect(gentle.condition).toBeGreaterThan(strong.condition);
	});

	it('wear counts double from level 8 on', () => {
		const pale = natural(9);
		expect(wearOf(foil, head, pale, 3) - 0.02).toBeCloseTo(2 * (wearOf(foil, head) - 0.02), 9);
		expect(wearOf(foil, head, natural(2), 0.5)).toBeCloseTo(wearOf(foil, head), 9);
	});

	it('runs through the undertones in the order every chart teaches', () => {
		const names = liftCourse(
			natural(2),
			{ ...foil, volume: 40 },
			{ naturalLevel: 2, texture: 'fine' },
			120,
			2
		)
			.slice(3)
			.map(({ undertone }) => undertone);
		const order = ['red', 'red-orange', 'orange', 'yellow-orange', 'yellow', 'pale yellow'];
		const seen = names.map((name) => order.indexOf(name));
		expect(seen).toEqual([...seen].sort((p, q) => p - q));
		expect(new Set(names).size).toBeGreaterThanOrEqual(4);
	});
});

describe('old colour', () => {
	const coloured = (presentLevel?: number) =>
		fibreOfReading({
			naturalLevel: 5,
			warmth: 'neutral',
			presentLevel,
			artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers: 2 }]
		});

	it('is scaled to the level that was read', () => {
		expect(levelOfFibre(coloured(3))).toBeCloseTo(3, 2);
		expect(levelOfFibre(coloured(4))).toBeCloseTo(4, 2);
	});

	it('never reads far below its own box when nobody read it', () => {
		expect(levelOfFibre(coloured())).toBeGreaterThanOrEqual(2.45);
	});

	it('two layers of level 3 over 5 lag one to two levels behind the untouched 5 beside it', () => {
		const lag = levelAfter(natural(5), foil) - levelAfter(coloured(3), foil);
		expect(lag).toBeGreaterThan(1);
		expect(lag).toBeLessThan(2);
	});

	it('tint does not lift tint', () => {
		const before = coloured(3);
		const after = predictLift(before, [{ ...foil, product: 'highLift', volume: 40 }], head)[0]!
			.fibre;
		expect(after.layers).toEqual(before.layers);
		expect(after.eumelanin).toBeLessThan(before.eumelanin);
	});

	it('old red leaves warmth behind that brown does not', () => {
		const lift = (tone: string) => {
			const start = fibreOfReading({
				naturalLevel: 5,
				warmth: 'neutral',
				presentLevel: 4,
				artificial: [{ kind: 'permanent', level: 4, tone, layers: 2 }]
			});
			return predictLift(start, [foil], head)[0]!.lab;
		};
		expect(undertoneOf(lift('RR')).hue).toBeLessThan(undertoneOf(lift('N')).hue);
	});

	it('hair read lighter than it grows lies on its own lift path', () => {
		const fibre = fibreOfReading({ naturalLevel: 4, warmth: 'neutral', presentLevel: 8.5 });
		expect(levelOfFibre(fibre)).toBeCloseTo(8.5, 2);
		expect(fibre.eumelanin).toBeLessThan(natural(8.5).eumelanin);
	});
});

describe('course', () => {
	const course = liftCourse(natural(5), foil, head, 60);

	it('holds the plain prediction inside its interval, and agrees with it at every moment', () => {
		for (const moment of course) {
			expect(moment.low).toBeLessThanOrEqual(moment.level + 1e-9);
			expect(moment.high).toBeGreaterThanOrEqual(moment.level - 1e-9);
			expect(moment.level).toBeCloseTo(
				levelAfter(natural(5), { ...foil, minutes: moment.minute }),
				9
			);
		}
	});

	it('the same question always has the same interval', () => {
		expect(levelInterval(natural(5), [foil], head)).toEqual(
			levelInterval(natural(5), [foil], head)
		);
	});

	it('knows when it is inside a band, and says so when it never gets there', () => {
		const window = readyWindow(course, 8, 8.5)!;
		expect(levelAfter(natural(5), { ...foil, minutes: window.from })).toBeCloseTo(8, 1);
		expect(levelAfter(natural(5), { ...foil, minutes: window.to! })).toBeCloseTo(8.5, 1);
		expect(readyWindow(course, 11, 11.5)).toBeUndefined();
		expect(readyWindow(course, 8, 11)!.to).toBeUndefined();
	});

	it('is spent at the limit at the latest, and earlier when nothing is gained', () => {
		expect(spentMinute(natural(5), foil, head, 50)).toBeLessThanOrEqual(50);
		const mild: Application = { ...foil, product: 'oil', volume: 5, placement: 'openAir' };
		expect(spentMinute(natural(10), mild, head, 50)).toBeLessThan(10);
	});
});
