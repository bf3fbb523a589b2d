<script lang="ts">
	import { useRecords } from '../../state/records';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import SalonForm from './SalonForm.svelte';

	const { workspace } = useRecords();
	const shelf = $derived(workspace.shelf);
</script>

<PlaceHead title="How this salon works">
	<a class="inline-flex tap items-center" href="/shelf">Back to the shelf</a>
</PlaceHead>

{#if shelf}
	<!-- What was changed elsewhere, or taken back, stands in it anew. -->
	{#key shelf.updatedAt}<SalonForm {shelf} />{/key}
{/if}
