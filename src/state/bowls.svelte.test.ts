import { moveSection } from '../core/work/headSections';
import { stageHead } from '../core/work/stageHead';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { volumeCeiling } from '../core/caution';
import { finish } from '../core/steps';
import { AREAS, CHOSEN_PRODUCTS, PLACEMENT_NAMES, WORKED_PARTS } from '../core/vocabulary';
import { levelOfFibre } from '../core/lift';
import { movePartEdge, takePart } from '../model/commands/part';
import { mergeSections, partShare, splitSection, stageHeadSteps } from '../core/work';
import { readingOf } from '../model/head/exceptions';
import { openVisit, SPOT } from '../testing/demoVisit';
import { dayBowls, lightenerBowls, mixtureCost } from '../model/visit/dayBowls';
import { canDo } from '../model/commands/help';
import { clockRows } from '../stations/bowls/clockRows';
import { editSection } from '../model/commands/sections';
import { takeTechnique } from '../model/commands/technique';
import { bowlName, clockSubjectWords, partName, sectionNamer } from '../wording/bowls';
import { startOf } from '../model/visit/when';
import { timeOf } from '../wording/words';

const PEOPLE = [
	'hesper-oake',
	'teodor-vask',
	'anneke-rill',
	'dorrit-vane',
	'yusra-halden',
	'lisbet-quill',
	'casimir-bly',
	'odile-ferrant',
	'ruta-semmel'
];

describe('the last answer, until the next one is there', () => {
	it('may know of sections that are no more: nothing is poured for them, and nothing breaks', async () => {
		let first: ReturnType<typeof stageHead> | undefined;
		const { session } = await openVisit('casimir-bly', {
			...SPOT,
			stageHead: ({ head }) => (first ??= stageHead(head))
		});
		const before = session.bowls.poured!;
		expect(before.length).toBeGreaterThan(0);
		session.change('another technique', (draft) => takeTechnique(draft, 'open', undefined));
		const ids = new Set(session.bowls.sections.map(({ section }) => section.id));
		expect(session.bowls.staging!.finish.some(({ section }) => !ids.has(section))).toBe(true);
		expect(session.bowls.poured!.length).toBeLessThan(before.length);
		expect(() => session.cautions).not.toThrow();
	});
});

