import type { AreaName } from '../lift';

/**
 * What a piece of hair goes by in a plan: its zone, and the areas that differ from the rest of the head,
 * as in `root@crown+nape`. Never shown.
 */
export const hairIdOf = (zone: string, areas: readonly AreaName[] = []): string =>
	areas.length === 0 ? zone : `${zone}@${areas.join('+')}`;

/** Zone and areas of a piece of hair; no area where it is the rest of the head. */
export function hairOfId(id: string): { readonly zone: string; readonly areas: AreaName[] } {
	const [zone = '', areas = ''] = id.split('@');
	return { zone, areas: areas === '' ? [] : (areas.split('+') as AreaName[]) };
}
