import { levelOf, NEUTRALISERS, undertoneOf, type Lab, type UndertoneName } from '../../colour';
import { naturalPigment } from '../../hair';
import { labOfFibre, lightenFibre } from '../../lift';
import { UNDERTONES, WARMTHS } from '../../vocabulary';
import type { Chance } from '../../numeric';
import {
	greyOfLevel,
	labLiftedTo,
	lightOf,
	naturalLab,
	shuffled,
	someOf,
	strandOf,
	within
} from '../draw';
import type { Question, Rung } from '../question';

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
): { readonly lab: Lab; readonly level: number } {
	for (let i = 0; i < TRIES; i++) {
		const natural = within(1.5, 5, chance);
		const start = { ...naturalPigment(natural, chance.oneOf(WARMTHS)), layers: [] };
		// As evenly over the way that hair lifts as it falls; most of the way is over soon.
		const lab = labOfFibre(lightenFibre(start, MOST_DOSE * chance.uniform() ** 2));
		if (levelOf(lab) < natural + 0.7 || levelOf(lab) > 10.6) continue;
		const found = undertoneOf(lab);
		if (found.name !== name) continue;
		const edge = rung >= 4;
		const near = [-4, 4].some((turn) => undertoneOf(turned(lab, turn)).name !== name);
		if (near === edge || i > TRIES / 2) return { lab, level: levelOf(lab) };
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
		because: { lesson: 'undertone', name, against: NEUTRALISERS[name] }
	};
}

const AGAINST = ['violet', 'blue-violet', 'blue', 'blue-green', 'green', 'red'] as const;

/** What stands against an undertone on the wheel. */
export function wheelQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const { lab } = hairOfUndertone(matter, rung, chance);
	const { name, neutraliser } = undertoneOf(lab);
	const wrong = AGAINST.filter((each) => each !== neutraliser);
	const options = new Set<string>([neutraliser, ...someOf(wrong, rung <= 2 ? 2 : 3, chance)]);
	return {
		lesson: 'wheel',
		matter,
		rung,
		seed,
		light: lightOf(rung, chance),
		strands: [strandOf([lab], chance)],
		ask: { lesson: 'wheel', undertone: name, named: rung <= 2 },
		answer: {
			form: 'choice',
			options: AGAINST.filter((each) => options.has(each)),
			right: neutraliser
		},
		because: { lesson: 'wheel', name, against: neutraliser }
	};
}
