<script lang="ts">
	import { planStanding } from '../model/visit/planStanding';
	import { seriesOf } from '../model/commands/series';
	import type { Visit } from '../schema/records';
	import { useClock } from '../state/clock.svelte';
	import { useRecords } from '../state/records';
	import { formatLevel } from '../core/hair';
	import { cameWords } from '../wording/planStanding';
	import { formatDate } from '../wording/words';
	import NewPromise from './NewPromise.svelte';

	interface Props {
		/** Any visit of the plan. */
		visit: Visit;
	}
	let { visit }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	const stands = $derived(
		planStanding(seriesOf(workspace.visitsOf(visit.clientId), visit), clock.today)
	);
</script>

{#if stands}
	{@const { steps, last, next, start } = stands}
	<section aria-labelledby="plan-stands" class="pb-2">
		<h2 id="plan-stands" class="text-18">
			{next
				? `Visit ${next.visit.series!.number} of ${steps.length} is next`
				: `All ${steps.length} visits are done`}
		</h2>
		<ol class="py-1">
			{#each steps as { visit: each, promised, left, seen } (each.id)}
				<li class="flex flex-wrap justify-between gap-x-4 border-b border-line py-1">
					<span class={each.id === next?.visit.id ? 'font-semibold' : ''}
						>{each.series!.number}. {formatDate(each.date)}</span
					>
					<span
						>{left === undefined
							? promised === undefined
								? 'to come'
								: `to leave ${formatLevel(promised)}`
							: cameWords(left, promised, seen)}</span
					>
				</li>
			{/each}
		</ol>
		{#if last && next && start}
			<NewPromise last={last.visit} next={next.visit} {start} />
		{/if}
	</section>
{/if}
