<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { useVisit } from '../../state/visitContext';
	import type { Way } from '../../state/liftWays';

	interface Props {
		ways: readonly Way[];
	}
	let { ways }: Props = $props();
	const session = useVisit();
	const view = $derived(session.view);
</script>

{#each ways as { letter, id, answer } (letter)}
	<StrandRow
		name="{letter} {id === undefined ? 'planned' : ''}"
		strong={id === undefined}
		colours={answer.colours}
		value={formatLevel(view.levelSeen(answer.lift.fibre))}
		words={answer.undertone}
		height={id === undefined && ways.length < 3 ? 92 : 44}
	/>
{/each}
