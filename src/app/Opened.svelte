<script lang="ts">
	import type { Snippet } from 'svelte';
	import { useLadder } from '../core/colour';
	import { provideRecords } from '../state/records';
	import type { Workspace } from '../store/workspace.svelte';
	import type { Salon } from '../store/open';
	import KeySheet from './KeySheet.svelte';
	import { textStorage } from '../store/browserStorage';
	import { leaveNotes } from '../store/notes';
	import { actOf } from '../ui/keys';
	import { exporting } from '../state/exporting.svelte';
	import { useClock } from '../state/clock.svelte';
	import { ClockWatch } from '../state/clockJump';
	import { finding } from '../state/finding.svelte';
	import { starting } from '../state/starting.svelte';
	import { waitingForms } from '../state/waitingForms.svelte';
	import { typing } from '../ui/typing.svelte';
	import Working from '../ui/Working.svelte';
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

	const watch = new ClockWatch(useClock());
	/** Visits whose service runs: they call on every page. */
	const running = $derived(
		[...workspace.cards.values()].filter((card) => card.isRunning).map(({ id }) => id)
	);

	let above = $state(0);
	$effect(() => document.documentElement.style.setProperty('--above', `${above}px`));

	function leave() {
		// What stands in a field is taken before the page goes.
		typing.takeAll();
		const [forms, records] = [waitingForms.leave(), leaveNotes(workspace, salon, textStorage())];
		return forms && records;
	}
	/** What is neither stored nor noted would be gone with the window: whoever closes it is asked first. */
	function closing(event: BeforeUnloadEvent) {
		if (!leave()) event.preventDefault();
	}
	function press(event: KeyboardEvent) {
		const act = actOf(event, 'anywhere');
		if (act === 'keys') keys = true;
		else if (act === 'find') finding.open = true;
	}
</script>

<svelte:window
	onkeydown={press}
	onpagehide={() => void leave()}
	onbeforeunload={closing}
	onfocus={() => void waitingForms.look()}
/>
<svelte:document onvisibilitychange={() => document.hidden && leave()} />

<!-- Stays in sight, and takes nothing from what stands under it: the page has the rest of the window. -->
<div class="sticky top-0 z-30" bind:clientHeight={above}>
	<SaveBanner />
	{#if exporting.share !== undefined}
		<div class="no-print border-b border-edge bg-room px-6 py-2">
			<Working label="Writing the file…" share={exporting.share} onstop={() => exporting.stop()} />
		</div>
	{/if}
	{#if running.length > 0}
		{#await import('./Calls.svelte') then { default: Calls }}<Calls ids={running} {watch} />{/await}
	{/if}
</div>
{#if workspace.clashes.length > 0}
	{#await import('./Clashes.svelte') then { default: Clashes }}<Clashes />{/await}
{/if}
{#key ladder}{@render children()}{/key}
<KeySheet open={keys} onclose={() => (keys = false)} />
{#if finding.open}
	{#await import('./Finder.svelte') then { default: Finder }}<Finder
			onkeys={() => (keys = true)}
			onnew={() => (starting.open = true)}
		/>{/await}
{/if}
{#if starting.open}
	{#await import('../widgets/NewVisit.svelte') then { default: NewVisit }}<NewVisit
			open
			onclose={() => (starting.open = false)}
		/>{/await}
{/if}
