<script lang="ts">
	import type { handAt, liftChart } from './liftChart';

	interface Props {
		hand: ReturnType<typeof handAt>;
		plot: ReturnType<typeof liftChart>['plot'];
		width: number;
		minute: number;
	}
	let { hand, plot, width, minute }: Props = $props();
</script>

<line class="hand" x1={hand.x} x2={hand.x} y1={plot.top - 6} y2={plot.bottomY + 8} />
<circle cx={hand.x} cy={hand.y} r="8" fill={hand.hex} class="dot" />
<g transform="translate({Math.min(Math.max(hand.x, 36), width - 36)} {plot.bottomY + 20})">
	<rect class="grip" x="-34" y="-13" width="68" height="27" rx="13.5" />
	<text class="grip-text" text-anchor="middle" y="5">{minute} min</text>
</g>

<style>
	.hand {
		stroke: var(--ink);
		stroke-width: 2;
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
</style>
