<script lang="ts">
	import { ModeWatcher } from 'mode-watcher';
	import { Toaster } from 'svelte-sonner';
	import { openLibrary, browserProblem, chosenWorkspace } from '../store/open';
	import Opened from './Opened.svelte';
	import type { Snippet } from 'svelte';

	let { children }: { children: Snippet } = $props();
	const problem = browserProblem();
	const workspace = chosenWorkspace();
	const opening = problem ? undefined : openLibrary(workspace, new Date());
	let slow = $state(false);
	setTimeout(() => (slow = true), 200);
</script>

<ModeWatcher />
<!-- At the top: the acts stand at the bottom, and a message must not lie over them. -->
<Toaster position="top-center" />

{#if problem}
	<p class="plain">{problem}</p>
{:else}
	{#await opening}
		{#if slow}<p class="plain">Opening the records…</p>{/if}
	{:then library}
		{#if library}<Opened {library} {workspace}>{@render children()}</Opened>{/if}
	{:catch error}
		<p class="plain" role="alert">
			The records could not be opened ({error instanceof Error ? error.message : 'unknown reason'}).
			Nothing was changed. Close other windows of Zelvant, leave private browsing, and load this
			page again.
		</p>
	{/await}
{/if}

<style>
	.plain {
		padding: 40px;
		max-width: 46em;
		font-size: 18px;
	}
</style>
