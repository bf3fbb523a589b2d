import type { DeviceAnswer } from './device';
import { normalFrom } from './normal';
import type { Scale, ScaleReading } from './scale';

/** How the simulated scale errs. */
export const SIMULATED_SCALE = {
	/** Readings follow one another at this distance, ms. */
	everyMs: 120,
	/** Trembling of the table, standard deviation, g. */
	noise: 0.06,
	/** It wanders as it warms, g a minute. */
	driftPerMinute: 0.04,
	/** It counts as steady when it moved less than this since the last reading, g. */
	steadyWithin: 0.25,
	connectMs: 400,
	most: 3000
} as const;

/** What the simulation is given from outside: it has no clock and no dice of its own. */
export interface ScaleWorld {
	/** Evenly distributed, 0 ≤ x < 1. */
	readonly random: () => number;
	/** Milliseconds, as `Date.now`. */
	readonly now: () => number;
	readonly wait: (ms: number) => Promise<void>;
	/** Calls again and again; returns what stops it. */
	readonly every: (ms: number, tick: () => void) => () => void;
	/** False: nothing answers when it is sought. */
	readonly present?: () => boolean;
}

const done: DeviceAnswer<void> = { ok: true, value: undefined };

/** A scale that is not there: what is put on it, it shows with noise and drift, until it is unplugged. */
export class SimulatedScale implements Scale {
	readonly name = 'Simulated scale';
	readonly most = SIMULATED_SCALE.most;
	#load = 0;
	#zero = 0;
	#connectedAt: number | undefined;
	#last = 0;
	#stop: (() => void) | undefined;
	readonly #readers = new Set<(reading: ScaleReading) => void>();
	readonly #losers = new Set<() => void>();

	/** @param step finest step it shows, g */
	constructor(
		private readonly world: ScaleWorld,
		readonly step: number
	) {}

	async connect(): Promise<DeviceAnswer<void>> {
		await this.world.wait(SIMULATED_SCALE.connectMs);
		if (this.world.present?.() === false) return { ok: false, problem: 'notFound' };
		// Switched on, a scale shows nothing for whatever stands on it.
		this.#zero = this.#load;
		this.#connectedAt = this.world.now();
		this.#stop ??= this.world.every(SIMULATED_SCALE.everyMs, () => this.#tell());
		return done;
	}

	async disconnect(): Promise<void> {
		this.#off();
		return Promise.resolve();
	}

	tare(): DeviceAnswer<void> {
		if (this.#connectedAt === undefined) return { ok: false, problem: 'notConnected' };
		this.#zero = this.#load;
		this.#connectedAt = this.world.now();
		this.#tell();
		return done;
	}

	onReading(listener: (reading: ScaleReading) => void): () => void {
		this.#readers.add(listener);
		return () => this.#readers.delete(listener);
	}

	onLost(listener: () => void): () => void {
		this.#losers.add(listener);
		return () => this.#losers.delete(listener);
	}

	/** Puts something on it, or with less than 0 takes something off, g. */
	pour(grams: number): void {
		this.#load = Math.max(0, this.#load + grams);
	}

	/** The plug is pulled. */
	unplug(): void {
		if (this.#connectedAt === undefined) return;
		this.#off();
		for (const listener of this.#losers) listener();
	}

	#off(): void {
		this.#connectedAt = undefined;
		this.#stop?.();
		this.#stop = undefined;
	}

	#tell(): void {
		if (this.#connectedAt === undefined) return;
		const minutes = (this.world.now() - this.#connectedAt) / 60_000;
		const raw =
			this.#load -
			this.#zero +
			SIMULATED_SCALE.noise * normalFrom(this.world.random) +
			SIMULATED_SCALE.driftPerMinute * minutes;
		const grams = Math.round(raw / this.step) * this.step;
		const reading = {
			grams: Number(grams.toFixed(2)),
			steady: Math.abs(raw - this.#last) < SIMULATED_SCALE.steadyWithin
		};
		this.#last = raw;
		for (const listener of this.#readers) listener(reading);
	}
}
