<script lang="ts">
	import { rateBand, type KnownRate } from './years';

	interface Props {
		known: readonly KnownRate[];
		/** Where a day lies on the axis that it shares. */
		at: (date: string) => number;
		width: number;
		label: string;
	}
	let { known, at, width, label }: Props = $props();
	const HEIGHT = 92;
	const band = $derived(rateBand(known, at, HEIGHT));
</script>

<svg class="block" {width} height={HEIGHT} role="img" aria-label={label}>
	{#each band.ends as { value, y }, i (i)}
		<text x={width - 2} y={y + 4}>{value > 0 ? '+' : '−'}{Math.abs(value)} %</text>
	{/each}
	<line class="typical" x1="0" x2={width} y1={band.typical} y2={band.typical} />
	<path class="sure" d={band.band} />
	<path class="rate" d={band.path} />
</svg>

<style>
	text {
		fill: var(--ink-soft);
		font: 500 13px var(--text);
		text-anchor: end;
	}
	.typical {
		stroke: var(--line);
	}
	.sure {
		fill: var(--ink);
		fill-opacity: 0.12;
	}
	.rate {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
