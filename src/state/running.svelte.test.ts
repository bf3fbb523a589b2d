import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { callsOf, CHECK, runningHead } from '../core/work';
import type { BowlId } from '../core/work/ids';
import type { SectionTap } from '../core/work/onHead';
import { tapAllOn, tapOn, tapSection, untapSection } from '../model/commands/run';
import type { Visit } from '../schema/records';
import { openVisit } from '../testing/demoVisit';

const HEADS = ['hesper-oake', 'teodor-vask', 'anneke-rill', 'casimir-bly', 'ruta-semmel'];

/** A head of the demo with its bowls, and what it is at a minute after some taps. */
async function running(client: string, change: (visit: Visit) => void = () => undefined) {
	const { session } = await openVisit(client);
	session.change('for the test', change);
	const { head, staging } = session.bowls;
	if (!staging) throw new Error('not staged');
	const at = (minute: number, taps: readonly SectionTap[] = [], followsPlan = false) =>
		runningHead(head, staging, { minute, taps, followsPlan });
	const asPlanned = staging.finish.map(({ section, part, appliedToMinute }): SectionTap => ({
		act: 'on',
		section,
		part,
		minute: appliedToMinute
	}));
	return { head, staging, at, asPlanned };
}

describe('a head while the service runs', () => {
	it.each(HEADS)('%s: follows the plan to its end, followed or tapped on time', async (client) => {
		const { staging, at, asPlanned } = await running(client);
		for (const [taps, follows] of [
			[[], true],
			[asPlanned, false],
			[asPlanned.slice(0, 3), true]
		] as const) {
			for (const end of staging.finish) {
				const now = at(end.rinseMinute, taps, follows).sections.find(
					({ section, part }) => section === end.section && part === end.part
				)!;
				expect(now.level).toBeCloseTo(end.level, 6);
				expect(now.offMinute).toBeCloseTo(end.rinseMinute, 6);
				expect(now.lateMinutes).toBeCloseTo(0, 6);
				expect(now.bowl).toBe(end.bowl);
			}
		}
	});

	it('one that is late moves what comes after by as much, and what lay before stays', async () => {
		const { at, asPlanned } = await running('hesper-oake');
		const [first, second] = asPlanned;
		const taps = [first!, { ...second!, minute: second!.minute + 6 }];
		const planned = at(0).sections;
		const late = at(second!.minute + 6, taps).sections;
		expect(late[0]!.lateMinutes).toBeCloseTo(0, 6);
		late.slice(1).forEach((section, i) => {
			expect(section.lateMinutes, section.section).toBeCloseTo(6, 6);
			expect(section.toMinute).toBeCloseTo(planned[i + 1]!.toMinute + 6, 6);
			// It lies as long as was planned.
			const lies = ({ offMinute, toMinute }: (typeof late)[number]) => offMinute - toMinute;
			expect(lies(section)).toBeCloseTo(lies(planned[i + 1]!), 1);
		});
	});

	it('what should be on and was not tapped is being put on still, and gets later by the minute', async () => {
		const { at, asPlanned } = await running('hesper-oake');
		const [first, second] = asPlanned;
		const now = second!.minute + 10;
		const { sections, acts } = at(now, [first!]);
		expect(sections[1]).toMatchObject({ state: 'puttingOn', toMinute: now });
		expect(sections[1]!.lateMinutes).toBeCloseTo(10, 6);
		expect(sections[2]!.fromMinute).toBeGreaterThanOrEqual(now);
		const { section, minute: due } = second!;
		const beOn = acts.find(({ act }) => act === 'beOn')!;
		expect(beOn.section).toBe(section);
		expect(beOn.minute).toBeCloseTo(due, 6);
		// It calls once it looks forgotten, and so does the bowl that the plan wants by then.
		const called = (minute: number) => {
			const head = at(minute, [first!]);
			return callsOf(head, minute).map(({ act }) => act.act);
		};
		expect(called(due + CHECK.forgottenMinutes - 0.5)).not.toContain('beOn');
		expect(called(due + CHECK.forgottenMinutes)).toContain('beOn');
		expect(called(due + 60)).toContain('mix');
	});
	it('a bowl that was weighed is not called to be mixed', async () => {
		const { head, staging, asPlanned } = await running('hesper-oake');
		const second = staging.bowls[1]!;
		const minute = second.mixAtMinute;
		const taps = asPlanned.slice(0, 1);
		const mixes = (mixedAt?: ReadonlyMap<BowlId, number>) =>
			runningHead(head, staging, { minute, taps, mixedAt }).acts.filter(
				({ act, bowl }) => act === 'mix' && bowl === second.number
			);
		expect(mixes()).toHaveLength(1);
		expect(mixes(new Map([[second.id, minute - 8]]))).toEqual([]);
	});

	it('a section that came off stays as it was then, and asks for nothing more', async () => {
		const { at, asPlanned } = await running('hesper-oake');
		const [first] = asPlanned;
		const off: SectionTap = { act: 'off', section: first!.section, part: first!.part, minute: 30 };
		const then = at(30, asPlanned).sections[0]!;
		for (const minute of [30, 45, 90]) {
			const { sections, acts } = at(minute, [...asPlanned, off]);
			expect(sections[0]).toMatchObject({ state: 'off', offMinute: 30 });
			expect(sections[0]!.level).toBeCloseTo(then.level, 9);
			expect(acts.some(({ section }) => section === first!.section)).toBe(false);
		}
	});

	it('of what is due now, what must lie no longer comes first', async () => {
		const { at, asPlanned } = await running('hesper-oake');
		// Hands were twice as quick: what went on first is past its limit while others are only due.
		const taps = asPlanned.map((tap) => ({ ...tap, minute: tap.minute / 2 }));
		let both = 0;
		for (let minute = 40; minute < 75; minute++) {
			const { acts, sections } = at(minute, taps);
			const past = sections
				.filter(({ state }) => state === 'overdue')
				.map(({ section }) => section);
			if (past.length === 0) continue;
			expect(past, `at ${minute} min`).toContain(acts[0]!.section);
			const due = acts.filter(
				({ act, minute: when }) => ['takeOff', 'rinse'].includes(act) && when <= minute
			);
			if (
				due.some(({ section, minute: when }) => !past.includes(section!) && when < acts[0]!.minute)
			)
				both++;
		}
		expect(both).toBeGreaterThan(0);
	});

	it('a bowl moves along with its first section, unless it was weighed at a known minute', async () => {
		const { staging, head, at, asPlanned } = await running('hesper-oake');
		const [first] = asPlanned;
		const late = [{ ...first!, minute: first!.minute + 12 }];
		const second = staging.bowls[1]!;
		const own = (sections: ReturnType<typeof at>['sections']) =>
			sections.find(({ bowl }) => bowl === second.number)!;
		const planned = own(at(0).sections);
		const moved = own(at(first!.minute + 12, late).sections);
		expect(moved.lateMinutes).toBeCloseTo(12, 6);
		expect(moved.bowlAgeMinutes).toBeCloseTo(planned.bowlAgeMinutes, 6);
		const weighed = runningHead(head, staging, {
			minute: first!.minute + 12,
			taps: late,
			mixedAt: new Map([[second.id, second.mixAtMinute]])
		});
		expect(own(weighed.sections).bowlAgeMinutes).toBeCloseTo(planned.bowlAgeMinutes + 12, 6);
	});

	it('a pause that was planned: who is early waits it out, who is late keeps its length', async () => {
		const { at, asPlanned } = await running('hesper-oake', (visit) => {
			visit.bowls.strand = 'rootLater';
			visit.bowls.foils = 12;
			visit.lift.delays.root = 30;
		});
		const lengths = asPlanned.filter(({ part }) => part === 'lengths');
		const root = (taps: readonly SectionTap[]) =>
			at(0, taps).sections.find(({ part }) => part === 'root')!.fromMinute;
		expect(root([])).toBeCloseTo(30, 6);
		const by = (minutes: number) =>
			lengths.map((tap) => ({ ...tap, minute: Math.max(1, tap.minute + minutes) }));
		expect(root(by(-5))).toBeCloseTo(30, 6);
		expect(root(by(7))).toBeCloseTo(37, 6);
	});

	it('each section has its own aim', async () => {
		const { at } = await running('casimir-bly');
		const { sections } = at(0);
		const target = (area: string) => sections.find(({ section }) => section === area)!.target;
		expect(target('fringe') - target('nape')).toBeCloseTo(1, 6);
	});

	it('whatever is tapped: nothing lies past its limit in the plan, nothing is asked for in the past', async () => {
		const { staging, at } = await running('hesper-oake');
		const tap = fc.record<SectionTap>({
			act: fc.constantFrom('on', 'on', 'off'),
			section: fc.constantFrom(...staging.finish.map(({ section }) => section)),
			part: fc.constant(undefined),
			minute: fc.integer({ min: 1, max: 90 })
		});
		fc.assert(
			fc.property(
				fc.array(tap, { maxLength: 14 }),
				fc.integer({ min: 0, max: 120 }),
				(all, now) => {
					const taps = all.filter(({ minute }) => minute <= now);
					const { sections, acts } = at(now, taps);
					expect(sections).toHaveLength(staging.finish.length);
					for (const one of sections) {
						expect(one.fromMinute).toBeLessThanOrEqual(one.toMinute);
						if (one.state !== 'off')
							expect(one.offMinute).toBeLessThanOrEqual(one.limitMinute + 1e-9);
						// What is still to come is not over already.
						if (one.state === 'puttingOn') expect(one.toMinute).toBeGreaterThanOrEqual(now - 1e-9);
						expect(Number.isFinite(one.level)).toBe(true);
						expect(one.bowlAgeMinutes).toBeGreaterThanOrEqual(0);
					}
					const due = acts.map(({ minute }) => Math.max(now, minute));
					expect(due).toEqual(due.toSorted((p, q) => p - q));
					// Each section that is not off is in somebody's list, and none that is.
					const asked = new Set(
						acts.flatMap(({ section, of }) => [section, ...(of ?? []).map((one) => one.section)])
					);
					for (const { section, state } of sections) {
						expect(asked.has(section), `${section} ${state}`).toBe(state !== 'off');
					}
				}
			),
			{ numRuns: 80 }
		);
	});
});

