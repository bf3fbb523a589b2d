<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { compute } from '../../compute/browser';
	import { rgbOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import Fold from '../../ui/Fold.svelte';
	import { useVisit } from '../../state/visitContext';
	import { Finder } from '../../state/finder.svelte';
	import { backupParts, stallProblem } from '../../model/visit/stall';
	import { backupWords, nextRoundWords } from '../../wording/stall';

	const session = useVisit();
	const finder = new Finder(compute, 'stallPoints', `stall ${session.id}`);
	let looking = $state(false);
	const problem = $derived(stallProblem(session.visit, session.view));
	$effect(() => {
		// A search for every half level: it waits until somebody looks.
		if (looking && problem) void finder.ask(problem);
	});
	const points = $derived(finder.found ?? []);
</script>

<Fold
	title="If it stops short"
	summary="the next round, and a toner that still suits"
	ontoggle={(open) => (looking = open)}
>
	{#if !problem}
		<p>The shelf is empty: with a line of colour on it, a way out is found for every level.</p>
	{:else if finder.trouble}
		<p role="alert">{finder.trouble}</p>
	{:else if !finder.found}
		<p role="status">Working it out…</p>
	{:else if points.length === 0}
		<p>Even the low end of what is likely meets the aim.</p>
	{/if}
	<ul class:stale={finder.searching}>
		{#each points as point (point.level)}
			<li>
				<b class="figure">{formatLevel(point.level)}</b>
				<b>{point.undertone.name}</b>
				<p>{nextRoundWords(point)}</p>
				{#if point.backup[0]}
					<span class="lock"
						><Strand colours={{ hair: [rgbOf(point.backup[0].lab)] }} seed={71} label="" /></span
					>
					<p class="soft">{backupWords(point, backupParts(point, session.head.line))}</p>
				{/if}
			</li>
		{/each}
	</ul>
</Fold>

<style>
	li {
		padding: 8px 0;
		border-top: 1px solid var(--line);
	}
	.stale {
		opacity: 0.7;
	}
	.lock {
		display: block;
		height: 30px;
		background: var(--field);
		margin: 4px 0;
	}
	.figure {
		font-size: 19px;
	}
	.soft {
		color: var(--ink-soft);
	}
</style>
