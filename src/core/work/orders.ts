import type { ORDER_NAMES, TECHNIQUES } from '../vocabulary';
import type { AreaName } from '../lift';
import { NAPE_UP } from './constants';
import type { HeadSection } from './headSections';

/** Orders of work that colourists name. */
export type OrderName = (typeof ORDER_NAMES)[number];

const rankBy = (areas: readonly AreaName[]) => (section: HeadSection) =>
	Math.min(...section.areas.map((area) => areas.indexOf(area)));

const CROWN_FIRST: readonly AreaName[] = [
	'crown',
	'back',
	'nape',
	'top',
	'leftSide',
	'rightSide',
	'fringe',
	'hairline'
];
const PARTING_FIRST: readonly AreaName[] = [
	'top',
	'fringe',
	'crown',
	'leftSide',
	'rightSide',
	'back',
	'nape',
	'hairline'
];

const BACK_FIRST: readonly AreaName[] = [
	'back',
	'nape',
	'crown',
	'top',
	'leftSide',
	'rightSide',
	'fringe',
	'hairline'
];
const SIDES_LAST: readonly AreaName[] = [
	'crown',
	'top',
	'back',
	'nape',
	'fringe',
	'leftSide',
	'rightSide',
	'hairline'
];

/** Orders in which a head is worked by a technique. */
export const ordersOf = (technique: (typeof TECHNIQUES)[number]): readonly OrderName[] =>
	technique === 'retouch'
		? ['crownFirst', 'partingFirst', 'backFirst', 'sidesLast']
		: ['napeUp', 'crownFirst', 'partingFirst', 'darkestFirst', 'hairlineLast'];

/**
 * Sections in an order of work.
 * @param levelOf level a section starts from; asked for darkest first only
 */
export function inOrder(
	sections: readonly HeadSection[],
	order: OrderName,
	levelOf: (section: HeadSection) => number
): HeadSection[] {
	const napeUp = sections.toSorted((p, q) => rankBy(NAPE_UP)(p) - rankBy(NAPE_UP)(q));
	const by = (rank: (section: HeadSection) => number) =>
		napeUp.toSorted((p, q) => rank(p) - rank(q));
	switch (order) {
		case 'napeUp':
			return napeUp;
		case 'crownFirst':
			return by(rankBy(CROWN_FIRST));
		case 'partingFirst':
			return by(rankBy(PARTING_FIRST));
		case 'backFirst':
			return by(rankBy(BACK_FIRST));
		case 'sidesLast':
			return by(rankBy(SIDES_LAST));
		case 'darkestFirst':
			return by(levelOf);
		case 'hairlineLast':
			// From the order as it stands: only the fine hair moves to the end.
			return sections.toSorted((p, q) => Number(isHairline(p)) - Number(isHairline(q)));
	}
}

/** Nothing but hairline: its hair is fine and quick. */
export const isHairline = ({ areas }: HeadSection): boolean =>
	areas.every((area) => area === 'hairline');
