<script lang="ts">
	import { fieldLook } from './look';

	interface Props {
		label: string;
		value: string;
		long?: boolean;
		type?: 'text' | 'date' | 'search';
		oninput: (value: string) => void;
	}
	let { label, value, long = false, type = 'text', oninput }: Props = $props();
	const id = $props.id();
</script>

<div class="field">
	<label class="mb-0.5 block text-ink-soft" for={id}>{label}</label>
	{#if long}
		<textarea
			class={fieldLook({ class: 'resize-y' })}
			{id}
			rows="3"
			{value}
			oninput={(event) => oninput(event.currentTarget.value)}></textarea>
	{:else}
		<input
			class={fieldLook()}
			{id}
			{type}
			autocomplete="off"
			{value}
			oninput={(event) => oninput(event.currentTarget.value)}
		/>
	{/if}
</div>
