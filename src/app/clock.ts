import { getLocalTimeZone } from '@internationalized/date';
import { Clock } from '../state/clock.svelte';

/** The clock of this window: the one place that asks the time. */
export const clock = new Clock({
	now: () => new Date(),
	steady: () => performance.now(),
	zone: getLocalTimeZone
});
