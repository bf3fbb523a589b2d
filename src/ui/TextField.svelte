<script lang="ts">
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
	<label for={id}>{label}</label>
	{#if long}
		<textarea {id} rows="3" {value} oninput={(event) => oninput(event.currentTarget.value)}
		></textarea>
	{:else}
		<input
			{id}
			{type}
			autocomplete="off"
			{value}
			oninput={(event) => oninput(event.currentTarget.value)}
		/>
	{/if}
</div>

<style>
	label {
		display: block;
		color: var(--ink-soft);
		margin-bottom: 2px;
	}
	input,
	textarea {
		width: 100%;
		min-height: 44px;
		padding: 8px 10px;
		border: 1px solid var(--edge);
		border-radius: 3px;
		background: var(--raised);
		resize: vertical;
	}
</style>
