import { describe, expect, it } from 'vitest';
import { noteLook, readDry } from '../model/commands/checks';
import { nextReading } from '../model/visit/nextReading';
import { record } from '../model/commands/result';
import { openVisit } from '../testing/demoVisit';
import { SendOffView } from './sendOffView.svelte';
import { zonesFound } from './zoneTones';

/** A head of one colour all along, lightened at the root and in the lengths. */
async function twoZones() {
	const { session } = await openVisit('hesper-oake');
	session.change('two zones', ({ reading, aim, lift }) => {
		aim.lightShare = 1;
		reading.regrowthCm = 4;
		lift.covers = { root: true, lengths: true, ends: false };
		lift.delays = { root: 0, lengths: 0, ends: 0 };
	});
	return session;
}
const zoneOf = (session: Awaited<ReturnType<typeof twoZones>>, name: 'root' | 'lengths') =>
	session.head.zones.find((zone) => zone.name === name)!;

describe('a level seen on one piece', () => {
	it.each([-0.8, 0.8])('moves what is expected of the others its way (%s)', async (off) => {
		const session = await twoZones();
		const { head } = session;
		const [root, before] = [head.levelAt(zoneOf(session, 'root'), 50), head.rawLevel];
		session.change('dry', ({ run }) =>
			readDry(run, { zone: 'root' }, 50, { level: Number((root + off).toFixed(1)) })
		);
		// Nobody saw the lengths: they are expected, and by how fast the root lifted.
		expect(head.toneStart.seen).toBe(false);
		const moved = head.rawLevel - before;
		expect(Math.sign(moved)).toBe(Math.sign(off));
		expect(Math.abs(moved)).toBeGreaterThan(0.1);
		expect(Math.abs(moved)).toBeLessThan(Math.abs(off) + 0.4);
		// Lift, Tone, Send-off and the strand name one level.
		expect(head.lift.level).toBeCloseTo(head.rawLevel, 6);
		const found = zonesFound(head);
		expect(found.find(({ zone }) => zone === 'lengths')).toMatchObject({ seen: false });
		expect(found.find(({ zone }) => zone === 'root')).toMatchObject({ seen: true });
		const row = new SendOffView(session).rows.find(({ zone }) => zone === 'lengths')!;
		expect(row.expected.lifted).toBeCloseTo(head.rawLevel, 6);
		expect(row.bare).toBeUndefined();
		// What it was before anybody looked is kept for what is learned.
		expect(new SendOffView(session).foreseen.expected.predicted).toBeCloseTo(before, 1);
	});

	it('is not laid over what nobody saw: the strand shows each as it is known', async () => {
		const session = await twoZones();
		const { head } = session;
		session.change('dry', ({ run }) => readDry(run, { zone: 'root' }, 50, { level: 6 }));
		const at = (cm: number) => head.points.findIndex(({ distanceCm }) => distanceCm >= cm);
		expect(head.rawFibres[at(2)]).not.toEqual(head.lifted[at(2)]);
		expect(head.rawFibres[at(9)]).toEqual(head.lifted[at(9)]);
	});

	it('stands until they are read themselves', async () => {
		const session = await twoZones();
		const { head } = session;
		session.change('dry', ({ run }) => {
			readDry(run, { zone: 'root' }, 50, { level: 6 });
			readDry(run, { zone: 'lengths' }, 50, { level: 8.1 });
		});
		expect(head.toneStart.seen).toBe(true);
		expect(head.rawLevel).toBeCloseTo(8.1, 1);
	});

	it('goes into the record as what was expected, and from there into the next reading', async () => {
		const session = await twoZones();
		session.change('dry', ({ run }) => readDry(run, { zone: 'root' }, 50, { level: 6 }));
		const expected = session.head.rawLevel;
		const { foreseen } = new SendOffView(session);
		session.change('recorded', (draft) =>
			record(draft, foreseen, 8, new Date('2026-03-02T12:00:00.000Z'))
		);
		const next = nextReading(session.visit, '2026-06-01');
		expect(next.zones.lengths.presentLevel).toBeCloseTo(expected, 1);
	});

	it('of a section counts once somebody has taken it for the pace of the head, in a level or a word', async () => {
		const session = await twoZones();
		const { head } = session;
		const before = head.rawLevel;
		const [one] = session.bowls.sections;
		const look = (counts: boolean | undefined) =>
			session.change('look', ({ run }) => {
				run.notes = [];
				noteLook(
					run,
					{
						minute: 30,
						zone: 'lengths',
						section: one!.section.id,
						lay: { minutes: 30, volume: 20, ratio: 2, bowlAgeMinutes: 5, expected: 8 },
						...(counts === undefined ? {} : { counts })
					},
					{ word: 'lags' }
				);
			});
		look(undefined);
		expect(head.rawLevel).toBe(before);
		look(false);
		expect(head.rawLevel).toBe(before);
		look(true);
		expect(head.rawLevel).toBeLessThan(before - 0.1);
	});
});
