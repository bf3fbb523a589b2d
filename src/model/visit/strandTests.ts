import { inTenths } from '../../core/hair';
import { expectedOf, type LevelLook } from '../../core/learn';
import { levelOfFibre, startOfReading } from '../../core/lift';
import type { Reading, StrandTest, ZoneName } from '../../schema/records';
import { conditionOf, mainZone, zonesOf, type ZoneStart } from '../head/hair';

/** A look at a test strand, with the level that was to be expected then of a head of some factor. */
export interface TestLook {
	readonly minute: number;
	readonly seen: number;
	readonly expected: number;
}

const ALL = { root: true, lengths: true, ends: true } as const;

/** The hair that a strand was taken from. */
const zoneOf = (reading: Reading, { zone }: Pick<StrandTest, 'zone'>): ZoneStart => {
	const zones = zonesOf(reading);
	return zones.find(({ name }) => name === zone) ?? mainZone(zones, ALL);
};

/** Looks at a test strand as the learning takes them: wrapped in foil, away from the scalp. */
function looksAt(
	reading: Reading,
	{ mixture, looks = [], zone: name }: Pick<StrandTest, 'zone' | 'mixture' | 'looks'>,
	zone = zoneOf(reading, { zone: name })
): LevelLook[] {
	if (!mixture) return [];
	const { naturalLevel, texture, warmth } = reading;
	return looks.map(({ minute, level }) => ({
		fibre: zone.fibre,
		factors: { naturalLevel, texture, warmth },
		condition: conditionOf(reading),
		applications: [{ ...mixture, minutes: minute, placement: 'foil' }],
		seen: level,
		minutes: minute
	}));
}

/** Whether a test still speaks of the hair as a reading has it. */
export const isStanding = (reading: Reading, test: StrandTest, today: string): boolean =>
	standing(reading, today).includes(test);

/**
 * What was seen on a strand beside what was expected of it when it was noted; of looks that did not keep that, beside
 * what is to be expected now.
 * @param factor on the rate, as learned without it
 */
export const testLooksOf = (reading: Reading, test: StrandTest, factor = 1): TestLook[] =>
	looksAt(reading, test).map((look, i) => ({
		minute: look.minutes,
		seen: look.seen,
		expected: test.looks?.[i]?.expected ?? expectedOf(look, factor)
	}));

/**
 * The level to be expected of a strand after so many minutes, in tenths.
 * @param factor on the rate, as learned by then
 * @returns nothing where nobody said what went on it
 */
export function testExpects(
	reading: Reading,
	{ zone, mixture }: Pick<StrandTest, 'zone' | 'mixture'>,
	minute: number,
	factor = 1
): number | undefined {
	const [look] = looksAt(reading, { zone, mixture, looks: [{ minute, level: 1 }] });
	return look && inTenths(expectedOf(look, factor));
}

/** Days on which something was done to this hair that a test of it does not outlast. */
export const hairChangedOn = ({ history }: Pick<Reading, 'history'>): string[] =>
	history.filter(({ kind }) => kind !== 'cut' && kind !== 'swimming').map(({ date }) => date);

/** Tests of the hair as it is: nothing went on it since, and it did not react. */
const standing = (reading: Reading, today: string): StrandTest[] =>
	reading.strandTests.filter(
		({ date, result }) =>
			result !== 'reacted' &&
			date <= today &&
			// What went on it on the day of the test went on after it: a service follows its test.
			!hairChangedOn(reading).some((changed) => changed >= date)
	);

/**
 * Looks that teach how fast this head lifts: at hair without old colour, for what that holds back is not the head's
 * rate. Less than a minute tells nothing.
 */
export const taughtByStrands = (reading: Reading, today: string): LevelLook[] =>
	standing(reading, today).flatMap((test) => {
		const zone = zoneOf(reading, test);
		return zone.state === 'coloured'
			? []
			: looksAt(reading, test, zone).filter(({ minutes }) => minutes >= 1);
	});

/** A strand lay long enough to say whether old colour moves, minutes. */
const LONG_ENOUGH = 15;

/** Levels that old colour moved on test strands, the least of them; nothing where none lay long enough. */
export function oldColourMoved(reading: Reading, today: string): number | undefined {
	const moved = standing(reading, today).flatMap((test) => {
		const zone = zoneOf(reading, test);
		const last = test.looks?.findLast(({ minute }) => minute >= LONG_ENOUGH);
		return zone.state === 'coloured' && last ? [last.level - levelOfFibre(zone.fibre)] : [];
	});
	return moved.length > 0 ? Math.min(...moved) : undefined;
}

/** Times over of an old colour that a strand speaks for. */
export interface LayersFound {
	readonly zone: ZoneName;
	readonly told: number;
	readonly found: number;
}

/** More than this often nobody can tell apart on a strand. */
const MOST_LAYERS = 8;
/** Another count must explain what was seen better by so much, squared levels per look. */
const BETTER = 0.05;

/**
 * How often an old colour was put on, by how it lifts on a strand: the count whose strand comes nearest to what was
 * seen, with the rate as it was learned elsewhere.
 * @param factor on the rate, as learned without this strand
 * @returns nothing where the strand speaks for what was told, or of no old colour
 */
export function layersByTest(
	reading: Reading,
	test: StrandTest,
	factor = 1
): LayersFound | undefined {
	const zone = zoneOf(reading, test);
	const told = reading.zones[zone.name].artificial[0]?.layers;
	if (zone.state !== 'coloured' || told === undefined || (test.looks?.length ?? 0) === 0)
		return undefined;
	const own = reading.zones[zone.name];
	const offOf = (layers: number): number => {
		const { fibre } = startOfReading({
			naturalLevel: reading.naturalLevel,
			warmth: reading.warmth,
			presentLevel: own.presentLevel,
			artificial: own.artificial.map((colour, i) => (i === 0 ? { ...colour, layers } : colour))
		});
		const looks = looksAt(reading, test, { ...zone, fibre });
		return (
			looks.reduce((sum, look) => sum + (look.seen - expectedOf(look, factor)) ** 2, 0) /
			looks.length
		);
	};
	const counts = Array.from({ length: MOST_LAYERS }, (_, i) => i + 1);
	const found = counts.reduce(
		(best, layers) => (offOf(layers) < offOf(best) ? layers : best),
		told
	);
	if (found === told || offOf(told) - offOf(found) < BETTER) return undefined;
	return { zone: zone.name, told, found };
}
