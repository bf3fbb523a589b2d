import { isLying, type NextAct, type RunningSection } from '../../core/work';
import {
	decideChecks,
	noteCheck,
	tellMore,
	type Check,
	type Told
} from '../../model/commands/checks';
import {
	beganEarlier,
	logAllOn,
	comeOff,
	notAllOff,
	rinse,
	tappedEarlier,
	tapAllOn,
	tapOn,
	tapSection,
	untapSection,
	type Tap
} from '../../model/commands/run';
import { reaches } from '../../model/day/steps';
import { nextRinseStep } from '../../model/commands/clocks';
import { keyOf, RunningView } from '../../state/runningView.svelte';
import type { VisitState } from '../../state/visitState.svelte';
import type { ZoneName } from '../../schema/records';
import { say } from '../../ui/say.svelte';
import { sectionNamer } from '../../wording/bowls';
import { actWords, checkWords, DONE_WORDS, dueWords } from '../../wording/chair';

const isPut = ({ act }: NextAct): boolean => act === 'putOn' || act === 'beOn';

/** A second tap on the bar within this takes the first back, seconds. */
const UNDONE_SECONDS = 5;

/** A section is named for the bar so many minutes before it is begun. */
const SOON_MINUTES = 1;

/** Whether what a look tells of stops the whole head, and not one section alone. */
export const stopsAll = ({ section, scalp }: Check): boolean =>
	section === undefined || scalp === 'burns';

/** The service as Chair runs it, section by section, from the first stroke to the rinse. */
export class ChairRun {
	readonly #session: VisitState;
	readonly #seconds: () => number;
	readonly view: RunningView;
	/** The section that somebody points at; nothing, and it is that of the next act. */
	#pointed: string | undefined = $state();
	/** The look of which more may be told. */
	#checkId: string | undefined = $state();

	/** @param seconds on the timer */
	constructor(session: VisitState, seconds: () => number) {
		this.#session = session;
		this.#seconds = seconds;
		this.view = new RunningView(session, seconds);
	}

