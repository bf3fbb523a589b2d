import { AREAS } from '../core/vocabulary';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { headAt, levelOfFibre, predictLift, readyHead } from '../core/lift';
import { finish } from '../core/steps';
import { bowlsSteps } from '../model/api/bowls';
import { predict } from '../model/api/predict';
import { middleOf, eventsUpTo, reaches } from '../model/day/steps';
import { applicationOn } from '../model/visit/lift';
import { bowlsRequest, predictRequest } from '../schema/api';
import type { LiftPlan, Reading, Visit } from '../schema/records';
import { openVisit } from '../testing/demoVisit';

/** Levels are one to this. */
const SAME = 6;

const covers = fc.record({ root: fc.boolean(), lengths: fc.boolean(), ends: fc.boolean() });
const plan: fc.Arbitrary<LiftPlan> = fc.record({
	product: fc.constantFrom('powder', 'cream', 'clay', 'oil', 'bleachWash'),
	volume: fc.constantFrom(5, 10, 20, 30),
	ratio: fc.constantFrom(1, 1.5, 2, 3),
	minutes: fc.integer({ min: 5, max: 60 }),
	placement: fc.constantFrom(
		'foil',
		'foilCovered',
		'foilHairline',
		'openAir',
		'film',
		'cap',
		'onScalp'
	),
	startsAtMm: fc.integer({ min: 0, max: 25 }),
	section: fc.constantFrom('seeThrough', 'medium', 'thick'),
	bondAdditive: fc.boolean(),
	damp: fc.boolean(),
	delays: fc.record({
		root: fc.integer({ min: 0, max: 20 }),
		lengths: fc.integer({ min: 0, max: 10 }),
		ends: fc.integer({ min: 0, max: 10 })
	}),
	drawThroughMinutes: fc.constantFrom(0, 0, 5, 10, 20),
	covers
});
const step = fc.record({
	plan,
	kind: fc.constantFrom('again' as const, 'removal' as const),
	areas: fc.option(fc.subarray([...AREAS], { minLength: 1 }), { nil: undefined })
});
const head: fc.Arbitrary<Partial<Reading>> = fc.record({
	naturalLevel: fc.integer({ min: 2, max: 8 }),
	warmth: fc.constantFrom('ash', 'neutral', 'golden', 'copper', 'red'),
	texture: fc.constantFrom('fine', 'medium', 'coarse'),
	whiteShare: fc.constantFrom(0, 0, 0.3, 0.6),
	lengthCm: fc.integer({ min: 8, max: 60 }),
	regrowthCm: fc.double({ min: 0.5, max: 6, noNaN: true })
});

