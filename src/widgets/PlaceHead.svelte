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

<header>
	<div>
		{#if above}<p>{above}</p>{/if}
		<h1 class="figure">{title}</h1>
	</div>
	{#if children}<div class="acts">{@render children()}</div>{/if}
</header>

<style>
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: flex-end;
		gap: 12px;
		margin-bottom: 18px;
	}
	h1 {
		font-size: 40px;
		line-height: 1.05;
		overflow-wrap: anywhere;
	}
	p {
		color: var(--ink-soft);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
	}
</style>
