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

/** What is graver comes first, whatever is later by more. */
const GRAVITY: Readonly<Record<CallKind, number>> = { look: 1, ready: 2, limit: 3 };

/**
 * What calls, the first to be done first: what may lie no longer, then what has had its time, then what is to be
 * looked at; of each what is late by most. A bowl that looks forgotten must not stand before a toner that goes on
 * taking.
 * @param calls `minutes` until it is due, negative where it is late
 */
export const byGravity = <T extends { readonly kind: CallKind; readonly minutes: number }>(
	calls: readonly T[]
): T[] => calls.toSorted((p, q) => GRAVITY[q.kind] - GRAVITY[p.kind] || p.minutes - q.minutes);

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
