import { formatLevel } from '../core/hair';
import type { Help } from '../model/visit/helps';
import {
	adviceWords,
	againWords,
	formatSpread,
	wayWords,
	type SectionNamer
} from '../wording/bowls';
import { formatWeeks, visitsWords, whenWords } from '../wording/words';

/** Something that would help, and what comes of it. */
export interface HelpWords {
	readonly words: string;
	readonly outcome: string;
}

const staged = ({
	spread,
	shortfall
}: {
	readonly spread: number;
	readonly shortfall: number;
}): string =>
	`${formatSpread(spread)} apart${shortfall > 0.05 ? `, ${formatSpread(shortfall)} below` : ''}`;

/** A help in words. @param aim level that is aimed at now */
export function helpWords(help: Help, nameOf: SectionNamer, aim: number): HelpWords {
	switch (help.kind) {
		case 'lever':
			return { words: adviceWords(help.lever, nameOf), outcome: staged(help.lever) };
		case 'way':
			return { words: wayWords(help.way), outcome: staged(help.way) };
		case 'again': {
			const { step, areas, level, condition } = help.again;
			return {
				words: againWords(step, areas),
				outcome: `to ${formatLevel(level)}, condition ${Math.round(condition)}`
			};
		}
		case 'plan': {
			const { visits, level } = help.plan;
			return {
				words: `Work it by Aim’s plan: ${whenWords(visits.length)}.`,
				outcome: `to ${formatLevel(level)}, condition ${Math.round(help.condition)}`
			};
		}
		case 'aim':
			return {
				words: `Aim at ${formatLevel(help.level)} instead of ${formatLevel(aim)}: all of it gets there.`,
				outcome: ''
			};
		case 'visits':
			return {
				words: `${visitsWords(help.visits)} over ${formatWeeks(help.weeks)}, as Aim says: Lift shows each of them.`,
				outcome: ''
			};
	}
}

/** What a help goes by in a list. */
export const helpKey = (help: Help): string =>
	help.kind === 'lever' ? help.lever.what : help.kind === 'way' ? help.way.name : help.kind;
