import { BOWL_LIFE_MINUTES } from '../../core/mix';
import type { RunningHead, RunningSection, Staging } from '../../core/work';
import { dueWords } from '../../wording/chair';

/** A bowl of the main application, for whoever mixes. */
export interface BowlNow {
	readonly id: string;
	readonly number: number;
	readonly volume: number;
	readonly grams: number;
	/** What is left of its life: 1 fresh, 0 stale. */
	readonly left: number;
	readonly words: string;
}

/** How old the bowl of a section is at a minute of the service, minutes. */
export const bowlAge = (
	{ bowlAgeMinutes, toMinute }: Pick<RunningSection, 'bowlAgeMinutes' | 'toMinute'>,
	minute: number
): number => Math.max(0, bowlAgeMinutes - (toMinute - minute));

/**
 * The bowls as they stand at a minute of the service.
 * @param head nothing before the service has begun
 */
export function bowlsNow(
	staging: Pick<Staging, 'bowls'>,
	head: RunningHead | undefined,
	minute: number
): BowlNow[] {
	const stand = (number: number): Pick<BowlNow, 'left' | 'words'> => {
		if (!head) return { left: 1, words: 'for the first stroke, or later' };
		const mix = head.acts.find(({ act, bowl }) => act === 'mix' && bowl === number);
		if (mix) return { left: 1, words: `mix it ${dueWords(mix.minute - minute)}` };
		const next = head.sections.find(
			({ bowl, state }) => bowl === number && (state === 'waiting' || state === 'puttingOn')
		);
		if (!next) return { left: 0, words: 'used up' };
		const fresh = BOWL_LIFE_MINUTES - bowlAge(next, minute);
		return {
			left: fresh / BOWL_LIFE_MINUTES,
			words: fresh > 0 ? `fresh for ${Math.round(fresh)} min` : 'no longer fresh: mix it anew'
		};
	};
	return staging.bowls.map(({ id, number, volume, lightenerGrams, developerGrams }) => ({
		id,
		number,
		volume,
		grams: Math.round(lightenerGrams + developerGrams),
		...stand(number)
	}));
}
