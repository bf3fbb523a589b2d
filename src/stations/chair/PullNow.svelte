<script lang="ts">
	import { describeTone, formatLevel } from '../../core/hair';
	import type { RunningSection } from '../../core/work';
	import { uniform } from '../../model/head/hair';
	import { useVisit } from '../../state/visitContext';
	import StrandRow from '../../widgets/StrandRow.svelte';

	interface Props {
		now: RunningSection;
		/** The same section some minutes from now. */
		later: RunningSection | undefined;
		minutes: number;
	}
	let { now, later, minutes }: Props = $props();
	const session = useVisit();
	const rows = $derived(
		[
			{ name: 'off now', one: now },
			...(later ? [{ name: `in ${minutes} min`, one: later }] : [])
		].map(({ name, one }) => ({
			name,
			raw: one,
			...session.head.toner.on(one.fibre, one.condition)
		}))
	);
</script>

<div class="bg-field px-3 py-2 text-on-field">
	{#each rows as { name, raw, level, lab } (name)}
		<StrandRow
			{name}
			colours={uniform(lab)}
			value={formatLevel(level)}
			words={describeTone(lab, 'toned')}
			note="lifted to {formatLevel(raw.level)}, condition {Math.round(raw.condition)}"
			{lab}
			height={52}
		/>
	{/each}
</div>
<p class="text-ink-soft">
	Both under today’s toner. Toner lightens nothing: what is lifted too little stays warm or is toned
	deeper.
</p>
