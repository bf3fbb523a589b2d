<script lang="ts">
	import type { AreaName } from '../../core/lift';
	import { HEAD_DRAWINGS } from './views';

	interface Props {
		/** Colour of the hair of every area, #rrggbb. */
		colours: Readonly<Record<AreaName, string>>;
		chosen: readonly AreaName[];
		/** What the map shows, in words. */
		label: string;
		ontoggle: (area: AreaName) => void;
	}
	let { colours, chosen, label, ontoggle }: Props = $props();
	const NAMES = { left: 'left', top: 'top', back: 'back', right: 'right' } as const;
</script>

<!-- Pointing is one way to choose; the list of areas beside the map is the one for keys and readers. -->
<div class="map" role="img" aria-label={label}>
	{#each HEAD_DRAWINGS as { name, outline, areas } (name)}
		<figure>
			<svg viewBox="4 2 96 118" class:mirrored={name === 'right'} aria-hidden="true">
				<path class="skin" d={outline} />
				{#each areas as { area, path } (area)}
					<path
						class="area"
						role="presentation"
						data-area={area}
						style:--hair={colours[area]}
						d={path}
						onclick={() => ontoggle(area)}
					/>
				{/each}
				{#each areas.filter(({ area }) => chosen.includes(area)) as { area, path } (area)}
					<path class="chosen" d={path} />
				{/each}
			</svg>
			<figcaption>{NAMES[name]}</figcaption>
		</figure>
	{/each}
</div>

<style>
	.map {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: 8px;
	}
	figure {
		margin: 0;
		min-width: 0;
	}
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	.mirrored {
		transform: scaleX(-1);
	}
	figcaption {
		text-align: center;
		font-size: 13px;
		line-height: 1.2;
	}
	.skin {
		fill: none;
		stroke: var(--on-field);
		stroke-width: 1.2;
		stroke-linecap: round;
		stroke-linejoin: round;
	}
	.area {
		fill: var(--hair);
		stroke: var(--field);
		stroke-width: 1.6;
		cursor: pointer;
	}
	.chosen {
		fill: none;
		stroke: var(--on-field);
		stroke-width: 3;
		stroke-linejoin: round;
		pointer-events: none;
	}
</style>
