<script lang="ts">
	import type { Snippet } from 'svelte';
	import { page } from '$app/state';
	import Part from '../widgets/Part.svelte';
	import Places from './Places.svelte';

	let { children }: { children: Snippet } = $props();
</script>

<div
	class="grid min-h-view grid-cols-[232px_minmax(0,1fr)] max-desk:grid-cols-[196px_minmax(0,1fr)] max-tablet:block"
>
	<Places />
	<main class="min-w-0 px-9 pt-6 pb-10 max-desk:p-5 max-tablet:p-4">
		{#key page.url.pathname}<Part name="page" whole>{@render children()}</Part>{/key}
	</main>
</div>
