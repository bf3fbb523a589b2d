<script lang="ts">
	import TextButton from '../../ui/TextButton.svelte';
	import { calibrationChart, type CalibrationMark } from './calibration';

	interface Props {
		/** Each with the colour of the hair that was seen. */
		marks: readonly (CalibrationMark & {
			readonly key: string;
			readonly colour: string;
			readonly name: string;
		})[];
	}
	let { marks }: Props = $props();
	let width = $state(560);
	let asTable = $state(false);
	const height = $derived(Math.round(Math.min(420, Math.max(280, width * 0.7))));
	const chart = $derived(calibrationChart(marks, width, height));
	const { x, y } = $derived(chart);
</script>

<div bind:clientWidth={width}>
	{#if asTable}
		{#await import('./CalibrationTable.svelte') then { default: CalibrationTable }}
			<CalibrationTable {marks} />
		{/await}
	{:else}
		<svg
			class="bg-field"
			{width}
			{height}
			role="img"
			aria-label="Levels seen against levels predicted"
		>
			<path class="band" d={chart.band} />
			{#each chart.levels as level (level)}
				<text class="at" x={x(level)} y={height - 8}>{level}</text>
				<text class="up" x={chart.left - 10} y={y(level) + 4}>{level}</text>
			{/each}
			<line
				class="parting"
				x1={x(chart.from)}
				y1={y(chart.from)}
				x2={x(chart.to)}
				y2={y(chart.to)}
			/>
			<!-- A hair from where it was expected to where it was seen. -->
			{#each marks as { key, expected, seen, colour } (key)}
				<line class="under" x1={x(expected)} x2={x(expected)} y1={y(expected)} y2={y(seen)} />
				<line
					class="hair"
					x1={x(expected)}
					x2={x(expected)}
					y1={y(expected)}
					y2={y(seen)}
					style:stroke={colour}
				/>
				<circle cx={x(expected)} cy={y(seen)} r="3.5" style:fill={colour} />
			{/each}
			<text x={chart.left + 8} y="26">seen ↑ lighter than predicted</text>
			<text class="end" x={width - 18} y={chart.base - 10}>fell short · predicted →</text>
		</svg>
	{/if}
	<TextButton onclick={() => (asTable = !asTable)}>{asTable ? 'Chart' : 'Table'}</TextButton>
</div>

<style>
	svg {
		display: block;
	}
	text {
		fill: var(--on-field);
		font: 500 13px var(--text);
	}
	.at {
		text-anchor: middle;
	}
	.up,
	.end {
		text-anchor: end;
	}
	.band {
		fill: var(--on-field);
		fill-opacity: 0.14;
	}
	.parting {
		stroke: var(--on-field);
		stroke-width: 1.5;
	}
	.under {
		stroke: var(--on-field);
		stroke-width: 4;
	}
	.hair {
		stroke-width: 2.5;
	}
	circle {
		stroke: var(--on-field);
		stroke-width: 1;
	}
</style>
