/** How a note sounds: short enough not to tire, long enough for a room with dryers. */
const NOTE = { seconds: 0.22, apart: 0.3, attack: 0.01 } as const;
/** A fifth apart, so that two heads are told apart by ear, Hz. */
const PITCHES = [659, 988, 523, 784] as const;

/** Plays short notes through the loudspeaker, where the browser lets us. */
class Bell {
	#context: AudioContext | undefined;

	/** Call on a tap or a key: before it a browser lets no page sound. */
	wake(): void {
		try {
			this.#context ??= new AudioContext();
			if (this.#context.state === 'suspended') void this.#context.resume();
		} catch {
			// No loudspeaker: what calls is seen on the screen all the same.
		}
	}

	/**
	 * Plays some notes.
	 * @param voice which of the pitches, one for each head
	 * @param volume 0-1
	 * @returns whether there was anything to play them on
	 */
	ring(notes: number, voice: number, volume: number): boolean {
		const context = this.#context;
		if (context?.state !== 'running') return false;
		for (let i = 0; i < notes; i++) {
			const at = context.currentTime + i * NOTE.apart;
			const tone = context.createOscillator();
			const gain = context.createGain();
			tone.type = 'triangle';
			tone.frequency.value = PITCHES[voice % PITCHES.length]!;
			gain.gain.setValueAtTime(0, at);
			gain.gain.linearRampToValueAtTime(volume, at + NOTE.attack);
			gain.gain.exponentialRampToValueAtTime(0.001, at + NOTE.seconds);
			tone.connect(gain).connect(context.destination);
			tone.start(at);
			tone.stop(at + NOTE.seconds);
		}
		return true;
	}
}

/** The one bell of a window. */
export const bell = new Bell();

/** Shakes the device so many times, where it can and somebody has touched it. */
export function shake(times: number): void {
	const { vibrate, userActivation } = navigator as Partial<Navigator>;
	if (!userActivation?.hasBeenActive) return;
	vibrate?.call(navigator, Array<number>(2 * times - 1).fill(180));
}

/** Says something aloud in a voice of this device; nothing leaves it. */
export function speak(words: string): void {
	if (!('speechSynthesis' in globalThis)) return;
	const voice = speechSynthesis
		.getVoices()
		.find(({ localService, lang }) => localService && lang.startsWith('en'));
	// A voice of a distant server would send it out.
	if (!voice) return;
	const said = new SpeechSynthesisUtterance(words);
	said.voice = voice;
	speechSynthesis.speak(said);
}
