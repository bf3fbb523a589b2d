<script lang="ts">
	import { shiftsOf, type HeadRate, type RunningHead } from '../../core/work';
	import type { Proposal } from '../../state/runningView.svelte';
	import Button from '../../ui/Button.svelte';
	import type { SectionNamer } from '../../wording/bowls';
	import { rateWords, shiftWords } from '../../wording/chair';

	interface Props {
		/** How fast the head lifts by all that was seen. */
		rate: HeadRate;
		/** What is to be taken or left. */
		proposal: Proposal | undefined;
		/** Whether the plan bends to what was seen already. */
		bends: boolean;
		head: RunningHead;
		nameOf: SectionNamer;
		/** Time of day at a minute of the service. */
		timeOf: (minute: number) => string;
		ondecide: (takes: boolean) => void;
	}
	let { rate, proposal, bends, head, nameOf, timeOf, ondecide }: Props = $props();
	/** Where nothing would come off otherwise, there is nothing to decide. */
	const shifts = $derived(proposal ? shiftsOf(head.sections, proposal.head.sections) : []);
</script>

<section
	class={[
		'mb-4 flex flex-wrap items-center justify-between gap-x-8 gap-y-2',
		shifts.length > 0 && 'border-l-5 border-ink py-1 pl-4'
	]}
	aria-label="What the checks say"
>
	<div class="max-w-180">
		<p class={[shifts.length > 0 ? 'text-18 font-semibold' : 'text-ink-soft']}>
			This head {rateWords(rate)}{shifts.length > 0
				? '.'
				: bends
					? '; the plan follows it.'
					: '; the plan stays.'}
		</p>
		<ul>
			{#each shifts as shift (shift.of[0])}
				<li>{shiftWords(shift, nameOf, timeOf)}</li>
			{/each}
		</ul>
	</div>
	{#if shifts.length > 0}
		<div class="flex gap-3 [&_button]:min-h-16 [&_button]:text-18">
			<Button primary onclick={() => ondecide(true)}>Take it</Button>
			<Button onclick={() => ondecide(false)}>Leave the plan</Button>
		</div>
	{/if}
</section>
