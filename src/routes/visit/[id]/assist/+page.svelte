<script lang="ts">
	import HereOrNot from '../../../../app/HereOrNot.svelte';
	import Assistant from '../../../../stations/chair/Assistant.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
</script>

<HereOrNot of="visits" id={params.id}><Assistant id={params.id} /></HereOrNot>
