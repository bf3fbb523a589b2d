import type {
	Consequence,
	HeadRate,
	NextAct,
	RinseStep,
	SectionCheck,
	SectionState,
	Shift,
	TapAct
} from '../core/work';
import { CHECK } from '../core/work';
import { formatLevel } from '../core/hair';
import { PLAN, type DryVerdict } from '../core/plan';
import type { CHECK_WORDS, HEATS, SCALP_FEELS, STRETCHES } from '../core/vocabulary';
import type { SectionNamer } from './bowls';

/** What comes off together, from the first of it to the last in the order of the work. */
export function blockWords(of: NonNullable<NextAct['of']>, nameOf: SectionNamer): string {
	const names = [...new Set(of.map(({ section }) => nameOf(section)))];
	return names.length < 3 ? names.join(' and ') : `${names[0]!} to ${names.at(-1)!}`;
}

/** What is to be done, as one says it across the room. */
export function actWords({ act, section, bowl, of }: NextAct, nameOf: SectionNamer): string {
	const name = section === undefined ? '' : nameOf(section);
	const WORDS = {
		mix: `Mix bowl ${bowl}`,
		putOn: `Put on ${name}`,
		beOn: `Putting on ${name}`,
		check: `Check ${name}`,
		ready: `Look at ${name}`,
		takeOff: `Take ${name} off`,
		rinse: `Rinse ${of ? blockWords(of, nameOf) : name}`,
		open: `Open ${name}: it is hot`
	} as const;
	return WORDS[act];
}

/**
 * When it is to be done, seen from now.
 * @param minutes until then; negative: it was due already
 */
export function dueWords(minutes: number, act?: NextAct['act']): string {
	const whole = Math.round(minutes);
	if (act === 'beOn') {
		if (whole > 0) return `on in ${whole} min`;
		return -minutes < CHECK.forgottenMinutes ? 'to be on now' : `is it on? ${-whole} min late`;
	}
	if (whole > 0) return `in ${whole} min`;
	return whole < -1 ? `now, ${-whole} min late` : 'now';
}

/** What is done at the basin. */
export const RINSE_WORDS: Readonly<
	Record<RinseStep, { readonly name: string; readonly say: string }>
> = {
	water: {
		name: 'Lukewarm water',
		say: 'Lukewarm, until nothing runs out; no nails on the scalp.'
	},
	chelate: { name: 'Chelate', say: 'Chelate, for the water at home.' },
	shampoo: { name: 'Shampoo', say: 'A gentle shampoo, with the flat of the fingers.' },
	shampooAgain: { name: 'Shampoo again', say: 'A second gentle shampoo, until it feels clean.' }
};

/** Where a section stands, in a word or two. */
export const STATE_WORDS: Readonly<Record<SectionState, string>> = {
	waiting: 'waits',
	puttingOn: 'being put on',
	on: 'on',
	check: 'check it',
	ready: 'look now',
	overdue: 'past its limit',
	wiped: 'wiped',
	off: 'off'
};

/** What was done to a section, after its name. */
export const DONE_WORDS: Readonly<Record<TapAct, string>> = {
	on: 'is on',
	longer: 'lies 5 min longer',
	recoat: 'is coated anew',
	open: 'is open',
	cover: 'is covered',
	cap: 'is under a cap',
	wipe: 'is wiped off',
	acidStop: 'is stopped',
	off: 'is off'
};

/** What may be done with a section, as it is asked for. */
export function choiceWords({ act, volume }: Pick<Consequence, 'act' | 'volume'>): string {
	const WORDS: Readonly<Record<NonNullable<Consequence['act']>, string>> = {
		longer: 'Leave it 5 min more',
		recoat: `Coat it anew, fresh ${volume} vol`,
		open: 'Open it',
		cover: 'Cover it',
		cap: 'Put a cap over it',
		wipe: 'Wipe it off',
		acidStop: 'Wipe it, with an acid stop',
		off: 'Rinse it alone, now'
	};
	return act === undefined ? 'As it lies' : WORDS[act];
}

