<script lang="ts">
	import { Progress } from 'bits-ui';

	interface Props {
		/** What is under way, in words that are read before the bar is seen. */
		label: string;
		/** Share that is done, 0-1; nothing where nobody can know. */
		share: number | undefined;
	}
	let { label, share }: Props = $props();
	const percent = $derived(share === undefined ? null : Math.round(share * 100));
</script>

<span class="inline-flex min-w-0 items-center gap-3">
	<Progress.Root
		value={percent}
		max={100}
		aria-label={label}
		class="relative block h-1.5 w-30 flex-none overflow-hidden bg-line forced-colors:border"
	>
		<span
			class={[
				'absolute inset-y-0 left-0 bg-ink',
				percent === null && 'w-1/3 animate-sweep motion-reduce:w-full motion-reduce:opacity-60'
			]}
			style:width={percent === null ? undefined : `${percent}%`}
		></span>
	</Progress.Root>
	<span>{label}</span>
</span>
