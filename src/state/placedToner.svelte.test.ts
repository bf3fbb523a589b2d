import { describe, expect, it } from 'vitest';
import { deltaE, labOfTristimulus, tristimulusOfLinear, type Rgb } from '../core/colour';
import { levelOfFibre } from '../core/lift';
import { MOST_PLACED, type TONE_TECHNIQUES } from '../core/vocabulary';
import { addTechnique, changePlaced, dropPlaced } from '../model/commands/placed';
import { setOpen } from '../model/commands/shades';
import { chooseOfLine, settleToner } from '../model/commands/toner';
import { dayBowls } from '../model/visit/dayBowls';
import { dayProcesses } from '../model/day/processes';
import { placedGrams, restNeeds } from '../model/visit/tonerNeed';
import { tonerOf } from '../model/visit/work';
import { openVisit } from '../testing/demoVisit';
import type { VisitState } from './visitState.svelte';

type Technique = (typeof TONE_TECHNIQUES)[number];
let count = 0;
const newId = () => `placed-${++count}`;
function add(session: VisitState, technique: Technique) {
	session.change(technique, (draft) =>
		addTechnique(draft.tone, technique, session.visit, session.line!, newId)
	);
	return session.placed;
}
const lab = (rgb: Rgb) => {
	const [r, g, b] = rgb.map((share) =>
		share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
	);
	return labOfTristimulus(tristimulusOfLinear(r!, g!, b!));
};
const largestStep = (colours: readonly Rgb[]) =>
	Math.max(...colours.slice(1).map((rgb, i) => deltaE(lab(rgb), lab(colours[i]!))));

