import { levelOfFibre } from '../core/lift';
import { AREAS } from '../core/vocabulary';
import { areaDifference } from '../model/head/areaDifference';
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

	it('lie as far off what is expected of them as the rest that was read, by how fast the head lifts today', async () => {
		const session = await open('casimir-bly');
		session.areas = ['fringe'];
		session.changeReading('texture', (reading) => (reading.texture = 'fine'));
		session.areas = [];
		const fringe = session.hairOf('fringe');
		const [rest, own] = [session.head.rawLevel, fringe.rawLevel];
		expect(own - rest).toBeGreaterThan(0.2);
		const seen = Number((rest - 0.7).toFixed(1));
		session.change('read, dry', ({ run }) => {
			run.notes = [{ id: 'dry', minute: 50, zone: 'lengths', level: seen, dry: true, text: '' }];
		});
		expect(session.head.rawLevel).toBeCloseTo(seen, 1);
		const off = seen - session.head.lift.level;
		expect(off).toBeLessThan(-0.05);
		expect(fringe.rawLevel).toBeCloseTo(fringe.lift.level + off, 1);
		expect(fringe.rawLevel).toBeLessThan(own - 0.4);
		// Nobody looked at it.
		expect(fringe.toneStart.seen).toBe(false);
		expect(fringe.readAfter('main')).toBeUndefined();
		expect(session.head.readAfter('main')).toBe(seen);
		expect(fringe.rawLevel).toBeGreaterThan(seen + 0.1);
		// While it lay, beside what was to be expected by then.
		session.change('not read', ({ run }) => (run.notes = []));
		const { lengths } = Object.fromEntries(session.head.zones.map((zone) => [zone.name, zone]));
		const then = session.head.main.levelWith(lengths!, { minutes: 20 });
		expect(then).toBeCloseTo(levelOfFibre(session.head.main.fibreAt(20)), 2);
		session.change('looked at', ({ run }) => {
			run.notes = [{ id: 'look', minute: 20, zone: 'lengths', level: then, text: '' }];
		});
		const zone = fringe.zones.find(({ name }) => name === 'lengths')!;
		// What is as it was expected says next to nothing of how fast the head lifts.
		expect(fringe.seen!.level).toBeCloseTo(fringe.main.levelWith(zone, { minutes: 20 }), 1);
	});

	it('are as a section of theirs was read apart, whatever the rest did', async () => {
		const session = await open('casimir-bly');
		const fringe = session.hairOf('fringe');
		const { section } = session.bowls.sections.find(({ section: { areas } }) =>
			areas.includes('fringe')
		)!;
		const note = (level: number, id: string, own?: string) => ({
			id,
			minute: 50,
			zone: fringe.zone.name,
			level,
			dry: true as const,
			text: '',
			...(own === undefined ? {} : { section: own })
		});
		session.change('read, dry', ({ run }) => {
			run.notes = [note(7.1, 'fringe', section.id), note(8, 'rest')];
		});
		expect(fringe.rawLevel).toBeCloseTo(7.1, 1);
		expect(fringe.toneStart.seen).toBe(true);
		expect(session.head.rawLevel).toBeCloseTo(8, 1);
		const other = session.bowls.sections.find(
			({ section: { areas } }) => !areas.includes('fringe')
		)!;
		session.change('read, dry', ({ run }) => {
			run.notes = [note(7.1, 'other', other.section.id), note(8, 'rest')];
		});
		expect(fringe.rawLevel).toBeGreaterThan(7.5);
	});

	it('on which nothing went are as they were read, whatever was seen of the rest', async () => {
		const session = await open('hesper-oake');
		session.areas = ['fringe'];
		session.changeAim('left alone', (aim) => (aim.level = 1));
		session.areas = [];
		session.change('read, dry', ({ run }) => {
			run.notes = [{ id: 'dry', minute: 50, zone: 'lengths', level: 8, dry: true, text: '' }];
		});
		const fringe = session.hairOf('fringe');
		expect(fringe.seen).toBeUndefined();
		expect(fringe.rawLevel).toBeCloseTo(fringe.nowLevel, 1);
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
