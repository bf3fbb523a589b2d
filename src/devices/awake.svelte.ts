/** Keeps the screen awake while somebody has their hands full, where the browser can. */
export class Awake {
	state: 'unknown' | 'awake' | 'cannot' = $state('unknown');

	/** Call in an effect: asks for it, asks again when the page comes back, and returns what lets it go. */
	hold = (): (() => void) => {
		let lock: WakeLockSentinel | undefined;
		let gone = false;
		const ask = async () => {
			if (document.visibilityState !== 'visible') return;
			try {
				// Older browsers do not know it, whatever the types say.
				const wakeLock = navigator.wakeLock as WakeLock | undefined;
				lock = await wakeLock?.request('screen');
				this.state = lock ? 'awake' : 'cannot';
				if (gone) void lock?.release();
			} catch {
				this.state = 'cannot';
			}
		};
		const again = () => void ask();
		void ask();
		document.addEventListener('visibilitychange', again);
		return () => {
			gone = true;
			document.removeEventListener('visibilitychange', again);
			void lock?.release();
		};
	};
}
