import { undertoneOf, type UndertoneName } from '../../src/core/colour';
import { formatLevel } from '../../src/core/hair';
import { pigmentOnPath } from '../../src/core/lift';
import {
	isClear,
	rawLab,
	targetLab,
	warmthKept,
	type Direction,
	type DyeName
} from '../../src/core/tone';
import { findToner, type ToneFormula } from '../../src/core/toner';
import { DIRECTIONS } from '../../src/core/vocabulary';

/** A shelf that holds every tone a colourist would reach for, at every level. */
const TONES = ['N', 'NA', 'NM', 'V', 'B', 'BV', 'P', 'A', 'M', 'G', 'C', 'R', 'RC', 'RV'];
const LEVELS = [4, 5, 6, 7, 8, 9, 10];
const SHELF = TONES.flatMap((tone) =>
	LEVELS.map((level) => ({ id: `${level}${tone}`, level, tone, vehicle: 'demi' as const }))
);

type Warmth = Exclude<UndertoneName, 'none' | 'green'>;
/** The dye that leads in a formula; a natural shade has no tone of its own. */
type Lead = DyeName | 'natural';

/** Directions that take warmth, that stand in a place of their own, and that add to it. */
const TAKES: readonly Direction[] = ['neutral', 'beige', 'ash', 'pearl'];

/**
 * What an experienced colourist would let lead the first formula (craft: opposites on the wheel). On red and
 * red-orange a balanced natural shade serves too: it holds some ash.
 */
const AGAINST: Readonly<Record<Warmth, readonly Lead[]>> = {
	red: ['green', 'blue', 'natural'],
	'red-orange': ['blue', 'green', 'natural'],
	orange: ['blue', 'violet'],
	'yellow-orange': ['violet', 'blue'],
	yellow: ['violet'],
	'pale yellow': ['violet']
};
const ADDS: Readonly<Partial<Record<Direction, readonly Lead[]>>> = {
	copper: ['red', 'orange'],
	rose: ['red', 'violet']
};

/** Dyes that have to be in it, whichever leads: blue against orange, both between orange and yellow. */
const HOLDS: Readonly<Partial<Record<Warmth, readonly DyeName[]>>> = {
	orange: ['blue'],
	'yellow-orange': ['blue', 'violet']
};

/** A hair and an aim, with what was found first. */
export interface FirstChoice {
	readonly lifted: number;
	readonly undertone: Warmth;
	readonly direction: Direction;
	readonly formula: ToneFormula;
	/** Whether it is one that an experienced colourist would have reached for. */
	readonly expert: boolean;
	readonly lead: Lead;
}

const leadOf = ({ why }: ToneFormula): Lead =>
	why.kind === 'dyes' ? (why.shares[0]?.dye ?? 'natural') : 'natural';
const holds = ({ why }: ToneFormula, dye: DyeName): boolean =>
	why.kind === 'dyes' && why.shares.some((share) => share.dye === dye);

const known = new Map<string, FirstChoice>();

/** The first toner, not the choice to leave it, for hair lifted from natural 3, a quarter of a level deeper. */
export function firstChoice(lifted: number, direction: Direction): FirstChoice {
	const key = `${lifted} ${direction}`;
	const choice = known.get(key) ?? chosen(lifted, direction);
	known.set(key, choice);
	return choice;
}

function chosen(lifted: number, direction: Direction): FirstChoice {
	const fibre = { ...pigmentOnPath(3, 'neutral', lifted), layers: [] };
	const raw = { pigment: fibre };
	const lab = rawLab(raw);
	const undertone = undertoneOf(lab).name as Warmth;
	const aim = { level: lifted - 0.25, direction, keepWarmth: warmthKept(direction) };
	const { formulas } = findToner({
		problem: {
			raw,
			target: targetLab(aim, lab),
			shelf: SHELF,
			conditions: { vehicle: 'demi', ratio: 2, minutes: 20 },
			totalGrams: 30
		},
		fibre,
		keepsLevel: true
	});
	const formula = formulas.find(({ parts }) => parts.length > 0) ?? formulas[0]!;
	const lead = leadOf(formula);
	return {
		lifted,
		undertone,
		direction,
		formula,
		lead,
		expert: isExpert(undertone, direction, formula, lead)
	};
}

function isExpert(
	undertone: Warmth,
	direction: Direction,
	formula: ToneFormula,
	lead: Lead
): boolean {
	// Gold is what is left when a little is taken, or a little added: whatever comes close.
	if (direction === 'gold') return formula.close || formula.parts.length === 0;
	const adds = ADDS[direction];
	if (adds) return adds.includes(lead);
	const led = AGAINST[undertone].includes(lead);
	const must = TAKES.includes(direction) ? (HOLDS[undertone] ?? []) : [];
	// Violet and silver ask for more cold than stands against it: blue with or without violet.
	const colder = !TAKES.includes(direction) && (lead === 'violet' || lead === 'blue');
	return (led || colder) && must.every((dye) => holds(formula, dye));
}

/** Levels of raw hair that show each undertone. */
export const LIFTED = [4, 5, 6, 7, 8, 9, 10] as const;

const grams = ({ parts }: ToneFormula): string =>
	parts.length === 0
		? 'none'
		: parts
				.map((part) =>
					isClear(part) ? `clear ${part.grams}` : `${part.level}${part.tone} ${part.grams}`
				)
				.join(' + ');

/** The table of docs/model.md: first formulas by undertone and aim. */
export function firstChoiceTable(): string {
	const head = ['raw hair', ...DIRECTIONS];
	const rows = LIFTED.map((lifted) => {
		const found = DIRECTIONS.map((direction) => firstChoice(lifted, direction));
		return [
			`${formatLevel(lifted)} ${found[0]!.undertone}`,
			...found.map(({ formula }) => `${grams(formula)}${formula.close ? '' : ' ¹'}`)
		];
	});
	const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
	return [line(head), line(head.map(() => '---')), ...rows.map(line)].join('\n');
}
