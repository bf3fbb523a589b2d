<script lang="ts">
	import Acts from './Acts.svelte';
	import Chosen from './Chosen.svelte';
	import Looked from './Looked.svelte';
	import Typed from './Typed.svelte';
</script>

<svelte:head><title>Parts · Zelvant</title></svelte:head>

<!-- Every part in every state, for whoever builds a screen. -->
<main class="mx-auto w-full max-w-280 px-gap pt-6 pb-16">
	<h1 class="figure text-40 leading-tight">Parts</h1>
	<p class="mb-6 text-ink-soft">
		What every screen is built of, in every state. Nothing that is done here is kept.
	</p>

	<div
		class="columns-2 gap-12 max-tablet:columns-1 [&>section]:mb-8 [&>section]:break-inside-avoid"
	>
		<Acts />
		<Chosen />
		<Typed />
		<Looked />
	</div>
</main>
