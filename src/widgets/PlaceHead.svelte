<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		/** A line above the title. */
		above?: string;
		children?: Snippet;
	}
	let { title, above = '', children }: Props = $props();
</script>

<header class="mb-4 flex flex-wrap items-end justify-between gap-3">
	<div>
		{#if above}<p class="text-ink-soft">{above}</p>{/if}
		<h1 class="figure text-40 leading-tight wrap-anywhere">{title}</h1>
	</div>
	{#if children}<div class="flex flex-wrap gap-3">{@render children()}</div>{/if}
</header>
