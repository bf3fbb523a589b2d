import { dequal as equal } from 'dequal/lite';
import { AREAS } from '../../core/vocabulary';
import { type AreaName } from '../../core/lift';
import type { Aim, AreaReading, Reading, ZoneName } from '../../schema/records';

/**
 * “The same everywhere except…”: a reading or an aim holds for the whole head, and under `areas` only
 * what differs from that. Here exceptions are laid over the rest, and taken out again.
 */

/** What an area may have of its own, in the order in which it is told. */
export const AREA_FIELDS = [
	'naturalLevel',
	'warmth',
	'texture',
	'porosity',
	'lengthCm',
	'regrowthCm',
	'endsCm',
	'whiteShare',
	'zones'
] as const satisfies readonly (keyof AreaReading)[];

const AIM_FIELDS = ['level', 'direction', 'keepWarmth', 'zones', 'oldLights'] as const;

/** The fields of an area's own whole that differ from the rest; nothing when it is like the rest. */
function exception<T extends object, K extends keyof T>(
	own: T,
	rest: T,
	fields: readonly K[]
): Partial<Pick<T, K>> | undefined {
	const differing = fields.filter((field) => !equal(own[field], rest[field]));
	if (differing.length === 0) return undefined;
	return Object.fromEntries(differing.map((field) => [field, own[field]])) as Partial<Pick<T, K>>;
}

/** The reading as it holds for one area; for none, as it holds for the rest of the head. */
export function readingOf(reading: Reading, area: AreaName | undefined): Reading {
	const own = area && reading.areas[area];
	if (!own) return reading;
	const there: Reading = { ...reading, ...defined(own) };
	// The second opinion was on other hair where this area's levels are its own.
	if (own.zones ?? own.naturalLevel) delete there.secondOpinion;
	return there;
}

/** The aim as it holds for one area. */
export const aimOf = (aim: Aim, area: AreaName | undefined): Aim =>
	area && aim.areas[area] ? { ...aim, ...defined(aim.areas[area]) } : aim;

/** The aim as it holds for one zone of the strand. */
export const aimOn = (aim: Aim, zone: ZoneName): Aim =>
	aim.zones[zone] ? { ...aim, ...defined(aim.zones[zone]) } : aim;

/** The aim as it holds for old light pieces of a zone. */
export const lightsAim = (aim: Aim, zone: ZoneName): Aim => {
	const { oldLights, ...rest } = aim;
	return { ...aimOn(rest, zone), ...(oldLights ? defined(oldLights) : {}), zones: {} };
};

/** Fields that are there: one that is `undefined` must not cover what lies under it. */
const defined = <T extends object>(partial: T): { [K in keyof T]: Exclude<T[K], undefined> } =>
	Object.fromEntries(Object.entries(partial).filter(([, value]) => value !== undefined)) as {
		[K in keyof T]: Exclude<T[K], undefined>;
	};

/**
 * Exceptions from a rest, worked out anew for the areas that had one.
 * @param own the area's own reading, complete
 */
export function exceptions(
	rest: AreaReading,
	own: (area: AreaName) => AreaReading,
	before: Reading['areas']
): Reading['areas'] {
	const had = AREAS.filter((area) => before[area]);
	return withExceptions(before, had, (area) => exception(own(area), rest, AREA_FIELDS));
}

/** Exceptions with those of some areas replaced; nothing in place of one means that it is like the rest. */
function withExceptions<E>(
	before: Partial<Record<AreaName, E>>,
	areas: readonly AreaName[],
	own: (area: AreaName) => E | undefined
): Partial<Record<AreaName, E>> {
	const kept: Partial<Record<AreaName, E>> = {};
	for (const area of AREAS) {
		const entry = areas.includes(area) ? own(area) : before[area];
		if (entry) kept[area] = entry;
	}
	return kept;
}

/** Changes a reading for some areas, or for the rest of the head when none is named. */
export function changeReading(
	reading: Reading,
	areas: readonly AreaName[],
	recipe: (draft: Reading) => void
): void {
	if (areas.length === 0) {
		recipe(reading);
		return;
	}
	const rest = plain(reading);
	reading.areas = withExceptions(reading.areas, areas, (area) => {
		const own = plain(readingOf(rest, area));
		recipe(own);
		return exception<AreaReading, keyof AreaReading>(own, rest, AREA_FIELDS);
	});
}

/** Changes an aim for some areas, or for the rest of the head when none is named. */
export function changeAim(
	aim: Aim,
	areas: readonly AreaName[],
	recipe: (draft: Aim) => void
): void {
	if (areas.length === 0) {
		recipe(aim);
		return;
	}
	const rest = plain(aim);
	aim.areas = withExceptions(aim.areas, areas, (area) => {
		const own = plain(aimOf(rest, area));
		recipe(own);
		return exception(own, rest, AIM_FIELDS);
	});
}

/** Makes some areas like the rest of the head again. */
export const withoutExceptions = <E>(
	before: Partial<Record<AreaName, E>>,
	areas: readonly AreaName[]
): Partial<Record<AreaName, E>> => withExceptions(before, areas, () => undefined);

/** A copy that shares nothing; records are plain JSON. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** Heads that are read alike: the rest first, then the areas with an exception of their own. */
export interface AreaGroup {
	readonly areas: readonly AreaName[];
	/** One of them, to look its reading and aim up by; none where the group is the rest. */
	readonly area: AreaName | undefined;
}

/** Areas of a head in groups that share reading and aim. The rest is left out when nothing is left of it. */
export function areaGroups(reading: Reading, aim: Aim): AreaGroup[] {
	const groups = new Map<string, AreaName[]>();
	for (const area of AREAS) {
		const key = JSON.stringify([reading.areas[area] ?? 0, aim.areas[area] ?? 0]);
		groups.set(key, [...(groups.get(key) ?? []), area]);
	}
	const rest = groups.get('[0,0]');
	const others = [...groups].filter(([key]) => key !== '[0,0]').map(([, areas]) => areas);
	return [
		...(rest ? [{ areas: rest, area: undefined }] : []),
		...others.map((areas) => ({ areas, area: areas[0]! }))
	];
}
