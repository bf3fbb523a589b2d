import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { consequencesOf, headRate, runningHead, shiftsOf, type SectionCheck } from '../core/work';
import { laidSections, strandOf, type SectionTap } from '../core/work/onHead';
import { pointAt } from '../core/lift';
import { checksOf, decideChecks, noteCheck, readDry, tellMore } from '../model/commands/checks';
import type { Visit } from '../schema/records';
import { openVisit } from '../testing/demoVisit';
import { RunningView } from './runningView.svelte';

/** A head of the demo that was put on as planned. */
async function onHead(client = 'hesper-oake') {
	const { session } = await openVisit(client);
	const { head, staging } = session.bowls;
	if (!staging) throw new Error('not staged');
	const taps = staging.finish.map(({ section, part, appliedToMinute }): SectionTap => ({
		act: 'on',
		section,
		part,
		minute: appliedToMinute
	}));
	const at = (minute: number, checks: readonly SectionCheck[] = [], bends = false) =>
		runningHead(head, staging, {
			taps,
			minute,
			checks,
			rate: bends ? headRate(head, staging, { taps }, checks) : undefined
		});
	const rate = (checks: readonly SectionCheck[]) => headRate(head, staging, { taps }, checks)!;
	/** What the engine says of a section on a head that lifts so much faster. */
	const levelAt = (section: string, minute: number, factor: number) =>
		pointAt(
			strandOf(
				laidSections(head, staging, { taps, minute }).find(
					(one) => one.finish.section === section
				)!,
				factor
			),
			minute
		).level;
	const check = (section: string, minute: number, told: Partial<SectionCheck>): SectionCheck => ({
		section,
		minute,
		expected: levelAt(section, minute, 1),
		...told
	});
	return { session, head, staging, taps, at, rate, levelAt, check };
}

describe('how fast a head lifts, by its checks', () => {
	it('nothing is learned from nothing, nor from what was not on yet', async () => {
		const { rate, check } = await onHead();
		expect(rate([])).toBeUndefined();
		expect(rate([check('hairline', 20, { word: 'lags' })])).toBeUndefined();
	});

	it('a word says which way and makes surer; a level says more than the word', async () => {
		const { rate, check, levelAt } = await onHead();
		const of = (told: Partial<SectionCheck>) => rate([check('back-1', 30, told)]);
		const lags = of({ word: 'lags' });
		const asPlanned = of({ word: 'asPlanned' });
		const ready = of({ word: 'ready' });
		expect(lags.head.mean).toBeLessThan(-0.05);
		expect(Math.abs(asPlanned.head.mean)).toBeLessThan(0.03);
		// Ready is the aim, and not what was expected of it then.
		expect(ready.head.mean).toBeGreaterThan(0.3);
		for (const { head, before } of [lags, asPlanned, ready])
			expect(head.sd).toBeLessThan(before.sd);
		const level = of({ word: 'lags', level: levelAt('back-1', 30, 0.6) });
		expect(level.head.sd).toBeLessThan(lags.head.sd);
		// The level counts, whatever the word was.
		expect(of({ word: 'ready', level: levelAt('back-1', 30, 0.6) }).head).toEqual(level.head);
	});

	it('comes to what is true of the head when it is seen all over', async () => {
		const { rate, check, levelAt, staging } = await onHead();
		for (const truth of [0.75, 1, 1.25]) {
			const checks = staging.finish.slice(0, 8).map(({ section, appliedToMinute }) =>
				check(section, appliedToMinute + 25, {
					level: levelAt(section, appliedToMinute + 25, truth)
				})
			);
			const { head } = rate(checks);
			expect(Math.abs(head.mean - Math.log(truth))).toBeLessThan(0.09);
			expect(head.sd).toBeLessThan(0.13);
		}
	});

	it('one slow place is slower than the head it tells of, and surer than a place nobody saw', async () => {
		const { rate, check, levelAt } = await onHead();
		const slow = rate([check('back-1', 30, { level: levelAt('back-1', 30, 0.7) })]);
		expect(slow.at('back').mean).toBeLessThan(slow.head.mean);
		expect(slow.at('top').mean).toBeCloseTo(slow.head.mean, 9);
		expect(slow.at('back').sd).toBeLessThan(slow.at('top').sd);
		expect(slow.factorOf('back')).toBeLessThan(slow.factorOf('top'));
	});

	it('is the same in whatever order it was seen, and stands checks that disagree', async () => {
		const { rate, check } = await onHead();
		const checks = [
			check('nape', 28, { word: 'ready' }),
			check('back-1', 30, { word: 'lags' }),
			check('crown-1', 36, { level: 3 }),
			check('crown-2', 37, { level: 10 })
		];
		const one = rate(checks);
		const other = rate(checks.toReversed());
		expect(other.head.mean).toBeCloseTo(one.head.mean, 9);
		expect(Number.isFinite(one.head.mean) && one.head.sd > 0).toBe(true);
	});
});

