<script lang="ts">
	import type { Snippet } from 'svelte';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';

	interface Props {
		/** Whose visits are needed. */
		clientId: string;
		/** What needs them. */
		children: Snippet;
		/** What stands there until they are read. */
		waiting?: Snippet;
	}
	let { clientId, children, waiting }: Props = $props();
	const { workspace } = useRecords();
	const isRead = $derived(workspace.isRead(clientId));
	/** What was shown once stays: what comes from elsewhere is read behind it. */
	let shownFor = $state.raw<string>();
	let trouble = $state.raw<string>();
	function read() {
		workspace.readVisitsOf(clientId).then(
			() => (trouble = undefined),
			(error: unknown) => (trouble = error instanceof Error ? error.message : 'nothing more')
		);
	}
	$effect(() => {
		if (isRead) shownFor = clientId;
		else read();
	});
</script>

{#if isRead || shownFor === clientId}{@render children()}
{:else if trouble}
	<p role="alert" class="p-4">
		This browser does not give the record ({trouble}). Nothing is lost.
		<Button onclick={read}>Try again</Button>
	</p>
{:else}{@render waiting?.()}{/if}
