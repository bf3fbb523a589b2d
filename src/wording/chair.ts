import type { NextAct, SectionState } from '../core/work';
import type { SectionNamer } from './bowls';

/** What is to be done, as one says it across the room. */
export function actWords({ act, section, bowl }: NextAct, nameOf: SectionNamer): string {
	const name = section === undefined ? '' : nameOf(section);
	const WORDS = {
		mix: `Mix bowl ${bowl}`,
		putOn: `Put on ${name}`,
		beOn: `Putting on ${name}`,
		ready: `Look at ${name}`,
		takeOff: `Take ${name} off`
	} as const;
	return WORDS[act];
}

/**
 * When it is to be done, seen from now.
 * @param minutes until then; negative: it was due already
 */
export function dueWords(minutes: number, act?: NextAct['act']): string {
	const whole = Math.round(minutes);
	if (act === 'beOn') return whole > 0 ? `on in ${whole} min` : 'to be on now';
	if (whole > 0) return `in ${whole} min`;
	return whole < -1 ? `now, ${-whole} min late` : 'now';
}

/** Where a section stands, in a word or two. */
export const STATE_WORDS: Readonly<Record<SectionState, string>> = {
	waiting: 'waits',
	puttingOn: 'being put on',
	on: 'on',
	ready: 'look now',
	overdue: 'past its limit',
	off: 'off'
};
