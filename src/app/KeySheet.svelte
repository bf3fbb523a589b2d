<script lang="ts">
	import Sheet from '../ui/Sheet.svelte';

	interface Props {
		open: boolean;
		onclose: () => void;
	}
	let { open, onclose }: Props = $props();
	const KEYS = [
		['1 to 7', 'go to a station'],
		[', and .', 'move the clock a minute, with Shift five'],
		['k', 'note a check in Chair'],
		['Space', 'start or hold the timer in Chair'],
		['/', 'search clients'],
		['Ctrl Z', 'undo'],
		['Ctrl Shift Z', 'redo'],
		['p', 'print the sheet of the visit'],
		['Space, t, m', 'while weighing: take it, tare, mend the ratio'],
		['← and →', 'while weighing: the bowl before, the next'],
		['?', 'this list']
	] as const;
</script>

<Sheet {open} title="Keys" {onclose}>
	<dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
		{#each KEYS as [key, what] (key)}
			<dt class="figure text-18">{key}</dt>
			<dd>{what}</dd>
		{/each}
	</dl>
</Sheet>
