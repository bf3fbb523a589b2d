import type {
	Act,
	Breach,
	HiddenHead,
	Knowable,
	Other,
	Outcome,
	Part,
	Refusal,
	ReviewItem,
	Told,
	Topic
} from '../core/practice';
import { formatLevel } from '../core/hair';
import { HEAD_TOPICS } from '../core/vocabulary';
import { toneWords } from './tone';
import { formatHours } from './words';

export const HEAD_PART_NAMES: Readonly<Record<Part, string>> = {
	back: 'back',
	crown: 'crown',
	sides: 'sides'
};

/** What of a head is told before anybody asks. */
export const briefWords = ({ naturalLevel, texture, warmth, wish, solid }: HiddenHead): string =>
	`${capital(texture)} hair, natural ${formatLevel(naturalLevel)}${warmth === 'neutral' ? '' : ` ${warmth}`}. Wishes ${solid ? 'all of it, from the skin,' : 'foils, off the skin,'} at ${formatLevel(wish.level)} ${wish.direction}. “I never did anything to it.”`;
const capital = (words: string): string => `${words.slice(0, 1).toUpperCase()}${words.slice(1)}`;

const TOPICS: Readonly<Record<Topic, string>> = {
	history: 'What was on it, really?',
	scalp: 'How is your scalp?',
	salts: 'A box against grey, ever?',
	patch: 'The patch test?'
};
export const TOPIC_OPTIONS = HEAD_TOPICS.map((topic) => ({ topic, label: TOPICS[topic] }));

/** What a client answers. */
function answerWords(topic: Topic, head: HiddenHead): string {
	switch (topic) {
		case 'history':
			return head.old
				? `“Well. A box, about a ${formatLevel(head.old.level)}, ${head.old.layers === 1 ? 'once' : `${head.old.layers} times`}, it must still be in the ${head.old.on.join(' and ')}.”`
				: '“Nothing. I would tell you.”';
		case 'scalp':
			return head.stingsAfter === undefined
				? '“Fine, never any trouble.”'
				: '“It stings rather soon, I always say so too late.”';
		case 'salts':
			return head.salts
				? '“One that brings the colour back little by little, yes.”'
				: '“No, never.”';
		case 'patch':
			return 'Behind the ear, three weeks ago, and nothing to be seen.';
	}
}

/** What was told, as it is read. */
export function toldWords(told: Told, head: HiddenHead): string {
	switch (told.told) {
		case 'answer':
			return answerWords(told.topic, head);
		case 'tested':
			return told.hot
				? 'The test strand grew hot and smoked. Off with it.'
				: `The test strand, out of the crown’s ends: 35 minutes of powder with 20 vol took it to ${formatLevel(told.level)}.`;
		case 'seen':
			return `${capital(told.part)}: wiped a strand and looked.`;
		case 'measured':
			return `${capital(told.part)}, ${told.on}: ${formatLevel(told.level)} ${told.undertone === 'none' ? '' : told.undertone} by the reader.`;
		case 'call':
			return `The telephone: ${told.minutes} minutes are gone.`;
		case 'stings':
			return '“It stings. It really stings.”';
		case 'boils':
			return 'The mixture grows hot on the old colour, and smokes.';
		case 'overTime':
			return 'Something has lain longer than 50 minutes.';
	}
}

/** An act in a few words, for the log and for the best run. */
export function actWords(act: Act): string {
	switch (act.act) {
		case 'ask':
			return `asked: ${TOPICS[act.topic]}`;
		case 'read':
			return `read the ${act.stretch} as ${formatLevel(act.level)}`;
		case 'test':
			return 'tried a strand';
		case 'mix':
			return `mixed ${act.grams} g with ${act.volume} vol`;
		case 'apply':
			return `${act.part}: on the ${act.on.join(' and ')}`;
		case 'wait':
			return `waited ${Math.round(act.minutes)} min`;
		case 'check':
			return `looked at the ${act.part}`;
		case 'measure':
			return `reader on the ${act.part}`;
		case 'wipe':
			return `wiped the ${act.part}`;
		case 'rinse':
			return 'rinsed';
		case 'tone':
			return `toned with ${act.level}${act.tone}, ${act.minutes} min`;
		case 'finish':
			return 'finished';
	}
}

export const REFUSAL_WORDS: Readonly<Record<Refusal, string>> = {
	finished: 'This head is finished.',
	noBowl: 'Nothing is mixed yet.',
	bowlTooSmall: 'The bowl holds too little for that: mix another.',
	notLying: 'Nothing lies there.',
	stillLying: 'Lightener still lies on the head.',
	rinsed: 'It is rinsed: lightener goes on no more today.',
	notRinsed: 'Rinse the lightener first.',
	toned: 'It is toned already.',
	alreadyAsked: 'That was done.',
	nothingOn: 'Say what it is to go on.'
};

