import {
	causeOfDrawn,
	type Explained,
	type Lesson,
	type Question,
	type SumKind
} from '../core/practice';
import type { Deficiency } from '../core/colour';
import type { EyeByHue } from '../core/learn';
import type { Facts } from '../core/caution';
import { formatLevel, depthName } from '../core/hair';
import { isClear, type FormulaPart } from '../core/tone';
import { LESSONS } from '../core/vocabulary';
import type { SetProblem } from '../schema/practiceSet';
import { cautionTitle, cautionWords } from './cautions';
import { causeWords, FAULT_WORDS } from './cures';
import { ORDER_LABELS, ORDER_REASONS } from './bowls';
import { patchWords, strandWords } from './tests';
import { distanceWords, toneWords } from './tone';
import { AREA_NAMES, formatRatio, labelIn, PRODUCT_OPTIONS } from './words';

/** What is wrong with a file that is no set of questions. */
export function setProblemWords(problem: SetProblem): string {
	switch (problem.code) {
		case 'damaged':
			return 'This file is damaged or no set of questions.';
		case 'newer':
			return 'This set was made by a newer Zelvant.';
		case 'foreign':
			return 'This file is no set of questions.';
		case 'untaught':
			return `This Zelvant does not teach “${problem.matter}”.`;
	}
}

/** What each lesson is called, and what it trains. */
export const LESSON_WORDS: Readonly<
	Record<Lesson, { readonly name: string; readonly line: string }>
> = {
	deeper: { name: 'Which is deeper', line: 'two strands, one eye' },
	level: { name: 'Name the level', line: 'to half a level, in grey and in hair' },
	undertone: { name: 'Name the undertone', line: 'what lies bare, not what is hoped for' },
	ready: { name: 'Is it ready', line: 'rinse, leave, or fresh product' },
	faults: { name: 'What went wrong', line: 'six faults by their look' },
	wheel: { name: 'What stands against it', line: 'the wheel, by heart' },
	toner: { name: 'Which toner', line: 'and what the other three would do' },
	code: { name: 'Read the code', line: 'two lines, two keys' },
	sums: { name: 'Sums of the bowl', line: 'ratios, blends, grams, minutes' },
	order: { name: 'Which goes on first', line: 'orders of work' },
	rinse: { name: 'Which is rinsed first', line: 'strength, start and level' },
	cautions: { name: 'Before this head', line: 'what must be settled first' }
};

/** Lessons by how they are learned. */
export const LESSON_GROUPS = [
	{ name: 'By sight', lessons: ['deeper', 'level', 'undertone', 'ready', 'faults'] },
	{ name: 'By the wheel', lessons: ['wheel', 'toner', 'code'] },
	{ name: 'By sum', lessons: ['sums'] },
	{ name: 'At the chair', lessons: ['order', 'rinse', 'cautions'] }
] as const satisfies readonly { name: string; lessons: readonly Lesson[] }[];

export const LESSON_OPTIONS = LESSONS.map((value) => ({ value, label: LESSON_WORDS[value].name }));

/** How far somebody is, by the share of middling questions that they would have right. */
export function skillWords(share: number, answered: number): string {
	if (answered === 0) return 'not begun';
	if (answered < 5) return 'first tries';
	if (share < 0.35) return 'begins';
	if (share < 0.6) return 'learns';
	return share < 0.85 ? 'sure' : 'a master’s';
}

const partWords = (part: FormulaPart): string =>
	isClear(part) ? `clear ${part.grams} g` : `${part.level}${part.tone} ${part.grams} g`;
const formula = (parts: readonly FormulaPart[]): string => parts.map(partWords).join(' + ');

