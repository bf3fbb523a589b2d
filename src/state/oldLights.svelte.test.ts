import { describe, expect, it, vi } from 'vitest';
import { haveOldLights } from '../model/commands/reading';
import { nextReading } from '../model/visit/nextReading';
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
			expect.objectContaining({ zone: 'lengths', kept: 'deeper', share: 0.4 })
		);
		session.change('none', ({ reading }) => haveOldLights(reading.zones.lengths, false));
		expect(session.work.grams).toBeCloseTo(grams, 6);
		expect(keptHair(session)).toEqual([]);
	});
	it('take their share of the bowls where no foil goes round them', async () => {
		const { session } = await withLights();
		session.change('open work', ({ bowls }) => (bowls.technique = 'open'));
		const { grams } = session.work;
		session.change('none', ({ reading }) => haveOldLights(reading.zones.lengths, false));
		expect(session.work.grams).toBeCloseTo(grams, 6);
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
		// Foils picked up more of it: there are so many light pieces now, and the rest is as it was.
		const { lightShare } = noted.aim;
		expect(nextReading(noted, '2026-03-05').zones.lengths).toMatchObject({
			state: 'natural',
			presentLevel: noted.reading.zones.lengths.presentLevel,
			oldLights: {
				share: lightShare,
				level: expect.closeTo((0.4 * 9 + (lightShare - 0.4) * 8.8) / lightShare, 1) as number
			}
		});
		const all = { ...noted, aim: { ...noted.aim, lightShare: 1 } };
		expect(nextReading(all, '2026-03-05').zones.lengths).toMatchObject({
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
	it('are lightened by a brush all the same, and so are predicted and carried on', async () => {
		const { session } = await withLights();
		expect(session.head.lights[0]).toMatchObject({ worked: false });
		expect(session.head.lights[0]!.level).toBeCloseTo(9, 1);
		session.change('open work', ({ bowls, lift }) => {
			bowls.technique = 'open';
			lift.placement = 'openAir';
		});
		const [piece] = session.head.lights;
		expect(piece!.worked).toBe(true);
		expect(piece!.level).toBeGreaterThan(9.1);
		const recorded = {
			...session.visit,
			result: { ...session.visit.result, recordedAt: '2026-01-05T12:00:00Z' }
		};
		const next = nextReading(recorded, '2026-03-05').zones.lengths.oldLights!;
		expect(next.level).toBeCloseTo(piece!.level, 1);
	});
});

describe('old light pieces that are taken along', () => {
	const along = async (volume = 10) => {
		const { session } = await withLights();
		await vi.waitFor(() => expect(session.bowls.ready).toBe(true));
		const { spread } = session.bowls.staging!;
		const before = { grams: session.work.grams, level: session.head.lift.level, spread };
		session.change('along', ({ lift, aim }) => {
			lift.lightsAlong = { reason: 'They look yellow beside the new ones.', volume };
			aim.oldLights = { level: 10 };
		});
		await vi.waitFor(() => expect(session.bowls.ready).toBe(true));
		return { session, before };
	};
	it('have a weak bowl of their own, and the rest is worked as it was', async () => {
		const { session, before } = await along();
		const { bowls } = session.bowls.staging!;
		const own = bowls.filter(({ part }) => part === 'oldLights');
		const rest = bowls.filter(({ part }) => part !== 'oldLights');
		expect(own).not.toEqual([]);
		expect(own.every(({ volume }) => volume === 10)).toBe(true);
		expect(rest.every(({ volume }) => volume <= session.plan.volume)).toBe(true);
		expect(session.head.lift.level).toBe(before.level);
		// How even the head is rests on the hair between them.
		expect(session.bowls.staging!.spread).toBeCloseTo(before.spread, 6);
		// Four of ten strands lie in the other bowl, and together it is all the hair.
		const grams = (some: typeof bowls) =>
			some.reduce(
				(sum, { lightenerGrams, developerGrams }) => sum + lightenerGrams + developerGrams,
				0
			);
		expect(session.work.grams).toBeGreaterThan(before.grams * 1.1);
		expect(grams(own)).toBeGreaterThan(0.15 * grams(rest));
		expect(grams(own)).toBeLessThan(0.67 * grams(rest));
	});
	it('are predicted apart by that bowl, drawn so, and judged by their own aim', async () => {
		const { session } = await along();
		const [piece] = session.head.lights;
		expect(piece).toMatchObject({ worked: true, share: 0.4, aim: { level: 10 } });
		expect(piece!.level).toBeGreaterThan(9.1);
		const weak = await along(5);
		expect(weak.session.head.lights[0]!.level).toBeLessThan(piece!.level);
		const at = Math.round(session.head.nowColours.apart![0]!.colours.length / 2);
		expect(session.head.liftedColours.apart![0]!.colours[at]).not.toEqual(
			session.head.nowColours.apart![0]!.colours[at]
		);
		expect(keptHair(session)).toContainEqual(
			expect.objectContaining({ zone: 'lengths', kept: undefined, share: 0.4 })
		);
	});
	it('stay out where they are to end no lighter than they are, whatever was said', async () => {
		const { session } = await along();
		session.change('deeper', ({ aim }) => (aim.oldLights = { level: 8 }));
		expect(session.head.lights[0]).toMatchObject({ worked: false });
		expect(keptHair(session)).toContainEqual(
			expect.objectContaining({ zone: 'lengths', kept: 'deeper', share: 0.4 })
		);
		await vi.waitFor(() =>
			expect(session.bowls.staging!.bowls.map(({ part }) => part)).not.toContain('oldLights')
		);
	});
	it('are cautioned where their bowl is no weak one', async () => {
		const codes = ({ session }: Awaited<ReturnType<typeof along>>) =>
			session.cautions.map(({ code }) => code);
		expect(codes(await along(10))).not.toContain('overlap');
		expect(codes(await along(20))).toContain('overlap');
	});
	it('are carried on as they were left', async () => {
		const { session } = await along();
		const recorded = {
			...session.visit,
			result: { ...session.visit.result, recordedAt: '2026-01-05T12:00:00Z' }
		};
		expect(nextReading(recorded, '2026-03-05').zones.lengths.oldLights!.level).toBeCloseTo(
			session.head.lights[0]!.level,
			1
		);
	});
});
