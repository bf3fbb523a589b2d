<script lang="ts">
	import CourseTable from './CourseTable.svelte';
	import { liftChart, momentAt, type ChartMoment } from './liftChart';

	interface Props {
		moments: readonly ChartMoment[];
		window: { from: number; to: number | undefined } | undefined;
		minute: number;
		spent: number;
		/** Levels seen at the chair, drawn as rings. */
		seen?: readonly { minute: number; level: number }[];
		/** Left out, the clock cannot be moved: it shows the time that runs. */
		onminute?: (minute: number) => void;
	}
	let { moments, window: ready, minute, spent, seen = [], onminute }: Props = $props();

	let width = $state(720);
	let height = $state(320);
	let svg = $state<SVGSVGElement>();
	let asTable = $state(false);
	let dragging = $state(false);

	const chart = $derived(liftChart({ moments, seen, window: ready, minute, spent, width, height }));
	const last = $derived(moments.at(-1)!.minute);
	const spoken = $derived.by(() => {
		const m = momentAt(moments, minute);
		return `${minute} min: level ${m.level.toFixed(1)}, likely ${m.low.toFixed(1)} to ${m.high.toFixed(1)}, ${m.undertone}`;
	});

	const clamp = (value: number) => Math.min(last, Math.max(1, Math.round(value)));

	function point(event: PointerEvent) {
		if (!svg) return;
		const box = svg.getBoundingClientRect();
		onminute?.(clamp(chart.x.invert(event.clientX - box.left)));
	}
	function grab(event: PointerEvent) {
		if (event.button !== 0 || !onminute) return;
		dragging = true;
		svg?.setPointerCapture(event.pointerId);
		point(event);
	}
	function press(event: KeyboardEvent) {
		const by: Record<string, number> = {
			ArrowRight: 1,
			ArrowUp: 1,
			ArrowLeft: -1,
			ArrowDown: -1,
			PageUp: 5,
			PageDown: -5
		};
		const step = by[event.key];
		const to = event.key === 'Home' ? 1 : event.key === 'End' ? last : step && minute + step;
		if (to === undefined) return;
		event.preventDefault();
		onminute?.(clamp(to));
	}
</script>

<div class="chart" bind:clientWidth={width} bind:clientHeight={height}>
	{#if asTable}
		<CourseTable {moments} />
	{:else}
		<svg
			bind:this={svg}
			{width}
			{height}
			class:fixed={!onminute}
			{...onminute
				? {
						role: 'slider',
						tabindex: 0,
						'aria-label': 'Minutes on the hair',
						'aria-valuemin': 1,
						'aria-valuemax': last,
						'aria-valuenow': minute,
						'aria-valuetext': spoken
					}
				: { role: 'img', 'aria-label': `Expected course. ${spoken}` }}
			onpointerdown={grab}
			onpointermove={(event) => dragging && point(event)}
			onpointerup={() => (dragging = false)}
			onpointercancel={() => (dragging = false)}
			onkeydown={press}
		>
			{#each chart.levels as tick (tick.level)}
				<line class="rule" x1={chart.plot.left} x2={chart.plot.rightX} y1={tick.y} y2={tick.y} />
				<text class="axis" x={chart.plot.left - 12} y={tick.y + 5} text-anchor="end"
					>{tick.level}</text
				>
			{/each}
			{#each chart.minutes as tick (tick.minute)}
				<text class="axis" x={tick.x} y={height - 8} text-anchor="middle"
					>{tick.minute === last ? `${tick.minute} min` : tick.minute}</text
				>
			{/each}
			<path class="interval" d={chart.interval} />
			{#each chart.pieces as piece (piece.d)}
				<path d={piece.d} stroke={piece.hex} stroke-width="9" fill="none" stroke-linecap="round" />
			{/each}
			{#each chart.undertones as label (`${label.text} ${label.x}`)}
				<text class="name" x={label.x} y={label.y}>{label.text}</text>
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
			<line
				class="hand"
				x1={chart.now.x}
				x2={chart.now.x}
				y1={chart.plot.top - 6}
				y2={chart.plot.bottomY + 8}
			/>
			{#each chart.seen as point (`${point.x} ${point.y}`)}
				<circle class="ring" cx={point.x} cy={point.y} r="9" />
				<text
					class="name strong"
					x={point.x + (point.x < 120 ? 14 : -15)}
					y={point.y - 8}
					text-anchor={point.x < 120 ? 'start' : 'end'}
					>seen {Math.round(point.level * 10) / 10}</text
				>
			{/each}
			<circle cx={chart.now.x} cy={chart.now.y} r="8" fill={chart.now.moment.hex} class="dot" />
			<g
				transform="translate({Math.min(Math.max(chart.now.x, 36), width - 36)} {chart.plot.bottomY +
					20})"
			>
				<rect class="grip" x="-34" y="-13" width="68" height="27" rx="13.5" />
				<text class="grip-text" text-anchor="middle" y="5">{minute} min</text>
			</g>
		</svg>
	{/if}
	<button class="toggle no-print" aria-pressed={asTable} onclick={() => (asTable = !asTable)}>
		{asTable ? 'Chart' : 'Table'}
	</button>
</div>

<style>
	.chart {
		position: relative;
		width: 100%;
		height: 100%;
		min-height: 230px;
		overflow: hidden;
	}
	svg {
		display: block;
		position: absolute;
		inset: 0;
		cursor: ew-resize;
		touch-action: pan-y;
		user-select: none;
	}
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
	.hand {
		stroke: var(--ink);
		stroke-width: 2;
	}
	.ring {
		fill: var(--room);
		stroke: var(--ink);
		stroke-width: 4;
	}
	.fixed {
		cursor: default;
	}
	.dot {
		stroke: var(--ink);
		stroke-width: 2;
	}
	.grip {
		fill: var(--ink);
	}
	.grip-text {
		fill: var(--room);
		font-weight: 700;
		font-size: 14px;
	}
	.toggle {
		position: absolute;
		top: 0;
		left: 0;
		min-height: 44px;
		min-width: 44px;
		margin-top: -8px;
		padding: 0 6px;
		border: 0;
		background: none;
		color: var(--ink-soft);
		text-decoration: underline;
		text-underline-offset: 3px;
		font-size: 13px;
	}
</style>
