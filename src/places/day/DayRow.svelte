<script lang="ts">
	import { useRecords } from '../../state/records';
	import VisitRow from '../../widgets/VisitRow.svelte';
	import WhenRead from '../../widgets/WhenRead.svelte';

	interface Props {
		/** The visit of the row. */
		id: string;
	}
	let { id }: Props = $props();
	const { workspace } = useRecords();
	const clientId = $derived(workspace.cards.get(id)?.clientId ?? '');
	const visit = $derived(workspace.visits.get(id));
</script>

<WhenRead {clientId}>
	{#if visit}<VisitRow {visit} />{/if}
	{#snippet waiting()}
		<li class="min-h-24 border-t border-line py-2">
			<span class="figure text-22 leading-tight"
				>{workspace.clients.get(clientId)?.name ?? 'Unknown client'}</span
			>
		</li>
	{/snippet}
</WhenRead>
