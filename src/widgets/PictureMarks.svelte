<script lang="ts">
	import type { PictureReader } from '../state/pictureReader.svelte';
	import { markName } from '../wording/picture';

	interface Props {
		reader: PictureReader;
	}
	let { reader }: Props = $props();
</script>

<ul aria-label="What is marked">
	{#each reader.marks as mark, i (i)}
		<li>
			<button onclick={() => reader.unmark(i)}
				>Remove {mark.kind === 'hair'
					? `hair ${markName(reader.marks, i)}`
					: markName(reader.marks, i)}</button
			>
		</li>
	{/each}
</ul>

<style>
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 0 20px;
		margin: 0;
		padding: 0;
	}
	button {
		min-height: 44px;
		border: 0;
		background: none;
		padding: 0;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
</style>
