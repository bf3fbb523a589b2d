import type { CautionCode, Facts } from '../caution';
import type { Lab, Undertone, UndertoneName } from '../colour';
import type { Texture } from '../hair';
import type { OrderName } from '../work';
import type { ToneFault } from '../cure';
import type { FormulaPart, Direction } from '../tone';
import type { LESSONS } from '../vocabulary';
import type { AreaName } from '../lift';

/** What can be practised. */
export type Lesson = (typeof LESSONS)[number];

/** How hard a question is: 1 for whoever begins, 5 for a master. */
export type Rung = 1 | 2 | 3 | 4 | 5;
export const RUNGS = [1, 2, 3, 4, 5] as const satisfies readonly Rung[];

/** Light that hair is looked at in. */
export type LightName = 'daylight' | 'lamp' | 'tube' | 'dusk';

/** A strand as it is drawn for a question; never twice the same. */
export interface ShownStrand {
	/** Colours in daylight, scalp first, evenly spaced; one for hair that is even. */
	readonly labs: readonly Lab[];
	readonly texture: Texture;
	/** Share of its place that it fills, 0-1. */
	readonly breadth: number;
	/** How its fibres fall. */
	readonly seed: number;
}

/** Sums of the mixing bench. */
export type SumKind =
	| 'ratio'
	| 'split'
	| 'blend'
	| 'strength'
	| 'parts'
	| 'bowls'
	| 'mixAt'
	| 'tradeLevel';

/** What is asked, as facts; the words are made of them elsewhere. */
export type Ask =
	| { readonly lesson: 'deeper' }
	| { readonly lesson: 'level'; readonly ladder: boolean }
	| { readonly lesson: 'undertone'; readonly wished: UndertoneName; readonly level: number }
	| { readonly lesson: 'wheel'; readonly undertone: UndertoneName; readonly named: boolean }
	| {
			readonly lesson: 'toner';
			readonly level: number;
			readonly direction: Direction;
			readonly formulas: readonly (readonly FormulaPart[])[];
	  }
	| {
			readonly lesson: 'code';
			readonly code: string;
			readonly line: string;
			readonly key: Readonly<Record<string, string>>;
			readonly level: number;
			readonly tone: string;
	  }
	| {
			readonly lesson: 'sums';
			readonly sum: SumKind;
			readonly facts: Readonly<Record<string, number>>;
	  }
	| {
			readonly lesson: 'order';
			readonly order: OrderName;
			readonly sections: readonly { readonly area: AreaName; readonly level: number }[];
	  }
	| {
			readonly lesson: 'rinse';
			readonly aim: number;
			readonly sections: readonly {
				readonly volume: number;
				/** Minute of the service at which it was on. */
				readonly onAt: number;
				readonly level: number;
			}[];
	  }
	| {
			readonly lesson: 'ready';
			readonly aim: number;
			readonly minute: number;
			readonly volume: number;
			readonly limitMinutes: number;
	  }
	| { readonly lesson: 'faults'; readonly aim: number }
	| { readonly lesson: 'cautions'; readonly facts: Facts; readonly product: Facts['product'] };

/** Why the answer is what it is, as facts. */
export type Because =
	| { readonly lesson: 'deeper' | 'level'; readonly levels: readonly number[] }
	| {
			readonly lesson: 'undertone' | 'wheel';
			readonly name: UndertoneName;
			readonly against: Undertone['neutraliser'];
	  }
	| { readonly lesson: 'toner' }
	| {
			readonly lesson: 'code';
			readonly level: number;
			readonly tone: string;
			readonly otherTone: string;
	  }
	| { readonly lesson: 'sums'; readonly value: number }
	| { readonly lesson: 'order'; readonly inOrder: readonly AreaName[] }
	| { readonly lesson: 'rinse'; readonly readyAt: readonly (number | undefined)[] }
	| {
			readonly lesson: 'ready';
			readonly level: number;
			readonly readyAt: number | undefined;
			/** Level at which this mixture ends, within its time. */
			readonly endsAt: number;
	  }
	| { readonly lesson: 'faults'; readonly fault: ToneFault; readonly levels: readonly number[] }
	| { readonly lesson: 'cautions'; readonly codes: readonly CautionCode[] };

/** How a question is answered: one of some, or a figure. */
export type AnswerForm =
	| { readonly form: 'choice'; readonly options: readonly string[]; readonly right: string }
	| {
			readonly form: 'figure';
			readonly right: number;
			/** As far off as still counts as right. */
			readonly within: number;
			readonly unit: 'level' | 'g' | 'vol' | 'bowls' | 'min';
			readonly step: number;
			readonly max: number;
	  };

/** A strand that explains an answer. */
export interface Explained {
	/** One of the options, or what it shows beside them. */
	readonly of: string;
	/** Colours in daylight, scalp first. */
	readonly labs: readonly Lab[];
	readonly level: number;
	/** How far it is from what is wished, ΔE, where something is. */
	readonly off?: number | undefined;
}

/** A question with its answer, both of the engine. */
export interface Question {
	readonly lesson: Lesson;
	/** What it is about, of all that the lesson teaches: it comes again by this, as another strand. */
	readonly matter: string;
	readonly rung: Rung;
	readonly seed: number;
	readonly light: LightName;
	readonly strands: readonly ShownStrand[];
	readonly ask: Ask;
	readonly answer: AnswerForm;
	readonly because: Because;
	/** What each answer comes to, as hair; nothing where it is no matter of hair. */
	readonly explained?: readonly Explained[] | undefined;
	/** Levels between what is to be told apart, in lessons of the eye. */
	readonly gap?: number | undefined;
}

/** What came of an answer. */
export interface Judged {
	readonly right: boolean;
	/** Levels that the answer lies above what is there, where a level was named. */
	readonly off?: number | undefined;
}

/** Whether an answer is right. @param given one of the options, or the figure */
export function judge({ answer, lesson }: Question, given: string | number): Judged {
	if (answer.form === 'choice') return { right: given === answer.right };
	const off = Number(given) - answer.right;
	return {
		right: Math.abs(off) <= answer.within + 1e-9,
		...(lesson === 'level' ? { off } : {})
	};
}
