import { pointAt } from './point';
import type { ReadyHead } from './prepare';
import type { AreaNow } from './strand';

/** The whole head at a minute of the service. */
export const headAt = (head: ReadyHead, minute: number): AreaNow[] =>
	head.areas.map(({ area, points }) => ({
		name: area.name,
		whiteShare: area.whiteShare,
		points: points.map((point) => pointAt(point, minute))
	}));
