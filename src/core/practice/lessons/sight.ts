import {
	depthOfLevel,
	hueOf,
	levelOf,
	lightnessOfDepth,
	NEUTRALISERS,
	undertoneOf,
	undertoneSpan,
	type Lab,
	type UndertoneName
} from '../../colour';
import { naturalPigment } from '../../hair';
import { labOfFibre, lightenFibre, type Fibre } from '../../lift';
import { previewTone, rawLab, type RawHair } from '../../tone';
import { UNDERTONES, WARMTHS } from '../../vocabulary';
import type { Chance } from '../../numeric';
import {
	greyOfLevel,
	labLiftedTo,
	lightOf,
	naturalLab,
	offNatural,
	shuffled,
	someOf,
	strandOf,
	within
} from '../draw';
import type { Explained, Question, Rung } from '../question';

/** Stretches of the scale, in grey and as hair: an eye that is sure of the one may not be of the other. */
export const LEVEL_MATTERS = ['2-4', '4-6', '6-8', '8-10'].flatMap((span) => [
	`grey ${span}`,
	`hair ${span}`
]);
export const UNDERTONE_MATTERS: readonly string[] = UNDERTONES;

const NATURAL = ['ash', 'neutral', 'golden'] as const;
/** Levels between two strands, by rung: a master tells half a level, and less. */
const GAPS: Readonly<Record<Rung, number>> = { 1: 2, 2: 1.2, 3: 0.75, 4: 0.5, 5: 0.3 };

function spanOf(matter: string): { grey: boolean; from: number; to: number } {
	const [kind, span = '2-4'] = matter.split(' ');
	const [from, to] = span.split('-').map(Number) as [number, number];
	return { grey: kind === 'grey', from, to };
}

/** Hair of a level as it may sit in the chair: natural, or lightened from somewhere below. */
function hairOfLevel(level: number, chance: Chance): Lab {
	if (level < 6 || chance.uniform() < 0.4) return naturalLab(level, chance.oneOf(NATURAL));
	return labLiftedTo(level, within(2, level - 2, chance), chance.oneOf(WARMTHS));
}

/** Which of two strands is deeper. */
export function deeperQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const { grey, from, to } = spanOf(matter);
	const gap = GAPS[rung];
	const middle = within(Math.max(from, 1 + gap / 2), Math.min(to, 10 - gap / 2), chance);
	const labs = shuffled([middle - gap / 2, middle + gap / 2], chance).map((level) =>
		grey ? greyOfLevel(level) : hairOfLevel(level, chance)
	);
	const levels = labs.map((lab) => levelOf(lab));
	return {
		lesson: 'deeper',
		matter,
		rung,
		seed,
		light: lightOf(rung, chance),
		strands: labs.map((lab) => strandOf([lab], chance)),
		ask: { lesson: 'deeper' },
		answer: {
			form: 'choice',
			options: ['left', 'right'],
			right: levels[0]! < levels[1]! ? 'left' : 'right'
		},
		because: { lesson: 'deeper', levels },
		gap: Math.abs(levels[0]! - levels[1]!)
	};
}

/** Which level a strand has, to half a level. */
export function levelQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const { grey, from, to } = spanOf(matter);
	const level = Math.round(2 * within(from, to, chance)) / 2;
	const lab = grey ? greyOfLevel(level) : hairOfLevel(level, chance);
	return {
		lesson: 'level',
		matter,
		rung,
		seed,
		light: lightOf(rung, chance),
		strands: [strandOf([lab], chance)],
		ask: { lesson: 'level', ladder: rung <= 2 },
		answer: {
			form: 'figure',
			right: Math.round(2 * levelOf(lab)) / 2,
			within: rung === 1 ? 1 : 0.5,
			unit: 'level',
			step: 0.5,
			max: 12
		},
		because: { lesson: 'level', levels: [levelOf(lab)] }
	};
}

