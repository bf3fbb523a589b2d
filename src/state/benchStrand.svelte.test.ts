import fc from 'fast-check';
import { flushSync } from 'svelte';
import { describe, expect, it } from 'vitest';
import { deltaE } from '../core/colour';
import { inTenths } from '../core/hair';
import { betweenStrands, variationsOf } from '../model/bench/strands';
import { trialLeaf } from '../model/bench/rows';
import {
	keepExpected,
	newStrand,
	newTrial,
	strandWith,
	toggleStrand
} from '../model/commands/bench';
import { mergeClients } from '../model/commands/mergeClients';
import { removeClient } from '../model/commands/remove';
import { elapsedSeconds } from '../model/commands/run';
import { mixAgain } from '../model/commands/mixAgain';
import { findByWords, searchable } from '../model/find';
import type { BenchStrand, ChosenPart, Shelf, Trial } from '../schema/records';
import { demoShelf } from '../model/demo/shelf';
import { demoTrial } from '../model/demo/bench';
import { keysOfClient } from '../store/exportFile';
import { MOMENT, NOW, openVisit, put, SPOT } from '../testing/demoVisit';
import { ledgerText, ledgerWords } from '../wording/ledger';
import { BenchStrandView } from './benchStrand.svelte';
import { headName, ledgerRows, rowPath } from './ledger';

const shelf: Shelf = demoShelf(NOW);
const lineOf = (id: string) => shelf.lines.find((line) => line.id === id)!;
const partOf = (lineId: string, code: string, grams: number): ChosenPart => {
	const { id, level, tone, form } = lineOf(lineId).shades.find((shade) => shade.code === code)!;
	return { shadeId: id, name: code, level, tone, grams, ...(form ? { form } : {}) };
};
function strandOf(parts: ChosenPart[], over: Partial<BenchStrand> = {}, line = 'lantern-demi') {
	const plain = newStrand(lineOf(line), over);
	return { ...plain, mix: { ...plain.mix, choice: 'formula', parts } } satisfies BenchStrand;
}
function seen(strand: BenchStrand) {
	const trial: Trial = { ...newTrial('x', MOMENT), strands: [strand] };
	return new BenchStrandView({ trial, shelf }, strand, 'bench', SPOT);
}
const clockOff = (minutes: number): BenchStrand['clock'] => ({
	startedAt: NOW.toISOString(),
	elapsedSeconds: minutes * 60,
	offAt: NOW.toISOString()
});
const sum = (parts: readonly ChosenPart[]) => parts.reduce((total, { grams }) => total + grams, 0);
const varied = (strand: BenchStrand, line = 'lantern-demi') =>
	new Map(variationsOf(strand, lineOf(line), 0.5).map(({ what, parts }) => [what, parts]));

