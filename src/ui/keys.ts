/** Whether a key belongs to a field, a control that uses it, or an open sheet, and not to the place. */
export function isTyping(event: KeyboardEvent): boolean {
	const target = event.target;
	if (!(target instanceof HTMLElement)) return false;
	if (document.querySelector('[role="dialog"][data-state="open"]')) return true;
	return target.matches('input, textarea, select, [contenteditable="true"]');
}

/** Whether the focused element does something of its own on Space. */
export const usesSpace = (event: KeyboardEvent): boolean =>
	event.target instanceof HTMLElement &&
	event.target.matches(
		'button, a, input, textarea, select, [role="slider"], [role="checkbox"], [role="radio"]'
	);