describe('toners for some of the hair', () => {
	it('a root shadow is mixed for the hair beyond the line, three quarters of a level off what grows', async () => {
		const { session } = await openVisit('casimir-bly');
		const [shadow] = add(session, 'rootShadow');
		const { rootDepth } = session.visit.aim;
		expect(shadow!.mix).toMatchObject({ place: 'root', cm: rootDepth!.cm });
		expect(shadow!.mix.aim.level).toBe(rootDepth!.level);
		expect(levelOfFibre(shadow!.hair.fibre)).toBeGreaterThan(session.head.reading.naturalLevel + 2);
		expect(shadow!.toner.parts.length).toBeGreaterThan(0);
		expect(shadow!.toner.toned.level).toBeCloseTo(shadow!.mix.aim.level, 0);
	});
	it('a melt of three is drawn as it runs: the strand changes, and nowhere at once', async () => {
		const { session } = await openVisit('hesper-oake');
		const reading = session.head.reading;
		session.change('all of it is light', (draft) => {
			draft.reading.zones.root = { ...reading.zones.root, state: 'lightened', presentLevel: 9 };
			draft.reading.zones.lengths = {
				...reading.zones.lengths,
				state: 'lightened',
				presentLevel: 9
			};
			draft.reading.zones.ends = { ...reading.zones.ends, state: 'lightened', presentLevel: 9 };
			draft.noLift = true;
		});
		const plain = session.head.tonedColours.hair;
		add(session, 'meltOfThree');
		const { hair } = session.head.tonedColours;
		expect(deltaE(lab(hair[0]!), lab(plain[0]!))).toBeGreaterThan(10);
		expect(deltaE(lab(hair.at(-1)!), lab(plain.at(-1)!))).toBeLessThan(1);
		expect(largestStep(hair)).toBeLessThan(7);
	});
	it('each has its bowl, its clock, its minutes and its grams; without it they go', async () => {
		const { session } = await openVisit('casimir-bly');
		const before = { bowls: dayBowls(session).length, work: tonerOf(session.visit)! };
		const [placed] = add(session, 'rootShadow');
		const bowls = dayBowls(session);
		expect(bowls).toHaveLength(before.bowls + 1);
		const bowl = bowls.at(-1)!;
		expect(bowl).toMatchObject({ id: `placed:${placed!.id}`, kind: 'toner', place: 'root' });
		const colour = bowl.parts.filter(({ kind }) => kind === 'colour');
		expect(colour.reduce((sum, { amount }) => sum + amount, 0)).toBe(placed!.mix.totalGrams);
		const clocks = dayProcesses(session.steps, session.visit.tone, undefined, () => 50);
		expect(clocks.at(-1)).toMatchObject({ of: `placed:${placed!.id}`, place: 'root' });
		expect(tonerOf(session.visit)!.applyMinutes).toBeGreaterThan(before.work.applyMinutes);
		session.change('without', ({ tone }) => dropPlaced(tone, placed!.id));
		expect(dayBowls(session)).toHaveLength(before.bowls);
		expect(session.visit.tone.placed).toBeUndefined();
		expect(session.placed).toEqual([]);
	});
	it('beside the rest it takes hands, a glaze after it takes its whole time; what lies longest sets the minutes', async () => {
		const { session } = await openVisit('casimir-bly');
		const plain = tonerOf(session.visit)!;
		add(session, 'dropouts');
		session.change('longer', ({ tone }) => (tone.placed![0]!.minutes = tone.minutes + 15));
		const beside = tonerOf(session.visit)!;
		expect(beside.minutes).toBe(plain.minutes + 15);
		expect(beside.applyMinutes - plain.applyMinutes).toBeLessThan(8);
		add(session, 'glaze');
		const over = tonerOf(session.visit)!;
		expect(over.minutes).toBe(beside.minutes);
		const glaze = session.visit.tone.placed![1]!;
		expect(over.applyMinutes - beside.applyMinutes).toBeGreaterThan(glaze.minutes);
		session.change('none of it', ({ tone }) => {
			tone.choice = 'none';
			for (const placed of tone.placed!) placed.choice = 'none';
		});
		expect(tonerOf(session.visit)).toBeUndefined();
	});
	it('what it reaches the rest no longer takes', async () => {
		const { session } = await openVisit('hesper-oake');
		const { visit } = session;
		const restGrams = (placed: Parameters<typeof restNeeds>[2]) =>
			restNeeds(visit, 1.5, placed).reduce((sum, { grams }) => sum + grams, 0);
		const all = restGrams([]);
		const less = restGrams([{ place: 'root', cm: 10 }]);
		expect(less).toBeLessThan(all);
		const needs = restNeeds(visit, 1.5, []);
		expect(needs.map(({ of }) => of)).toEqual(['root', 'lengths', 'ends']);
		const far = placedGrams(visit, { place: 'root', cm: 20, ratio: 1.5 });
		expect(far).toBeGreaterThan(placedGrams(visit, { place: 'root', cm: 4, ratio: 1.5 }));
	});
	it('hair that was left out, white hair and added hair start as they are', async () => {
		const { session } = await openVisit('dorrit-vane');
		const [dropouts] = add(session, 'dropouts');
		expect(levelOfFibre(dropouts!.hair.fibre)).toBeCloseTo(session.head.reading.naturalLevel, 1);
		const white = add(session, 'whiteHair').at(-1)!;
		expect(white.hair.raw.pigment).toMatchObject({ eumelanin: 0, pheomelanin: 0 });
		const added = add(session, 'addedHair').at(-1)!;
		expect(levelOfFibre(added.hair.fibre)).toBeCloseTo(10, 1);
		expect(added.hair.porosity).toBe('high');
		session.change('another', ({ tone }) =>
			changePlaced(tone, added.id, { start: { level: 8, undertone: 'yellow-orange' } })
		);
		expect(added.toner.bareLab.l).toBeLessThan(white.toner.bareLab.l - 10);
	});
	it('a glaze goes over the toned hair: it starts from that, and makes nothing lighter', async () => {
		const { session } = await openVisit('hesper-oake');
		const bare = session.head.tonedColours.hair.at(-1)!;
		const [glaze] = add(session, 'glaze');
		expect(deltaE(glaze!.toner.bareLab, session.head.toner.toned.lab)).toBeLessThan(0.01);
		session.change('a glaze', ({ tone }) => {
			tone.placed![0]!.choice = 'formula';
			tone.placed![0]!.parts = [{ name: '7V', level: 7, tone: 'V', grams: 20 }];
		});
		const over = session.head.tonedColours.hair.at(-1)!;
		expect(lab(over).l).toBeLessThan(lab(bare).l - 2);
		expect(session.head.finished.level).toBe(glaze!.toner.toned.level);
		expect(session.head.finished.level).toBeLessThan(session.head.toner.toned.level - 0.1);
	});
	it('no more of them than can be told apart', async () => {
		const { session } = await openVisit('hesper-oake');
		for (let i = 0; i < MOST_PLACED; i++) add(session, 'dropouts');
		expect(session.placed).toHaveLength(MOST_PLACED);
		add(session, 'rootShadow');
		expect(session.placed).toHaveLength(MOST_PLACED);
	});
	it('going on with what is suggested chooses it for each', async () => {
		const { session } = await openVisit('casimir-bly');
		const [placed] = add(session, 'rootShadow');
		const { parts } = placed!.toner;
		session.change('toner', (draft) =>
			settleToner(draft, session.head.toner, [
				{ id: placed!.id, parts: placed!.toner.parts, line: placed!.line }
			])
		);
		expect(placed!.mix).toMatchObject({ choice: 'formula', parts });
		expect(session.visit.tone.choice).toBe('formula');
	});
	it('a strong developer in any of them is cautioned against', async () => {
		const { session } = await openVisit('casimir-bly');
		const cautioned = () => session.cautions.some(({ code }) => code === 'tonerStrength');
		expect(cautioned()).toBe(false);
		add(session, 'rootShadow');
		session.change('strong', ({ tone }) => (tone.placed![0]!.developerVolume = 20));
		expect(cautioned()).toBe(true);
		session.change('left out', ({ tone }) => (tone.placed![0]!.choice = 'none'));
		expect(cautioned()).toBe(false);
	});
	it('a zone that has a toner of its own is told apart from the rest', async () => {
		const { session } = await openVisit('anneke-rill');
		const [root] = session.head.zones;
		expect(session.head.isTonedApart(root!)).toBe(false);
		add(session, 'rootShadow');
		session.change('far', ({ tone }) =>
			changePlaced(tone, session.placed[0]!.id, { cm: root!.toCm })
		);
		expect(session.head.isTonedApart(root!)).toBe(true);
	});
});

