import type { NextAct, RunningHead, RunningSection } from '../../core/work';
import {
	logAllOn,
	tapAllOn,
	tapOn,
	tapSection,
	untapSection,
	type Tap
} from '../../model/commands/run';
import { runningOf, SHOWN_EVERY } from '../../state/runningView';
import type { VisitState } from '../../state/visitState.svelte';
import { say } from '../../ui/say.svelte';
import { sectionNamer } from '../../wording/bowls';
import { actWords, dueWords } from '../../wording/chair';

/** What a section goes by where parts of the strand are worked apart. */
export const keyOf = ({ section, part }: Pick<RunningSection, 'section' | 'part'>): string =>
	`${section} ${part ?? ''}`;

const isPut = ({ act }: NextAct): boolean => act === 'putOn' || act === 'beOn';

/** A section is named for the bar so many minutes before it is begun. */
const SOON_MINUTES = 1;

/** The service as Chair runs it, section by section, from the first stroke to the rinse. */
export class ChairRun {
	readonly #session: VisitState;
	readonly #seconds: () => number;
	/** The section that somebody points at; nothing, and it is that of the next act. */
	#pointed: string | undefined = $state();

	/** @param seconds on the timer */
	constructor(session: VisitState, seconds: () => number) {
		this.#session = session;
		this.#seconds = seconds;
	}

	/** Minutes from the first stroke for which everything is shown. */
	minute: number = $derived.by(() => Math.floor(this.#seconds() / 60 / SHOWN_EVERY) * SHOWN_EVERY);
	/** Nothing before it has begun, before the bowls are staged, and once it is rinsed. */
	head: RunningHead | undefined = $derived.by(() => {
		const { startedAt, rinsedAtMinute } = this.#session.visit.run;
		return startedAt !== undefined && rinsedAtMinute === undefined
			? runningOf(this.#session, this.minute)
			: undefined;
	});
	nameOf = $derived.by(() =>
		sectionNamer(this.#session.bowls.sections.map(({ section }) => section))
	);
	get next(): NextAct | undefined {
		return this.head?.acts[0];
	}
	/** The section that is being put on, or is about to be, and those after it. */
	putting: readonly RunningSection[] = $derived.by(() => {
		const acts = (this.head?.acts ?? []).filter(isPut);
		const [due] = acts;
		if (!due || (due.act === 'putOn' && due.minute > this.minute + SOON_MINUTES)) return [];
		return acts.flatMap((act) => this.#sectionOf(act) ?? []);
	});
	/** The section that is looked at. */
	looked: RunningSection | undefined = $derived.by(() =>
		this.#pointed === undefined
			? this.next && this.#sectionOf(this.next)
			: this.head?.sections.find((one) => keyOf(one) === this.#pointed)
	);
	#sectionOf({ section, part }: NextAct): RunningSection | undefined {
		return this.head?.sections.find((one) => one.section === section && one.part === part);
	}
	/** An act in a line, with when it is due. */
	said(act: NextAct): string {
		return `${actWords(act, this.nameOf)} ${this.due(act)}`;
	}
	due(act: NextAct): string {
		return dueWords(act.minute - this.minute, act.act);
	}
	/** Looks at a section, or back at that of the next act. */
	point(key: string): void {
		this.#pointed = this.#pointed === key ? undefined : key;
	}

	/** Something was done to a section; for a moment it can be taken back by the message that says so. */
	tap({ section, part }: RunningSection, act: Tap['act']): void {
		const { head } = this;
		if (!head) return;
		const name = this.nameOf(section);
		this.#session.change(`${name} is ${act}`, ({ run }) => {
			if (act === 'off') tapSection(run, { act, section, part }, this.#seconds());
			else if (tapOn(run, { section, part }, head.sections, this.#seconds()) && !run.allOn) {
				this.#logAllOn(run);
			}
		});
		this.#pointed = undefined;
		say(`${name} is ${act}.`, () => this.untap({ section, part }, act));
	}
	untap({ section, part }: Pick<RunningSection, 'section' | 'part'>, act: Tap['act']): void {
		this.#session.change(`${this.nameOf(section)} is not ${act}`, ({ run }) => {
			untapSection(run, { act, section, part });
			if (act === 'on') delete run.allOn;
		});
	}
	/** The last section is on: what was not tapped went on since, one after the other. */
	allOn(): void {
		const { head } = this;
		this.#session.change('all on', ({ run }) => {
			if (head) tapAllOn(run, head.sections, this.#seconds());
			this.#logAllOn(run);
		});
	}
	notAllOn(): void {
		this.#session.change('not all on yet', ({ run }) => {
			// The last of it is what was not on.
			const last = (run.taps ?? []).filter(({ act }) => act === 'on').at(-1);
			if (last) untapSection(run, last);
			delete run.allOn;
		});
	}
	#logAllOn(run: VisitState['visit']['run']): void {
		const { bowls, handPace } = this.#session;
		logAllOn(run, this.#seconds(), bowls.workMinutes / handPace.factor);
	}
	follow(followsPlan: boolean): void {
		this.#session.change('follow the plan', ({ run }) => {
			if (followsPlan) run.followsPlan = true;
			else delete run.followsPlan;
		});
	}
}
