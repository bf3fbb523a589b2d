<script lang="ts">
	import { rinseSteps } from '../../core/work';
	import { elapsedSeconds } from '../../model/commands/run';
	import { rinseClock, rinseStepOf } from '../../model/day/clocks';
	import { nextRinseStep } from '../../model/commands/clocks';
	import { useClock } from '../../state/clock.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import { RINSE_WORDS } from '../../wording/chair';
	import { formatTimer } from '../../wording/words';

	interface Props {
		/** Something else comes first: it takes less room. */
		small: boolean;
	}
	let { small }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	const steps = $derived(rinseSteps(session.visit.reading.water !== 'soft'));
	const own = $derived(rinseClock(session.visit.run));
	const at = $derived(own ? steps.findIndex(({ step }) => step === rinseStepOf(own)) : -1);
	const now = $derived(steps[at]);
	const seconds = $derived(own ? elapsedSeconds(own, clock.shown) : 0);
	const left = $derived((now?.minutes ?? 0) * 60 - seconds);
	const next = $derived(steps[at + 1]);
	function go(step: string | undefined) {
		session.change('at the basin', ({ run }) => nextRinseStep(run, step, clock.now()));
	}
</script>

{#if now}
	<section aria-label="At the basin" class="mb-4">
		<div class="flex flex-wrap items-end gap-x-8 gap-y-2">
			<p
				class={[
					'figure leading-none tracking-giant tabular-nums',
					small ? 'text-40' : 'text-act max-desk:text-60'
				]}
				role="timer"
				aria-label={RINSE_WORDS[now.step].name}
			>
				{formatTimer(Math.max(0, left))}
			</p>
			<div class="min-w-60 flex-1">
				<h2 class={['figure leading-tight', small ? 'text-28' : 'text-40 max-tablet:text-28']}>
					{RINSE_WORDS[now.step].name}
				</h2>
				<p class="text-18">{RINSE_WORDS[now.step].say}</p>
			</div>
		</div>
		<div class="mt-3 flex flex-wrap items-center gap-3 [&_button]:min-h-16 [&_button]:text-18">
			<Button primary={!small} onclick={() => go(next?.step)}
				>{next
					? `Next: ${RINSE_WORDS[next.step].name.toLowerCase()}`
					: 'All of it is washed'}</Button
			>
			{#if next}<Button onclick={() => go(undefined)}>Leave the rest out</Button>{/if}
		</div>
	</section>
{/if}
