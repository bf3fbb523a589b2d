/** Why a device did not do what it was asked. */
export type DeviceProblem = 'notFound' | 'notConnected' | 'lost' | 'uncalibrated';

/** What a device answers: failing is an ordinary thing for it, so it is a value. */
export type DeviceAnswer<T> =
	| { readonly ok: true; readonly value: T }
	| { readonly ok: false; readonly problem: DeviceProblem };
