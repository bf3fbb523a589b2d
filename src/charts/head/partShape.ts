import { PART_KINDS, type WorkedPart } from '../../core/work';
import type { HeadDrawing } from './views';

/**
 * Where the parting and the front hairline lie in the drawings, and how many units a centimetre takes there; in
 * the profile the hairline slopes back from the forehead.
 */
const PARTING = { y: 9, perCm: 3.25 } as const;
const HAIRLINE = { top: { y: 11, perCm: 3.3 }, profile: { x: 24, perCm: 3, slopeCm: 4 } } as const;
/** Seen from above, hair further under the parting lies further out on this ellipse: as far as the ears. */
const ABOVE = { x: 50, y: 55, rx: 30, ry: 46, reachCm: 14 } as const;

const LARGE = 400;
/** An ellipse of this scale holds the whole drawing. */
const WIDE = 2;
/** The lowest hair, cm under the parting. */
const LOWEST_CM = 28;
const box = (x1: number, y1: number, x2: number, y2: number): string =>
	`M${x1} ${y1} H${x2} V${y2} H${x1} Z`;

const ellipse = (scale: number): string => {
	const { x, y, rx, ry } = ABOVE;
	const [a, b] = [rx * scale, ry * scale];
	return `M${x - a} ${y} A${a} ${b} 0 1 0 ${x + a} ${y} A${a} ${b} 0 1 0 ${x - a} ${y} Z`;
};

/** An edge of a part as it is written into a drawing: its centimetres, and where they stand. */
export interface PartEdge {
	readonly cm: number;
	readonly x1: number;
	readonly y1: number;
	readonly x2: number;
	readonly y2: number;
	/** Written under its line, where the other edge is written over. */
	readonly under: boolean;
}

/**
 * What of a drawing lies inside a part, as a path to be filled by the even-odd rule; nothing where none of
 * it does.
 */
export function insideOf(part: WorkedPart, drawing: HeadDrawing['name']): string | undefined {
	const { measure, deepestCm = LARGE } = PART_KINDS[part.name];
	const y = (cm: number) => PARTING.y + cm * PARTING.perCm;
	if (measure === 'tips') return box(-LARGE, -LARGE, LARGE, LARGE);
	if (measure === 'hairline') {
		if (drawing === 'back') return undefined;
		if (drawing === 'top') {
			const { y: front, perCm } = HAIRLINE.top;
			return box(-LARGE, front + part.fromCm * perCm, LARGE, front + part.toCm * perCm);
		}
		const { x, perCm, slopeCm } = HAIRLINE.profile;
		return box(
			x + part.fromCm * perCm,
			-LARGE,
			x + (part.toCm + slopeCm) * perCm,
			y(Math.min(deepestCm, LARGE))
		);
	}
	if (drawing === 'top') {
		const share = (cm: number) => cm / ABOVE.reachCm;
		if (share(part.fromCm) >= 1) return undefined;
		const outer = share(part.toCm) >= 1 ? WIDE : share(part.toCm);
		return part.fromCm > 0 ? `${ellipse(outer)} ${ellipse(share(part.fromCm))}` : ellipse(outer);
	}
	return box(
		-LARGE,
		part.fromCm <= 0 ? -LARGE : y(part.fromCm),
		LARGE,
		part.toCm >= LOWEST_CM ? LARGE : y(part.toCm)
	);
}

/** The edges that are written into the drawing that shows them best. */
export function edgesOf(part: WorkedPart, drawing: HeadDrawing['name']): PartEdge[] {
	const { measure, edges } = PART_KINDS[part.name];
	if (measure === 'parting' && drawing === 'back')
		return edges.map((edge) => {
			const y = PARTING.y + part[edge] * PARTING.perCm;
			return { cm: part[edge], x1: 12, y1: y, x2: 88, y2: y, under: edge === 'toCm' };
		});
	if (measure === 'hairline' && drawing === 'top')
		return edges.map((edge) => {
			const y = HAIRLINE.top.y + part[edge] * HAIRLINE.top.perCm;
			return { cm: part[edge], x1: 16, y1: y, x2: 84, y2: y, under: true };
		});
	return [];
}
