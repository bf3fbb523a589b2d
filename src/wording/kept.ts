import { formatLevel } from '../core/hair';
import { levelOfFibre, type AreaName, type Fibre } from '../core/lift';
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
	deeper: 'stays or goes deeper: no lightener',
	enough: 'has its light pieces already: the rest stays'
};

/** That light hair is lightened again all the same: its bowl, and why. */
export const alongWords = (along?: { readonly volume: number; readonly reason: string }): string =>
	along ? `light already, taken along with ${along.volume} vol (“${along.reason}”)` : '';

/** What lightening hair once more costs it: “condition 78 to 71”. */
export const costWords = ({ without, along }: { without: number; along: number }): string => {
	const [from, to] = [Math.round(without), Math.round(along)];
	return from === to ? 'no difference to its condition' : `condition ${from} to ${to}`;
};

/** Light pieces by their share and level: “75 % at 9”. */
export const lightsWords = ({
	share,
	level
}: {
	readonly share: number;
	readonly level: number;
}): string => `${formatShare(share)} at ${formatLevel(level)}`;

/** Old light pieces beside the level of the rest, and what the eye makes of both: “30 % at 9, together 7.1”. */
export const oldLightsWords = (share: number, level: number, together: number): string =>
	`${lightsWords({ share, level })}, together ${formatLevel(together)}`;

/** Where old light pieces are to end, and what takes them there. */
export function lightsAimWords(
	{
		zone,
		share,
		before,
		level,
		worked,
		aim
	}: {
		readonly zone: ZoneName;
		readonly share: number;
		readonly before: Fibre;
		readonly level: number;
		readonly worked: boolean;
		readonly aim: { readonly level: number };
	},
	volume: number | undefined
): string {
	const now = levelOfFibre(before);
	const [is, asked] = [formatLevel(now), formatLevel(aim.level)];
	const name = `Old light pieces in the ${zone}, ${formatShare(share)} at ${is}`;
	if (worked) {
		const bowl = volume === undefined ? 'the one bowl' : `their own ${volume} vol`;
		return `${name}: ${bowl} brings them to ${formatLevel(level)}, asked ${asked}.`;
	}
	if (Number(asked) === Number(is)) return `${name}: they stay as they are.`;
	return aim.level < now
		? `${name}: no lightener; the toner is to bring them down to ${asked}.`
		: `${name}: kept out at ${is}. To reach ${asked} they are taken along in Lift, with a reason and a weak bowl.`;
}

/** What the toner of the rest makes of old light pieces, beside what is asked of them. */
export function lightsTonedWords({
	level,
	toned,
	aim
}: {
	readonly level: number;
	readonly toned: number;
	readonly aim: { readonly level: number };
}): string {
	const off = toned - aim.level;
	const end = `${formatLevel(level)} comes to ${formatLevel(toned)} under this toner`;
	if (Math.abs(off) < 0.3) return `${end}, as asked.`;
	return off > 0
		? `${end}, ${off.toFixed(1)} lighter than the ${formatLevel(aim.level)} that is asked of them.`
		: `${end}, ${(-off).toFixed(1)} deeper than the ${formatLevel(aim.level)} that is asked of them.`;
}