/** What is to be minded before something is done; nothing where nothing is. */
export function choiceCaution({ act }: Pick<Consequence, 'act'>): string {
	switch (act) {
		case 'cap':
			return 'Under a cap the head warms it: look every five minutes, ask about the scalp.';
		case 'cover':
			return 'Covered it stays damp and works faster: look sooner.';
		case 'recoat':
			return 'A fresh bowl is another application: on what lags alone, never over what is ready.';
		case 'longer':
			return 'Feel the stretch before you leave it.';
		default:
			return '';
	}
}

/** The three answers of a look. */
export const LOOK_WORDS: Readonly<Record<(typeof CHECK_WORDS)[number], string>> = {
	lags: 'lags',
	asPlanned: 'as planned',
	ready: 'ready'
};

const named = <V extends string>(words: Readonly<Record<V, string>>) =>
	(Object.keys(words) as V[]).map((value) => ({ value, label: words[value] }));

/** What may be told of a look beside its colour. */
export const STRETCH_OPTIONS = named<(typeof STRETCHES)[number]>({
	springs: 'springs back',
	slow: 'slow',
	limp: 'limp'
});
export const HEAT_OPTIONS = named<(typeof HEATS)[number]>({
	cool: 'cool',
	warm: 'warm',
	hot: 'hot'
});
export const SCALP_OPTIONS = named<(typeof SCALP_FEELS)[number]>({
	calm: 'calm',
	tingles: 'tingles',
	burns: 'burns'
});

/** What was seen of a section, after its name: “lags”, “is ready”, “is at 8.5”. */
export function checkWords({ word, level }: Partial<Pick<SectionCheck, 'word' | 'level'>>): string {
	if (level !== undefined) return `is at ${formatLevel(level)}`;
	if (word === undefined) return 'was looked at';
	return word === 'lags' ? 'lags' : `is ${LOOK_WORDS[word]}`;
}

/** Changes of less than this are as expected, percent. */
const SAME_PERCENT = 3;

/** How fast the head lifts by its checks: “12 % slower than expected (± 17 %; before the checks ± 22 %)”. */
export function rateWords({ before, head }: Pick<HeadRate, 'before' | 'head'>): string {
	const percent = Math.round(100 * (Math.exp(head.mean - before.mean) - 1));
	const sure = (sd: number) => `±\u00a0${Math.round(100 * sd)}\u00a0%`;
	const gain = `(${sure(head.sd)}; before the checks ${sure(before.sd)})`;
	if (Math.abs(percent) < SAME_PERCENT) return `lifts as expected ${gain}`;
	return `lifts ${Math.abs(percent)} % ${percent < 0 ? 'slower' : 'faster'} than expected ${gain}`;
}

/** When things come off otherwise, were the plan bent: “nape to back 3 off at 14:32, 6 min later”. */
export const shiftWords = (
	{ of, minute, later }: Shift,
	nameOf: SectionNamer,
	timeOf: (minute: number) => string
): string =>
	`${blockWords(of, nameOf)} off at ${timeOf(minute)}, ${Math.abs(Math.round(later))} min ${later > 0 ? 'later' : 'sooner'}`;

/** Whether hair can take more today, in a sentence with its reason. */
export function verdictWords(verdict: DryVerdict): string {
	if (verdict.kind === 'enough') return 'It is where it was to be. Enough: tone it.';
	const zones = verdict.zones.join(' and ');
	if (verdict.kind === 'more')
		return `The ${zones} lag. This hair can take more today: the same once more would bring ${formatLevel(verdict.level)} and leave condition ${Math.round(verdict.condition)}.`;
	const WHY = {
		stretch: 'wet, it stretches and does not spring back',
		condition: `it would be left at condition ${Math.round(verdict.condition ?? 0)}, under ${PLAN.minCondition}`,
		gain: 'the same once more would bring next to nothing'
	} as const;
	return `The ${zones} lag. This hair can not take more today: ${WHY[verdict.why]}. Tone it deeper, or plan another visit.`;
}
