<script lang="ts">
	import Button from './Button.svelte';
	import Progress from './Progress.svelte';

	interface Props {
		/** What is under way. */
		label: string;
		/** Share that is done, 0-1; nothing where nobody can know. */
		share: number | undefined;
		onstop: () => unknown;
	}
	let { label, share, onstop }: Props = $props();
</script>

<span class="flex flex-wrap items-center gap-x-4 gap-y-2">
	<Progress {label} {share} />
	<Button onclick={onstop}>Stop</Button>
</span>
