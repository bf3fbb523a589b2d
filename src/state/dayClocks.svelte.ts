import { processCall, type ProcessCall } from '../core/work';
import type { LiftPlan } from '../schema/records';
import { clockOf, liesBy, type ProcessClock } from '../model/day/clocks';
import { dayProcesses, type DayProcess } from '../model/day/processes';
import type { Clock } from './clock.svelte';
import { RunTimer } from './runTimer.svelte';
import type { VisitState } from './visitState.svelte';

/** Something that has a clock of its own, at this moment. */
export interface DayClock extends DayProcess {
	/** Seconds that it has lain. */
	readonly seconds: number;
	readonly state: 'waiting' | 'lying' | 'held' | 'off';
	/** What it asks for next; nothing where it does not lie. */
	readonly call: ProcessCall | undefined;
}

/** Nothing lies there yet. */
const NOT_BEGUN = { elapsedSeconds: 0 } as const;

const stateOf = (clock: ProcessClock | undefined): DayClock['state'] => {
	if (clock?.startedAt === undefined) return 'waiting';
	if (clock.offAt !== undefined) return 'off';
	return clock.runningSince === undefined ? 'held' : 'lying';
};

/** The clocks of everything that lies on a head beside the sections of its main application. */
export class DayClocks {
	readonly #session: VisitState;
	readonly #clock: Clock;
	/** One for each clock, by what it is of: each counts on for itself. */
	readonly #timers = new Map<string, RunTimer>();

	constructor(session: VisitState, clock: Clock) {
		this.#session = session;
		this.#clock = clock;
	}

	/** Seconds on the clock of something. */
	seconds(of: string): number {
		let timer = this.#timers.get(of);
		if (!timer) {
			timer = new RunTimer(this.#clock);
			this.#timers.set(of, timer);
		}
		return timer.seconds(clockOf(this.#session.visit.run, of) ?? NOT_BEGUN);
	}

	/** What has a clock of its own today, beside the main application. */
	processes: readonly DayProcess[] = $derived.by(() => {
		const { steps, visit, lowlights } = this.#session;
		const limitOf = (product: LiftPlan['product']) => this.#session.limitOf(product);
		const { tone, run } = visit;
		return dayProcesses(steps, tone, lowlights.aside?.minutes, limitOf, run.clocks);
	});
	/** All of them, in the order of the day. */
	all: readonly DayClock[] = $derived.by(() => this.processes.map((process) => this.at(process)));
	/** Something that has a clock of its own, or could have one, at this moment. */
	at(process: DayProcess): DayClock {
		const clock = clockOf(this.#session.visit.run, process.of);
		const seconds = this.seconds(process.of);
		const call = liesBy(clock)
			? processCall(process, seconds / 60, clock?.lookedMinute)
			: undefined;
		return { ...process, seconds, state: stateOf(clock), call };
	}
	/** What lies and asks for something, the soonest first. */
	calling: readonly (DayClock & { readonly call: ProcessCall })[] = $derived.by(() =>
		this.all
			.flatMap((one) => (one.call ? [{ ...one, call: one.call }] : []))
			.sort((p, q) => untilCall(p) - untilCall(q))
	);
	of(of: string): DayClock | undefined {
		return this.all.find((one) => one.of === of);
	}
}

/** Minutes until something asks; negative: it asks already. */
export const untilCall = ({
	call,
	seconds
}: Pick<DayClock, 'seconds'> & { readonly call: ProcessCall }): number =>
	call.minute - seconds / 60;