describe('the plan that is left', () => {
	it('does not move before somebody takes it, and then goes the way the head goes', async () => {
		const { at, check, levelAt } = await onHead();
		const slow = [check('back-1', 30, { level: levelAt('back-1', 30, 0.75) })];
		const off = (head: ReturnType<typeof at>) => head.sections.map(({ offMinute }) => offMinute);
		expect(off(at(31, slow))).toEqual(off(at(31)));
		const later = shiftsOf(at(31, slow).sections, at(31, slow, true).sections);
		expect(later.length).toBeGreaterThan(0);
		expect(later.every((shift) => shift.later > 0)).toBe(true);
		const quick = [check('back-1', 30, { level: levelAt('back-1', 30, 1.4) })];
		const sooner = shiftsOf(at(31, quick).sections, at(31, quick, true).sections);
		expect(sooner.length).toBeGreaterThan(0);
		expect(sooner.every((shift) => shift.later < 0)).toBe(true);
	});

	it('whatever is seen: nothing lies past its limit, nothing is moved into the past, blocks come off together', async () => {
		const { at, check, staging } = await onHead();
		const seen = fc.record({
			section: fc.constantFrom(...staging.finish.map(({ section }) => section)),
			lain: fc.integer({ min: 5, max: 45 }),
			word: fc.constantFrom('lags' as const, 'asPlanned' as const, 'ready' as const),
			level: fc.option(fc.integer({ min: 3, max: 11 }), { nil: undefined })
		});
		fc.assert(
			fc.property(fc.array(seen, { minLength: 1, maxLength: 6 }), (all) => {
				const checks = all.map(({ section, lain, word, level }) => {
					const on = staging.finish.find((one) => one.section === section)!.appliedToMinute;
					return check(section, on + lain, { word, level });
				});
				const now = Math.max(...checks.map(({ minute }) => minute));
				const { sections } = at(now, checks, true);
				const rinses = new Map<number, Set<number>>();
				for (const { offMinute, limitMinute, rinse } of sections) {
					expect(offMinute).toBeLessThanOrEqual(limitMinute + 1e-9);
					expect(offMinute).toBeGreaterThanOrEqual(Math.min(now, limitMinute) - 1e-9);
					if (rinse === undefined) continue;
					rinses.set(rinse, (rinses.get(rinse) ?? new Set()).add(offMinute));
				}
				for (const minutes of rinses.values()) expect(minutes.size).toBe(1);
				const inOrder = [...rinses].sort(([p], [q]) => p - q).map(([, [minute]]) => minute!);
				// One rinse is done before the next begins.
				inOrder.slice(1).forEach((minute, i) => expect(minute - inOrder[i]!).toBeGreaterThan(14.9));
			}),
			{ numRuns: 40 }
		);
	});

	it('of every bowl one section is looked at from half time on, and again eight minutes after a look', async () => {
		const { at, check } = await onHead();
		const checksAt = (minute: number, checks: SectionCheck[] = []) =>
			at(minute, checks).acts.filter(({ act, minute: due }) => act === 'check' && due <= minute);
		const due = checksAt(35);
		expect(due.length).toBeGreaterThan(0);
		expect(new Set(due.map(({ bowl }) => bowl)).size).toBe(due.length);
		const [first] = due;
		const seen = [check(first!.section!, 35, { word: 'asPlanned' })];
		expect(checksAt(36, seen).some(({ bowl }) => bowl === first!.bowl)).toBe(false);
		expect(checksAt(43.1, seen).some(({ bowl }) => bowl === first!.bowl)).toBe(true);
	});

	it('what was seen ready comes off now, alone, and is asked for no look', async () => {
		const { at, check } = await onHead();
		const seen = [check('back-2', 38, { word: 'ready' })];
		const { acts, sections } = at(38, seen);
		const mine = acts.filter(({ section }) => section === 'back-2');
		expect(mine).toEqual([expect.objectContaining({ act: 'takeOff', minute: 38 })]);
		expect(sections.find(({ section }) => section === 'back-2')!.state).toBe('ready');
		const rinse = acts.find(({ act }) => act === 'rinse')!;
		expect(rinse.of!.some(({ section }) => section === 'back-2')).toBe(false);
		// Two half levels under its aim it is not, whatever was tapped first.
		const corrected = [check('back-2', 38, { word: 'ready', level: 8 })];
		expect(at(38, corrected).sections.find(({ section }) => section === 'back-2')!.state).toBe(
			'on'
		);
	});
});

