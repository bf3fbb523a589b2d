<script lang="ts">
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';
	import Progress from '../ui/Progress.svelte';

	const { book } = useRecords().workspace;
</script>

{#if book.trouble}
	<p role="alert">
		This browser does not give all of the records ({book.trouble}). Nothing is lost.
		<Button onclick={() => void book.read()}>Try again</Button>
	</p>
{:else if !book.isRead}
	<Progress label="Going through the records…" share={book.share} />
{/if}
