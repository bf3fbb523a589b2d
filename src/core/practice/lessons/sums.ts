import {
	blendDeveloper,
	blendStrength,
	keepRatio,
	planBowls,
	shareOut,
	splitByRatio,
	USUAL_STOCK
} from '../../mix';
import { tradeLevel } from '../../tone';
import type { Chance } from '../../numeric';
import type { AnswerForm, Question, Rung, SumKind } from '../question';

export const SUM_MATTERS = [
	'ratio',
	'split',
	'blend',
	'strength',
	'parts',
	'bowls',
	'mixAt',
	'tradeLevel'
] as const satisfies readonly SumKind[];

/** Ratios that are easy to reckon, and those that are not. */
const RATIOS: Readonly<Record<Rung, readonly number[]>> = {
	1: [1, 2],
	2: [1, 2, 3],
	3: [1.5, 2, 2.5],
	4: [1.5, 2.5, 1.75],
	5: [1.25, 1.75, 2.25]
};
const GRAMS = (rung: Rung, chance: Chance): number =>
	rung <= 2 ? chance.oneOf([20, 30, 40, 60]) : 15 + Math.floor(chance.uniform() * 60);

interface Sum {
	readonly facts: Readonly<Record<string, number>>;
	readonly right: number;
	readonly unit: Extract<AnswerForm, { form: 'figure' }>['unit'];
	readonly within: number;
}

/** Bowls for some minutes of work. */
const bowlsOf = (minutes: number) =>
	planBowls({ grams: 120, minutes, ratio: 2, volume: 20, stock: USUAL_STOCK }).bowls;

function sumOf(kind: SumKind, rung: Rung, chance: Chance): Sum {
	const ratio = chance.oneOf(RATIOS[rung]);
	const grams = GRAMS(rung, chance);
	switch (kind) {
		case 'ratio': {
			const { developerGrams } = keepRatio({ part: 'lightener', grams }, ratio);
			return { facts: { grams, ratio }, right: developerGrams, unit: 'g', within: 1 };
		}
		case 'split': {
			const total = 2 * grams;
			const { lightenerGrams } = splitByRatio(total, ratio);
			return { facts: { total, ratio }, right: lightenerGrams, unit: 'g', within: 1 };
		}
		case 'blend': {
			const volume = chance.oneOf(rung <= 2 ? [15, 25] : [13, 17, 23, 28]);
			const blend = blendDeveloper(volume, grams, USUAL_STOCK)!;
			const [low, high] = blend.parts.map((part) => part.volume) as [number, number];
			return {
				facts: { volume, grams, low, high },
				right: blend.parts.at(-1)!.grams,
				unit: 'g',
				within: 1
			};
		}
		case 'strength': {
			const low = chance.oneOf([0, 10, 20]);
			const high = low + chance.oneOf([10, 20]);
			const other = GRAMS(rung, chance);
			const right = blendStrength([
				{ volume: low, grams },
				{ volume: high, grams: other }
			]);
			return { facts: { low, high, grams, other }, right, unit: 'vol', within: 1 };
		}
		case 'parts': {
			const [first, second] = [chance.oneOf([1, 2, 3]), chance.oneOf([1, 2, 4, 5])];
			const [right] = shareOut(grams, [first, second], 1);
			return { facts: { grams, first, second }, right: right!, unit: 'g', within: 1 };
		}
		case 'bowls': {
			const minutes = 15 + Math.floor(chance.uniform() * (20 + 12 * rung));
			const bowls = bowlsOf(minutes);
			return { facts: { minutes }, right: bowls.length, unit: 'bowls', within: 0 };
		}
		case 'mixAt': {
			const minutes = 25 + Math.floor(chance.uniform() * (15 + 10 * rung));
			const bowls = bowlsOf(minutes);
			const at = bowls.at(-1)!;
			return {
				facts: { minutes, bowls: bowls.length },
				right: at.mixAtMinute,
				unit: 'min',
				within: 2
			};
		}
		case 'tradeLevel': {
			const low = chance.oneOf([5, 6, 7]);
			const high = low + chance.oneOf([1, 2, 3]);
			const other = GRAMS(rung, chance);
			const right = tradeLevel([
				{ level: low, tone: 'N', grams },
				{ level: high, tone: 'N', grams: other }
			])!;
			return {
				facts: { low, high, grams, other },
				right,
				unit: 'level',
				within: rung <= 2 ? 0.3 : 0.2
			};
		}
	}
}

/** A sum of the mixing bench. */
export function sumQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const sum = matter as SumKind;
	const { facts, right, unit, within } = sumOf(sum, rung, chance);
	return {
		lesson: 'sums',
		matter,
		rung,
		seed,
		light: 'daylight',
		strands: [],
		ask: { lesson: 'sums', sum, facts },
		answer: {
			form: 'figure',
			right,
			within,
			unit,
			step: unit === 'level' ? 0.1 : 1,
			max: unit === 'level' ? 12 : 400
		},
		because: { lesson: 'sums', value: right }
	};
}