describe('the strength that was chosen', () => {
	const strengths = (session: Awaited<ReturnType<typeof openVisit>>['session']) => {
		const { staging, sections } = session.bowls;
		return (staging?.finish ?? []).map(({ section, bowl }) => ({
			...sections.find((one) => one.section.id === section)!,
			volume: staging!.bowls.find(({ number }) => number === bowl)!.volume
		}));
	};
	it('is what a new head gets throughout', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('as new', (draft) => (draft.bowls.staged = false));
		expect(new Set(strengths(session).map(({ volume }) => volume))).toEqual(new Set([20]));
	});
	it('is never passed by a bowl, nor the ceiling of the place by a staged one', async () => {
		const { session } = await openVisit('hesper-oake');
		const plans = fc.record({
			product: fc.constantFrom(...CHOSEN_PRODUCTS),
			placement: fc.constantFrom(...PLACEMENT_NAMES),
			volume: fc.constantFrom(5, 7.5, 10, 12.5, 20, 25, 30, 40),
			minutes: fc.integer({ min: 20, max: 50 }),
			foils: fc.integer({ min: 10, max: 80 }),
			naturalLevel: fc.integer({ min: 2, max: 8 }),
			startsAtMm: fc.integer({ min: 0, max: 25 }),
			staged: fc.boolean(),
			technique: fc.constantFrom('foils' as const, 'open' as const)
		});
		fc.assert(
			fc.property(plans, ({ naturalLevel, staged, technique, foils, ...lift }) => {
				session.change('another plan', (draft) => {
					Object.assign(draft.lift, lift);
					Object.assign(draft.bowls, { staged, technique, foils });
					draft.reading.naturalLevel = naturalLevel;
				});
				for (const { placement, onScalp, volume } of strengths(session)) {
					const { ceilings } = session.shelf!;
					const ceiling = volumeCeiling(lift.product, placement, ceilings, onScalp);
					expect(onScalp).toBe(lift.placement === 'onScalp' || lift.startsAtMm < 5);
					if (staged) expect(volume).toBeLessThanOrEqual(Math.min(lift.volume, ceiling));
					else expect(volume).toBe(lift.volume);
				}
				// Where the dial is within its place, so are all bowls, and no caution says otherwise.
				const { ceilings } = session.shelf!;
				const { onScalp } = session.head;
				if (lift.volume <= volumeCeiling(lift.product, lift.placement, ceilings, onScalp)) {
					expect(session.cautions.map(({ code }) => code)).not.toContain('overCeiling');
				}
			}),
			{ numRuns: 60 }
		);
	});
	it('holds in every bowl that is listed, printed and weighed, and no gram goes on hair that is kept out', async () => {
		const { session } = await openVisit('hesper-oake');
		const visits = fc.record({
			volume: fc.constantFrom(7.5, 10, 20, 30),
			startsAtMm: fc.integer({ min: 0, max: 25 }),
			covers: fc.record({ root: fc.boolean(), lengths: fc.boolean(), ends: fc.boolean() }),
			along: fc.option(fc.constantFrom(5, 10), { nil: undefined }),
			lightEnds: fc.boolean(),
			napeAim: fc.constantFrom(4, 6, 8.5),
			/** Old light pieces among the lengths: kept out, or with a bowl of their own. */
			pieces: fc.constantFrom('none' as const, 'kept' as const, 5, 10),
			staged: fc.boolean()
		});
		fc.assert(
			fc.property(visits, ({ along, lightEnds, napeAim, pieces, staged, ...lift }) => {
				session.change('another visit', (draft) => {
					Object.assign(draft.lift, lift);
					delete draft.lift.overlap;
					if (along) draft.lift.overlap = { reason: 'asked for', volume: along };
					draft.reading.zones.ends = lightEnds
						? { state: 'lightened', presentLevel: 8, artificial: [] }
						: { state: 'natural', presentLevel: 5, artificial: [] };
					draft.aim.areas = { nape: { level: napeAim } };
					const { lengths } = draft.reading.zones;
					delete draft.lift.lightsAlong;
					delete lengths.oldLights;
					if (pieces !== 'none') lengths.oldLights = { share: 0.3, level: 7 };
					if (typeof pieces === 'number')
						draft.lift.lightsAlong = { reason: 'asked for', volume: pieces };
					draft.bowls.staged = staged;
				});
				const bowls = lightenerBowls(session);
				const kept = session.bowls.sections.filter(({ load }) => !load);
				for (const { volume, parts, sections, mixable } of bowls) {
					expect(volume).toBeLessThanOrEqual(lift.volume);
					for (const { section } of kept) expect(sections).not.toContain(section.id);
					const developers = parts.filter((part) => part.kind === 'developer');
					const grams = developers.reduce((sum, { amount }) => sum + amount, 0);
					const strength = developers.reduce((sum, part) => sum + part.amount * part.volume, 0);
					// As well as whole grams blend it.
					if (mixable && grams > 20) expect(Math.abs(strength / grams - volume)).toBeLessThan(1.5);
				}
				// Old light pieces get their weak bowl or none at all.
				for (const { part, volume } of bowls)
					if (part === 'oldLights') expect(volume).toBeLessThanOrEqual(Number(pieces));
				const own = bowls.some(({ part }) => part === 'oldLights');
				expect(own).toBe(typeof pieces === 'number' && lift.covers.lengths);
				const light = lightEnds && !along;
				const onEnds = lift.covers.ends && !light;
				const onRoot = lift.covers.root && lift.startsAtMm < 25;
				if (!onRoot && !lift.covers.lengths && !onEnds) expect(bowls).toEqual([]);
				expect(session.lightens).toBe(bowls.length > 0);
				if (napeAim === 4 && session.lightens)
					expect(kept.map(({ section }) => section.id)).toContain('nape');
				// Where all that is worked is light already, every bowl is a weak one.
				if (lightEnds && along && onEnds && !onRoot && !lift.covers.lengths)
					for (const { volume } of bowls) expect(volume).toBeLessThanOrEqual(along);
			}),
			{ numRuns: 25 }
		);
	});
	it('may be passed when that is asked for, within the ceilings', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('long work', (draft) => {
			draft.lift.volume = 12.5;
			draft.bowls.aboveChosen = true;
		});
		const volumes = strengths(session).map(({ volume }) => volume);
		expect(Math.max(...volumes)).toBeGreaterThan(12.5);
		expect(Math.max(...volumes)).toBeLessThanOrEqual(session.shelf!.ceilings.offScalp);
	});
	it('is cautioned by what a section holds, not by the dial alone', async () => {
		const { session } = await openVisit('hesper-oake');
		expect(session.cautions.map(({ code }) => code)).not.toContain('overCeiling');
		session.change('one section stronger', (draft) => {
			const [first, ...rest] = session.bowls.sections.map(({ section }) => ({
				...section,
				areas: [...section.areas]
			}));
			draft.bowls.sections = [{ ...first!, lockedVolume: 40 }, ...rest];
		});
		expect(session.cautions.map(({ code }) => code)).toContain('overCeiling');
	});
});

