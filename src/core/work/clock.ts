import { SERVICE_MINUTES, TONER_WORK } from './constants';
import { rinseTakes } from './rinse';
import type { BowlId, SectionId, StrandPart } from './ids';
import type { SectionFinish, StagedBowl } from './staging';

/** Who is busy. */
export type Hands = 'colourist' | 'assistant' | 'chair';

export type Doing =
	| 'consult'
	| 'mix'
	| 'apply'
	| 'process'
	| 'check'
	| 'wipe'
	| 'rinse'
	| 'tone'
	| 'finish';

/** What a stretch of the service is about; who shows it finds the words. */
export type ClockSubject =
	| {
			readonly kind: 'sections';
			readonly sections: readonly SectionId[];
			readonly part?: StrandPart | undefined;
	  }
	| { readonly kind: 'bowl'; readonly bowl: BowlId; readonly number: number }
	/** Another application of the day. */
	| { readonly kind: 'round'; readonly id: string }
	| { readonly kind: 'allSections' | 'aside' | 'toner' | 'client' };

/** One stretch of the service. Minutes count from the first brush stroke; mixing starts before it. */
export interface ClockItem {
	readonly who: Hands;
	readonly what: Doing;
	readonly of: ClockSubject;
	readonly fromMinute: number;
	readonly toMinute: number;
}

export interface ServiceClock {
	/** In the order in which they begin. */
	readonly items: readonly ClockItem[];
	/** From sitting down to leaving. */
	readonly chairMinutes: number;
	readonly handsOnMinutes: number;
	/** Gaps in which the colourist is free, at least five minutes. */
	readonly gaps: readonly { readonly fromMinute: number; readonly toMinute: number }[];
}

/** A toner, or another colour that follows the rinse. */
export interface ClockToner {
	readonly minutes: number;
	/** How long it takes to work it through. */
	readonly applyMinutes: number;
}

/** Colour that goes on beside the lightener and is rinsed apart: lowlights. */
export interface ClockAside {
	readonly applyMinutes: number;
	readonly minutes: number;
}

/** Another application of the same day, rinsed before the next. */
export interface ClockRound {
	/** What the record calls it. */
	readonly id: string;
	readonly applyMinutes: number;
	/** Minute of its rinse, from its own first brush stroke. */
	readonly rinseMinute: number;
}

export interface ClockProblem {
	readonly bowls: readonly Pick<StagedBowl, 'id' | 'number' | 'mixAtMinute'>[];
	readonly finish: readonly Pick<
		SectionFinish,
		'section' | 'part' | 'appliedFromMinute' | 'appliedToMinute' | 'rinseMinute' | 'wipedFirst'
	>[];
	/** Whether somebody else mixes, wipes and rinses. */
	readonly assistant?: boolean | undefined;
	readonly toner?: ClockToner | undefined;
	readonly aside?: ClockAside | undefined;
	/** Applications before the staged one, and after it. */
	readonly before?: readonly ClockRound[] | undefined;
	readonly after?: readonly ClockRound[] | undefined;
	readonly consultMinutes?: number | undefined;
	/** What {@link finishMinutes} says of this head; left out, the usual. */
	readonly finishMinutes?: number | undefined;
}

/** Minutes to dry and show a head of this length, teased sections combed out first. */
export const finishMinutes = (lengthCm: number, teased = false): number => {
	const { finish, finishPerCm, finishCmFrom, combOut } = SERVICE_MINUTES;
	return Math.round(
		finish + finishPerCm * Math.max(0, lengthCm - finishCmFrom) + (teased ? combOut : 0)
	);
};

/** Minutes to work a toner through hair of this length: its first and its last strand lie this far apart. */
export const tonerMinutes = (lengthCm: number, densityFactor = 1): number =>
	Math.round((TONER_WORK.base + TONER_WORK.perCm * lengthCm) * densityFactor);

/** Minutes that a toner adds to a visit: worked through, left, rinsed. */
export const tonerStay = ({ minutes, applyMinutes }: ClockToner): number =>
	applyMinutes + minutes + SERVICE_MINUTES.toneRinse;

/**
 * Chair time that is sure before any bowl is staged: consultation, a bowl, the lightening up to its
 * rinse, toner and finish. {@link serviceClock} comes to the same for one rinse.
 * @param lightening minutes from the first brush stroke to the rinse, of each application of the day
 * @param asideMinutes what colour beside the lightener adds, {@link asideStay}
 * @param finish what {@link finishMinutes} says of this head
 */