describe('a packet that felt hot', () => {
	it('is opened before anything else, until it is open or was felt again', async () => {
		const { head, staging, taps, check } = await onHead();
		const hot = check('back-1', 40, { word: 'asPlanned', isHot: true });
		const first = (extra: SectionTap[], checks: SectionCheck[]) =>
			runningHead(head, staging, { taps: [...taps, ...extra], minute: 42, checks }).acts[0]!;
		expect(first([], [hot])).toMatchObject({ act: 'open', section: 'back-1', minute: 40 });
		const open: SectionTap = { act: 'open', section: 'back-1', minute: 41 };
		expect(first([open], [hot]).act).not.toBe('open');
		expect(first([], [hot, check('back-1', 41, { word: 'asPlanned' })]).act).not.toBe('open');
	});
});

describe('what can be done with a section, and what it leads to', () => {
	it('comes true when it is tapped: the same level, minute and condition', async () => {
		const { head, staging, taps, at } = await onHead();
		const minute = 40;
		for (const section of at(minute).sections.slice(1, 6)) {
			const { section: id, part } = section;
			const all = consequencesOf(head, staging, { taps, minute }, section);
			expect(all.map(({ act }) => act)).toContain('recoat');
			for (const { act, volume, offMinute, level, condition } of all) {
				const done = act === undefined ? [] : [{ act, section: id, part, minute, volume }];
				const then = runningHead(head, staging, {
					taps: [...taps, ...done],
					minute: offMinute
				}).sections.find((one) => one.section === id && one.part === part)!;
				expect(then.level, `${id} ${act}`).toBeCloseTo(level, 9);
				expect(then.condition).toBeCloseTo(condition, 9);
				expect(then.offMinute).toBeCloseTo(offMinute, 6);
			}
		}
	});

	it('never asks for more strength than lies there, nor for more time than the product allows', async () => {
		const { head, staging, taps, at } = await onHead();
		for (const minute of [25, 40, 52]) {
			for (const section of at(minute).sections.filter(({ state }) => state !== 'waiting')) {
				if (section.state === 'puttingOn' || section.state === 'overdue') continue;
				const { volume } = staging.bowls.find(({ number }) => number === section.bowl)!;
				const limit = (act?: string) =>
					act === 'recoat' ? minute + 50 : Math.max(minute, section.limitMinute);
				for (const one of consequencesOf(head, staging, { taps, minute }, section)) {
					expect(one.volume ?? 0).toBeLessThanOrEqual(volume);
					expect(one.offMinute).toBeLessThanOrEqual(limit(one.act) + 1e-9);
					expect(one.offMinute).toBeGreaterThanOrEqual(minute);
				}
			}
		}
	});

	it('goes the way it should: longer and anew is lighter and wears, wiped and stopped is not', async () => {
		const { head, staging, taps, at } = await onHead();
		const section = at(35).sections[2]!;
		const all = consequencesOf(head, staging, { taps, minute: 35 }, section);
		const of = (act: string | undefined) => all.find((one) => one.act === act)!;
		const plain = of(undefined);
		expect(of('longer').level).toBeGreaterThan(plain.level);
		expect(of('longer').offMinute).toBeCloseTo(plain.offMinute + 5, 6);
		expect(of('recoat').level).toBeGreaterThan(plain.level);
		expect(of('recoat').condition).toBeLessThan(plain.condition);
		expect(of('wipe').level).toBeLessThan(plain.level);
		expect(of('acidStop').level).toBeLessThan(of('wipe').level);
		expect(of('off').level).toBeCloseTo(of('acidStop').level, 6);
		expect(of('off').offMinute).toBe(35);
		expect(of('open').level).toBeLessThan(plain.level);
	});

	it('what was wiped off waits for its rinse and is past no limit; what was coated anew lies anew', async () => {
		const { head, staging, taps } = await onHead();
		const at = (minute: number, act: SectionTap['act']) =>
			runningHead(head, staging, {
				taps: [...taps, { act, section: 'back-1', minute: 40 }],
				minute
			});
		const mine = (one: ReturnType<typeof at>) =>
			one.sections.find(({ section }) => section === 'back-1')!;
		const wiped = at(62, 'wipe');
		expect(mine(wiped).state).toBe('wiped');
		expect(wiped.acts.find(({ act }) => act === 'rinse')!.of).toContainEqual(
			expect.objectContaining({ section: 'back-1' })
		);
		expect(wiped.acts.some(({ act, section }) => act === 'check' && section === 'back-1')).toBe(
			false
		);
		expect(mine(at(59, 'recoat')).state).not.toBe('overdue');
		expect(mine(at(41, 'recoat')).offMinute).toBeCloseTo(60, 6);
		expect(mine(at(41, 'recoat')).rinse).toBeUndefined();
	});
});

