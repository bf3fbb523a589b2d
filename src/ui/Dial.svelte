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

<div class="dial">
	<div class="head">
		<span class="label">{label}</span>
		{#if figure}{@render figure()}{:else}<span class="shown figure">{shown}</span>{/if}
	</div>
	<Slider.Root type="single" {value} {min} {max} {step} onValueChange={moved}>
		{#snippet child({ props })}
			<span {...props} class="track">
				<span class="rule"></span>
				{#if ceiling !== undefined && ceiling < max}
					<span class="ceiling" style:left="{(100 * (ceiling - min)) / (max - min)}%"></span>
				{/if}
				<Slider.Thumb index={0} aria-label={label} aria-valuetext={shown} class="dial-thumb" />
			</span>
		{/snippet}
	</Slider.Root>
	{#if hint}<p class="hint">{hint}</p>{/if}
</div>

<style>
	.head {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		gap: 12px;
	}
	.label {
		color: var(--ink-soft);
	}
	.shown {
		font-size: 18px;
		text-align: right;
	}
	.track {
		position: relative;
		display: flex;
		align-items: center;
		height: 44px;
		margin: -6px 11px -8px;
		touch-action: pan-y;
	}
	.rule {
		flex: 1;
		height: 2px;
		margin: 0 -11px;
		background: var(--edge);
	}
	.ceiling {
		position: absolute;
		width: 2px;
		height: 16px;
		margin-left: -1px;
		background: var(--edge);
	}
	:global(.dial-thumb) {
		width: 24px;
		height: 24px;
		border-radius: 50%;
		background: var(--ink);
		border: 2px solid var(--ink);
		box-shadow: inset 0 0 0 2px var(--room);
	}
	:global(.dial-thumb:focus-visible) {
		border-radius: 50%;
	}
	.hint {
		font-size: 13px;
		color: var(--ink-soft);
		min-height: 1.4em;
	}
</style>
