import { WORKED_PARTS } from '../core/vocabulary';
import { PART_KINDS, type WorkedPart, type WorkedPartName } from '../core/work';

const PART_LABELS: Readonly<Record<WorkedPartName, string>> = {
	top: 'top only',
	faceFrame: 'face frame',
	moneyPiece: 'money piece',
	halo: 'halo',
	panel: 'hidden panel',
	underlight: 'underlight',
	tips: 'tipped ends'
};

export const PART_OPTIONS = [
	{ value: 'all', label: 'whole head' },
	...WORKED_PARTS.map((value) => ({ value, label: PART_LABELS[value] }))
] as const;

const FROM = {
	parting: 'under the parting',
	hairline: 'behind the hairline',
	tips: 'from the tips'
} as const;

/** What an edge of a part is called. */
export function edgeWords(name: WorkedPartName, edge: 'fromCm' | 'toCm'): string {
	const { measure, edges } = PART_KINDS[name];
	if (measure === 'tips') return 'How far from the tips';
	if (measure === 'hairline') return 'How far behind the hairline';
	if (edges.length === 1 && edge === 'toCm') return 'Down to, under the parting';
	return edge === 'fromCm' ? 'Top edge under the parting' : 'Bottom edge under the parting';
}

/** A part with its edges: “hidden panel, 18 to 24 cm under the parting”. */
export function partWords(part: WorkedPart | undefined): string {
	if (!part) return 'whole head';
	const { measure, edges } = PART_KINDS[part.name];
	const cm =
		edges.length === 2
			? `${part.fromCm} to ${part.toCm} cm`
			: edges[0] === 'fromCm'
				? `from ${part.fromCm} cm`
				: `${part.toCm} cm`;
	return `${PART_LABELS[part.name]}, ${cm} ${FROM[measure]}`;
}
