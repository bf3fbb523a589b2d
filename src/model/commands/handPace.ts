import type { Shelf } from '../../schema/records';

/** Says how fast a colourist's hands are, on a draft; nothing, and the salon's pace holds for them. */
export function sayPace(
	shelf: Pick<Shelf, 'handPaces'>,
	name: string,
	pace: Shelf['handPace'] | undefined
): void {
	const others = Object.entries(shelf.handPaces ?? {}).filter(([one]) => one !== name);
	shelf.handPaces = Object.fromEntries(pace ? [...others, [name, pace]] : others);
}
