<script lang="ts">
	import type { ChartMoment } from './liftChart';

	interface Props {
		moments: readonly ChartMoment[];
	}
	let { moments }: Props = $props();
	/** Every fourth minute: what the chart shows, for those who read rather than see it. */
	const rows = $derived(moments.filter(({ minute }) => minute % 4 === 0));
</script>

<div>
	<table>
		<thead>
			<tr><th>Minute</th><th>Level</th><th>Likely</th><th>Undertone</th><th>Hex</th></tr>
		</thead>
		<tbody>
			{#each rows as row (row.minute)}
				<tr>
					<td>{row.minute}</td>
					<td>{row.level.toFixed(1)}</td>
					<td>{row.low.toFixed(1)} to {row.high.toFixed(1)}</td>
					<td>{row.undertone}</td>
					<td>{row.hex}</td>
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
