<script lang="ts" generics="T extends string">
	import FieldNotes from './FieldNotes.svelte';
	import { fieldLook } from './look';

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

	function pick(text: string) {
		const option = options.find((candidate) => candidate.value === text);
		if (option) onchange(option.value);
	}
</script>

<div>
	<label class="block text-ink-soft" for={id}>{label}</label>
	<select
		class={fieldLook()}
		{id}
		{value}
		aria-invalid={fault ? true : undefined}
		aria-describedby={fault || hint ? `${id}-notes` : undefined}
		onchange={(event) => pick(event.currentTarget.value)}
	>
		{#each options as option (option.value)}
			<option value={option.value}>{option.label}</option>
		{/each}
	</select>
	<FieldNotes id="{id}-notes" {hint} {fault} />
</div>
