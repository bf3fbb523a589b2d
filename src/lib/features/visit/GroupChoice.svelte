<script lang="ts">
	import Choice from '../../ui/Choice.svelte';
	import { useVisit } from './context';
	import { areaWords } from './words';

	const session = useVisit();
	const groups = $derived(session.groups);
	const shown = $derived(
		groups.findIndex(({ areas }) => session.areas[0] && areas.includes(session.areas[0]))
	);
	const options = $derived(
		groups.map(({ areas, area }, i) => ({
			value: String(i),
			label: area === undefined ? 'the rest of the head' : areaWords(areas)
		}))
	);
	function pick(value: string) {
		const group = groups[Number(value)];
		session.areas = group?.area === undefined ? [] : group.areas;
	}
</script>

<!-- Where the head is alike, there is nothing to choose. -->
{#if groups.length > 1}
	<Choice
		label="Where on the head"
		hideLabel
		value={String(Math.max(0, shown))}
		{options}
		onchange={pick}
	/>
{/if}
