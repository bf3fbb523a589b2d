import { momentIn } from '../model/time';
import { flushSync } from 'svelte';
import { describe, expect, it } from 'vitest';
import { aimProblem } from '../model/visit/aimProblem';
import { MAIN_STEP } from '../model/day/steps';
import { productWords } from '../wording/bowls';
import type { Visit } from '../schema/records';
import { MOMENT, NOW, openVisit, put } from '../testing/demoVisit';
import { predict } from '../model/api/predict';
import { ladderRungs } from '../model/visit/ladder';
import { expectedAt } from '../stations/chair/chair';
import { elapsedSeconds, rebaseRun, toggleRun } from '../model/commands/run';
import { Clock } from './clock.svelte';
import { RunTimer } from './runTimer.svelte';
import { findClients } from '../model/find';
import { alikeFrom, setLevel, setState } from '../model/commands/reading';
import { record, seeResult } from '../model/commands/result';
import { nextReading } from '../model/visit/nextReading';
import { plainReading } from '../model/head/plain';
import { newClient, newVisit } from '../model/commands/newVisit';
import { stationLine, stationState } from '../widgets/summary';
import { formatHours, formatRatio, STATIONS, formatTimer } from '../wording/words';

describe('a visit', () => {
	it('shows the same numbers as the HTTP answer for the same input', async () => {
		const { session } = await openVisit('hesper-oake');
		const { reading, plan, zone, lift } = session.head;
		const answer = predict({
			hair: {
				naturalLevel: reading.naturalLevel,
				warmth: reading.warmth,
				texture: reading.texture,
				condition: 100,
				whiteShare: 0
			},
			stages: [
				{
					product: plan.product,
					volume: plan.volume,
					ratio: plan.ratio,
					minutes: plan.minutes,
					placement: plan.placement
				}
			],
			distanceCm: (zone.fromCm + zone.toCm) / 2
		}).stages[0]!;
		expect(lift.level).toBeCloseTo(answer.level, 9);
		expect(lift.low).toBeCloseTo(answer.levelLow, 9);
		expect(lift.condition).toBeCloseTo(answer.condition, 9);
		expect(expectedAt(session, plan.minutes).level).toBeCloseTo(answer.level, 9);
		expect(stationLine(session, 'lift')).toContain(String(Math.round(answer.level * 10) / 10));
	});

	it('undoes and redoes, and an unchanged change is no step', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('developer', (draft) => (draft.lift.volume = 30));
		const stronger = session.head.lift.level;
		session.change('nothing', () => undefined);
		expect(session.undo()).toBe('developer');
		expect(session.plan.volume).toBe(20);
		expect(session.head.lift.level).toBeLessThan(stronger);
		expect(session.redo()).toBe('developer');
		expect(session.head.lift.level).toBeCloseTo(stronger, 9);
	});

	it('lets what was seen replace what was expected as the start for Tone', async () => {
		const { session } = await openVisit('hesper-oake');
		const expected = session.head.rawLab;
		session.change('note', (draft) => {
			draft.run.notes.push({ id: 'a', minute: 30, zone: 'lengths', level: 7.5, text: '' });
		});
		expect(session.head.toneStart).toMatchObject({ seen: false, minute: 30 });
		expect(session.head.rawLab.l).toBeLessThan(expected.l - 5);
		expect(session.head.rawUndertone.name).toBe('yellow-orange');
		// It lies on: so much is still to come of it, and none once its time is over.
		const lies = session.head.rawLevel;
		session.change('longer', ({ lift }) => (lift.minutes += 10));
		expect(session.head.rawLevel).toBeGreaterThan(lies + 0.1);
		session.change('its time', ({ lift }) => (lift.minutes = 30));
		expect(session.head.rawLevel).toBeCloseTo(7.5, 1);
		expect(session.head.toneStart).toMatchObject({ seen: true, minute: 30 });
		expect(session.head.toner.found!.needLevel ?? 9).toBeGreaterThan(7.5);
	});

	it('walks its stations: done, needs you, not yet', async () => {
		const { session } = await openVisit('hesper-oake');
		expect(STATIONS.map(({ id }) => stationState(session, id))).toEqual([
			'done',
			'done',
			'needs',
			'later',
			'later',
			'later',
			'later'
		]);
		session.settle('lift');
		expect(stationState(session, 'bowls')).toBe('needs');
	});

	it('gives every demo client sane answers and a line for every station', async () => {
		for (const name of [
			'hesper-oake',
			'teodor-vask',
			'anneke-rill',
			'dorrit-vane',
			'yusra-halden'
		]) {
			const { session } = await openVisit(name);
			expect(session.head.lift.level).toBeGreaterThan(session.head.nowLevel - 2.5);
			expect(session.bowlPlan.totalGrams).toBeGreaterThan(20);
			expect(session.head.toner.found!.formulas.length).toBeGreaterThan(0);
			for (const { id } of STATIONS)
				expect(stationLine(session, id)).not.toMatch(/NaN|undefined|Infinity/);
		}
	});

	it('warns of the band on long regrowth, and a stop is passed only with its reason kept', async () => {
		const { session } = await openVisit('anneke-rill');
		expect(session.cautions.map(({ code }) => code)).toContain('band');
		session.change('henna', (draft) => (draft.reading.henna = true));
		expect(session.stops.map(({ code }) => code)).toEqual(['henna']);
		session.pass('henna', 'tested a strand in the back room');
		expect(session.stops).toEqual([]);
		expect(session.visit.passed).toMatchObject([
			{ code: 'henna', reason: 'tested a strand in the back room' }
		]);
	});

	it('holds back what a stop is about, and nothing beside it', async () => {
		const { session } = await openVisit('hesper-oake');
		session.change('too long', ({ lift }) => (lift.minutes = 90));
		expect(session.stopsOf(MAIN_STEP).map(({ code }) => code)).toEqual(['overTime']);
		// A toner knows neither the lightener's limit nor its strength.
		expect(session.stopsOf()).toEqual([]);
		session.changeClient('reacts', (client) => (client.sensitivities = ['colourAllergy']));
		expect(session.stopsOf().map(({ code }) => code)).toEqual(['colourAllergy']);
	});
	it('knows a bleach wash for lightener: in the day, in its plans and where something is cured', async () => {
		const { session } = await openVisit('hesper-oake');
		const codes = () => session.stops.map(({ code }) => code);
		session.change('a wash', ({ lift }) => {
			lift.product = 'bleachWash';
			lift.volume = 40;
			lift.startsAtMm = 0;
		});
		expect(codes()).toEqual(['onScalpStrength']);
		session.changeClient('reacts', (client) => (client.sensitivities = ['persulfateAllergy']));
		expect(codes()).toContain('persulfateAllergy');
		session.change('a tint', ({ lift }) => (lift.product = 'highLift'));
		expect(codes()).not.toContain('persulfateAllergy');
		expect(session.stopsOfCure.map(({ code }) => code)).toContain('persulfateAllergy');
		expect(aimProblem(session).constraints?.persulfates).toBe(false);
		// Whoever wrote why has it planned.
		session.pass('persulfateAllergy', 'tested clean by her doctor in May');
		expect(session.stopsOfCure).toEqual([]);
		expect(aimProblem(session).constraints).not.toHaveProperty('persulfates');
	});
	it('calls the lightener by the name on the shelf, and a tint by its kind', async () => {
		const { session, workspace } = await openVisit('hesper-oake');
		expect(productWords(session.plan.product, session.shelf)).toBe('Saltmarsh powder');
		session.change('product', (draft) => (draft.lift.product = 'highLift'));
		expect(productWords(session.plan.product, session.shelf)).toBe('high-lift');
		session.undo();
		put(workspace, { ...workspace.shelf!, lightenerName: '' });
		expect(productWords(session.plan.product, session.shelf)).toBe('powder');
		await workspace.flush();
	});

	it('answers again when a zone is left out', async () => {
		const { session } = await openVisit('hesper-oake');
		const before = session.bowlPlan.totalGrams;
		const tips = session.head.liftedColours.hair.at(-1);
		session.change('ends out', (draft) => (draft.lift.covers.ends = false));
		flushSync();
		expect(session.bowlPlan.totalGrams).toBeLessThan(before);
		expect(session.head.liftedColours.hair.at(-1)).not.toEqual(tips);
		expect(session.head.liftedColours.hair.at(-1)).toEqual(session.head.nowColours.hair.at(-1));
	});
});

