import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import { findBands } from './bands';
import { AFTER_WIPE } from './constants';
import type { HeadFactors } from './application';
import type { LiftEvent, Mixture } from './events';
import { dyesOf, levelOfFibre, type Fibre } from './fibre';
import { headAt } from './head';
import { readyHead } from './prepare';
import { evenPoints, type AreaNow, type HeadArea, type PointStart } from './strand';
import { headInterval, readyInterval } from './headInterval';
import { learnedSpread, undertoneInterval } from './interval';
import { readyTimes } from './ready';
import { fibreOfReading, startOfReading } from './start';

const powder: Mixture = { product: 'powder', volume: 20, ratio: 2, placement: 'foil' };
const cream: Mixture = { product: 'cream', volume: 20, ratio: 1.5, placement: 'onScalp' };
const natural = (level: number): Fibre => ({ ...naturalPigment(level, 'neutral'), layers: [] });
const like = (fibre: Fibre): Omit<PointStart, 'distanceCm'> => ({
	fibre,
	condition: 100,
	porosity: 'normal'
});
const five = like(natural(5));
const area = (at: (cm: number) => Omit<PointStart, 'distanceCm'>, lengthCm = 25): HeadArea => ({
	name: 'back',
	whiteShare: 0,
	points: evenPoints(lengthCm, at)
});
const head: HeadFactors = { naturalLevel: 5, texture: 'medium' };
const after = (
	strand: HeadArea,
	events: readonly LiftEvent[],
	minute: number,
	on = head
): AreaNow => headAt(readyHead([strand], events, on), minute)[0]!;
const levelAt = (now: AreaNow, cm: number) =>
	now.points.find(({ distanceCm }) => distanceCm >= cm - 1e-9)!.level;

describe('events on a strand', () => {
	const strand = area(() => five);
	const apply: LiftEvent = { kind: 'apply', minute: 0, mixture: powder };

	it('touch only the areas and centimetres they name', () => {
		const now = after(strand, [{ ...apply, fromCm: 5, toCm: 10 }], 40);
		expect(levelAt(now, 2)).toBeCloseTo(5, 6);
		expect(levelAt(now, 7)).toBeGreaterThan(8);
		expect(levelAt(now, 15)).toBeCloseTo(5, 6);
		const elsewhere = after(strand, [{ ...apply, areas: ['fringe'] }], 40);
		expect(elsewhere.points.every(({ dose }) => dose === 0)).toBe(true);
	});
	it('stop where the mixture is rinsed, and go on with less where it is wiped', () => {
		const at = (event: LiftEvent, minute: number) =>
			levelAt(after(strand, [apply, event], minute), 20);
		const rinsed: LiftEvent = { kind: 'rinse', minute: 20 };
		const wiped: LiftEvent = { kind: 'wipe', minute: 20 };
		const stopped: LiftEvent = { kind: 'wipe', minute: 20, acidStop: true };
		expect(at(rinsed, 60)).toBeCloseTo(at(rinsed, 20), 9);
		expect(at(stopped, 60)).toBeCloseTo(at(rinsed, 60), 9);
		expect(at(wiped, 60)).toBeGreaterThan(at(rinsed, 60) + 0.02);
		expect(at(wiped, 60)).toBeCloseTo(at(wiped, 20 + AFTER_WIPE.minutes), 9);
	});
	it('lose about a whole level to a bowl that is half an hour old', () => {
		const old = { ...apply, mixedMinute: -30 };
		const loss = levelAt(after(strand, [apply], 45), 20) - levelAt(after(strand, [old], 45), 20);
		expect(loss).toBeGreaterThan(0.6);
		expect(loss).toBeLessThan(1.3);
	});
	it('lift further with fresh mixture, at no handling, and wear more', () => {
		const plain = after(strand, [apply], 60);
		const fresh = after(strand, [apply, { kind: 'refresh', minute: 30 }], 60);
		expect(levelAt(fresh, 20)).toBeGreaterThan(levelAt(plain, 20));
		expect(fresh.points.at(-1)!.condition).toBeLessThan(plain.points.at(-1)!.condition);
	});
	it('moved to another place lie between both, and are handled once; moved nowhere change nothing', () => {
		const open: Mixture = { ...powder, placement: 'openAir' };
		const moved = (placement: Mixture['placement'], minute: number): LiftEvent => ({
			kind: 'place',
			placement,
			minute
		});
		const end = (events: LiftEvent[]) => after(strand, events, 50).points.at(-1)!;
		const closed = end([apply]);
		const airy = end([{ ...apply, mixture: open }]);
		const opened = end([apply, moved('openAir', 20)]);
		expect(opened.level).toBeLessThan(closed.level - 0.1);
		expect(opened.level).toBeGreaterThan(airy.level + 0.1);
		// The later it is opened, the more it is as if it never was.
		expect(end([apply, moved('openAir', 35)]).level).toBeGreaterThan(opened.level);
		for (const mixture of [apply, { ...apply, mixture: open }]) {
			const stays = end([mixture, moved(mixture.mixture.placement, 20)]);
			const plain = end([mixture]);
			expect(stays.level).toBeCloseTo(plain.level, 6);
			expect(stays.condition).toBeCloseTo(plain.condition, 6);
		}
		// What has dried out stays dried out under a cap.
		const capped = end([{ ...apply, mixture: open }, moved('cap', 49.9)]);
		expect(capped.level).toBeCloseTo(airy.level, 2);
		// Nothing lies there any more: it cannot be moved.
		const rinsed: LiftEvent = { kind: 'rinse', minute: 20 };
		expect(end([apply, rinsed, moved('cap', 25)]).level).toBeCloseTo(end([apply, rinsed]).level, 9);
	});
	it('give the same whatever order they are written in', () => {
		const events: LiftEvent[] = [
			apply,
			{ kind: 'refresh', minute: 30 },
			{ kind: 'rinse', minute: 50 }
		];
		expect(after(strand, events.toReversed(), 60)).toEqual(after(strand, events, 60));
	});
	it('leave a tint’s own dye on both kinds of fibre, and old dye alone', () => {
		const old = startOfReading({
			naturalLevel: 5,
			warmth: 'neutral',
			artificial: [{ kind: 'permanent', level: 4, tone: 'N', layers: 1 }]
		});
		const tinted = area(() => ({ ...like(old.fibre), white: old.white }));
		const tint: Mixture = { product: 'permanent', volume: 20, ratio: 1, placement: 'onScalp' };
		const bare = after(tinted, [{ kind: 'apply', minute: 0, mixture: tint }], 35).points[0]!;
		expect(dyesOf(bare.fibre)).toEqual(dyesOf(old.fibre));
		expect(bare.fibre.eumelanin).toBeLessThan(old.fibre.eumelanin);
		const formula = [{ level: 6, tone: 'N', grams: 30 }];
		const laid = (minute: number) =>
			after(tinted, [{ kind: 'apply', minute: 0, mixture: { ...tint, formula } }], minute)
				.points[0]!;
		expect(laid(35).white.layers).toHaveLength(2);
		expect(laid(35).white.layers[1]!.dyes.brown).toBeGreaterThan(
			laid(10).white.layers[1]!.dyes.brown!
		);
		expect(laid(35).level).toBeLessThan(bare.level);
	});
});

