<script lang="ts">
	import { untrack } from 'svelte';
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
	/** The run that was asked for, else one of this head that is still worked; found once, when the page opens. */
	const worked = $derived.by(() => {
		const wanted = { number, run };
		return untrack(() =>
			learning
				.learner(workspace)
				?.heads.findLast(
					({ id, seed: own, score }) =>
						own === wanted.number &&
						(wanted.run === undefined ? score === undefined : id === wanted.run)
				)
		);
	});
</script>

{#if number >= 1 && number < 2 ** 31}
	{#key `${number} ${run}`}<HeadPage seed={number} {worked} />{/key}
{:else}
	<h1 class="figure text-40 leading-tight">There is no head of that number</h1>
	<p class="mt-2"><a href="/practice/heads">All heads</a></p>
{/if}
