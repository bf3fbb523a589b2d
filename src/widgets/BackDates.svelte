<script lang="ts">
	import type { BackDate } from '../model/visit/backDates';
	import { backDaysWords, backTitle } from '../wording/backDates';

	interface Props {
		dates: readonly BackDate[];
	}
	let { dates }: Props = $props();
</script>

<dl class="py-1">
	{#each dates as date (date.what)}
		<div class="flex flex-wrap justify-between gap-x-4 border-b border-line py-1">
			<dt>{backTitle(date)}</dt>
			<dd class="font-semibold">{backDaysWords(date)}</dd>
		</div>
	{/each}
</dl>
