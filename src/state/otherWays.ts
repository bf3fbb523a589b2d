import { RINSE_MODES } from '../core/vocabulary';
import { inOrder, ordersOf, type HeadWay } from '../core/work';
import { STRAND_WAYS } from '../schema/records';
import { hasParts } from '../model/visit/headStaging';
import { sectionLevel } from '../model/visit/headWork';
import type { VisitState } from './visitState.svelte';

/** The other ways in which the head could be worked, by what the person is looking at. */
export function otherWays(session: VisitState, looked: 'bowls' | 'sections'): HeadWay[] {
	const { bowls, plan, visit } = session;
	if (!bowls.worked) return [];
	if (looked === 'bowls') {
		const blocks = { blocks: visit.bowls.rinse.blocks };
		return [
			...RINSE_MODES.map((mode) => ({
				name: mode,
				head: bowls.headWith({ rinse: { ...blocks, mode } })
			})),
			{ name: 'staged', head: bowls.headWith({ staged: true, aboveChosen: false }) },
			{ name: 'above', head: bowls.headWith({ staged: true, aboveChosen: true }) },
			{ name: 'unstaged', head: bowls.headWith({ staged: false }) }
		];
	}
	const sections = bowls.sections.map(({ section }) => section);
	const head = { reading: visit.reading, aim: visit.aim, plan };
	const level = sectionLevel(head);
	return [
		...ordersOf(visit.bowls.technique).map((order) => ({
			name: order,
			head: bowls.headWith({
				sections: inOrder(sections, order, level).map((section) => ({
					...section,
					areas: [...section.areas]
				}))
			})
		})),
		...(hasParts(head)
			? STRAND_WAYS.map((strand) => ({ name: strand, head: bowls.headWith({ strand }) }))
			: [])
	];
}
