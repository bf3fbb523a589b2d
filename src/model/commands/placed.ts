import type { Aim, PlacedToner, Reading, ShelfLine, TonePlan } from '../../schema/records';
import { MOST_PLACED } from '../../core/vocabulary';
import { placingsOf, type ToneTechnique } from '../day/placed';
import { placedGrams, type TonedHead } from '../visit/tonerNeed';

/** What a technique is begun with. */
export interface TechniqueHead extends TonedHead {
	readonly reading: Reading;
	readonly aim: Aim;
}

/**
 * Puts a technique's toners into the plan, on a draft, each open, of a line, in its ratio and minutes.
 * @param newId gives an id to each
 * @returns what was put there; nothing where there are as many as can be told apart
 */
export function addTechnique(
	tone: TonePlan,
	technique: ToneTechnique,
	head: TechniqueHead,
	line: ShelfLine,
	newId: () => string
): PlacedToner[] {
	const placings = placingsOf(technique, head.reading, head.aim);
	const placed = tone.placed ?? [];
	if (placed.length + placings.length > MOST_PLACED) return [];
	const added = placings.map((placing): PlacedToner => {
		const { ratio } = line;
		return {
			id: newId(),
			...placing,
			lineId: line.id,
			vehicle: line.vehicle,
			ratio,
			minutes: line.minutes,
			totalGrams: placedGrams(head, { ...placing, ratio }),
			choice: 'open',
			parts: []
		};
	});
	tone.placed = [...placed, ...added];
	return added;
}

/** Takes a toner of its own out of the plan again, on a draft. */
export function dropPlaced(tone: TonePlan, id: string): void {
	const left = (tone.placed ?? []).filter((placed) => placed.id !== id);
	if (left.length === 0) delete tone.placed;
	else tone.placed = left;
}

/** Changes where a toner of its own goes or what it aims at, on a draft. */
export function changePlaced(
	tone: TonePlan,
	id: string,
	change: Partial<Pick<PlacedToner, 'cm' | 'aim' | 'start' | 'totalGrams'>>
): void {
	const placed = tone.placed?.find((one) => one.id === id);
	if (placed) Object.assign(placed, change);
}
