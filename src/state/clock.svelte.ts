import { createContext } from 'svelte';
import { momentIn, type Day, type Moment } from '../model/time';

/** Where the time comes from. */
export interface TimeSource {
	/** What the clock on the wall says; it may be set. */
	now(): Date;
	/** Milliseconds that only ever go forward. */
	steady(): number;
	/** IANA name of the time zone of the person. */
	zone(): string;
}

/** How often what is shown of the time is brought up to date, ms. */
const TICK_MS = 250;

/** The one clock of a window: whoever wants to know the time asks it. */
export class Clock {
	/** The time as it was last shown; it moves while somebody looks ({@link run}). */
	shown = $state.raw<Date>(new Date(0));
	/** The day as it was last shown: an open page turns over at midnight. */
	today = $state.raw<Day>('');

	constructor(private readonly source: TimeSource) {
		this.tick();
	}

	now = (): Date => this.source.now();
	steady = (): number => this.source.steady();
	moment = (): Moment => momentIn(this.source.now(), this.source.zone());

	tick(): void {
		const { at, day } = this.moment();
		this.shown = at;
		this.today = day;
	}

	/** Call in an effect: keeps what is shown up to date, and returns what stops it. */
	run = (): (() => void) => {
		this.tick();
		const timer = setInterval(() => this.tick(), TICK_MS);
		return () => clearInterval(timer);
	};
}

export const [useClock, provideClock] = createContext<Clock>();
