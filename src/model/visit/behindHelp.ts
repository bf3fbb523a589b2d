import { levelOfFibre, predictLift, type AreaName } from '../../core/lift';
import { minutesTo } from '../../core/plan';
import { RINSE_MODES, ZONE_NAMES } from '../../core/vocabulary';
import {
	inOrder,
	ordersOf,
	STAGING,
	usualRinse,
	type HeadWayResult,
	type OrderName,
	type RinseMode,
	type Staging
} from '../../core/work';
import type { BowlsPlan, LiftStep } from '../../schema/records';
import { sectionLevel } from './headWork';
import { onceMore } from './onceMore';
import { sectionEnds, type StagedWork } from './sectionEnds';

/** Another way of working the same head with the same mixture: nothing of it is stronger or lies longer than was chosen. */
export interface BowlWay {
	/** What it goes by. */
	readonly name: string;
	readonly rinse?: RinseMode;
	readonly order?: OrderName;
	readonly hands?: 2;
}

/** The other ways of working a head that may bring up what stays behind, each by itself, and a second pair of hands with each rinse. */
export function bowlWays({ bowls, workMinutes }: StagedWork): BowlWay[] {
	const rinses = RINSE_MODES.filter(
		(mode) => mode !== (bowls.rinse.mode ?? usualRinse(workMinutes))
	);
	const way = (one: Omit<BowlWay, 'name'>): BowlWay => ({
		...one,
		name: [one.rinse, one.order, one.hands].filter((each) => each !== undefined).join(' ')
	});
	return [
		...rinses.map((rinse) => way({ rinse })),
		...ordersOf(bowls.technique)
			.filter((order) => order !== bowls.order || bowls.sections !== undefined)
			.map((order) => way({ order })),
		...(bowls.hands === 2 ? [] : rinses.map((rinse) => way({ rinse, hands: 2 })))
	];
}

/** What a way changes of how a head is worked. */
export function wayChange(
	{ rinse, order, hands }: BowlWay,
	{ bowls, sections, workMinutes, ...head }: StagedWork
): Partial<BowlsPlan> {
	const ordered =
		order &&
		inOrder(
			sections.map(({ section }) => section),
			order,
			sectionLevel(head)
		);
	return {
		// The rinse that it is tried with is kept, or it would be rinsed in another way than was promised.
		rinse: rinse
			? { blocks: bowls.rinse.blocks, mode: rinse }
			: { ...bowls.rinse, mode: bowls.rinse.mode ?? usualRinse(workMinutes) },
		...(ordered
			? { sections: ordered.map((section) => ({ ...section, areas: [...section.areas] })) }
			: {}),
		...(hands ? { hands } : {})
	};
}

/** A way that helps, and how even and how near the head comes out with it. */
export interface HelpfulWay extends BowlWay, NonNullable<HeadWayResult['outcome']> {}

/** The ways that are worth a tap, the best first; of two as good the one that asks for less. */
export function helpfulWays(
	before: Pick<Staging, 'spread' | 'shortfall'>,
	ways: readonly BowlWay[],
	results: readonly HeadWayResult[]
): HelpfulWay[] {
	const missed = ({ spread, shortfall }: Pick<Staging, 'spread' | 'shortfall'>) =>
		spread + shortfall;
	const asked = ({ hands, order, rinse }: BowlWay) =>
		[hands, order, rinse].filter((each) => each !== undefined).length;
	const worked = ways.flatMap((way): HelpfulWay[] => {
		const outcome = results.find(({ name }) => name === way.name)?.outcome;
		return outcome ? [{ ...way, ...outcome }] : [];
	});
	/** Whatever asks for less and comes as near leaves no reason for more. */
	const isNeedless = (way: HelpfulWay): boolean =>
		worked.some(
			(less) =>
				less.rinse === way.rinse &&
				less.order === way.order &&
				asked(less) < asked(way) &&
				missed(less) < missed(way) + STAGING.worthAdvising
		);
	return worked
		.filter((way) => missed(way) < missed(before) - STAGING.worthAdvising && !isNeedless(way))
		.sort((p, q) => missed(p) - missed(q) || asked(p) - asked(q));
}

/** Another application on what stays behind, and what it comes to. */
export interface AgainOnBehind {
	readonly step: LiftStep;
	readonly areas: readonly AreaName[];
	/** Where the slowest of it ends, level and condition index 0-100. */
	readonly level: number;
	readonly condition: number;
}

/**
 * The mixture once more, fresh, on the sections that are left short of their aim, for the minutes that the slowest of
 * them needs: never stronger than was chosen, and never past the limit of the product.
 * @returns nothing where none is left short, or the product gains nothing more
 */
export function againOnBehind(
	work: StagedWork,
	staging: Pick<Staging, 'finish' | 'shortfall'>
): AgainOnBehind | undefined {
	if (staging.shortfall <= STAGING.nearEnough) return undefined;
	const short = sectionEnds(work, staging).filter(
		({ level, asked }) => level < asked - STAGING.nearEnough
	);
	const minutes = Math.max(
		0,
		...short.map(({ asked, fibre, application, factors }) =>
			minutesTo(asked, fibre, application, factors, work.limitMinutes)
		)
	);
	const ends = short.map(({ fibre, application, factors, condition }) => {
		const result = predictLift(fibre, [{ ...application, minutes }], factors, condition).at(-1)!;
		return { level: levelOfFibre(result.fibre), condition: result.condition };
	});
	const level = Math.min(...ends.map((end) => end.level));
	const gained = level - Math.min(...short.map((one) => one.level));
	if (short.length === 0 || gained < STAGING.worthAdvising) return undefined;
	const areas = [...new Set(short.flatMap((one) => one.areas))];
	const zones = ZONE_NAMES.filter((name) => short.some(({ zone }) => zone.name === name));
	return {
		step: onceMore(work.plan, minutes, zones, areas),
		areas,
		level,
		condition: Math.min(...ends.map((end) => end.condition))
	};
}

/** An aim is agreed in half levels. */
const AIM_STEP = 0.5;

/**
 * The aim that the whole head meets as it is staged: deeper by as many half levels as what stays behind lacks.
 * @returns its level; nothing where nothing lacks, or where it would be no lift any more
 */
export function aimInReach(
	{ reading, aim }: Pick<StagedWork, 'reading' | 'aim'>,
	{ shortfall }: Pick<Staging, 'shortfall'>
): number | undefined {
	if (shortfall <= STAGING.nearEnough) return undefined;
	const level = aim.level - Math.ceil((shortfall - STAGING.nearEnough) / AIM_STEP) * AIM_STEP;
	return level > reading.naturalLevel ? level : undefined;
}
