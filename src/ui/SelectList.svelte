<script lang="ts">
	import { Select } from 'bits-ui';
	import Check from '@lucide/svelte/icons/check';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { onMount } from 'svelte';
	import { fieldLook, listItemLook, listLook } from './look';

	interface Props {
		id: string;
		value: string;
		options: readonly { readonly value: string; readonly label: string }[];
		/** What a field says of itself to those who hear it. */
		told: { 'aria-invalid': true | undefined; 'aria-describedby': string | undefined };
		/** It was opened before it was there. */
		opened: boolean;
		/** It was reached before it was there. */
		focused: boolean;
		onpick: (value: string) => void;
	}
	let { id, value, options, told, opened, focused, onpick }: Props = $props();
	// svelte-ignore state_referenced_locally
	// Where it begins; after that the person opens and closes it.
	let open = $state(opened);
	// svelte-ignore state_referenced_locally
	// The one that was reached goes, and with it its focus.
	const reached = focused;
	onMount(() => {
		if (reached) document.getElementById(id)?.focus();
	});
	const shown = $derived(options.find((option) => option.value === value)?.label ?? '');
</script>

<Select.Root
	type="single"
	allowDeselect={false}
	items={[...options]}
	bind:open
	bind:value={() => value, onpick}
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
