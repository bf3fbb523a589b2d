<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type SheetDialog from './SheetDialog.svelte';

	let sheet: ComponentProps<typeof SheetDialog> = $props();
	/** The dialog is fetched with the first sheet that opens: no page waits for it. */
	let Dialog = $state.raw<typeof SheetDialog>();
	$effect(() => {
		if (sheet.open) void fetchDialog();
	});
	const fetchDialog = async () => (Dialog ??= (await import('./SheetDialog.svelte')).default);
</script>

{#if Dialog}<Dialog {...sheet} />{/if}
