<script lang="ts">
	import { goto } from '$app/navigation';
	import type { Snippet } from 'svelte';
	import { useLadder } from '../core/colour';
	import { provideRecords } from '../state/records';
	import type { Workspace } from '../store/workspace.svelte';
	import type { Salon } from '../store/open';
	import KeySheet from './KeySheet.svelte';
	import { leaveNotes } from '../store/notes';
	import { isTyping } from '../ui/keys';
	import SaveBanner from './SaveBanner.svelte';

	interface Props {
		workspace: Workspace;
		salon: Salon;
		children: Snippet;
	}
	let { workspace, salon, children }: Props = $props();
	// svelte-ignore state_referenced_locally
	// A salon is opened once, then the page is loaded anew.
	provideRecords({ workspace, salon });
	let keys = $state(false);
	/** Every level on every screen is told in the salon's own ladder: another one draws them all anew. */
	const ladder = $derived.by(() => {
		const own = workspace.shelf?.ladder;
		useLadder(own);
		return own?.join(' ') ?? 'usual';
	});

	function leave() {
		leaveNotes(workspace, salon, localStorage);
		void workspace.flush();
	}
	function press(event: KeyboardEvent) {
		if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key === '?') keys = true;
		else if (event.key === '/') {
			event.preventDefault();
			void goto('/clients?search');
		}
	}
</script>

<svelte:window onkeydown={press} onpagehide={leave} />
<svelte:document onvisibilitychange={() => document.hidden && leave()} />

<SaveBanner />
{#if workspace.clashes.length > 0}
	{#await import('./Clashes.svelte') then { default: Clashes }}<Clashes />{/await}
{/if}
{#key ladder}{@render children()}{/key}
<KeySheet open={keys} onclose={() => (keys = false)} />
