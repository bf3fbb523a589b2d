<script lang="ts">
	import { useRecords } from '../state/records';

	interface Props {
		/** What the copy goes by in the records. */
		id: string;
		alt: string;
	}
	let { id, alt }: Props = $props();
	const { workspace } = useRecords();
	/** What is shown as kept is kept: also where the page is closed this moment. */
	const kept = $derived(
		workspace.fresh.has(`picture:${id}`) ? undefined : workspace.pictures.get(id)
	);
	let url = $state('');
	$effect(() => {
		if (!kept) return undefined;
		const own = (url = URL.createObjectURL(kept.image));
		return () => URL.revokeObjectURL(own);
	});
</script>

{#if kept}<img class="max-w-45" src={url} {alt} />{/if}
