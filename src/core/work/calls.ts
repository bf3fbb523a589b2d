import { CHECK } from './constants';
import type { NextAct } from './nextActs';
import type { RunningHead } from './running';

/** How loud a call is: to look at something, something is ready, something may lie no longer. */
export type CallKind = 'look' | 'ready' | 'limit';

/** Something that calls whoever is at the chair, or elsewhere. */
export interface Call {
	readonly kind: CallKind;
	readonly act: NextAct;
	/** Nobody came for some minutes: it asks again. */
	readonly again: boolean;
}

const KINDS: Readonly<Partial<Record<NextAct['act'], CallKind>>> = {
	mix: 'look',
	check: 'look',
	ready: 'look',
	takeOff: 'ready',
	rinse: 'ready',
	open: 'limit'
};

const forgottenOn = ({ minute: at }: NextAct, minute: number): CallKind | undefined =>
	minute - at >= CHECK.forgottenMinutes ? 'look' : undefined;

/**
 * What calls at a minute of the service, in the order in which it is to be done. What is put on calls nobody,
 * because whoever does it stands there, until it looks forgotten.
 */
export function callsOf({ acts, sections }: RunningHead, minute: number): Call[] {
	const overdue = new Set(
		sections
			.filter(({ state }) => state === 'overdue')
			.map(({ section, part }) => `${section} ${part}`)
	);
	return acts.flatMap((act): Call[] => {
		const kind = act.act === 'beOn' ? forgottenOn(act, minute) : KINDS[act.act];
		if (kind === undefined || act.minute > minute) return [];
		const again = minute - act.minute >= CHECK.againMinutes;
		return [{ kind: overdue.has(`${act.section} ${act.part}`) ? 'limit' : kind, act, again }];
	});
}
