<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { compute } from '../../compute/browser';
	import { rgbOf } from '../../core/colour';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import TextButton from '../../ui/TextButton.svelte';
	import Progress from '../../ui/Progress.svelte';
	import { useVisit } from '../../state/visitContext';
	import { Search } from '../../state/search.svelte';
	import { backupParts, stallProblem } from '../../model/visit/stall';
	import { backupWords, nextRoundWords } from '../../wording/stall';

	const session = useVisit();
	const problem = $derived(stallProblem(session.visit, session.view));
	const search = new Search(compute, 'stallPoints', `stall ${session.id}`, () => problem);
	const points = $derived(search.found ?? []);
</script>

{#if !problem}
	<p>The shelf is empty: with a line of colour on it, a way out is found for every level.</p>
{:else if search.trouble}
	<p role="alert">{search.trouble}</p>
	<TextButton onclick={() => search.again()}>Search again</TextButton>
{:else if !search.found}
	<p role="status"><Progress label="Working it out…" share={search.progress || undefined} /></p>
{:else if points.length === 0}
	<p>Even the low end of what is likely meets the aim.</p>
{/if}
<ul class={[search.searching && 'opacity-70']}>
	{#each points as point (point.level)}
		<li class="border-t border-line py-2">
			<b class="figure text-18">{formatLevel(point.level)}</b>
			<b>{undertoneWord(point.undertone.name, point.level)}</b>
			<p>{nextRoundWords(point)}</p>
			{#if point.backup[0]}
				<span class="my-1 block h-8 bg-field"
					><Strand colours={{ hair: [rgbOf(point.backup[0].lab)] }} seed={71} label="" /></span
				>
				<p class="text-ink-soft">{backupWords(point, backupParts(point, session.head.line))}</p>
			{/if}
		</li>
	{/each}
</ul>
