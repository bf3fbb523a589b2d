<script lang="ts">
	import Button from '../ui/Button.svelte';
	import Progress from '../ui/Progress.svelte';
	import { canDo } from '../model/commands/help';
	import type { VerdictView } from '../state/verdictView.svelte';
	import { useVisit } from '../state/visitContext';
	import { namerOf } from './answerWords';
	import { helpWords } from './helpWords';

	interface Props {
		/** The answer that some of the head stays behind of. */
		verdict: VerdictView;
	}
	let { verdict }: Props = $props();
	const session = useVisit();
	const best = $derived(verdict.best);
	const told = $derived(best && helpWords(best, namerOf(verdict), session.visit.aim.level));
</script>

<section aria-label="What would help most">
	<h2 class="text-15 font-semibold">What helps most</h2>
	{#if best && told}
		<p>{told.words} <span class="whitespace-nowrap text-ink-soft">{told.outcome}</span></p>
		<p class="flex flex-wrap items-center gap-x-4">
			{#if canDo(best)}<Button onclick={() => verdict.take(best)}
					>Do it<span class="sr-only">: {told.words}</span></Button
				>{/if}
			<a class="inline-grid tap place-items-center" href="/visit/{session.id}/bowls"
				>All that would help</a
			>
		</p>
	{:else if verdict.otherwiseWorked}
		<p>Nothing that is known brings it nearer today.</p>
	{:else}
		<Progress label="Looking for it…" share={verdict.help.progress || undefined} />
	{/if}
</section>
