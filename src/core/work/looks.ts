import { CHECK, SERVICE_MINUTES } from './constants';
import { isSeenReady } from './headRate';
import type { Look, RunningSection } from './runningSection';

type Looked = Omit<RunningSection, 'state' | 'look'>;

/**
 * When each section is to be looked at: when it should be ready, and of every bowl one from half time on, for
 * sections under one bowl tell of one another.
 * @param lies whether a section is on, and not off
 * @param now minutes from the first brush stroke
 */
export function looksOf<S extends Looked>(
	sections: readonly S[],
	lies: (section: S) => boolean,
	now: number
): (Look | undefined)[] {
	const lying = sections.filter(lies);
	const bowls = [...new Set(lying.map(({ bowl }) => bowl))];
	const teller = new Map(
		bowls.map((bowl) => [
			bowl,
			lying
				.filter((one) => one.bowl === bowl && !isSeenReady(one.seen, one.target))
				.toSorted((p, q) => goalOf(p) - goalOf(q) || p.fromMinute - q.fromMinute)[0]
		])
	);
	const lastOf = (bowl: number): number =>
		Math.max(
			...sections.filter((one) => one.bowl === bowl).map(({ seen }) => seen?.minute ?? -Infinity)
		);
	return sections.map((one): Look | undefined => {
		if (!lies(one) || isSeenReady(one.seen, one.target)) return undefined;
		const { readyMinute, offMinute, seen, toMinute, bowl } = one;
		// What comes off now is seen then.
		if (now >= offMinute - CHECK.near) return undefined;
		const isLookedAt =
			readyMinute !== undefined && seen !== undefined && seen.minute > readyMinute - CHECK.near;
		const looks: Look[] = [];
		if (readyMinute !== undefined)
			looks.push(
				isLookedAt
					? { act: 'check', minute: seen.minute + SERVICE_MINUTES.checkEvery }
					: { act: 'ready', minute: readyMinute }
			);
		if (teller.get(bowl) === one) {
			const half = toMinute + (goalOf(one) - toMinute) / 2;
			const next = lastOf(bowl) + SERVICE_MINUTES.checkEvery;
			looks.push({ act: 'check', minute: Math.max(half, next) });
		}
		return looks
			.filter(({ minute }) => minute < offMinute - CHECK.near)
			.toSorted((p, q) => p.minute - q.minute)[0];
	});
}

const goalOf = ({ readyMinute, offMinute }: Looked): number =>
	Math.min(readyMinute ?? Infinity, offMinute);