describe('points of a strand', () => {
	it('lie at most half a centimetre apart, from the scalp to the tip', () => {
		const points = evenPoints(30.2, () => five);
		expect(points[0]!.distanceCm).toBe(0);
		expect(points.at(-1)!.distanceCm).toBe(30.2);
		points.slice(1).forEach((point, i) => {
			expect(point.distanceCm - points[i]!.distanceCm).toBeLessThanOrEqual(0.5);
		});
	});
});

describe('uneven results', () => {
	it('hot roots come out by themselves, and are named', () => {
		const strand = area(() => like(natural(4)));
		const now = after(strand, [{ kind: 'apply', minute: 0, mixture: cream }], 50, {
			...head,
			naturalLevel: 4
		});
		const [root, ...others] = findBands(strand, now.points);
		expect(root).toMatchObject({ kind: 'hotRoot', fromCm: 0, cause: 'scalp heat' });
		expect(root!.levels).toBeGreaterThan(0.4);
		expect(root!.toCm).toBeLessThan(3);
		expect(others).toEqual([]);
	});
	it('a root put on later comes out even', () => {
		const strand = area(() => five);
		const at = (minute: number, fromCm: number, toCm: number): LiftEvent => ({
			kind: 'apply',
			minute,
			mixture: cream,
			fromCm,
			toCm
		});
		const once = after(strand, [at(0, 0, 25)], 50);
		const later = after(strand, [at(0, 2.5, 25), at(15, 0, 2.4)], 50);
		const spread = (now: AreaNow) => {
			const levels = now.points.map(({ level }) => level);
			return Math.max(...levels) - Math.min(...levels);
		};
		expect(spread(later)).toBeLessThan(spread(once));
	});
	it.each([
		[
			'a missed span',
			'missed',
			() => five,
			[
				{ fromCm: 0, toCm: 10 },
				{ fromCm: 14, toCm: 25 }
			]
		],
		[
			'old colour in the middle',
			'old colour',
			(cm: number) =>
				cm > 10 && cm < 14
					? like(
							fibreOfReading({
								naturalLevel: 5,
								warmth: 'neutral',
								presentLevel: 3,
								artificial: [{ kind: 'permanent', level: 3, tone: 'N' }]
							})
						)
					: five,
			[{}]
		],
		[
			'a span lightened before',
			'lighter before',
			(cm: number) => (cm > 10 && cm < 14 ? like(natural(8)) : five),
			[{}]
		]
	] as const)('%s shows as a band', (_, cause, at, spans) => {
		const strand = area(at);
		const events = spans.map((span): LiftEvent => ({
			kind: 'apply',
			minute: 0,
			mixture: powder,
			...span
		}));
		const bands = findBands(strand, after(strand, events, 30).points);
		expect(bands).toHaveLength(1);
		expect(bands[0]).toMatchObject({ kind: 'band', cause });
		expect(bands[0]!.fromCm).toBeGreaterThan(9.5);
		expect(bands[0]!.toCm).toBeLessThan(14.5);
	});
	it('an even strand has none, and hair left out on purpose is not judged', () => {
		const strand = area(() => five);
		const now = after(strand, [{ kind: 'apply', minute: 0, mixture: powder, fromCm: 3 }], 40);
		expect(findBands(strand, now.points, (cm) => cm > 3)).toEqual([]);
		expect(findBands(strand, now.points)[0]).toMatchObject({ kind: 'darkRoot', cause: 'missed' });
	});
});

