import { chromaOf, hueOf, levelOf, undertoneOf, type Lab } from '../../src/core/colour';
import { labOfMixture, naturalPigment, type Pigment, type Warmth } from '../../src/core/hair';
import {
	fibreOfReading,
	labOfFibre,
	levelOfFibre,
	pigmentOnPath,
	predictLift,
	strandFromHistory,
	type Application,
	type Fibre,
	type LiftResult
} from '../../src/core/lift';
import { previewTone, rawLab, type DepositConditions, type FormulaPart } from '../../src/core/tone';

/** What the model says of an everyday outcome, and whether that is what colourists see. */
export interface Outcome {
	readonly figure: string;
	readonly holds: boolean;
}

/** Something colourists see every week; a constant that breaks one of these is wrong. */
export interface EverydayRow {
	readonly start: string;
	readonly how: string;
	readonly expected: string;
	readonly compute: () => Outcome;
}

const natural = (level: number, warmth: Warmth = 'neutral'): Fibre => ({
	...naturalPigment(level, warmth),
	layers: []
});
const foil: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 45,
	placement: 'foil'
};
const permanent: Application = {
	product: 'permanent',
	volume: 20,
	ratio: 1,
	minutes: 35,
	placement: 'onScalp',
	distanceCm: 0.5
};
const lift = (
	start: Fibre,
	naturalLevel: number,
	change: Partial<Application> = {},
	texture: 'fine' | 'medium' | 'coarse' = 'medium'
): LiftResult => predictLift(start, [{ ...foil, ...change }], { naturalLevel, texture })[0]!;

const lifted = (level: number) => ({ pigment: pigmentOnPath(3, 'neutral', level) });
const tone = (
	raw: { readonly pigment: Pigment },
	parts: readonly FormulaPart[],
	conditions: Partial<DepositConditions> = {}
) => previewTone(raw, parts, { vehicle: 'demi', ratio: 2, minutes: 20, ...conditions });
const of = (level: number, letters: string, intensity?: number): FormulaPart[] => [
	{ level, tone: letters, grams: 30, intensity }
];
const chromaDrop = (before: Lab, after: Lab): number => 1 - chromaOf(after) / chromaOf(before);

const fixed = (value: number, digits = 2) => value.toFixed(digits);
const percent = (share: number) => `${Math.round(100 * share)} %`;
const within = (value: number, middle: number, spread: number) =>
	Math.abs(value - middle) <= spread;

/** A row whose figure is one level that must lie within a span. */
const level = (
	start: string,
	how: string,
	[middle, spread]: readonly [number, number],
	result: () => LiftResult,
	undertone?: string
): EverydayRow => ({
	start,
	how,
	expected: `${middle} ± ${spread}${undertone ? `, ${undertone}` : ''}`,
	compute: () => {
		const { level, undertone: seen } = result();
		return {
			figure: `${fixed(level)}, ${seen.name}`,
			holds: within(level, middle, spread) && (!undertone || seen.name === undertone)
		};
	}
});

const highLift = (from: number, gain: number): EverydayRow => ({
	start: `${from} medium`,
	how: 'high-lift 40 vol 1:2 under a cap, 45 min',
	expected: `about ${gain} levels`,
	compute: () => {
		const change = { product: 'highLift', volume: 40, placement: 'cap' } as const;
		const gained = lift(natural(from), from, change).level - from;
		return { figure: fixed(gained), holds: within(gained, gain, 0.33) };
	}
});

const ashOnPale = (shade: number): EverydayRow => ({
	start: 'pale yellow 10',
	how: `${shade}A demi, 20 min`,
	expected: shade === 5 ? 'green or blue-grey cast, with a warning' : 'green cast, with a warning',
	compute: () => {
		const { lab, warnings } = tone(lifted(10), of(shade, 'A'));
		const codes = warnings.map(({ code }) => code);
		const warned = codes.includes('greenCast') || (shade === 5 && codes.includes('greyCast'));
		return {
			figure: `a* ${fixed(lab.a, 1)}, b* ${fixed(lab.b, 1)}, ${codes.join(' and ') || 'no warning'}`,
			holds: lab.a < 0 && warned
		};
	}
});

/** Condition after a list of applications on natural hair. */
const condition = (
	start: string,
	how: string,
	expected: string,
	[least, most]: readonly [number, number],
	compute: () => number
): EverydayRow => ({
	start,
	how,
	expected,
	compute: () => {
		const left = compute();
		return { figure: fixed(left, 1), holds: left >= least && left <= most };
	}
});

