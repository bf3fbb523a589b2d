import { AREAS } from '../core/vocabulary';
import { areaDifference } from '../model/visit/areaDifference';
import { describe, expect, it } from 'vitest';
import { openVisit } from '../testing/demoVisit';

import { differenceWords, exceptWords } from '../wording/areas';
import { areaColours } from '../model/visit/areaColours';
import { areaWords, changeWords } from '../wording/words';

const open = async (name: string) => (await openVisit(name)).session;

describe('areas of a head', () => {
	it('are looked at and changed together, while the rest of the head keeps its figures', async () => {
		const session = await open('hesper-oake');
		const rest = session.head.lift.level;
		session.toggleArea('crown');
		session.toggleArea('nape');
		session.changeReading('texture', (reading) => (reading.texture = 'coarse'));
		expect(session.view.lift.level).toBeLessThan(rest);
		expect(session.head.lift.level).toBe(rest);
		session.toggleArea('crown');
		session.toggleArea('nape');
		expect(session.view).toBe(session.head);
		expect(changeWords(session.undo()!)).toBe('texture, nape and crown');
		expect(session.visit.reading.areas).toEqual({});
	});

	it('call cautions that the rest of the head does not', async () => {
		const session = await open('hesper-oake');
		const codes = () => session.cautions.map(({ code }) => code);
		expect(codes()).not.toContain('overlap');
		session.areas = ['fringe'];
		session.changeReading('fringe', (reading) => {
			reading.zones.lengths = { state: 'lightened', presentLevel: 7.5, artificial: [] };
		});
		// It keeps itself out; taken along, only a weak bowl goes without a caution.
		expect(codes()).not.toContain('overlap');
		const along = (volume: number) =>
			session.change('along', ({ lift }) => (lift.overlap = { reason: 'asked for', volume }));
		along(10);
		expect(codes()).not.toContain('overlap');
		along(11);
		expect(codes()).toContain('overlap');
		// Drawing the spent bowl over it at the finish goes over it as well.
		session.change('drawn through', ({ lift }) => {
			delete lift.overlap;
			lift.drawThroughMinutes = 5;
		});
		expect(codes()).toContain('overlap');
	});

	it('take less where their hair is shorter', async () => {
		const session = await open('hesper-oake');
		const grams = session.bowlPlan.totalGrams;
		session.areas = ['fringe'];
		session.changeReading('length', (reading) => (reading.lengthCm = 8));
		expect(session.bowlPlan.totalGrams).toBeLessThan(grams);
	});

	it('are told in words, alike ones together', async () => {
		const session = await open('hesper-oake');
		const words = () =>
			exceptWords((area) => differenceWords(areaDifference(session.visit.reading, area)));
		expect(words()).toBe('The same everywhere.');
		session.areas = ['leftSide', 'rightSide'];
		session.changeReading('white', (reading) => (reading.whiteShare = 0.3));
		session.areas = ['crown'];
		session.changeReading('ends', (reading) => {
			reading.zones.ends = { state: 'lightened', presentLevel: 9, artificial: [] };
		});
		expect(words()).toBe(
			'The same everywhere except crown (ends 9 lightened); sides (30 % white).'
		);
		expect(areaWords(AREAS)).toBe('whole head');
		expect(areaWords(['top'])).toBe('top');
	});

	it('stand on the map in the colour of their own hair', async () => {
		const session = await open('hesper-oake');
		session.areas = ['top'];
		session.changeReading('level', (reading) => {
			reading.naturalLevel = 9;
			for (const zone of Object.values(reading.zones)) zone.presentLevel = 9;
		});
		const colours = areaColours(session.visit.reading);
		expect(colours.top).not.toBe(colours.back);
		expect(new Set(AREAS.map((area) => colours[area])).size).toBe(2);
	});
});
