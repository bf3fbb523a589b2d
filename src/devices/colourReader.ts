import type { Lab } from '../core/colour';
import type { DeviceAnswer, DeviceProblem } from './device';

/**
 * A hand-held instrument that is put on hair and says its colour. Whatever make it is, a driver gives
 * it this face; the screens know nothing else of it.
 */
export interface ColourReader {
	/** As it is called on the screen. */
	readonly name: string;
	connect(): Promise<DeviceAnswer<void>>;
	disconnect(): Promise<void>;
	/** Reads its own white tile; without it nothing is measured. */
	calibrate(): Promise<DeviceAnswer<void>>;
	/** Minutes since it was calibrated; undefined when it never was. */
	minutesSinceCalibration(): number | undefined;
	/** One reading of the hair it lies on: CIELAB, D65, 10° observer. */
	measure(): Promise<DeviceAnswer<Lab>>;
	/** Told once when the connection breaks by itself; returns what stops the telling. */
	onLost(listener: () => void): () => void;
}

/** What a person reads when a device fails. */
export const DEVICE_WORDS: Readonly<Record<DeviceProblem, string>> = {
	notFound: 'No colour reader answers. Switch it on, hold it near, and try again.',
	notConnected: 'The colour reader is not connected.',
	lost: 'The colour reader was lost. What it read before is kept; connect it again to go on.',
	uncalibrated: 'Put it on its white tile and calibrate first.'
};
