<script lang="ts">
	import HeadMap from '../../charts/head/HeadMap.svelte';
	import { hexOf, type Lab } from '../../core/colour';
	import { AREAS } from '../../core/vocabulary';
	import type { AreaName } from '../../core/lift';
	import type { RunningSection } from '../../core/work';
	import { areaColours } from '../../model/visit/areaColours';
	import { keyOf } from '../../state/runningView.svelte';
	import { useVisit } from '../../state/visitContext';
	import { areaWords } from '../../wording/words';

	interface Props {
		sections: readonly RunningSection[];
		/** A section of an area was pointed at. */
		onpoint?: ((key: string) => void) | undefined;
	}
	let { sections, onpoint }: Props = $props();
	const session = useVisit();
	const bare = $derived(areaColours(session.visit.reading));
	const areasOf = $derived(
		new Map(session.bowls.sections.map(({ section }) => [section.id, section.areas]))
	);
	const inArea = (area: AreaName) =>
		sections.filter((one) => areasOf.get(one.section)?.includes(area));
	const meanOf = (labs: readonly Lab[]): Lab => {
		const mean = (of: (lab: Lab) => number) =>
			labs.reduce((sum, lab) => sum + of(lab), 0) / labs.length;
		return { l: mean(({ l }) => l), a: mean(({ a }) => a), b: mean(({ b }) => b) };
	};
	/** Each area as it should look now: the mean of its sections. */
	const colours = $derived(
		Object.fromEntries(
			AREAS.map((area) => {
				const here = inArea(area);
				return [area, here.length > 0 ? hexOf(meanOf(here.map(({ lab }) => lab))) : bare[area]];
			})
		) as Record<AreaName, string>
	);
	const CALLS: readonly RunningSection['state'][] = ['check', 'ready', 'overdue'];
	/** Outlined: what asks for somebody. */
	const calling = $derived(
		AREAS.filter((area) => inArea(area).some(({ state }) => CALLS.includes(state)))
	);
	function point(area: AreaName) {
		const here = inArea(area);
		const one = here.find(({ state }) => CALLS.includes(state)) ?? here[0];
		if (one) onpoint?.(keyOf(one));
	}
</script>

<div class="bg-field p-3 text-on-field">
	<HeadMap
		{colours}
		chosen={calling}
		label="The head as it should look now{calling.length > 0
			? `; outlined: ${areaWords(calling)}`
			: ''}"
		ontoggle={point}
	/>
</div>
