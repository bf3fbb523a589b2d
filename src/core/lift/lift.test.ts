import { wearOf } from './wear';
import { doseOf, minutesForDose } from './dose';
import { dyeLossRate, heldDyes } from './fibre';
import { seenBand, type Spread } from './interval';
import { SPREAD } from './constants';
import { withLayer } from './start';
import type { DyeName } from '../tone';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { undertoneOf } from '../colour';
import { naturalPigment } from '../hair';
import {
	doseToLevel,
	fibreOfReading,
	levelInterval,
	levelOfFibre,
	liftCourse,
	predictLift,
	readyWindow,
	spentMinute,
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

	it('over level, texture, product, volume, minutes and place nothing that is stronger lifts less', () => {
		const rising = (levels: readonly number[]) =>
			levels.forEach((level, i) => {
				if (i > 0) expect(level).toBeGreaterThanOrEqual(levels[i - 1]! - 1e-9);
			});
		const after = (
			level: number,
			change: Partial<Application>,
			texture: 'fine' | 'medium' | 'coarse' = 'medium'
		) => levelAfter(natural(level), { ...foil, ...change }, { naturalLevel: level, texture });
		const levels = [1, 2, 3, 4, 5, 6, 7, 8, 9];
		for (const product of ['powder', 'cream', 'clay', 'oil', 'bleachWash', 'permanent'] as const) {
			for (const volume of [10, 20, 30, 40]) {
				rising(levels.map((level) => after(level, { product, volume })));
				for (const level of [1, 4, 7]) {
					rising(
						[0, 5, 10, 20, 40, 60].map((minutes) => after(level, { product, volume, minutes }))
					);
				}
			}
			for (const level of [1, 3, 5, 7, 9]) {
				rising([5, 10, 20, 30, 40].map((volume) => after(level, { product, volume })));
				rising((['coarse', 'medium', 'fine'] as const).map((t) => after(level, { product }, t)));
				rising(
					(['openAir', 'onScalp', 'film', 'foil', 'foilHairline', 'foilCovered'] as const).map(
						(placement) => after(level, { product, placement })
					)
				);
				rising(
					(['thick', 'medium', 'seeThrough'] as const).map((section) =>
						after(level, { product, section })
					)
				);
			}
		}
	});

	it('high-lift lifts more than permanent of the same volume, on every level', () => {
		for (let level = 1; level <= 9; level += 0.5) {
			const by = { naturalLevel: level, texture: 'medium' } as const;
			const after = (product: Product) =>
				levelAfter(natural(level), { ...foil, product, volume: 40, placement: 'cap' }, by);
			expect(after('highLift')).toBeGreaterThan(after('permanent') + 0.1);
		}
	});

	it('the first minutes wet the hair: a mixture that lies begins slowly', () => {
		const gained = (from: number, to: number) =>
			levelAfter(natural(5), { ...foil, minutes: to }) -
			levelAfter(natural(5), { ...foil, minutes: from });
		expect(gained(0, 3)).toBeLessThan(gained(5, 8));
		expect(gained(0, 3)).toBeGreaterThan(0);
	});

	it('minutes for a dose are found again, or nothing where the mixture is spent before', () => {
		fc.assert(
			fc.property(
				anyApplication,
				fc.double({ min: 0.5, max: 120, noNaN: true }),
				(any, minutes) => {
					const application = { ...any, minutes };
					const dose = doseOf(application, head);
					const found = minutesForDose(application, head, dose)!;
					// Late in its life a mixture gives so little that the minute itself is not told apart.
					expect(doseOf({ ...application, minutes: found }, head)).toBeCloseTo(dose, 9);
				}
			)
		);
		expect(minutesForDose(foil, head, 40)).toBeUndefined();
		expect(minutesForDose(foil, head, 0)).toBe(0);
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

	it('wear counts double from level 8 on, four and a half times from 10 on', () => {
		const times = (level: number, dose: number) =>
			(wearOf(foil, head, natural(level), dose) - 0.02) / (wearOf(foil, head) - 0.02);
		expect(times(8.01, 0.2)).toBeCloseTo(2, 6);
		expect(times(10.01, 3)).toBeCloseTo(4.5, 6);
		expect(times(2, 0.5)).toBeCloseTo(1, 9);
		// Half of a dose past 10, the rest past 8.
		const dose = doseToLevel(natural(9), 10);
		expect(times(9, 2 * dose)).toBeCloseTo((2 + 4.5) / 2, 5);
	});
	it('wear looks at the pigment beneath, not at the dye over it', () => {
		const under = natural(9);
		const dyed: Fibre = {
			...under,
			layers: [{ vehicle: 'demi', level: 5, layers: 1, dyes: { brown: 4 } }]
		};
		expect(wearOf(foil, head, dyed, 1)).toBeCloseTo(wearOf(foil, head, under, 1), 9);
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

	it('shows at most a level below its own box when nobody read it, and holds what was put on', () => {
		const [two, many] = [2, 8].map((layers) =>
			fibreOfReading({
				naturalLevel: 5,
				warmth: 'neutral',
				artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers }]
			})
		);
		expect(levelOfFibre(two!)).toBeCloseTo(2, 6);
		expect(levelOfFibre(many!)).toBeCloseTo(2, 6);
		expect(heldDyes(many!).brown!).toBeGreaterThan(2 * heldDyes(two!).brown!);
		const lag = levelAfter(two!, foil) - levelAfter(many!, foil);
		expect(lag).toBeGreaterThan(0.5);
	});

	it('what was read on light hair is all it holds; dark hair may hold more than it shows', () => {
		const read = (presentLevel: number, layers: number) =>
			heldDyes(
				fibreOfReading({
					naturalLevel: 7,
					warmth: 'neutral',
					presentLevel,
					artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers }]
				})
			).brown!;
		// The same depth shows; more layers are a little browner, for their base goes on growing longer.
		expect(Math.abs(read(5.5, 6) / read(5.5, 3) - 1)).toBeLessThan(0.1);
		expect(read(4.5, 6)).toBeGreaterThan(read(4.5, 3) + 0.5);
		// Half-way between the two, half of what the history tells beyond the reading.
		const half = read(5, 6);
		expect(half).toBeGreaterThan(read(5.5, 6));
		expect(half).toBeLessThan(read(4.5, 6));
	});

	it('repeats count by the kind of colour, whatever the shade, and two at most', () => {
		const layer = (layers: number) =>
			({ vehicle: 'permanent', level: 5, layers, dyes: { brown: 1 } }) as const;
		expect(dyeLossRate(layer(1), 'brown')).toBeCloseTo(0.3, 9);
		expect(dyeLossRate(layer(2), 'brown')).toBeCloseTo(0.3 * 0.85, 9);
		expect(dyeLossRate(layer(9), 'brown')).toBeCloseTo(0.3 * 0.85 ** 2, 9);
		const two = [4, 6].reduce(
			(fibre, level) => withLayer(fibre, { vehicle: 'demi', level, dyes: { brown: 1 } }),
			natural(7)
		);
		expect(two.layers.map(({ layers }) => layers)).toEqual([2, 2]);
	});

	it('tones leave faster than brown; permanent red and black stay, and blue and green of direct colour', () => {
		const rate = (vehicle: 'permanent' | 'demi' | 'direct', level: number, dye: DyeName) =>
			dyeLossRate({ vehicle, level, layers: 1, dyes: {} }, dye);
		expect(rate('demi', 5, 'brown')).toBeCloseTo(0.5, 9);
		expect(rate('demi', 5, 'violet')).toBeCloseTo(0.5 * 1.6, 9);
		expect(rate('permanent', 5, 'red')).toBeCloseTo(0.3 * 1.6 * 0.7, 9);
		expect(rate('permanent', 2, 'brown')).toBeCloseTo(0.3 * 0.7, 9);
		expect(rate('demi', 2, 'brown')).toBeCloseTo(0.5, 9);
		expect(rate('direct', 9, 'blue')).toBeCloseTo(0.5 * 1.6 * 0.3, 9);
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

	it('the band that is shown holds the error of the eye, in quadrature', () => {
		const sure: Spread = { ...SPREAD, reader: 0 };
		const { low, high } = seenBand(8, 9, 9.5, SPREAD);
		expect(9 - low).toBeCloseTo(Math.hypot(1, 0.35 * 1.2816), 3);
		expect(high - 9).toBeCloseTo(Math.hypot(0.5, 0.35 * 1.2816), 3);
		expect(seenBand(8, 9, 9.5, sure)).toEqual({ low: 8, high: 9.5 });
		const [shown] = levelInterval(natural(5), [foil], head);
		const [bare] = levelInterval(natural(5), [foil], head, sure);
		expect(shown!.high - shown!.low).toBeGreaterThan(bare!.high - bare!.low + 0.1);
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
