<script lang="ts">
	import { Slider } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		label: string;
		value: number;
		min: number;
		max: number;
		step: number;
		/** The value in words, with its unit. */
		shown: string;
		/** A value past which a reason is asked; marked on the dial. */
		ceiling?: number;
		/** What the next step would do. */
		hint?: string;
		/** Stands where the value is shown, where it can be typed as well. */
		figure?: Snippet;
		onchange: (value: number) => void;
	}
	let { label, value, min, max, step, shown, ceiling, hint, figure, onchange }: Props = $props();

	/** Where the thumb stands for a value between two steps. */
	const onStep = $derived(min + Math.round((value - min) / step) * step);
	// The slider tells of moving there by itself: looking at a dial changes nothing.
	function moved(to: number) {
		if (Math.abs(to - onStep) > step / 1000) onchange(to);
	}
</script>

<div>
	<div class="flex items-baseline justify-between gap-3">
		<span class="text-ink-soft">{label}</span>
		{#if figure}{@render figure()}{:else}<span class="text-right figure text-18">{shown}</span>{/if}
	</div>
	<Slider.Root type="single" {value} {min} {max} {step} onValueChange={moved}>
		{#snippet child({ props })}
			<span {...props} class="relative mx-3 -mt-1.5 -mb-2 flex h-11 touch-pan-y items-center">
				<span class="-mx-3 h-0.5 flex-1 bg-edge"></span>
				{#if ceiling !== undefined && ceiling < max}
					<span
						class="absolute -ml-px h-4 w-0.5 bg-edge"
						style:left="{(100 * (ceiling - min)) / (max - min)}%"
					></span>
				{/if}
				<Slider.Thumb
					index={0}
					aria-label={label}
					aria-valuetext={shown}
					class="h-6 w-6 rounded-full border-2 border-ink bg-ink shadow-[inset_0_0_0_2px_var(--room)] focus-visible:rounded-full"
				/>
			</span>
		{/snippet}
	</Slider.Root>
	{#if hint}<p class="min-h-5 text-13 text-ink-soft">{hint}</p>{/if}
</div>
