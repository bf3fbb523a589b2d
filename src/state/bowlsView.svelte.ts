import {
	serviceClock,
	STAGING,
	workEnd,
	type ClockAside,
	type ClockRound,
	type HeadStaging,
	type ServiceClock,
	type Staging,
	type StagingAnswer,
	type StagingProblemFault
} from '../core/work';
import type { Searches } from './searches';
import type { Poured } from '../model/visit/cautions';
import type { LiftPlan, Shelf, Visit } from '../schema/records';
import { asWeighed } from '../model/day/weighed';
import { daySteps, MAIN_STEP, onNothing } from '../model/day/steps';
import { Search } from './search.svelte';
import { headStaging } from '../model/visit/headStaging';
import type { StagedWork } from '../model/visit/sectionEnds';
import { sectionWork, type HeadWorkSource, type SectionWork } from '../model/visit/headWork';
import type { Learned } from '../model/visit/lift';
import type { HandPace } from '../model/visit/handPace';
import type { Usage } from '../model/visit/usage';
import { finishOf, tonerOf, type DayWork, type StagedMain } from '../model/visit/work';

/** What the bowls of a visit rest on. */
export interface BowlsSource {
	readonly visit: Visit;
	readonly shelf: Shelf | undefined;
	readonly learned: Learned | undefined;
	readonly usage: Usage;
	readonly handPace: HandPace;
	readonly lowlights: { readonly aside: ClockAside | undefined };
	/** What the day takes, its other applications among it. */
	readonly work: DayWork;
	limitOf(product: LiftPlan['product']): number;
}

/**
 * Sections, bowls and clock of the main application. Sections and grams are worked out at once; the
 * strengths are searched for beside the page, and the last ones stand until the next are there.
 */
export class BowlsView {
	readonly #source: BowlsSource;
	readonly #visit: () => Visit;
	readonly search: Search<'stageHead'>;

	/**
	 * @param searches the door to the worker, or whoever answers on the spot
	 * @param visit whose bowls they are, where it is another than that of the source: a day that is only thought of
	 */
	constructor(
		source: BowlsSource,
		lane: string,
		searches: Searches,
		visit: () => Visit = () => source.visit
	) {
		this.#source = source;
		this.#visit = visit;
		this.search = new Search(searches, 'stageHead', lane, () =>
			this.worked ? { head: this.head } : undefined
		);
	}

	// Parts of the document keep their identity while they do not change, so a dial of another station
	// does not work the bowls out again.
	#reading = $derived.by(() => this.#visit().reading);
	#aim = $derived.by(() => this.#visit().aim);
	#bowls = $derived.by(() => this.#visit().bowls);
	#planned = $derived.by(() => this.#visit().lift);
	#noLift = $derived.by(() => this.#visit().noLift);
	#lift = $derived.by(() => (this.#noLift ? onNothing(this.#planned) : this.#planned));
	#before = $derived.by(() => this.#visit().before);
	#tone = $derived.by(() => this.#visit().tone);
	#usage = $derived.by(() => this.#source.usage.factor);

