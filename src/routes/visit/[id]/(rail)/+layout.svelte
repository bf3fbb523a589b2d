<script lang="ts">
	import HereOrNot from '../../../../app/HereOrNot.svelte';
	import VisitShell from '../../../../app/VisitShell.svelte';
	import type { LayoutProps } from './$types';

	let { params, children }: LayoutProps = $props();
</script>

<!-- The visit stays open from station to station; each loads by itself. -->
<HereOrNot of="visits" id={params.id}>
	<VisitShell id={params.id}>{@render children()}</VisitShell>
</HereOrNot>
