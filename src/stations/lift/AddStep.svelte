<script lang="ts">
	import Fold from '../../ui/Fold.svelte';
	import Choices from '../../ui/Choices.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { MAIN_STEP } from '../../model/visit/day';
	import { leaveOut, stepOnAreas } from '../../model/commands/day';
	import { AREA_OPTIONS } from '../../wording/areas';
	import { useVisit } from '../../state/visitContext';

	const session = useVisit();
	let looking = $state(false);
	function remove() {
		const id = session.stepId;
		session.stepId = MAIN_STEP;
		session.change('removed an application', (draft) => leaveOut(draft, id));
	}
	const step = $derived(session.steps.find(({ id }) => id === session.stepId));
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
		<Choices
			label="This one goes on"
			none="the whole head"
			values={step?.areas ?? []}
			options={AREA_OPTIONS}
			onchange={(areas) =>
				session.change('areas of an application', (draft) =>
					stepOnAreas(draft, session.stepId, areas)
				)}
		/>
		<TextButton onclick={remove}>Leave this application out</TextButton>
	{/if}
</Fold>
