<script lang="ts">
	import { Switch } from 'bits-ui';

	interface Props {
		/** What works, or does not: a fact about hair is ticked instead. */
		label: string;
		checked: boolean;
		/** What it would do. */
		hint?: string;
		onchange: (checked: boolean) => void;
	}
	let { label, checked, hint, onchange }: Props = $props();
	const id = $props.id();
</script>

<div class="flex tap items-center">
	<Switch.Root
		{id}
		bind:checked={() => checked, onchange}
		class="flex h-6 w-10 flex-none items-center rounded-full border-2 border-edge px-0.5 data-[state=checked]:justify-end data-[state=checked]:border-ink data-[state=checked]:bg-ink"
	>
		<Switch.Thumb class="block h-4 w-4 rounded-full bg-edge data-[state=checked]:bg-room" />
	</Switch.Root>
	<label class="cursor-pointer py-3 pl-2" for={id}
		>{label}{#if hint}<span class="block text-13 leading-close text-ink-soft">{hint}</span
			>{/if}</label
	>
</div>
