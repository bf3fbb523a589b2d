/** What jsdom lacks: whether a page is used with a finger (coarse) or with a mouse. */
export function stubPointer(kind: 'coarse' | 'fine'): void {
	window.matchMedia = (query: string) =>
		({
			matches: query.includes(`pointer: ${kind}`),
			media: query,
			addEventListener: () => undefined,
			removeEventListener: () => undefined
		}) as unknown as MediaQueryList;
}
