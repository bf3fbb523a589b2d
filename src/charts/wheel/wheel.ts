import { scaleLinear } from 'd3-scale';
import type { Lab } from '../../core/colour';

/** The part of the a*, b* plane that hair lies in. */
export const WHEEL_SPAN = { a: [-18, 32], b: [-4, 46] } as const;

/** A place on the page. */
export interface Place {
	readonly x: number;
	readonly y: number;
}

/** From a*, b* to a square on the page and back: red to the right, yellow up. @param size px */
export function wheelScale(size: number) {
	const span = Math.max(WHEEL_SPAN.a[1] - WHEEL_SPAN.a[0], WHEEL_SPAN.b[1] - WHEEL_SPAN.b[0]);
	const middle = (WHEEL_SPAN.a[0] + WHEEL_SPAN.a[1]) / 2;
	const x = scaleLinear([middle - span / 2, middle + span / 2], [0, size]);
	const y = scaleLinear([WHEEL_SPAN.b[0], WHEEL_SPAN.b[0] + span], [size, 0]);
	return {
		at: ({ a, b }: Pick<Lab, 'a' | 'b'>): Place => ({ x: x(a), y: y(b) }),
		under: ({ x: px, y: py }: Place): Pick<Lab, 'a' | 'b'> => ({ a: x.invert(px), b: y.invert(py) })
	};
}

/** A ray of one length from a place, in the direction in which something pulls. */
export function ray(from: Place, to: Place, length: number): Place {
	const along = Math.hypot(to.x - from.x, to.y - from.y) || 1;
	return {
		x: from.x + ((to.x - from.x) / along) * length,
		y: from.y + ((to.y - from.y) / along) * length
	};
}

/**
 * Labels moved up and down until none lies over another, in their order.
 * @param height of a line, px
 */
export function apart<T extends Place>(labels: readonly T[], height: number, width: number): T[] {
	const laid: T[] = [];
	for (const label of [...labels].sort((p, q) => p.y - q.y)) {
		const above = laid.findLast(({ x }) => Math.abs(x - label.x) < width);
		laid.push(above && label.y - above.y < height ? { ...label, y: above.y + height } : label);
	}
	return laid;
}
