import type { Lab } from '../core/colour';
import type { ColourReader } from './colourReader';
import type { DeviceAnswer } from './device';
import { normalFrom } from './normal';

/** How the simulated instrument errs, in units of L*, a*, b*. */
export const SIMULATED_READER = {
	/** One placing beside another: hair is not one colour (standard deviation). */
	placing: { l: 0.9, a: 0.4, b: 0.8 },
	/** The sensor itself (standard deviation). */
	sensor: 0.15,
	/** The white reference wanders with warmth, L* and b* an hour. */
	driftPerHour: { l: -1.6, b: 0.9 },
	/** Chance that the connection breaks at a reading. */
	lossChance: 0.02,
	measureMs: 350,
	connectMs: 500
} as const;

/** What the simulation is given from outside: it has no clock and no dice of its own. */
export interface SimulatedWorld {
	/** Colour of the hair that the reader lies on. */
	readonly hair: () => Lab;
	/** Evenly distributed, 0 ≤ x < 1. */
	readonly random: () => number;
	/** Milliseconds, as `Date.now`. */
	readonly now: () => number;
	readonly wait: (ms: number) => Promise<void>;
	/** False: nothing answers when it is sought. */
	readonly present?: () => boolean;
}

const HOUR_MS = 3_600_000;
const done: DeviceAnswer<void> = { ok: true, value: undefined };
const lost = { ok: false, problem: 'lost' } as const;
const notConnected = { ok: false, problem: 'notConnected' } as const;

/** A colour reader that is not there: noise, drift since its calibration, and a link that breaks. */
export class SimulatedColourReader implements ColourReader {
	readonly name = 'Simulated colour reader';
	#connected = false;
	#calibratedAt: number | undefined;
	readonly #listeners = new Set<() => void>();

	constructor(private readonly world: SimulatedWorld) {}

	async connect(): Promise<DeviceAnswer<void>> {
		await this.world.wait(SIMULATED_READER.connectMs);
		if (this.world.present?.() === false) return { ok: false, problem: 'notFound' };
		this.#connected = true;
		return done;
	}

	async disconnect(): Promise<void> {
		this.#connected = false;
		return Promise.resolve();
	}

	async calibrate(): Promise<DeviceAnswer<void>> {
		if (!this.#connected) return notConnected;
		await this.world.wait(SIMULATED_READER.measureMs);
		if (this.#breaks()) return lost;
		this.#calibratedAt = this.world.now();
		return done;
	}

	minutesSinceCalibration(): number | undefined {
		return this.#calibratedAt === undefined
			? undefined
			: (this.world.now() - this.#calibratedAt) / 60_000;
	}

	async measure(): Promise<DeviceAnswer<Lab>> {
		if (!this.#connected) return notConnected;
		if (this.#calibratedAt === undefined) return { ok: false, problem: 'uncalibrated' };
		await this.world.wait(SIMULATED_READER.measureMs);
		if (this.#breaks()) return lost;
		const { placing, sensor, driftPerHour } = SIMULATED_READER;
		const hours = (this.world.now() - this.#calibratedAt) / HOUR_MS;
		const { l, a, b } = this.world.hair();
		const noise = (sd: number) => Math.hypot(sd, sensor) * normalFrom(this.world.random);
		return {
			ok: true,
			value: {
				l: l + noise(placing.l) + driftPerHour.l * hours,
				a: a + noise(placing.a),
				b: b + noise(placing.b) + driftPerHour.b * hours
			}
		};
	}

	onLost(listener: () => void): () => void {
		this.#listeners.add(listener);
		return () => this.#listeners.delete(listener);
	}

	#breaks(): boolean {
		if (!this.#connected) return true;
		if (this.world.random() >= SIMULATED_READER.lossChance) return false;
		this.#connected = false;
		for (const listener of this.#listeners) listener();
		return true;
	}
}
