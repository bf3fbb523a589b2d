<script lang="ts">
	import type { PictureReader } from '../state/pictureReader.svelte';
	import { markName } from '../wording/picture';

	interface Props {
		reader: PictureReader;
	}
	let { reader }: Props = $props();
</script>

<ul class="flex flex-wrap gap-x-5" aria-label="What is marked">
	{#each reader.marks as mark, i (i)}
		<li>
			<button class="tap underline underline-offset-3" onclick={() => reader.unmark(i)}
				>Remove {mark.kind === 'hair'
					? `hair ${markName(reader.marks, i)}`
					: markName(reader.marks, i)}</button
			>
		</li>
	{/each}
</ul>
