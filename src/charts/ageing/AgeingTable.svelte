<script lang="ts">
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';
	import type { DyeTrack } from './ageing';

	interface Props {
		tracks: readonly DyeTrack[];
		weeks: readonly number[];
	}
	let { tracks, weeks }: Props = $props();
	const percent = ({ amounts }: DyeTrack, week: number) =>
		amounts[0] ? `${Math.round((100 * (amounts[week] ?? 0)) / amounts[0])} %` : '–';
	const columns: readonly TableColumn<DyeTrack>[] = $derived([
		{ id: 'dye', head: 'Dye', value: ({ dye }) => dye, track: '84px', fixed: true },
		...weeks.map((week) => ({
			id: `week ${week}`,
			head: `Week ${week}`,
			value: (track: DyeTrack) => percent(track, week),
			track: '76px'
		}))
	]);
</script>

<Table label="What is left of each dye" rows={tracks} {columns} keyOf={({ dye }) => dye} />
