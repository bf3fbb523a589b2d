<script lang="ts">
	import HereOrNot from '../../../../app/HereOrNot.svelte';
	import Upkeep from '../../../../stations/upkeep/Upkeep.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
</script>

<HereOrNot of="visits" id={params.id}><Upkeep id={params.id} /></HereOrNot>