const grams = (value: number | undefined): string => `${value ?? 0} g`;
type SumFacts = Readonly<Record<string, number>>;
const SUMS: Readonly<Record<SumKind, (f: SumFacts) => string>> = {
	ratio: (f) =>
		`${grams(f['grams'])} of lightener at ${formatRatio(f['ratio'] ?? 1)}: how much developer?`,
	split: (f) =>
		`${grams(f['total'])} of mixture at ${formatRatio(f['ratio'] ?? 1)}: how much of it is lightener?`,
	blend: (f) =>
		`${grams(f['grams'])} of ${f['volume']} vol out of ${f['low']} and ${f['high']}: how much of the ${f['high']}?`,
	strength: (f) =>
		`${grams(f['grams'])} of ${f['low'] === 0 ? 'water' : `${f['low']} vol`} and ${grams(f['other'])} of ${f['high']} vol: how strong?`,
	parts: (f) =>
		`${grams(f['grams'])} of colour, ${f['first']} parts of one to ${f['second']} of the other: how much of the first?`,
	bowls: (f) =>
		`The work takes ${f['minutes']} minutes. A bowl is used up within 20: how many bowls?`,
	mixAt: (f) =>
		`${f['minutes']} minutes of work in ${f['bowls']} equal bowls: at which minute is the last one mixed?`,
	tradeLevel: (f) =>
		`${grams(f['grams'])} of ${f['low']}N with ${grams(f['other'])} of ${f['high']}N: which level is the blend, by the trade’s rule?`
};
const HOW: Readonly<Record<SumKind, string>> = {
	ratio: 'Lightener times the parts of developer.',
	split:
		'All of it, shared by one part of lightener and the parts of developer; rounded up so that no bowl is stinted.',
	blend:
		'The stronger takes the share (wanted − weaker) ÷ (stronger − weaker): the square of the trade.',
	strength: 'Each strength times its grams, over all grams.',
	parts: 'All of it, shared by the sum of the parts.',
	bowls: 'The minutes over 20, and one more for what is left.',
	mixAt: 'Equal bowls, equal minutes: the last begins when all before it are used up.',
	tradeLevel: 'Each level times its grams, over all grams. In truth the darker part weighs more.'
};

/** What is asked, and what else has to be known for it. */
export function questionWords({ ask }: Question): {
	readonly title: string;
	readonly facts: readonly string[];
} {
	switch (ask.lesson) {
		case 'deeper':
			return { title: 'Which of the two is deeper?', facts: [] };
		case 'level':
			return { title: 'Which level is it?', facts: [] };
		case 'undertone':
			return {
				title: 'Which undertone lies bare?',
				facts: [`“It is nearly ${ask.wished} already, isn’t it? I so want it cool.”`]
			};
		case 'wheel':
			return {
				title: ask.named ? `What stands against ${ask.undertone}?` : 'What stands against this?',
				facts: []
			};
		case 'toner':
			return {
				title: `Which toner brings this to ${formatLevel(ask.level - 0.3)} ${ask.direction}?`,
				facts: ['A demi at 1 : 2, 20 minutes.']
			};
		case 'code':
			return {
				title: `${ask.line}: what is ${ask.code}?`,
				facts: [
					`Its key: ${Object.entries(ask.key)
						.map(([sign, tone]) => `${sign} ${toneWords(tone)}`)
						.join(', ')}.`
				]
			};
		case 'sums':
			return { title: SUMS[ask.sum](ask.facts), facts: [] };
		case 'order':
			return {
				title: `Worked ${ORDER_LABELS[ask.order]}: which goes on first?`,
				facts: [
					ask.sections.map(({ area, level }) => `${AREA_NAMES[area]} at ${level}`).join(', ') + '.'
				]
			};
		case 'rinse':
			return {
				title: 'Which is ready first?',
				facts: [`All are to reach ${formatLevel(ask.aim)}, in foil at 1 : 2.`]
			};
		case 'ready':
			return {
				title: `It is to reach ${formatLevel(ask.aim)}. What now?`,
				facts: [
					`Wiped clean after ${ask.minute} minutes under ${ask.volume} vol in foil; the product’s limit is ${ask.limitMinutes} minutes.`
				]
			};
		case 'faults':
			return {
				title: 'What went wrong here?',
				facts: [`It was to be an even ${formatLevel(ask.aim)} beige. Scalp on the left.`]
			};
		case 'cautions':
			return { title: 'What must be settled before this head?', facts: factWords(ask.facts) };
	}
}