describe('what is on the shelf', () => {
	it('among the formulas one takes open tubes alone, where some are open', async () => {
		const { session, workspace } = await openVisit('hesper-oake');
		const shelf = session.shelf!;
		const openTubes = () => session.toner.found!.formulas.filter(({ fromOpen }) => fromOpen);
		expect(openTubes()).toEqual([]);
		workspace.transact('open', (draft) => {
			const line = draft.shelf(shelf.id).lines.find(({ id }) => id === session.line!.id)!;
			for (const id of ['lantern-demi-9-V', 'lantern-demi-7-N']) setOpen(line, id, true);
		});
		const [formula, ...more] = openTubes();
		expect(more).toEqual([]);
		expect(formula!.shadeIds.length).toBeGreaterThan(0);
		expect(['lantern-demi-9-V', 'lantern-demi-7-N']).toEqual(
			expect.arrayContaining([...formula!.shadeIds])
		);
	});
	it('a softer line is offered, acid before one with more developer; chosen, it is mixed its own way', async () => {
		const { session } = await openVisit('hesper-oake');
		const { softer } = session.toner;
		expect(softer!.line.vehicle).toBe('gloss');
		const parts = [{ name: '9.2', level: 9, tone: 'V', grams: 30 }];
		session.changeToner('softer', (draft) => chooseOfLine(draft, parts, softer!.line));
		expect(session.visit.tone).toMatchObject({
			lineId: softer!.line.id,
			vehicle: 'gloss',
			ratio: 1,
			minutes: 15,
			choice: 'formula'
		});
		expect(session.toner.softer!.line.vehicle).toBe('direct');
	});
	it('stronger developer, damp hair and evened porosity change what comes out', async () => {
		const { session } = await openVisit('hesper-oake');
		const parts = [{ name: '7V', level: 7, tone: 'V', grams: 30 }];
		session.changeToner('mixed', (draft) => {
			draft.choice = 'formula';
			draft.parts = parts;
		});
		const plain = session.toner.toned.lab.b;
		session.change('damp', ({ tone }) => (tone.damp = true));
		expect(session.toner.toned.lab.b).toBeGreaterThan(plain + 0.5);
		session.change('dry', ({ tone }) => delete tone.damp);
		session.changeToner('10 vol', (draft) => (draft.developerVolume = 10));
		expect(session.toner.toned.lab.b).toBeLessThan(plain - 0.5);
		session.changeToner('as it comes', (draft) => delete draft.developerVolume);
		session.change('porous', ({ reading }) => (reading.porosity = 'high'));
		expect(session.toner.toned.lab.b).toBeLessThan(plain - 0.5);
		session.change('evened', ({ tone }) => (tone.evened = true));
		expect(session.toner.toned.lab.b).toBeCloseTo(plain, 0);
	});
});
