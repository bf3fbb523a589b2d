import { inTenths } from '../../core/hair';
import type { Fibre } from '../../core/lift';
import { between, deeper, stronger, withTouch } from '../../core/toner';
import { parseTone, previewTone, type RawHair } from '../../core/tone';
import { MOST_PARTS } from '../../core/vocabulary';
import type { BenchStrand, ChosenPart, Reading, ShelfLine } from '../../schema/records';
import { plainReading } from '../head/plain';
import { scaledTo } from '../ledger/rows';
import { namedHair } from '../head/hair';
import { corePart } from '../day/parts';
import { conditionsOf, mixedFrom, partOfShade, rawOf } from '../visit/tone';

/** Loose hair has been lightened; it takes colour as hair in fair condition does. */
const LOOSE = { condition: 70, doseToday: 0 };

/** A strand as its bowl finds it. */
interface StrandHair {
	readonly raw: RawHair;
	readonly fibre: Fibre;
	readonly reading: Reading;
	readonly condition: number;
	readonly doseToday: number;
}

/** The hair of a strand, as it was told. */
export function strandHair({
	level,
	undertone,
	porosity
}: Pick<BenchStrand, 'level' | 'undertone' | 'porosity'>): StrandHair {
	const reading = { ...plainReading(), porosity };
	const { fibre, named } = namedHair(reading, level, undertone);
	return { raw: rawOf({ fibre, named }, { whiteShare: 0 }), fibre, reading, ...LOOSE };
}

/** How long a bowl lies on a strand: until it is off as long as it is meant to. @returns minutes, 1 or more */
export const layMinutes = ({ mix, clock }: Pick<BenchStrand, 'mix' | 'clock'>): number =>
	clock.startedAt === undefined || clock.runningSince !== undefined
		? mix.minutes
		: Math.max(1, Math.round(clock.elapsedSeconds / 60));

/** The level that is expected of what was mixed for a strand, for as long as it lay. @param line that it is mixed from */
export function strandExpects(strand: BenchStrand, line: ShelfLine): number {
	const { raw, reading, ...state } = strandHair(strand);
	const { vehicle } = line;
	const mixed = { ...strand.mix, vehicle, minutes: layMinutes(strand) };
	const { developerVolume } = mixedFrom(line, strand.mix);
	const conditions = conditionsOf({ ...mixed, developerVolume }, reading, strand.porosity, state);
	return inTenths(previewTone(raw, strand.mix.parts.map(corePart), conditions).level);
}

/** How a bowl may be moved from where it stands. */
export type Variation = 'softer' | 'deeper' | 'moreViolet' | 'moreBlue' | 'moreGold';

/** Families that a bowl is moved towards by hand, in the order in which they are offered. */
const TOWARDS = { moreViolet: 'V', moreBlue: 'B', moreGold: 'G' } as const;

const CLEAR: ChosenPart = { name: 'clear', grams: 1 };

/** The shade of a line that is nothing but one family: a pure pigment first, else the one nearest in level. */
function shadeTowards(line: ShelfLine, family: string, level: number): ChosenPart | undefined {
	const own = line.shades.filter(({ tone }) => {
		const letters = parseTone(tone, line.vehicle);
		return letters !== undefined && tone.replaceAll(family, '') === '';
	});
	const near = (shade: (typeof own)[number]) => Math.abs(shade.level - level);
	const [shade] = own.toSorted(
		(p, q) => Number(q.form === 'pure') - Number(p.form === 'pure') || near(p) - near(q)
	);
	return shade && partOfShade(shade, 1);
}

/**
 * Bowls near the one on a strand, each of the shades of its line and in whole steps of the scale.
 * @param step finest step of the scale, g
 */
export function variationsOf(
	{ mix, level }: Pick<BenchStrand, 'mix' | 'level'>,
	line: ShelfLine,
	step: number
): { readonly what: Variation; readonly parts: readonly ChosenPart[] }[] {
	const { parts } = mix;
	if (parts.length === 0) return [];
	const total = parts.reduce((sum, { grams }) => sum + grams, 0);
	const whole = (moved: readonly ChosenPart[]) =>
		scaledTo(moved, total, step).filter(({ grams }) => grams > 0);
	const shades = deeper<ChosenPart>(parts, (at, tone) => {
		const shade = line.shades.find((each) => each.level === at && each.tone === tone);
		return shade && partOfShade(shade, 1);
	});
	// Pure colours have no levels: with less clear they are deeper.
	const deep = shades ?? stronger(parts, ({ name }) => name === CLEAR.name);
	const ways: { readonly what: Variation; readonly parts: readonly ChosenPart[] }[] = [
		{ what: 'softer', parts: whole(withTouch(parts, CLEAR)) },
		...(deep ? [{ what: 'deeper', parts: whole(deep) } as const] : []),
		...(['moreViolet', 'moreBlue', 'moreGold'] as const).flatMap((what) => {
			const shade = shadeTowards(line, TOWARDS[what], level);
			return shade ? [{ what, parts: whole(withTouch(parts, shade)) }] : [];
		})
	];
	return ways.filter((way) => way.parts.length <= MOST_PARTS);
}

/** The bowl between those on two strands, in whole steps of the scale; nothing where it has more parts than a bowl. */
export function betweenStrands(
	first: Pick<BenchStrand, 'mix'>,
	second: Pick<BenchStrand, 'mix'>,
	step: number
): ChosenPart[] | undefined {
	const parts = between(first.mix.parts, second.mix.parts);
	const total = first.mix.parts.reduce((sum, { grams }) => sum + grams, 0);
	const whole = scaledTo(parts, total, step).filter(({ grams }) => grams > 0);
	return whole.length > 0 && whole.length <= MOST_PARTS ? whole : undefined;
}
