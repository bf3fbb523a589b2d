import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { merge3, withValueAt } from './merge';

const merged = (base: unknown, mine: unknown, theirs: unknown) => merge3(base, mine, theirs).value;

describe('a three-way merge', () => {
	it('keeps changes to different fields, however deep', () => {
		const base = { lift: { minutes: 30, volume: 20 }, note: '' };
		expect(
			merge3(base, { ...base, lift: { minutes: 40, volume: 20 } }, { ...base, note: 'fine' })
		).toEqual({ value: { lift: { minutes: 40, volume: 20 }, note: 'fine' }, clashes: [] });
		expect(
			merged(
				base,
				{ ...base, lift: { minutes: 40, volume: 20 } },
				{ ...base, lift: { minutes: 30, volume: 30 } }
			)
		).toEqual({ ...base, lift: { minutes: 40, volume: 30 } });
	});
	it('shows both where one field was changed in two ways, and leaves theirs', () => {
		const base = { lift: { minutes: 30 } };
		expect(merge3(base, { lift: { minutes: 40 } }, { lift: { minutes: 35 } })).toEqual({
			value: { lift: { minutes: 35 } },
			clashes: [{ path: ['lift', 'minutes'], mine: 40, theirs: 35 }]
		});
	});
	it('merges lists by what their items go by, each item by itself', () => {
		const base = [
			{ id: 'a', n: 1 },
			{ id: 'b', n: 2 }
		];
		const mine = [
			{ id: 'a', n: 1 },
			{ id: 'b', n: 3 },
			{ id: 'c', n: 4 }
		];
		const theirs = [
			{ id: 'd', n: 5 },
			{ id: 'a', n: 9 },
			{ id: 'b', n: 2 }
		];
		expect(merged(base, mine, theirs)).toEqual([
			{ id: 'd', n: 5 },
			{ id: 'a', n: 9 },
			{ id: 'b', n: 3 },
			{ id: 'c', n: 4 }
		]);
		expect(merged(base, [base[1]], base)).toEqual([base[1]]);
		expect(merged(base, base.toReversed(), [...base, { id: 'c', n: 1 }])).toEqual(
			[
				{ id: 'b', n: 2 },
				{ id: 'c', n: 1 },
				{ id: 'a', n: 1 }
			].toSorted((p, q) => 'bca'.indexOf(p.id) - 'bca'.indexOf(q.id))
		);
	});
	it('merges lists of words as sets', () => {
		expect(merged(['read'], ['read', 'aim'], ['read', 'lift'])).toEqual(['read', 'lift', 'aim']);
		expect(merged(['read', 'aim'], ['aim'], ['read', 'aim', 'lift'])).toEqual(['aim', 'lift']);
	});
	it('asks where one side took out what the other changed', () => {
		expect(merge3({ n: 1 }, undefined, { n: 2 }).clashes).toHaveLength(1);
		expect(merge3({ n: 1 }, { n: 2 }, undefined)).toEqual({
			value: undefined,
			clashes: [{ path: [], mine: { n: 2 }, theirs: undefined }]
		});
		expect(merge3({ n: 1 }, undefined, { n: 1 })).toEqual({ value: undefined, clashes: [] });
	});
	it('has no opinion on when something was last changed: the later counts', () => {
		const at = (updatedAt: string) => ({ updatedAt });
		expect(merge3(at('1'), at('3'), at('2'))).toEqual({ value: at('3'), clashes: [] });
	});

	it('puts back an item that was changed here and removed there, and takes out the reverse', () => {
		const [base, changed] = [
			{ checks: [{ id: 'a', level: 8 }] },
			{ checks: [{ id: 'a', level: 9 }] }
		];
		const gone = { checks: [] };
		const back = merge3<object>(base, changed, gone);
		expect(back.value).toEqual(gone);
		expect(withValueAt(back.value, back.clashes[0]!.path, back.clashes[0]!.mine)).toEqual(changed);
		const out = merge3<object>(base, gone, changed);
		expect(out.value).toEqual(changed);
		expect(withValueAt(out.value, out.clashes[0]!.path, out.clashes[0]!.mine)).toEqual(gone);
	});

	const json = fc.dictionary(
		fc.constantFrom('a', 'b', 'c'),
		fc.oneof(
			fc.integer(),
			fc.dictionary(fc.constantFrom('x', 'y'), fc.integer(), { noNullPrototype: true })
		),
		{ noNullPrototype: true }
	);
	it('with nothing changed on one side is the other; whatever clashed can be laid in its place', () => {
		fc.assert(
			fc.property(json, json, json, (base, mine, theirs) => {
				expect(merged(base, mine, base)).toEqual(mine);
				expect(merged(base, base, theirs)).toEqual(theirs);
				expect(merged(base, mine, mine)).toEqual(mine);
				const { value, clashes } = merge3(base, mine, theirs);
				const laid = clashes.reduce(
					(all, { path, mine: own }) => withValueAt(all, path, own),
					value
				);
				expect(merge3(theirs, laid, theirs).value).toEqual(merge3(mine, laid, mine).value);
			})
		);
	});
});