export function chairMinutes(
	lightening: readonly number[],
	toner?: ClockToner,
	asideMinutes = 0,
	finish: number = SERVICE_MINUTES.finish
): number {
	const { consult, mix, rinse } = SERVICE_MINUTES;
	const rounds = lightening.reduce((sum, minutes) => sum + mix + minutes + rinse, 0);
	return Math.round(consult + rounds + asideMinutes + (toner ? tonerStay(toner) : 0) + finish);
}

/** Minutes that colour beside the lightener adds after the rinse: what it still has to lie, and its own rinse. */
export const asideStay = (
	{ applyMinutes, minutes }: ClockAside,
	workMinutes: number,
	rinseMinute: number
): number =>
	Math.max(0, workMinutes + applyMinutes + minutes - (rinseMinute + SERVICE_MINUTES.rinse)) +
	SERVICE_MINUTES.toneRinse;

/**
 * Who does what when. Each section is checked from about half of its time, then every eight minutes
 * until the rinse; a packet that does not wait for the others is wiped off, and all that are rinsed in
 * the same minute are rinsed together.
 */
export function serviceClock(problem: ClockProblem): ServiceClock {
	const { finish, aside, toner } = problem;
	const helper: Hands = problem.assistant ? 'assistant' : 'colourist';
	const consult = problem.consultMinutes ?? SERVICE_MINUTES.consult;
	const items: ClockItem[] = [];
	const add = (
		who: Hands,
		what: Doing,
		of: ClockSubject,
		fromMinute: number,
		minutes: number
	): number => {
		items.push({ who, what, of, fromMinute, toMinute: fromMinute + minutes });
		return fromMinute + minutes;
	};
	/** A whole application from a minute on; returns when it is rinsed. */
	const round = ({ id, applyMinutes, rinseMinute }: ClockRound, from: number): number => {
		const name: ClockSubject = { kind: 'round', id };
		const begun = add(helper, 'mix', name, from, SERVICE_MINUTES.mix);
		const on = add('colourist', 'apply', name, begun, applyMinutes);
		add('chair', 'process', name, on, Math.max(0, begun + rinseMinute - on));
		return add(helper, 'rinse', name, begun + rinseMinute, SERVICE_MINUTES.rinse);
	};
	const { before = [], after = [] } = problem;
	let earlier = -SERVICE_MINUTES.mix - before.reduce((sum, one) => sum + roundMinutes(one), 0);
	for (const one of before) earlier = round(one, earlier);
	for (const { id: bowl, number, mixAtMinute } of problem.bowls) {
		const of: ClockSubject = { kind: 'bowl', bowl, number };
		add(helper, 'mix', of, mixAtMinute - SERVICE_MINUTES.mix, SERVICE_MINUTES.mix);
	}
	for (const { of, from, to, end } of stretchesOf(finish)) {
		add('colourist', 'apply', of, from, to - from);
		add('chair', 'process', of, to, Math.max(0, end - to));
	}
	const lastApplied = Math.max(0, ...finish.map(({ appliedToMinute }) => appliedToMinute));
	for (const { section, part, rinseMinute } of finish.filter(({ wipedFirst }) => wipedFirst)) {
		add(helper, 'wipe', sectionsOf([section], part), rinseMinute, SERVICE_MINUTES.wipe);
	}
	let clock = 0;
	const rinses = rinsesOf(finish);
	for (const { minute, of } of rinses) {
		clock = add(helper, 'rinse', of, Math.max(clock, minute), rinseTakes(rinses.length));
	}
	// Who stands at the basin cannot look at the front.
	const away = items.filter(({ who, what }) => who === 'colourist' && what !== 'apply');
	items.push(
		...checksOf(problem, lastApplied).filter(
			(check) =>
				!away.some((one) => one.fromMinute < check.toMinute && one.toMinute > check.fromMinute)
		)
	);
	if (aside) {
		// Put on when the hands are free, rinsed apart so that no dark colour runs over fresh blonde.
		const of: ClockSubject = { kind: 'aside' };
		const on = add('colourist', 'apply', of, lastApplied, aside.applyMinutes);
		add('chair', 'process', of, on, aside.minutes);
		clock = add(
			helper,
			'rinse',
			of,
			Math.max(clock, on + aside.minutes),
			SERVICE_MINUTES.toneRinse
		);
	}
	for (const one of after) clock = round(one, clock);
	if (toner) {
		const of: ClockSubject = { kind: 'toner' };
		const on = add('colourist', 'tone', of, clock, toner.applyMinutes);
		const done = add('chair', 'process', of, on, toner.minutes);
		clock = add(helper, 'rinse', of, done, SERVICE_MINUTES.toneRinse);
	}
	clock = add(
		'colourist',
		'finish',
		{ kind: 'client' },
		clock,
		problem.finishMinutes ?? SERVICE_MINUTES.finish
	);
	const begin = Math.min(0, ...items.map(({ fromMinute }) => fromMinute));
	if (consult > 0) add('colourist', 'consult', { kind: 'client' }, begin - consult, consult);
	items.sort((p, q) => p.fromMinute - q.fromMinute || p.toMinute - q.toMinute);
	const busy = merged(items.filter(({ who }) => who === 'colourist'));
	return {
		items,
		chairMinutes: Math.round(clock - begin + consult),
		handsOnMinutes: Math.round(busy.reduce((sum, [from, to]) => sum + to - from, 0)),
		gaps: busy.slice(1).flatMap(([fromMinute], i) => {
			const before = busy[i]![1];
			return fromMinute - before >= SERVICE_MINUTES.leastGap
				? [{ fromMinute: before, toMinute: fromMinute }]
				: [];
		})
	};
}

