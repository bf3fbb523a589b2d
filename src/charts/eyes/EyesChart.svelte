<script lang="ts">
	import { eyesChart, type EyeMark } from './eyes';

	interface Props {
		/** Each kind of hair with its colour, and who reads it: the first drawn full, the second hollow. */
		rows: readonly {
			readonly name: string;
			readonly colour: string;
			readonly marks: readonly (EyeMark & { readonly who: string })[];
		}[];
		label: string;
	}
	let { rows, label }: Props = $props();
	let width = $state(520);
	const chart = $derived(eyesChart(rows, width));
	const { x } = $derived(chart);
	const signed = (value: number) => (value > 0 ? `+${value}` : String(value));
</script>

<div bind:clientWidth={width}>
	<svg class="bg-field" {width} height={chart.height} role="img" aria-label={label}>
		{#each chart.ticks as tick (tick)}
			<line
				class={tick === 0 ? 'there' : 'tick'}
				x1={x(tick)}
				x2={x(tick)}
				y1="14"
				y2={chart.height - 22}
			/>
			<text class="at" x={x(tick)} y={chart.height - 8}>{signed(tick)}</text>
		{/each}
		{#each rows as { name, colour, marks }, i (name)}
			<text class="name" x="10" y={chart.y(i, 0, 1) + 5}>{name}</text>
			{#each marks as { who, off, sd }, k (who)}
				{@const y = chart.y(i, k, marks.length)}
				{#if sd !== undefined}
					<line class="under" x1={x(off - sd)} x2={x(off + sd)} y1={y} y2={y} />
					<line
						class="hair"
						x1={x(off - sd)}
						x2={x(off + sd)}
						y1={y}
						y2={y}
						style:stroke={colour}
					/>
				{/if}
				<circle
					class={k === 0 ? 'full' : 'hollow'}
					cx={x(off)}
					cy={y}
					r="6"
					style:fill={k === 0 ? colour : 'none'}
				/>
			{/each}
		{/each}
	</svg>
</div>

<style>
	svg {
		display: block;
	}
	text {
		font: 600 13px var(--text);
		fill: var(--on-field);
	}
	.at {
		text-anchor: middle;
	}
	.tick {
		stroke: var(--band);
	}
	.there {
		stroke: var(--on-field);
		stroke-width: 1.5;
	}
	.under {
		stroke: var(--on-field);
		stroke-width: 7;
		stroke-linecap: round;
	}
	.hair {
		stroke-width: 4;
		stroke-linecap: round;
	}
	.full,
	.hollow {
		stroke: var(--on-field);
		stroke-width: 2;
	}
</style>
