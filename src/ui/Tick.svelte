<script lang="ts">
	import { Checkbox } from 'bits-ui';
	import Check from '@lucide/svelte/icons/check';

	interface Props {
		label: string;
		checked: boolean;
		/** What it would do. */
		hint?: string;
		onchange: (checked: boolean) => void;
	}
	let { label, checked, hint, onchange }: Props = $props();
	const id = $props.id();
</script>

<div class="tick">
	<Checkbox.Root {id} {checked} onCheckedChange={onchange} class="tick-box">
		{#snippet children({ checked })}
			{#if checked}<Check size={18} aria-hidden="true" />{/if}
		{/snippet}
	</Checkbox.Root>
	<label for={id}
		>{label}{#if hint}<span class="hint">{hint}</span>{/if}</label
	>
</div>

<style>
	.tick {
		display: flex;
		align-items: center;
		min-height: 44px;
	}
	label {
		padding: 11px 0 11px 10px;
		cursor: pointer;
	}
	.hint {
		display: block;
		font-size: 13px;
		line-height: 1.2;
		color: var(--ink-soft);
	}
	:global(.tick-box) {
		flex: none;
		width: 24px;
		height: 24px;
		padding: 0;
		display: grid;
		place-items: center;
		border: 1.5px solid var(--edge);
		border-radius: 3px;
		background: transparent;
	}
	:global(.tick-box[data-state='checked']) {
		background: var(--ink);
		border-color: var(--ink);
		color: var(--room);
	}
</style>