/** A head and its plan in short sentences, as somebody tells them. */
function factWords(facts: Facts): string[] {
	const told = [
		`${patchWords(facts.patchTest).replace(/ (until|on) .*/, facts.patchTest.standing === 'valid' ? ' read clean' : ' not readable yet')}, ${strandWords(facts.strandTest)}`,
		...facts.sensitivities.map((what) => SENSITIVE[what] ?? what),
		...(facts.henna ? ['henna last year'] : []),
		...(facts.metallicSalts ? ['a box that “restores grey gradually”'] : []),
		...(facts.oldColour ? ['old box colour in the lengths'] : []),
		facts.scalpIrritated ? 'the scalp is red and scratched' : 'the scalp is calm',
		...(facts.relaxerWeeksAgo === undefined ? [] : [`relaxed ${facts.relaxerWeeksAgo} weeks ago`]),
		...(facts.underSixteen ? ['fifteen years old'] : []),
		`planned: ${labelIn(PRODUCT_OPTIONS, facts.product)} with ${facts.volume} vol ${facts.onScalp ? 'on the scalp' : 'in foil, off the scalp'}, ${facts.minutes} minutes (limit ${facts.limitMinutes})`,
		...(facts.overlapVolume === undefined
			? []
			: [`${facts.overlapVolume} vol drawn over the light lengths`]),
		`condition ${facts.conditionBefore}, expected ${facts.conditionAfter} afterwards`
	];
	return told.map((line) => `${line.slice(0, 1).toUpperCase()}${line.slice(1)}.`);
}
const SENSITIVE: Readonly<Partial<Record<string, string>>> = {
	colourAllergy: 'once swelled up after hair colour',
	persulfateAllergy: 'hives from lightener years ago',
	asthma: 'carries an inhaler',
	blackHenna: 'had a black-henna tattoo on holiday',
	medicine: 'takes a medicine for the skin'
};

const READY_WORDS: Readonly<Record<string, string>> = {
	rinse: 'Rinse: it is there',
	leave: 'Leave it: it will get there',
	fresh: 'Fresh product: this one ends below'
};

/** One of the options, as it is said. */
export function optionWords({ ask }: Question, option: string): string {
	switch (ask.lesson) {
		case 'deeper':
			return option === 'left' ? 'The left' : 'The right';
		case 'toner':
			return formula(ask.formulas[Number(option) - 1] ?? []);
		case 'code': {
			const [level = '', tone = ''] = option.split(' ');
			return `${level} ${toneWords(tone)}`;
		}
		case 'order':
			return AREA_NAMES[option as keyof typeof AREA_NAMES];
		case 'rinse': {
			const section = ask.sections[Number(option) - 1];
			return section
				? `From ${section.level}, ${section.volume} vol, on at minute ${section.onAt}`
				: option;
		}
		case 'ready':
			return READY_WORDS[option] ?? option;
		case 'faults':
			return FAULT_WORDS[option as keyof typeof FAULT_WORDS];
		case 'cautions':
			return option === 'none' ? 'Nothing: go on' : cautionTitle(option).replace(/\.$/, '');
		default:
			return option;
	}
}

/** The right answer, in words. */
export function rightWords(question: Question): string {
	const { answer } = question;
	if (answer.form === 'choice') return optionWords(question, answer.right);
	const value = Math.round(answer.right * 10) / 10;
	return answer.unit === 'level' ? `level ${formatLevel(value)}` : `${value} ${answer.unit}`;
}

const minute = (value: number | undefined): string =>
	value === undefined ? 'never with this mixture' : `minute ${Math.round(value)}`;

