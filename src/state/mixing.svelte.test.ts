import { describe, expect, it } from 'vitest';
import type { Scale, ScaleReading } from '../devices/scale';
import { mergeWithNext, setSections, splitInTwo } from '../model/commands/sections';
import { dayBowls } from '../model/visit/dayBowls';
import { openVisit, put } from '../testing/demoVisit';
import { Mixing } from './mixing.svelte';

/** A scale that shows what the test says. */
function scaleOf() {
	const readers = new Set<(reading: ScaleReading) => void>();
	const losers = new Set<() => void>();
	const done = { ok: true, value: undefined } as const;
	const scale: Scale = {
		name: 'Scale of the test',
		step: 1,
		most: 3000,
		connect: () => Promise.resolve(done),
		disconnect: () => Promise.resolve(),
		tare: () => done,
		onReading: (told) => (readers.add(told), () => readers.delete(told)),
		onLost: (told) => (losers.add(told), () => losers.delete(told))
	};
	return {
		scale,
		show: (grams: number, steady = true) => readers.forEach((told) => told({ grams, steady })),
		lose: () => losers.forEach((told) => told())
	};
}

async function begun() {
	const { session, workspace } = await openVisit('hesper-oake');
	const device = scaleOf();
	const bowl = dayBowls(session)[0]!;
	const opened = new Mixing(session, bowl, device.scale, ({ key }) => key);
	await opened.connect();
	const [powder, ...developers] = bowl.parts.map(({ amount }) => amount) as [number, ...number[]];
	return { session, workspace, bowl, mixing: opened, ...device, powder, developers };
}

describe('weighing a bowl', () => {
	it('takes part after part, only steady readings, and writes each down', async () => {
		const { mixing, session, bowl, show } = await begun();
		for (const { amount } of bowl.parts) {
			show(amount, false);
			mixing.take();
			expect(mixing.settling).toBe(true);
			show(amount);
			expect(mixing.settling).toBe(false);
		}
		expect(mixing.now).toBeUndefined();
		const [written] = session.visit.bowls.mixed;
		expect(written).toMatchObject({ done: true, volume: bowl.volume, ratio: bowl.ratio });
		expect(written!.parts.map(({ grams }) => grams)).toEqual(
			bowl.parts.map(({ amount }) => amount)
		);
	});
	it('carries over what lay on the pan when the scale was lost', async () => {
		const { mixing, session, show, lose, powder } = await begun();
		show(4);
		lose();
		expect(mixing.poured).toBe(4);
		await mixing.connect();
		expect(mixing.poured).toBe(4);
		show(powder - 4);
		mixing.take();
		show(powder - 4);
		expect(session.visit.bowls.mixed[0]!.parts[0]!.grams).toBe(powder);
		// The next part begins at nothing.
		expect(mixing.poured).toBe(0);
	});
	it('binds the strength of its sections, whatever is staged afterwards', async () => {
		const { mixing, session, bowl, show } = await begun();
		for (const { amount } of bowl.parts) {
			mixing.take();
			show(amount);
		}
		session.change('volume', ({ lift }) => (lift.minutes = 30));
		const again = dayBowls(session)[0]!;
		expect(again.volume).toBe(bowl.volume);
		expect(again.sections[0]).toBe(bowl.sections[0]);
	});
	it('says what would bring the ratio back, and does it or leaves it', async () => {
		const { mixing, show, powder, developers } = await begun();
		expect(mixing.mended).toBeUndefined();
		mixing.take();
		show(powder * 1.5);
		expect(mixing.mended!.map((target) => Math.round(target))).toEqual(
			[powder, ...developers].map((target) => Math.round(target * 1.5))
		);
		mixing.mend();
		expect(mixing.mended).toBeUndefined();
		expect(mixing.now!.target).toBe(Math.round(developers[0]! * 1.5));
		mixing.empty();
		mixing.take();
		show(powder * 1.5);
		mixing.keepAsItIs();
		expect(mixing.mended).toBeUndefined();
		expect(mixing.now!.target).toBe(developers[0]);
	});
	it('loses nothing with the scale: what was taken stays, and its display can be typed in', async () => {
		const { mixing, session, show, lose, powder } = await begun();
		show(powder, false);
		mixing.take();
		lose();
		expect(mixing.problem).toContain('What was weighed is kept');
		expect(mixing.settling).toBe(false);
		expect(session.visit.bowls.mixed[0]).toMatchObject({ done: false });
		expect(mixing.weighings[0]!.poured).toBe(powder);
		mixing.takeAmount(mixing.now!.target);
		expect(mixing.weighings[1]!.state).toBe('within');
	});
	it('is taken back by undo, step by step', async () => {
		const { mixing, session, show, powder } = await begun();
		mixing.take();
		show(powder);
		session.undo();
		expect(session.visit.bowls.mixed).toEqual([]);
		expect(mixing.now!.part.kind).toBe('lightener');
	});
});

