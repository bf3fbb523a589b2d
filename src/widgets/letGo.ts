import { waitingForms, type WaitingForm } from '../state/waitingForms.svelte';
import { say } from '../ui/say.svelte';

/** Lets go what was typed into a form and says so, with a way back: what it was about may be no more. */
export function letGo(form: WaitingForm): void {
	waitingForms.discard(form);
	say(`Let go what was typed: ${form.title}.`, () => waitingForms.restore(form));
}
