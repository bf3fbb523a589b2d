import type { AreaName } from '../../core/lift';
import { partSpan, type WorkedPart } from '../../core/work';
import { HEAD_DRAWINGS } from './views';

/** How the partings of a section run, and how its hair is picked up. */
export interface PlannedSection {
	/** Its place in the order, from 1. */
	readonly number: number;
	readonly areas: readonly AreaName[];
	/** Foils, or brush strips of open work, to be drawn; 0 for a section that is left out. */
	readonly strips: number;
	readonly share: number;
	/** The part of the head that is worked alone. */
	readonly part?: WorkedPart | undefined;
	readonly angle: 'horizontal' | 'diagonal' | 'vertical';
	readonly picking: string;
}

/** One parting as a line in the drawing's units. */
export interface PartingLine {
	readonly x1: number;
	readonly y1: number;
	readonly x2: number;
	readonly y2: number;
}

/** A section as it is drawn in one area: its partings, clipped to the area, and where its number stands. */
export interface DrawnSection {
	readonly number: number;
	readonly drawing: (typeof HEAD_DRAWINGS)[number]['name'];
	readonly area: AreaName;
	readonly lines: readonly PartingLine[];
	readonly label: { readonly x: number; readonly y: number };
	readonly picking: string;
}

/** The drawing that shows each area best. */
const HOME: Readonly<Record<AreaName, DrawnSection['drawing']>> = {
	nape: 'back',
	back: 'back',
	crown: 'back',
	top: 'top',
	fringe: 'top',
	hairline: 'top',
	leftSide: 'left',
	rightSide: 'right'
};

/** Stitches of each way of picking hair up, as dashes of its parting, in the drawing's units. */
export const DASHES: Readonly<Record<string, string>> = {
	brush: 'none',
	slice: 'none',
	weave: '3.2 1.6',
	teased: '6 1 1 1',
	babylight: '1.1 1.5'
};

/** Where the number of a narrow area stands, clear of its neighbours'. */
const LABEL_AT: Partial<Record<AreaName, { readonly x: number; readonly y: number }>> = {
	hairline: { x: 24, y: 33 }
};

/** Degrees by which partings turn from the horizontal. */
const TURN = { horizontal: 0, diagonal: 28, vertical: 90 } as const;

interface Box {
	readonly left: number;
	readonly top: number;
	readonly right: number;
	readonly bottom: number;
}

/** The box around a path of absolute M, L, C and Z; control points count, so it is a little generous. */
export function boxOf(path: string): Box {
	const numbers = path.match(/-?\d+(\.\d+)?/g)!.map(Number);
	const xs = numbers.filter((_, i) => i % 2 === 0);
	const ys = numbers.filter((_, i) => i % 2 === 1);
	return {
		left: Math.min(...xs),
		right: Math.max(...xs),
		top: Math.min(...ys),
		bottom: Math.max(...ys)
	};
}

/**
 * Every section in every area it lies in: sections of one area share it from the bottom up, in their
 * order, each by its part of the hair.
 */
export function drawSections(sections: readonly PlannedSection[]): DrawnSection[] {
	return HEAD_DRAWINGS.flatMap(({ name, areas }) =>
		areas
			.filter(({ area }) => HOME[area] === name)
			.flatMap(({ area, path }) => {
				const here = sections.filter((section) => section.areas.includes(area));
				const hair = here.reduce((sum, { share }) => sum + share, 0);
				let from = 0;
				return here.map((section): DrawnSection => {
					const to = from + section.share / hair;
					// Areas are drawn from their last edge up: from the bottom, from the back.
					const [first, last] = partSpan(section.part, area) ?? [0, 1];
					const at = (share: number) => 1 - last + share * (last - first);
					const drawn = drawnIn(boxOf(path), section, at(from), at(to));
					from = to;
					return {
						...drawn,
						label: LABEL_AT[area] ?? drawn.label,
						number: section.number,
						drawing: name,
						area,
						picking: section.picking
					};
				});
			})
	);
}

/** Partings of one section within a band of an area, 0 at its bottom, 1 at its top. */
function drawnIn(
	box: Box,
	{ angle, strips, areas }: PlannedSection,
	from: number,
	to: number
): Pick<DrawnSection, 'lines' | 'label'> {
	const turn = (TURN[angle] * Math.PI) / 180;
	const centre = { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 };
	// Along the partings, and across them from the bottom up.
	const along = { x: Math.cos(turn), y: -Math.sin(turn) };
	const across = { x: -Math.sin(turn), y: -Math.cos(turn) };
	const width = box.right - box.left;
	const height = box.bottom - box.top;
	const reach = (Math.abs(across.x) * width + Math.abs(across.y) * height) / 2;
	const at = (share: number) => {
		const off = (2 * share - 1) * reach;
		return { x: centre.x + across.x * off, y: centre.y + across.y * off };
	};
	const own = Math.max(strips > 0 ? 1 : 0, Math.round(strips / areas.length));
	const half = width + height;
	return {
		label: at((from + to) / 2),
		lines: Array.from({ length: own }, (_, i) => {
			const { x, y } = at(from + ((i + 0.5) / own) * (to - from));
			return {
				x1: x - along.x * half,
				y1: y - along.y * half,
				x2: x + along.x * half,
				y2: y + along.y * half
			};
		})
	};
}
