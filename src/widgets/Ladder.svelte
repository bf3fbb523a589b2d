<script lang="ts">
	import { RadioGroup } from 'bits-ui';
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
	class="ladder"
>
	{#each rungs as rung, i (rung.value)}
		<RadioGroup.Item value={rung.value} class="rung" aria-label="{rung.name} {rung.words}">
			<span class="lock"
				><Strand hanging seed={20 + (i % 3)} colours={{ hair: [rgbOf(rung.lab)] }} label="" /></span
			>
			<span class="name figure">{rung.name}</span>
		</RadioGroup.Item>
	{/each}
</RadioGroup.Root>

<style>
	:global(.ladder) {
		display: grid;
		grid-auto-flow: column;
		grid-auto-columns: minmax(0, 76px);
		justify-content: space-between;
		background: var(--field);
		color: var(--on-field);
		padding: 0 10px;
	}
	:global(.rung) {
		min-width: 0;
		min-height: 44px;
		padding: 0 1px 5px;
		border: 0;
		border-bottom: 5px solid transparent;
		background: none;
		color: inherit;
	}
	:global(.rung[data-state='checked']) {
		border-bottom-color: var(--on-field);
	}
	:global(.rung:focus-visible) {
		outline-color: var(--on-field);
		outline-offset: -3px;
	}
	.lock {
		display: block;
		height: 104px;
	}
	.name {
		display: block;
		font-size: 15px;
		line-height: 1.3;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	@media (max-width: 760px) {
		:global(.ladder) {
			padding: 0 2px;
			margin: 0 -16px;
		}
		.name {
			font-size: 12.5px;
		}
		.lock {
			height: 84px;
		}
	}
</style>