describe('the bowls of a demo head', () => {
	it.each(PEOPLE)('%s: every section is served once, and the grams add up', async (id) => {
		const { session } = await openVisit(id);
		const { staging, sections } = session.bowls;
		const worked = sections.filter(({ load }) => load);
		expect(staging!.bowls.flatMap((bowl) => bowl.sections)).toEqual(
			worked.map(({ section }) => section.id)
		);
		const needed = worked.reduce((sum, { load }) => sum + load!.grams, 0);
		expect(session.bowlPlan.totalGrams).toBeGreaterThanOrEqual(Math.floor(needed * 1.1 - 1));
		const lighteners = dayBowls(session).filter(({ parts }) =>
			parts.some(({ kind }) => kind === 'lightener')
		);
		const weighed = lighteners
			.flatMap(({ parts }) => parts)
			.reduce((sum, { amount }) => sum + amount, 0);
		expect(weighed).toBeCloseTo(session.work.grams, 6);
		expect(staging!.spread).toBeLessThanOrEqual(staging!.spreadUnstaged + 1e-9);
		const clock = session.bowls.clock!;
		expect(clock.chairMinutes).toBe(session.chairMinutes);
	});
	it('foils are whole, at least one each, and add up to those of the head', async () => {
		const { session } = await openVisit('hesper-oake');
		const foils = session.bowls.sections.map(({ load }) => load!.foils!);
		expect(Math.min(...foils)).toBeGreaterThanOrEqual(1);
		expect(foils.reduce((sum, count) => sum + count, 0)).toBe(36);
	});
	it('starts from what an earlier application of the day left, where it went on at all', async () => {
		const { session } = await openVisit('hesper-oake');
		const levelOf = (id: string) =>
			session.bowls.staging!.finish.find(({ section }) => section === id)!.level;
		session.change('one strength', ({ bowls }) => (bowls.staged = false));
		const [nape, fringe] = [levelOf('nape'), levelOf('fringe')];
		session.change('the nape first', (draft) => {
			draft.before = [
				{ ...draft.lift, id: 'first', kind: 'removal', minutes: 20, areas: ['nape'] }
			];
		});
		expect(levelOf('nape')).toBeGreaterThan(nape + 0.1);
		expect(levelOf('fringe')).toBeCloseTo(fringe, 6);
	});
	it('the hair of an area is its own: another aim for the fringe leaves it lighter', async () => {
		const { session } = await openVisit('casimir-bly');
		session.change('stronger bowls', (draft) => (draft.bowls.aboveChosen = true));
		const { finish } = session.bowls.staging!;
		expect(readingOf(session.visit.reading, 'fringe').lengthCm).toBe(24);
		const fringe = finish.find(({ section }) => section === 'fringe')!;
		const rest = finish.filter(({ section }) => section !== 'fringe');
		expect(fringe.level).toBeGreaterThan(Math.max(...rest.map(({ level }) => level)));
	});
	it('a second lightener shares the bowl, an additive stands beside the ratio', async () => {
		const { session } = await openVisit('hesper-oake');
		const grams = session.work.grams;
		const level = session.head.lift.level;
		session.change('second', ({ lift }) => {
			lift.second = { product: 'cream', share: 0.5 };
			lift.bondAdditive = true;
		});
		expect(session.head.lift.level).toBeLessThan(level);
		const [bowl] = dayBowls(session);
		const of = (kind: string) => bowl!.parts.filter((part) => part.kind === kind);
		expect(of('lightener').map((part) => partName(part, session.shelf))).toEqual([
			'Saltmarsh powder',
			'cream'
		]);
		const [one, other] = of('lightener').map(({ amount }) => amount) as [number, number];
		expect(Math.abs(one - other)).toBeLessThanOrEqual(1);
		expect(of('additive')).toHaveLength(1);
		expect(Math.abs(session.work.grams - grams)).toBeLessThan(8);
	});
	it('lowlights and toner have bowls of their own, and the chair’s hours hold them', async () => {
		const { session } = await openVisit('hesper-oake');
		const names = dayBowls(session).map((bowl) => bowlName(bowl, String));
		expect(names.at(-2)).toBe('lowlights');
		expect(names.at(-1)).toMatch(/^toner/);
		const { parts, aside } = session.lowlights.bowl!;
		expect(parts.every(({ level }) => level === undefined || level < 8.5)).toBe(true);
		expect(aside.minutes).toBe(20);
		const hours = session.chairMinutes;
		session.change('no lowlights', ({ aim }) => delete aim.lowlights);
		expect(session.chairMinutes).toBeLessThan(hours);
		session.change('no toner', ({ tone }) => (tone.choice = 'none'));
		expect(dayBowls(session).at(-1)!.kind).not.toBe('toner');
	});
	it('cost what their grams cost, and nothing where nobody said', async () => {
		const { session } = await openVisit('hesper-oake');
		const bowls = dayBowls(session);
		expect(mixtureCost(bowls, session.shelf)).toBeGreaterThan(5);
		const bare = { ...session.shelf! };
		delete bare.costs;
		expect(mixtureCost(bowls, bare)).toBeUndefined();
	});
	it.each(['teodor-vask', 'casimir-bly', 'anneke-rill'])(
		'%s: an advice that is followed comes out as it was promised, and is taken back by undo',
		async (id) => {
			const { session } = await openVisit(id);
			const { spread, shortfall } = session.bowls.staging!;
			const answer = finish(stageHeadSteps({ head: session.bowls.head, advise: true }));
			const advice = answer.ok ? answer.staging.advice : [];
			const done = (lever: (typeof advice)[number]) => canDo({ kind: 'lever', lever });
			expect(advice.some(done)).toBe(true);
			for (const option of advice.filter(done)) {
				session.verdict.take({ kind: 'lever', lever: option });
				const then = session.bowls.staging!;
				expect(then.spread + then.shortfall, option.what).toBeLessThanOrEqual(
					option.spread + option.shortfall + 0.1
				);
				session.undo();
				expect(session.bowls.staging).toMatchObject({ spread, shortfall });
			}
		}
	);
});

