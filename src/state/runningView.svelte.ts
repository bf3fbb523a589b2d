import type { Lab } from '../core/colour';
import type { CourseMoment } from '../core/lift';
import {
	consequencesOf,
	headRate,
	lainOn,
	type Consequence,
	runningHead,
	sectionCourse,
	type HeadRate,
	type Lain,
	type NextAct,
	type RunningHead,
	type RunningSection,
	type SectionCheck
} from '../core/work';
import { checksOf, isOpen } from '../model/commands/checks';
import { tapAllOn } from '../model/commands/run';
import { reckonedLain } from '../model/day/lain';
import { strongerBy } from '../model/day/weighed';
import type { Visit } from '../schema/records';
import { steady } from './steady';
import type { VisitState } from './visitState.svelte';

/** The head is worked out anew so often, minutes. */
const SHOWN_EVERY = 0.1;

/** What a section goes by where parts of the strand are worked apart. */
export const keyOf = ({ section, part }: Pick<RunningSection, 'section' | 'part'>): string =>
	`${section} ${part ?? ''}`;

/** What was seen says that the rest of the service goes otherwise than it is planned now. */
export interface Proposal {
	readonly rate: HeadRate;
	/** The head at this minute, were the plan bent to it. */
	readonly head: RunningHead;
}

/** From when to when a section lay, minutes from the first brush stroke. */
interface Lay {
	readonly fromMinute: number;
	readonly toMinute: number;
}

/** A section as it was planned and as it was done. */
export interface LoggedSection {
	readonly section: RunningSection['section'];
	readonly part: RunningSection['part'];
	readonly planned: Lay;
	/** Until now, where it still lies. */
	readonly done: Lay;
	/** What it came to, expected. */
	readonly lab: Lab;
}

/** A service while it runs: the head section by section, from what was tapped, weighed and seen. */
export class RunningView {
	readonly #session: VisitState;
	readonly #seconds: () => number;

	/** @param seconds on the timer */
	constructor(session: VisitState, seconds: () => number) {
		this.#session = session;
		this.#seconds = seconds;
	}

