<script lang="ts">
	import ClockChart from '../charts/clock/ClockChart.svelte';
	import { hexOf } from '../core/colour';
	import type { LoggedSection } from '../state/runningView.svelte';
	import Fold from '../ui/Fold.svelte';
	import { PART_NAMES, type SectionNamer } from '../wording/bowls';

	interface Props {
		log: readonly LoggedSection[];
		nameOf: SectionNamer;
	}
	let { log, nameOf }: Props = $props();
	/** It is drawn when somebody looks. */
	let shown = $state(false);
	const nameOfLine = ({ section, part }: LoggedSection) =>
		`${nameOf(section)}${part ? `, ${PART_NAMES[part]}` : ''}`;
	const words = ({ fromMinute, toMinute }: LoggedSection['done']) =>
		`${Math.round(fromMinute)} to ${Math.round(toMinute)} min`;
	const rows = $derived(
		log.map((one) => ({
			name: nameOfLine(one),
			person: false,
			bars: [{ what: 'process', label: words(one.done), ...one.done, hex: hexOf(one.lab) }]
		}))
	);
	const planned = $derived(
		log.map((one) => ({
			name: nameOfLine(one),
			person: false,
			bars: [{ what: 'process', label: words(one.planned), ...one.planned }]
		}))
	);
</script>

<Fold title="As planned and as done" ontoggle={(open) => (shown = open)}>
	{#if shown}
		{#if rows.length === 0}
			<p class="text-ink-soft">Nothing is on yet.</p>
		{:else}
			<ClockChart
				{rows}
				before={planned}
				timeOf={(minute) => `${minute}`}
				label="Every section as it was done, its plan in outline"
			/>
			<p class="text-14 text-ink-soft">Minutes of the service; the outline is the plan.</p>
		{/if}
	{/if}
</Fold>
