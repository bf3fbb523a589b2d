<script lang="ts">
	import { fillFirst } from '../../model/commands/toner';
	import { recordParts } from '../../model/visit/tone';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { formulaWords } from '../../wording/tone';
	import TonerClock from './TonerClock.svelte';

	const session = useVisit();
	const filler = $derived(session.visit.tone.filler);
	const advice = $derived(session.head.foundToners?.filler);
	/** What the shelf has to fill with, the nearest first. */
	const parts = $derived(
		advice?.formulas[0] && session.line ? recordParts(advice.formulas[0], session.line) : []
	);
	const fill = () =>
		session.change('fill first', ({ tone }) => fillFirst(tone, parts, tone.minutes));
	const without = () => session.change('without a filler', ({ tone }) => delete tone.filler);
</script>

{#if filler}
	<div class="filler">
		<p>
			<b>First the filler:</b>
			{formulaWords(filler.parts)}, rinsed before the toner.
			<TextButton onclick={without}>Without it</TextButton>
		</p>
		<TonerClock of="filler" minutes={filler.minutes} />
	</div>
{:else if advice?.needed}
	<div class="filler warning" role="status">
		<p>
			<b>Fill first.</b> It goes down {advice.steps.toFixed(1)} levels: without warm colour under it,
			so pale a hair turns flat or green.
			{#if parts.length === 0}No warm shade of this line would do; choose a line that has one.{/if}
		</p>
		{#if parts.length > 0}
			<Button onclick={fill}>Fill with {formulaWords(parts)}</Button>
		{/if}
	</div>
{/if}

<style>
	.filler {
		margin-bottom: 12px;
		display: grid;
		gap: 8px;
		justify-items: start;
	}
	.warning {
		padding-left: 14px;
		border-left: 4px solid var(--ask);
	}
</style>
