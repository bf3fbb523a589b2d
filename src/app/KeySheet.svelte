<script lang="ts">
	import { KEYS, type KeyPlace } from '../ui/keys';
	import Sheet from '../ui/Sheet.svelte';

	interface Props {
		open: boolean;
		onclose: () => void;
	}
	let { open, onclose }: Props = $props();
	const PLACES: readonly { place: KeyPlace; name: string }[] = [
		{ place: 'anywhere', name: 'Anywhere' },
		{ place: 'visit', name: 'In a visit' },
		{ place: 'chair', name: 'In Chair' },
		{ place: 'weigh', name: 'While weighing' },
		{ place: 'bench', name: 'At the Bench' },
		{ place: 'practice', name: 'In Practice' }
	];
</script>

<Sheet {open} title="Keys" {onclose}>
	{#each PLACES as { place, name } (place)}
		<h3 class="mt-4 mb-1 text-14 text-ink-soft first:mt-0">{name}</h3>
		<dl class="grid grid-cols-[124px_1fr] items-baseline gap-x-4 gap-y-1">
			{#each KEYS.filter((key) => key.place === place) as { act, shown, what } (act)}
				<dt class="figure text-15">{shown}</dt>
				<dd>{what}</dd>
			{/each}
		</dl>
	{/each}
</Sheet>
