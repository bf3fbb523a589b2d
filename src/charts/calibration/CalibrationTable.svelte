<script lang="ts">
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';
	import type { CalibrationMark } from './calibration';

	type Row = CalibrationMark & { readonly key: string; readonly name: string };
	interface Props {
		marks: readonly Row[];
	}
	let { marks }: Props = $props();
	const level = (value: number) => value.toFixed(1);
	const columns: readonly TableColumn<Row>[] = [
		{
			id: 'name',
			head: 'Head',
			value: ({ name }) => name,
			track: 'minmax(120px,1fr)',
			fixed: true
		},
		{
			id: 'expected',
			head: 'Predicted',
			value: ({ expected }) => level(expected),
			track: '84px',
			end: true
		},
		{
			id: 'band',
			head: 'Likely',
			value: ({ low, high }) => `${level(low)} to ${level(high)}`,
			track: '104px'
		},
		{ id: 'seen', head: 'Seen', value: ({ seen }) => level(seen), track: '64px', end: true }
	];
</script>

<Table label="Predicted and seen" rows={marks} {columns} keyOf={({ key }) => key} />