	get #run(): Visit['run'] {
		return this.#session.visit.run;
	}
	/** Minutes from the first stroke for which everything is shown. */
	minute: number = $derived.by(() => Math.floor(this.#seconds() / 60 / SHOWN_EVERY) * SHOWN_EVERY);

	/** What was tapped, weighed and mixed; the same for as long as none of it changes. */
	#done = $derived.by(
		steady(() => {
			const { startedAt, followsPlan, taps = [], allOn } = this.#run;
			const begun = startedAt === undefined ? undefined : new Date(startedAt).getTime();
			const mixed = begun === undefined ? [] : this.#session.visit.bowls.mixed;
			return {
				taps,
				allOn: allOn?.minute,
				followsPlan: followsPlan === true,
				mixedAt: mixed.map(
					({ id, at }) => [id, (new Date(at).getTime() - begun!) / 60_000] as const
				)
			};
		})
	);
	#checks: readonly ReturnType<typeof checksOf>[number][] = $derived.by(
		steady(() => checksOf(this.#run))
	);
	/** The bowls with what was done, once both are there. */
	#service = $derived.by(() => {
		const { head, laid: staging } = this.#session.bowls;
		if (!staging) return undefined;
		const { allOn, mixedAt, ...done } = this.#done;
		const service = { ...done, mixedAt: new Map(mixedAt) };
		// Who only said that all is on said it of every section: also before the bowls were found.
		if (allOn !== undefined && !done.taps.some(({ act }) => act === 'on')) {
			const filled: Visit['run'] = { elapsedSeconds: 0, notes: [], taps: [...done.taps] };
			const then = runningHead(head, staging, { ...service, minute: allOn });
			tapAllOn(filled, then.sections, allOn * 60);
			service.taps = filled.taps!;
		}
		return { head, staging, service };
	});
	#rateFrom(checks: readonly SectionCheck[]): HeadRate | undefined {
		const { head, staging, service } = this.#service ?? {};
		return head && checks.length > 0 ? headRate(head, staging!, service!, checks) : undefined;
	}
	/** How fast the head is taken to lift, where somebody said that the plan bends to it. */
	rate: HeadRate | undefined = $derived.by(() =>
		this.#rateFrom(this.#checks.filter(({ counts }) => counts === true))
	);
	/** How fast it lifts by all that was seen. */
	seenRate: HeadRate | undefined = $derived.by(() => this.#rateFrom(this.#checks));

	#headBy(rate: HeadRate | undefined, minute = this.minute): RunningHead | undefined {
		const { head, staging, service } = this.#service ?? {};
		if (!head) return undefined;
		// What was tapped a moment ago has happened, though the minute that is shown is a little behind.
		const latest = service!.taps.map((tap) => tap.minute).filter((at) => at - minute < SHOWN_EVERY);
		return runningHead(head, staging!, {
			...service!,
			minute: Math.max(minute, ...latest),
			checks: this.#checks,
			rate
		});
	}
	/** Nothing before it has begun, before the bowls are staged, and once it is rinsed. */
	head: RunningHead | undefined = $derived.by(() => {
		const { startedAt, rinsedAtMinute } = this.#run;
		return startedAt !== undefined && rinsedAtMinute === undefined
			? this.#headBy(this.rate)
			: undefined;
	});
	/** What somebody is asked to take or leave; nothing where no look waits for it. */
	proposal: Proposal | undefined = $derived.by(() => {
		if (!this.head || !this.#run.notes.some(isOpen)) return undefined;
		const rate = this.seenRate;
		const head = rate && this.#headBy(rate);
		return head && { rate, head };
	});
	/** A section so many minutes from now, were it left as it lies. */
	sectionIn({ section, part }: RunningSection, minutes: number): RunningSection | undefined {
		const { sections } = this.#headBy(this.rate, this.minute + minutes) ?? {};
		return sections?.find((one) => one.section === section && one.part === part);
	}
	/** What may be done now with a section that lies, and what each of it leads to. */
	consequencesOf(section: RunningSection): Consequence[] {
		const { head, staging, service } = this.#service ?? {};
		if (!head) return [];
		const run = { ...service!, minute: this.minute, checks: this.#checks, rate: this.rate };
		return consequencesOf(head, staging!, run, section);
	}
	/** How a section goes from when it is on until it may lie no longer. */
	courseOf(section: Pick<RunningSection, 'section' | 'part'>): CourseMoment[] {
		const { head, staging, service } = this.#service ?? {};
		if (!head) return [];
		const run = { ...service!, minute: this.minute };
		return sectionCourse(head, staging!, run, section, this.rate, this.seenRate);
	}
	/** Sections as they ended, or as they are now; nothing before the service has begun. */
	ended: readonly RunningSection[] | undefined = $derived.by(() => {
		const { startedAt, rinsedAtMinute } = this.#run;
		if (startedAt === undefined) return undefined;
		return this.#headBy(this.rate, rinsedAtMinute ?? this.minute)?.sections;
	});
	/**
	 * Minutes that the main application lay, were it rinsed now; before the bowls are found, as they can be reckoned from
	 * the timer.
	 */
	get lain(): Lain {
		const minute = this.#seconds() / 60;
		const { sections } = this.#headBy(this.rate, minute) ?? {};
		const { plan, bowls } = this.#session;
		const { staging, laid } = bowls;
		const off = staging && laid ? strongerBy(staging.bowls, laid.bowls) : 0;
		const strength = off === 0 ? {} : { volume: plan.volume + off };
		if (staging && sections && sections.length > 0) {
			const planned = { minutes: plan.minutes, root: plan.minutes - plan.delays.root };
			return { ...lainOn(planned, staging.finish, sections, minute), ...strength };
		}
		const minutes = reckonedLain(this.#run, minute, plan.minutes, () => bowls.workMinutes);
		return { minutes, ...strength };
	}
	/** The service as it was planned and as it was done, in the order of the work; what did not begin is left out. */
	log: readonly LoggedSection[] = $derived.by(() => {
		const { startedAt, rinsedAtMinute } = this.#run;
		if (startedAt === undefined) return [];
		const end = rinsedAtMinute ?? this.minute;
		const planned = this.#service?.staging.finish ?? [];
		return (this.ended ?? []).flatMap((one): LoggedSection[] => {
			const { section, part, state, fromMinute, offMinute } = one;
			const plan = planned.find((each) => each.section === section && each.part === part);
			if (!plan || state === 'waiting') return [];
			const asPlanned = { fromMinute: plan.appliedFromMinute, toMinute: plan.rinseMinute };
			const toMinute = state === 'off' ? offMinute : Math.max(fromMinute, end);
			return [{ section, part, planned: asPlanned, done: { fromMinute, toMinute }, lab: one.lab }];
		});
	});
	get next(): NextAct | undefined {
		return this.head?.acts[0];
	}
	sectionOf({ section, part }: Pick<NextAct, 'section' | 'part'>): RunningSection | undefined {
		return this.head?.sections.find((one) => one.section === section && one.part === part);
	}
}
