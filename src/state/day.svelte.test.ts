import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { levelOfFibre, SCALP } from '../core/lift';
import type { LiftStep } from '../schema/records';
import {
	daySteps,
	delayAt,
	eventsOf,
	eventsUpTo,
	MAIN_STEP,
	workedZones
} from '../model/day/steps';
import { stepsOn } from '../model/visit/kept';
import { applicationOn } from '../model/visit/lift';
import { openVisit } from '../testing/demoVisit';
import { PLACEMENT_OPTIONS, PRODUCT_OPTIONS, SECTION_OPTIONS } from '../wording/words';

const open = async (name = 'hesper-oake') => (await openVisit(name)).session;

const stepOf = (plan: object, change: Partial<LiftStep>): LiftStep =>
	({ ...plan, id: 'step', kind: 'other', ...change }) as LiftStep;

describe('a day of several applications', () => {
	it('each starts from what the last one left, and condition is carried along', async () => {
		const session = await open();
		const alone = session.head.lift;
		session.change('again', ({ lift, after }) => {
			after.push(stepOf(lift, { minutes: 20 }));
		});
		const { head } = session;
		expect(head.results).toHaveLength(2);
		expect(head.results[0]!.level).toBeCloseTo(alone.level, 9);
		expect(head.lift.level).toBeGreaterThan(alone.level);
		expect(head.lift.condition).toBeLessThan(alone.condition);
		expect(head.lift.level).toBeCloseTo(head.results[1]!.level, 9);
		// The strand is worked by events, the figures by doses: both tell the same.
		const middle = (head.zone.fromCm + head.zone.toCm) / 2;
		const at = head.points.findIndex(({ distanceCm }) => distanceCm >= middle);
		expect(levelOfFibre(head.lifted[at]!)).toBeCloseTo(head.lift.level, 1);
		// Tone starts from the end of the day.
		expect(head.toneStart.fibre).toEqual(head.lift.fibre);
		// The clock of the chair stays with the main application.
		expect(head.plan.minutes).toBe(38);
		expect(head.course.course[0]!.level).toBeLessThan(6);
	});

	it('a removal before it changes where the main application starts, and its course', async () => {
		const session = await open('yusra-halden');
		const { start, course } = session.head.main;
		session.change('removal', ({ lift, before }) => {
			before.push(stepOf(lift, { product: 'bleachWash', placement: 'film', minutes: 20 }));
		});
		const main = session.head.main;
		expect(levelOfFibre(main.start)).toBeGreaterThan(levelOfFibre(start) + 0.5);
		expect(main.course.course[0]!.level).toBeGreaterThan(course.course[0]!.level + 0.5);
		expect(main.number).toBe(1);
		session.stepId = 'step';
		expect(session.head.shown.number).toBe(0);
		expect(session.head.shown.lift.level).toBeCloseTo(levelOfFibre(main.start), 6);
		session.undo();
		// A step that is gone gives way to the main application.
		expect(session.head.shown.step.id).toBe(MAIN_STEP);
	});

	it('a step on some areas leaves the others alone', async () => {
		const session = await open();
		session.change('again', ({ lift, after }) => {
			after.push(stepOf(lift, { areas: ['crown'] }));
		});
		expect(session.hairOf('crown').lift.level).toBeGreaterThan(session.head.lift.level + 0.1);
		expect(
			stepsOn(session.steps, 'nape', session.visit.reading, session.visit.aim)[1]!.plan.covers
		).toEqual({
			root: false,
			lengths: false,
			ends: false
		});
	});

	it('puts nothing on: the hair stays as it is', async () => {
		const session = await open();
		session.change('nothing', ({ lift }) => {
			lift.covers = { root: false, lengths: false, ends: false };
		});
		const { head } = session;
		expect(head.lift.level).toBeCloseTo(levelOfFibre(head.zone.fibre), 9);
		expect(head.lift.condition).toBe(head.conditionBefore);
		expect(new Set(head.course.course.map(({ level }) => level)).size).toBe(1);
		expect(session.work).toMatchObject({ steps: [], grams: 0 });
	});

	it('cautions and hours count every application', async () => {
		const session = await open();
		const hours = session.chairMinutes;
		session.change('again', ({ lift, after }) => {
			after.push(stepOf(lift, { volume: 35, minutes: 20 }));
		});
		expect(session.stops.map(({ code }) => code)).toEqual(['overCeiling']);
		expect(session.chairMinutes).toBeGreaterThan(hours + 20);
		expect(session.work.bowls).toBeGreaterThan(session.bowlPlan.bowls.length);
	});
});

