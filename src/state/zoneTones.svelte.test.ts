import { describe, expect, it } from 'vitest';
import { readDry } from '../model/commands/checks';
import { mixOwn } from '../model/commands/toner';
import { openVisit } from '../testing/demoVisit';
import { inOrder, zoneCourses, type ZonePass } from './zoneTones';
import type { VisitState } from './visitState.svelte';

const zoneTones = (session: VisitState, pass: ZonePass = WARMEST) =>
	inOrder(zoneCourses(session), session.visit.tone.minutes, pass);
const WARMEST: ZonePass = { order: 'warmestFirst', minutes: 9 };

/** A head that was read dry: its root behind the rest, its ends named. */
async function read() {
	const { session } = await openVisit('hesper-oake');
	const line = session.line!;
	session.change('test', (draft) => {
		readDry(draft.run, { zone: 'root' }, 70, { level: 8 });
		readDry(draft.run, { zone: 'lengths' }, 70, { level: 9 });
		readDry(draft.run, { zone: 'ends' }, 70, { level: 9.5, undertone: 'yellow' });
		const parts = [{ name: '9V', level: 9, tone: 'V', grams: 30 }];
		mixOwn(draft.tone, { parts, minutes: 20 }, line);
	});
	return session;
}

describe('the toner zone by zone', () => {
	it('starts each from what was seen of it, in the name it was given; the darkest first', async () => {
		const session = await read();
		const zones = zoneTones(session);
		expect(zones.map(({ zone }) => zone)).toEqual(['root', 'lengths', 'ends']);
		expect(zones.map(({ level }) => Math.round(level * 2) / 2)).toEqual([8, 9, 9.5]);
		expect(zones.every(({ seen }) => seen)).toBe(true);
		expect(zones[2]!.undertone).toMatchObject({ name: 'yellow', neutraliser: 'violet' });
	});
	it('of the zone that the figures speak of it says what they say', async () => {
		const session = await read();
		const main = zoneTones(session).find(({ zone }) => zone === session.head.zone.name)!;
		expect(main.course).toEqual(session.head.toner.course);
		expect(main.tooLate).toEqual(session.head.toner.tooLate);
	});
	it('all end together, and none lies longer than the toner is left', async () => {
		const session = await read();
		for (const { minutes, beginAfter, toned } of zoneTones(session)) {
			expect(minutes + beginAfter).toBe(session.visit.tone.minutes);
			expect(minutes).toBeLessThanOrEqual(session.visit.tone.minutes);
			expect(toned.minute).toBe(minutes);
		}
	});
	it('what nobody read is as it is expected', async () => {
		const { session } = await openVisit('hesper-oake');
		const zones = zoneTones(session);
		expect(zones.every(({ seen }) => !seen)).toBe(true);
		const main = zones.find(({ zone }) => zone === session.head.zone.name)!;
		expect(main.level).toBeCloseTo(session.head.rawLevel, 6);
	});
	it('by school they follow one another, and what went on later has that much less', async () => {
		const session = await read();
		const byRoot = zoneTones(session, { order: 'rootsFirst', minutes: 9 });
		const minutesOf = (zones: typeof byRoot) =>
			Object.fromEntries(zones.map(({ zone, minutes }) => [zone, minutes]));
		expect(minutesOf(byRoot)).toEqual({ root: 20, lengths: 17, ends: 14 });
		const byEnds = zoneTones(session, { order: 'endsFirst', minutes: 9 });
		expect(minutesOf(byEnds)).toEqual({ root: 14, lengths: 17, ends: 20 });
		const levelOfEnds = (zones: typeof byRoot) =>
			zones.find(({ zone }) => zone === 'ends')!.toned.level;
		expect(levelOfEnds(byEnds)).toBeLessThanOrEqual(levelOfEnds(byRoot));
	});
	it('areas that are not as the rest stand apart, and old light pieces among it', async () => {
		const { session } = await openVisit('hesper-oake');
		const before = zoneTones(session).length;
		session.change('a darker crown', ({ reading }) => {
			reading.areas.crown = { naturalLevel: 3 };
			reading.zones.lengths.oldLights = { share: 0.2, level: 9.5 };
		});
		const zones = zoneTones(session);
		expect(zones.length).toBeGreaterThan(before);
		expect(zones.some(({ areas }) => areas?.includes('crown'))).toBe(true);
		const lights = zones.find((zone) => zone.lights);
		expect(lights!.zone).toBe('lengths');
		const levels = zones.map(({ level }) => level);
		expect(levels).toEqual(levels.toSorted((p, q) => p - q));
		expect(new Set(zones.map(({ key }) => key)).size).toBe(zones.length);
	});
});