describe('a bowl that was weighed', () => {
	/** Hesper's first bowl, weighed whole. */
	async function weighed() {
		const all = await begun();
		for (const { amount } of all.bowl.parts) {
			all.mixing.take();
			all.show(amount);
		}
		const { session, bowl } = all;
		const sections = () => session.bowls.sections.map(({ section }) => section);
		/** The hair it stands for now, and the strength that the staging gives it. */
		const held = () => {
			const [own, ...others] = session.visit.bowls.mixed.filter(({ id }) => id === bowl.id);
			expect(others).toEqual([]);
			const staged = session.bowls.staging!.bowls.filter(({ id }) => id === bowl.id);
			expect(staged).toHaveLength(1);
			expect(staged[0]).toMatchObject({ volume: bowl.volume, ratio: bowl.ratio });
			expect(new Set(staged[0]!.sections)).toEqual(new Set(own!.sections));
			expect(dayBowls(session).filter(({ id }) => id === bowl.id)).toHaveLength(1);
			return own!.sections;
		};
		return { ...all, sections, held };
	}

	it('stays with its hair when its sections are dragged apart, and when the order is another', async () => {
		const { session, bowl, sections, held } = await weighed();
		expect(held()).toEqual(bowl.sections);
		const [first, ...rest] = sections();
		session.change('drag', ({ bowls }) => setSections(bowls, [...rest, first!]));
		expect(held()).toEqual(bowl.sections);
		session.change('reverse', ({ bowls }) => setSections(bowls, sections().toReversed()));
		expect(held()).toEqual(bowl.sections);
	});
	it('serves both halves of a section that is split, and the whole when they are merged again', async () => {
		const { session, bowl, sections, held } = await weighed();
		const [first] = bowl.sections;
		session.change('split', ({ bowls }) => splitInTwo(bowls, sections(), first!));
		expect(held()).toEqual([`${first}-1`, `${first}-2`, ...bowl.sections.slice(1)]);
		session.change('merge', ({ bowls }) => mergeWithNext(bowls, sections(), `${first}-1`));
		expect(held()).toEqual([`${first}-1`, ...bowl.sections.slice(1)]);
		session.undo();
		session.undo();
		expect(held()).toEqual(bowl.sections);
	});
	it('serves what its section becomes together with a neighbour, and stays apart from another bowl', async () => {
		const { session, bowl, sections, held } = await weighed();
		const last = bowl.sections.at(-1)!;
		const at = sections().findIndex(({ id }) => id === last);
		const next = sections()[at + 1]!.id;
		session.change('other bowl', ({ bowls }) => {
			bowls.mixed.push({
				...bowls.mixed[0]!,
				id: 'main:other',
				volume: bowl.volume + 5,
				sections: [next]
			});
		});
		session.change('merge', ({ bowls }) => mergeWithNext(bowls, sections(), last));
		expect(sections()[at + 1]!.id).toBe(next);
		session.change('poured away', ({ bowls }) => bowls.mixed.pop());
		session.change('merge', ({ bowls }) => mergeWithNext(bowls, sections(), last));
		expect(sections().map(({ id }) => id)).not.toContain(next);
		expect(held()).toEqual(bowl.sections);
	});
	it('keeps its sections when foils, picking or the product’s name on the shelf change', async () => {
		const { session, workspace, bowl, held, mixing } = await weighed();
		session.change('foils', ({ bowls }) => {
			bowls.foils = 90;
			bowls.picking = 'babylight';
		});
		expect(held()).toEqual(bowl.sections);
		put(workspace, { ...workspace.shelf!, lightenerName: 'Another tub' });
		expect(mixing.weighings.map(({ poured }) => poured)).toEqual(
			bowl.parts.map(({ amount }) => amount)
		);
	});
});
