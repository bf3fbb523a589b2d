<script lang="ts">
	import Fold from '../../ui/Fold.svelte';
	import { MAIN_STEP } from '../../model/day/steps';
	import { useVisit } from '../../state/visitContext';

	const session = useVisit();
	let looking = $state(false);
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
		{#await import('./StepPlace.svelte') then { default: StepPlace }}<StepPlace />{/await}
	{/if}
</Fold>
