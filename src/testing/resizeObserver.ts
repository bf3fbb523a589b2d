/** What jsdom lacks and the slider needs: nothing changes size in a test. */
export function stubResizeObserver(): void {
	globalThis.ResizeObserver = class {
		observe(): void {
			// Nothing to observe.
		}
		unobserve(): void {
			// Nothing to stop.
		}
		disconnect(): void {
			// Nothing to stop.
		}
	};
}
