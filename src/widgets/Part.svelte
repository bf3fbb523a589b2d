<script lang="ts">
	import type { Snippet } from 'svelte';
	import { page } from '$app/state';
	import { useClock } from '../state/clock.svelte';
	import { faults } from '../state/faults.svelte';
	import Button from '../ui/Button.svelte';

	interface Props {
		/** What of the page this is, as a person calls it. */
		name: string;
		/** The whole station or place: then the way back is offered too. */
		whole?: boolean;
		children: Snippet;
	}
	let { name, whole = false, children }: Props = $props();
	const clock = useClock();
	// What cannot be drawn takes nothing else with it: it says so in its own place, and the rest works on.
	// Noted once it is over: while a page is drawn nothing may change that it shows.
	const note = (error: unknown) =>
		queueMicrotask(() => faults.add(name, page.url.pathname, error, clock.now()));
	/** A browser test may let parts break, to see what is left of the page then. */
	const breaks = () => document.documentElement.dataset['breaks']?.split('|').includes(name);
	function drawn(): true {
		if (breaks()) throw new Error(`${name} was let break`);
		return true;
	}
</script>

<svelte:boundary onerror={note}>
	{#if drawn()}{@render children()}{/if}
	{#snippet failed(_, again)}
		<div class="border-2 border-stop p-4" role="alert">
			{#if whole}
				<h1 class="text-22">This page could not be shown</h1>
				<p>
					Your records are kept as they are; nothing was lost. Try again, go to the day, or to
					Records for an export.
				</p>
			{:else}
				<p>
					<b>This picture could not be drawn</b> ({name}). Everything else works, and your records
					are kept.
				</p>
			{/if}
			<p class="mt-2 flex flex-wrap items-center gap-3">
				<Button onclick={again}>Try again</Button>
				{#if whole}<a class="inline-flex tap items-center" href="/">The day</a>{/if}
				<a class="inline-flex tap items-center" href="/records">Records and export</a>
			</p>
		</div>
	{/snippet}
</svelte:boundary>
