import type { DeviceAnswer, DeviceProblem } from './device';

/** What a scale shows. */
export interface ScaleReading {
	/** Since it was tared, g; below 0 when something was lifted off. */
	readonly grams: number;
	/** It has stopped moving. */
	readonly steady: boolean;
}

/** A scale that the bowl stands on. Whatever make it is, a driver gives it this face. */
export interface Scale {
	/** As it is called on the screen. */
	readonly name: string;
	/** Finest step it shows, g. */
	readonly step: number;
	/** The most it bears, g. */
	readonly most: number;
	connect(): Promise<DeviceAnswer<void>>;
	disconnect(): Promise<void>;
	/** What lies on it counts as nothing from now on. */
	tare(): DeviceAnswer<void>;
	/** Told several times a second while it is connected; returns what stops the telling. */
	onReading(listener: (reading: ScaleReading) => void): () => void;
	/** Told once when the connection breaks by itself; returns what stops the telling. */
	onLost(listener: () => void): () => void;
}

/** What a person reads when the scale fails. */
export const SCALE_WORDS: Readonly<Record<Exclude<DeviceProblem, 'uncalibrated'>, string>> = {
	notFound: 'No scale answers. Switch it on, hold it near, and try again.',
	notConnected: 'The scale is not connected.',
	lost: 'The scale was lost. What was weighed is kept; connect it again, or type what its own display says.'
};
