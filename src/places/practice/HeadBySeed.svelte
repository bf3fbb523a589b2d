<script lang="ts">
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import HeadPage from './HeadPage.svelte';

	interface Props {
		/** As it stands in the address. */
		seed: string;
		/** A run that was worked before, by its id. */
		run: string | undefined;
	}
	let { seed, run }: Props = $props();
	const { workspace } = useRecords();
	const number = $derived(/^\d{1,10}$/.test(seed) ? Number(seed) : 0);
	const worked = $derived(
		learning.learner(workspace)?.heads.find(({ id, seed: own }) => id === run && own === number)
	);
</script>

{#if number >= 1 && number < 2 ** 31}
	{#key `${number} ${run}`}<HeadPage seed={number} {worked} />{/key}
{:else}
	<h1 class="figure text-40 leading-tight">There is no head of that number</h1>
	<p class="mt-2"><a href="/practice/heads">All heads</a></p>
{/if}
