<script lang="ts">
	import { formatTimer } from '../../wording/words';
	import type { Snippet } from 'svelte';

	interface Props {
		/** What is to be done. */
		words: string;
		/** Minutes until then. */
		minutes: number;
		/** What stands beside it. */
		children: Snippet;
	}
	let { words, minutes, children }: Props = $props();
</script>

<!-- Nobody has to do anything yet: from two metres, what comes, and how long that is. -->
<section
	class="mb-4 grid grid-cols-[minmax(0,1fr)_372px] items-center gap-8 max-desk:grid-cols-[minmax(0,1fr)_268px] max-tablet:grid-cols-1"
	aria-label="Until then"
>
	<p class="min-w-0 figure text-act leading-none tracking-giant tabular-nums">
		{formatTimer(Math.max(0, minutes) * 60)} <span class="sr-only">until: {words}</span>
	</p>
	<div class="max-tablet:max-w-90">{@render children()}</div>
</section>
