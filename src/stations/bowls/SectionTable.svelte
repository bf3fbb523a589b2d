<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { useVisit } from '../../state/visitContext';
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';
	import { PICKING_OPTIONS, sectionNamer } from '../../wording/bowls';
	import { labelIn } from '../../wording/words';

	interface Props {
		/** The section that is looked at. */
		chosen: string | undefined;
	}
	let { chosen }: Props = $props();
	const session = useVisit();
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));

	/** A part of a section as it is worked: what goes on it, from which bowl, and how it ends. */
	interface Row {
		readonly key: string;
		readonly place: number;
		readonly section: string;
		readonly name: string;
		readonly picked: string;
		readonly foils?: number | undefined;
		readonly minutes?: number | undefined;
		readonly grams?: number | undefined;
		readonly bowl?: number | undefined;
		readonly rinse?: number | undefined;
		readonly level?: number | undefined;
		readonly likely: string;
	}
	const finish = $derived(session.bowls.staging?.finish ?? []);
	const rows: Row[] = $derived(
		session.bowls.sections.flatMap(({ section, load }, i): Row[] => {
			const own = {
				place: i + 1,
				section: section.id,
				name: nameOf(section.id),
				picked: load ? labelIn(PICKING_OPTIONS, section.picking) : 'left out',
				foils: load?.foils,
				minutes: load && Math.round(load.minutes * 10) / 10,
				grams: load && Math.round(load.grams)
			};
			const ends = finish.filter((end) => end.section === section.id);
			if (ends.length === 0) return [{ ...own, key: section.id, likely: '' }];
			return ends.map((end) => ({
				...own,
				key: `${section.id} ${end.part}`,
				bowl: end.bowl,
				rinse: Math.round(end.rinseMinute),
				level: end.level,
				likely: `${formatLevel(end.low)} to ${formatLevel(end.high)}`
			}));
		})
	);
	const COLUMNS: readonly TableColumn<Row>[] = [
		{
			id: 'name',
			head: 'Section',
			value: ({ name }) => name,
			track: 'minmax(80px,1.4fr)',
			fixed: true
		},
		{ id: 'place', head: 'Order', value: ({ place }) => place, track: '52px', end: true },
		{ id: 'picked', head: 'Picked', value: ({ picked }) => picked, track: 'minmax(60px,1fr)' },
		{ id: 'foils', head: 'Foils', value: ({ foils }) => foils, track: '36px', end: true },
		{ id: 'minutes', head: 'Min on', value: ({ minutes }) => minutes, track: '48px', end: true },
		{ id: 'grams', head: 'Grams', value: ({ grams }) => grams, track: '46px', end: true },
		{ id: 'bowl', head: 'Bowl', value: ({ bowl }) => bowl, track: '34px', end: true },
		{ id: 'rinse', head: 'Rinse', value: ({ rinse }) => rinse, track: '40px', end: true },
		{ id: 'level', head: 'Level', value: ({ level }) => level, track: '40px', end: true },
		{ id: 'likely', head: 'Likely', value: ({ likely }) => likely || undefined, track: '76px' }
	];
</script>

<Table
	label="Sections of the head"
	{rows}
	columns={COLUMNS}
	keyOf={({ key }) => key}
	sortedBy={{ id: 'place' }}
	isMarked={({ section }) => section === chosen}
>
	{#snippet cell(row, column)}
		{#if column === 'level'}<b class="figure"
				>{row.level === undefined ? '' : formatLevel(row.level)}</b
			>
		{:else if column === 'name'}<b>{row.name}</b>
		{:else}{COLUMNS.find(({ id }) => id === column)!.value(row) ?? ''}{/if}
	{/snippet}
</Table>
