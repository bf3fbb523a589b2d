import { describe, expect, it } from 'vitest';
import { haveOldLights } from '../model/commands/reading';
import { nextReading } from '../model/commands/newVisit';
import { openVisit } from '../testing/demoVisit';
import { keptHair } from './keptHair';

const withLights = async () => {
	const { session } = await openVisit('hesper-oake');
	const grams = session.work.grams;
	session.change('old lights', ({ reading }) => {
		haveOldLights(reading.zones.lengths, true);
		reading.zones.lengths.oldLights = { share: 0.4, level: 9 };
	});
	return { session, grams };
};

describe('old light pieces among darker hair', () => {
	it('are drawn among it by their share, as they are, before the lift and after it', async () => {
		const { session } = await withLights();
		const { head } = session;
		const [now] = head.nowColours.apart!;
		const [lifted] = head.liftedColours.apart!;
		expect(now!.share).toBe(0.4);
		const middle = Math.round(now!.colours.length / 2);
		expect(lifted!.colours[middle]).toEqual(now!.colours[middle]);
		expect(head.nowColours.hair[middle]).not.toEqual(now!.colours[middle]);
		// Above and below the zone the strand is one.
		expect(now!.colours[0]).toEqual(head.nowColours.hair[0]);
	});
	it('take no lightener: less is mixed, and they are named as kept out', async () => {
		const { session, grams } = await withLights();
		expect(session.work.grams).toBeLessThan(grams * 0.9);
		expect(keptHair(session)).toContainEqual(
			expect.objectContaining({ zone: 'lengths', kept: 'light', share: 0.4 })
		);
		session.change('none', ({ reading }) => haveOldLights(reading.zones.lengths, false));
		expect(session.work.grams).toBeCloseTo(grams, 6);
		expect(keptHair(session)).toEqual([]);
	});
	it('are toned with the rest', async () => {
		const { session } = await withLights();
		session.change('a violet toner', ({ tone }) => {
			tone.choice = 'formula';
			tone.parts = [{ name: '9V', level: 9, tone: 'V', grams: 30 }];
		});
		const { rawColours, tonedColours } = session.head;
		const at = Math.round(rawColours.hair.length / 2);
		const [bare, toned] = [
			rawColours.apart![0]!.colours[at]!,
			tonedColours.apart![0]!.colours[at]!
		];
		// Violet takes the yellow: blue gains on red.
		expect(toned[2] / toned[0]).toBeGreaterThan(1.1 * (bare[2] / bare[0]));
	});
	it('stay in the record as they are, whether or not what lies between them was lightened', async () => {
		const { session } = await withLights();
		const recorded = {
			...session.visit,
			result: { ...session.visit.result, recordedAt: '2026-01-05T12:00:00Z' }
		};
		const untouched = { ...recorded, noLift: true as const };
		expect(nextReading(untouched, '2026-03-05').zones.lengths.oldLights).toEqual({
			share: 0.4,
			level: 9
		});
		const noted = {
			...recorded,
			run: {
				...recorded.run,
				notes: [{ id: 'n', minute: 38, zone: 'lengths' as const, level: 8.8, text: '' }]
			}
		};
		expect(nextReading(noted, '2026-03-05').zones.lengths).toMatchObject({
			state: 'lightened',
			presentLevel: 8.8,
			oldLights: { share: 0.4, level: 9 }
		});
	});
	it('cannot be gone round by a brush: open work over them is the overlap it is', async () => {
		const { session } = await withLights();
		const codes = () => session.cautions.map(({ code }) => code);
		expect(codes()).not.toContain('overlap');
		session.change('open work', ({ bowls, lift }) => {
			bowls.technique = 'open';
			lift.placement = 'openAir';
		});
		expect(codes()).toContain('overlap');
	});
});
