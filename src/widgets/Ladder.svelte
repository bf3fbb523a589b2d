<script lang="ts">
	import { RadioGroup } from '../ui/headless';
	import Strand from '../charts/strand/Strand.svelte';
	import { rgbOf, type Lab } from '../core/colour';

	interface Props {
		label: string;
		/** One lock per rung. */
		rungs: readonly { value: string; name: string; words: string; lab: Lab }[];
		value: string;
		onpick: (value: string) => void;
	}
	let { label, rungs, value, onpick }: Props = $props();
</script>

<RadioGroup.Root
	bind:value={() => value, onpick}
	aria-label={label}
	orientation="horizontal"
	class="grid auto-cols-[minmax(0,76px)] grid-flow-col justify-between bg-field px-2 text-on-field max-tablet:-mx-4 max-tablet:my-0 max-tablet:px-0.5 max-tablet:py-0"
>
	{#each rungs as rung, i (rung.value)}
		<RadioGroup.Item
			value={rung.value}
			class="tap min-w-0 border-b-5 border-transparent px-px pb-1 text-inherit focus-visible:-outline-offset-3 focus-visible:outline-on-field data-[state=checked]:border-on-field"
			aria-label="{rung.name} {rung.words}"
		>
			<span class="lock block h-26 max-tablet:h-21"
				><Strand hanging seed={20 + (i % 3)} colours={{ hair: [rgbOf(rung.lab)] }} label="" /></span
			>
			<span
				class="block overflow-hidden figure text-15 leading-close text-ellipsis max-tablet:text-13"
				>{rung.name}</span
			>
		</RadioGroup.Item>
	{/each}
</RadioGroup.Root>