describe('the name that a person gives', () => {
	it('is what stands and what is toned against, at the level that was seen', async () => {
		const { session } = await openVisit('hesper-oake');
		const see = (undertone?: 'yellow' | 'orange') =>
			session.change('seen', ({ run }) => {
				run.notes = [
					{
						id: 'a',
						minute: 30,
						zone: 'lengths',
						level: 8,
						dry: true,
						text: '',
						...(undertone ? { undertone } : {})
					}
				];
			});
		see();
		expect(session.head.rawUndertone).toMatchObject({
			name: 'yellow-orange',
			neutraliser: 'blue-violet'
		});
		for (const [name, neutraliser] of [
			['yellow', 'violet'],
			['orange', 'blue']
		] as const) {
			see(name);
			expect(session.head.rawUndertone).toMatchObject({ name, neutraliser });
			expect(session.head.startWord).toBe(name);
			expect(session.head.rawLevel).toBeCloseTo(8, 1);
		}
	});
	it('speaks of the hair that is toned where none is lightened', async () => {
		const { session } = await openVisit('odile-ferrant');
		session.change('toned only', (draft) => (draft.noLift = true));
		// Its root alone is taken in: level 9 between lengths of 10.
		expect(session.head.zone.name).toBe('root');
		expect(session.head.rawLevel).toBeCloseTo(9, 1);
	});
	it('holds for light hair that is only toned today', async () => {
		const { session } = await openVisit('odile-ferrant');
		session.change('toned only', (draft) => {
			draft.noLift = true;
			draft.lift.covers = { root: true, lengths: true, ends: true };
			draft.reading.zones.lengths.undertone = 'yellow';
		});
		expect(session.lightens).toBe(false);
		expect(session.bowlPlan.bowls).toEqual([]);
		expect(session.head.startWord).toBe('yellow');
		expect(session.head.rawUndertone.neutraliser).toBe('violet');
	});
});

