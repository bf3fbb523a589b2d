import { deltaE, levelOf } from '../../colour';
import type { Chance } from '../../numeric';
import { labOfFibre } from '../../lift';
import {
	previewTone,
	readCode,
	targetLab,
	warmthKept,
	type Direction,
	type FormulaPart
} from '../../tone';
import { liftedTo, lightOf, shuffled, someOf, strandOf, within } from '../draw';
import type { Question, Rung } from '../question';

const DIRECTIONS = ['neutral', 'beige', 'ash', 'pearl'] as const satisfies readonly Direction[];
const LEVELS = ['7', '8', '9', '10'] as const;
export const TONER_MATTERS = LEVELS.flatMap((level) => DIRECTIONS.map((way) => `${way} ${level}`));

/** Shades of a demi that a trolley holds, by their tone; what they do is the engine's to say. */
const TONES = ['N', 'V', 'B', 'BV', 'P', 'A', 'G', 'C', 'M', 'NA'] as const;
const CONDITIONS = { vehicle: 'demi', ratio: 2, minutes: 20, porosity: 'normal' } as const;
/** ΔE by which the best of four must be nearer than the next, by rung. */
const APART: Readonly<Record<Rung, number>> = { 1: 9, 2: 6, 3: 4, 4: 2.5, 5: 1.5 };
const TRIES = 300;

/** Which of four toners comes nearest to what is wished, on this strand. */
export function tonerQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const [direction, at] = matter.split(' ') as [Direction, string];
	const level = Number(at);
	for (let i = 0; i < TRIES; i++) {
		const fibre = liftedTo(level + within(-0.2, 0.4, chance), within(2, 5.5, chance), 'neutral');
		const raw = labOfFibre(fibre);
		const wished = targetLab(
			{ level: level - 0.3, direction, keepWarmth: warmthKept(direction) },
			raw
		);
		const formulas = someOf(TONES, 4, chance).map((tone): readonly FormulaPart[] => {
			const own = Math.min(10, Math.max(5, level - chance.oneOf([-1, 0, 0, 1])));
			return [
				{ level: own, tone, grams: 20 },
				...(chance.uniform() < 0.3 ? [{ clear: true as const, grams: 20 }] : [])
			];
		});
		const outcomes = formulas.map((parts) => {
			const toned = previewTone({ pigment: fibre }, parts, CONDITIONS);
			return { lab: toned.lab, level: toned.level, off: deltaE(toned.lab, wished) };
		});
		const ranked = outcomes.map(({ off }) => off).sort((p, q) => p - q);
		const good = ranked[0]! < GOOD && ranked[1]! - ranked[0]! > APART[rung];
		if (!good && i < TRIES - 1) continue;
		const best = outcomes.findIndex(({ off }) => off === ranked[0]);
		return {
			lesson: 'toner',
			matter,
			rung,
			seed,
			light: lightOf(rung, chance),
			strands: [strandOf([raw], chance)],
			ask: { lesson: 'toner', level, direction, formulas },
			answer: { form: 'choice', options: ['1', '2', '3', '4'], right: String(best + 1) },
			because: { lesson: 'toner' },
			explained: [
				{ of: 'wished', labs: [wished], level: levelOf(wished) },
				...outcomes.map(({ lab, level: to, off }, k) => ({
					of: String(k + 1),
					labs: [lab],
					level: to,
					off
				}))
			]
		};
	}
	throw new RangeError(`no toners for ${matter}`);
}
/** As near as a toner that one would choose must come, ΔE. */
const GOOD = 10;

/** Two invented lines: what the same sign means is each line's own. */
export const PRACTICE_LINES = {
	Saltern: { '0': 'N', '1': 'B', '2': 'V', '3': 'G', '4': 'C', '5': 'M', '6': 'R', '7': 'A' },
	Wharf: { '0': 'N', '1': 'M', '2': 'V', '3': 'G', '4': 'R', '6': 'C', '8': 'B', '9': 'A' }
} as const satisfies Readonly<Record<string, Readonly<Record<string, string>>>>;
export const CODE_MATTERS = Object.entries(PRACTICE_LINES).flatMap(([line, key]) =>
	Object.keys(key).map((sign) => `${line} ${sign}`)
);

/** What a shade's code means by its own line's key. */
export function codeQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const [line, sign] = matter.split(' ') as [keyof typeof PRACTICE_LINES, string];
	const key: Readonly<Record<string, string>> = PRACTICE_LINES[line];
	const other: Readonly<Record<string, string>> =
		PRACTICE_LINES[line === 'Saltern' ? 'Wharf' : 'Saltern'];
	const level = chance.oneOf([5, 6, 7, 8, 9]);
	const second = chance.oneOf(Object.keys(key).filter((each) => each !== '0' && each !== sign));
	const signs = sign === '0' || rung <= 2 ? sign : `${sign}${second}`;
	const code = `${level}.${signs}`;
	const read = readCode(code, key);
	if (!read.ok) throw new RangeError(`the code ${code} is not read`);
	const elsewhere = readCode(code, other);
	const wrongTone = elsewhere.ok ? elsewhere.tone : 'N';
	const right = `${read.level} ${read.tone}`;
	const tones = shuffled([...new Set(Object.values(key))], chance);
	const options = new Set<string>([
		right,
		...(wrongTone === read.tone ? [] : [`${read.level} ${wrongTone}`]),
		// Taken the wrong way round: what comes first is the stronger.
		...(read.tone.length === 2 ? [`${read.level} ${[...read.tone].reverse().join('')}`] : [])
	]);
	for (const tone of tones) {
		if (options.size >= 4) break;
		options.add(`${read.level} ${tone}`);
	}
	return {
		lesson: 'code',
		matter,
		rung,
		seed,
		light: 'daylight',
		strands: [],
		ask: { lesson: 'code', code, line, key, level: read.level, tone: read.tone },
		answer: { form: 'choice', options: shuffled([...options].slice(0, 4), chance), right },
		because: { lesson: 'code', level: read.level, tone: read.tone, otherTone: wrongTone }
	};
}
