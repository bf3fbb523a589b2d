<script lang="ts">
	import { buttonLook } from '../../ui/look';
	import type { SimulatedScale } from '../../devices/simulatedScale';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';

	interface Props {
		scale: SimulatedScale;
		on: boolean;
		onplug: () => void;
	}
	let { scale, on, onplug }: Props = $props();
	const AMOUNTS = [1, 5, 20] as const;
	/** A stream from the bottle, g each beat. */
	const STREAM = { grams: 0.8, everyMs: 80 } as const;
	let pouring: ReturnType<typeof setInterval> | undefined;
	const stop = () => {
		clearInterval(pouring);
		pouring = undefined;
	};
	const pour = () => {
		stop();
		pouring = setInterval(() => scale.pour(STREAM.grams), STREAM.everyMs);
	};
	$effect(() => stop);
</script>

<!-- There is no scale on this machine: these stand for the hand that pours and the plug in the wall. -->
<section class="flex flex-wrap items-center gap-x-3 gap-y-2" aria-label="Simulated scale">
	<span class="text-ink-soft">{scale.name}</span>
	{#if on}
		<button
			class={buttonLook({ class: 'touch-none' })}
			onpointerdown={pour}
			onpointerup={stop}
			onpointerleave={stop}
			onpointercancel={stop}>Hold to pour</button
		>
		{#each AMOUNTS as amount (amount)}
			<Button onclick={() => scale.pour(amount)}>+{amount} g</Button>
		{/each}
		<TextButton onclick={() => scale.unplug()}>Pull the plug</TextButton>
	{:else}
		<Button onclick={onplug}>Connect</Button>
	{/if}
</section>