describe('the next visit', () => {
	const last: Visit = {
		...newVisit('c', momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC')),
		result: { tone: '', notes: '', level: 8.6, recordedAt: '2026-01-05T13:00:00.000Z' }
	};
	it('starts from what the last one left, with the regrowth since', () => {
		const next = nextReading(last, MOMENT.day);
		// What has grown, and what the product never reached.
		expect(next.regrowthCm).toBeCloseTo(2.3 + last.lift.startsAtMm / 10, 1);
		expect(next.zones.root.state).toBe('natural');
		expect(next.zones.lengths).toMatchObject({ state: 'lightened', presentLevel: 8.6 });
		expect(next.strain.lightenings).toBe(1);
	});
	it('of which nobody saw the end starts from what was expected, and says so until it is read', () => {
		const visit = newVisit('c', momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC'));
		record(visit, { expected: { toned: 8.44, lifted: 9.02 } }, 8, new Date('2026-01-05T13:00:00Z'));
		expect(visit.result).toMatchObject({
			expected: { toned: 8.4, lifted: 9, zones: {} },
			returnWeeks: 8
		});
		expect(visit.result.level).toBeUndefined();
		const next = nextReading(visit, MOMENT.day);
		// The hair under its toner: that is what is left of it by then.
		expect(next.zones.lengths).toMatchObject({ state: 'lightened', presentLevel: 9 });
		expect(next.unseen).toBe(true);
		setLevel(next, 'root', 5.5);
		expect(next.unseen).toBe(true);
		setLevel(next, 'lengths', 8);
		expect(next.unseen).toBeUndefined();
		seeResult(visit, 8.1);
		expect(nextReading(visit, MOMENT.day)).toMatchObject({
			zones: { lengths: { presentLevel: 8.7 } }
		});
		expect(nextReading(visit, MOMENT.day).unseen).toBeUndefined();
	});
	it('starts from what was seen bare, in the name it was given, and not from the toner over it', () => {
		const visit = newVisit('c', momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC'));
		visit.run.notes = [
			{ id: 'a', minute: 20, zone: 'lengths', level: 7.5, text: '' },
			{ id: 'b', minute: 35, zone: 'lengths', level: 8.2, undertone: 'yellow', text: '' }
		];
		record(visit, { expected: { toned: 8.4, lifted: 9 } }, 8, new Date('2026-01-05T13:00:00Z'));
		seeResult(visit, 7.6);
		const next = nextReading(visit, MOMENT.day);
		expect(next.zones.lengths).toEqual({
			state: 'lightened',
			artificial: [],
			presentLevel: 8.2,
			undertone: 'yellow'
		});
		expect(next.zones.ends).toMatchObject({ presentLevel: 8.2 });
		expect(next.unseen).toBeUndefined();
	});
	it('leaves hair that was kept out as it was, and goes on growing where the root was', () => {
		const visit = newVisit('c', momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC'));
		visit.reading.zones.ends = { state: 'lightened', presentLevel: 8.8, artificial: [] };
		visit.aim.level = 9;
		record(visit, { expected: { toned: 8.4, lifted: 9 } }, 8, new Date('2026-01-05T13:00:00Z'));
		expect(nextReading(visit, MOMENT.day).zones.ends.presentLevel).toBe(8.8);
		expect(nextReading(visit, MOMENT.day).zones.lengths.presentLevel).toBe(9);
		const toned = { ...visit, noLift: true as const };
		expect(nextReading(toned, MOMENT.day)).toMatchObject({
			zones: visit.reading.zones,
			strain: visit.reading.strain,
			history: visit.reading.history,
			regrowthCm: expect.closeTo(visit.reading.regrowthCm + 2.3, 1) as number
		});
		// A root that was light before is never read as natural the next time: it hangs below what has grown.
		toned.reading.zones.root = { state: 'lightened', presentLevel: 9, artificial: [] };
		expect(nextReading(toned, MOMENT.day).regrowthCm).toBeCloseTo(2.3, 1);
	});
	it('of a record that did not tell seen from expected is to be read as well', () => {
		const old = { ...last, result: { ...last.result, unsure: true as const } };
		expect(nextReading(old, MOMENT.day).unseen).toBe(true);
		seeResult(old, 8.6);
		expect(nextReading(old, MOMENT.day).unseen).toBeUndefined();
	});
	it('starts from the old reading when nothing was recorded', () => {
		expect(nextReading({ ...last, result: { tone: '', notes: '' } }, MOMENT.day)).toEqual(
			last.reading
		);
	});
});

describe('reading', () => {
	it('an untouched zone sets the natural level of all its like, a lightened one only itself', () => {
		const reading = plainReading();
		setState(reading, 'ends', 'lightened');
		setLevel(reading, 'ends', 9.5);
		setLevel(reading, 'root', 4);
		expect(reading).toMatchObject({
			naturalLevel: 4,
			zones: {
				root: { presentLevel: 4 },
				lengths: { presentLevel: 4 },
				ends: { presentLevel: 9.5 }
			}
		});
		expect(reading.strain.lightenings).toBe(1);
	});
	it('makes all zones alike without sharing their parts', () => {
		const reading = plainReading();
		setState(reading, 'root', 'coloured');
		alikeFrom(reading, 'root');
		reading.zones.root.artificial[0]!.level = 2;
		expect(reading.zones.ends.artificial[0]!.level).not.toBe(2);
	});
	it('offers a ladder that rises', () => {
		const reading = plainReading();
		for (const state of ['natural', 'lightened', 'coloured'] as const) {
			setState(reading, 'lengths', state);
			const light = ladderRungs(reading, 'lengths').map(({ lab }) => lab.l);
			expect(light).toEqual([...light].sort((p, q) => p - q));
		}
	});
});

describe('timer', () => {
	it('runs on the stored start, so that a reload loses nothing', () => {
		const run: Visit['run'] = { elapsedSeconds: 0, notes: [] };
		toggleRun(run, NOW, 0);
		const later = new Date(NOW.getTime() + 90_000);
		expect(elapsedSeconds(structuredClone(run), later)).toBe(90);
		toggleRun(run, later, 90);
		expect(run).toMatchObject({ elapsedSeconds: 90, startedAt: NOW.toISOString() });
		expect(elapsedSeconds(run, new Date(NOW.getTime() + 999_000))).toBe(90);
		expect([0, 65, 3660.9].map(formatTimer)).toEqual(['00:00', '01:05', '61:00']);
	});
	it('never runs backwards when the clock of the device is set back', () => {
		const run: Visit['run'] = { elapsedSeconds: 30, notes: [], runningSince: NOW.toISOString() };
		expect(elapsedSeconds(run, new Date(NOW.getTime() - 60_000))).toBe(30);
	});
	/** A clock on the wall that can be set, beside one that cannot. */
	function clocks() {
		let wall = NOW.getTime();
		let steady = 0;
		const clock = new Clock({
			now: () => new Date(wall),
			steady: () => steady,
			zone: () => 'Europe/London'
		});
		return {
			clock,
			pass: (seconds: number, awake = true) => {
				wall += seconds * 1000;
				if (awake) steady += seconds * 1000;
				clock.tick();
			},
			set: (seconds: number) => {
				wall += seconds * 1000;
				clock.tick();
			}
		};
	}
	it('goes on counting right when the clock is put back an hour, and holds what was shown', () => {
		const { clock, pass, set } = clocks();
		const timer = new RunTimer(clock);
		const run: Visit['run'] = { elapsedSeconds: 0, notes: [] };
		toggleRun(run, clock.now(), 0);
		expect(timer.seconds(run)).toBe(0);
		pass(600);
		expect(timer.seconds(run)).toBe(600);
		set(-3600);
		expect(timer.seconds(run)).toBe(600);
		pass(60);
		expect(timer.seconds(run)).toBe(660);
		rebaseRun(run, clock.now(), timer.seconds(run));
		expect(elapsedSeconds(structuredClone(run), clock.now())).toBe(660);
		pass(40);
		toggleRun(run, clock.now(), timer.seconds(run));
		expect(run.elapsedSeconds).toBe(700);
		expect(timer.seconds(run)).toBe(700);
	});
	it('counts the time that a tablet slept', () => {
		const { clock, pass } = clocks();
		const timer = new RunTimer(clock);
		const run: Visit['run'] = { elapsedSeconds: 0, notes: [] };
		toggleRun(run, clock.now(), 0);
		pass(30);
		timer.seconds(run);
		pass(900, false);
		expect(timer.seconds(run)).toBe(930);
	});
	it('counts over midnight and a change of summer time, and an open page turns over', () => {
		const { clock, pass, set } = clocks();
		set((new Date('2026-03-28T23:30:00Z').getTime() - NOW.getTime()) / 1000);
		expect(clock.today).toBe('2026-03-28');
		const timer = new RunTimer(clock);
		const run: Visit['run'] = { elapsedSeconds: 0, notes: [] };
		toggleRun(run, clock.now(), 0);
		timer.seconds(run);
		pass(2 * 3600);
		expect(timer.seconds(run)).toBe(7200);
		expect(clock.today).toBe('2026-03-29');
	});
});

describe('words', () => {
	it('say hours and ratios as they are said', () => {
		expect([45, 60, 169].map(formatHours)).toEqual(['45 min', '1 h 00', '2 h 49']);
		expect([1.5, 2].map(formatRatio)).toEqual(['1 : 1.5', '1 : 2']);
	});
	it('find clients whatever the accents and the order of words', () => {
		const clients = ['Zoë Ánders', 'Bram Oake'].map((name) => newClient(name, NOW));
		expect(findClients(clients, 'anders zoe').map(({ name }) => name)).toEqual(['Zoë Ánders']);
		expect(findClients(clients, '')).toHaveLength(2);
		expect(findClients(clients, 'nobody')).toEqual([]);
	});
});
