<script lang="ts">
	import FieldNotes from './FieldNotes.svelte';
	import { fieldLook } from './look';

	interface Props {
		label: string;
		value: string;
		long?: boolean;
		type?: 'text' | 'search';
		/** What is meant, where the label does not say it. */
		hint?: string | undefined;
		/** What is wrong with it, and what is allowed. */
		fault?: string | undefined;
		oninput: (value: string) => void;
	}
	let { label, value, long = false, type = 'text', hint, fault, oninput }: Props = $props();
	const id = $props.id();
	const told = $derived({
		'aria-invalid': fault ? true : undefined,
		'aria-describedby': fault || hint ? `${id}-notes` : undefined
	});
</script>

<div class="field">
	<label class="block text-ink-soft" for={id}>{label}</label>
	{#if long}
		<textarea
			class={fieldLook({ long: true })}
			{id}
			rows="3"
			{value}
			{...told}
			oninput={(event) => oninput(event.currentTarget.value)}></textarea>
	{:else}
		<input
			class={fieldLook()}
			{id}
			{type}
			autocomplete="off"
			{value}
			{...told}
			oninput={(event) => oninput(event.currentTarget.value)}
		/>
	{/if}
	<FieldNotes id="{id}-notes" {hint} {fault} />
</div>
