<script lang="ts">
	import { goto } from '$app/navigation';
	import type { Snippet } from 'svelte';
	import { provideRecords } from '../state/records';
	import type { Library } from '../store/library.svelte';
	import type { Workspace } from '../store/browserStore';
	import KeySheet from './KeySheet.svelte';
	import { isTyping } from '../ui/keys';

	interface Props {
		library: Library;
		workspace: Workspace;
		children: Snippet;
	}
	let { library, workspace, children }: Props = $props();
	// svelte-ignore state_referenced_locally
	// A workspace is opened once, then the page is loaded anew.
	provideRecords({ library, workspace });
	let keys = $state(false);

	function press(event: KeyboardEvent) {
		if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key === '?') keys = true;
		else if (event.key === '/') {
			event.preventDefault();
			void goto('/clients?search');
		}
	}
</script>

<svelte:window onkeydown={press} onpagehide={() => void library.flush()} />
<svelte:document onvisibilitychange={() => document.hidden && void library.flush()} />

{#if library.saveState.status === 'failed'}
	<p class="failed" role="alert">
		{library.saveState.message} <a href="/records">Go to Records</a>
	</p>
{/if}
{@render children()}
<KeySheet open={keys} onclose={() => (keys = false)} />

<style>
	.failed {
		position: sticky;
		top: 0;
		z-index: 30;
		padding: 12px 24px;
		background: var(--stop);
		color: var(--room);
		font-weight: 600;
	}
</style>
