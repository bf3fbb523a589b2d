<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import type { Way } from '../../state/liftWays';

	interface Props {
		ways: readonly Way[];
	}
	let { ways }: Props = $props();
</script>

{#each ways as { letter, id, answer } (letter)}
	<StrandRow
		name="{letter} {id === undefined ? 'planned' : ''}"
		strong={id === undefined}
		colours={answer.colours}
		value={formatLevel(answer.lift.level)}
		words={answer.undertone}
		height={id === undefined && ways.length < 3 ? 92 : 44}
	/>
{/each}