describe('one engine', () => {
	it('says the same of a hundred days on the screen, on the strand, over HTTP and in the core', async () => {
		const { session } = await openVisit('hesper-oake');
		fc.assert(
			fc.property(
				head,
				fc.constantFrom('natural' as const, 'lightened' as const),
				plan,
				fc.array(step, { maxLength: 2 }),
				fc.option(fc.constantFrom(...AREAS), { nil: undefined }),
				fc.integer({ min: 2, max: 9 }),
				(reading, ends, lift, further, area, ownLevel) => {
					session.change(`day ${Math.random()}`, (draft) => {
						Object.assign(draft.reading, reading);
						draft.reading.areas = {};
						draft.reading.zones.ends = {
							state: ends,
							presentLevel: ends === 'natural' ? reading.naturalLevel! : 9,
							artificial: []
						};
						if (area) draft.reading.areas[area] = { naturalLevel: ownLevel, texture: 'fine' };
						draft.lift = lift;
						const steps = further.map(({ plan: own, kind, areas }, i): Visit['after'][number] => ({
							...own,
							id: `step-${i}`,
							kind,
							...(areas ? { areas } : {})
						}));
						draft.before = steps.filter(({ kind }) => kind === 'removal');
						draft.after = steps.filter(({ kind }) => kind === 'again');
					});
					for (const view of [session.head, ...(area ? [session.hairOf(area)] : [])]) {
						const { zone, zones, steps, subject } = view;
						const shown = view.lift.level;
						const applications = steps.map((one) => applicationOn(one.plan, zone));
						// The closed form, as searches use it.
						const core = predictLift(zone.fibre, applications, subject.factors).at(-1)!;
						expect(core.level).toBeCloseTo(shown, SAME);
						// The events, as the strand is drawn by them.
						expect(view.final.levelWith(zone, {})).toBeCloseTo(shown, SAME);
						for (const other of zones) {
							const drawn = view.final.levelWith(other, {});
							const closed = predictLift(
								other.fibre,
								steps.map((one) => applicationOn(one.plan, other)),
								subject.factors
							).at(-1)!;
							expect(closed.level).toBeCloseTo(drawn, SAME);
						}
						// Any minute of the day, by both.
						const { events } = eventsUpTo(steps.slice(0, 1), zones);
						const point = {
							distanceCm: middleOf(steps[0]!.plan, zone),
							fibre: zone.fibre,
							condition: 100,
							porosity: 'normal' as const
						};
						const ready = readyHead(
							[{ name: view.place, whiteShare: 0, texture: view.reading.texture, points: [point] }],
							events,
							subject.factors
						);
						const first = steps[0]!.plan;
						for (const minute of [first.minutes * 0.3, first.minutes * 0.7, first.minutes]) {
							const closed = predictLift(
								zone.fibre,
								[applicationOn(first, zone, minute)],
								subject.factors
							).at(-1)!;
							expect(headAt(ready, minute)[0]!.points[0]!.level).toBeCloseTo(closed.level, SAME);
						}
						// Over HTTP.
						const own = view.reading.zones[zone.name];
						const answer = predict(
							predictRequest.parse({
								hair: {
									naturalLevel: view.reading.naturalLevel,
									warmth: view.reading.warmth,
									texture: view.reading.texture,
									whiteShare: view.reading.whiteShare,
									...(own.state === 'natural' ? {} : { presentLevel: own.presentLevel })
								},
								distanceCm: middleOf(steps[0]!.plan, zone),
								stages: applications.map(({ distanceCm: _, ...stage }) => stage)
							})
						);
						expect(answer.stages.at(-1)!.level).toBeCloseTo(Math.min(12, Math.max(1, shown)), SAME);
					}
				}
			),
			{ numRuns: 100, seed: 20260302 }
		);
	});

	it('says the same of a section in its bowl, over HTTP and in the core', () => {
		fc.assert(
			fc.property(
				plan,
				fc.integer({ min: 2, max: 8 }),
				fc.integer({ min: 1, max: 15 }),
				fc.integer({ min: 5, max: 40 }),
				(lift, naturalLevel, minutesToApply, stays) => {
					const { product, ratio, placement, section } = lift;
					const volume = 10;
					const hair = { naturalLevel, warmth: 'neutral', texture: 'medium' } as const;
					const rinse = minutesToApply + stays;
					const bowls = finish(
						bowlsSteps(
							bowlsRequest.parse({
								sections: [{ name: 'one', grams: 20, minutesToApply, placement, section }],
								hair,
								product,
								ratio,
								volumes: [volume],
								ceiling: volume,
								rinseAfterMinutes: rinse,
								staged: false
							})
						)
					);
					const answer = predict(
						predictRequest.parse({
							hair,
							distanceCm: 30,
							stages: [
								{
									product,
									volume,
									ratio,
									placement,
									section,
									minutes: rinse - minutesToApply / 2,
									bowlAgeMinutes: minutesToApply / 2
								}
							]
						})
					);
					expect(bowls.finish[0]!.level).toBeCloseTo(answer.stages[0]!.level, SAME);
				}
			),
			{ numRuns: 60, seed: 20260302 }
		);
	});

	it('draws the spent bowl through the ends as the strand does, minute by minute', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('drawn through', ({ lift }) => {
			lift.covers = { root: true, lengths: true, ends: false };
			lift.drawThroughMinutes = 10;
			lift.minutes = 40;
		});
		const { head: view } = session;
		const ends = view.zones.find(({ name }) => name === 'ends')!;
		expect(reaches(view.plan, 'ends')).toBe(true);
		const at = (minute: number) =>
			levelOfFibre(
				predictLift(ends.fibre, [applicationOn(view.plan, ends, minute)], view.subject.factors).at(
					-1
				)!.fibre
			);
		expect(at(29)).toBe(levelOfFibre(ends.fibre));
		expect(at(40)).toBeGreaterThan(at(35));
		expect(view.main.levelWith(ends, {})).toBeCloseTo(at(40), SAME);
	});
});
