import { PART_KINDS, type WorkedPart } from '../../core/work';
import type { HeadDrawing } from './views';

/** Where the parting and the front hairline lie in the drawings, and how many units a centimetre takes there. */
const PARTING = { y: 9, perCm: 3.25 } as const;
const HAIRLINE = { top: { y: 11, perCm: 3.3 }, profile: { x: 24, perCm: 3 } } as const;
/** Seen from above, hair further under the parting lies further out on this ellipse: as far as the ears. */
const ABOVE = { x: 50, y: 55, rx: 30, ry: 46, reachCm: 14 } as const;

const LARGE = 400;
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
}

/**
 * What of a drawing lies outside a part, as a path to be filled by the even-odd rule; nothing where all of
 * it is worked, or where the drawing does not tell.
 */
export function outsideOf(part: WorkedPart, drawing: HeadDrawing['name']): string | undefined {
	const all = box(-LARGE, -LARGE, LARGE, LARGE);
	const { measure } = PART_KINDS[part.name];
	if (measure === 'tips') return undefined;
	if (measure === 'hairline') {
		if (drawing === 'back') return all;
		if (drawing === 'top') {
			const { y, perCm } = HAIRLINE.top;
			return `${all} ${box(-LARGE, y + part.fromCm * perCm, LARGE, y + part.toCm * perCm)}`;
		}
		const { x, perCm } = HAIRLINE.profile;
		const deepest = PART_KINDS[part.name].deepestCm ?? LARGE;
		return `${all} ${box(x + part.fromCm * perCm, -LARGE, x + (part.toCm + 4) * perCm, PARTING.y + deepest * PARTING.perCm)}`;
	}
	if (drawing === 'top') {
		const inner = Math.min(1.4, part.fromCm / ABOVE.reachCm);
		const outer = Math.min(1.4, part.toCm / ABOVE.reachCm);
		if (inner >= 1) return all;
		return `${all} ${ellipse(outer >= 1 ? 2 : outer)} ${inner > 0 ? ellipse(inner) : ''}`;
	}
	const y = (cm: number) => PARTING.y + cm * PARTING.perCm;
	return `${all} ${box(-LARGE, part.fromCm <= 0 ? -LARGE : y(part.fromCm), LARGE, part.toCm >= 28 ? LARGE : y(part.toCm))}`;
}

/** The edges that are written into the drawing that shows them best. */
export function edgesOf(part: WorkedPart, drawing: HeadDrawing['name']): PartEdge[] {
	const { measure, edges } = PART_KINDS[part.name];
	if (measure === 'parting' && drawing === 'back')
		return edges.map((edge) => {
			const y = PARTING.y + part[edge] * PARTING.perCm;
			return { cm: part[edge], x1: 12, y1: y, x2: 88, y2: y };
		});
	if (measure === 'hairline' && drawing === 'top')
		return edges.map((edge) => {
			const y = HAIRLINE.top.y + part[edge] * HAIRLINE.top.perCm;
			return { cm: part[edge], x1: 16, y1: y, x2: 84, y2: y };
		});
	return [];
}