describe('when zones begin and finish', () => {
	it('a zone that is begun later comes out deeper, and only that zone', async () => {
		const session = await open();
		const { main } = session.head;
		const [, lengths, ends] = session.head.zones;
		const before = [main.levelWith(lengths!, {}), main.levelWith(ends!, {})];
		const delays = { root: 0, lengths: 0, ends: 10 };
		expect(main.levelWith(lengths!, { delays })).toBeCloseTo(before[0]!, 9);
		expect(main.levelWith(ends!, { delays })).toBeLessThan(before[1]! - 0.2);
		expect(applicationOn({ ...main.plan, delays }, ends!).minutes).toBe(main.plan.minutes - 10);
	});

	it('the root’s delay holds where the scalp warms, the rest of a long regrowth begins at once', () => {
		const plan = {
			startsAtMm: 0,
			delays: { root: 12, lengths: 3, ends: 5 }
		} as Parameters<typeof delayAt>[0];
		expect(delayAt(plan, { name: 'root', fromCm: 0, toCm: 2 })).toBe(12);
		expect(delayAt(plan, { name: 'root', fromCm: 0, toCm: 3 * SCALP.heatZoneCm })).toBe(0);
		expect(delayAt(plan, { name: 'lengths', fromCm: 3, toCm: 20 })).toBe(3);
	});

	it('draws the spent mixture over what was kept out, for the last minutes only', async () => {
		const session = await open('hesper-oake');
		session.change('ends kept out', ({ lift }) => (lift.covers.ends = false));
		const ends = session.head.zones.find(({ name }) => name === 'ends')!;
		const untouched = session.head.main.levelWith(ends, {});
		expect(untouched).toBeCloseTo(levelOfFibre(ends.fibre), 9);
		const drawn = session.head.main.levelWith(ends, { drawThroughMinutes: 10 });
		expect(drawn).toBeGreaterThan(untouched + 0.2);
		expect(session.head.main.levelWith(ends, { drawThroughMinutes: 5 })).toBeLessThan(drawn);
		session.change('drawn through', ({ lift }) => (lift.drawThroughMinutes = 10));
		expect(workedZones(session.steps).ends).toBe(true);
		expect(session.head.points.at(-1)!.covered).toBe(true);
		const late = eventsOf(session.plan, session.head.zones).find(({ fromCm }) => fromCm! > 25)!;
		expect(late).toMatchObject({ kind: 'apply', minute: 28, mixedMinute: 0 });
	});

	it('one application after another: rinsed between, each on its own minutes', async () => {
		const session = await open();
		session.change('again', ({ lift, after }) => {
			after.push(stepOf(lift, { minutes: 20 }));
		});
		const { events, from } = eventsUpTo(daySteps(session.visit), session.head.zones);
		expect(from).toBe(38);
		expect(events.filter(({ kind }) => kind === 'rinse').map(({ minute }) => minute)).toEqual([38]);
	});
});

describe('whatever is planned', () => {
	const plan = fc.record({
		product: fc.constantFrom(...PRODUCT_OPTIONS.map(({ value }) => value)),
		volume: fc.integer({ min: 1, max: 40 }),
		ratio: fc.double({ min: 0.5, max: 4, noNaN: true }),
		minutes: fc.integer({ min: 1, max: 120 }),
		placement: fc.constantFrom(...PLACEMENT_OPTIONS.map(({ value }) => value)),
		startsAtMm: fc.integer({ min: 0, max: 25 }),
		section: fc.constantFrom(...SECTION_OPTIONS.map(({ value }) => value)),
		bondAdditive: fc.boolean(),
		damp: fc.boolean(),
		delays: fc.record({
			root: fc.integer({ min: 0, max: 60 }),
			lengths: fc.integer({ min: 0, max: 60 }),
			ends: fc.integer({ min: 0, max: 60 })
		}),
		drawThroughMinutes: fc.integer({ min: 0, max: 30 }),
		covers: fc.record({ root: fc.boolean(), lengths: fc.boolean(), ends: fc.boolean() })
	});
	const steps = fc.array(plan, { maxLength: 2 });

	it('every answer is a number, nothing gets darker, and condition only falls', async () => {
		const { session } = await openVisit('casimir-bly');
		fc.assert(
			fc.property(
				plan,
				steps,
				steps,
				fc.constantFrom(undefined, 'fringe' as const),
				(lift, before, after, area) => {
					const further = (plans: readonly object[], at: string) =>
						plans.map((each, i) => stepOf(each, { id: `${at}${i}` }));
					session.change('anything', (draft) => {
						draft.lift = lift;
						draft.before = further(before, 'b');
						draft.after = further(after, 'a');
					});
					const view = session.hairOf(area);
					const { main, final, results } = view;
					const figures = [
						view.lift.level,
						view.lift.low,
						view.lift.high,
						view.lift.condition,
						session.work.grams,
						session.work.chairMinutes,
						main.course.spent,
						...main.course.course.flatMap(({ minute, level, low, high }) => [
							minute,
							level,
							low,
							high
						]),
						...final.lifted.map(levelOfFibre),
						...main.tracks.flatMap(({ moments }) => moments.map(({ level }) => level))
					];
					expect(figures.every(Number.isFinite)).toBe(true);
					let left = { level: levelOfFibre(view.zone.fibre), condition: view.conditionBefore };
					for (const { level, condition } of results) {
						expect(level).toBeGreaterThanOrEqual(left.level - 1e-9);
						expect(condition).toBeLessThanOrEqual(left.condition + 1e-9);
						left = { level, condition };
					}
					const minutes = main.course.course.map(({ minute }) => minute);
					expect(minutes).toEqual([...minutes].sort((p, q) => p - q));
				}
			),
			{ numRuns: 40 }
		);
	});
});
