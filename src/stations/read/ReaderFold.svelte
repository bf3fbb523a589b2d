<script lang="ts">
	import { labOfFibre } from '../../core/lift';
	import { takeLevel } from '../../model/commands/reading';
	import type { ZoneName } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import { readFor } from '../../wording/picture';
	import ReaderUse from '../../widgets/ReaderUse.svelte';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	// What the simulated reader lies on: the zone as it is drawn on the strand.
	const hair = $derived.by(() => {
		const { zones, zone: main, reading } = session.view;
		const here = zones.find(({ name }) => name === zone) ?? main;
		return labOfFibre(here.fibre, reading.whiteShare);
	});
</script>

<ReaderUse
	hair={() => hair}
	place="{zone} {session.areas.join(' ')}"
	action="Read this for {readFor(session.view.reading, zone)}"
	ontake={(reading) =>
		session.changeReading(`read ${zone} with the colour reader`, (draft) =>
			takeLevel(draft, zone, reading.level, reading.undertone.name)
		)}
/>
