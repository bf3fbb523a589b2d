<script lang="ts">
	import Fold from '../../ui/Fold.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { MAIN_STEP } from '../../model/visit/day';
	import { useVisit } from '../../state/visitContext';

	const session = useVisit();
	let looking = $state(false);
	function remove() {
		const id = session.stepId;
		session.stepId = MAIN_STEP;
		session.change('removed an application', (draft) => {
			draft.before = draft.before.filter((step) => step.id !== id);
			draft.after = draft.after.filter((step) => step.id !== id);
		});
	}
</script>

<Fold
	title="More than one application"
	summary={session.steps.length > 1 ? `${session.steps.length} today` : 'one today'}
	ontoggle={(open) => (looking = open)}
>
	{#if looking}
		{#await import('./StepOffers.svelte') then { default: StepOffers }}<StepOffers />{/await}
	{/if}
	{#if session.stepId !== MAIN_STEP}
		<TextButton onclick={remove}>Leave this application out</TextButton>
	{/if}
</Fold>
