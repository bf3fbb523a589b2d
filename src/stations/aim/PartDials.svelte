<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { PART_KINDS } from '../../core/work';
	import { movePartEdge, takePart } from '../../model/commands/part';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Select from '../../ui/Select.svelte';
	import { useVisit } from '../../state/visitContext';
	import { WORN_OPTIONS } from '../../wording/aim';
	import { edgeWords, PART_OPTIONS } from '../../wording/part';

	const session = useVisit();
	const part = $derived(session.visit.lift.part);
	const panel = $derived(session.visit.aim.panel);
</script>

<Select
	label="Worked today"
	value={part?.name ?? 'all'}
	options={PART_OPTIONS}
	onchange={(name) =>
		session.change('part of the head', (draft) =>
			takePart(draft, name === 'all' ? undefined : name)
		)}
/>
{#if part}
	{#each PART_KINDS[part.name].edges as edge (edge)}
		<Dial
			label={edgeWords(part.name, edge)}
			value={part[edge]}
			{...BOUNDS.partEdgeCm}
			max={PART_KINDS[part.name].measure === 'parting' ? 28 : 20}
			shown="{part[edge]} cm"
			onchange={(cm) =>
				session.change('edge of the part', (draft) => movePartEdge(draft, edge, cm))}
		/>
	{/each}
{/if}
{#if panel}
	<Choice
		label="Worn"
		value={panel.worn}
		options={WORN_OPTIONS}
		onchange={(value) =>
			session.change('panel', (draft) => {
				if (draft.aim.panel) draft.aim.panel.worn = value;
			})}
	/>
{/if}