	#work: HeadWorkSource = $derived.by(() => ({
		reading: this.#reading,
		aim: this.#aim,
		bowls: this.#bowls,
		plan: this.#lift,
		earlier: daySteps({ before: this.#before, lift: this.#lift, after: [] }).filter(
			({ id }) => id !== MAIN_STEP
		),
		shelf: this.#source.shelf,
		learned: this.#source.learned,
		usage: this.#usage,
		handPace: this.#source.handPace.factor,
		limitMinutes: this.#source.limitOf(this.#lift.product)
	}));
	/** The sections in the order of the work. */
	sections: readonly SectionWork[] = $derived.by(() => sectionWork(this.#work));
	/** The head as the search takes it. */
	head: HeadStaging = $derived.by(() => headStaging(this.#work, this.sections));
	/** The same head worked otherwise, for what another choice would do. */
	headWith(change: Partial<Visit['bowls']>): HeadStaging {
		return headStaging({ ...this.#work, bowls: { ...this.#bowls, ...change } });
	}
	/** The same as what would help is looked for. */
	get stagedWork(): StagedWork {
		const { reading, aim, bowls, plan, learned, limitMinutes } = this.#work;
		const { sections, workMinutes } = this;
		return { reading, aim, bowls, plan, learned, limitMinutes, sections, workMinutes };
	}
	/** Whether anything is put on at all. */
	worked = $derived.by(() => this.sections.some(({ load }) => load !== undefined));
	workMinutes = $derived.by(() => workEnd(this.head));

	#answer: StagingAnswer | undefined = $derived.by(() => this.search.found);
	/** The bowls as they are staged; nothing before they are found, or where something is in the way. */
	staging: Staging | undefined = $derived.by(() =>
		this.#answer?.ok ? this.#answer.staging : undefined
	);
	/** What of the head stays short of its aim, and where it comes to; nothing where all of it comes near. */
	get slowest(): { readonly section: string; readonly level: number } | undefined {
		const { behind, shortfall = 0, finish = [] } = this.staging ?? {};
		const ends = finish.filter(({ section }) => section === behind);
		if (behind === undefined || shortfall <= STAGING.nearEnough || ends.length === 0)
			return undefined;
		return { section: behind, level: Math.min(...ends.map(({ level }) => level)) };
	}
	/** The same as far as they were weighed: what the head is worked with. */
	laid: Staging | undefined = $derived.by(() =>
		this.staging
			? { ...this.staging, bowls: asWeighed(this.staging.bowls, this.#bowls) }
			: undefined
	);
	/** Every strength that is mixed, or was weighed, with the place it goes on. */
	poured: readonly Poured[] | undefined = $derived.by(() => {
		const { laid, sections } = this;
		return laid?.finish.flatMap(({ section, part, bowl }) => {
			// The last answer stands until the next is there: it may know a section that is no more.
			const work = sections.find((one) => one.section.id === section);
			if (!work) return [];
			const { volume } = laid.bowls.find(({ number }) => number === bowl)!;
			const onScalp = work.onScalp && part !== 'lengths';
			return [{ placement: work.placement, onScalp, volume }];
		});
	});
	/** What stands in the way. */
	fault: StagingProblemFault | undefined = $derived.by(() =>
		this.#answer && !this.#answer.ok ? this.#answer : undefined
	);
	/** Nothing more is to be waited for: before that, bowls are reckoned and not yet to be weighed. */
	ready = $derived.by(
		() =>
			!this.worked ||
			this.staging !== undefined ||
			this.fault !== undefined ||
			this.search.trouble !== undefined
	);
	main: StagedMain | undefined = $derived.by(() =>
		this.staging
			? { staging: this.staging, workMinutes: this.workMinutes, usage: this.#usage }
			: undefined
	);
	/** Who does what when; nothing before the bowls are found. */
	clock: ServiceClock | undefined = $derived.by(() =>
		this.staging ? this.clockOf(this.staging) : undefined
	);
	/** The clock of a head that is staged in this visit's way. */
	clockOf({ bowls, finish }: Staging): ServiceClock {
		return serviceClock({
			bowls,
			finish,
			assistant: this.#bowls.assistant,
			...this.#rounds(),
			aside: this.#source.lowlights.aside,
			toner: tonerOf({
				tone: this.#tone,
				reading: this.#reading,
				aim: this.#aim,
				lift: this.#visit().lift
			}),
			finishMinutes: finishOf({ reading: this.#reading, bowls: this.#bowls })
		});
	}

	/** The other applications of the day, before the main one and after it. */
	#rounds(): { readonly before: ClockRound[]; readonly after: ClockRound[] } {
		const { steps } = this.#source.work;
		const main = steps.findIndex(({ step }) => step.id === MAIN_STEP);
		const rounds = steps.map(({ step, bowls, rinseMinute }): ClockRound => ({
			id: step.id,
			applyMinutes: bowls.workMinutes,
			rinseMinute
		}));
		return { before: rounds.slice(0, Math.max(0, main)), after: rounds.slice(main + 1) };
	}
}