const times = (count: number, change: Partial<Application>): Application[] =>
	Array<Application>(count).fill({ ...foil, ...change });

const behindByOwnShade = (
	layers: number,
	[least, most]: readonly [number, number]
): EverydayRow => ({
	start: `5N permanent ${layers === 1 ? 'once' : `${layers} times`} over 5`,
	how: '20 vol 1:2, 45 min',
	expected: `${least}-${most} behind the untouched 5${layers > 1 ? ', warmer' : ''}`,
	compute: () => {
		const coloured = fibreOfReading({
			naturalLevel: 5,
			warmth: 'neutral',
			artificial: [{ kind: 'permanent', level: 5, tone: 'N', layers }]
		});
		const bare = lift(natural(5), 5);
		const after = lift(coloured, 5);
		const behind = bare.level - after.level;
		const warmer = hueOf(bare.lab) - hueOf(after.lab);
		return {
			figure: `${fixed(behind)} behind, hue ${fixed(warmer, 1)}° redder`,
			holds: behind >= least && behind <= most && (layers === 1 || warmer > 0)
		};
	}
});

/** Old dark colour, and what a day takes out of it. */
const DARK_COLOUR: readonly EverydayRow[] = [
	{
		start: 'black: demi 1N, 2N and 3N over hair once at 9',
		how: 'bleach washes 40 vol 25 and 20 min in open air, then foils 20 vol 45 min, one day',
		expected: 'about 3-5, 5-7, 8.5-9.7; never platinum that day',
		compute: () => {
			const { fibre, condition } = strandFromHistory({
				naturalLevel: 5,
				warmth: 'neutral',
				texture: 'medium',
				lengthCm: 20,
				events: [
					{ kind: 'lightening', weeksAgo: 40, onto: 'all', how: { toLevel: 9 } },
					...[1, 2, 3].map((level) => ({
						kind: 'colour' as const,
						weeksAgo: 0,
						onto: 'all' as const,
						vehicle: 'demi' as const,
						shade: { level, tone: 'N' }
					}))
				]
			}).points.at(-1)!;
			const wash = (minutes: number): Application => ({
				product: 'bleachWash',
				volume: 40,
				ratio: 2,
				minutes,
				placement: 'openAir'
			});
			const head = { naturalLevel: 5, texture: 'medium' } as const;
			const levels = predictLift(fibre, [wash(25), wash(20), foil], head, condition).map(
				({ level }) => level
			);
			const spans = [
				[3, 5],
				[5, 7],
				[8.5, 9.7]
			] as const;
			return {
				figure: `from ${fixed(levelOfFibre(fibre), 1)}: ${levels.map((level) => fixed(level, 1)).join(', ')}`,
				holds: spans.every(([least, most], i) => levels[i]! >= least && levels[i]! <= most)
			};
		}
	},
	{
		start: '2N permanent three times over 4',
		how: 'two foil applications of 30 vol 45 min; a third',
		expected: 'about 5, then 8 at most, warm; a third ends under a condition of 40',
		compute: () => {
			const { fibre, condition } = strandFromHistory({
				naturalLevel: 4,
				warmth: 'neutral',
				texture: 'medium',
				lengthCm: 20,
				events: [1, 2, 3].map(() => ({
					kind: 'colour' as const,
					weeksAgo: 0,
					onto: 'all' as const,
					vehicle: 'permanent' as const,
					shade: { level: 2, tone: 'N' }
				}))
			}).points.at(-1)!;
			const head = { naturalLevel: 4, texture: 'medium' } as const;
			const [one, two, three] = predictLift(fibre, times(3, { volume: 30 }), head, condition);
			return {
				figure: `${fixed(one!.level, 1)}, ${fixed(two!.level, 1)}, condition ${fixed(two!.condition, 0)}, then ${fixed(three!.condition, 0)}`,
				holds: within(one!.level, 5, 0.7) && two!.level <= 8 && three!.condition < 40
			};
		}
	},
	{
		start: '3N permanent over 4',
		how: 'high-lift 40 vol under a cap, 45 min',
		expected: 'at most 0.35 level lighter',
		compute: () => {
			const coloured = fibreOfReading({
				naturalLevel: 4,
				warmth: 'neutral',
				artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers: 1 }]
			});
			const change = { product: 'highLift', volume: 40, placement: 'cap' } as const;
			const gained = lift(coloured, 4, change).level - levelOfFibre(coloured);
			return { figure: fixed(gained), holds: gained <= 0.35 };
		}
	}
];

