import { MAIN_STEP } from '../../model/day/steps';
import { toggleRun } from '../../model/commands/run';
import type { Clock } from '../../state/clock.svelte';
import { RunTimer } from '../../state/runTimer.svelte';
import type { VisitState } from '../../state/visitState.svelte';

/** The clock of a service: how long it runs, and what may be done with it. */
export class ServiceClock {
	readonly #session: VisitState;
	readonly #clock: Clock;
	readonly #timer: RunTimer;

	constructor(session: VisitState, clock: Clock) {
		this.#session = session;
		this.#clock = clock;
		this.#timer = new RunTimer(clock);
	}

	get #run() {
		return this.#session.visit.run;
	}
	get running(): boolean {
		return this.#run.runningSince !== undefined;
	}
	/** Seconds since the first stroke, without what it was held. */
	seconds: number = $derived.by(() => this.#timer.seconds(this.#run));
	minute: number = $derived(Math.floor(this.seconds / 60));
	begun: boolean = $derived.by(() => this.#run.startedAt !== undefined || this.seconds > 0);
	/** A stop holds back the beginning; where lightener lies already, the clock is never blocked. */
	blocked: boolean = $derived.by(() => !this.begun && this.#session.stopsOf(MAIN_STEP).length > 0);

	/** Starts it, holds it, or lets it go on. */
	toggle(): void {
		if (this.blocked) return;
		this.#session.change(this.running ? 'hold' : 'start', (draft) => {
			this.#session.begin(draft);
			toggleRun(draft.run, this.#clock.now(), this.seconds);
		});
	}
}
