import { formatLevel, undertoneWord } from '../core/hair';
import { hairOfId, type AimJudgement, type Alternative, type SessionsEstimate } from '../core/plan';
import { areaWords, formatWeeks } from './words';

/** A piece of hair as a verdict calls it: “root of the crown and nape”. */
export function hairWords(id: string): string {
	const { zone, areas } = hairOfId(id);
	return areas.length === 0 ? zone : `${zone} of the ${areaWords(areas)}`;
}

/** The plain verdict on an aim: today, in n visits, or not with this hair. */
export function aimVerdict(sessions: SessionsEstimate, target: number) {
	const { visits, reaches, stoppedBy } = sessions;
	const last = visits.at(-1);
	if (reaches && visits.length === 0) {
		return {
			visits: 'no lift',
			label: 'needed',
			sentence: 'This hair is light enough already: tone only.',
			say: 'nothing has to be lightened for this.',
			foot: 'Lightening is not needed for this aim.'
		};
	}
	if (reaches && last) {
		const many = visits.length > 1;
		return {
			visits: many ? `${visits.length} visits` : 'today',
			label: many ? `over ${formatWeeks(last.week)}` : 'in one visit',
			sentence: `Lifts to ${formatLevel(last.level)}, likely ${formatLevel(last.low)} to ${formatLevel(last.high)}.`,
			say: many
				? `it takes ${visits.length} visits with ${formatWeeks(visits[1]!.week)} between; after the first it will be ${undertoneWord(visits[0]!.undertone.name, visits[0]!.level)}.`
				: `it can be done today, and costs ${Math.round(100 - last.condition)} points of condition in all.`,
			foot: `Condition after: about ${Math.round(last.condition)}. A prediction is a plan: a test strand decides.`
		};
	}
	const nearest = last
		? `${formatLevel(last.level)} ${undertoneWord(last.undertone.name, last.level)} after ${visits.length} visit${visits.length === 1 ? '' : 's'}`
		: 'the colour it has now';
	const why = {
		condition: 'the hair would not stand it',
		visits: 'six visits would not do',
		spent: 'this mixture gains nothing more'
	}[stoppedBy ?? 'spent'];
	return {
		visits: 'not so',
		label: 'with this hair and mixture',
		sentence: `Level ${formatLevel(target)} is out of reach: ${why}. Nearest: ${nearest}.`,
		say: `${why}; what can be had is ${nearest}.`,
		foot: 'Aim lower, choose a stronger way in Lift, or cut and wait.'
	};
}

/** What a judgement says, in the words of the consultation. */
export interface VerdictWords {
	/** In one or two words, read across the room. */
	readonly short: string;
	readonly label: string;
	readonly sentence: string;
	/** What else can be had, where it is not today. */
	readonly instead: readonly string[];
}

const visitsWords = (visits: number): string => `${visits} visit${visits === 1 ? '' : 's'}`;

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

/** The plain verdict: today, in n visits, or not with this hair. */
export function verdictWords(judgement: AimJudgement): VerdictWords {
	const { verdict, visits, weeks, condition, hardest, alternatives, lifts } = judgement;
	const decides = hardest
		? ` The ${hairWords(hardest)} decide${hardest.startsWith('root') ? 's' : ''}.`
		: '';
	const after = `condition ${Math.round(condition)}`;
	const sure = lifts
		? `${hardest ? `${hairWords(hardest)} ` : ''}to ${formatLevel(lifts.level)}, likely ${formatLevel(lifts.low)} to ${formatLevel(lifts.high)}; `
		: '';
	const bare = judgement.withoutLightener ? ` ${NO_LIGHTENER}` : '';
	const why = `${judgement.darkColour ? ` ${DARK_COLOUR}` : ''}${bare}`;
	const instead = alternatives.map(insteadWords);
	switch (verdict) {
		case 'already':
			return {
				short: 'no lift',
				label: 'tone only',
				sentence:
					judgement.hair.length === 0
						? 'Every zone stays as it is: nothing is lightened.'
						: 'This hair is light enough already: tone only.',
				instead
			};
		case 'today':
			return {
				short: 'today',
				label: 'in one visit',
				sentence: `Can be done today: ${sure}${after}.${bare}`,
				instead
			};
		case 'visits':
			return {
				short: visitsWords(visits),
				label: `over ${formatWeeks(weeks)}`,
				sentence: `${visitsWords(visits)} over ${formatWeeks(weeks)}: ${sure}${after}.${why}`,
				instead
			};
		case 'notSo':
			return {
				short: 'not so',
				label: 'with this hair',
				sentence: `It cannot be had with this hair.${decides}${why}`,
				instead
			};
	}
}
