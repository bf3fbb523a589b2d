import type { Lab } from '../core/colour';
import { medianReading } from '../core/picture';
import { DEVICE_WORDS, type ColourReader } from '../devices/colourReader';
import type { DeviceProblem } from '../devices/device';
import { SimulatedColourReader } from '../devices/simulatedColourReader';

/** Readings that make one answer. */
export const READINGS = 3;
/** Its white tile should have been read within this, minutes. */
const CALIBRATED_WITHIN = 30;

/**
 * An instrument in use: connected, calibrated, put on the hair three times. Whatever goes wrong, what it
 * has read stays.
 */
export class ReaderInUse {
	state: 'off' | 'connecting' | 'uncalibrated' | 'ready' | 'busy' = $state('off');
	labs: readonly Lab[] = $state.raw([]);
	/** What went wrong last, in words. */
	problem: string | undefined = $state();
	reading = $derived(medianReading(this.labs));
	readonly #stop: () => void;

	constructor(readonly device: ColourReader) {
		this.#stop = device.onLost(() => {
			this.state = 'off';
			this.problem = DEVICE_WORDS.lost;
		});
	}

	async connect(): Promise<void> {
		this.problem = undefined;
		this.state = 'connecting';
		const answer = await this.device.connect();
		if (answer.ok) {
			this.state = this.device.minutesSinceCalibration() === undefined ? 'uncalibrated' : 'ready';
		} else this.#failed(answer.problem);
	}

	async calibrate(): Promise<void> {
		await this.#busy(async () => this.device.calibrate());
	}

	/** Puts it on the hair once more; a fourth reading begins a new three. */
	async measure(): Promise<void> {
		const answer = await this.#busy(async () => this.device.measure());
		if (!answer) return;
		this.labs = this.labs.length >= READINGS ? [answer] : [...this.labs, answer];
	}

	/** Whether its white tile was read too long ago. */
	get stale(): boolean {
		const minutes = this.device.minutesSinceCalibration();
		return minutes !== undefined && minutes > CALIBRATED_WITHIN;
	}

	/** Other hair: what was read of the last is done with. */
	clear(): void {
		this.labs = [];
	}

	async close(): Promise<void> {
		this.#stop();
		this.state = 'off';
		await this.device.disconnect();
	}

	async #busy<T>(
		work: () => Promise<{ ok: true; value: T } | { ok: false; problem: DeviceProblem }>
	): Promise<T | undefined> {
		this.problem = undefined;
		this.state = 'busy';
		const answer = await work();
		if (!answer.ok) {
			this.#failed(answer.problem);
			return undefined;
		}
		this.state = 'ready';
		return answer.value;
	}

	#failed(problem: DeviceProblem): void {
		this.problem = DEVICE_WORDS[problem];
		this.state = problem === 'uncalibrated' ? 'uncalibrated' : 'off';
	}
}

/**
 * The reader of this salon: a simulated one, until drivers of real ones are there.
 * @param hair what it lies on
 * @param steady milliseconds that only ever go forward
 */
export const openReader = (hair: () => Lab, steady: () => number): ReaderInUse =>
	new ReaderInUse(
		new SimulatedColourReader({
			hair,
			random: Math.random,
			now: steady,
			wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms))
		})
	);
