<script lang="ts">
	import { ModeWatcher } from 'mode-watcher';
	import type { Snippet } from 'svelte';
	import { provideClock } from '../state/clock.svelte';
	import { browserIsTooOld, chosenSalon, openWorkspace, withoutRecords } from '../store/open';
	import { waitingForms } from '../state/waitingForms.svelte';
	import Button from '../ui/Button.svelte';
	import Progress from '../ui/Progress.svelte';
	import Messages from '../ui/Messages.svelte';
	import { clock } from './clock';
	import Opened from './Opened.svelte';

	let { children }: { children: Snippet } = $props();
	provideClock(clock);
	const salon = chosenSalon();
	const openAll = async () => {
		const [workspace] = await Promise.all([openWorkspace(salon, clock, gone), waitingForms.look()]);
		return workspace;
	};
	let opening = $state.raw(browserIsTooOld() ? undefined : openAll());
	/** Share of the records that has been gone through, where that has to be done first. */
	let share = $state.raw<number>();
	function gone(to: number) {
		if (to - (share ?? 0) > 0.02) share = to;
	}
	let slow = $state(false);
	setTimeout(() => (slow = true), 200);
	/** A browser that has not answered for so long may never: what else can be done stands beside the waiting, ms. */
	const SILENT_MS = 8000;
	let silent = $state(false);
	setTimeout(() => (silent = true), SILENT_MS);
	/** A browser that refused may let us in later: another window is closed, space is made. */
	const RETRY_MS = 4000;
	function again() {
		const next = openAll();
		// What is shown stays until this attempt has come out.
		next.then(
			() => (opening = next),
			() => setTimeout(again, RETRY_MS)
		);
	}
	$effect(() => {
		opening?.catch(() => setTimeout(again, RETRY_MS));
	});
	const without = () => (opening = withoutRecords(salon, clock));
</script>

<!-- Nothing here fades from light to dark; its style for that would be one in the markup. -->
<ModeWatcher disableTransitions={false} />
<Messages />

{#if !opening}
	<p class="max-w-173 p-10 text-18">
		This browser is too old to keep records. Update it, or open Zelvant in a current one.
	</p>
{:else}
	{#await opening}
		{#if slow}<p class="max-w-173 p-10 text-18">
				{#if share === undefined}Opening the records…{:else}<Progress
						label="Going through the records, once…"
						{share}
					/>{/if}
			</p>{/if}
		{#if silent && share === undefined}
			<div class="max-w-173 px-10 text-18" role="alert">
				<p>
					The storage of this browser has not answered yet. Nothing was changed, and nothing is
					lost. Close other windows of Zelvant, or start the browser anew; it is still waited for.
				</p>
				<p class="mt-3">
					<Button onclick={without}>Work in this window only, without records</Button>
				</p>
			</div>
		{/if}
	{:then workspace}
		<Opened {workspace} {salon}>{@render children()}</Opened>
	{:catch error}
		<div class="max-w-173 p-10 text-18" role="alert">
			<h1>This browser does not open the records</h1>
			<p>
				It says: {error instanceof Error ? error.message : 'nothing more'}. Nothing was changed, and
				nothing is lost: what was kept is still there. Close other windows of Zelvant, leave private
				browsing, or make space on this device. It is tried again by itself.
			</p>
			<Button onclick={without}>Work in this window only, without records</Button>
		</div>
	{/await}
{/if}
