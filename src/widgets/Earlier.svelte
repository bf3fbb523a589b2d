<script lang="ts">
	import Sheet from '../ui/Sheet.svelte';
	import { earlier } from './earlier.svelte';

	const PADS = [1, 2, 5, 10, 15, 20, 30, 45] as const;
	const asked = $derived(earlier.asked);
	const pads = $derived(PADS.filter((minutes) => minutes <= (asked?.most ?? 0)));
	const close = () => (earlier.asked = undefined);
	function pick(minutes: number) {
		const { onpick } = asked!;
		close();
		onpick(minutes);
	}
</script>

<Sheet
	open={asked !== undefined}
	title="How much earlier did {asked?.name ?? 'it'} begin?"
	onclose={close}
>
	<div class="grid grid-cols-4 gap-3 max-tablet:grid-cols-2">
		{#each pads as minutes (minutes)}
			<button
				class="h-22 rounded-box border-2 border-ink bg-raised figure text-28"
				aria-label="{minutes} minutes earlier"
				onclick={() => pick(minutes)}>{minutes} <span class="text-15">min</span></button
			>
		{/each}
	</div>
	{#if pads.length === 0}<p>It cannot have begun before the service did.</p>{/if}
	<p class="mt-3 text-ink-soft">What it has lain is counted from then. Undo takes it back.</p>
</Sheet>
