<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head><title>Not shown · Zelvant</title></svelte:head>

<main class="max-w-173 p-10 text-18">
	<h1>{page.status === 404 ? 'There is no such page' : 'This page could not be shown'}</h1>
	<p>
		{page.status === 404
			? 'The address leads nowhere in Zelvant.'
			: `It says: ${page.error?.message ?? 'nothing more'}.`}
		Your records are kept as they are.
		<a class="inline-flex tap items-center" href="/">Go to the day</a> or to
		<a class="inline-flex tap items-center" href="/records">Records, for an export</a>.
	</p>
</main>
