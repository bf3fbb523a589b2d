import { flushSync } from 'svelte';
import { afterEach, describe, expect, it } from 'vitest';
import { openVisit } from '../testing/demoVisit';
import { levelOf } from '../core/colour';
import { labOfFibre } from '../core/lift';
import { plainAim } from '../model/commands/newVisit';
import { SendOffView } from './sendOffView.svelte';
import { cost, fadeWeeks, freshenIn } from '../model/visit/upkeep';
import { seenFibre } from '../model/head/hair';
import { aimLab } from '../model/visit/tone';
import { answerWords } from '../widgets/answerWords';
import { contrastWords, panelWords } from '../wording/aim';
import { AimView } from './aimView.svelte';
import { setColour, takeKind } from '../model/commands/aim';

async function open(name: string) {
	const { session } = await openVisit(name);
	const view = new AimView(session);
	// Something looks on, as a screen does: answers are kept until what they rest on changes.
	stopLooking.push(
		$effect.root(() => {
			$effect(() => {
				expect([view.judgement, view.strands]).toHaveLength(2);
			});
		})
	);
	flushSync();
	return { session, view };
}

const stopLooking: (() => void)[] = [];
afterEach(() => {
	for (const stop of stopLooking.splice(0)) stop();
});

const NAMES = [
	'hesper-oake',
	'teodor-vask',
	'lisbet-quill',
	'anneke-rill',
	'dorrit-vane',
	'yusra-halden',
	'casimir-bly',
	'odile-ferrant',
	'ruta-semmel'
];

describe.each(NAMES)('the aim of %s', (name) => {
	it('shows four strands: toning never lightens, and fading leads back to the lift', async () => {
		const { view, session } = await open(name);
		// What runs from some taps stays in the hair: that is told below.
		session.changeHead('soft water', (reading) => (reading.water = 'soft'));
		const { lifted, toned, faded, after } = view.strands;
		// Lighter it never gets; its level may rise a little as the warmth that counted as depth goes.
		expect(toned.lab.l).toBeLessThanOrEqual(lifted.lab.l + 1e-6);
		expect(faded.lab.l).toBeGreaterThanOrEqual(toned.lab.l - 1e-6);
		expect(faded.lab.l).toBeLessThanOrEqual(lifted.lab.l + 1e-6);
		expect(levelOf(after(1000).lab)).toBeCloseTo(levelOf(lifted.lab), 2);
		// What stands large is the pigmented hair's: white among it only makes the mixture lighter.
		expect(lifted.level).toBeLessThanOrEqual(levelOf(lifted.lab) + 1e-6);
		expect(after(0).lab).toEqual(toned.lab);
	});
	it('has a plain verdict, with a way out where it is not to be had today', async () => {
		const { session, view } = await open(name);
		const { verdict, alternatives } = view.judgement!;
		const words = answerWords(session.aimVerdict)!;
		expect(words.sentence).not.toMatch(/NaN|Infinity|undefined/);
		expect(alternatives.length > 0).toBe(verdict === 'visits' || verdict === 'notSo');
		expect(words.instead.length).toBeGreaterThanOrEqual(alternatives.length);
	});
	it('tells of its upkeep in weeks, hours and money', async () => {
		const { session, view } = await open(name);
		const weeks = fadeWeeks(view.strands);
		const left = weeks.map((week) => week.left);
		expect(left).toEqual([...left].sort((p, q) => q - p));
		expect(freshenIn(view.strands) ?? 1).toBeGreaterThan(0);
		const { back, aftercare } = new SendOffView(session);
		expect(back.to).toBeGreaterThanOrEqual(back.from);
		expect(aftercare).toContain('call');
		const { answer, plan } = session.aimVerdict;
		const costs = cost(session.planHead, answer, plan);
		if (costs) expect(costs.price!.high).toBeGreaterThan(costs.price!.low);
		else expect(['already', 'notSo']).toContain(answer!.verdict);
		expect(costs?.visits.length ?? 0).toBe(costs ? answer!.visits : 0);
		// Today takes what its bowls say, whoever is asked.
		if (costs && answer!.isOwn) expect(costs.visits[0]!.chairMinutes).toBe(session.chairMinutes);
	});
});

describe('light hair that goes down', () => {
	it('closes a door, although nothing of it is lightened', async () => {
		const { session } = await openVisit('odile-ferrant');
		session.change('down', (draft) => {
			draft.lift.covers = { root: true, lengths: true, ends: true };
			draft.aim.level = 6;
		});
		expect(session.lightens).toBe(false);
		expect(new AimView(session).doors).toContain('darkOverLight');
	});
});

