import { dequal as equal } from 'dequal/lite';

/** A place that was changed on both sides, each in its own way. */
export interface Clash {
	/** Fields from the document down; an item of a list goes by what it goes by. */
	readonly path: readonly string[];
	readonly mine: unknown;
	readonly theirs: unknown;
}

export interface Merged<T> {
	/** Both changes; where they clash, theirs. */
	readonly value: T | undefined;
	readonly clashes: readonly Clash[];
}

type Fields = Readonly<Record<string, unknown>>;

/**
 * Three-way merge of JSON values: what was changed on either side since a common base. Fields are merged
 * one by one; items of a list that go by an id each by itself; lists of words as sets. `undefined` stands
 * for what is not there.
 * @param base what both sides started from
 * @param mine the changes to be carried over
 * @param theirs what they are laid on, as it is now
 */
export function merge3<T>(
	base: T | undefined,
	mine: T | undefined,
	theirs: T | undefined
): Merged<T> {
	const clashes: Clash[] = [];
	const value = mergeAt([], base, mine, theirs, clashes) as T | undefined;
	return { value, clashes };
}

function mergeAt(
	path: readonly string[],
	base: unknown,
	mine: unknown,
	theirs: unknown,
	clashes: Clash[]
): unknown {
	if (mine === theirs || equal(mine, theirs)) return theirs;
	if (equal(base, mine)) return theirs;
	if (equal(base, theirs)) return mine;
	if (isFields(mine) && isFields(theirs)) {
		return mergeFields(path, isFields(base) ? base : {}, mine, theirs, clashes);
	}
	if (isList(mine) && isList(theirs)) {
		const from = isList(base) ? base : [];
		const by = idField([...from, ...mine, ...theirs]);
		if (by)
			return mergeItems(path, by, from as Fields[], mine as Fields[], theirs as Fields[], clashes);
		if ([...from, ...mine, ...theirs].every((item) => typeof item === 'string')) {
			return mergeSets(from, mine, theirs);
		}
	}
	// When something was last changed is no matter of opinion.
	if (path.at(-1) === 'updatedAt') return String(mine) > String(theirs) ? mine : theirs;
	clashes.push({ path, mine, theirs });
	return theirs;
}

function mergeFields(
	path: readonly string[],
	base: Fields,
	mine: Fields,
	theirs: Fields,
	clashes: Clash[]
): Fields {
	const merged: Record<string, unknown> = {};
	for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
		const value = mergeAt([...path, key], base[key], mine[key], theirs[key], clashes);
		if (value !== undefined) merged[key] = value;
	}
	return merged;
}

const mergeSets = (
	base: readonly unknown[],
	mine: readonly unknown[],
	theirs: readonly unknown[]
): unknown[] => [
	...theirs.filter((item) => mine.includes(item) || !base.includes(item)),
	...mine.filter((item) => !theirs.includes(item) && !base.includes(item))
];

function mergeItems(
	path: readonly string[],
	by: string,
	base: readonly Fields[],
	mine: readonly Fields[],
	theirs: readonly Fields[],
	clashes: Clash[]
): unknown[] {
	const idOf = (item: Fields) => String(item[by]);
	const [ours, others, before] = [mine, theirs, base].map(
		(items) => new Map(items.map((item) => [idOf(item), item]))
	) as [Map<string, Fields>, Map<string, Fields>, Map<string, Fields>];
	const kept = new Map<string, unknown>();
	for (const id of new Set([...others.keys(), ...ours.keys()])) {
		const value = mergeAt([...path, id], before.get(id), ours.get(id), others.get(id), clashes);
		if (value !== undefined) kept.set(id, value);
	}
	// The order that was changed counts; what only the other side has stands where it stood there.
	const common = (ids: readonly string[]) => ids.filter((id) => before.has(id));
	const order = (items: Map<string, Fields>) => [...items.keys()];
	const reordered = !equal(
		common(order(others)),
		common(order(before)).filter((id) => others.has(id))
	);
	const [first, second] = reordered ? [order(others), order(ours)] : [order(ours), order(others)];
	const ids = first.filter((id) => kept.has(id));
	second.forEach((id, i) => {
		if (!kept.has(id) || ids.includes(id)) return;
		const after = second.slice(0, i).findLast((other) => ids.includes(other));
		ids.splice(after === undefined ? 0 : ids.indexOf(after) + 1, 0, id);
	});
	return ids.map((id) => kept.get(id));
}

const isList = (value: unknown): value is readonly unknown[] => Array.isArray(value);

/** The field by which all items of a list are told apart; none where they are not. */
function idField(items: readonly unknown[]): string | undefined {
	return ['id', 'key', 'code'].find((field) =>
		items.every((item) => isFields(item) && typeof item[field] === 'string')
	);
}

/** Fields of a record; dates, pictures and the like are values. */
function isFields(value: unknown): value is Fields {
	if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
	const prototype: unknown = Object.getPrototypeOf(value);
	return prototype === Object.prototype || prototype === null;
}

/** Lays a value at a path of a document; what was there before is replaced. */
export function withValueAt<T>(document: T, path: readonly string[], value: unknown): T {
	const [key, ...rest] = path;
	if (key === undefined) return value as T;
	if (Array.isArray(document)) {
		const items = document as readonly Fields[];
		// The whole item may have been removed there: it comes back at the end, or goes.
		const by = idField(rest.length === 0 && isFields(value) ? [...items, value] : items);
		if (!by) return document;
		const there = items.some((item) => item[by] === key);
		const laid = there
			? items.map((item) => (item[by] === key ? withValueAt<unknown>(item, rest, value) : item))
			: rest.length === 0
				? [...items, value]
				: items;
		return laid.filter((item) => item !== undefined) as T;
	}
	const fields: Fields = isFields(document) ? document : {};
	const next: Fields = { ...fields, [key]: withValueAt(fields[key], rest, value) };
	return (
		next[key] === undefined
			? Object.fromEntries(Object.entries(next).filter(([name]) => name !== key))
			: next
	) as T;
}