describe('when it is ready', () => {
	const zones = [
		{ name: 'root', area: 'back', fromCm: 0, toCm: 2 },
		{ name: 'lengths', area: 'back', fromCm: 4, toCm: 25 }
	] as const;
	const strand = area(() => five);
	const both = readyHead([strand], [{ kind: 'apply', minute: 0, mixture: cream }], head);
	const target = { low: 7.5, high: 8 };

	it('each zone has its window, and the slowest and the first past it are told', () => {
		const ready = readyTimes(both, zones, target, 90);
		const [root, lengths] = ready.zones;
		expect(root!.from!).toBeLessThan(lengths!.from!);
		expect(ready.slowest).toBe(lengths!.from);
		expect(ready.firstPast).toBe(root!.to);
		expect(ready.together).toBe(ready.slowest! <= ready.firstPast!);
	});
	it('what never gets there is never, not the last minute', () => {
		const ready = readyTimes(both, zones, { low: 11.5, high: 12 }, 60);
		expect(ready.slowest).toBeUndefined();
		expect(ready.together).toBe(false);
		expect(readyInterval(both, zones[1], 11.5, 60).low).toBe(Infinity);
	});
	it('the interval of the minute surrounds the minute expected', () => {
		const ready = readyTimes(both, zones, target, 90).zones[1]!.from!;
		const range = readyInterval(both, zones[1], target.low, 90);
		expect(range.low).toBeLessThan(ready);
		expect(range.high).toBeGreaterThan(ready);
	});
});

describe('how sure', () => {
	const strand = area(() => five);
	const ready = readyHead([strand], [{ kind: 'apply', minute: 0, mixture: powder }], head);
	const width = (range: { low: number; high: number }) => range.high - range.low;

	it('the interval of every point holds its level, and is the same every time', () => {
		const ranges = headInterval(ready, 40)[0]!;
		const now = headAt(ready, 40)[0]!.points;
		ranges.forEach((range, i) => {
			expect(range.low).toBeLessThan(now[i]!.level);
			expect(range.high).toBeGreaterThan(now[i]!.level);
		});
		expect(headInterval(ready, 40)).toEqual([ranges]);
	});
	it('read between neighbours it is what each point says by itself', () => {
		// Over the scalp every point has a dose of its own: most are read between two others.
		const long = area(() => five, 15);
		const events: LiftEvent[] = [
			{ kind: 'apply', minute: 0, mixture: cream },
			{ kind: 'refresh', minute: 20, fromCm: 8 }
		];
		for (const minute of [10, 40]) {
			const whole = headInterval(readyHead([long], events, head), minute)[0]!;
			long.points.forEach((point, i) => {
				const alone = readyHead([{ ...long, points: [point] }], events, head);
				const [range] = headInterval(alone, minute)[0]!;
				expect(Math.abs(whole[i]!.low - range!.low)).toBeLessThan(0.003);
				expect(Math.abs(whole[i]!.high - range!.high)).toBeLessThan(0.003);
			});
		}
	});
	it('the undertone has its interval as well: from warmer to paler', () => {
		const application = { ...powder, minutes: 35 };
		const [range] = undertoneInterval(natural(3), [application], { ...head, naturalLevel: 3 });
		expect(range).toEqual({ low: 'orange', high: 'yellow-orange' });
		expect(undertoneInterval(natural(3), [], head)).toEqual([]);
	});
	it('a client whose factor was learned is surer', () => {
		const unknown = headInterval(ready, 40)[0]!.at(-1)!;
		const known = headInterval(ready, 40, learnedSpread(0.06))[0]!.at(-1)!;
		expect(width(known)).toBeLessThan(width(unknown) * 0.8);
	});
	it('what is only remembered is less sure than what was read', () => {
		const light = { naturalLevel: 8, warmth: 'neutral' } as const;
		const artificial = [{ kind: 'permanent', level: 7, tone: 'N', layers: 2 }] as const;
		const told = startOfReading({ ...light, artificial });
		const read = startOfReading({ ...light, artificial, presentLevel: levelOfFibre(told.fibre) });
		expect(levelOfFibre(told.fibre)).toBeGreaterThan(5.5);
		const of = (start: typeof told) => {
			const strand = area(() => ({ ...like(start.fibre), remembered: start.remembered }));
			const events: LiftEvent[] = [{ kind: 'apply', minute: 0, mixture: powder }];
			return headInterval(readyHead([strand], events, head), 40)[0]!.at(-1)!;
		};
		expect(width(of(told))).toBeGreaterThan(width(of(read)) + 0.03);
	});
});