	get head() {
		return this.view.head;
	}
	get minute(): number {
		return this.view.minute;
	}
	get next(): NextAct | undefined {
		return this.view.next;
	}
	nameOf = $derived.by(() =>
		sectionNamer(this.#session.bowls.sections.map(({ section }) => section))
	);
	/** The section that is being put on, or is about to be, and those after it. */
	putting: readonly RunningSection[] = $derived.by(() => {
		const acts = (this.head?.acts ?? []).filter(isPut);
		const [due] = acts;
		if (!due || (due.act === 'putOn' && due.minute > this.minute + SOON_MINUTES)) return [];
		return acts.flatMap((act) => this.view.sectionOf(act) ?? []);
	});
	/** The section that is looked at. */
	looked: RunningSection | undefined = $derived.by(() =>
		this.#pointed === undefined
			? this.next && this.view.sectionOf(this.next)
			: this.head?.sections.find((one) => keyOf(one) === this.#pointed)
	);
	/** What is looked at comes before what is put on: it is due, or somebody points at it. */
	get looksFirst(): boolean {
		return this.next?.section !== this.putting[0]?.section || this.#pointed !== undefined;
	}
	/** When the last section came off; nothing while one lies, or is still to be put on. */
	allOffMinute: number | undefined = $derived.by(() => {
		const sections = this.head?.sections ?? [];
		return sections.length > 0 && sections.every(({ state }) => state === 'off')
			? Math.max(...sections.map(({ offMinute }) => offMinute))
			: undefined;
	});
	/**
	 * What a zone is expected to have come to, where it was worked: the mean of its sections, and once it is rinsed by
	 * the minutes that it lay, as Tone and the record have it.
	 */
	expectedOn(zone: ZoneName): number | undefined {
		const { head, visit } = this.#session;
		const main = head.zone.name;
		if (visit.run.lain) {
			const own = head.zones.find(({ name }) => name === zone);
			if (!own || !reaches(head.plan, zone)) return undefined;
			// What it was read as says nothing of what was expected of it.
			const foreseen = head.foreseenOnRead(own);
			if (foreseen !== undefined) return foreseen;
			return zone === main ? head.main.lift.level : head.main.levelWith(own, {});
		}
		const levels = (this.view.ended ?? []).flatMap(({ part, level }) =>
			zone === (part === undefined ? main : part === 'oldLights' ? undefined : part) ? [level] : []
		);
		return levels.length === 0
			? undefined
			: levels.reduce((sum, level) => sum + level, 0) / levels.length;
	}
	/** A rinse that is due, or nearly: the sections that come off together. */
	rinsing: NextAct['of'] = $derived.by(() =>
		this.next?.act === 'rinse' && this.next.minute <= this.minute + SOON_MINUTES
			? this.next.of
			: undefined
	);
	/** Something is due on the head, whoever stands at the basin. */
	get pressing(): boolean {
		return this.next !== undefined && this.next.minute <= this.minute;
	}
	/** Nobody has to do anything yet: minutes until somebody has. */
	get minutesUntil(): number | undefined {
		if (!this.next || this.pressing || this.putting.length > 0 || this.check) return undefined;
		return this.next.minute - this.#seconds() / 60;
	}
	/** Looks that stop everything, and were answered. */
	#answered: ReadonlySet<string> = $state.raw(new Set());
	/** A look that stops everything, where what it tells of still lies; the last of them. */
	alarm: Check | undefined = $derived.by(() =>
		this.#session.visit.run.notes.findLast(
			(check) =>
				(check.stretch === 'limp' || check.scalp === 'burns') &&
				!this.#answered.has(check.id) &&
				this.#liesStill(check)
		)
	);
	#liesStill(check: Check): boolean {
		const { startedAt, rinsedAtMinute } = this.#session.visit.run;
		// Before the bowls are found nobody knows what lies where: then all of it may.
		if (!this.head) return startedAt !== undefined && rinsedAtMinute === undefined;
		const isOf = (one: RunningSection) =>
			stopsAll(check) || (one.section === check.section && one.part === check.part);
		return this.head.sections.some((one) => isLying(one) && isOf(one));
	}
	answer(id: string): void {
		this.#answered = new Set([...this.#answered, id]);
	}
	/** The look that was just taken of it, of which more may be told. */
	check: Check | undefined = $derived.by(() => {
		const check = this.#session.visit.run.notes.find(({ id }) => id === this.#checkId);
		return check && this.looked?.section === check.section && this.looked?.part === check.part
			? check
			: undefined;
	});
	/** An act, as one says it across the room. */
	act(act: NextAct): string {
		return actWords(act, this.nameOf);
	}
	/** An act in a line, with when it is due. */
	said(act: NextAct): string {
		return `${this.act(act)} ${this.due(act)}`;
	}
	due(act: NextAct): string {
		return dueWords(act.minute - this.minute, act.act);
	}
	/** Looks at a section, or back at that of the next act. */
	point(key: string): void {
		this.#pointed = this.#pointed === key ? undefined : key;
	}
	/** Looks at the section before or after, round the head. */
	move(by: 1 | -1): void {
		const sections = this.head?.sections ?? [];
		const at = sections.findIndex((one) => one === this.looked);
		const to = sections[(Math.max(at, 0) + by + sections.length) % sections.length];
		if (to) this.#pointed = keyOf(to);
	}
	/** Minutes until a section is at its level by all that was seen; nothing where it does not get there in time. */
	readyIn({ section, part }: Pick<RunningSection, 'section' | 'part'>): number | undefined {
		const head = this.view.proposal?.head ?? this.head;
		const one = head?.sections.find((each) => each.section === section && each.part === part);
		return one?.readyMinute === undefined ? undefined : one.readyMinute - this.minute;
	}
	/** The look is told: back to what comes next. */
	checkDone(): void {
		this.#checkId = undefined;
		this.#pointed = undefined;
	}

