<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { readColours } from '../../model/clientRows';
	import type { Client } from '../../schema/records';
	import { useRecords } from '../../state/records';

	interface Props {
		/** The visit at which the hair was read. */
		visitId: string;
		of: Client;
	}
	let { visitId, of }: Props = $props();
	const { workspace } = useRecords();
	/** Read when the row is seen; where the browser refuses, the row stands without it. */
	$effect(() => void workspace.read([`visit:${visitId}`]).catch(() => undefined));
	const visit = $derived(workspace.visits.get(visitId));
	/** A lock of its own for every head, also where two are the same level. */
	const seed = $derived([...of.id].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) % 9, 7));
</script>

{#if visit}<Strand colours={readColours(visit.reading)} {seed} label="hair of {of.name}" />{/if}
