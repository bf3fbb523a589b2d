import { describe, expect, it } from 'vitest';
import { levelOfFibre } from '../core/lift';
import { readDry, unreadDry } from '../model/commands/checks';
import { openVisit } from '../testing/demoVisit';
import { offers } from './dayOffers';

/** A head with its main application and the same once more for twenty minutes. */
async function twice() {
	const { session } = await openVisit('hesper-oake');
	session.change('again', ({ lift, after }) => {
		after.push({ ...lift, id: 'again', kind: 'again', minutes: 20 });
	});
	return session;
}

describe('a further application begins from what was read dry', () => {
	it('on the zone that was read, on its strand and in its figures; the condition is that of the day', async () => {
		const session = await twice();
		const { head } = session;
		session.stepId = 'again';
		const expected = head.results[0]!;
		expect(levelOfFibre(head.shown.start)).toBeCloseTo(expected.level, 6);
		session.change('dry', ({ run }) => readDry(run, { zone: 'lengths' }, 70, { level: 7 }));
		expect(head.zone.name).toBe('lengths');
		expect(levelOfFibre(head.shown.start)).toBeCloseTo(7, 1);
		// What was expected of the main application before anybody looked stays beside it.
		expect(head.foreseenOn(head.zone, 1)).toBeCloseTo(expected.level, 9);
		expect(head.lift.level).toBeGreaterThan(7.3);
		expect(head.lift.level).toBeLessThan(expected.level + 1);
		expect(head.lift.condition).toBeLessThan(expected.condition);
		// One engine: figures, clock and strand say the same.
		expect(head.lift.level).toBeCloseTo(head.results[1]!.level, 6);
		expect(head.shown.lift.level).toBeCloseTo(head.lift.level, 6);
		expect(levelOfFibre(head.shown.fibre)).toBeCloseTo(head.lift.level, 6);
		const middle = (head.zone.fromCm + head.zone.toCm) / 2;
		const at = head.points.findIndex(({ distanceCm }) => distanceCm >= middle);
		expect(levelOfFibre(head.lifted[at]!)).toBeCloseTo(head.lift.level, 1);
		expect(head.shown.number).toBe(1);
		// It is still called lifted hair: the day began darker.
		expect(head.lift.tone).toMatch(/yellow|orange/);
	});

	it('Tone starts from what the rest of the day makes of it, and from the hair once that is read', async () => {
		const session = await twice();
		const { head } = session;
		session.change('dry', ({ run }) =>
			readDry(run, { zone: 'lengths' }, 70, { level: 7, undertone: 'orange' })
		);
		expect(levelOfFibre(head.toneStart.fibre)).toBeCloseTo(head.lift.level, 2);
		expect(head.toneStart.named).toBeUndefined();
		session.change('dry', ({ run }) =>
			readDry(run, { zone: 'lengths', step: 'again' }, 100, { level: 8, undertone: 'yellow' })
		);
		expect(levelOfFibre(head.toneStart.fibre)).toBeCloseTo(8, 0);
		expect(head.toneStart.named?.undertone).toBe('yellow');
		expect(levelOfFibre(head.leftOn(head.zone))).toBeCloseTo(8, 1);
		// The second application still began from the first reading.
		expect(head.lift.level).toBeLessThan(head.results[0]!.level + 1);
	});

	it('without one it begins from what is expected', async () => {
		const session = await twice();
		expect(session.head.sinceDry).toBeUndefined();
		session.change('check', ({ run }) => {
			run.notes.push({ id: 'a', minute: 20, zone: 'lengths', level: 6.5, text: '' });
		});
		expect(session.head.sinceDry).toBeUndefined();
	});
});

describe('once more on what lags', () => {
	const again = (session: Awaited<ReturnType<typeof twice>>) =>
		offers(session)
			.find(({ kind }) => kind === 'again')
			?.make?.();

	it('goes by what was read dry, for as long as that needs', async () => {
		const { session } = await openVisit('hesper-oake');
		const zones = session.head.zones.filter(({ name }) => session.plan.covers[name]);
		const readAll = (level: number) =>
			session.change('dry', ({ run }) => {
				for (const { name } of zones) readDry(run, { zone: name }, 70, { level });
			});
		readAll(session.head.target);
		expect(again(session)).toBeUndefined();
		readAll(session.head.target - 0.6);
		const near = again(session)!;
		readAll(session.head.target - 1.2);
		const far = again(session)!;
		expect(near.minutes).toBeLessThanOrEqual(far.minutes);
		expect(far.volume).toBe(session.plan.volume);
		expect(far.areas).toBeUndefined();
	});

	it('a section that was read apart gets it alone', async () => {
		const { session } = await openVisit('hesper-oake');
		const zones = session.head.zones.filter(({ name }) => session.plan.covers[name]);
		const [one] = session.bowls.sections;
		const place = { zone: 'lengths', section: one!.section.id } as const;
		session.change('dry', ({ run }) => {
			for (const { name } of zones)
				readDry(run, { zone: name }, 70, { level: session.head.target });
			readDry(run, place, 70, { level: session.head.target - 1 });
		});
		expect(again(session)?.areas).toEqual(one!.section.areas);
		session.change('as the rest', ({ run }) => unreadDry(run, place));
		expect(again(session)).toBeUndefined();
	});
});
