<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import { shadeColours } from '../../model/shelf/look';
	import type { ShelfLine } from '../../schema/records';
	import type { TableColumn } from '../../ui/table';
	import FoundTable from '../../widgets/FoundTable.svelte';
	import { toneWords } from '../../wording/tone';
	import { VEHICLE_NAMES } from '../../wording/words';

	interface Props {
		lines: readonly ShelfLine[];
	}
	let { lines }: Props = $props();
	interface Row {
		readonly line: ShelfLine;
		readonly shade: ShelfLine['shades'][number];
		readonly words: string;
	}
	const rows: Row[] = $derived(
		lines.flatMap((line) =>
			line.shades.map((shade) => ({
				line,
				shade,
				words: `${toneWords(shade.tone)}${shade.form === 'concentrate' ? ', concentrate' : ''}`
			}))
		)
	);
	const COLUMNS: readonly TableColumn<Row>[] = [
		{ id: 'code', head: 'Code', value: ({ shade }) => shade.code, track: '92px', fixed: true },
		{ id: 'look', head: 'What it gives', value: ({ shade }) => shade.level, track: '120px' },
		{ id: 'level', head: 'Level', value: ({ shade }) => shade.level, track: '56px', end: true },
		{ id: 'tone', head: 'Tone', value: ({ words }) => words, track: 'minmax(96px,1fr)' },
		{ id: 'line', head: 'Line', value: ({ line }) => line.name, track: 'minmax(96px,1.2fr)' },
		{
			id: 'kind',
			head: 'Kind',
			value: ({ line }) => VEHICLE_NAMES[line.vehicle],
			track: 'minmax(96px,1fr)'
		},
		{
			id: 'strength',
			head: 'Strength',
			value: ({ shade }) => shade.intensity,
			track: '76px',
			end: true
		}
	];
</script>

<FoundTable
	label="Shades"
	find="Code, tone, line or kind"
	textOf={({ line, shade, words }) =>
		`${shade.code} ${words} ${line.name} ${VEHICLE_NAMES[line.vehicle]}`}
	{rows}
	columns={COLUMNS}
	keyOf={({ line, shade }) => `${line.id} ${shade.id}`}
	sortedBy={{ id: 'level' }}
>
	{#snippet cell({ line, shade, words }, column)}
		{#if column === 'code'}<b class="figure">{shade.code}</b>
		{:else if column === 'look'}
			<span class="block h-9 bg-field px-2 py-1"
				><Strand colours={shadeColours(line, shade)} seed={23} label="" /></span
			>
		{:else if column === 'level'}{formatLevel(shade.level)}
		{:else if column === 'tone'}{words}
		{:else if column === 'line'}{line.name}
		{:else if column === 'kind'}<span class="text-ink-soft">{VEHICLE_NAMES[line.vehicle]}</span>
		{:else}{shade.intensity === undefined
				? 'as usual'
				: `${Math.round(shade.intensity * 100)} %`}{/if}
	{/snippet}
</FoundTable>
