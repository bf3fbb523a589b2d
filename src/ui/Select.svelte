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

<div>
	<label class="block text-ink-soft" for={id}>{label}</label>
	<select
		class="tap w-full border-b-2 border-edge bg-room text-15 font-semibold"
		{id}
		{value}
		onchange={(event) => pick(event.currentTarget.value)}
	>
		{#each options as option (option.value)}
			<option value={option.value}>{option.label}</option>
		{/each}
	</select>
	{#if hint}<p class="text-13 text-ink-soft">{hint}</p>{/if}
</div>