describe('taps as the record keeps them', () => {
	const empty = (): Visit['run'] => ({ elapsedSeconds: 0, notes: [] });

	it('of the same act on a section only the last counts, and it is taken back', () => {
		const run = empty();
		tapSection(run, { act: 'on', section: 'nape' }, 300);
		tapSection(run, { act: 'on', section: 'nape' }, 390);
		tapSection(run, { act: 'off', section: 'nape' }, 2400);
		expect(run.taps).toEqual([
			{ act: 'on', section: 'nape', minute: 6.5 },
			{ act: 'off', section: 'nape', minute: 40 }
		]);
		untapSection(run, { act: 'off', section: 'nape' });
		expect(run.taps).toHaveLength(1);
	});

	it('all on: what was not tapped went on since, each for its share of that time', async () => {
		const { at, asPlanned } = await running('hesper-oake');
		for (const [tapped, shown] of [
			[0, 20],
			[3, 30]
		] as const) {
			const run = { ...empty(), taps: asPlanned.slice(0, tapped).map((tap) => ({ ...tap })) };
			tapAllOn(run, at(shown, run.taps).sections, shown * 60);
			const minutes = run.taps.map(({ minute }) => minute);
			expect(minutes).toHaveLength(asPlanned.length);
			expect(minutes).toEqual(minutes.toSorted((p, q) => p - q));
			expect(minutes.at(-1)).toBeCloseTo(shown, 1);
			expect(minutes.slice(0, tapped)).toEqual(asPlanned.slice(0, tapped).map((t) => t.minute));
			const { sections } = at(shown, run.taps);
			expect(sections.some(({ state }) => state === 'waiting' || state === 'puttingOn')).toBe(
				false
			);
		}
	});

	it('the last one that is tapped says so', async () => {
		const { at, asPlanned } = await running('hesper-oake');
		const last = asPlanned.at(-1)!;
		const run = { ...empty(), taps: asPlanned.slice(0, -2).map((tap) => ({ ...tap })) };
		const shown = last.minute;
		expect(tapOn(run, asPlanned.at(-2)!, at(shown, run.taps).sections, shown * 60)).toBe(false);
		expect(tapOn(run, last, at(shown, run.taps).sections, shown * 60)).toBe(true);
	});
});