const BREACHES: Readonly<Record<Breach, string>> = {
	salts: 'Lightener went on metallic salts: it boiled. Ask for boxes, and test a strand.',
	stung: 'It stung, and stayed on. A sting is answered at once.',
	overCeiling: 'The developer was stronger than its place allows: 20 vol on the skin, 30 off it.',
	overTime: 'Something lay longer than the product’s 50 minutes.',
	scalpNotAsked: 'Nobody asked about the scalp before lightener went on it.',
	patchNotAsked: 'Nobody asked for the patch test before anything went on.'
};
export const breachWords = (breach: Breach): string => BREACHES[breach];

/** What else could have been done. */
export function otherWords(other: Other): string {
	switch (other.decision) {
		case 'volume':
			return `${other.volume} vol in place of ${other.was}`;
		case 'longer':
			return `${other.minutes} minutes longer on it`;
		case 'shorter':
			return `${other.minutes} minutes less on it`;
		case 'wiped':
			return `the ${other.part} wiped at minute ${other.minute}`;
		case 'order':
			return `in another order: ${other.order.join(', ')}`;
		case 'left':
			return `nothing on the ${other.stretch}`;
		case 'added':
			return `the ${other.stretch} too, after the rest`;
		case 'rootLater':
			return other.minutes === 0
				? 'the root after all lengths'
				: `the root after all lengths, ${other.minutes} minutes on`;
		case 'toner':
			return `${other.level}${other.tone} for ${other.minutes} minutes (${toneWords(other.tone)})`;
		case 'noToner':
			return 'no toner';
		case 'call':
			return `without the call of ${other.minutes} minutes`;
		case 'without':
			return other.act === 'test' ? 'without the test strand' : 'without wiping it apart';
		case 'asked':
			return other.topic === 'patch' ? 'asking for the patch test' : 'asking about the scalp';
	}
}

const KNOWABLE: Readonly<Record<Knowable, string>> = {
	before: 'It could be known from what was told.',
	byAsking: 'Asking would have told it.',
	byTest: 'A test strand would have shown it.',
	byLooking: 'A look while it lay would have shown it.',
	wasShown: 'It was there to be seen.',
	no: 'Nobody could know it.'
};
export const knowableWords = (knowable: Knowable): string => KNOWABLE[knowable];

const moved = (name: string, by: number, unit: string, digits: number): string[] => {
	const rounded = Number(Math.abs(by).toFixed(digits));
	return rounded === 0 ? [] : [`${name} ${rounded}${unit} ${by > 0 ? 'more' : 'less'}`];
};
/** What the other way brings, and what it costs. */
export function gainWords({ outcome, points }: ReviewItem, now: Outcome): string {
	const level = now.levelOff - outcome.levelOff;
	const parts = [
		...(Math.abs(level) >= 0.05
			? [`${Math.abs(level).toFixed(1)} of a level ${level > 0 ? 'nearer' : 'farther'}`]
			: []),
		...(Math.abs(now.uneven - outcome.uneven) >= 0.05
			? [now.uneven > outcome.uneven ? 'more even' : 'less even']
			: []),
		...moved('condition', outcome.condition - now.condition, '', 0),
		...moved('minutes', outcome.minutes - now.minutes, '', 0),
		...moved('cost', outcome.money - now.money, '', 0)
	];
	const what = parts.length > 0 ? `: ${parts.join(', ')}` : '';
	return `${points.toFixed(0) === '0' ? 'Half a point' : `${points.toFixed(0)} point${points.toFixed(0) === '1' ? '' : 's'}`}${what}.`;
}

/** The figures of an outcome, each by its name. */
export const outcomeRows = (outcome: Outcome): readonly { name: string; value: string }[] => [
	{ name: 'off the wished level', value: `${outcome.levelOff.toFixed(1)} levels` },
	{ name: 'unevenness', value: `${outcome.uneven.toFixed(1)} levels` },
	{ name: 'lowest condition', value: String(Math.round(outcome.condition)) },
	{ name: 'time', value: formatHours(outcome.minutes) },
	{ name: 'cost', value: String(Math.round(outcome.money)) }
];

/** What a head hid, in sentences. */
export function hiddenWords(head: HiddenHead): string[] {
	const { rate, areas, old, porousEnds, stingsAfter, salts, call } = head;
	const speed = Math.round(100 * (rate - 1));
	const parts = (Object.entries(areas) as [Part, number][]).filter(
		([, factor]) => Math.abs(factor - 1) >= 0.04
	);
	return [
		Math.abs(speed) < 4
			? 'It lifts as most heads do.'
			: `It lifts ${Math.abs(speed)} % ${speed > 0 ? 'faster' : 'slower'} than most.`,
		...parts.map(
			([part, factor]) =>
				`The ${part} ${part === 'sides' ? 'are' : 'is'} ${Math.abs(Math.round(100 * (factor - 1)))} % ${factor > 1 ? 'quicker' : 'slower'} than the rest.`
		),
		...(old ? [`Old colour at ${formatLevel(old.level)} lay in the ${old.on.join(' and ')}.`] : []),
		...(porousEnds ? ['The ends are porous, and worn by ten.'] : []),
		...(stingsAfter === undefined ? [] : [`The scalp stings after ${stingsAfter} minutes.`]),
		...(salts ? ['The old colour held metallic salts.'] : []),
		...(call ? [`A call came at minute ${call.at}, for ${call.minutes}: nobody could know.`] : [])
	];
}
