import { formatLevel } from '../core/hair';
import type { AreaName } from '../core/lift';
import type { KEPT_OUT } from '../core/vocabulary';
import type { ZoneName } from '../schema/records';
import { areaWords, formatShare } from './words';

/** A piece of hair with its level: “ends 9.5”, “crown lengths 9”. */
export const pieceWords = ({
	areas,
	zone,
	level,
	share
}: {
	readonly areas: readonly AreaName[];
	readonly zone: ZoneName;
	readonly level: number;
	readonly share?: number | undefined;
}): string =>
	`${areas.length === 0 ? '' : `${areaWords(areas)} `}${
		share === undefined ? '' : `${formatShare(share)} old light pieces in the `
	}${zone} ${formatLevel(level)}`;

/** Why hair is left out, after its name. */
export const KEPT_WORDS: Readonly<Record<(typeof KEPT_OUT)[number], string>> = {
	left: 'left out',
	light: 'light already, kept out',
	deeper: 'stays or goes deeper: no lightener'
};

/** What lightening hair once more costs it: “condition 78 to 71”. */
export const costWords = ({ without, along }: { without: number; along: number }): string => {
	const [from, to] = [Math.round(without), Math.round(along)];
	return from === to ? 'no difference to its condition' : `condition ${from} to ${to}`;
};

/** Old light pieces beside the level of the rest: “30 % at 9”. */
export const oldLightsWords = ({ share, level }: { share: number; level: number }): string =>
	`${formatShare(share)} at ${formatLevel(level)}`;
