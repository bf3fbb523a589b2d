import { describe, expect, it } from 'vitest';
import { plainReading } from './plain';
import { plainAim } from '../commands/newVisit';
import {
	aimOf,
	aimOn,
	areaGroups,
	changeAim,
	changeReading,
	readingOf,
	withoutExceptions
} from './exceptions';

describe('the same everywhere except', () => {
	it('keeps only what differs, for the areas that were named', () => {
		const reading = plainReading();
		changeReading(reading, ['crown', 'nape'], (r) => {
			r.naturalLevel = 6;
			r.zones.root.presentLevel = 6;
		});
		expect(Object.keys(reading.areas)).toEqual(['nape', 'crown']);
		expect(Object.keys(reading.areas.crown!)).toEqual(['naturalLevel', 'zones']);
		expect(readingOf(reading, 'crown').naturalLevel).toBe(6);
		expect(readingOf(reading, 'back').naturalLevel).toBe(5);
		expect(readingOf(reading, undefined)).toBe(reading);
	});

	it('lets an area follow the rest in everything it has not of its own', () => {
		const reading = plainReading();
		changeReading(reading, ['fringe'], (r) => (r.whiteShare = 0.5));
		changeReading(reading, [], (r) => (r.naturalLevel = 7));
		expect(readingOf(reading, 'fringe')).toMatchObject({ whiteShare: 0.5, naturalLevel: 7 });
	});

	it('forgets an exception that no longer differs, or that is taken back', () => {
		const reading = plainReading();
		changeReading(reading, ['top', 'fringe'], (r) => (r.lengthCm = 12));
		changeReading(reading, ['top'], (r) => (r.lengthCm = reading.lengthCm));
		expect(Object.keys(reading.areas)).toEqual(['fringe']);
		expect(withoutExceptions(reading.areas, ['fringe'])).toEqual({});
	});

	it('shares nothing between areas, or with the rest', () => {
		const reading = plainReading();
		changeReading(reading, ['top', 'fringe'], (r) => (r.zones.ends.presentLevel = 8));
		changeReading(reading, ['top'], (r) => (r.zones.ends.presentLevel = 9));
		expect(readingOf(reading, 'fringe').zones.ends.presentLevel).toBe(8);
		expect(reading.zones.ends.presentLevel).toBe(5);
	});

	it('holds for aims, by area and then by zone', () => {
		const aim = plainAim();
		changeAim(aim, ['fringe'], (a) => {
			a.level = 9.5;
			a.zones = { root: { level: 7 } };
		});
		changeAim(aim, [], (a) => (a.direction = 'violet'));
		expect(aimOf(aim, 'fringe')).toMatchObject({ level: 9.5, direction: 'violet' });
		expect(aimOn(aimOf(aim, 'fringe'), 'root').level).toBe(7);
		expect(aimOn(aimOf(aim, 'fringe'), 'ends').level).toBe(9.5);
		expect(aimOn(aim, 'root').level).toBe(8);
	});

	it('leaves the second opinion to the hair it was on', () => {
		const reading = { ...plainReading(), secondOpinion: { lengths: 6 } };
		changeReading(reading, ['top'], (r) => (r.porosity = 'high'));
		changeReading(reading, ['crown'], (r) => (r.naturalLevel = 8));
		expect(readingOf(reading, 'top').secondOpinion).toEqual({ lengths: 6 });
		expect(readingOf(reading, 'crown').secondOpinion).toBeUndefined();
	});

	it('groups areas that are alike, the rest first', () => {
		const reading = plainReading();
		const aim = plainAim();
		expect(areaGroups(reading, aim)).toHaveLength(1);
		changeReading(reading, ['leftSide', 'rightSide'], (r) => (r.porosity = 'high'));
		changeAim(aim, ['rightSide'], (a) => (a.level = 9));
		const groups = areaGroups(reading, aim);
		expect(groups.map(({ area }) => area)).toEqual([undefined, 'leftSide', 'rightSide']);
		expect(groups[0]!.areas).toHaveLength(6);
	});
});
