import { chooseSalon, chosenSalon } from '../store/open';
import { forgetDrafts } from '../ui/form.svelte';

/** Chooses the demo for this window, before any records are opened: it has a database of its own, and touches nobody's. */
export function enterDemo(): void {
	// What was typed and not sent elsewhere is none of the demo's affairs.
	if (chosenSalon() !== 'demo') forgetDrafts();
	chooseSalon('demo');
}
