import type { Lab } from '../core/colour';

/** Why a device did not do what it was asked. */
export type DeviceProblem = 'notFound' | 'notConnected' | 'lost' | 'uncalibrated';

/** What a device answers: failing is an ordinary thing for it, so it is a value. */
export type DeviceAnswer<T> =
	| { readonly ok: true; readonly value: T }
	| { readonly ok: false; readonly problem: DeviceProblem };

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
