import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runningHead } from '../core/work';
import type { SectionTap } from '../core/work/running';
import { openVisit } from '../testing/demoVisit';

const HEADS = ['hesper-oake', 'teodor-vask', 'anneke-rill', 'casimir-bly', 'ruta-semmel'];

/** A head of the demo with its bowls, and what it is at a minute after some taps. */
async function running(client: string) {
	const { session } = await openVisit(client);
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
	return { staging, at, asPlanned };
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
		expect(acts[0]).toMatchObject({ act: 'beOn', section: second!.section, minute: now });
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
		const { acts, sections } = at(80, asPlanned);
		const past = sections.filter(({ state }) => state === 'overdue').map(({ section }) => section);
		expect(past.length).toBeGreaterThan(0);
		expect(past).toContain(acts[0]!.section);
		expect(acts[0]!.act).toBe('takeOff');
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
					const asked = new Set(acts.flatMap(({ section }) => section ?? []));
					for (const { section, state } of sections) {
						expect(asked.has(section), `${section} ${state}`).toBe(state !== 'off');
					}
				}
			),
			{ numRuns: 80 }
		);
	});
});
