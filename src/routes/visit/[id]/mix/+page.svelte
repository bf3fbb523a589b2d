<script lang="ts">
	import { page } from '$app/state';
	import HereOrNot from '../../../../app/HereOrNot.svelte';
	import Weigh from '../../../../stations/weigh/Weigh.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
	const number = $derived(Number.parseInt(page.url.searchParams.get('bowl') ?? '1', 10) || 1);
</script>

<HereOrNot of="visits" id={params.id}><Weigh id={params.id} {number} /></HereOrNot>
