<script lang="ts">
	import { Combobox } from 'bits-ui';
	import FieldNotes from './FieldNotes.svelte';
	import { fieldLook, listItemLook, listLook } from './look';

	interface Props {
		label: string;
		/** What can be picked; what is typed narrows them. */
		options: readonly { readonly value: string; readonly label: string }[];
		hint?: string | undefined;
		onpick: (value: string) => void;
	}
	let { label, options, hint, onpick }: Props = $props();
	const id = $props.id();
	let typed = $state('');
	let open = $state(false);
	/** So many lines are read at a glance; who looks for another types on. */
	const MOST = 60;
	const wanted = $derived(typed.trim().toLowerCase());
	const found = $derived(
		options.filter((option) => option.label.toLowerCase().includes(wanted)).slice(0, MOST)
	);

	/** What is picked is handed on, and the field waits for the next one. */
	function pick(value: string) {
		if (!options.some((option) => option.value === value)) return;
		typed = '';
		onpick(value);
	}
</script>

<div>
	<label class="block text-ink-soft" for={id}>{label}</label>
	<Combobox.Root
		type="single"
		bind:open
		inputValue={typed}
		items={[...options]}
		bind:value={() => '', pick}
	>
		<Combobox.Input
			{id}
			autocomplete="off"
			aria-describedby={hint ? `${id}-notes` : undefined}
			class={fieldLook()}
			oninput={(event) => {
				typed = event.currentTarget.value;
				open = true;
			}}
			onclick={() => (open = true)}
		/>
		<Combobox.Portal>
			<Combobox.Content sideOffset={2} class={listLook()}>
				{#each found as option (option.value)}
					<Combobox.Item {...option} class={listItemLook()}>{option.label}</Combobox.Item>
				{:else}
					<p class="px-3 py-2 text-ink-soft">Nothing is called that.</p>
				{/each}
			</Combobox.Content>
		</Combobox.Portal>
	</Combobox.Root>
	<FieldNotes id="{id}-notes" {hint} />
</div>