	/** Somebody looked at a section; for a moment it can be taken back by the message that says so. */
	look(section: RunningSection, told: Told): void {
		const { laid: staging } = this.#session.bowls;
		if (!staging) return;
		const zone = this.zoneOf(section);
		let id = '';
		this.#session.change(`looked at ${this.nameOf(section.section)}`, ({ run }) => {
			id = noteCheck(run, section, staging, zone, told, this.#seconds());
		});
		// The next act may be another's: what was looked at stays until it is told.
		this.#pointed = keyOf(section);
		this.#checkId = id;
		say(`${this.nameOf(section.section)} ${checkWords(told)}.`, () => this.takeBack(id));
	}
	/** More is told of the look that was just taken. */
	tell(id: string, told: Told): void {
		this.#session.change('told more of a check', ({ run }) => tellMore(run, id, told));
	}
	takeBack(id: string): void {
		this.#session.dropCheck(id);
	}
	/** The zone that a section is taken to speak of. */
	zoneOf({ part }: Pick<RunningSection, 'part'>): ZoneName {
		return part === undefined ? this.#session.head.zone.name : part === 'root' ? 'root' : 'lengths';
	}
	/** What is left of the plan bends to what was seen, or stays. */
	decide(takes: boolean): void {
		this.#session.change(takes ? 'took what the checks say' : 'left the plan as it is', ({ run }) =>
			decideChecks(run, takes)
		);
		this.checkDone();
	}

	/** Something was done to sections; for a moment it can be taken back by the message that says so. */
	tap(
		sections: readonly Pick<RunningSection, 'section' | 'part'>[],
		act: Tap['act'],
		volume?: number
	): void {
		const { head } = this;
		const [first] = sections;
		if (!head || !first) return;
		const what =
			sections.length === 1 ? this.nameOf(first.section) : `each of ${sections.length} sections`;
		const done = `${what} ${DONE_WORDS[act]}`;
		const isTapped = (one: RunningSection) =>
			sections.some(({ section, part }) => one.section === section && one.part === part);
		const isLast =
			act === 'off' && head.sections.every((one) => one.state === 'off' || isTapped(one));
		const lain = isLast ? this.view.lain : undefined;
		this.#session.change(done, ({ run }) => {
			if (lain) comeOff(run, lain);
			for (const { section, part } of sections) {
				const last = act === 'on' && tapOn(run, { section, part }, head.sections, this.#seconds());
				if (last && !run.allOn) this.#logAllOn(run);
				if (act !== 'on')
					tapSection(
						run,
						{ act, section, part, ...(volume === undefined ? {} : { volume }) },
						this.#seconds()
					);
			}
		});
		this.checkDone();
		// What was done to it while it lies is looked at.
		if (act !== 'on' && act !== 'off') this.#pointed = keyOf(first);
		say(`${done}.`, () => this.untap(sections, act));
	}
	/** Sections come under the water together, and are washed step by step. */
	underWater(of: NonNullable<NextAct['of']>): void {
		this.tap(of, 'off');
		this.#session.change('at the basin', ({ run }) =>
			nextRinseStep(run, 'water', this.#session.now())
		);
	}
	/** What comes next is done; what is put on while something else is asked for is on. */
	doNext(): void {
		const { next } = this;
		const [putting] = this.putting;
		const section = next && this.view.sectionOf(next);
		if (next?.act === 'takeOff' && section) this.tap([section], 'off');
		else if (next?.act === 'rinse') this.underWater(next.of!);
		else if (next?.act === 'open' && section) this.tap([section], 'open');
		else if (putting) this.tap([putting], 'on');
	}
	untap(sections: readonly Pick<RunningSection, 'section' | 'part'>[], act: Tap['act']): void {
		this.#session.change(
			`not so: ${this.nameOf(sections[0]!.section)} ${DONE_WORDS[act]}`,
			({ run }) => {
				for (const { section, part } of sections) untapSection(run, { act, section, part });
				if (act === 'on') delete run.allOn;
				if (act === 'off') notAllOff(run);
			}
		);
	}
	/** Whether somebody said that it is on; otherwise it follows the plan. */
	isTappedOn({ section, part }: Pick<RunningSection, 'section' | 'part'>): boolean {
		return (this.#session.visit.run.taps ?? []).some(
			(tap) => tap.act === 'on' && tap.section === section && tap.part === part
		);
	}
	/** It went on before it was tapped. */
	wasOnEarlier(section: Pick<RunningSection, 'section' | 'part'>, minutes: number): void {
		this.#session.change(`${this.nameOf(section.section)} went on earlier`, ({ run }) =>
			tappedEarlier(run, { act: 'on', section: section.section, part: section.part }, minutes)
		);
	}
	/** What the bar said a moment ago: a second tap takes it back. */
	justOn: RunningSection | undefined = $derived.by(() => {
		const last = (this.#session.visit.run.taps ?? []).findLast(({ act }) => act === 'on');
		if (!last || this.#seconds() - last.minute * 60 > UNDONE_SECONDS) return undefined;
		return this.head?.sections.find(
			(one) => one.section === last.section && one.part === last.part
		);
	});
	/** The bar was tapped: the section is on, or what it said a moment ago is taken back. */
	tapBar(section: RunningSection): void {
		if (this.justOn) this.untap([this.justOn], 'on');
		else this.tap([section], 'on');
	}
	/** The service began before its clock was started. */
	beganEarlier(minutes: number): void {
		this.#session.change('the service began earlier', ({ run }) => beganEarlier(run, minutes));
	}
	/** The last of it is rinsed, whatever was tapped: nobody is at the basin any more. */
	rinsed(): void {
		const { lain } = this.view;
		this.#session.change('rinsed', (draft) => {
			rinse(draft, this.#session.now(), this.#seconds(), lain);
			nextRinseStep(draft.run, undefined, this.#session.now());
		});
	}
	/** Everything that lies comes off now, whatever was planned. */
	allOff(): void {
		const left = (one: RunningSection) => isLying(one) || one.state === 'wiped';
		this.tap((this.head?.sections ?? []).filter(left), 'off');
	}
	/** It stops here: everything comes under the water. */
	stopHere(): void {
		this.underWater(
			(this.head?.sections ?? []).filter((one) => isLying(one) || one.state === 'wiped')
		);
	}
	/** Minutes until the last of what lies comes off. */
	get minutesLeft(): number {
		const lying = (this.head?.sections ?? []).filter(isLying);
		return Math.max(0, ...lying.map(({ offMinute }) => offMinute)) - this.minute;
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
