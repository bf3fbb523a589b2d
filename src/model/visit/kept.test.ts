import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainReading } from '../head/plain';
import { plainAim } from '../commands/newVisit';
import type { Aim, LiftPlan, Reading, ZoneReading } from '../../schema/records';
import { ZONE_NAMES } from '../../core/vocabulary';
import { newVisit } from '../commands/newVisit';
import { momentIn } from '../time';
import { reaches } from '../day/steps';
import { keptOut, planAt, stepOnHair, workedAreas } from './kept';
import { zoneLevel } from './lift';

const light = (presentLevel: number): ZoneReading => ({
	state: 'lightened',
	presentLevel,
	artificial: []
});
const { lift: plain } = newVisit('c', momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC'));
const withEnds = (ends: ZoneReading): Reading => {
	const reading = plainReading();
	return { ...reading, zones: { ...reading.zones, ends } };
};

describe('hair that protects itself', () => {
	it('old blonde is kept out until somebody says why it is taken along', () => {
		const reading = withEnds(light(8.5));
		const aim: Aim = { ...plainAim(), level: 9 };
		expect(keptOut(plain, reading, aim, 'ends')).toBe('light');
		expect(planAt(plain, reading, aim, undefined).covers).toEqual({
			root: true,
			lengths: true,
			ends: false
		});
		const along: LiftPlan = { ...plain, overlap: { reason: 'dull and uneven', volume: 10 } };
		expect(keptOut(along, reading, aim, 'ends')).toBeUndefined();
		expect(planAt(along, reading, aim, undefined)).toBe(along);
	});

	it('hair aimed at what it is, or deeper, is not lightened, to the tenth that is shown', () => {
		const reading = plainReading();
		for (const [level, kept] of [
			[4, 'deeper'],
			[5, 'deeper'],
			[5.04, 'deeper'],
			[5.06, undefined],
			[8, undefined]
		] as const) {
			expect(keptOut(plain, reading, { ...plainAim(), level }, 'lengths')).toBe(kept);
		}
		// Not even where lightened hair would be taken along.
		const along: LiftPlan = { ...plain, overlap: { reason: 'asked for', volume: 10 } };
		expect(keptOut(along, withEnds(light(9)), { ...plainAim(), level: 9 }, 'ends')).toBe('deeper');
	});

	it('what was left out by hand stays so, and says so', () => {
		const plan: LiftPlan = { ...plain, covers: { ...plain.covers, root: false } };
		expect(keptOut(plan, plainReading(), plainAim(), 'root')).toBe('left');
	});

	it('taking old colour out and softening the root are done for themselves, whatever the level aimed at', () => {
		const aim: Aim = { ...plainAim(), level: 5 };
		const step = (kind: 'removal' | 'baseBreak' | 'again') =>
			stepOnHair({ id: 'x', kind, plan: plain }, plainReading(), aim).plan.covers.root;
		expect(step('removal')).toBe(true);
		expect(step('baseBreak')).toBe(true);
		expect(step('again')).toBe(false);
	});

	it('an area that goes darker leaves the work by itself', () => {
		const aim: Aim = { ...plainAim(), areas: { nape: { level: 4 } } };
		const worked = workedAreas({ kind: 'main', plan: plain }, plainReading(), aim);
		expect(worked).not.toContain('nape');
		expect(worked).toHaveLength(7);
	});

	it('nothing reaches hair that is to stay, and nothing old and light that nobody asked for', () => {
		const zone = fc.record({
			state: fc.constantFrom('natural' as const, 'lightened' as const),
			presentLevel: fc.double({ min: 1, max: 11, noNaN: true }),
			artificial: fc.constant<ZoneReading['artificial']>([])
		});
		fc.assert(
			fc.property(
				fc.record({ root: zone, lengths: zone, ends: zone }),
				fc.double({ min: 1, max: 11, noNaN: true }),
				fc.record({ root: fc.boolean(), lengths: fc.boolean(), ends: fc.boolean() }),
				fc.integer({ min: 0, max: 30 }),
				fc.boolean(),
				(zones, level, covers, drawThroughMinutes, along) => {
					const reading: Reading = { ...plainReading(), zones };
					const aim: Aim = { ...plainAim(), level };
					const plan: LiftPlan = {
						...plain,
						covers,
						drawThroughMinutes,
						...(along ? { overlap: { reason: 'asked for', volume: 10 } } : {})
					};
					const worked = planAt(plan, reading, aim, undefined);
					for (const name of ZONE_NAMES) {
						if (worked.covers[name]) {
							expect(covers[name]).toBe(true);
							if (zones[name].state === 'lightened') expect(along).toBe(true);
						}
						if (level <= zoneLevel(reading, name)) expect(reaches(worked, name)).toBe(false);
					}
				}
			)
		);
	});
});