describe('the aim', () => {
	it('at six weeks shows the same colour as its upkeep page', async () => {
		const { view } = await open('hesper-oake');
		const week = fadeWeeks(view.strands).find((w) => w.week === 6)!;
		expect(week.lab).toEqual(view.strands.faded.lab);
	});

	it('says which lift a true shade needs, and there it comes true', async () => {
		const { session, view } = await open('hesper-oake');
		const needs = view.needs!;
		const aim = session.view.aim;
		expect(needs).toBeGreaterThanOrEqual(aim.level);
		session.change('lift past', (draft) => (draft.aim.liftPast = needs - aim.level));
		const raw = labOfFibre(seenFibre(session.view.reading, needs));
		const asked = aimLab(session.view.aim, {
			pigment: seenFibre(session.view.reading, needs)
		});
		expect(raw.l).toBeGreaterThan(asked.l);
		expect(Math.abs(view.strands.toned.lab.l - asked.l)).toBeLessThan(2.5);
	});

	it('is judged by every area: a dark crown decides', async () => {
		const { session, view } = await open('hesper-oake');
		const before = view.judgement!;
		session.areas = ['crown'];
		session.changeReading('crown', (reading) => {
			reading.naturalLevel = 2;
			for (const zone of Object.values(reading.zones)) zone.presentLevel = 2;
		});
		const after = view.judgement!;
		expect(after.hair.length).toBeGreaterThan(before.hair.length);
		expect(after.hardest).toContain('crown');
	});

	it('keeps depth where it is asked for, and lets the rest be light', async () => {
		const { session, view } = await open('hesper-oake');
		view.takeKind('rootMelt');
		const { hair } = view.strands.toned.colours;
		const [root, end] = [hair[0]!, hair.at(-1)!];
		expect(root[1]).toBeLessThan(end[1] - 0.1);
		expect(session.visit.aim.rootDepth).toBeDefined();
		expect(session.undo()).toBe('aim rootMelt');
		expect(session.visit.aim.rootDepth).toBeUndefined();
	});
});

describe('kinds of result', () => {
	const problem = {
		naturalLevel: 5,
		presentLevel: 5,
		lengthCm: 30,
		level: 8,
		direction: 'neutral'
	} as const;
	it('take the place of what stood before, single areas and zones too', () => {
		const aim = plainAim();
		takeKind(aim, 'livedIn', problem);
		setColour(aim, 'ends', { level: 9 });
		takeKind(aim, 'solid', problem);
		expect(aim).toMatchObject({ kind: 'solid', zones: {}, areas: {}, lightShare: 1 });
		expect(aim.rootDepth).toBeUndefined();
	});
	it('are told in a line', () => {
		const aim = plainAim();
		expect(contrastWords(aim)).toBe('all of it light');
		takeKind(aim, 'dimensional', problem);
		expect(contrastWords(aim)).toBe('60 % light, lowlights 10 % at 6');
		const panel = { ...aim, panel: { topEdgeCm: 18, worn: 'down' as const } };
		expect(panelWords(aim, undefined)).toBe('none');
		expect(panelWords(panel, { showsCm: 0, hangsCm: 30 })).toBe('out of sight');
		expect(panelWords(panel, { showsCm: 30, hangsCm: 30 })).toBe('all 30 cm of it show');
		expect(panelWords(panel, { showsCm: 5, hangsCm: 30 })).toBe('the last 5 of 30 cm show');
	});
	it('a zone of its own stands beside the strand', () => {
		const aim = plainAim();
		setColour(aim, 'root', { level: 6 });
		setColour(aim, undefined, { level: 9 });
		expect([aim.level, aim.zones.root?.level]).toEqual([9, 6]);
	});
});

it('copper in the water turns the hair green, wash by wash, until it is full of it', async () => {
	const { view, session } = await open('yusra-halden');
	const at = (weeks: number) => view.strands.after(weeks).lab;
	const copper = { twelve: at(12), year: at(52), long: at(1000) };
	session.changeHead('soft water', (reading) => (reading.water = 'soft'));
	expect(copper.twelve.a).toBeLessThan(at(12).a - 1);
	expect(copper.year.a).toBeLessThan(at(52).a - 1);
	expect(copper.long.l).toBeCloseTo(copper.year.l, 0);
});