/** Hair whose undertone goes by a name, well inside it for beginners and near its edge for masters. */
function hairOfUndertone(
	name: string,
	rung: Rung,
	chance: Chance
): { readonly lab: Lab; readonly level: number; readonly fibre: Fibre } {
	for (let i = 0; i < TRIES; i++) {
		const natural = within(1.5, 5, chance);
		const start = { ...naturalPigment(natural, chance.oneOf(WARMTHS)), layers: [] };
		// As evenly over the way that hair lifts as it falls; most of the way is over soon.
		const fibre = lightenFibre(start, MOST_DOSE * chance.uniform() ** 2);
		const lab = labOfFibre(fibre);
		if (levelOf(lab) < natural + 0.7 || levelOf(lab) > 10.6) continue;
		const found = undertoneOf(lab);
		if (found.name !== name) continue;
		const edge = rung >= 4;
		const near = [-4, 4].some((turn) => undertoneOf(turned(lab, turn)).name !== name);
		if (near === edge || i > TRIES / 2) return { lab, level: levelOf(lab), fibre };
	}
	throw new RangeError(`no hair shows the undertone ${name}`);
}
const TRIES = 1500;
/** Past this dose nothing warm is left of any hair. */
const MOST_DOSE = 12;
/** A colour at another hue, degrees on. */
function turned({ l, a, b }: Lab, degrees: number): Lab {
	const angle = (degrees * Math.PI) / 180;
	return {
		l,
		a: a * Math.cos(angle) - b * Math.sin(angle),
		b: a * Math.sin(angle) + b * Math.cos(angle)
	};
}

/** A colour at the middle of another undertone, as deep and as strong. */
function atHueOf(lab: Lab, name: UndertoneName): Lab {
	const { from, to } = undertoneSpan(name)!;
	return turned(lab, (from + Math.min(to, MOST_HUE)) / 2 - hueOf(lab));
}
const MOST_HUE = 100;

/** Undertones beside one, on the way that hair lifts. */
function neighbours(name: UndertoneName): UndertoneName[] {
	const at = UNDERTONES.findIndex((each) => each === name);
	const near = UNDERTONES.map((each, i) => ({ each, far: Math.abs(i - at) }));
	return near
		.filter(({ far }) => far > 0)
		.sort((p, q) => p.far - q.far)
		.map(({ each }) => each);
}

/** Which undertone lies bare, whatever the brief hopes. */
export function undertoneQuestion(
	matter: string,
	rung: Rung,
	seed: number,
	chance: Chance
): Question {
	const { lab, level } = hairOfUndertone(matter, rung, chance);
	const { name } = undertoneOf(lab);
	const others = neighbours(name);
	const options = [name, ...(rung <= 2 ? others.slice(-3) : others.slice(0, 3))];
	// Whoever hopes for blonde sees it paler than it is.
	const wished =
		UNDERTONES[Math.min(UNDERTONES.length - 1, UNDERTONES.indexOf(name as never) + 1)]!;
	return {
		lesson: 'undertone',
		matter,
		rung,
		seed,
		light: lightOf(rung, chance),
		strands: [strandOf([lab], chance)],
		ask: { lesson: 'undertone', wished, level },
		answer: {
			form: 'choice',
			options: UNDERTONES.filter((each) => options.includes(each)),
			right: name
		},
		because: { lesson: 'undertone', name, against: NEUTRALISERS[name] },
		explained: UNDERTONES.filter((each) => options.includes(each)).map((each) => ({
			of: each,
			labs: [each === name ? lab : atHueOf(lab, each)],
			level
		}))
	};
}

