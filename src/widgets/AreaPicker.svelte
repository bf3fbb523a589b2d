<script lang="ts">
	import type { AreaName } from '../core/lift';
	import Choices from '../ui/Choices.svelte';
	import TextButton from '../ui/TextButton.svelte';
	import { AREA_OPTIONS, exceptWords } from '../wording/areas';
	import { useVisit } from '../state/visitContext';

	interface Props {
		/** What an area has of its own, in words; empty when it is like the rest. */
		differs: (area: AreaName) => string;
		/** Makes the areas looked at like the rest again. */
		onalike: () => void;
	}
	let { differs, onalike }: Props = $props();
	const session = useVisit();
	const options = $derived(
		AREA_OPTIONS.map((option) => ({ ...option, marked: differs(option.value) !== '' }))
	);
	const differing = $derived(options.some(({ marked }) => marked));
	const ownHere = $derived(session.areas.some((area) => differs(area) !== ''));
</script>

<div>
	<Choices
		label="Where on the head"
		hideLabel
		none="Whole head"
		values={session.areas}
		{options}
		onchange={(areas) => (session.areas = areas)}
	/>
	<p class="text-14 text-ink-soft" role="status">
		{session.areas.length > 0 && !ownHere
			? 'What you set now holds here only.'
			: differing
				? exceptWords(differs)
				: ''}
		{#if ownHere}<TextButton onclick={onalike}>Like the rest again</TextButton>{/if}
	</p>
</div>
