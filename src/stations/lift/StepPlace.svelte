<script lang="ts">
	import { leaveOut, stepOnAreas } from '../../model/commands/day';
	import { MAIN_STEP } from '../../model/day/steps';
	import { useVisit } from '../../state/visitContext';
	import Choices from '../../ui/Choices.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { AREA_OPTIONS } from '../../wording/areas';

	const session = useVisit();
	const step = $derived(session.steps.find(({ id }) => id === session.stepId));
	function remove() {
		const id = session.stepId;
		session.stepId = MAIN_STEP;
		session.change('removed an application', (draft) => leaveOut(draft, id));
	}
</script>

<Choices
	label="This one goes on"
	none="the whole head"
	values={step?.areas ?? []}
	options={AREA_OPTIONS}
	onchange={(areas) =>
		session.change('areas of an application', (draft) => stepOnAreas(draft, session.stepId, areas))}
/>
<TextButton onclick={remove}>Leave this application out</TextButton>