/** Why it is so, in sentences. */
export function becauseWords(question: Question): string[] {
	const { because, ask } = question;
	switch (because.lesson) {
		case 'deeper':
			return [`They are ${because.levels.map(formatLevel).join(' and ')}.`];
		case 'level':
			return [`It is ${formatLevel(because.levels[0]!)}, ${depthName(because.levels[0]!)}.`];
		case 'undertone':
			return [
				`It is ${because.name}${ask.lesson === 'undertone' ? ` at ${formatLevel(ask.level)}` : ''}. ${because.against === 'none' ? 'Nothing has to stand against it.' : `${capital(because.against)} stands against it.`}`
			];
		case 'wheel':
			return [`Against ${because.name} stands ${because.against}.`];
		case 'toner':
			// What each of them makes of it is shown.
			return [];
		case 'code': {
			const other = because.otherTone;
			return [
				`Level ${because.level}, ${toneWords(because.tone)}: first the stronger.`,
				...(other === because.tone
					? []
					: [`In the other line the same code would be ${toneWords(other)}.`])
			];
		}
		case 'sums':
			return ask.lesson === 'sums' ? [HOW[ask.sum]] : [];
		case 'order':
			return [
				...(ask.lesson === 'order' ? [ORDER_REASONS[ask.order]] : []),
				`In order: ${because.inOrder.map((area) => AREA_NAMES[area]).join(', ')}.`
			];
		case 'rinse':
			return because.readyAt.map((at, i) => `${i + 1} is ready at ${minute(at)}.`);
		case 'ready':
			return [
				`It is ${formatLevel(because.level)} now and ready at ${minute(because.readyAt)}.`,
				`Left to its limit this mixture ends at ${formatLevel(because.endsAt)}.`
			];
		case 'faults':
			return [
				`From scalp to tips it runs ${[0, 0.33, 0.66, 1].map((at) => formatLevel(because.levels[Math.round(at * (because.levels.length - 1))]!)).join(', ')}.`,
				causeWords(causeOfDrawn(because.fault))
			];
		case 'cautions':
			return because.codes.length === 0
				? ['Nothing here stops or asks. Who stops everybody is no help either.']
				: ask.lesson === 'cautions'
					? because.codes.slice(0, 2).map((code) => {
							const { title, why, todo } = cautionWords({ code, facts: ask.facts });
							return `${title} ${why} ${todo}`;
						})
					: [];
	}
}
const capital = (words: string): string => `${words.slice(0, 1).toUpperCase()}${words.slice(1)}`;

/** What a strand that explains an answer shows. */
export function explainedWords(
	{ lesson }: Question,
	{ of, level, off }: Explained
): { readonly name: string; readonly words: string } {
	const at = formatLevel(level);
	switch (of) {
		case 'wished':
			return { name: 'wished', words: at };
		case 'now':
			return { name: 'now', words: at };
		case 'ready':
			return { name: 'once ready', words: at };
		case 'limit':
			return { name: 'at its limit', words: at };
		case 'seen':
			return { name: 'as it is', words: '' };
		case 'sound':
			return { name: 'as it should be', words: at };
		case 'there':
			return { name: 'as it is', words: '' };
		case 'named':
			return { name: `a ${at}`, words: 'as you named it' };
	}
	if (lesson === 'toner') return { name: of, words: `${at}, ${distanceWords(off ?? 0)}` };
	if (lesson === 'rinse') return { name: of, words: `${at} when the first is ready` };
	if (lesson === 'wheel') return { name: `with ${of}`, words: '' };
	return { name: of, words: '' };
}

/** Light that a strand is looked at in. */
export const LIGHT_WORDS = {
	daylight: 'in daylight',
	lamp: 'under a warm lamp',
	tube: 'under a cold tube',
	dusk: 'at a window at dusk'
} as const satisfies Readonly<Record<Question['light'], string>>;

export const EYE_OPTIONS = [
	{ value: 'usual', label: 'as it is' },
	{ value: 'protan', label: 'without red cones' },
	{ value: 'deutan', label: 'without green cones' },
	{ value: 'tritan', label: 'without blue cones' }
] as const satisfies readonly { value: Deficiency | 'usual'; label: string }[];

const offWords = (off: number): string => {
	const levels = Math.round(10 * Math.abs(off)) / 10;
	return levels === 0 ? 'right on it' : `${levels} too ${off > 0 ? 'light' : 'deep'}`;
};
const hueWords = (places: number | undefined): string =>
	places === undefined || Math.abs(places) < 0.25
		? ''
		: `, named ${places > 0 ? 'yellower' : 'redder'} than it is`;

/** How far somebody reads hair of one undertone, and how far pictures do. */
export function eyeRowWords(own: EyeByHue, picture: EyeByHue | undefined): string {
	const name = own.undertone === 'none' ? 'Hair without warmth' : capital(own.undertone);
	const looks = `${own.looks} look${own.looks === 1 ? '' : 's'}`;
	const also = picture ? ` Pictures: ${offWords(picture.off)}.` : '';
	return `${name}: ${offWords(own.off)}${hueWords(own.hueOff)} (${looks}).${also}`;
}
