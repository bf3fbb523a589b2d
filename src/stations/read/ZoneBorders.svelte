<script lang="ts">
	import { Slider } from 'bits-ui';
	import type { Reading } from '../../schema/records';

	interface Props {
		reading: Reading;
		onchange: (recipe: (draft: Reading) => void) => void;
	}
	let { reading, onchange }: Props = $props();
	const endsFrom = $derived(Math.max(reading.regrowthCm, reading.lengthCm - reading.endsCm));
	const cm = (value: number) => `${Math.round(value * 10) / 10} cm`;

	function move(values: number[]) {
		const [root, ends] = values;
		if (root === undefined || ends === undefined) return;
		onchange((draft) => {
			draft.regrowthCm = Math.round(root * 10) / 10;
			draft.endsCm = Math.round((draft.lengthCm - ends) * 10) / 10;
		});
	}
</script>

<div class="row">
	<Slider.Root
		type="multiple"
		value={[reading.regrowthCm, endsFrom]}
		min={0}
		max={reading.lengthCm}
		step={0.1}
		onValueChange={move}
	>
		{#snippet child({ props })}
			<span {...props} class="track">
				<span class="rule"></span>
				<Slider.Thumb
					index={0}
					class="border-thumb"
					aria-label="Root ends at"
					aria-valuetext={cm(reading.regrowthCm)}
				/>
				<Slider.Thumb
					index={1}
					class="border-thumb"
					aria-label="Ends begin at"
					aria-valuetext={cm(endsFrom)}
				/>
			</span>
		{/snippet}
	</Slider.Root>
</div>
<p class="words">
	<span>scalp</span>
	<span
		>root to {cm(reading.regrowthCm)} · lengths to {cm(endsFrom)} · ends to {cm(
			reading.lengthCm
		)}</span
	>
	<span>tips</span>
</p>

<style>
	.row {
		height: 34px;
	}
	.track {
		position: relative;
		display: flex;
		align-items: center;
		height: 44px;
		touch-action: pan-y;
	}
	.rule {
		flex: 1;
		height: 1.5px;
		background: var(--on-field);
	}
	:global(.border-thumb) {
		width: 14px;
		height: 30px;
		border-radius: 2px;
		background: var(--on-field);
	}
	:global(.border-thumb:focus-visible) {
		outline-color: var(--on-field);
	}
	.words {
		margin-top: 7px;
		display: flex;
		justify-content: space-between;
		gap: 8px;
		font-size: 13px;
	}
</style>
