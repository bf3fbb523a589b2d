let held = $state.raw<number | undefined>();
let count = 0;

/**
 * The number of the press that is being held, or nothing. What changes during one press (a drag,
 * however slow) is undone as one.
 */
export const currentGesture = (): number | undefined => held;

/** Follows presses on a window; returns what stops it. */
export function followGestures(target: Window): () => void {
	const down = () => (held = ++count);
	const up = () => (held = undefined);
	target.addEventListener('pointerdown', down, true);
	target.addEventListener('pointerup', up, true);
	target.addEventListener('pointercancel', up, true);
	return () => {
		target.removeEventListener('pointerdown', down, true);
		target.removeEventListener('pointerup', up, true);
		target.removeEventListener('pointercancel', up, true);
		held = undefined;
	};
}