/** Tones of a demi that stand for a hue of the wheel. */
const TONE_OF: Readonly<Record<string, string>> = {
	violet: 'V',
	'blue-violet': 'BV',
	blue: 'B',
	'blue-green': 'BM',
	green: 'M',
	red: 'R'
};
/** Shares of a bowl that are toner, the rest clear: the one that comes nearest to natural hair is shown. */
const SHARES = [0.04, 0.08, 0.12, 0.2, 0.3, 0.45, 0.7, 1] as const;
/** What a toner of some hue makes of a strand at its best: as deep as the strand, with as much clear as it takes. */
function tonedWith(option: string, hair: RawHair): Explained {
	const level = Math.min(10, Math.max(4, Math.round(levelOf(rawLab(hair)))));
	const [best] = SHARES.map((share) =>
		previewTone(
			hair,
			[
				{ level, tone: TONE_OF[option] ?? 'N', form: 'pure', grams: 30 * share },
				{ clear: true, grams: 30 * (1 - share) }
			],
			DEMI
		)
	).sort((p, q) => offNatural(p.lab) - offNatural(q.lab));
	return { of: option, labs: [best!.lab], level: best!.level };
}
const DEMI = { vehicle: 'demi', ratio: 1.5, minutes: 20 } as const;

const AGAINST = ['violet', 'blue-violet', 'blue', 'blue-green', 'green', 'red'] as const;

/** Hair of an undertone; red is what an old red has left in it, for no pigment of hair is as red as that. */
function hairForWheel(matter: string, rung: Rung, chance: Chance): RawHair {
	const natural = within(2, 5, chance);
	if (matter !== 'red' && matter !== 'red-orange')
		return { pigment: hairOfUndertone(matter, rung, chance).fibre };
	const pigment = lightenFibre(
		{ ...naturalPigment(natural, 'neutral'), layers: [] },
		within(0.5, 5, chance)
	);
	const level = Math.round(levelOf(labOfFibre(pigment)));
	const { dyes } = previewTone(
		{ pigment },
		[
			{
				level: Math.min(10, Math.max(3, level)),
				tone: 'R',
				form: 'pure',
				grams: 30 * chance.uniform()
			},
			{ clear: true, grams: 30 }
		],
		DEMI
	);
	return { pigment, dye: dyes };
}

/** What the wheel names may leave so much more than the best hue there is, in a* and b*. */
const NEAR_BEST = 2.6;
/** A wrong hue leaves this much more, so that the strand says so too. */
const WORSE = 1;
const WHEEL_TRIES = 500;

/** What stands against an undertone on the wheel; asked only of strands on which it does. */
export function wheelQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	for (let i = 0; i < WHEEL_TRIES; i++) {
		const hair = hairForWheel(matter, rung, chance);
		const lab = rawLab(hair);
		const { name, neutraliser } = undertoneOf(lab);
		if (name !== matter) continue;
		const toned = AGAINST.map((each) => ({ each, shown: tonedWith(each, hair) }));
		const left = (of: string) => offNatural(toned.find(({ each }) => each === of)!.shown.labs[0]!);
		const best = Math.min(...AGAINST.map(left));
		const worse = AGAINST.filter((each) => left(each) > left(neutraliser) + WORSE);
		if (left(neutraliser) > best + NEAR_BEST || worse.length < 2) continue;
		const options = new Set<string>([neutraliser, ...someOf(worse, rung <= 2 ? 2 : 3, chance)]);
		const offered = AGAINST.filter((each) => options.has(each));
		return {
			lesson: 'wheel',
			matter,
			rung,
			seed,
			light: lightOf(rung, chance),
			strands: [strandOf([lab], chance)],
			ask: { lesson: 'wheel', undertone: name, named: rung <= 2 },
			answer: { form: 'choice', options: offered, right: neutraliser },
			because: { lesson: 'wheel', name, against: neutraliser },
			explained: toned.filter(({ each }) => options.has(each)).map(({ shown }) => shown)
		};
	}
	throw new RangeError(`nothing stands against ${matter}`);
}

/** The same hair at another level: what somebody took it for. */
export const atLevel = ({ a, b }: Lab, level: number): Lab => ({
	l: lightnessOfDepth(depthOfLevel(level), a, b),
	a,
	b
});