describe('a strand on the bench', () => {
	it('is what it was told to be, and becomes what its bowl makes of it, minute by minute', () => {
		const strand = strandOf([partOf('lantern-demi', '8V', 10)], { level: 10 });
		const view = seen(strand);
		expect(view.toner.bareLab.l).toBeGreaterThan(75);
		expect(view.expected.level).toBeLessThan(9.6);
		expect(view.expected.lab.b).toBeLessThan(view.toner.bareLab.b - 5);
		const distance = (minutes: number) =>
			deltaE(view.toner.course.findLast(({ minute }) => minute <= minutes)!.lab, view.expected.lab);
		expect(distance(2)).toBeGreaterThan(distance(10));
		expect(distance(20)).toBeCloseTo(0, 6);
		expect(view.coloursAt(0)).not.toEqual(view.coloursAt(20));
	});
	it('left on for another time than was meant, it is told for as long as it lay', () => {
		const strand = strandOf([partOf('lantern-demi', '8V', 10)], { level: 10 });
		const short = { ...strand, clock: clockOff(6) };
		const [meant, left] = [seen(strand), seen(short)];
		expect(left.minutes).toBe(6);
		expect(left.expected.level).toBeGreaterThan(meant.expected.level + 0.1);
		expect(left.endColours).toEqual(left.coloursAt(6));
		// While it lies nobody knows yet for how long.
		const lies = { ...short, clock: { ...short.clock, runningSince: NOW.toISOString() } };
		expect(seen(lies).expected.level).toBe(meant.expected.level);
	});
	it('keeps what was expected of it when somebody looked, as its page and the ledger tell it', () => {
		const strand = strandOf([partOf('lantern-demi', '8V', 10)], { level: 10 });
		keepExpected(strand, shelf.lines);
		expect(strand).not.toHaveProperty('seen');
		const looked: BenchStrand = { ...strand, clock: clockOff(6), seen: { level: 9 } };
		keepExpected(looked, shelf.lines);
		expect(looked.seen!.expected).toBe(inTenths(seen(looked).expected.level));
		const kept = looked.seen!.expected;
		// The bowl as it was weighed is put right: so is what was expected of it.
		looked.mix = { ...looked.mix, parts: [partOf('lantern-demi', '7V', 10)] };
		keepExpected(looked, shelf.lines);
		expect(looked.seen!.expected).toBeLessThan(kept! - 0.3);
		const trial = demoTrial(MOMENT, shelf);
		const rows = trialLeaf(trial).rows.filter((row) => row.seen !== undefined);
		expect(rows).toHaveLength(3);
		for (const row of rows) {
			const tried = trial.strands.find(({ id }) => row.key.endsWith(id))!;
			const view = new BenchStrandView({ trial, shelf }, tried, 'bench', SPOT);
			expect(row.expected).toBe(inTenths(view.expected.level));
			expect(row.minutes).toBe(view.minutes);
		}
	});
	it('its neighbours do what they say, in whole steps and as much of it', () => {
		const strand = strandOf([partOf('lantern-demi', '8G', 6), partOf('lantern-demi', '8V', 4)]);
		const view = seen(strand);
		const ways = varied(strand);
		expect([...ways.keys()]).toEqual(['softer', 'deeper', 'moreViolet', 'moreGold']);
		for (const parts of ways.values()) {
			expect(sum(parts)).toBe(10);
			for (const { grams } of parts) expect(grams % 0.5).toBe(0);
		}
		const labOf = (parts: readonly ChosenPart[]) => view.toner.with(parts);
		const gap = (parts: readonly ChosenPart[]) => deltaE(labOf(parts).lab, view.toner.bareLab);
		expect(gap(ways.get('softer')!)).toBeLessThan(gap(strand.mix.parts));
		expect(labOf(ways.get('deeper')!).level).toBeLessThan(view.expected.level - 0.3);
		expect(labOf(ways.get('moreViolet')!).lab.b).toBeLessThan(view.expected.lab.b);
		expect(labOf(ways.get('moreGold')!).lab.b).toBeGreaterThan(view.expected.lab.b);
	});
	it('of a line of pure colours the pure one is added, and with less clear it is deeper', () => {
		const strand = strandOf([partOf('brine-direct', 'T Teal', 4)], {}, 'brine-direct');
		const ways = varied(strand, 'brine-direct');
		expect([...ways.keys()]).toEqual(['softer', 'moreViolet', 'moreBlue', 'moreGold']);
		expect(ways.get('moreBlue')!.map(({ name }) => name)).toEqual(['T Teal', 'I Ink']);
		expect(varied(strandOf([]))).toEqual(new Map());
		const thin = strandOf(
			[partOf('brine-direct', 'T Teal', 4), { name: 'clear', grams: 6 }],
			{},
			'brine-direct'
		);
		const deep = varied(thin, 'brine-direct').get('deeper')!;
		expect(sum(deep)).toBe(10);
		expect(deep.find(({ name }) => name === 'clear')!.grams).toBeLessThan(6);
		const view = seen(thin);
		expect(view.toner.with(deep).level).toBeLessThan(view.expected.level);
	});
	it('between two is half of each; between one and itself it is that one', () => {
		const code = fc.constantFrom('9V', '9G', '8N', '10P', '7B');
		const bowl = fc
			.uniqueArray(fc.tuple(code, fc.integer({ min: 2, max: 20 })), {
				minLength: 1,
				maxLength: 3,
				selector: ([name]) => name
			})
			.map((parts) =>
				parts.flatMap(([name, grams]) => {
					const shade = lineOf('lantern-demi').shades.find((each) => each.code === name);
					return shade ? [partOf('lantern-demi', name, grams)] : [];
				})
			)
			.filter((parts) => parts.length > 0);
		fc.assert(
			fc.property(bowl, bowl, (first, second) => {
				const [p, q] = [strandOf(first), strandOf(second)];
				expect(betweenStrands(p, p, 0.1)!.map(({ grams }) => grams)).toEqual(
					first.map(({ grams }) => expect.closeTo(grams, 6) as number)
				);
				const parts = betweenStrands(p, q, 0.1)!;
				expect(sum(parts)).toBeCloseTo(sum(first), 6);
				for (const { name } of [...first, ...second])
					expect(parts.filter((part) => part.name === name).length).toBeLessThanOrEqual(1);
			})
		);
	});
	it('offers nothing beside it that a record would not hold', () => {
		const codes = lineOf('lantern-demi').shades.map(({ code }) => code);
		const of = (some: readonly string[]) => strandOf(some.map((c) => partOf('lantern-demi', c, 4)));
		const [full, other] = [of(codes.slice(0, 8)), of(codes.slice(8, 12))];
		expect(full.mix.parts).toHaveLength(8);
		for (const parts of varied(full).values()) expect(parts.length).toBeLessThanOrEqual(8);
		expect(varied(full).has('softer')).toBe(false);
		expect(betweenStrands(full, other, 0.1)).toBeUndefined();
		expect(betweenStrands(full, full, 0.1)).toHaveLength(8);
		// What the scale cannot weigh out is no bowl.
		expect(betweenStrands(strandOf([]), strandOf([]), 1)).toBeUndefined();
	});
	it('has a clock of its own, that begins anew when it is put on once more', () => {
		const strand = structuredClone(strandOf([partOf('lantern-demi', '9V', 10)]));
		const at = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
		toggleStrand(strand, at(0));
		expect(elapsedSeconds(strand.clock, at(12))).toBe(720);
		toggleStrand(strand, at(12));
		expect(strand.clock).toMatchObject({ elapsedSeconds: 720, offAt: at(12).toISOString() });
		toggleStrand(strand, at(30));
		expect(strand.clock.offAt).toBeUndefined();
		expect(elapsedSeconds(strand.clock, at(31))).toBe(60);
		expect(strandWith(strand, []).clock).toEqual({ elapsedSeconds: 0 });
	});
});

