import { levelOfFibre, predictLift, type AreaName } from '../../core/lift';
import { minutesTo, type AimJudgement } from '../../core/plan';
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
import type { Aim, BowlsPlan, LiftPlan, LiftStep, Reading, Visit } from '../../schema/records';
import { aimOf, aimOn } from '../head/exceptions';
import { mainZone, seenFibre } from '../head/hair';
import { hairAt, sectionLevel, workedIn, type SectionWork } from './headWork';
import { planAt } from './kept';
import { applicationOn, liftTarget, subjectOf, type Learned } from './lift';
import { onceMore, takesAgain } from './onceMore';

/** A head whose bowls are staged. */
export interface StagedWork {
	readonly reading: Reading;
	readonly aim: Aim;
	readonly plan: LiftPlan;
	readonly bowls: BowlsPlan;
	/** In the order of the work. */
	readonly sections: readonly SectionWork[];
	readonly workMinutes: number;
	readonly learned: Learned | undefined;
	readonly limitMinutes: number;
}

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
	{ bowls, sections, ...head }: StagedWork
): Partial<BowlsPlan> {
	const ordered =
		order &&
		inOrder(
			sections.map(({ section }) => section),
			order,
			sectionLevel(head)
		);
	return {
		...(rinse ? { rinse: { blocks: bowls.rinse.blocks, mode: rinse } } : {}),
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
	{ reading, aim, plan, sections, learned, limitMinutes }: StagedWork,
	{ finish, shortfall }: Pick<Staging, 'finish' | 'shortfall'>
): AgainOnBehind | undefined {
	if (shortfall <= STAGING.nearEnough) return undefined;
	const short = finish.flatMap(({ section, part, level, condition }) => {
		const work = sections.find((one) => one.section.id === section);
		if (!work || part === 'oldLights') return [];
		const areas = workedIn({ reading, aim, plan }, work.section);
		const [area] = areas;
		const { reading: own, zones } = hairAt(reading, area);
		const worked = planAt(plan, reading, aim, area);
		const zone = mainZone(zones, worked.covers);
		const asked = liftTarget(aimOn(aimOf(aim, area), zone.name));
		if (level >= asked - STAGING.nearEnough) return [];
		const { factors } = subjectOf(own, learned, area);
		const application = applicationOn({ ...worked, drawThroughMinutes: 0 }, zone);
		// What is left of old colour is known by the lift alone.
		const fibre =
			zone.state === 'coloured'
				? predictLift(zone.fibre, [application], factors).at(-1)!.fibre
				: seenFibre(own, level);
		const minutes = minutesTo(asked, fibre, application, factors, limitMinutes);
		return [{ areas, zone, level, condition, fibre, application, factors, minutes }];
	});
	const minutes = Math.max(0, ...short.map((one) => one.minutes));
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
		step: onceMore(plan, minutes, zones, areas),
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

/** What the day, the aim or more visits could do for a head that its bowls alone do not bring there. */
export type DayHelp =
	| { readonly kind: 'again'; readonly again: AgainOnBehind }
	| { readonly kind: 'aim'; readonly level: number }
	| { readonly kind: 'visits'; readonly visits: number; readonly weeks: number };

/**
 * What is left to do where working the head otherwise is not enough, the nearest first. Old dark colour is never promised
 * to go in one day.
 * @param judged the plain verdict on the aim; nothing before it is found
 */
export function dayHelps(
	work: StagedWork,
	staging: Pick<Staging, 'finish' | 'shortfall'>,
	visit: Pick<Visit, 'after' | 'run'>,
	judged: Pick<AimJudgement, 'verdict' | 'visits' | 'weeks' | 'darkColour'> | undefined
): DayHelp[] {
	const isPlanned = visit.after.some(({ kind }) => kind === 'again');
	const again =
		isPlanned || !takesAgain(visit) || judged?.darkColour
			? undefined
			: againOnBehind(work, staging);
	const level = aimInReach(work, staging);
	return [
		...(again ? [{ kind: 'again', again } as const] : []),
		...(level === undefined ? [] : [{ kind: 'aim', level } as const]),
		...(judged?.verdict === 'visits'
			? [{ kind: 'visits', visits: judged.visits, weeks: judged.weeks } as const]
			: [])
	];
}
