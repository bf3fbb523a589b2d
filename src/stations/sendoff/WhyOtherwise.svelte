<script lang="ts">
	import type { SurpriseAnswer } from '../../core/learn';
	import { nameCause } from '../../model/commands/result';
	import { useVisit } from '../../state/visitContext';
	import Choices from '../../ui/Choices.svelte';
	import {
		CAUSE_OPTIONS,
		causeWords,
		likelyWord,
		surpriseWords,
		toldCauses
	} from '../../wording/surprise';

	interface Props {
		surprise: SurpriseAnswer | undefined;
	}
	let { surprise }: Props = $props();
	const session = useVisit();
	const told = $derived(surprise ? toldCauses(surprise) : []);
	const named = $derived(session.visit.result.causes ?? []);
	const capitalised = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
</script>

<section aria-labelledby="why">
	<h2 id="why" class="text-18">What surprised</h2>
	{#if surprise}
		<p>{surpriseWords(surprise)}</p>
		{#if told.length > 0}
			<ul class="py-1">
				{#each told as cause (`${cause.cause} ${cause.area}`)}
					<li class="border-b border-line py-1">
						{capitalised(likelyWord(cause.likely))}
						{causeWords(cause)}.
						<span class="figure text-ink-soft">{Math.round(100 * cause.likely)} %</span>
					</li>
				{/each}
			</ul>
		{/if}
	{:else}
		<p class="text-ink-soft">
			Nobody looked while it lay or at the end: nothing can be told of it.
		</p>
	{/if}
	<Choices
		label="As you have it"
		values={named}
		options={CAUSE_OPTIONS}
		onchange={(causes) =>
			session.change('why it went otherwise', (draft) => {
				for (const { value } of CAUSE_OPTIONS) nameCause(draft, value, causes.includes(value));
			})}
	/>
</section>
