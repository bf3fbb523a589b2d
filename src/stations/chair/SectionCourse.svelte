<script lang="ts">
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import { hexOf } from '../../core/colour';
	import type { RunningSection } from '../../core/work';
	import type { RunningView } from '../../state/runningView.svelte';
	import { useVisit } from '../../state/visitContext';
	import type { SectionNamer } from '../../wording/bowls';

	interface Props {
		/** A section that lies. */
		section: RunningSection;
		view: RunningView;
		nameOf: SectionNamer;
	}
	let { section, view, nameOf }: Props = $props();
	const session = useVisit();
	const moments = $derived(
		view.courseOf(section).map(({ lab, ...rest }) => ({ ...rest, hex: hexOf(lab) }))
	);
	const seen = $derived(
		session.visit.run.notes.flatMap((note) =>
			note.section === section.section && note.part === section.part && note.level !== undefined
				? [{ minute: note.minute, level: note.level }]
				: []
		)
	);
	const within = (minute: number) =>
		Math.min(Math.max(minute, moments[0]!.minute), moments.at(-1)!.minute);
</script>

<h2 class="text-15 font-semibold">{nameOf(section.section)}, minutes of the service</h2>
{#if moments.length > 1}
	<LiftChart
		{moments}
		{seen}
		window={section.readyMinute === undefined
			? undefined
			: { from: section.readyMinute, to: undefined }}
		minute={within(view.minute)}
		spent={Infinity}
	/>
{/if}
