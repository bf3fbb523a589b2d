<script lang="ts">
	import { MAIN_STEP } from '../../model/day/steps';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import { earlier } from '../../widgets/earlier.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { cautionWords } from '../../wording/cautions';
	import { formatTimer } from '../../wording/words';

	interface Props {
		/** Seconds on the timer. */
		seconds: number;
		begun: boolean;
		/** A stop holds back the beginning. */
		blocked: boolean;
		/** While colour is put on the clock is one thing among others. */
		small?: boolean;
		/** Something else comes before it begins. */
		waits?: boolean;
		ontoggle: () => void;
		oncheck: () => void;
		onallon: () => void;
		onnotallon: () => void;
		onearlier: (minutes: number) => void;
	}
	let {
		seconds,
		begun,
		blocked,
		small = false,
		waits = false,
		ontoggle,
		oncheck,
		onallon,
		onnotallon,
		onearlier
	}: Props = $props();
	const session = useVisit();
	const run = $derived(session.visit.run);
	const running = $derived(run.runningSince !== undefined);
	const askEarlier = () => (earlier.asked = { name: 'the service', most: 60, onpick: onearlier });
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
			small || waits ? 'text-60' : 'text-act max-desk:text-name',
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
		<Button primary={!running && !waits} disabled={blocked} onclick={ontoggle}
			>{running ? 'Hold' : begun ? 'Go on' : 'Start'}</Button
		>
		<Button primary={running && !small} onclick={oncheck}>Note a check</Button>
		{#if running && !run.allOn}<Button onclick={onallon}>All on</Button>{/if}
	</div>
</div>
{#if blocked}
	<p class="font-semibold text-stop" role="alert">
		{cautionWords(session.stopsOf(MAIN_STEP)[0]!).title} The timer starts when this stop is passed or
		gone.
	</p>
{:else if begun && (run.allOn || !small)}
	<p class="text-ink-soft">
		{run.allOn
			? `All on at ${run.allOn.minute} min; ${Math.round(session.bowls.workMinutes)} were planned.`
			: `All on is planned at ${Math.round(session.bowls.workMinutes)} min.`}
		{#if run.allOn}<TextButton onclick={onnotallon}>Not yet</TextButton>{/if}
	</p>
{/if}
{#if !blocked}
	<p class="text-ink-soft">
		{#if !small}
			{running
				? 'Check from half time on, then every five to ten minutes: wipe a strand clean, name level and undertone, test the stretch.'
				: 'Space starts and holds; k notes a check.'}
		{/if}
		{#if begun}<TextButton onclick={askEarlier}>It began earlier</TextButton>{/if}
	</p>
{/if}
