<script lang="ts">
	import { clockChart, type ClockRow } from './clockChart';

	interface Props {
		rows: readonly ClockRow[];
		/** The plan before something ran late, drawn in outline behind it. */
		before?: readonly ClockRow[] | undefined;
		/** Minutes since the first brush stroke; left out while nothing runs. */
		now?: number | undefined;
		timeOf: (minute: number) => string;
		label: string;
	}
	let { rows, before, now, timeOf, label }: Props = $props();
	let width = $state(720);
	const chart = $derived(clockChart(rows, width, before));
	const ghosts = $derived.by(() => {
		if (!before) return [];
		return chart.rows.flatMap(({ name, y, height }) => {
			const row = before.find((each) => each.name === name);
			return (row?.bars ?? []).map(({ fromMinute, toMinute }) => ({
				x: chart.x(fromMinute),
				width: chart.x(toMinute) - chart.x(fromMinute),
				y,
				height
			}));
		});
	});
	/** A bar says what it is where there is room for the word. */
	const fits = (text: string, room: number) => text.length * 6.6 + 8 <= room;
</script>

<div class="chart" bind:clientWidth={width}>
	<svg {width} height={chart.height} role="img" aria-label={label}>
		{#each chart.ticks as { x, minute } (minute)}
			<line class="grid" x1={x} x2={x} y1="0" y2={chart.axisY} />
			<text class="tick" {x} y={chart.axisY + 16} text-anchor="middle">{timeOf(minute)}</text>
		{/each}
		{#each chart.rows as row, i (`${row.name} ${i}`)}
			<text
				class="name"
				class:person={row.person}
				x="0"
				y={row.y + row.height / 2}
				dominant-baseline="central">{row.name}</text
			>
			{#each row.gaps as gap (gap.x)}
				<rect
					class="gap"
					x={gap.x}
					y={row.y + 4}
					width={gap.width}
					height={row.height - 8}
					rx="2"
				/>
				{#if fits(`free ${gap.minutes}`, gap.width)}
					<text class="word" x={gap.x + 6} y={row.y + row.height / 2} dominant-baseline="central"
						>free {gap.minutes}</text
					>
				{/if}
			{/each}
			{#each row.bars as bar, i (i)}
				<rect
					class="bar {bar.what}"
					x={bar.x}
					y={row.y + (bar.hex ? 7 : 4)}
					width={bar.width}
					height={row.height - (bar.hex ? 14 : 8)}
					rx="2"
					style:fill={bar.hex}><title>{bar.label}</title></rect
				>
				{#if row.person && fits(bar.what, bar.width)}
					<text
						class="word on {bar.what}"
						x={bar.x + 6}
						y={row.y + row.height / 2}
						dominant-baseline="central">{bar.what}</text
					>
				{/if}
			{/each}
		{/each}
		{#each ghosts as ghost, i (i)}
			<rect
				class="ghost"
				x={ghost.x}
				y={ghost.y + 2}
				width={Math.max(1, ghost.width)}
				height={ghost.height - 4}
				rx="2"
			/>
		{/each}
		{#if now !== undefined}
			<line class="now" x1={chart.x(now)} x2={chart.x(now)} y1="0" y2={chart.axisY} />
			<text class="now-word" x={chart.x(now) + 4} y="10">now</text>
		{/if}
	</svg>
</div>

<style>
	.chart {
		min-width: 0;
	}
	svg {
		display: block;
	}
	.grid {
		stroke: var(--line);
	}
	.tick,
	.name,
	.word {
		font-size: 13px;
		fill: var(--ink-soft);
	}
	.name.person {
		font-weight: 700;
		fill: var(--ink);
	}
	.bar {
		fill: var(--ink);
	}
	.bar.mix,
	.bar.check,
	.bar.wipe {
		fill: var(--edge);
	}
	.bar.consult,
	.bar.finish {
		fill: var(--line);
	}
	.word.on {
		fill: var(--room);
		font-weight: 600;
	}
	.word.on.consult,
	.word.on.finish {
		fill: var(--ink);
	}
	.gap {
		fill: none;
		stroke: var(--edge);
		stroke-dasharray: 3 3;
	}
	.ghost {
		fill: none;
		stroke: var(--edge);
		stroke-dasharray: 2 2;
	}
	.now {
		stroke: var(--stop);
		stroke-width: 2;
	}
	.now-word {
		font-size: 13px;
		font-weight: 700;
		fill: var(--stop);
	}
</style>
