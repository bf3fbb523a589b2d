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

<div class="flex tap items-center">
	<Checkbox.Root
		{id}
		{checked}
		onCheckedChange={onchange}
		class="grid h-6 w-6 flex-none place-items-center rounded-box border-2 border-edge data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-room"
	>
		{#snippet children({ checked })}
			{#if checked}<Check size={18} aria-hidden="true" />{/if}
		{/snippet}
	</Checkbox.Root>
	<label class="cursor-pointer py-3 pl-2" for={id}
		>{label}{#if hint}<span class="block text-13 leading-close text-ink-soft">{hint}</span
			>{/if}</label
	>
</div>
