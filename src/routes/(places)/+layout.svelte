<script lang="ts">
	import PlaceShell from '../../app/PlaceShell.svelte';
	import type { LayoutProps } from './$types';

	let { children }: LayoutProps = $props();
</script>

<PlaceShell>{@render children()}</PlaceShell>
