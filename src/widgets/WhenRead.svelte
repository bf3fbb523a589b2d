<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import { useClock } from '../state/clock.svelte';
	import { LearnedVisits } from '../state/learnedVisits.svelte';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';
	import Progress from '../ui/Progress.svelte';

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
		if (!isRead) read();
	});
	/** What they taught is gone through before anybody asks for it in one go. */
	const learned = new LearnedVisits(useClock().steady);
	$effect(() => {
		if (!isRead || shownFor === clientId) return;
		const client = clientId;
		untrack(() => {
			void learned
				.go(workspace.visitsOf(client), workspace.clients.get(client), workspace.shelf)
				.then(() => {
					if (learned.share === 1) shownFor = client;
				});
		});
		return () => learned.leave();
	});
</script>

{#if shownFor === clientId}{@render children()}
{:else if trouble}
	<p role="alert" class="p-4">
		This browser does not give the record ({trouble}). Nothing is lost.
		<Button onclick={read}>Try again</Button>
	</p>
{:else if learned.share > 0 && learned.share < 1}
	<div class="max-w-100 p-4">
		<Progress label="Going through the visits of this head…" share={learned.share} />
	</div>
{:else}{@render waiting?.()}{/if}
