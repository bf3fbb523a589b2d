<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import Fold from '../../ui/Fold.svelte';
	import { useVisit } from '../../state/visitContext';

	const session = useVisit();
	/** The level asked for: the one that Lift works towards, until another is asked. */
	let asked = $state<number>();
	const target = $derived(asked ?? session.view.shown.target);
	let looking = $state(false);
</script>

<Fold
	title="To reach {formatLevel(target)}"
	summary="one thing changed at a time"
	ontoggle={(open) => (looking = open)}
>
	{#if looking}
		{#await import('./ReachDials.svelte') then { default: ReachDials }}
			<ReachDials {target} onask={(level) => (asked = level)} />
		{/await}
	{/if}
</Fold>
