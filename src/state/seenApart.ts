import { onScale } from '../core/hair';
import { reaches } from '../model/day/steps';
import type { LevelSeen } from '../model/day/seen';
import type { DayStrand, StepView } from './stepView.svelte';

/** Hair with its main application. */
type WorkedHair = Pick<DayStrand, 'zones'> & { readonly main: StepView };

/**
 * What was seen of the rest of the head, as it tells of an area that is not as the rest: the area lies as far off what
 * was to be expected of it as the rest did. It tells nothing of hair on which nothing goes, and a warmth that somebody
 * named is of the hair they looked at.
 */
export const seenApart = (
	levels: readonly LevelSeen[],
	rest: WorkedHair,
	area: WorkedHair
): LevelSeen[] =>
	levels.flatMap(({ zone, level, minute, lay, after }) => {
		const [then, own] = [rest, area].map((hair) => expectedThen(hair, { zone, lay, after }));
		if (then === undefined || own === undefined) return [];
		return [{ zone, level: onScale(level + own - then), minute, lay, after, isTold: true }];
	});

/** Level that was to be expected of a zone when it was looked at; nothing where nothing goes on it. */
function expectedThen(
	{ main, zones }: WorkedHair,
	{ zone: name, lay, after }: Pick<LevelSeen, 'zone' | 'lay' | 'after'>
): number | undefined {
	const zone = zones.find((each) => each.name === name);
	const { plan } = main;
	if (!zone || !reaches(plan, name)) return undefined;
	return main.levelWith(zone, {
		minutes: after === undefined ? Math.min(lay, plan.minutes) : plan.minutes
	});
}