describe('a morning at the bench', () => {
	it('stands in the ledger with every gram, found by its words, and leads back to it', async () => {
		const { workspace } = await openVisit('odile-ferrant');
		put(workspace, demoTrial(MOMENT, workspace.shelf!));
		const rows = ledgerRows(workspace).filter(({ kind }) => kind === 'bench');
		expect(rows).toHaveLength(4);
		expect(ledgerWords(rows[0]!)).toContain('T Teal 3 g + clear 7 g');
		expect(ledgerWords(rows[0]!)).toContain('Brine direct, on 10 pale yellow, rated 2');
		const text = searchable((row: (typeof rows)[number]) =>
			ledgerText(row, headName(workspace, row))
		);
		const found = findByWords(ledgerRows(workspace), 'sea glass odile violet', text);
		expect(found.map(rowPath)).toEqual(['/bench/sea-glass', '/bench/sea-glass']);
		const [lying] = demoTrial(MOMENT, shelf).strands;
		const begun = structuredClone({ ...lying!, clock: { elapsedSeconds: 0 } });
		toggleStrand(begun, NOW);
		const minutes = (strand: BenchStrand) =>
			trialLeaf({ ...demoTrial(MOMENT, shelf), strands: [strand] }).rows[0]!.minutes;
		// Nobody knows yet for how long it will lie.
		expect(minutes(begun)).toBe(lying!.mix.minutes);
		toggleStrand(begun, new Date(NOW.getTime() + 7 * 60_000));
		expect(minutes(begun)).toBe(7);
		expect(
			trialLeaf({ ...demoTrial(MOMENT, shelf), strands: [newStrand(undefined)] }).rows
		).toEqual([]);
	});
	it('its best strand becomes the toner of a visit, scaled to that head', async () => {
		const { session, workspace } = await openVisit('odile-ferrant');
		const [, , best] = demoTrial(MOMENT, workspace.shelf!).strands;
		const line = workspace.shelf!.lines.find(({ id }) => id === best!.mix.lineId)!;
		workspace.transact('use', (draft) =>
			mixAgain(draft.visit(session.id), best!.mix.parts, line, 1)
		);
		flushSync();
		const { tone } = session.visit;
		expect(tone).toMatchObject({ lineId: 'brine-direct', choice: 'formula' });
		expect(sum(tone.parts)).toBe(tone.totalGrams);
		const share = (parts: readonly ChosenPart[]) => parts.at(-1)!.grams / sum(parts);
		expect(share(tone.parts)).toBeCloseTo(share(best!.mix.parts), 1);
	});
	it('goes with its client into a file, and over to the other of two records of one person', async () => {
		const { workspace } = await openVisit('odile-ferrant');
		put(workspace, demoTrial(MOMENT, workspace.shelf!));
		const trials = [...workspace.trials.values()];
		expect(keysOfClient('odile-ferrant', [], trials)).toContain('trial:sea-glass');
		expect(keysOfClient('anneke-rill', [], trials)).not.toContain('trial:sea-glass');
		workspace.transact('merge', (draft) =>
			mergeClients(draft, 'anneke-rill', 'odile-ferrant', [], trials)
		);
		expect(workspace.trials.get('sea-glass')!.clientId).toBe('anneke-rill');
	});
	it('is erased with the client whom it was for', async () => {
		const { workspace } = await openVisit('odile-ferrant');
		const trial = demoTrial(MOMENT, workspace.shelf!);
		put(workspace, trial);
		const step = workspace.transact('gone', (draft) =>
			removeClient(draft, { id: 'odile-ferrant' }, workspace.visitsOf('odile-ferrant'), [
				...workspace.trials.values()
			])
		);
		expect(workspace.trials.size).toBe(0);
		workspace.undo(step);
		expect(workspace.trials.get(trial.id)).toEqual(trial);
	});
});
