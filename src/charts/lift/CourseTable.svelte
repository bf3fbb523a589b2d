<script lang="ts">
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';
	import type { ChartMoment, ChartTrack } from './liftChart';

	interface Props {
		moments: readonly ChartMoment[];
		tracks?: readonly ChartTrack[];
	}
	let { moments, tracks = [] }: Props = $props();
	/** Every fourth minute: what the chart shows, for those who read rather than see it. */
	const rows = $derived(moments.filter(({ minute }) => minute % 4 === 0));
	const levelOn = ({ moments }: ChartTrack, minute: number) =>
		moments.findLast((moment) => moment.minute <= minute)?.level.toFixed(1);
	const columns: readonly TableColumn<ChartMoment>[] = $derived([
		{ id: 'minute', head: 'Minute', value: ({ minute }) => minute, track: '64px', fixed: true },
		{ id: 'level', head: 'Level', value: ({ level }) => level.toFixed(1), track: '52px' },
		{
			id: 'likely',
			head: 'Likely',
			value: ({ low, high }) => `${low.toFixed(1)} to ${high.toFixed(1)}`,
			track: '100px'
		},
		{
			id: 'undertone',
			head: 'Undertone',
			value: ({ undertone }) => undertone,
			track: 'minmax(96px,1fr)'
		},
		{ id: 'hex', head: 'Hex', value: ({ hex }) => hex, track: '76px' },
		...tracks.map((track, i) => ({
			id: `track ${i}`,
			head: track.name,
			value: ({ minute }: ChartMoment) => levelOn(track, minute),
			track: '76px'
		}))
	]);
</script>

<div>
	<Table
		label="Course of the lift"
		{rows}
		{columns}
		keyOf={({ minute }) => String(minute)}
		sortedBy={{ id: 'minute' }}
	/>
</div>

<style>
	div {
		position: absolute;
		inset: 40px 0 0;
		overflow: auto;
		padding: 0 8px;
	}
</style>
