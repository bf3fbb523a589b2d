<script lang="ts">
	import Sheet from '../ui/Sheet.svelte';

	interface Props {
		open: boolean;
		/** What began before anybody said so. */
		name: string;
		/** Longest that it can have been, minutes. */
		most: number;
		onpick: (minutes: number) => void;
		onclose: () => void;
	}
	let { open, name, most, onpick, onclose }: Props = $props();
	const PADS = [1, 2, 5, 10, 15, 20, 30, 45] as const;
	const pads = $derived(PADS.filter((minutes) => minutes <= most));
</script>

<Sheet {open} title="How much earlier did {name} begin?" {onclose}>
	<div class="grid grid-cols-4 gap-3 max-tablet:grid-cols-2">
		{#each pads as minutes (minutes)}
			<button
				class="h-22 rounded-box border-2 border-ink bg-raised figure text-28"
				aria-label="{minutes} minutes earlier"
				onclick={() => onpick(minutes)}>{minutes} <span class="text-15">min</span></button
			>
		{/each}
	</div>
	{#if pads.length === 0}<p>It cannot have begun before the service did.</p>{/if}
	<p class="mt-3 text-ink-soft">What it has lain is counted from then. Undo takes it back.</p>
</Sheet>
