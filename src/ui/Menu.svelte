<script lang="ts">
	import { DropdownMenu } from 'bits-ui';
	import Check from '@lucide/svelte/icons/check';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';

	import { listItemLook, listLook } from './look';

	interface Props {
		label: string;
		/** What is seen of it, where that is less. */
		shown?: string;
		/** Acts, or things that are there or not. */
		items: readonly { readonly id: string; readonly label: string; readonly checked?: boolean }[];
		onpick: (id: string) => void;
	}
	let { label, shown = label, items, onpick }: Props = $props();
</script>

<DropdownMenu.Root>
	<DropdownMenu.Trigger
		class="flex tap flex-none items-center justify-center gap-1 text-14 text-ink-soft"
		aria-label={label}>{shown}<ChevronDown size={15} aria-hidden="true" /></DropdownMenu.Trigger
	>
	<DropdownMenu.Portal>
		<DropdownMenu.Content
			align="end"
			sideOffset={4}
			class={listLook({
				class: 'max-h-[min(488px,var(--bits-dropdown-menu-content-available-height))] min-w-45'
			})}
		>
			{#each items as { id, label: name, checked } (id)}
				{#if checked === undefined}
					<DropdownMenu.Item class={listItemLook()} onSelect={() => onpick(id)}
						>{name}</DropdownMenu.Item
					>
				{:else}
					<DropdownMenu.CheckboxItem
						class={listItemLook()}
						closeOnSelect={false}
						bind:checked={() => checked, () => onpick(id)}
					>
						<span class="grid w-5 place-items-center"
							>{#if checked}<Check size={16} aria-hidden="true" />{/if}</span
						>{name}
					</DropdownMenu.CheckboxItem>
				{/if}
			{/each}
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>
