import { formatLevel } from '../core/hair';
import {
	hairOfId,
	type Alternative,
	type Behind,
	type BehindWhy,
	type DayVerdict
} from '../core/plan';
import type { SectionNamer } from './bowls';
import { areaWords, formatWeeks, visitsWords } from './words';

/** A piece of hair as a verdict calls it: “root of the crown and nape”. */
export function hairWords(id: string): string {
	const { zone, areas } = hairOfId(id);
	return areas.length === 0 ? zone : `${zone} of the ${areaWords(areas)}`;
}

/** What a judgement says, in the words of the consultation. */
export interface VerdictWords {
	/** In one or two words, read across the room. */
	readonly short: string;
	readonly label: string;
	readonly sentence: string;
	/** What Aim’s plan takes, where the day was set otherwise and does not do it today. */
	readonly plan: string | undefined;
	/** What else can be had, where it is not today. */
	readonly instead: readonly string[];
}

function insteadWords(alternative: Alternative): string {
	switch (alternative.kind) {
		case 'nearest':
			return alternative.visits === 0
				? 'With lightener nothing more can be had; tone what is there.'
				: `Nearest: level ${formatLevel(alternative.level)} in ${visitsWords(alternative.visits)}, condition ${Math.round(alternative.condition)}.`;
		case 'cut':
			return `Cut off the ${hairWords(alternative.id)} to ${Math.round(alternative.leavesCm)} cm: the rest gets there ${
				alternative.visits === 0
					? 'as it is'
					: alternative.visits === 1
						? 'today'
						: `in ${visitsWords(alternative.visits)}`
			}.`;
		case 'addedHair':
			return 'Added hair in the shade brings brightness without more lightening.';
	}
}

/** Why old dark colour is not taken out in one day. */
export const DARK_COLOUR =
	'Never in one day: how much old dark colour there is shows only as it goes.';

/** Why nothing but a tint is planned. */
const NO_LIGHTENER = 'Without lightener: persulfates are not borne.';

const STOPPED = {
	condition: 'the hair would not stand more',
	visits: 'six visits would not do',
	spent: 'another would gain nothing'
} as const;

/** Why some of a head stays behind. */
const BEHIND_WHY: Readonly<Record<BehindWhy, (behind: Behind) => string>> = {
	time: ({ minutes, longest }) => `it lies ${minutes} min where others lie ${longest}`,
	strength: ({ volume }) => `its bowl is ${volume} vol`,
	hair: () => 'this mixture does no more for it'
};

/** What stays behind, by how much and why. */
export const behindWords = (behind: Behind, nameOf: SectionNamer): string =>
	`the ${nameOf(behind.section)}, ${formatLevel(behind.level)}, stays ${behind.by.toFixed(1)} below: ${BEHIND_WHY[behind.why](behind)}`;

/** An answer in one or two words, read across the room. */
const shortOf = (verdict: DayVerdict['verdict'], visits: number): string =>
	({ already: 'no lift', today: 'today', visits: visitsWords(visits), notSo: 'not so' })[verdict];

/** The plain answer to an aim: today, in n visits, or not with this hair. */
export function verdictWords(answer: DayVerdict, nameOf: SectionNamer): VerdictWords {
	const { verdict, visits, weeks, judgement } = answer;
	const short = shortOf(verdict, visits);
	/** A day that was set otherwise and does not do it today leaves Aim’s plan. */
	const plan =
		answer.isOwn && verdict !== 'today' && judgement.verdict !== 'notSo'
			? `Aim’s plan: ${shortOf(judgement.verdict, judgement.visits)}, condition ${Math.round(judgement.condition)}.`
			: undefined;
	const instead = judgement.alternatives.map(insteadWords);
	const label = {
		already: 'tone only',
		today: 'in one visit',
		visits: `over ${formatWeeks(weeks)}`,
		notSo: answer.isOwn ? 'as it is set' : 'with this hair'
	}[verdict];
	const sentence = answer.isOwn ? ownSentence(answer, nameOf) : planSentence(answer, nameOf);
	return { short, label, sentence, plan, instead };
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const butFor = ({ behind }: DayVerdict, nameOf: SectionNamer): string =>
	behind ? ` ${capital(behindWords(behind, nameOf))}.` : '';

/** What is sure of it: where the hair that needs most is lifted to, and the condition of what suffers most. */
function sureOf({ lifts, condition, isOwn, visits, judgement: { hardest } }: DayVerdict): string {
	const of = hardest && !isOwn ? `${hairWords(hardest)} ` : '';
	const to = lifts
		? `${of}to ${formatLevel(lifts.level)}, likely ${formatLevel(lifts.low)} to ${formatLevel(lifts.high)}; `
		: '';
	// Repeated days are reckoned on the head’s typical hair.
	const least = isOwn && visits > 1 ? '' : ' at least';
	return `${to}condition ${Math.round(condition)}${least}`;
}

/** The answer of Aim’s plan. */
function planSentence(answer: DayVerdict, nameOf: SectionNamer): string {
	const { verdict, visits, weeks, behind, judgement } = answer;
	const { hardest } = judgement;
	const sure = sureOf(answer);
	const bare = judgement.withoutLightener ? ` ${NO_LIGHTENER}` : '';
	const why = `${judgement.darkColour ? ` ${DARK_COLOUR}` : ''}${bare}`;
	switch (verdict) {
		case 'already':
			return judgement.hair.length === 0
				? 'Every zone stays as it is: nothing is lightened.'
				: 'This hair is light enough already: tone only.';
		case 'today':
			return `Can be done today${behind ? `, all but the ${nameOf(behind.section)}` : ''}: ${sure}.${butFor(answer, nameOf)}${bare}`;
		case 'visits':
			return `${visitsWords(visits)} over ${formatWeeks(weeks)}: ${sure}.${why}`;
		case 'notSo': {
			const decides = hardest
				? ` The ${hairWords(hardest)} decide${hardest.startsWith('root') ? 's' : ''}.`
				: '';
			return `It cannot be had with this hair.${decides}${why}`;
		}
	}
}

/** The answer of a day that was set otherwise than Aim’s plan. */
function ownSentence(answer: DayVerdict, nameOf: SectionNamer): string {
	const { verdict, visits, weeks, behind, judgement, stops } = answer;
	const sure = sureOf(answer);
	const why = judgement.darkColour ? ` ${DARK_COLOUR}` : '';
	switch (verdict) {
		case 'already':
			return planSentence(answer, nameOf);
		case 'today':
			return `Can be done today as it is set${behind ? `, all but the ${nameOf(behind.section)}` : ''}: ${sure}.${butFor(answer, nameOf)}`;
		case 'visits':
			return `${visitsWords(visits)} over ${formatWeeks(weeks)} as it is set: ${sure}.${why}`;
		case 'notSo': {
			const nearest =
				stops?.level === undefined ? 'nothing is gained' : `nearest ${formatLevel(stops.level)}`;
			return `Not as it is set: ${nearest}, ${STOPPED[stops?.stoppedBy ?? 'spent']}.${why}`;
		}
	}
}