describe('checks as the record keeps them', () => {
	it('hold how the section lay, and replayed they say what the screen said', async () => {
		const { session, staging, at, taps } = await onHead();
		const section = at(30).sections[1]!;
		session.change('test', ({ run }) => {
			run.startedAt = session.now().toISOString();
			run.taps = taps.map((tap) => ({ ...tap }));
			noteCheck(run, section, staging, 'lengths', { word: 'lags' }, 30 * 60);
		});
		const view = new RunningView(session, () => 30 * 60);
		const [note] = session.visit.run.notes;
		expect(note).toMatchObject({ section: 'back-1', word: 'lags', minute: 30, zone: 'lengths' });
		expect(note!.lay!.minutes).toBeCloseTo(30 - (section.fromMinute + section.toMinute) / 2, 1);
		expect(note!.lay!.expected).toBeCloseTo(section.level, 1);
		const shown = view.head!.sections.map(({ level }) => level);
		// The plan waits for an answer; taken, every other section is another; left, it is as it was.
		const proposed = view.proposal!.head.sections.map(({ level }) => level);
		expect(proposed[1]!).toBeLessThan(shown[1]!);
		session.change('test', ({ run }) => decideChecks(run, true));
		expect(view.proposal).toBeUndefined();
		expect(view.head!.sections.map(({ level }) => level)).toEqual(proposed);
		// A word of which more is told is to be decided again.
		session.change('test', ({ run }) => tellMore(run, note!.id, { level: 7.5 }));
		expect(view.proposal).toBeDefined();
		session.change('test', ({ run }) => decideChecks(run, false));
		expect(view.proposal).toBeUndefined();
		expect(view.head!.sections.map(({ level }) => level)).toEqual(shown);
		session.change('test', ({ run }) => tellMore(run, note!.id, { stretch: 'slow' }));
		expect(view.proposal).toBeUndefined();
	});

	it('is drawn as it was planned and as it was done, to its end', async () => {
		const { session, staging, taps } = await onHead();
		session.change('test', ({ run }) => {
			run.startedAt = session.now().toISOString();
			run.taps = [
				...taps.slice(0, 3).map((tap) => ({ ...tap, minute: tap.minute + 4 })),
				{ act: 'off', section: 'nape', minute: 40 }
			];
		});
		let seconds = 30 * 60;
		const view = new RunningView(session, () => seconds);
		// The fourth is being put on; those after it are in no log yet.
		expect(view.log.map(({ section }) => section)).toEqual(
			staging.finish.slice(0, 4).map(({ section }) => section)
		);
		expect(view.log[1]!.done.toMinute).toBeCloseTo(30, 6);
		seconds = 50 * 60;
		session.change('test', ({ run }) => (run.rinsedAtMinute = 45));
		const [nape, back] = view.log;
		expect(nape!.planned.toMinute).toBe(staging.finish[0]!.rinseMinute);
		expect(nape!.done.toMinute).toBe(40);
		expect(back!.done.toMinute).toBe(45);
		expect(back!.done.fromMinute - back!.planned.fromMinute).toBeCloseTo(4, 6);
	});

	it('leaving what was seen since leaves what was taken before', () => {
		const lay = { minutes: 20, volume: 20, ratio: 2, bowlAgeMinutes: 5, expected: 7 };
		const look = { zone: 'lengths', section: 'nape', word: 'lags', text: '', lay } as const;
		const run: Visit['run'] = {
			elapsedSeconds: 0,
			notes: [
				{ ...look, id: 'a', minute: 20, counts: true },
				{ ...look, id: 'b', minute: 28 }
			]
		};
		decideChecks(run, false);
		expect(run.notes.map(({ counts }) => counts)).toEqual([true, false]);
		decideChecks(run, true);
		expect(run.notes.map(({ counts }) => counts)).toEqual([true, true]);
	});

	it('of each zone the last dry reading counts, and Tone starts from it; one of a section does not', async () => {
		const { session, staging, at } = await onHead();
		const section = at(30).sections[1]!;
		session.change('test', ({ run }) => {
			noteCheck(run, section, staging, 'lengths', { level: 7 }, 30 * 60);
		});
		expect(session.head.seen).toBeUndefined();
		session.change('test', ({ run }) => {
			readDry(run, { zone: 'lengths' }, 77, { level: 8 });
			readDry(run, { zone: 'lengths' }, 77, { undertone: 'yellow' });
			readDry(run, { zone: 'lengths' }, 77, { level: 8.5 });
		});
		const { notes } = session.visit.run;
		expect(notes.filter(({ dry }) => dry)).toEqual([
			expect.objectContaining({ zone: 'lengths', level: 8.5, undertone: 'yellow', minute: 77 })
		]);
		expect(session.head.seen).toMatchObject({ level: 8.5, undertone: 'yellow' });
		expect(session.head.toneStart.seen).toBe(true);
	});

	it('what is told of a look and taken back is not there', () => {
		const run: Visit['run'] = { elapsedSeconds: 0, notes: [] };
		run.notes.push({ id: 'a', minute: 3, zone: 'lengths', stretch: 'limp', text: '' });
		tellMore(run, 'a', { stretch: undefined, heat: 'warm' });
		expect(run.notes[0]).toEqual({ id: 'a', minute: 3, zone: 'lengths', heat: 'warm', text: '' });
		expect(checksOf(run)).toEqual([]);
	});
});
