<script lang="ts">
	import TextButton from '../../ui/TextButton.svelte';
	import LiftHand from './LiftHand.svelte';
	import LiftMarks from './LiftMarks.svelte';
	import { handAt, liftChart, momentAt, type ChartMoment, type ChartTrack } from './liftChart';

	interface Props {
		moments: readonly ChartMoment[];
		/** Other courses on the same axes, each with its name. */
		tracks?: readonly ChartTrack[];
		window: { from: number; to: number | undefined } | undefined;
		minute: number;
		spent: number;
		/** Levels seen at the chair, drawn as rings. */
		seen?: readonly { minute: number; level: number }[];
		/** Left out, the clock cannot be moved: it shows the time that runs. */
		onminute?: (minute: number) => void;
	}
	let { moments, tracks = [], window: ready, minute, spent, seen = [], onminute }: Props = $props();

	let width = $state(720);
	let height = $state(320);
	let svg = $state<SVGSVGElement>();
	let asTable = $state(false);
	let range = $state(true);
	let dragging = $state(false);

	const chart = $derived(liftChart({ moments, tracks, seen, window: ready, spent, width, height }));
	const hand = $derived(handAt(chart, moments, minute));
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
		{#await import('./CourseTable.svelte') then { default: CourseTable }}
			<CourseTable {moments} {tracks} />
		{/await}
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
			<LiftMarks {chart} {height} {range} />
			<LiftHand {hand} plot={chart.plot} {width} {minute} />
		</svg>
	{/if}
	<div class="tools no-print">
		<TextButton pressed={asTable} onclick={() => (asTable = !asTable)}
			>{asTable ? 'Chart' : 'Table'}</TextButton
		>
		{#if !asTable}<TextButton pressed={range} onclick={() => (range = !range)}
				>{range ? 'Hide the range' : 'Likely range'}</TextButton
			>{/if}
	</div>
</div>

<style>
	.chart {
		position: relative;
		width: 100%;
		height: 100%;
		min-height: 230px;
	}
	svg {
		display: block;
		position: absolute;
		inset: 0;
		cursor: ew-resize;
		touch-action: pan-y;
		user-select: none;
	}
	.fixed {
		cursor: default;
	}
	.tools :global(button) {
		min-width: 44px;
	}
	.tools {
		position: absolute;
		top: var(--tools-top, -8px);
		left: var(--tools-left, 0);
		right: var(--tools-right, auto);
		display: flex;
		gap: 14px;
		font-size: 13px;
		color: var(--ink-soft);
	}
</style>