export const EVERYDAY: readonly EverydayRow[] = [
	level('5 medium', '20 vol 1:2, 45 min', [9, 0.4], () => lift(natural(5), 5), 'yellow'),
	level('3 medium', '30 vol 1:2, 45 min', [8.7, 0.5], () => lift(natural(3), 3, { volume: 30 })),
	level(
		'2 coarse',
		'20 vol 1:2, 45 min',
		[6.8, 0.5],
		() => lift(natural(2), 2, {}, 'coarse'),
		'orange'
	),
	highLift(3, 2.3),
	highLift(5, 2.6),
	highLift(7, 2.2),
	{
		start: 'every level from 1 to 9',
		how: 'high-lift against permanent of the same volume and ratio',
		expected: 'more on every one',
		compute: () => {
			const change = { volume: 40, placement: 'cap' } as const;
			const ahead = [1, 2, 3, 4, 5, 6, 7, 8, 9].map(
				(from) =>
					lift(natural(from), from, { ...change, product: 'highLift' }).level -
					lift(natural(from), from, { ...change, product: 'permanent' }).level
			);
			const least = Math.min(...ahead);
			return { figure: `at least ${fixed(least)} more`, holds: least > 0 };
		}
	},
	{
		start: '3 medium',
		how: '20 vol 1:1 against 1:3, 45 min',
		expected: 'the thicker at least 0.5 further',
		compute: () => {
			const further =
				lift(natural(3), 3, { ratio: 1 }).level - lift(natural(3), 3, { ratio: 3 }).level;
			return { figure: fixed(further), holds: further >= 0.5 };
		}
	},
	{
		start: '1 medium',
		how: '20 vol 1:2, 45 min, then again',
		expected: 'past 8 in total',
		compute: () => {
			const head = { naturalLevel: 1, texture: 'medium' } as const;
			const after = predictLift(natural(1), [foil, foil], head)[1]!.level;
			return { figure: fixed(after), holds: after > 8 };
		}
	},
	level('7 fine', '10 vol 1:2, 60 min', [9.7, 0.4], () =>
		lift(natural(7), 7, { volume: 10, minutes: 60 }, 'fine')
	),
	{
		start: '6 red',
		how: '20 vol 1:1.5, 45 min, against 6 neutral',
		expected: 'about 0.5 behind, and warmer',
		compute: () => {
			const red = lift(natural(6, 'red'), 6, { ratio: 1.5 });
			const neutral = lift(natural(6), 6, { ratio: 1.5 });
			const behind = neutral.level - red.level;
			const warmer = hueOf(neutral.lab) - hueOf(red.lab);
			return {
				figure: `${fixed(behind)} behind, hue ${fixed(warmer, 1)}° redder`,
				holds: within(behind, 0.5, 0.33) && warmer > 0
			};
		}
	},
	{
		start: '4, root to 6 cm of regrowth',
		how: 'cream 20 vol 1:1.5 on scalp, 50 min',
		expected: '0.5 or more lighter at the scalp than at 5 cm',
		compute: () => {
			const at = (distanceCm: number) =>
				lift(natural(4), 4, {
					product: 'cream',
					ratio: 1.5,
					minutes: 50,
					placement: 'onScalp',
					distanceCm
				}).level;
			return { figure: fixed(at(0) - at(5)), holds: at(0) - at(5) >= 0.5 };
		}
	},
	{
		start: '5 medium',
		how: 'permanent 20 vol 1:1 near the scalp, 35 min, lift alone',
		expected: '1-1.5 levels, warm',
		compute: () => {
			const result = lift(natural(5), 5, permanent);
			const gained = result.level - 5;
			const warmer = result.lab.a - labOfFibre(natural(5)).a;
			return {
				figure: `${fixed(gained)}, a* ${fixed(warmer, 1)} up`,
				holds: gained >= 0.85 && gained <= 1.6 && warmer > 0
			};
		}
	},
	{
		start: '5 medium',
		how: 'permanent 6N 20 vol over its own lift',
		expected: 'between 5 and 6',
		compute: () => {
			const head = { naturalLevel: 5, texture: 'medium' } as const;
			const [after] = predictLift(natural(5), [{ ...permanent, formula: of(6, 'N') }], head);
			return { figure: fixed(after!.level), holds: after!.level > 5 && after!.level < 6 };
		}
	},
	{
		start: 'natural 5',
		how: 'demi 5N 1:2, 20 min',
		expected: '4.3-5',
		compute: () => {
			const after = tone({ pigment: naturalPigment(5, 'neutral') }, of(5, 'N')).level;
			return { figure: fixed(after), holds: within(after, 4.65, 0.35) };
		}
	},
	{
		start: 'two layers of level-3 permanent over 5',
		how: '20 vol 1:2, 45 min',
		expected: '1.5-2.3 levels behind the untouched 5 beside it',
		compute: () => {
			const coloured = fibreOfReading({
				naturalLevel: 5,
				warmth: 'neutral',
				presentLevel: 3,
				artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers: 2 }]
			});
			const behind = lift(natural(5), 5).level - lift(coloured, 5).level;
			return { figure: `${fixed(behind)} behind`, holds: within(behind, 1.9, 0.4) };
		}
	},
	behindByOwnShade(1, [0.2, 0.5]),
	behindByOwnShade(3, [0.9, 1.5]),
	...DARK_COLOUR,
	{
		start: '4 medium',
		how: 'the same lift by 20 vol in longer time as by 40 vol in 25 min',
		expected: 'less wear at 20 vol',
		compute: () => {
			const strong = lift(natural(4), 4, { volume: 40, minutes: 25 });
			let minutes = 25;
			while (lift(natural(4), 4, { minutes }).level < strong.level) minutes++;
			const mild = lift(natural(4), 4, { minutes });
			return {
				figure: `condition ${fixed(mild.condition, 1)} (${minutes} min) against ${fixed(strong.condition, 1)}`,
				holds: mild.condition > strong.condition
			};
		}
	},
	{
		start: 'yellow 9',
		how: '9V demi 1:2, 20 min',
		expected: 'chroma down by 35-50 %, at most 0.35 level deeper',
		compute: () => {
			const raw = lifted(9);
			const { lab, levelShift } = tone(raw, of(9, 'V'));
			const drop = chromaDrop(rawLab(raw), lab);
			const turned = hueOf(lab) - hueOf(rawLab(raw));
			return {
				figure: `chroma −${percent(drop)}, hue ${fixed(turned, 1)}°, ${fixed(levelShift)}`,
				holds: drop >= 0.35 && drop <= 0.5 && levelShift >= -0.35
			};
		}
	},
	{
		start: 'pale yellow 10',
		how: '10V rapid 1:2, 5 min',
		expected: 'chroma down by a fifth or more, at most 0.5 deeper',
		compute: () => {
			const raw = lifted(10);
			const { lab, levelShift } = tone(raw, of(10, 'V'), { vehicle: 'rapid', minutes: 5 });
			const drop = chromaDrop(rawLab(raw), lab);
			return {
				figure: `chroma −${percent(drop)}, ${fixed(levelShift)}`,
				holds: drop >= 0.2 && levelShift >= -0.5
			};
		}
	},
	{
		start: '5 with half white',
		how: 'untreated',
		expected: 'reads 8-8.6',
		compute: () => {
			const reads = levelOf(labOfMixture(naturalPigment(5, 'neutral'), 0.5));
			return { figure: fixed(reads), holds: within(reads, 8.3, 0.3) };
		}
	},
	{
		start: 'orange 7',
		how: 'dense 9B gloss 1:1, 15 min',
		expected: 'chroma down by 40 % or more, 0.5 deeper or more',
		compute: () => {
			const raw = lifted(7);
			const dense = { vehicle: 'gloss', ratio: 1, minutes: 15 } as const;
			const { lab, levelShift } = tone(raw, of(9, 'B', 2), dense);
			const drop = chromaDrop(rawLab(raw), lab);
			return {
				figure: `chroma −${percent(drop)}, ${fixed(levelShift)}`,
				holds: drop >= 0.4 && levelShift <= -0.5
			};
		}
	},
	{
		start: 'orange 7',
		how: '10V demi',
		expected: 'chroma changes by less than 20 %',
		compute: () => {
			const raw = lifted(7);
			const drop = chromaDrop(rawLab(raw), tone(raw, of(10, 'V')).lab);
			return { figure: `chroma −${percent(drop)}`, holds: Math.abs(drop) < 0.2 };
		}
	},
	{
		start: 'orange 7',
		how: '8V alone against 8B alone, same strength',
		expected: 'blue brings a* down further',
		compute: () => {
			const a = (letters: string) => tone(lifted(7), of(8, letters)).lab.a;
			return {
				figure: `a* ${fixed(a('B'), 1)} by blue, ${fixed(a('V'), 1)} by violet`,
				holds: a('B') < a('V')
			};
		}
	},
	{
		start: 'red 4-5',
		how: '4NM demi, 20 min',
		expected: 'a* down by half',
		compute: () => {
			const raw = { pigment: { eumelanin: 2.2, pheomelanin: 2.2 } };
			const before = rawLab(raw);
			const after = tone(raw, of(4, 'NM')).lab;
			return {
				figure: `level ${fixed(levelOf(before), 1)}, a* ${fixed(before.a, 1)} to ${fixed(after.a, 1)}`,
				holds: within(levelOf(before), 5, 0.5) && after.a < before.a * 0.55
			};
		}
	},
	ashOnPale(8),
	ashOnPale(5),
	{
		start: 'pale yellow 10',
		how: '6N demi 1:2, 20 min',
		expected: '6.5-7.3',
		compute: () => {
			const after = tone(lifted(10), of(6, 'N')).level;
			return { figure: fixed(after), holds: within(after, 6.9, 0.4) };
		}
	},
	{
		start: 'raw 8.5',
		how: '3N demi 1:1, 25 min',
		expected: '3.2-4: near black',
		compute: () => {
			const after = tone(lifted(8.5), of(3, 'N'), { ratio: 1, minutes: 25 }).level;
			return { figure: fixed(after), holds: within(after, 3.6, 0.4) };
		}
	},
	{
		start: 'yellow-orange 8',
		how: '8NA demi 1:2, 20 min',
		expected: 'chroma down by a quarter or more, at most 0.5 deeper',
		compute: () => {
			const raw = lifted(8);
			const { lab, levelShift } = tone(raw, of(8, 'NA'));
			const drop = chromaDrop(rawLab(raw), lab);
			return {
				figure: `chroma −${percent(drop)}, ${fixed(levelShift)}`,
				holds: drop >= 0.25 && levelShift >= -0.5
			};
		}
	},
	condition(
		'9.5 medium',
		'40 vol, 60 min',
		'condition 35-48',
		[35, 48],
		() => lift(natural(9.5), 9.5, { volume: 40, minutes: 60 }).condition
	),
	condition('1 medium', '30 vol 45 min, twice', 'condition about 64', [59, 69], () => {
		const head = { naturalLevel: 1, texture: 'medium' } as const;
		return predictLift(natural(1), times(2, { volume: 30 }), head).at(-1)!.condition;
	}),
	condition('1 medium', '30 vol 45 min, three times', 'condition about 35 (stop)', [30, 40], () => {
		const head = { naturalLevel: 1, texture: 'medium' } as const;
		return predictLift(natural(1), times(3, { volume: 30 }), head).at(-1)!.condition;
	}),
	{
		start: 'white hair',
		how: 'permanent 6N 1:1, 35 min',
		expected: '6 ± 0.3',
		compute: () => {
			const white = { pigment: { eumelanin: 0, pheomelanin: 0 } };
			const conditions = { vehicle: 'permanent', ratio: 1, minutes: 35 } as const;
			const after = tone(white, of(6, 'N'), conditions).level;
			return { figure: fixed(after), holds: within(after, 6, 0.3) };
		}
	},
	{
		start: '1 neutral',
		how: 'the lift path, at 4, 5, 6, 7, 8, 9 and 10',
		expected: 'red, red-orange, orange, orange, yellow-orange, yellow, pale yellow',
		compute: () => {
			const names = [4, 5, 6, 7, 8, 9, 10].map((at) => {
				const fibre: Fibre = { ...pigmentOnPath(1, 'neutral', at), layers: [] };
				return within(levelOfFibre(fibre), at, 0.01) ? undertoneOf(labOfFibre(fibre)).name : 'off';
			});
			return {
				figure: names.join(', '),
				holds:
					names.join(', ') === 'red, red-orange, orange, orange, yellow-orange, yellow, pale yellow'
			};
		}
	}
];

/** The rows with their figures as a Markdown table, for docs/model.md. */
export function calibrationTable(): string {
	const rows = EVERYDAY.map(({ start, how, expected, compute }) => {
		const { figure, holds } = compute();
		return `| ${start} | ${how} | ${expected} | ${figure} | ${holds ? 'yes' : 'NO'} |`;
	});
	return [
		'| start | how | what colourists see | the model | holds |',
		'| --- | --- | --- | --- | --- |',
		...rows
	].join('\n');
}
