<script lang="ts">
	import { isSetBack, elapsedSeconds, rebaseRun, type Timer } from '../../model/commands/run';
	import { toggleTimer } from '../../model/commands/toner';
	import { useClock } from '../../state/clock.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import { cautionWords } from '../../wording/cautions';
	import { formatTimer } from '../../wording/words';

	interface Props {
		of: 'filler' | 'toner';
		minutes: number;
	}
	let { of, minutes }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	$effect(clock.run);
	const timer = new RunTimer(clock);

	const isToner = $derived(session.visit.tone.filler?.isToner === true);
	/** What it is called while two things go on one after the other. */
	const name = $derived(of === 'filler' && isToner ? 'first toner' : of);
	const run: Timer = $derived(
		session.visit.tone.timer?.of === of ? session.visit.tone.timer : { elapsedSeconds: 0 }
	);
	const running = $derived(run.runningSince !== undefined);
	const begun = $derived(run.startedAt !== undefined);
	const seconds = $derived(timer.seconds(run));
	/** A stop holds back a beginning only: what lies on the hair runs on. */
	const [stop] = $derived(begun ? [] : session.stops);
	const left = $derived(minutes * 60 - seconds);
	const other = $derived(
		session.visit.tone.timer !== undefined && session.visit.tone.timer.of !== of
	);
	$effect(() => {
		if (running && isSetBack(elapsedSeconds(run, clock.shown), seconds)) {
			session.change('the clock was set', ({ tone }) => {
				if (tone.timer) rebaseRun(tone.timer, clock.now(), seconds);
			});
		}
	});
	const toggle = () =>
		session.change(running ? `hold the ${name}` : `start the ${name}`, (draft) => {
			session.seat(draft);
			toggleTimer(draft.tone, of, clock.now(), seconds);
		});
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-1.5 border-t border-line py-2">
	<p
		class={[
			'figure text-40 leading-none tabular-nums',
			running ? 'text-ink' : 'text-ink-soft',
			begun && left <= 0 && 'text-stop'
		]}
		role="timer"
		aria-label="The {name} on the hair"
	>
		{formatTimer(seconds)}
	</p>
	<p class="min-w-40 flex-1 text-ink-soft">
		{#if stop}
			{cautionWords(stop).title} The timer starts when this stop is passed or gone.
		{:else if begun && left <= 0}
			{minutes} min are over: wipe and look, then rinse.
		{:else if begun}
			of {minutes} min; wipe and look in {formatTimer(left)}.
		{:else if other}
			{of === 'toner'
				? `After the ${isToner ? 'first' : 'filler'} is rinsed`
				: 'The toner lies on the hair'}; {minutes} min.
		{:else}
			on the hair, of {minutes} min.
		{/if}
	</p>
	<Button disabled={stop !== undefined} onclick={toggle}
		>{running ? 'Hold' : begun ? 'Go on' : `Start the ${name}`}</Button
	>
</div>
