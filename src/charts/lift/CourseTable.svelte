<script lang="ts">
	import type { ChartMoment, ChartTrack } from './liftChart';

	interface Props {
		moments: readonly ChartMoment[];
		tracks?: readonly ChartTrack[];
	}
	let { moments, tracks = [] }: Props = $props();
	/** Every fourth minute: what the chart shows, for those who read rather than see it. */
	const rows = $derived(moments.filter(({ minute }) => minute % 4 === 0));
	const levelOn = ({ moments }: ChartTrack, minute: number): string =>
		moments.findLast((moment) => moment.minute <= minute)?.level.toFixed(1) ?? '';
</script>

<div>
	<table>
		<thead>
			<tr
				><th>Minute</th><th>Level</th><th>Likely</th><th>Undertone</th><th>Hex</th
				>{#each tracks as { name } (name)}<th>{name}</th>{/each}</tr
			>
		</thead>
		<tbody>
			{#each rows as row (row.minute)}
				<tr>
					<td>{row.minute}</td>
					<td>{row.level.toFixed(1)}</td>
					<td>{row.low.toFixed(1)} to {row.high.toFixed(1)}</td>
					<td>{row.undertone}</td>
					<td>{row.hex}</td>
					{#each tracks as track (track.name)}
						<td>{levelOn(track, row.minute)}</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	div {
		position: absolute;
		inset: 40px 0 0;
		overflow: auto;
		padding: 0 8px;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		text-align: left;
		padding: 5px 12px 5px 0;
		border-bottom: 1px solid var(--line);
	}
</style>
