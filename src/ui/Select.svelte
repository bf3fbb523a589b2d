<script lang="ts" generics="T extends string">
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { MediaQuery } from 'svelte/reactivity';
	import FieldNotes from './FieldNotes.svelte';
	import { fieldLook } from './look';
	import type SelectList from './SelectList.svelte';

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
	/** The list is fetched by the hand that comes near: no page waits for it. */
	let List = $state.raw<typeof SelectList>();
	let opened = $state(false);
	let focused = $state(false);
	const OPENING = ['Enter', ' ', 'ArrowDown', 'ArrowUp'];
	async function fetchList() {
		List ??= (await import('./SelectList.svelte')).default;
	}
	function open(event: Event) {
		event.preventDefault();
		opened = focused = true;
		void fetchList();
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
	{:else if List}
		<List {id} {value} {options} {told} {opened} {focused} onpick={pick} />
	{:else}
		<button
			type="button"
			{id}
			role="combobox"
			aria-haspopup="listbox"
			aria-expanded="false"
			aria-controls="{id}-list"
			{...told}
			class={fieldLook({ class: 'flex items-center justify-between gap-2 text-left' })}
			onpointerenter={fetchList}
			onfocus={() => {
				focused = true;
				void fetchList();
			}}
			onblur={() => (focused = false)}
			onpointerdown={(event) => event.button === 0 && open(event)}
			onclick={open}
			onkeydown={(event) => OPENING.includes(event.key) && open(event)}
			><span class="truncate">{shown}</span><ChevronDown
				size={16}
				class="flex-none"
				aria-hidden="true"
			/></button
		>
	{/if}
	<FieldNotes id="{id}-notes" {hint} {fault} />
</div>
