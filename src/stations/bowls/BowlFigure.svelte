<script lang="ts">
	import { bowlFigure } from './figure';
	import type { MixBowl } from '../../model/visit/dayBowls';

	interface Props {
		bowl: MixBowl;
	}
	let { bowl }: Props = $props();
	const figure = $derived(bowlFigure(bowl.parts));
</script>

<svg viewBox="0 0 104 92" aria-hidden="true">
	<defs>
		<clipPath id="inside-{bowl.number}"><path d="M6 10C8 56 26 84 52 84S96 56 98 10Z" /></clipPath>
	</defs>
	<g clip-path="url(#inside-{bowl.number})">
		{#each figure.layers as layer (layer.key)}
			<rect x="0" width="104" y={layer.y} height={layer.height} class={layer.shade} />
		{/each}
	</g>
	<path class="rim" d="M2 10H102M6 10C8 56 26 84 52 84S96 56 98 10M34 84h36" />
	<text x="52" y={figure.numberY} text-anchor="middle">{bowl.number}</text>
</svg>

<style>
	svg {
		width: 100%;
	}
	.rim {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2.5;
		stroke-linecap: round;
	}
	.lightener {
		fill: var(--edge);
	}
	.developer {
		fill: var(--line);
	}
	.developer.second {
		fill: var(--sunk);
	}
	text {
		font-family: var(--figure);
		font-weight: 700;
		font-size: 22px;
		fill: var(--ink);
	}
</style>