describe('laws of a service', () => {
	const minute = fc.double({ min: 0, max: 90, noNaN: true });
	const cm = fc.double({ min: 0, max: 25, noNaN: true });
	const mixture = fc.record<Mixture>({
		product: fc.constantFrom(
			'powder',
			'cream',
			'clay',
			'oil',
			'bleachWash',
			'highLift',
			'permanent'
		),
		volume: fc.double({ min: 1, max: 40, noNaN: true }),
		ratio: fc.double({ min: 0.5, max: 4, noNaN: true }),
		placement: fc.constantFrom('foil', 'openAir', 'cap', 'onScalp', 'film'),
		section: fc.constantFrom('seeThrough', 'medium', 'thick'),
		damp: fc.boolean(),
		bondAdditive: fc.boolean()
	});
	const event = fc.oneof(
		fc.record({
			kind: fc.constant('apply' as const),
			minute,
			mixture,
			fromCm: cm,
			mixedMinute: fc.double({ min: -30, max: 90, noNaN: true })
		}),
		fc.record({ kind: fc.constant('refresh' as const), minute, toCm: cm }),
		fc.record({ kind: fc.constant('wipe' as const), minute, acidStop: fc.boolean() }),
		fc.record({ kind: fc.constant('rinse' as const), minute, fromCm: cm })
	);
	const reading = fc.record({
		naturalLevel: fc.double({ min: 1, max: 10, noNaN: true }),
		warmth: fc.constantFrom('ash', 'neutral', 'golden', 'copper', 'red'),
		presentLevel: fc.option(fc.double({ min: 1, max: 12, noNaN: true }), { nil: undefined }),
		artificial: fc.array(
			fc.record({
				kind: fc.constantFrom('permanent', 'demi', 'direct'),
				level: fc.double({ min: 1, max: 10, noNaN: true }),
				tone: fc.constantFrom('N', 'R', 'B', 'NC', 'VV'),
				layers: fc.integer({ min: 1, max: 5 })
			}),
			{ maxLength: 2 }
		)
	});

	it('whatever is done to whatever hair: no pigment below nothing, no condition gained, no number missing', () => {
		fc.assert(
			fc.property(fc.array(event, { maxLength: 7 }), reading, minute, (events, hair, at) => {
				const start = startOfReading(hair);
				const strand = area(
					() => ({ ...like(start.fibre), white: start.white, condition: 80 }),
					12
				);
				const now = after(strand, events, at, {
					naturalLevel: hair.naturalLevel,
					texture: 'fine'
				});
				for (const { fibre, white, level, condition, dose } of now.points) {
					expect([level, condition, dose].every(Number.isFinite)).toBe(true);
					expect(fibre.eumelanin).toBeGreaterThanOrEqual(0);
					expect(fibre.pheomelanin).toBeGreaterThanOrEqual(0);
					expect(white.eumelanin).toBe(0);
					expect(condition).toBeLessThanOrEqual(80);
					const dyes = [...fibre.layers, ...white.layers].flatMap(({ dyes }) =>
						Object.values(dyes)
					);
					expect(dyes.every((amount) => amount >= 0)).toBe(true);
				}
			}),
			{ numRuns: 60 }
		);
	});
	it('more minutes never give less lift, nor better condition', () => {
		fc.assert(
			fc.property(fc.array(event, { maxLength: 5 }), minute, minute, (events, one, two) => {
				const [early, late] = [Math.min(one, two), Math.max(one, two)];
				const strand = area(() => five, 6);
				const before = after(strand, events, early).points;
				after(strand, events, late).points.forEach((point, i) => {
					expect(point.level).toBeGreaterThanOrEqual(before[i]!.level - 1e-9);
					expect(point.condition).toBeLessThanOrEqual(before[i]!.condition + 1e-9);
				});
			}),
			{ numRuns: 60 }
		);
	});
});
