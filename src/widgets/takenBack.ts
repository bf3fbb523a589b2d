import type { VisitState } from '../state/visitState.svelte';
import { say } from '../ui/say.svelte';
import { changeWords } from '../wording/words';

/** Takes the last step of a visit back, or does it again, and says which it was: it may have been made at another station. */
export function sayTakenBack(session: Pick<VisitState, 'undo' | 'redo'>, again: boolean): void {
	const label = again ? session.redo() : session.undo();
	if (label) say(`${again ? 'Redone' : 'Undone'}: ${changeWords(label)}`);
}
