<script lang="ts">
	import { fillFirst, toneInTwoSteps } from '../../model/commands/toner';
	import { recordParts } from '../../model/visit/tone';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { distanceWords, formulaWords } from '../../wording/tone';
	import { figures } from '../../state/figures.svelte';
	import type { DayClocks } from '../../state/dayClocks.svelte';
	import ProcessClock from '../../widgets/ProcessClock.svelte';

	interface Props {
		clocks: DayClocks;
	}
	let { clocks }: Props = $props();

	const session = useVisit();
	const clock = $derived(clocks.of('filler'));
	const filler = $derived(session.visit.tone.filler);
	const advice = $derived(session.head.toner.found?.filler);
	/** What the shelf has to fill with, the nearest first. */
	const parts = $derived(
		advice?.formulas[0] && session.line ? recordParts(advice.formulas[0], session.line) : []
	);
	const fill = () =>
		session.change('fill first', ({ tone }) => fillFirst(tone, parts, tone.minutes));
	const without = () =>
		session.change('nothing before the toner', ({ tone }) => delete tone.filler);
	/** Two toners, where they come nearer than one. */
	const two = $derived.by(() => {
		const found = session.head.toner.found?.twoStep;
		const { line } = session;
		return found && line
			? {
					first: recordParts(found.first, line),
					second: recordParts(found.second, line),
					distance: found.deltaE,
					line
				}
			: undefined;
	});
	function takeTwo({ first, second, line }: NonNullable<typeof two>) {
		session.change('tone in two steps', ({ tone }) => toneInTwoSteps(tone, first, second, line));
	}
</script>

{#if filler}
	<div class="mb-3 grid justify-items-start gap-2">
		<p>
			<b>{filler.isToner ? 'First toner:' : 'First the filler:'}</b>
			{formulaWords(filler.parts)}, rinsed before the {filler.isToner ? 'second' : 'toner'}.
			<TextButton onclick={without}>Without it</TextButton>
		</p>
		{#if clock}<div class="w-full"><ProcessClock one={clock} /></div>{/if}
	</div>
{:else if advice?.needed}
	<div class="mb-3 grid justify-items-start gap-2 border-l-4 border-ask pl-3" role="status">
		<p>
			<b>Fill first.</b> It goes down {advice.steps.toFixed(1)} levels: without warm colour under it,
			so pale a hair turns flat or green.
			{#if parts.length === 0}No warm shade of this line would do; choose a line that has one.{/if}
		</p>
		{#if parts.length > 0}
			<Button onclick={fill}>Fill with {formulaWords(parts)}</Button>
		{/if}
	</div>
{:else if two}
	<div class="mb-3 grid justify-items-start gap-2">
		<p>
			<b>Two toners come nearer than one:</b> first {formulaWords(two.first)} for what is left of yellow-orange,
			rinsed, then {formulaWords(two.second)}: {distanceWords(two.distance)}{figures.shown
				? ` (ΔE ${two.distance.toFixed(1)})`
				: ''}.
		</p>
		<Button onclick={() => takeTwo(two)}>Tone in two steps</Button>
	</div>
{/if}
