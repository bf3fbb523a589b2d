<script lang="ts" generics="T extends string">
	interface Props {
		label: string;
		value: T;
		options: readonly { value: T; label: string }[];
		/** What the next choice would do. */
		hint?: string;
		onchange: (value: T) => void;
	}
	let { label, value, options, hint, onchange }: Props = $props();
	const id = $props.id();

	function pick(text: string) {
		const option = options.find((candidate) => candidate.value === text);
		if (option) onchange(option.value);
	}
</script>

<div class="select">
	<label for={id}>{label}</label>
	<select {id} {value} onchange={(event) => pick(event.currentTarget.value)}>
		{#each options as option (option.value)}
			<option value={option.value}>{option.label}</option>
		{/each}
	</select>
	{#if hint}<p class="hint">{hint}</p>{/if}
</div>

<style>
	label {
		display: block;
		color: var(--ink-soft);
	}
	select {
		width: 100%;
		min-height: 44px;
		border: 0;
		border-bottom: 1.5px solid var(--edge);
		background: var(--room);
		font-weight: 600;
		font-size: 16px;
	}
	.hint {
		font-size: 13px;
		color: var(--ink-soft);
	}
</style>