describe('editing sections', () => {
	it('keeps all the hair, whatever is split, merged or moved', async () => {
		const { session } = await openVisit('hesper-oake');
		const begun = session.bowls.sections.map(({ section }) => section);
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.constantFrom('split', 'merge', 'move'), fc.nat(30), fc.nat(30)), {
					maxLength: 12
				}),
				(steps) => {
					let sections: readonly (typeof begun)[number][] = begun;
					for (const [what, at, to] of steps) {
						const { id } = sections[at % sections.length]!;
						sections =
							what === 'split'
								? splitSection(sections, id)
								: what === 'merge'
									? mergeSections(sections, id)
									: moveSection(sections, id, to % sections.length);
					}
					expect(sections.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
					expect(new Set(sections.map(({ id }) => id)).size).toBe(sections.length);
					const areas = new Set(sections.flatMap((section) => section.areas));
					expect(areas.size).toBe(8);
				}
			)
		);
	});
	it('a section that is left out takes no bowl and no minutes', async () => {
		const { session } = await openVisit('hesper-oake');
		const { grams, chairMinutes } = session.work;
		const sections = session.bowls.sections.map(({ section }) => section);
		const crown = sections.find(({ areas }) => areas.includes('crown'))!.id;
		session.change('skip', ({ bowls }) => editSection(bowls, sections, crown, { skip: true }));
		expect(session.work.grams).toBeLessThan(grams);
		expect(session.chairMinutes).toBeLessThan(chairMinutes);
		expect(session.bowls.staging!.finish.map(({ section }) => section)).not.toContain(crown);
	});
});

