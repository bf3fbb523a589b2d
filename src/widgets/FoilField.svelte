<script lang="ts">
	import { AREAS } from '../core/vocabulary';
	import FoilPlan from '../charts/head/FoilPlan.svelte';
	import { DASHES, type PlannedSection } from '../charts/head/foils';
	import { hexOf } from '../core/colour';
	import { labOfFibre, type AreaName } from '../core/lift';
	import TextButton from '../ui/TextButton.svelte';
	import { areaColours } from '../model/visit/areaColours';
	import { readingOf } from '../model/head/exceptions';
	import { downloadText, fileName } from '../ui/download';
	import { mainZone, zonesOf } from '../model/head/hair';
	import { useVisit } from '../state/visitContext';
	import { sectionNamer } from '../wording/bowls';

	interface Props {
		chosen: string | undefined;
		onchoose: (id: string) => void;
		/** On paper: the drawing alone. */
		printed?: boolean;
	}
	let { chosen, onchoose, printed = false }: Props = $props();
	const session = useVisit();
	let svg = $state<SVGSVGElement>();
	const planned = $derived(session.bowls.sections);
	const nameOf = $derived(sectionNamer(planned.map(({ section }) => section)));
	/** Open work is drawn as so many brush strips over the head. */
	const STRIPS = 40;
	const sections = $derived(
		planned.map(({ section, load }, i): PlannedSection => ({
			number: i + 1,
			areas: section.areas,
			strips: load ? (load.foils ?? Math.round(section.share * STRIPS)) : 0,
			share: section.share,
			part: session.plan.part,
			angle: section.angle,
			picking: load?.foils === undefined ? 'brush' : section.picking
		}))
	);
	/** Each area as it comes to the rinse; where nothing goes on, as it is. */
	const colours = $derived.by(() => {
		const finish = session.bowls.staging?.finish ?? [];
		const of = (area: AreaName): string => {
			const here = planned.find(({ section, load }) => load && section.areas.includes(area));
			const one = finish.find(({ section }) => section === here?.section.id);
			if (one) return hexOf(one.lab);
			const reading = readingOf(session.visit.reading, area);
			const zone = mainZone(zonesOf(reading), session.plan.covers);
			return hexOf(labOfFibre(zone.fibre, reading.whiteShare));
		};
		return Object.fromEntries(AREAS.map((area) => [area, of(area)])) as Record<AreaName, string>;
	});
	const bare = $derived(areaColours(session.visit.reading));
	const pickings = $derived([
		...new Set(sections.filter(({ strips }) => strips > 0).map(({ picking }) => picking))
	]);
	const label = $derived(
		`Foil plan: ${planned.map(({ section, load }, i) => `${i + 1} ${nameOf(section.id)}${load ? '' : ' left out'}`).join(', ')}`
	);
	function save() {
		if (!svg) return;
		const name = session.client?.name ?? 'Client';
		const text = new XMLSerializer().serializeToString(svg);
		downloadText(fileName(`${name} foil plan`, session.visit.date, 'svg'), 'image/svg+xml', text);
	}
</script>

<div
	class={[
		'grid items-center gap-x-10 gap-y-2 [--ink:var(--on-field)] max-tablet:grid-cols-1',
		printed ? 'grid-cols-1' : 'grid-cols-[minmax(0,590px)_minmax(0,1fr)]'
	]}
>
	<div>
		<FoilPlan
			bind:svg
			{sections}
			{colours}
			part={session.plan.part}
			{bare}
			{label}
			chosen={planned.findIndex(({ section }) => section.id === chosen) + 1 || undefined}
			onpick={(number) => onchoose(planned[number - 1]!.section.id)}
		/>
	</div>
	{#if !printed}<div>
			{#each pickings as picking (picking)}
				<p class="flex items-center gap-2">
					<svg width="56" height="8" aria-hidden="true"
						><line
							class="stroke-on-field stroke-2"
							x1="0"
							x2="56"
							y1="4"
							y2="4"
							stroke-dasharray={DASHES[picking]}
						/></svg
					>
					{picking}
				</p>
			{/each}
			<TextButton onclick={save}>Save as SVG</TextButton>
		</div>{/if}
</div>
