import { describe, expect, it } from 'vitest';
import type { Visit, ZoneReading } from '../../schema/records';
import { headHistory, takeHistory } from '../visit/history';
import { keptOut } from '../visit/kept';
import { momentIn } from '../time';
import { nextReading } from '../visit/nextReading';
import { setLevel, setLightsLevel } from './reading';
import { newVisit } from './newVisit';

const AT = momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC');
const LATER = '2026-03-02';

/** A recorded day on which foils brought some of the hair to 8.9. */
function foiled(share: number, change: (draft: Visit) => void = () => undefined): Visit {
	const visit = newVisit('c', AT);
	visit.reading.naturalLevel = 4;
	visit.aim.lightShare = share;
	visit.result = {
		tone: '',
		notes: '',
		expected: { toned: 8.5, lifted: 8.9 },
		recordedAt: '2026-01-05T13:00:00Z'
	};
	change(visit);
	return visit;
}
const lengthsOf = (visit: Visit, day = LATER): ZoneReading => nextReading(visit, day).zones.lengths;

describe('hair that foils picked some of up', () => {
	it('comes back as what it is: light pieces, and what lay between them as it was', () => {
		const { presentLevel } = newVisit('c', AT).reading.zones.lengths;
		expect(lengthsOf(foiled(0.35))).toEqual({
			state: 'natural',
			presentLevel,
			artificial: [],
			oldLights: { share: 0.35, level: 8.9 }
		});
		const coloured = foiled(0.35, ({ reading }) => {
			reading.zones.lengths = {
				state: 'coloured',
				presentLevel: 3,
				artificial: [{ kind: 'permanent', level: 3, tone: 'N' }]
			};
		});
		expect(lengthsOf(coloured)).toMatchObject({
			state: 'coloured',
			presentLevel: 3,
			artificial: [{ level: 3 }],
			oldLights: { share: 0.35, level: 8.9 }
		});
	});
	it('all of it picked up is light all through', () => {
		expect(lengthsOf(foiled(1))).toEqual({
			state: 'lightened',
			presentLevel: 8.9,
			artificial: []
		});
	});
	it('has at the root what the product never reached, and what has grown since', () => {
		const mm = (startsAtMm: number) => foiled(0.35, ({ lift }) => (lift.startsAtMm = startsAtMm));
		expect(nextReading(mm(12), '2026-01-05').regrowthCm).toBe(1.2);
		expect(nextReading(mm(0), '2026-01-05').regrowthCm).toBe(0);
		expect(nextReading(mm(12), LATER).regrowthCm).toBeCloseTo(1.2 + 2.3, 1);
		expect(nextReading(mm(12), LATER).zones.root).toMatchObject({ state: 'natural' });
		expect(nextReading(mm(12), LATER).zones.root.oldLights).toBeUndefined();
	});
	it('begun again the same day is as it was left', () => {
		const visit = foiled(0.35);
		const again = nextReading(visit, visit.date);
		expect(again.zones.lengths.oldLights).toEqual({ share: 0.35, level: 8.9 });
		expect(again.lengthCm).toBe(visit.reading.lengthCm);
	});
	it('more of it picked up: the pieces are told together, by their shares', () => {
		const more = foiled(0.6, ({ reading }) => {
			reading.zones.lengths.oldLights = { share: 0.2, level: 9.5 };
		});
		expect(lengthsOf(more).oldLights).toEqual({
			share: 0.6,
			level: Math.round(((0.2 * 9.5 + 0.4 * 8.9) / 0.6) * 10) / 10
		});
		const fewer = foiled(0.2, ({ reading }) => {
			reading.zones.lengths.oldLights = { share: 0.5, level: 9.5 };
		});
		expect(lengthsOf(fewer).oldLights).toEqual({ share: 0.5, level: 9.5 });
	});
	it('where the visits of a plan go on with the pieces they are told of those alone', () => {
		expect(nextReading(foiled(0.35), LATER, 'pieces').zones.lengths).toMatchObject({
			state: 'lightened',
			presentLevel: 8.9
		});
		// After the last of them all of the hair is told again.
		const last = foiled(0.35, (draft) => {
			draft.series = { id: 's', number: 2 };
			draft.lift.overlap = { reason: 'planned together', volume: 20 };
			draft.reading.zones.lengths = { state: 'lightened', presentLevel: 6.4, artificial: [] };
		});
		expect(lengthsOf(last)).toMatchObject({
			state: 'natural',
			presentLevel: 4,
			oldLights: { share: 0.35, level: 8.9 }
		});
	});
	it('its history says how much was picked up, and tells the rest nothing', () => {
		const next = nextReading(foiled(0.35), LATER);
		expect(next.history.at(-1)).toMatchObject({ kind: 'lightening', toLevel: 8.9, share: 0.35 });
		expect(headHistory(next, LATER, 2).events).toEqual([]);
		const told = structuredClone(next);
		takeHistory(told, LATER, 2);
		expect(told.zones.lengths.oldLights).toEqual({ share: 0.35, level: 8.9 });
		expect(told.zones.lengths.state).toBe('natural');
		expect(nextReading(foiled(1), LATER).history.at(-1)).not.toHaveProperty('share');
	});
});

describe('what lies between light pieces', () => {
	const next = nextReading(foiled(0.35), LATER);
	const { lift, aim } = newVisit('c', AT);
	const asked = (lightShare: number) => keptOut(lift, next, { ...aim, lightShare }, 'lengths');
	it('stays where there are as many of them as the aim asks for', () => {
		expect(asked(0.35)).toBe('enough');
		expect(asked(0.3)).toBe('enough');
		expect(asked(0.37)).toBe('enough');
	});
	it('is worked where more of it is to be light, or all', () => {
		expect(asked(0.4)).toBeUndefined();
		expect(asked(1)).toBeUndefined();
	});
	it('the root, which has none, is worked, and old colour is taken out of all of it', () => {
		expect(keptOut(lift, next, { ...aim, lightShare: 0.35 }, 'root')).toBeUndefined();
		expect(keptOut(lift, next, { ...aim, lightShare: 0.35 }, 'lengths', 'removal')).toBeUndefined();
	});
});

describe('light pieces whose end nobody saw', () => {
	it('are a guess until somebody reads them, and reading the rest tells nothing of them', () => {
		const next = nextReading(foiled(0.35), LATER);
		expect(next.unseen).toBe(true);
		setLevel(next, 'lengths', 3);
		expect(next.unseen).toBe(true);
		setLightsLevel(next, 'root', 8);
		expect(next.zones.root.oldLights).toBeUndefined();
		expect(next.unseen).toBe(true);
		setLightsLevel(next, 'lengths', 8);
		expect(next.zones.lengths.oldLights!.level).toBe(8);
		expect(next.unseen).toBeUndefined();
	});
});
