<script lang="ts">
	import Fold from '../../ui/Fold.svelte';

	// A search for every half level: it waits until somebody looks.
	let looking = $state(false);
</script>

<Fold
	title="If it stops short"
	summary="the next round, and a toner that still suits"
	ontoggle={(open) => (looking = open)}
>
	{#if looking}
		{#await import('./StallPoints.svelte') then { default: StallPoints }}<StallPoints />{/await}
	{/if}
</Fold>
