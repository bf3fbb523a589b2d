<script lang="ts">
	import type { liftChart } from './liftChart';

	interface Props {
		chart: ReturnType<typeof liftChart>;
		height: number;
		/** Whether the likely range is shaded. */
		range: boolean;
	}
	let { chart, height, range }: Props = $props();
	const last = $derived(chart.minutes.at(-1)?.minute);
</script>

{#each chart.levels as tick (tick.level)}
	<line class="rule" x1={chart.plot.left} x2={chart.plot.rightX} y1={tick.y} y2={tick.y} />
	<text class="axis" x={chart.plot.left - 12} y={tick.y + 5} text-anchor="end">{tick.level}</text>
{/each}
{#each chart.minutes as tick (tick.minute)}
	<text class="axis" x={tick.x} y={height - 8} text-anchor="middle"
		>{tick.minute === last ? `${tick.minute} min` : tick.minute}</text
	>
{/each}
{#if range}<path class="interval" d={chart.interval} />{/if}
{#each chart.tracks as track, i (i)}
	{#each track.pieces as piece (piece.d)}
		<path d={piece.d} stroke={piece.hex} stroke-width="4" fill="none" stroke-linecap="round" />
	{/each}
{/each}
{#each chart.pieces as piece (piece.d)}
	<path d={piece.d} stroke={piece.hex} stroke-width="9" fill="none" stroke-linecap="round" />
{/each}
{#each chart.undertones as label (`${label.text} ${label.x}`)}
	<text class="name" x={label.x} y={label.y}>{label.text}</text>
{/each}
{#each chart.names as name (name.text)}
	<text class="name" x={name.x} y={name.y} text-anchor={name.atEnd ? 'end' : 'start'}
		>{name.text}</text
	>
{/each}
{#if chart.window}
	{@const w = chart.window}
	<path
		class="bracket"
		d="M{w.from} {chart.plot.top - 4}V{chart.plot.top - 14}H{w.to}{w.open
			? ''
			: `V${chart.plot.top - 4}`}"
	/>
	<line class="dots" x1={w.from} x2={w.from} y1={chart.plot.top} y2={chart.plot.bottomY} />
	{#if !w.open}<line
			class="dots"
			x1={w.to}
			x2={w.to}
			y1={chart.plot.top}
			y2={chart.plot.bottomY}
		/>{/if}
	<text
		class="name strong"
		x={Math.min((w.from + w.to) / 2, chart.plot.rightX - 46)}
		y={chart.plot.top - 22}
		text-anchor="middle">inside the aim</text
	>
{/if}
{#if chart.spent}
	<line
		class="spent"
		x1={chart.spent.x}
		x2={chart.spent.x}
		y1={chart.plot.bottomY - 14}
		y2={chart.plot.bottomY}
	/>
	<text
		class="axis"
		x={Math.min(chart.spent.x + 6, chart.plot.rightX)}
		y={chart.plot.bottomY - 4}
		text-anchor={chart.spent.x > chart.plot.rightX - 70 ? 'end' : 'start'}
		dx={chart.spent.x > chart.plot.rightX - 70 ? -12 : 0}>mix spent</text
	>
{/if}
{#each chart.seen as point (`${point.x} ${point.y}`)}
	<circle class="ring" cx={point.x} cy={point.y} r="9" />
	<text
		class="name strong"
		x={point.x + (point.x < 120 ? 14 : -15)}
		y={point.y - 8}
		text-anchor={point.x < 120 ? 'start' : 'end'}>seen {Math.round(point.level * 10) / 10}</text
	>
{/each}

<style>
	.rule {
		stroke: var(--line);
	}
	text {
		font-size: 13px;
		fill: var(--ink);
	}
	.axis {
		fill: var(--ink-soft);
	}
	.interval {
		fill: var(--band);
	}
	.name {
		paint-order: stroke;
		stroke: var(--room);
		stroke-width: 4px;
		stroke-linejoin: round;
	}
	.strong {
		font-weight: 600;
	}
	.bracket {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.dots {
		stroke: var(--ink);
		stroke-dasharray: 1.5 5;
		stroke-linecap: round;
		stroke-width: 1.5;
	}
	.spent {
		stroke: var(--ink-soft);
		stroke-width: 2;
	}
	.ring {
		fill: var(--room);
		stroke: var(--ink);
		stroke-width: 4;
	}
</style>
