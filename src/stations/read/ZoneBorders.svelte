<script lang="ts">
	import { Slider } from '../../ui/headless';
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

<div class="row h-9">
	<Slider.Root
		type="multiple"
		value={[reading.regrowthCm, endsFrom]}
		min={0}
		max={reading.lengthCm}
		step={0.1}
		onValueChange={move}
	>
		{#snippet child({ props })}
			<span {...props} class="relative flex h-11 touch-pan-y items-center">
				<span class="h-px flex-1 bg-on-field"></span>
				<Slider.Thumb
					index={0}
					class="h-8 w-4 rounded-box bg-on-field focus-visible:outline-on-field"
					aria-label="Root ends at"
					aria-valuetext={cm(reading.regrowthCm)}
				/>
				<Slider.Thumb
					index={1}
					class="h-8 w-4 rounded-box bg-on-field focus-visible:outline-on-field"
					aria-label="Ends begin at"
					aria-valuetext={cm(endsFrom)}
				/>
			</span>
		{/snippet}
	</Slider.Root>
</div>
<p class="mt-2 flex justify-between gap-2 text-13">
	<span>scalp</span>
	<span
		>root to {cm(reading.regrowthCm)} · lengths to {cm(endsFrom)} · ends to {cm(
			reading.lengthCm
		)}</span
	>
	<span>tips</span>
</p>
