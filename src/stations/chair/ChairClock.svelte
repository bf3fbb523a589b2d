<script lang="ts">
	import { MAIN_STEP } from '../../model/visit/day';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { cautionWords } from '../../wording/cautions';
	import { formatTimer, labelIn, PRODUCT_OPTIONS, STEP_NAMES } from '../../wording/words';

	interface Props {
		/** Seconds on the timer. */
		seconds: number;
		begun: boolean;
		/** A stop holds back the beginning. */
		blocked: boolean;
		/** While colour is put on the clock is one thing among others. */
		small?: boolean;
		ontoggle: () => void;
		oncheck: () => void;
		onallon: () => void;
		onnotallon: () => void;
	}
	let {
		seconds,
		begun,
		blocked,
		small = false,
		ontoggle,
		oncheck,
		onallon,
		onnotallon
	}: Props = $props();
	const session = useVisit();
	const run = $derived(session.visit.run);
	const running = $derived(run.runningSince !== undefined);
</script>

{#if begun && run.rinsedAtMinute === undefined && session.stops.length > 0}
	<p class="font-semibold text-stop" role="alert">
		{cautionWords(session.stops[0]!).title} The clock goes on: the lightener lies on the hair.
	</p>
{/if}
<div class={[small && 'flex flex-wrap items-center gap-x-8']}>
	<p
		class={[
			'figure leading-none tracking-giant tabular-nums',
			small ? 'text-60' : 'text-act max-desk:text-name',
			running ? 'text-ink' : 'text-ink-soft'
		]}
		role="timer"
		aria-label="Time on the hair"
	>
		{formatTimer(seconds)}
	</p>
	<div
		class={[
			'flex gap-3 [&_button]:min-h-16 [&_button]:flex-1 [&_button]:text-18',
			small ? 'min-w-80 flex-1' : 'mt-3 mb-2'
		]}
	>
		<Button primary={!running} disabled={blocked} onclick={ontoggle}
			>{running ? 'Hold' : begun ? 'Go on' : 'Start'}</Button
		>
		<Button primary={running && !small} onclick={oncheck}>Note a check</Button>
		{#if running && !run.allOn}<Button onclick={onallon}>All on</Button>{/if}
	</div>
</div>
{#if blocked}
	<p class="font-semibold text-stop" role="alert">
		{cautionWords(session.stops[0]!).title} The timer starts when this stop is passed or gone.
	</p>
{:else if begun && (run.allOn || !small)}
	<p class="text-ink-soft">
		{run.allOn
			? `All on at ${run.allOn.minute} min; ${Math.round(session.bowls.workMinutes)} were planned.`
			: `All on is planned at ${Math.round(session.bowls.workMinutes)} min.`}
		{#if run.allOn}<TextButton onclick={onnotallon}>Not yet</TextButton>{/if}
	</p>
{/if}
{#if !small && !blocked}
	<p class="text-ink-soft">
		{running
			? 'Check from half time on, then every five to ten minutes: wipe a strand clean, name level and undertone, test the stretch.'
			: 'Space starts and holds; k notes a check.'}
	</p>
{/if}
{#if session.steps.length > 1}
	<!-- The clock is that of the main application; the others are told, so that none is forgotten. -->
	<ol class="mt-3 list-inside list-decimal text-ink-soft" aria-label="Applications of the day">
		{#each session.steps as { id, kind, plan } (id)}
			<li class={[id === MAIN_STEP && 'font-semibold text-ink']}>
				{STEP_NAMES[kind]}, {labelIn(PRODUCT_OPTIONS, plan.product)}
				{plan.volume} vol, {plan.minutes} min{id === MAIN_STEP ? ': this clock' : ', rinsed'}
			</li>
		{/each}
	</ol>
{/if}
