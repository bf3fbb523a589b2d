<script lang="ts" generics="T extends string">
	import { Select } from 'bits-ui';
	import Check from '@lucide/svelte/icons/check';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { MediaQuery } from 'svelte/reactivity';
	import FieldNotes from './FieldNotes.svelte';
	import { fieldLook, listLook, listItemLook } from './look';

	interface Props {
		label: string;
		value: T;
		options: readonly { value: T; label: string }[];
		/** What the next choice would do. */
		hint?: string | undefined;
		fault?: string | undefined;
		onchange: (value: T) => void;
	}
	let { label, value, options, hint, fault, onchange }: Props = $props();
	const id = $props.id();
	/** Under a finger the device's own list is larger than any of ours, and is thrown through as one is used to. */
	const touched = new MediaQuery('(pointer: coarse)');

	function pick(text: string) {
		const option = options.find((candidate) => candidate.value === text);
		if (option) onchange(option.value);
	}
	const shown = $derived(options.find((option) => option.value === value)?.label ?? '');
	const told = $derived({
		'aria-invalid': fault ? (true as const) : undefined,
		'aria-describedby': fault || hint ? `${id}-notes` : undefined
	});
</script>

<div>
	<label class="block text-ink-soft" for={id}>{label}</label>
	{#if touched.current}
		<select
			class={fieldLook()}
			{id}
			{value}
			{...told}
			onchange={(event) => pick(event.currentTarget.value)}
		>
			{#each options as option (option.value)}
				<option value={option.value}>{option.label}</option>
			{/each}
		</select>
	{:else}
		<Select.Root
			type="single"
			allowDeselect={false}
			items={[...options]}
			bind:value={() => value as string, pick}
		>
			<Select.Trigger
				{id}
				{...told}
				class={fieldLook({ class: 'flex items-center justify-between gap-2 text-left' })}
				><span class="truncate">{shown}</span><ChevronDown
					size={16}
					class="flex-none"
					aria-hidden="true"
				/></Select.Trigger
			>
			<Select.Portal>
				<Select.Content sideOffset={2} class={listLook()}>
					{#each options as option (option.value)}
						<Select.Item value={option.value} label={option.label} class={listItemLook()}>
							{#snippet children({ selected })}
								<span class="grid w-5 flex-none place-items-center"
									>{#if selected}<Check size={16} aria-hidden="true" />{/if}</span
								>{option.label}
							{/snippet}
						</Select.Item>
					{/each}
				</Select.Content>
			</Select.Portal>
		</Select.Root>
	{/if}
	<FieldNotes id="{id}-notes" {hint} {fault} />
</div>