const roundMinutes = ({ rinseMinute }: ClockRound): number =>
	SERVICE_MINUTES.mix + rinseMinute + SERVICE_MINUTES.rinse;

const sectionsOf = (sections: readonly SectionId[], part?: StrandPart): ClockSubject => ({
	kind: 'sections',
	sections: [...new Set(sections)],
	...(part === undefined ? {} : { part })
});

/** What is put on in one go: two strengths on one strand are worked packet by packet, together. */
function stretchesOf(finish: ClockProblem['finish']) {
	const stretches = new Map<string, { of: ClockSubject; from: number; to: number; end: number }>();
	for (const one of finish) {
		const { section, part, appliedFromMinute: from, appliedToMinute: to, rinseMinute } = one;
		const key = `${section} ${from}`;
		const other = stretches.get(key);
		stretches.set(
			key,
			other
				? { ...other, of: sectionsOf([section]), end: Math.max(other.end, rinseMinute) }
				: { of: sectionsOf([section], part), from, to, end: rinseMinute }
		);
	}
	return [...stretches.values()];
}

/** The rinses at the basin, in their order; what is wiped off goes with the last of them. */
function rinsesOf(finish: ClockProblem['finish']): { minute: number; of: ClockSubject }[] {
	const waiting = finish.filter(({ wipedFirst }) => !wipedFirst);
	const together = waiting.length > 0 ? waiting : finish;
	const last = Math.max(0, ...together.map(({ rinseMinute }) => rinseMinute));
	const minutes = waiting.length > 0 ? waiting.map(({ rinseMinute }) => rinseMinute) : [last];
	const rounds = [...new Set(minutes)].sort((p, q) => p - q);
	if (rounds.length === 1) return [{ minute: last, of: { kind: 'allSections' } }];
	return rounds.map((minute) => ({
		minute,
		of: sectionsOf(
			together.filter(({ rinseMinute }) => rinseMinute === minute).map((one) => one.section)
		)
	}));
}

/** Rounds of checks once the hands are free, each over every section past half its time. */
function checksOf({ finish }: ClockProblem, lastApplied: number): ClockItem[] {
	const items: ClockItem[] = [];
	const { check, checkEvery } = SERVICE_MINUTES;
	const lastRinse = Math.max(0, ...finish.map(({ rinseMinute }) => rinseMinute));
	const halfWay = Math.min(
		...finish.map(({ appliedToMinute, rinseMinute }) => (appliedToMinute + rinseMinute) / 2)
	);
	let minute = Math.max(lastApplied, halfWay);
	for (; minute + check <= lastRinse; minute += checkEvery) {
		const due = finish.filter(
			({ appliedToMinute, rinseMinute }) =>
				minute >= (appliedToMinute + rinseMinute) / 2 - checkEvery && minute < rinseMinute
		);
		if (due.length === 0) continue;
		items.push({
			who: 'colourist',
			what: 'check',
			of: sectionsOf(due.map(({ section }) => section)),
			fromMinute: minute,
			toMinute: minute + check
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
