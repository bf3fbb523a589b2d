<script lang="ts">
	import '../app.css';
	import Root from '../app/Root.svelte';
	import type { LayoutProps } from './$types';

	let { children }: LayoutProps = $props();
</script>

<Root>{@render children()}</Root>