describe('times of day', () => {
	it('are those of the wall, past midnight too; minutes while no start is known', () => {
		expect(timeOf('10:20', 0)).toBe('10:20');
		expect(timeOf('10:20', 95.4)).toBe('11:55');
		expect(timeOf('23:50', 20)).toBe('00:10');
		expect(timeOf('00:05', -10)).toBe('23:55');
		expect(timeOf(undefined, 12.6)).toBe('13 min');
	});
	it('begin once the consultation is over, as somebody set it, or when the timer ran', async () => {
		const { session } = await openVisit('hesper-oake');
		expect(startOf(session.visit)).toMatch(/^\d\d:[0-5][05]$/);
		session.change('start', ({ bowls }) => (bowls.startAt = '10:20'));
		expect(startOf(session.visit)).toBe('10:20');
		const { session: waiting } = await openVisit('teodor-vask');
		expect(startOf(waiting.visit)).toBeUndefined();
	});
	it('rows of the clock hold everybody’s work, and every section while it lies', async () => {
		const { session } = await openVisit('anneke-rill');
		const { clock, staging } = session.bowls;
		const nameOf = sectionNamer(session.bowls.sections.map(({ section }) => section));
		const rows = clockRows(clock!, staging!, (item) =>
			clockSubjectWords(item, nameOf, () => undefined)
		);
		expect(rows[0]).toMatchObject({ name: 'colourist', person: true });
		expect(rows.filter(({ person }) => !person).length).toBe(staging!.finish.length + 1);
		for (const { bars } of rows) {
			for (const { fromMinute, toMinute } of bars)
				expect(toMinute).toBeGreaterThanOrEqual(fromMinute);
		}
	});
});

describe('a part of the head', () => {
	it('is all that is sectioned, weighed and lightened, whichever it is', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('flat', (draft) => (draft.bowls.staged = false));
		const gramsOf = () =>
			dayBowls(session)
				.filter(({ kind }) => kind === 'lightener')
				.flatMap(({ parts }) => parts)
				.reduce((sum, { amount }) => sum + amount, 0);
		const whole = gramsOf();
		const minutes = session.chairMinutes;
		for (const name of WORKED_PARTS) {
			session.change(name, (draft) => takePart(draft, name));
			const { part } = session.plan;
			const sections = session.bowls.sections.filter(({ load }) => load);
			expect(sections.length).toBeGreaterThan(0);
			for (const { section } of sections)
				expect(section.areas.every((area) => partShare(part, area) > 0)).toBe(true);
			expect(gramsOf()).toBeLessThan(whole);
			expect(session.chairMinutes).toBeLessThanOrEqual(minutes);
			// Hair outside stays as it was.
			for (const area of AREAS.filter((one) => partShare(part, one) === 0)) {
				session.change('of its own', (draft) => (draft.reading.areas[area] = { texture: 'fine' }));
				const { steps } = session.hairOf(area);
				expect(steps.every(({ plan }) => !Object.values(plan.covers).includes(true))).toBe(true);
				session.change('as the rest', (draft) => (draft.reading.areas = {}));
			}
		}
		session.change('whole head', (draft) => takePart(draft, undefined));
		expect(gramsOf()).toBeCloseTo(whole, 6);
	});
	it('of the tips leaves the strand above as it is', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('tips', (draft) => takePart(draft, 'tips'));
		const { points, lifted, reading } = session.head;
		points.forEach(({ distanceCm, fibre }, i) => {
			if (distanceCm < reading.lengthCm - 5.5) expect(lifted[i]).toEqual(fibre);
		});
		expect(levelOfFibre(lifted.at(-1)!)).toBeGreaterThan(8);
		expect(session.head.onScalp).toBe(false);
	});
	it('moves its edges without their meeting, and a panel’s aim follows', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('panel', (draft) => takePart(draft, 'panel'));
		expect(session.visit.aim.panel).toMatchObject({ topEdgeCm: 18 });
		session.change('edge', (draft) => movePartEdge(draft, 'fromCm', 26));
		expect(session.visit.lift.part).toEqual({ name: 'panel', fromCm: 23.5, toCm: 24 });
		expect(session.visit.aim.panel).toMatchObject({ topEdgeCm: 23.5 });
		session.change('halo', (draft) => takePart(draft, 'halo'));
		expect(session.visit.aim.panel).toBeUndefined();
	});
});
