<script lang="ts">
	import Places from '../../app/Places.svelte';
	import type { LayoutProps } from './$types';

	let { children }: LayoutProps = $props();
</script>

<div
	class="grid min-h-view grid-cols-[232px_minmax(0,1fr)] max-desk:grid-cols-[196px_minmax(0,1fr)] max-tablet:block"
>
	<Places />
	<main class="min-w-0 px-9 pt-6 pb-10 max-desk:p-5 max-tablet:p-4">{@render children()}</main>
</div>
