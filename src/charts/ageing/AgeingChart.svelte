<script lang="ts">
	import TextButton from '../../ui/TextButton.svelte';
	import { ageingChart, type DyeTrack } from './ageing';

	interface Props {
		tracks: readonly (DyeTrack & { readonly colour: string })[];
		/** Weeks that are told of in the table, and marked. */
		weeks: readonly number[];
	}
	let { tracks, weeks }: Props = $props();
	let width = $state(600);
	const HEIGHT = 150;
	let asTable = $state(false);
	const chart = $derived(ageingChart(tracks, width, HEIGHT));
	const colourOf = (dye: string) => tracks.find((track) => track.dye === dye)?.colour;
</script>

<div bind:clientWidth={width}>
	{#if asTable}
		{#await import('./AgeingTable.svelte') then { default: AgeingTable }}
			<AgeingTable {tracks} {weeks} />
		{/await}
	{:else}
		<svg
			class="bg-field"
			{width}
			height={HEIGHT}
			role="img"
			aria-label="What is left of each dye, by weeks"
		>
			{#each weeks as week (week)}
				<line class="week" x1={chart.x(week)} x2={chart.x(week)} y1="8" y2={chart.base} />
				<text class="week-name" x={chart.x(week)} y={HEIGHT - 6}>{week}</text>
			{/each}
			{#each chart.tracks as { dye, path, nameX, nameY } (dye)}
				<path class="under" d={path} />
				<path class="track" d={path} style:stroke={colourOf(dye)} />
				<text x={nameX} y={nameY + 4}>{dye}</text>
			{/each}
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
		font: 600 13px var(--text);
	}
	.week-name {
		text-anchor: middle;
		font-weight: 500;
	}
	.week {
		stroke: var(--on-field);
		stroke-opacity: 0.35;
	}
	.under {
		fill: none;
		stroke: var(--on-field);
		stroke-width: 5;
	}
	.track {
		fill: none;
		stroke-width: 3;
	}
</style>
