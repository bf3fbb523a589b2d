import type { SectionFinish, StagedBowl } from './staging';
import { CLOCK } from './constants';

/** Who is busy. */
export type Hands = 'colourist' | 'assistant' | 'chair';

/** One stretch of the service. Minutes count from the first brush stroke; mixing starts before it. */
export interface ClockItem {
	readonly who: Hands;
	readonly what: 'mix' | 'apply' | 'process' | 'check' | 'rinse' | 'tone' | 'finish';
	/** The section or the bowl. */
	readonly of: string;
	readonly fromMinute: number;
	readonly toMinute: number;
}

export interface ServiceClock {
	readonly items: readonly ClockItem[];
	/** From sitting down to leaving. */
	readonly chairMinutes: number;
	readonly handsOnMinutes: number;
	/** Gaps in which the colourist is free, at least five minutes. */
	readonly gaps: readonly { readonly fromMinute: number; readonly toMinute: number }[];
}

export interface ClockProblem {
	readonly bowls: readonly Pick<StagedBowl, 'number' | 'mixAtMinute'>[];
	readonly finish: readonly Pick<
		SectionFinish,
		'section' | 'appliedFromMinute' | 'appliedToMinute' | 'rinseMinute'
	>[];
	/** Whether somebody else mixes and rinses. */
	readonly assistant?: boolean | undefined;
	/** Minutes of the toner; 0 for none. */
	readonly toneMinutes?: number | undefined;
	readonly consultMinutes?: number | undefined;
}

/**
 * Who does what when. Each section is checked from about half of its time, then every eight minutes
 * until the rinse; sections that are rinsed in the same minute are rinsed together.
 */
export function serviceClock(problem: ClockProblem): ServiceClock {
	const { finish } = problem;
	const helper: Hands = problem.assistant ? 'assistant' : 'colourist';
	const items: ClockItem[] = [];
	for (const { number, mixAtMinute } of problem.bowls) {
		items.push({
			who: helper,
			what: 'mix',
			of: `bowl ${number}`,
			fromMinute: mixAtMinute - CLOCK.mixMinutes,
			toMinute: mixAtMinute
		});
	}
	for (const { section, appliedFromMinute, appliedToMinute, rinseMinute } of finish) {
		items.push(
			{
				who: 'colourist',
				what: 'apply',
				of: section,
				fromMinute: appliedFromMinute,
				toMinute: appliedToMinute
			},
			{
				who: 'chair',
				what: 'process',
				of: section,
				fromMinute: appliedToMinute,
				toMinute: rinseMinute
			}
		);
	}
	const lastApplied = Math.max(0, ...finish.map(({ appliedToMinute }) => appliedToMinute));
	items.push(...checksOf(problem, lastApplied));
	const rinses = [...new Set(finish.map(({ rinseMinute }) => rinseMinute))].sort((p, q) => p - q);
	let clock = 0;
	for (const minute of rinses) {
		const together = finish.filter(({ rinseMinute }) => rinseMinute === minute);
		const fromMinute = Math.max(clock, minute);
		clock = fromMinute + CLOCK.rinseMinutes;
		const of = together.map(({ section }) => section).join(', ');
		items.push({ who: helper, what: 'rinse', of, fromMinute, toMinute: clock });
	}
	const tone = problem.toneMinutes ?? 0;
	if (tone > 0) {
		const applied = clock + CLOCK.toneApplyMinutes;
		items.push(
			{ who: 'colourist', what: 'tone', of: 'toner', fromMinute: clock, toMinute: applied },
			{ who: 'chair', what: 'process', of: 'toner', fromMinute: applied, toMinute: applied + tone },
			{
				who: helper,
				what: 'rinse',
				of: 'toner',
				fromMinute: applied + tone,
				toMinute: applied + tone + CLOCK.rinseMinutes
			}
		);
		clock = applied + tone + CLOCK.rinseMinutes;
	}
	const end = clock + CLOCK.finishMinutes;
	items.push({
		who: 'colourist',
		what: 'finish',
		of: 'dry and judge',
		fromMinute: clock,
		toMinute: end
	});
	items.sort((p, q) => p.fromMinute - q.fromMinute || p.toMinute - q.toMinute);
	const busy = merged(items.filter(({ who }) => who === 'colourist'));
	const begin = Math.min(0, ...items.map(({ fromMinute }) => fromMinute));
	return {
		items,
		chairMinutes: Math.round(end - begin + (problem.consultMinutes ?? CLOCK.consultMinutes)),
		handsOnMinutes: Math.round(busy.reduce((sum, [from, to]) => sum + to - from, 0)),
		gaps: busy.slice(1).flatMap(([fromMinute], i) => {
			const before = busy[i]![1];
			return fromMinute - before >= CLOCK.leastGap
				? [{ fromMinute: before, toMinute: fromMinute }]
				: [];
		})
	};
}

/** Rounds of checks once the hands are free, each over every section past half its time. */
function checksOf({ finish }: ClockProblem, lastApplied: number): ClockItem[] {
	const items: ClockItem[] = [];
	const lastRinse = Math.max(0, ...finish.map(({ rinseMinute }) => rinseMinute));
	const halfWay = Math.min(
		...finish.map(({ appliedToMinute, rinseMinute }) => (appliedToMinute + rinseMinute) / 2)
	);
	let minute = Math.max(lastApplied, halfWay);
	for (; minute + CLOCK.checkMinutes <= lastRinse; minute += CLOCK.checkEvery) {
		const due = finish.filter(
			({ appliedToMinute, rinseMinute }) =>
				minute >= (appliedToMinute + rinseMinute) / 2 - CLOCK.checkEvery && minute < rinseMinute
		);
		if (due.length === 0) continue;
		items.push({
			who: 'colourist',
			what: 'check',
			of: due.map(({ section }) => section).join(', '),
			fromMinute: minute,
			toMinute: minute + CLOCK.checkMinutes
		});
	}
	return items;
}

/** Stretches without overlaps, in order. */
function merged(items: readonly ClockItem[]): [number, number][] {
	const spans: [number, number][] = [];
	for (const { fromMinute, toMinute } of [...items].sort((p, q) => p.fromMinute - q.fromMinute)) {
		const last = spans.at(-1);
		if (last && fromMinute <= last[1]) last[1] = Math.max(last[1], toMinute);
		else spans.push([fromMinute, toMinute]);
	}
	return spans;
}
